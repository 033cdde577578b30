import { book, placeBlock, type Placed } from './place';
import { copyOfBooked, nothingBooked, type Booked, type Shop } from './shop';

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
  const booked = nothingBooked(shop);
  for (const { blocks } of shop.jobs)
    for (const step of blocks.flat())
      if (step.at !== null) {
        const person = step.hands[0] ?? -1;
        book(shop, booked, [{ step, start: step.at, end: step.at + step.minutes, person }]);
      }
  return booked;
}

/** How a plan came about, block by block, so that one that begins alike need not be made from the first. */
export interface Trail {
  readonly order: readonly number[];
  readonly placed: readonly (readonly Placed[])[];
  /** What was booked before every so many blocks. */
  readonly marks: readonly Booked[];
}
const MARK_EVERY = 12;

export type SerialResult =
  | { readonly ok: true; readonly schedule: Schedule; readonly trail: Trail }
  /** Not possible, or worse than was asked for. */
  | { readonly ok: false; readonly job: string };

/**
 * Serial generation: blocks go in one after the other, each at its earliest place among those before it.
 * Source: Kolisch and Hartmann, serial schedule generation scheme.
 * @param order indexes of jobs, one for each block, in which they go in
 * @param before a plan whose beginning may be the same
 * @param most weighted lateness, minutes, over which nobody wants the plan
 */
export function serially(
  shop: Shop,
  order: readonly number[],
  locked: Booked,
  before?: Trail,
  most = Infinity,
): SerialResult {
  const alike = before ? order.findIndex((at, k) => before.order[k] !== at) : 0;
  const kept = Math.floor((alike < 0 ? order.length : alike) / MARK_EVERY);
  const marks = before ? before.marks.slice(0, kept + 1) : [];
  const mark = marks[kept];
  const from = mark === undefined ? 0 : kept * MARK_EVERY;
  const booked = copyOfBooked(mark ?? locked);
  const steps: Placed[][] = shop.jobs.map(() => []);
  const next = shop.jobs.map(() => 0);
  const placed: (readonly Placed[])[] = [];
  let late = 0;
  for (let k = 0; k < order.length; k++) {
    const at = order[k] ?? 0;
    const job = shop.jobs[at];
    const block = job?.blocks[next[at] ?? 0];
    const own = steps[at];
    if (!job || !block || !own) continue;
    if (k % MARK_EVERY === 0 && marks[k / MARK_EVERY] === undefined)
      marks.push(copyOfBooked(booked));
    const found =
      k < from ? before?.placed[k] : placeBlock(block, own.at(-1)?.end ?? 0, shop, booked);
    if (!found) return { ok: false, job: job.id };
    own.push(...found);
    placed.push(found);
    next[at] = (next[at] ?? 0) + 1;
    if (next[at] === job.blocks.length)
      late += job.weight * Math.max(0, (own.at(-1)?.end ?? 0) - job.due);
    if (late > most) return { ok: false, job: job.id };
    if (k >= from)
      book(
        shop,
        booked,
        found.filter(({ step }) => step.at === null),
      );
  }
  return { ok: true, schedule: worth(shop, steps), trail: { order, placed, marks } };
}

/** Every job whole, in this order of jobs. */
export function jobByJob(shop: Shop, jobs: readonly number[]): readonly number[] {
  const order: number[] = [];
  for (const at of jobs) for (let k = shop.jobs[at]?.blocks.length ?? 0; k > 0; k--) order.push(at);
  return order;
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
