import { formatMass } from '@/core/basics/format/quantities';
import { formatTimer } from '@/core/basics/format/durations';
import { CAUTION_BY_TRAIT } from '@/core/matter/materials/knowledge';
import { materialById, type Catalog } from '@/core/matter/materials/catalog';
import type { Trait } from '@/core/matter/materials/types';
import { readoutOf } from '../weighing/readout';
import { sayCounted } from '../weighing/counted';
import type { BenchStep, WeighStep } from './stepSchema';

/** One line of a bench sheet, ready to be drawn or printed. */
export interface SheetRow {
  readonly stepId: string;
  readonly kind: BenchStep['kind'];
  readonly title: string;
  readonly note: string;
  /** `18.3 g`, `14 drops`; empty for a step that weighs nothing. */
  readonly amount: string;
  /** The amount in the person's own unit, where the scale has another one: `0.65 oz`. */
  readonly beside: string;
  /** `± 0.4 g`; empty likewise. */
  readonly tolerance: string;
  /** Codes of the lots, with grams where it takes more than one. */
  readonly lots: string;
}

/** Traits whose cautions belong beside the bench, gravest first. */
const BENCH_TRAITS: readonly Trait[] = [
  'not-for-skin',
  'strong-alkali',
  'irritating-dust',
  'flammable',
  'menthol',
  'sulfide-with-acid',
];

/** The steps of a batch in the order of the work, as a sheet of paper has them. */
export function sheetRows(steps: readonly BenchStep[]): readonly SheetRow[] {
  return inOrderOfHands(steps).map((step) => ({
    stepId: step.id,
    kind: step.kind,
    title: step.title,
    note: step.note,
    ...(step.kind === 'weigh'
      ? weighed(step)
      : {
          amount: step.kind === 'mix' ? formatTimer(step.seconds) : '',
          beside: '',
          tolerance: '',
          lots: '',
        }),
  }));
}

/** What is weighed and mixed for a step of the days after stands behind it in the record, and before it on paper. */
function inOrderOfHands(steps: readonly BenchStep[]): readonly BenchStep[] {
  const ordered: BenchStep[] = [];
  let waiting: BenchStep | null = null;
  for (const step of steps) {
    if (step.kind !== 'later') ordered.push(step);
    else {
      if (waiting) ordered.push(waiting);
      waiting = step;
    }
  }
  return waiting ? [...ordered, waiting] : ordered;
}

/** What to mind at the bench with these materials; common practice. */
export function benchCautions(steps: readonly BenchStep[], catalog: Catalog): readonly string[] {
  const materials = steps.flatMap((step) =>
    step.kind === 'weigh' ? [materialById(catalog, step.materialId)] : [],
  );
  const said = BENCH_TRAITS.flatMap((trait) => {
    const named = [
      ...new Set(materials.filter(({ traits }) => traits.includes(trait)).map(({ name }) => name)),
    ];
    const caution = CAUTION_BY_TRAIT[trait];
    return named.length > 0 && caution ? [`${named.join(', ')}: ${caution}`] : [];
  });
  return [...said, 'Never close a wet or just-pressed mix in a tight jar. It makes gas.'];
}

/** A band narrower than a step of the scale is said as it is, and never as nothing. */
function sayBand(toleranceG: number, stepG: number): string {
  return `± ${toleranceG < stepG ? formatMass(toleranceG) : readoutOf(stepG).say(toleranceG)}`;
}

function weighed({ targetG, toleranceG, stepG, counted, lots }: WeighStep) {
  const { say, beside } = readoutOf(stepG, targetG);
  return {
    amount: counted === null ? say(targetG) : sayCounted(counted),
    beside: counted === null ? beside(targetG) : '',
    tolerance: counted === null ? sayBand(toleranceG, stepG) : '',
    lots:
      lots.length > 1
        ? lots.map(({ code, massG }) => `${code} ${say(massG)}`).join(' + ')
        : (lots[0]?.code ?? ''),
  };
}
