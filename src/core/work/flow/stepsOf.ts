import { counted, formatCount } from '@/core/basics/format/numbers';
import { formatMass } from '@/core/basics/format/quantities';
import { ML_PER_US_TEASPOON } from '@/core/basics/units/volume';
import { allLines } from '@/core/formula/model/edit';
import { listed } from '@/core/basics/format/names';
import { thePart } from '@/core/formula/model/messages';
import { isInside } from '@/core/formula/model/parts';
import type { FormulaBody, Line, Method, Part } from '@/core/formula/model/schema';
import type { BenchStep } from '../bench-steps/stepSchema';
import type { Tending } from '../bench-steps/tendings';
import { materialById, type Catalog } from '@/core/matter/materials/catalog';
import type { Material } from '@/core/matter/materials/material';
import { moldName } from '../scaling/moldNames';
import type { PlannedLine } from '../scaling/planLines';
import type { PlannedSet } from '../scaling/plan';
import { laneOf } from './lane';
import { formingMinutes } from './minutes';
import { ownWords } from './ownWords';
import { partedBowl } from './split';
import type { Operation, WorkFacts } from './types';
import { sayOperation } from './messages';
import { weighStep, type BenchFacts, type LotsByLine } from './weighStep';
import { workOf } from './workOf';

/** A short spray is three to four squirts. Common practice. */
const SQUIRTS_A_SPRAY = 3;
const USUAL_SQUIRT_G = 0.7;

const ROOM: BenchStep = {
  id: 'room',
  kind: 'room',
  title: 'The room',
  note: 'Humidity shifts the moisture range of this batch.',
};

const TENDED: Readonly<Partial<Record<Operation['op'], Tending>>> = {
  turn: 'turn',
  unmold: 'turn',
  ice: 'ice',
  paint: 'paint',
  wrap: 'wrap',
  jar: 'wrap',
};

/**
 * The work of a formula as the screens of the bench, in its order: the room first, then one screen an operation; what
 * waits for the days after comes last. Resting, opening and the tray are told where the pieces are pressed.
 * @param planned the scaled lines of this same body
 * @param lots lots each line is taken from, by line id
 */
export function planSteps(
  body: FormulaBody,
  planned: readonly PlannedLine[],
  bench: BenchFacts,
  lots: LotsByLine = {},
): readonly BenchStep[] {
  const facts = workFacts(body, planned, bench);
  const { operations } = workOf(body, facts);
  const said = ownWords(operations, body, bench.catalog);
  const frozen = freezer(body, planned, bench, lots, facts, said);
  const now = operations.filter(({ isLater }) => !isLater).flatMap(frozen);
  const later = operations.filter(({ isLater }) => isLater).flatMap(frozen);
  return [ROOM, ...now, ...markedFirst(later)];
}

/** What waits for the tray and the next day. */
export function laterSteps(body: FormulaBody, catalog: Catalog): readonly BenchStep[] {
  const bench = { catalog, pieceG: 0, pieces: 1, stepG: 1 };
  return planSteps(body, [], bench).filter(({ kind }) => kind === 'later');
}

export function workFacts(
  { method }: FormulaBody,
  planned: readonly PlannedLine[],
  bench: BenchFacts,
): WorkFacts {
  return {
    catalog: bench.catalog,
    pieces: bench.pieces,
    fillMin: fillMinutes(method, bench),
    weighG: new Map(planned.map(({ lineId, weighG }) => [lineId, weighG])),
    counted: new Set(planned.flatMap(({ lineId, counted }) => (counted ? [lineId] : []))),
  };
}

/** Minutes to fill and form, mold by mold. */
function fillMinutes(method: Method, { sets = [], pieces, shelfMold }: BenchFacts): number {
  const cavitiesOf = (moldId: string | null) =>
    moldId === null ? null : (shelfMold?.(moldId)?.cavities ?? null);
  if (sets.length === 0) return formingMinutes(method, pieces, null);
  return sets.reduce(
    (sum, set) => sum + formingMinutes(method, set.pieces, cavitiesOf(set.moldId)),
    0,
  );
}

