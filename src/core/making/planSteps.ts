import type { FormulaBody, Line, Part } from '../formula';
import { materialById, type Material } from '../materials';
import type { PlannedLine } from '../scaling';
import { scaleFor, toleranceG, type BenchScale } from '../weighing';
import { afterwards, pressing, type BenchFacts } from './afterwards';
import {
  COUNT,
  MIX_ACID,
  MIX_DRY,
  ROOM,
  SCRAPE,
  bloom,
  isBloomWater,
  isSetFat,
  mixSplit,
  needsBloom,
  prepareBeaker,
  sieve,
  soak,
  splitBowl,
  sprays,
  squeeze,
  wetIn,
} from './handwork';
import { splitOf, type Split } from './split';
import type { BenchStep, LotUse, Vessel, WeighStep } from './steps';

/** Lots by line id, in the order they are taken from. */
export type LotsByLine = Readonly<Record<string, readonly (LotUse & { readonly code: string })[]>>;

type Weigh = (line: Line, vessel: Vessel, note: string) => WeighStep;
type MaterialOf = (line: Line) => Material;

/**
 * The order of the work for a formula: room, powders, color, wet beaker, squeeze, acid, sprays, squeeze, press, count,
 * and what waits for the days after. With the school "all dry first" the acid is weighed with the powders and there
 * is one squeeze. The base of a split bowl is weighed once for both colors and parted before the press. Embed,
 * topping and the like are weighed into dishes of their own before the main mix is wet. Common practice.
 * @param planned the scaled lines of this same body
 * @param lots lots each line is taken from, by line id
 */
export function planSteps(
  body: FormulaBody,
  planned: readonly PlannedLine[],
  bench: BenchFacts,
  lots: LotsByLine = {},
): readonly BenchStep[] {
  const [main, ...others] = body.parts as [Part, ...Part[]];
  const materialOf: MaterialOf = ({ materialId }) => materialById(bench.catalog, materialId);
  const isBloomed = (line: Line) => needsBloom(materialOf(line));
  const split = splitOf(
    main,
    others.find(({ kind }) => kind === 'split'),
    planned,
    isBloomed,
  );
  const weigh = weigher(planned, lots, split, bench.scales ?? [], materialOf);
  const phase = (name: Line['phase']) =>
    main.lines.filter((line) => line.phase === name && !split?.ownOfMain.includes(line));
  const isAcidLast = body.school === 'acid-last';
  const colors = phase('color');
  const bloomWater = colors.some(isBloomed)
    ? phase('wet').find((line) => isBloomWater(materialOf(line)))
    : undefined;
  const beaker = phase('wet').filter((line) => line !== bloomWater);
  const acid = phase('acid').map((line) =>
    weigh(
      line,
      'bowl',
      isAcidLast ? 'onto the mix, all at once' : 'into the bowl with the powders',
    ),
  );
  const parted = split ? partBowl(split, weigh, isBloomed) : [];
  return [
    ROOM,
    ...phase('dry').map((line) => weigh(line, 'bowl', 'into the bowl')),
    ...(isAcidLast ? [] : acid),
    ...sieve(phase('dry').map(materialOf)),
    ...others
      .filter((part) => part !== split?.part)
      .flatMap((part) => part.lines.map((line) => weigh(line, 'dish', dishNote(part)))),
    ...[...colors, ...(bloomWater ? [bloomWater] : [])].map((line) =>
      weigh(line, 'bloom-cup', 'into the bloom cup'),
    ),
    ...bloom(colors.map(materialOf)),
    MIX_DRY,
    ...beaker.map((line) => weigh(line, 'beaker', 'into the wet beaker')),
    ...prepareBeaker(beaker.map(materialOf)),
    ...wetIn(beaker),
    ...soak(body, main.lines.map(materialOf)),
    ...(split?.isBeforeAcid ? parted : []),
    squeeze('squeeze-before', isAcidLast ? 'Squeeze, before the acid' : 'Squeeze', !isAcidLast),
    ...(isAcidLast && acid.length > 0
      ? [
          ...acid,
          ...(split?.acid.map((line) => weigh(line, 'second-bowl', 'onto the second bowl')) ?? []),
          MIX_ACID,
          ...sprays(body),
          squeeze('squeeze-after', 'Squeeze, acid in', true),
        ]
      : []),
    ...(split && !split.isBeforeAcid ? parted : []),
    ...phase('finish').map((line) => weigh(line, 'dish', 'for the top, in its own dish')),
    pressing(body, bench),
    COUNT,
    ...afterwards(body),
  ];
}

