import { book, placeBlock, type Placed } from './place';
import { isBetter, worth, type Schedule } from './schedule';
import { copyOfBooked, type Booked, type Shop } from './shop';

/** More blocks than this are not gone through one by one. */
export const MOST_EXACT_BLOCKS = 14;

export interface Search {
  readonly best: Schedule;
  /** Every order was gone through, or cut off because it could not be better. */
  readonly isWhole: boolean;
}

/**
 * Goes through every order in which blocks can go in, and through the hands that can do each; a branch ends where even
 * its jobs by themselves in what is left free would be no better.
 * Source: branch and bound over serial generation, Kolisch and Hartmann.
 * @param mayGoOn false when the time is over
 */
export function searchAll(
  shop: Shop,
  locked: Booked,
  start: Schedule,
  mayGoOn: () => boolean,
): Search {
  let best = start;
  let isWhole = true;
  const booked = copyOfBooked(locked);
  const next = shop.jobs.map(() => 0);
  const steps: Placed[][] = shop.jobs.map(() => []);
  const blocks = shop.jobs.reduce((sum, job) => sum + job.blocks.length, 0);
  descend(0);
  return { best, isWhole };

  function descend(depth: number): void {
    if (!mayGoOn()) {
      isWhole = false;
      return;
    }
    if (depth === blocks) {
      const found = worth(
        shop,
        steps.map((own) => [...own]),
      );
      if (isBetter(found, best)) best = found;
      return;
    }
    if (leastLate() >= best.weightedLate - 1e-6) return;
    for (const [at, job] of shop.jobs.entries()) {
      const block = job.blocks[next[at] ?? 0];
      const own = steps[at];
      if (!block || !own) continue;
      const tried = new Set<string>();
      const hands = new Set(block.flatMap((step) => step.hands));
      for (const first of hands.size > 1 ? hands : [-1]) {
        const placed = placeBlock(block, own.at(-1)?.end ?? 0, shop, booked, first);
        const key = placed?.map(({ start: from, person }) => `${from}:${person}`).join() ?? '';
        if (!placed || tried.has(key)) continue;
        tried.add(key);
        own.push(...placed);
        next[at] = (next[at] ?? 0) + 1;
        const free = placed.filter(({ step }) => step.at === null);
        book(shop, booked, free);
        descend(depth + 1);
        book(shop, booked, free, -1);
        next[at] = (next[at] ?? 0) - 1;
        own.splice(own.length - placed.length);
        if (best.weightedLate <= 1e-6) return;
      }
    }
  }

  /** What is late at least, with what is booked: every job goes on as if it were alone. */
  function leastLate(): number {
    let sum = 0;
    for (const [at, job] of shop.jobs.entries()) {
      let end = steps[at]?.at(-1)?.end ?? 0;
      for (const block of job.blocks.slice(next[at] ?? 0)) {
        const placed = placeBlock(block, end, shop, booked);
        if (!placed) return Infinity;
        end = placed.at(-1)?.end ?? end;
      }
      sum += job.weight * Math.max(0, end - job.due);
      if (sum >= best.weightedLate) return sum;
    }
    return sum;
  }
}