/** The bench ends at the first thing of the days after: that one comes before what is weighed for it. */
function markedFirst(later: readonly BenchStep[]): readonly BenchStep[] {
  const result: BenchStep[] = [];
  let waiting: BenchStep[] = [];
  for (const step of later) {
    if (step.kind !== 'later') waiting.push(step);
    else {
      result.push(step, ...waiting);
      waiting = [];
    }
  }
  return [...result, ...waiting.filter(() => result.length > 0)];
}

function freezer(
  body: FormulaBody,
  planned: readonly PlannedLine[],
  bench: BenchFacts,
  lots: LotsByLine,
  facts: WorkFacts,
  said: ReadonlyMap<string, readonly string[]>,
): (operation: Operation) => readonly BenchStep[] {
  const lines = new Map(allLines(body).map((line) => [line.id, line]));
  const plans = new Map(planned.map((line) => [line.lineId, line]));
  const materialOf = ({ materialId }: Line): Material => materialById(bench.catalog, materialId);
  const parted = partedBowl(body, facts);
  const share = parted?.share ?? null;
  const bowl = { share, isParted: parted?.isBeforeAcid ?? false, weighG: facts.weighG };
  return (operation) => {
    const { title, note: usual } = sayOperation(operation, body, bench.catalog, bowl);
    const own = said.get(operation.id) ?? [];
    const withOwn = (told: string) =>
      [sentenceEnded(told, own.length > 0), ...own.map((words) => `You wrote: “${words}”`)]
        .join(' ')
        .trim();
    const note = withOwn(usual);
    const lane = laneOf(operation, body);
    const base = { id: operation.id, title, note, lane };
    switch (operation.op) {
      case 'weigh': {
        const [line, twin] = operation.lineIds.flatMap((id) => lines.get(id) ?? []);
        if (!line) return [];
        const step = weighStep(operation, line, twin, { plans, lots, bench, materialOf, body });
        return [{ ...step, note: withOwn(step.note) }];
      }
      case 'mix':
        return [{ ...base, kind: 'mix', seconds: Math.max(1, Math.round(operation.minutes * 60)) }];
      case 'squeeze':
        return [{ ...base, kind: 'squeeze', acidIn: operation.saying !== 'squeeze-before' }];
      case 'spray': {
        const sprayed = operation.lineIds.flatMap((id) => lines.get(id) ?? []);
        const gramsOf = ({ id, massG }: Line) => plans.get(id)?.weighG ?? massG;
        const targetG = sprayed.reduce((sum, one) => sum + gramsOf(one), 0);
        const [line] = sprayed;
        const where = {
          ...(operation.vessel.kind === 'second-bowl' && { bowl: 2 as const }),
          ...(sprayed.length > 1 &&
            targetG > 0 && {
              shares: sprayed.map((one) => ({
                lineId: one.id,
                fraction: gramsOf(one) / targetG,
              })),
            }),
        };
        return [
          line && operation.saying === 'by-spoon'
            ? { ...spoonStep(base, line, targetG, materialOf(line)), ...where }
            : { ...sprayStep(base, line, targetG, bench), ...where },
        ];
      }
      case 'part':
        return [{ ...base, kind: 'split', share: share ?? 0.5 }];
      case 'fill':
        return pressSteps(base, bench, colorsEach(body, facts));
      case 'count':
        return operation.isLater ? [] : [{ ...base, kind: 'count' }];
      case 'rest':
        return operation.saying === 'keep-dry' || operation.saying === 'own'
          ? [{ ...base, kind: 'do' }]
          : [];
      case 'unmold':
      case 'tray':
        if (operation.saying === 'spread' || operation.saying === 'own')
          return [{ ...base, kind: 'do' }];
        return operation.isLater ? [{ ...base, kind: 'later', what: 'turn' }] : [];
      case 'dry':
        return [];
      default: {
        const what = TENDED[operation.op];
        return operation.isLater && what
          ? [{ ...base, kind: 'later', what }]
          : [
              {
                ...base,
                kind: 'do',
                ...(operation.waitMinMin > 0 && { waitS: Math.round(operation.waitMinMin * 60) }),
              },
            ];
      }
    }
  };
}

/** `into a jar, to wait` ends before the maker's own words begin. */
function sentenceEnded(text: string, goesOn: boolean): string {
  return goesOn && text !== '' && !text.endsWith('.') ? `${text}.` : text;
}