/** The steps that weigh the lines of this part of the body, for a check that nothing is forgotten. */
export function weighedLineIds(steps: readonly BenchStep[]): readonly string[] {
  return steps.flatMap((step) =>
    step.kind === 'weigh' ? (step.shares?.map(({ lineId }) => lineId) ?? [step.lineId]) : [],
  );
}

function weigher(
  planned: readonly PlannedLine[],
  lots: LotsByLine,
  split: Split | null,
  scales: readonly BenchScale[],
  materialOf: MaterialOf,
): Weigh {
  const byLine = new Map(planned.map((line) => [line.lineId, line]));
  return (line, vessel, note) => {
    const plan = byLine.get(line.id);
    const twin = split?.twins.get(line.id);
    const twinPlan = twin && byLine.get(twin.id);
    const targetG = (plan?.weighG ?? 0) + (twinPlan?.weighG ?? 0);
    const stepG = twinPlan
      ? stepFor(targetG, scales, Math.max(plan?.stepG ?? 0.1, twinPlan.stepG))
      : (plan?.stepG ?? 0.1);
    return {
      id: `weigh:${line.id}`,
      kind: 'weigh',
      title: titleOf(materialOf(line)),
      note: noteOf(note, plan),
      lineId: line.id,
      materialId: line.materialId,
      vessel,
      targetG,
      toleranceG: toleranceG(targetG, stepG),
      stepG,
      counted: plan?.counted ? { how: plan.counted.how, count: plan.counted.count } : null,
      premix: plan?.premix
        ? {
            lotId: plan.premix.lotId,
            code: plan.premix.code,
            strengthFraction: plan.premix.strengthFraction,
            carrierId: plan.premix.carrierId,
          }
        : null,
      lots: joined([...(lots[line.id] ?? []), ...(twin ? (lots[twin.id] ?? []) : [])]),
      ...(twin &&
        targetG > 0 && {
          shares: [
            { lineId: line.id, fraction: (plan?.weighG ?? 0) / targetG },
            { lineId: twin.id, fraction: (twinPlan?.weighG ?? 0) / targetG },
          ],
        }),
    };
  };
}

/** Two lines on one pan may want a scale that carries more. */
function stepFor(targetG: number, scales: readonly BenchScale[], planned: number): number {
  return scales.length > 0 ? scaleFor(targetG, scales).stepG : planned;
}

/** Each lot once, with all that is taken off it. */
function joined(uses: LotsByLine[string]): WeighStep['lots'] {
  const byLot = new Map<string, WeighStep['lots'][number]>();
  for (const use of uses) {
    const known = byLot.get(use.lotId);
    byLot.set(use.lotId, { ...use, massG: use.massG + (known?.massG ?? 0) });
  }
  return [...byLot.values()];
}

/** The bowl is parted, then each color goes into its own half. */
function partBowl(
  split: Split,
  weigh: Weigh,
  isBloomed: (line: Line) => boolean,
): readonly BenchStep[] {
  const named = split.part.name.toLowerCase();
  return [
    splitBowl(split.part, split.share),
    ...split.ownOfMain.map((line) => weigh(line, 'bowl', 'into the first bowl')),
    ...split.own.map((line) =>
      weigh(
        line,
        'second-bowl',
        `into the second bowl, for the ${named}${isBloomed(line) ? ', bloomed in a few drops of hot water' : ''}`,
      ),
    ),
    mixSplit(split.part),
    ...(split.ownOfMain.length > 0
      ? [{ ...SCRAPE, id: 'scrape-first', title: 'Mix the first bowl' }]
      : []),
  ];
}

function dishNote({ kind, name }: Part): string {
  const lid = kind === 'paint' ? 'in a jar with a lid' : 'in its own dish';
  return `for the ${name.toLowerCase()}, ${lid}`;
}

/** What the hands should know beside where it goes: a premix in place of the material. */
function noteOf(note: string, plan: PlannedLine | undefined): string {
  if (plan?.premix) return `as premix ${plan.premix.code}, ${note}`;
  return note;
}

function titleOf(material: Material): string {
  return isSetFat(material) ? `${material.name}, melted` : material.name;
}
