import { isBetter, jobByJob, serially, type Schedule, type Trail } from './schedule';
import type { Booked, Shop } from './shop';

/** A plan and the order that made it. */
export interface Ordered {
  readonly order: readonly number[];
  readonly schedule: Schedule;
  readonly trail: Trail;
}

/** Orders of jobs that are tried first: by due date, by what is left to spare, by weight over work, and mixes of them. */
export function firstOrders(shop: Shop): readonly (readonly number[])[] {
  const indexes = shop.jobs.map((_, i) => i);
  const work = shop.jobs.map(({ blocks }) =>
    blocks.flat().reduce((sum, step) => sum + step.minutes + step.waitMin, 0),
  );
  const hands = shop.jobs.map(({ blocks }) =>
    blocks.flat().reduce((sum, step) => sum + (step.hands.length > 0 ? step.minutes : 0), 0),
  );
  const by = (key: (i: number) => number) => [...indexes].sort((a, b) => key(a) - key(b) || a - b);
  const due = (i: number) => shop.jobs[i]?.due ?? 0;
  const weight = (i: number) => Math.max(1e-6, shop.jobs[i]?.weight ?? 1);
  const orders = [
    by(due),
    by((i) => due(i) - (work[i] ?? 0)),
    by((i) => (hands[i] ?? 0) / weight(i)),
    by((i) => (work[i] ?? 0) / weight(i)),
    by((i) => due(i) / weight(i)),
    by((i) => due(i) + (hands[i] ?? 0)),
  ];
  return [...orders.map((order) => jobByJob(shop, order)), ...orders.slice(0, 2).map(inTurn)];

  /** Jobs side by side: the first blocks of all, then the second. */
  function inTurn(order: readonly number[]): readonly number[] {
    const most = Math.max(0, ...shop.jobs.map(({ blocks }) => blocks.length));
    return Array.from({ length: most }, (_, round) =>
      order.filter((at) => round < (shop.jobs[at]?.blocks.length ?? 0)),
    ).flat();
  }
}

/** Best of a few orders; the first that is possible at least. */
export function bestOf(
  shop: Shop,
  locked: Booked,
  orders: readonly (readonly number[])[],
): Ordered | { readonly stuck: string } {
  let best: Ordered | null = null;
  let stuck = '';
  for (const order of orders) {
    const made = serially(shop, order, locked);
    if (!made.ok) stuck = made.job;
    else if (best === null || isBetter(made.schedule, best.schedule))
      best = { order, schedule: made.schedule, trail: made.trail };
  }
  return best ?? { stuck };
}

/**
 * Moves of the order, a late job forward most often, kept when they are no worse; now and then a worse one is borne, less
 * and less.
 * Source: iterated local search with an annealed acceptance, Lourenço, Martin and Stützle; rates of ours.
 * @param share of the time that is used up, 0 to 1; over 1 ends it
 */
export function improve(
  shop: Shop,
  locked: Booked,
  start: Ordered,
  random: () => number,
  share: () => number,
  onBetter: (schedule: Schedule) => void,
): Schedule {
  let here = start;
  let best = start.schedule;
  const scale = Math.max(1, start.schedule.weightedLate / Math.max(1, shop.jobs.length));
  for (let used = share(); used < 1 && best.weightedLate > 1e-6; used = share()) {
    const order = moved(shop, here, random);
    const made = serially(shop, order, locked, here.trail);
    if (!made.ok) continue;
    const { schedule, trail } = made;
    const worse = schedule.weightedLate - here.schedule.weightedLate;
    const heat = scale * 0.3 * (1 - used) ** 2;
    if (worse <= 0 || random() < Math.exp(-worse / Math.max(heat, 1e-9)))
      here = { order, schedule, trail };
    if (isBetter(schedule, best)) {
      best = schedule;
      onBetter(best);
    }
  }
  return best;
}

function moved(shop: Shop, { order, schedule }: Ordered, random: () => number): readonly number[] {
  const count = order.length;
  const pick = () => Math.floor(random() * count);
  const kind = random();
  if (kind < 0.55) {
    // A late job whole, somewhere forward.
    const lateJobs = schedule.late.flatMap((late, i) => (late > 0 ? [i] : []));
    const job = lateJobs[Math.floor(random() * lateJobs.length)] ?? order[pick()] ?? 0;
    return wholeTo(order, job, Math.floor(random() * Math.max(1, order.indexOf(job) + 1)));
  }
  if (kind < 0.8) return wholeTo(order, order[pick()] ?? 0, pick());
  // One block with another.
  const [a, b] = [pick(), pick()];
  const next = [...order];
  next[a] = order[b] ?? 0;
  next[b] = order[a] ?? 0;
  return next;

  function wholeTo(of: readonly number[], job: number, to: number): readonly number[] {
    const rest = of.filter((at) => at !== job);
    const own = (shop.jobs[job]?.blocks ?? []).map(() => job);
    const at = Math.min(to, rest.length);
    return [...rest.slice(0, at), ...own, ...rest.slice(at)];
  }
}
