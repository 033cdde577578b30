import { DAY_MS, MINUTE_MS } from '@/core/basics/time';
import type { Allocation } from './allocation';
import type { MoldUse } from './moldUse';
import type { PlanJob, PlanPerson, PlanProblem, PlanStep } from './problem';

/** A step that the maker put somewhere. */
export interface PlanLock {
  readonly job: string;
  readonly step: string;
  /** ISO 8601. */
  readonly at: string;
}

export interface OrdersQuestion {
  readonly cover: Allocation;
  readonly startIso: string;
  readonly people: readonly PlanPerson[];
  readonly machines: Readonly<Record<string, number>>;
  readonly trayPlaces: number;
  /** Cavities of each mold of the shelf. */
  readonly molds: Readonly<Record<string, number>>;
  readonly zoneMin: number;
  readonly zones: PlanProblem['zones'];
  readonly cushionMin: number;
  readonly stepsOf: (bowl: Allocation['toMake'][number]) => readonly PlanStep[];
  /** Milliseconds at which a drying batch is dry, the careful end; null where it never is. */
  readonly dryAtMs: (batchId: string) => number | null;
  /** Tray places a drying batch takes. */
  readonly placesOf: (batchId: string) => number;
  /** The mold a drying batch still lies in; null when it is out of it. */
  readonly moldOf: (batchId: string) => MoldUse | null;
  readonly locks: readonly PlanLock[];
}

/** A batch that will not dry here is looked at again in so many days. */
const NEVER_DAYS = 60;

/** Jobs of a plan for open orders: bowls to make, batches that dry, and what only has to be wrapped. */
export function problemFor(asked: OrdersQuestion): PlanProblem {
  const startMs = Date.parse(asked.startIso);
  const { cover } = asked;
  const iso = (ms: number) => new Date(ms).toISOString();
  const plain = { person: false, trayPlaces: 0, cavities: 0, waitMinMin: 0, waitMaxMin: null };
  const pack = (minutes: number): PlanStep => ({
    ...plain,
    id: 'pack',
    minutes: Math.max(5, Math.ceil(minutes)),
    person: true,
  });
  const makes = cover.toMake.map((bowl): PlanJob => ({
    id: bowl.id,
    due: iso(bowl.dueMs),
    weight: 1,
    steps: [...asked.stepsOf(bowl)],
  }));
  const dries = [...cover.coming].map(([batchId, { wrapMinutes, dueMs }]): PlanJob => {
    const mold = asked.moldOf(batchId);
    const dryMs = asked.dryAtMs(batchId) ?? startMs + NEVER_DAYS * DAY_MS;
    return {
      id: batchId,
      due: iso(dueMs),
      weight: 1,
      steps: [
        {
          ...plain,
          id: 'dry',
          minutes: Math.max(1, Math.ceil((dryMs - startMs) / MINUTE_MS)),
          trayPlaces: Math.min(asked.trayPlaces, asked.placesOf(batchId)),
          ...(mold?.keeps === 'while-drying' && { mold: mold.id, cavities: mold.cavities }),
          at: asked.startIso,
        },
        pack(wrapMinutes),
      ],
    };
  });
  const wraps = cover.orders
    .filter(({ wrapMinutes }) => wrapMinutes > 0)
    .map(({ order, wrapMinutes }): PlanJob => ({
      id: order.id,
      due: iso(Date.parse(order.due)),
      weight: 1,
      steps: [pack(wrapMinutes)],
    }));
  const locked = (job: PlanJob): PlanJob => ({
    ...job,
    steps: job.steps.map((step) => {
      const lock = asked.locks.find((one) => one.job === job.id && one.step === step.id);
      return lock && Date.parse(lock.at) >= startMs ? { ...step, at: lock.at } : step;
    }),
  });
  return {
    start: asked.startIso,
    people: [...asked.people],
    machines: { ...asked.machines },
    trayPlaces: asked.trayPlaces,
    molds: { ...asked.molds },
    zoneMin: asked.zoneMin,
    zones: [...asked.zones],
    cushionMin: asked.cushionMin,
    jobs: [...makes, ...dries, ...wraps].map(locked),
  };
}
