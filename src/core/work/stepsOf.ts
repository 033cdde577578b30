import { allLines, type FormulaBody, type Line } from '../formula';
import { VESSEL_WORDS, type BenchStep, type LotUse, type Tending, type WeighStep } from '../making';
import { materialById, type Catalog, type Material } from '../materials';
import { describeMold, type PlannedLine, type PlannedSet } from '../scaling';
import { scaleFor, toleranceG, type BenchScale } from '../weighing';
import { isSetFat } from './routes';
import { splitShare } from './split';
import type { Operation, WorkFacts } from './types';
import { sayOperation } from './words';
import { workOf } from './workOf';

/** Lots by line id, in the order they are taken from. */
export type LotsByLine = Readonly<Record<string, readonly (LotUse & { readonly code: string })[]>>;

/** What the bench has to know beside the lines: the materials, one piece as it leaves the press, and the scales that stand there. */
export interface BenchFacts {
  readonly catalog: Catalog;
  readonly pieceG: number;
  readonly pieces: number;
  /** Mold by mold, where there is more than one; else the pieces and grams above. */
  readonly sets?: readonly PlannedSet[];
  /** Step of the scale the pieces are filled on. */
  readonly stepG: number;
  /** For what is weighed for two bowls at once; left out, the coarser of the two planned steps. */
  readonly scales?: readonly BenchScale[];
  /** Grams a squirt of the maker's sprayer gives. */
  readonly gramsPerSquirt?: number;
}

/** A short spray is three to four squirts. Common practice. */
const SQUIRTS_A_SPRAY = 3;
const USUAL_SQUIRT_G = 0.7;

const ROOM: BenchStep = {
  id: 'room',
  kind: 'room',
  title: 'The room',
  note: 'Humidity shifts the damp window for this batch.',
};

const TENDED: Readonly<Partial<Record<Operation['op'], Tending>>> = {
  turn: 'turn',
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
  const facts = workFacts(planned, bench);
  const { operations } = workOf(body, facts);
  const frozen = freezer(body, planned, bench, lots, facts);
  const now = operations.filter(({ isLater }) => !isLater).flatMap(frozen);
  const later = operations.filter(({ isLater }) => isLater).flatMap(frozen);
  return [ROOM, ...now, ...markedFirst(later)];
}

/** What waits for the tray and the next day. */
export function laterSteps(body: FormulaBody, catalog: Catalog): readonly BenchStep[] {
  const bench = { catalog, pieceG: 0, pieces: 1, stepG: 1 };
  return planSteps(body, [], bench).filter(({ kind }) => kind === 'later');
}

/** The lines that these steps weigh or spray, for a check that nothing is forgotten. */
export function weighedLineIds(steps: readonly BenchStep[]): readonly string[] {
  return steps.flatMap((step) => {
    if (step.kind === 'weigh') return step.shares?.map(({ lineId }) => lineId) ?? [step.lineId];
    return step.kind === 'spray' && step.lineId !== undefined ? [step.lineId] : [];
  });
}

export function workFacts(planned: readonly PlannedLine[], bench: BenchFacts): WorkFacts {
  return {
    catalog: bench.catalog,
    pieces: bench.pieces,
    weighG: new Map(planned.map(({ lineId, weighG }) => [lineId, weighG])),
    counted: new Set(planned.flatMap(({ lineId, counted }) => (counted ? [lineId] : []))),
  };
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
): (operation: Operation) => readonly BenchStep[] {
  const lines = new Map(allLines(body).map((line) => [line.id, line]));
  const plans = new Map(planned.map((line) => [line.lineId, line]));
  const materialOf = ({ materialId }: Line): Material => materialById(bench.catalog, materialId);
  return (operation) => {
    const share = operation.op === 'part' ? splitShare(body, facts) : null;
    const { title, note } = sayOperation(operation, body, bench.catalog, share);
    const lane = laneOf(operation, body);
    const base = { id: operation.id, title, note, lane };
    switch (operation.op) {
      case 'weigh': {
        const [line, twin] = operation.lineIds.flatMap((id) => lines.get(id) ?? []);
        return line
          ? [weighStep(operation, line, twin, { plans, lots, bench, materialOf, body })]
          : [];
      }
      case 'mix':
        return [{ ...base, kind: 'mix', seconds: Math.max(1, Math.round(operation.minutes * 60)) }];
      case 'squeeze':
        return [{ ...base, kind: 'squeeze', acidIn: operation.saying !== 'squeeze-before' }];
      case 'spray': {
        const [line] = operation.lineIds.flatMap((id) => lines.get(id) ?? []);
        return [sprayStep(base, line, line && plans.get(line.id), bench)];
      }
      case 'part':
        return [{ ...base, kind: 'split', share: share ?? 0.5 }];
      case 'fill':
        return pressSteps(base, bench);
      case 'count':
        return operation.isLater ? [] : [{ ...base, kind: 'count' }];
      case 'rest':
        return operation.saying === 'keep-dry' || operation.saying === 'own'
          ? [{ ...base, kind: 'do' }]
          : [];
      case 'unmold':
      case 'tray':
        return operation.saying === 'spread' || operation.saying === 'own'
          ? [{ ...base, kind: 'do' }]
          : [];
      case 'dry':
        return [];
      default: {
        const what = TENDED[operation.op];
        return operation.isLater && what
          ? [{ ...base, kind: 'later', what }]
          : [{ ...base, kind: 'do' }];
      }
    }
  };
}

