import { booking, placeBlock, type Placed } from './place';
import { nothingBooked, type Booked, type Shop } from './shop';

/** A whole plan: the steps of every job, and what it is worth. */
export interface Schedule {
  /** By job, in the order of the shop’s jobs. */
  readonly steps: readonly (readonly Placed[])[];
  readonly late: readonly number[];
  readonly weightedLate: number;
  /** Minutes between the first and the last step of all jobs: the less, the less lies about. */
  readonly lying: number;
}

/** Locked steps first, so that nothing is put where they stand. */
export function lockedBookings(shop: Shop): Booked {
  return shop.jobs.reduce(
    (booked, { blocks }) =>
      booking(
        booked,
        blocks.flat().flatMap((step): Placed[] =>
          step.at === null
            ? []
            : [
                {
                  step,
                  start: step.at,
                  end: step.at + step.minutes,
                  person: step.hands[0] ?? -1,
                },
              ],
        ),
      ),
    nothingBooked(shop),
  );
}

/** How a plan came about, block by block, so that one that begins alike need not be made from the first. */
export interface Trail {
  readonly order: readonly number[];
  readonly placed: readonly (readonly Placed[])[];
  /** What was booked before each block. */
  readonly booked: readonly Booked[];
}

export type SerialResult =
  | { readonly ok: true; readonly schedule: Schedule; readonly trail: Trail }
  | { readonly ok: false; readonly job: string };

/**
 * Serial generation: blocks go in one after the other, each at its earliest place among those before it.
 * Source: Kolisch and Hartmann, serial schedule generation scheme.
 * @param order indexes of jobs, one for each block, in which they go in
 * @param before a plan whose beginning may be the same
 */
export function serially(
  shop: Shop,
  order: readonly number[],
  locked: Booked,
  before?: Trail,
): SerialResult {
  const steps: Placed[][] = shop.jobs.map(() => []);
  const next = shop.jobs.map(() => 0);
  const trail: { placed: (readonly Placed[])[]; booked: Booked[] } = { placed: [], booked: [] };
  let booked = locked;
  let isAlike = before !== undefined;
  for (const [k, at] of order.entries()) {
    const job = shop.jobs[at];
    const block = job?.blocks[next[at] ?? 0];
    const own = steps[at];
    if (!job || !block || !own) continue;
    isAlike &&= before?.order[k] === at;
    const known = isAlike ? before?.placed[k] : undefined;
    const placed = known ?? placeBlock(block, own.at(-1)?.end ?? 0, shop, booked);
    if (!placed) return { ok: false, job: job.id };
    own.push(...placed);
    next[at] = (next[at] ?? 0) + 1;
    trail.placed.push(placed);
    trail.booked.push(booked);
    const alike = known ? before?.booked[k + 1] : undefined;
    booked =
      alike ??
      booking(
        booked,
        placed.filter(({ step }) => step.at === null),
      );
  }
  return { ok: true, schedule: worth(shop, steps), trail: { order, ...trail } };
}

/** Every job whole, in this order of jobs. */
export function jobByJob(shop: Shop, jobs: readonly number[]): readonly number[] {
  return jobs.flatMap((at) => (shop.jobs[at]?.blocks ?? []).map(() => at));
}

export function worth(shop: Shop, steps: readonly (readonly Placed[])[]): Schedule {
  const late = shop.jobs.map(({ due }, i) => Math.max(0, (steps[i]?.at(-1)?.end ?? 0) - due));
  return {
    steps,
    late,
    weightedLate: late.reduce((sum, one, i) => sum + one * (shop.jobs[i]?.weight ?? 1), 0),
    lying: steps.reduce((sum, own) => {
      const first = own[0];
      const last = own.at(-1);
      return first && last ? sum + last.end - first.start : sum;
    }, 0),
  };
}

/** Less late goes before, then less lying about. */
export function isBetter(a: Schedule, b: Schedule): boolean {
  if (Math.abs(a.weightedLate - b.weightedLate) > 1e-6) return a.weightedLate < b.weightedLate;
  return a.lying < b.lying - 1e-6;
}
