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
  const urgent = LOOK_AHEADS.map((ahead) => byUrgency(shop, hands, ahead));
  return [
    ...[...orders, ...urgent].map((order) => jobByJob(shop, order)),
    ...orders.slice(0, 2).map(inTurn),
  ];

  /** Jobs side by side: the first blocks of all, then the second. */
  function inTurn(order: readonly number[]): readonly number[] {
    const most = Math.max(0, ...shop.jobs.map(({ blocks }) => blocks.length));
    return Array.from({ length: most }, (_, round) =>
      order.filter((at) => round < (shop.jobs[at]?.blocks.length ?? 0)),
    ).flat();
  }
}

/** How many jobs' work ahead urgency looks. */
const LOOK_AHEADS = [0.5, 1, 2, 4, 8, 16];

/**
 * Jobs one after the other, each time the one of most weight over its work of hands that has least time to spare.
 * Source: apparent tardiness cost, Vepsalainen and Morton 1987.
 */
function byUrgency(shop: Shop, hands: readonly number[], ahead: number): readonly number[] {
  const left = new Set(shop.jobs.keys());
  const mean = Math.max(1, hands.reduce((sum, one) => sum + one, 0) / Math.max(1, hands.length));
  const clock = clockOf(shop);
  const order: number[] = [];
  let worked = 0;
  while (left.size > 0) {
    const now = clock(worked);
    let best = -1;
    let most = -Infinity;
    for (const i of left) {
      const job = shop.jobs[i];
      if (!job) continue;
      const lead = job.blocks.flat().reduce((sum, step) => sum + step.minutes + step.waitMin, 0);
      const spare = Math.max(0, job.due - lead - now);
      // The logarithm, so that what is far off is still told apart.
      const urgency =
        Math.log(Math.max(1e-6, job.weight) / Math.max(1, hands[i] ?? 1)) -
        spare / (ahead * mean * DAY_OVER_WORK);
      if (urgency > most) {
        most = urgency;
        best = i;
      }
    }
    left.delete(best);
    order.push(best);
    worked += hands[best] ?? 0;
  }
  return order;
}
/** Hours of a day over those at work, about. */
const DAY_OVER_WORK = 3;

/** The moment at which all hands together have worked so much. */
function clockOf({ people }: Shop): (worked: number) => number {
  const stretches = people.flatMap((person) => person.stretches).sort((a, b) => a.from - b.from);
  return (worked) => {
    let left = worked;
    for (const { from, to } of stretches) {
      if (left <= to - from) return from + left;
      left -= to - from;
    }
    return stretches.at(-1)?.to ?? 0;
  };
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

/** Of a job’s mean lateness, borne at the beginning. */
const HEAT = 0.4;

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
    const heat = scale * HEAT * (1 - used) ** 2;
    // How much worse would be borne now: drawn before, so that a hopeless order is not gone through to its end.
    const most = here.schedule.weightedLate - heat * Math.log(1 - random()) + 1e-6;
    const made = serially(shop, order, locked, here.trail, most);
    if (!made.ok) continue;
    const { schedule, trail } = made;
    here = { order, schedule, trail };
    if (isBetter(schedule, best)) {
      best = schedule;
      onBetter(best);
    }
  }
  return best;
}

/** A late job goes forward in so many of the moves; in others one goes back, two change places, or a single block moves. */
const MOVES = { forward: 0.35, back: 0.5, swap: 0.65 };
/** Jobs that a job goes past, in the middle. */
const FAR_JOBS = 8;

function moved(shop: Shop, { order, schedule }: Ordered, random: () => number): readonly number[] {
  const pick = () => Math.floor(random() * order.length);
  const kind = random();
  if (kind >= MOVES.swap) {
    const next = [...order];
    const [at] = next.splice(pick(), 1);
    next.splice(pick(), 0, at ?? 0);
    return next;
  }
  const jobs = [...new Set(order)];
  const isForward = kind < MOVES.forward;
  const lateJobs = isForward ? jobs.filter((one) => (schedule.late[one] ?? 0) > 0) : [];
  const job = lateJobs[Math.floor(random() * lateJobs.length)] ?? order[pick()] ?? 0;
  const far = 1 + Math.floor(-Math.log(1 - random()) * FAR_JOBS);
  const from = jobs.indexOf(job);
  const other =
    jobs[Math.max(0, Math.min(jobs.length - 1, from + (isForward ? -far : far)))] ?? job;
  if (other === job) return order;
  if (kind >= MOVES.back) return swapped(order, job, other);
  const own = (shop.jobs[job]?.blocks ?? []).map(() => job);
  const rest = order.filter((at) => at !== job);
  const at = isForward ? rest.indexOf(other) : rest.lastIndexOf(other) + 1;
  return [...rest.slice(0, at), ...own, ...rest.slice(at)];
}

/** Two jobs in each other’s places; what one has more of stays at its end. */
function swapped(order: readonly number[], a: number, b: number): readonly number[] {
  const counts = {
    a: order.filter((at) => at === a).length,
    b: order.filter((at) => at === b).length,
  };
  const ofA = Array.from({ length: counts.a }, (_, k) => (k < counts.b ? b : a));
  const ofB = Array.from({ length: counts.b }, (_, k) => (k < counts.a ? a : b));
  return order.map((at) => (at === a ? (ofA.shift() ?? a) : at === b ? (ofB.shift() ?? b) : at));
}
