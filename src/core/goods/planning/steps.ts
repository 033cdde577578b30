import type { Operation } from '@/core/work/flow/types';
import { shellWaitMin, type MoldUse } from './moldUse';
import type { PlanStep } from './problem';

/** What a step of a batch is for. */
export const STEP_KINDS = ['ahead', 'mix', 'press', 'dry', 'dress', 'pack'] as const;
export type StepKind = (typeof STEP_KINDS)[number];

/** A mix is pressed so soon after it is ready, minutes: it dries while it waits. Common practice; the figure is ours. */
const PRESS_WITHIN_MIN = 30;
/** Nothing is planned finer. */
const LEAST_MIN = 5;

const FORMING = new Set(['lay', 'fill', 'unmold', 'tray', 'top']);
const DRESSING = new Set(['ice', 'paint']);
const PACKING = new Set(['jar', 'wrap']);

export interface StepFacts {
  /** Tray places its pieces take. */
  readonly places: number;
  /** Hours until they are dry, the careful end of the band; null where nothing is forecast. */
  readonly dryHours: number | null;
  /** Minutes a piece at the press that own batches teach; null for the usual ones. */
  readonly pressMinEach: number | null;
  readonly pieces: number;
  readonly wrapMinutes: number;
  /** By how much own mixing takes longer than usual, and 1 for the usual. */
  readonly mixFactor: number;
  readonly mold: MoldUse | null;
  readonly hasMixer: boolean;
  readonly hasPress: boolean;
}

type Draft = Omit<PlanStep, 'by' | 'at' | 'machine' | 'mold'> & { machine?: string; mold?: string };

/**
 * What is made ahead of a bowl, before its first step: minutes of hands, and the hours it stands until it may be used.
 * @param jobs what the shelf has not enough of
 */
export function withAheadSteps(
  steps: readonly PlanStep[],
  jobs: ReadonlyArray<{ readonly minutes: number; readonly readyH: number }>,
): readonly PlanStep[] {
  const [first, ...rest] = steps;
  if (!first || jobs.length === 0) return steps;
  const minutes = jobs.reduce((sum, job) => sum + job.minutes, 0);
  const waitMin = Math.max(...jobs.map(({ readyH }) => readyH * 60));
  const ahead = draft('ahead made', Math.max(LEAST_MIN, Math.ceil(minutes)), { person: true });
  return [
    ahead,
    { ...first, waitMinMin: Math.max(first.waitMinMin, waitMin), waitMaxMin: null },
    ...rest,
  ];
}

