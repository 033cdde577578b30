import { latestVersion } from '@/core/formula/model/versions';
import { newId } from '@/core/basics/newId';
import type { Formula } from '@/core/formula/model/schema';
import type { BenchStep } from '@/core/work/bench-steps/stepSchema';
import { planSteps } from '@/core/work/flow/stepsOf';
import type { LotsByLine, ShelvedMold } from '@/core/work/flow/weighStep';
import type { Catalog } from '@/core/matter/materials/catalog';
import type { ScalePlan } from '@/core/work/scaling/plan';
import type { ScaleRequest } from '@/core/work/scaling/requestSchema';
import { markVoided, settlingEntries } from './settled';
import type { BenchScale } from '@/core/work/weighing/scales';
import { AFTER_BENCH } from './kinds';
import type { Batch, FrozenReadings, NewEntry } from './schema';

export interface BatchStart {
  readonly catalog: Catalog;
  readonly formula: Formula;
  readonly request: ScaleRequest;
  readonly plan: ScalePlan;
  /** Lots each line is taken from, by line id. */
  readonly lots?: LotsByLine;
  /** Whole pieces of this bowl; those of the plan when it is the only one. */
  readonly pieces?: number;
  /** Which bowl of the plan, from 0. */
  readonly bowl?: number;
  readonly readings: FrozenReadings;
  /** That stand on the bench. */
  readonly scales?: readonly BenchScale[];
  /** Of the maker's own sprayers, by what stands in them. */
  readonly squirtG?: (materialId: string) => number;
  readonly shelfMold?: (moldId: string) => ShelvedMold | null;
  readonly code: string;
  /** Not for sale. */
  readonly isOwnUse?: boolean;
  /** ISO 8601 with zone. */
  readonly now: string;
}

/**
 * Opens the record of a batch, one bowl of the plan: freezes the newest kept version, the plan and the steps.
 * @throws RangeError when the formula has no kept version
 */
export function startBatch(start: BatchStart): Batch {
  const { formula, request, plan, readings, code, now } = start;
  const sets = setsOf(start);
  const version = latestVersion(formula);
  if (!version) throw new RangeError(`formula ${formula.name} must have a kept version to be made`);
  return {
    id: newId(),
    code,
    origin: 'own',
    formulaId: formula.id,
    formulaName: formula.name,
    versionNumber: version.number,
    body: version.body,
    request,
    plan: {
      totalG: plan.bowlG,
      pieces: start.pieces ?? plan.pieces,
      pieceG: plan.pieceG,
      ...(sets.length > 1 && { sets: sets.map((set) => storedSet(set, start.shelfMold)) }),
      lines: plan.lines.map(({ lineId, partId, materialId, exactG, targetG, stepG }) => ({
        lineId,
        partId,
        materialId,
        exactG,
        targetG,
        stepG,
      })),
    },
    readings,
    steps: [
      ...planSteps(
        version.body,
        plan.lines,
        {
          catalog: start.catalog,
          pieceG: plan.pieceG,
          pieces: start.pieces ?? plan.pieces,
          sets,
          stepG: request.scaleStepG,
          scales: start.scales ?? [],
          ...(start.squirtG && { squirtG: start.squirtG }),
          ...(start.shelfMold && { shelfMold: start.shelfMold }),
        },
        start.lots,
      ),
    ],
    currentStep: 0,
    entries: [],
    startedAt: now,
    finishedAt: null,
    outcome: 'at-the-bench',
    ...(start.isOwnUse && { isOwnUse: true }),
  };
}

type StoredSet = NonNullable<Batch['plan']['sets']>[number];

/** With the name its mold has today, so that the record outlives the shelf. */
function storedSet(
  { mold, moldId, pieces, pieceG, netG, isSampler }: ScalePlan['sets'][number],
  shelfMold: BatchStart['shelfMold'],
): StoredSet {
  const name = moldId === null ? undefined : shelfMold?.(moldId)?.name;
  return {
    mold,
    ...(moldId !== null && { moldId }),
    ...(name !== undefined && { name }),
    pieces,
    pieceG,
    netG,
    isSampler,
  };
}