/** One screen a mold. */
function pressSteps(
  base: Pick<BenchStep, 'id' | 'title' | 'note' | 'lane'>,
  { sets = [], pieceG, pieces, stepG }: BenchFacts,
): readonly BenchStep[] {
  const filled = sets.filter((set) => set.pieces > 0);
  if (filled.length < 2) return [{ ...base, kind: 'press', targetG: pieceG, stepG, pieces }];
  return filled.map((set, i) => ({
    ...base,
    id: i === 0 ? base.id : `${base.id}:${i + 1}`,
    title: `${set.isSampler ? 'Samplers from the rest' : base.title}, ${describeMold(set.mold)}`,
    kind: 'press',
    targetG: set.pieceG,
    stepG,
    pieces: set.pieces,
  }));
}

function sprayStep(
  base: Pick<BenchStep, 'id' | 'title' | 'note' | 'lane'>,
  line: Line | undefined,
  plan: PlannedLine | undefined,
  { gramsPerSquirt = USUAL_SQUIRT_G }: BenchFacts,
): BenchStep {
  if (!line) return { ...base, kind: 'spray', materialId: 'water', squirts: SQUIRTS_A_SPRAY };
  const targetG = plan?.weighG ?? line.massG;
  const squirts = Math.max(1, Math.round(targetG / gramsPerSquirt));
  return {
    ...base,
    note: `${targetG.toFixed(1)} g as written, about ${squirts} squirts of yours. ${base.note}`,
    kind: 'spray',
    materialId: line.materialId,
    squirts: SQUIRTS_A_SPRAY,
    lineId: line.id,
    targetG,
  };
}

interface Weighing {
  readonly plans: ReadonlyMap<string, PlannedLine>;
  readonly lots: LotsByLine;
  readonly bench: BenchFacts;
  readonly materialOf: (line: Line) => Material;
  readonly body: FormulaBody;
}

function weighStep(
  operation: Operation,
  line: Line,
  twin: Line | undefined,
  { plans, lots, bench, materialOf, body }: Weighing,
): WeighStep {
  const plan = plans.get(line.id);
  const twinPlan = twin && plans.get(twin.id);
  const ownG = plan?.weighG ?? line.massG;
  const twinG = twin ? (twinPlan?.weighG ?? twin.massG) : 0;
  const targetG = ownG + twinG;
  const stepG = twinPlan
    ? stepFor(targetG, bench.scales ?? [], Math.max(plan?.stepG ?? 0.1, twinPlan.stepG))
    : (plan?.stepG ?? 0.1);
  const material = materialOf(line);
  const into = intoWords(operation, body);
  return {
    id: operation.id,
    lane: laneOf(operation, body),
    kind: 'weigh',
    title:
      isSetFat(material) && operation.vessel.kind !== 'pan'
        ? `${material.name}, melted`
        : material.name,
    note: plan?.premix ? `as premix ${plan.premix.code}, ${into}` : into,
    lineId: line.id,
    materialId: line.materialId,
    vessel: operation.vessel.kind,
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
          { lineId: line.id, fraction: ownG / targetG },
          { lineId: twin.id, fraction: twinG / targetG },
        ],
      }),
  };
}

/** What its vessel is called: by its part, where that is not the main mix. */
function laneOf({ vessel, partId }: Operation, body: FormulaBody): string {
  const word = VESSEL_WORDS[vessel.kind];
  const part = body.parts.find(({ id }) => id === partId);
  const isShared = vessel.kind === 'mold' || vessel.kind === 'tray';
  return part && part !== body.parts[0] && !isShared ? `${part.name}, ${word}` : word;
}

/** Where it goes, and for what. */
function intoWords({ vessel, partId, isLater }: Operation, body: FormulaBody): string {
  const part = body.parts.find(({ id }) => id === partId);
  const isOwn = part && part !== body.parts[0];
  const forPart = isOwn ? `, for the ${part.name.toLowerCase()}` : '';
  const lid = part?.kind === 'paint' ? 'into a jar with a lid' : 'into its own dish';
  switch (vessel.kind) {
    case 'bowl':
      return 'into the bowl';
    case 'second-bowl':
      return 'into the second bowl';
    case 'dish':
      return `${isOwn ? lid : 'into a dish, for the top'}${forPart}${isLater ? ', when the pieces are ready' : ''}`;
    case 'cup':
      return `into a cup${forPart}`;
    case 'pan':
      return `into the pan${forPart}`;
    case 'jar':
      return `into a jar, to stand${forPart}`;
    case 'beaker':
      return isOwn ? `into a small beaker${forPart}` : 'into the wet beaker';
    case 'spray-bottle':
      return `into the spray bottle${forPart}`;
    case 'mold':
      return 'into the mold';
    case 'tray':
      return 'onto the tray';
  }
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