/** Grams of each color in a piece of so many grams, in a sentence; empty for a mix of one color. */
function colorsEach({ parts }: FormulaBody, { weighG }: WorkFacts): (pieceG: number) => string {
  const gramsOf = ({ lines }: Part) =>
    lines.reduce((sum, { id, massG }) => sum + (weighG.get(id) ?? massG), 0);
  const colors = parts.filter(
    ({ kind, lines }) => lines.length > 0 && (kind === 'main' || kind === 'split'),
  );
  const inside = parts.filter((part) => part.lines.length > 0 && isInside(part));
  const allG = inside.reduce((sum, part) => sum + gramsOf(part), 0);
  if (colors.length < 2 || !(allG > 0)) return () => '';
  return (pieceG) =>
    `Put ${listed(
      colors.map((part) => `${formatMass((pieceG * gramsOf(part)) / allG, 0)} of ${thePart(part)}`),
    )} in each piece.`;
}

/** One screen a mold. */
function pressSteps(
  base: Pick<BenchStep, 'id' | 'title' | 'note' | 'lane'>,
  bench: BenchFacts,
  colors: (pieceG: number) => string,
): readonly BenchStep[] {
  const { sets = [], pieceG, pieces, stepG } = bench;
  const filled = sets.filter((set) => set.pieces > 0);
  const isOne = filled.length < 2;
  const noted = (each: number, set: PlannedSet | undefined) =>
    [base.note, set && strokes(set, bench), colors(each)].filter(Boolean).join(' ');
  if (isOne)
    return [
      { ...base, note: noted(pieceG, filled[0]), kind: 'press', targetG: pieceG, stepG, pieces },
    ];
  return filled.map((set, i) => ({
    ...base,
    note: noted(set.pieceG, set),
    id: i === 0 ? base.id : `${base.id}:${i + 1}`,
    title: set.isSampler
      ? `Minis from the rest, ${moldName(set, bench.shelfMold)}`
      : `${base.title}, ${moldName(set, bench.shelfMold)}`,
    kind: 'press',
    targetG: set.pieceG,
    stepG,
    pieces: set.pieces,
    ...(set.isSampler && { isSampler: true }),
  }));
}

/** `Plate of 32: 2 strokes of 32.` for a mold of the shelf that makes several at once. */
function strokes(set: PlannedSet, { shelfMold }: BenchFacts): string {
  const shelved = set.moldId === null ? null : (shelfMold?.(set.moldId) ?? null);
  if (!shelved) return '';
  const { name, cavities } = shelved;
  return cavities > 1
    ? `${name}: ${counted(Math.ceil(set.pieces / cavities), 'filling')} of ${formatCount(cavities)}.`
    : `Mold: ${name}.`;
}

function spoonStep(
  base: Pick<BenchStep, 'id' | 'title' | 'note' | 'lane'>,
  line: Line,
  targetG: number,
  { trueDensityGMl }: Material,
): BenchStep {
  const spoonG = ML_PER_US_TEASPOON * trueDensityGMl.value;
  const spoons = Math.max(1, Math.round(targetG / spoonG));
  return {
    ...base,
    note: `The recipe says ${formatMass(targetG, 1)}, about ${counted(spoons, 'teaspoon')}. ${base.note}`,
    kind: 'spray',
    materialId: line.materialId,
    squirts: 1,
    lineId: line.id,
    targetG,
    spoonG,
  };
}

function sprayStep(
  base: Pick<BenchStep, 'id' | 'title' | 'note' | 'lane'>,
  line: Line | undefined,
  targetG: number,
  { squirtG = () => USUAL_SQUIRT_G }: BenchFacts,
): BenchStep {
  if (!line) return { ...base, kind: 'spray', materialId: 'water', squirts: SQUIRTS_A_SPRAY };
  const squirts = Math.max(1, Math.round(targetG / squirtG(line.materialId)));
  return {
    ...base,
    note: `The recipe says ${formatMass(targetG, 1)}, about ${counted(squirts, 'squirt')} of yours. ${base.note}`,
    kind: 'spray',
    materialId: line.materialId,
    squirts: SQUIRTS_A_SPRAY,
    lineId: line.id,
    targetG,
  };
}