/** What this bowl fills of each mold: the first takes what is not the others'. */
function setsOf({ plan, pieces = plan.pieces, bowl = 0 }: BatchStart): ScalePlan['sets'] {
  const [first, ...others] = plan.sets;
  if (!first || others.length === 0) return first ? [{ ...first, pieces }] : [];
  const own = others.map((set) => ({
    ...set,
    pieces: Math.floor(set.pieces / plan.bowlCount) + (bowl < set.pieces % plan.bowlCount ? 1 : 0),
  }));
  const paid = own.reduce((sum, set) => (set.isSampler ? sum : sum + set.pieces), 0);
  return [{ ...first, pieces: Math.max(0, pieces - paid) }, ...own];
}

/** The step in hand, or null when all that is done at the bench is done. */
export function currentStep(batch: Batch): BenchStep | null {
  const step = batch.steps[batch.currentStep];
  return step === undefined || step.kind === 'later' ? null : step;
}

/** Steps of the bench itself; what waits for the tray, and what is weighed for it then, does not count. */
export function benchSteps(batch: Batch): readonly BenchStep[] {
  const first = batch.steps.findIndex(({ kind }) => kind === 'later');
  return first < 0 ? batch.steps : batch.steps.slice(0, first);
}

/** What is weighed and mixed when the pieces are ready for it: the steps behind their tending, up to the next one. */
export function stepsFor(batch: Batch, laterId: string): readonly BenchStep[] {
  const at = batch.steps.findIndex(({ kind, id }) => kind === 'later' && id === laterId);
  if (at < 0) return [];
  const behind = batch.steps.slice(at + 1);
  const next = behind.findIndex(({ kind }) => kind === 'later');
  return next < 0 ? behind : behind.slice(0, next);
}

/** Writes an entry for the step in hand (or for the batch as a whole once all are done). */
export function record(batch: Batch, entry: NewEntry, now: string, id = newId()): Batch {
  const stepId = currentStep(batch)?.id ?? AFTER_BENCH;
  return {
    ...batch,
    entries: [...batch.entries, { ...entry, id, at: now, stepId, voidedAt: null }],
  };
}

/** Writes the entry that settles the step and goes on; what settled it before is struck. The last step ends the batch. */
export function settleStep(batch: Batch, entry: NewEntry, now: string): Batch {
  const step = currentStep(batch);
  if (!step) return batch;
  const recorded = record(strikeSettling(batch, step.id, now), entry, now);
  const moved = { ...recorded, currentStep: batch.currentStep + 1 };
  const isLast = currentStep(moved) === null;
  return {
    ...moved,
    finishedAt: isLast ? now : null,
    outcome: isLast ? 'made' : 'at-the-bench',
  };
}

/** One step back; nothing is struck until the step is settled again. */
export function goBack(batch: Batch): Batch {
  if (batch.currentStep === 0 || batch.outcome !== 'at-the-bench') return batch;
  return { ...batch, currentStep: batch.currentStep - 1 };
}

/** Goes on past a step that already stands settled, writing nothing new. */
export function goOn(batch: Batch): Batch {
  const step = currentStep(batch);
  const isSettled = step && settlingEntries(batch, step.id).length > 0;
  return isSettled && batch.currentStep + 1 < benchSteps(batch).length
    ? { ...batch, currentStep: batch.currentStep + 1 }
    : batch;
}

/** To a step of its own: back as far as asked, forward as far as steps stand settled. @param index from 0 */
export function goTo(batch: Batch, index: number): Batch {
  const next =
    batch.currentStep > index ? goBack(batch) : batch.currentStep < index ? goOn(batch) : batch;
  return next === batch ? batch : goTo(next, index);
}

/** Ends a batch that will not be finished; everything written stays. */
export function giveUp(batch: Batch, now: string): Batch {
  return { ...batch, outcome: 'given-up', finishedAt: now };
}

function strikeSettling(batch: Batch, stepId: string, now: string): Batch {
  return settlingEntries(batch, stepId).reduce(
    (struck, entry) => markVoided(struck, entry.id, now),
    batch,
  );
}