/** The work of one bowl as a plan takes it: operations that run into each other are one step; soaks and drying are waits. */
export function stepsFor(operations: readonly Operation[], facts: StepFacts): readonly PlanStep[] {
  const steps: Draft[] = [];
  const { mold } = facts;
  const holds = mold ? { mold: mold.id, cavities: mold.cavities } : {};
  const staysIn = mold?.keeps === 'while-drying';
  let kind: StepKind | null = null;
  let wait: { readonly min: number; readonly max: number | null } = { min: 0, max: null };
  for (const operation of operations) {
    // Turning is a minute beside other things.
    if (operation.op === 'turn' || operation.op === 'count') continue;
    const of = kindOf(operation, kind);
    if (of === 'dry') {
      const minutes =
        facts.dryHours !== null && !steps.some(({ id }) => id.startsWith('dry'))
          ? facts.dryHours * 60
          : operation.waitMinMin;
      steps.push(
        draft(`dry${count(steps, 'dry')}`, minutes, {
          trayPlaces: facts.places,
          waitMinMin: wait.min,
          // What dries in its mold goes up in it: nothing else is filled in between.
          ...(staysIn && { ...holds, waitMaxMin: wait.min }),
        }),
      );
      kind = 'dry';
      wait = { min: 0, max: null };
      continue;
    }
    const last = steps.at(-1);
    const machine =
      operation.needs === 'mixer' && facts.hasMixer
        ? 'mixer'
        : operation.needs === 'press' && facts.hasPress
          ? 'press'
          : undefined;
    if (
      last &&
      kind === of &&
      wait.min === 0 &&
      (last.machine === undefined || machine === undefined || machine === last.machine)
    ) {
      last.minutes += operation.minutes;
      if (machine !== undefined) last.machine = machine;
    } else {
      const max = of === 'press' && kind === 'mix' ? PRESS_WITHIN_MIN : wait.max;
      steps.push({
        ...draft(`${of}${count(steps, of)}`, operation.minutes, {
          person: true,
          waitMinMin: wait.min,
          waitMaxMin: max === null ? null : Math.max(max, wait.min),
        }),
        ...(machine !== undefined && { machine }),
        ...(of === 'press' && holds),
      });
    }
    if (of === 'dress' && operation.waitMinMin > 0) {
      // What was put on dries on its tray: nobody is needed, and its place is taken.
      steps.push(
        draft(`dry${count(steps, 'dry')}`, operation.waitMinMin, { trayPlaces: facts.places }),
      );
      kind = 'dry';
      wait = { min: 0, max: null };
      continue;
    }
    kind = of;
    wait =
      operation.waitMinMin > 0
        ? { min: operation.waitMinMin, max: operation.waitMaxMin }
        : { min: 0, max: null };
  }
  return steps.map((step) => ({
    ...step,
    minutes: minutesOf(step, facts, shellWait(operations, facts)),
  }));
}

function kindOf({ op, isLater, vessel }: Operation, before: StepKind | null): StepKind {
  // An infusion stands in its jar for days before the mix.
  if (op === 'infuse' || (op === 'weigh' && vessel.kind === 'jar')) return 'ahead';
  if (op === 'dry') return 'dry';
  // A mix rests before it is covered, a mold before it is opened.
  if (op === 'rest') return before ?? 'mix';
  if (PACKING.has(op)) return 'pack';
  if (DRESSING.has(op) || (isLater && !FORMING.has(op))) return 'dress';
  if (isLater) return before === 'dry' ? 'pack' : 'press';
  return FORMING.has(op) ? 'press' : 'mix';
}

function draft(id: string, minutes: number, rest: Partial<Draft>): Draft {
  return {
    id,
    minutes,
    person: false,
    trayPlaces: 0,
    cavities: 0,
    waitMinMin: 0,
    waitMaxMin: null,
    ...rest,
  };
}

function count(steps: readonly Draft[], kind: StepKind): string {
  const before = steps.filter(({ id }) => id.startsWith(kind)).length;
  return before === 0 ? '' : ` ${before + 1}`;
}

/** Minutes that hands stand before shells at rest. */
function shellWait(operations: readonly Operation[], { mold, pieces }: StepFacts): number {
  const fill = operations.find(({ op }) => op === 'fill');
  const rest = operations.find(({ op, vessel }) => op === 'rest' && vessel.kind === 'mold');
  if (!mold || !fill || !rest || pieces === 0) return 0;
  return shellWaitMin(pieces, mold.cavities, fill.minutes / pieces, rest.waitMinMin);
}

function minutesOf({ id, minutes }: Draft, facts: StepFacts, shellMin: number): number {
  if (id === 'press') {
    const own = facts.pressMinEach === null ? minutes : facts.pressMinEach * facts.pieces;
    return Math.max(LEAST_MIN, Math.ceil(own + shellMin));
  }
  if (kindOfStep(id) === 'mix') return Math.max(LEAST_MIN, Math.ceil(minutes * facts.mixFactor));
  if (id === 'pack') return Math.max(LEAST_MIN, Math.ceil(Math.max(minutes, facts.wrapMinutes)));
  return Math.max(LEAST_MIN, Math.ceil(minutes));
}

/** What a step is for, by its id. */
export function kindOfStep(id: string): StepKind {
  return STEP_KINDS.find((kind) => id.startsWith(kind)) ?? 'mix';
}
