import { placeBlock, type Placed } from './place';
import { nothingBooked, type Shop, type ShopJob } from './shop';

/**
 * A number that no plan can be less late than. Each job by itself in an empty shop; and, for each thing that is scarce,
 * the jobs in the best order in which it can serve them: the i-th to leave it cannot do so before the i least needs are
 * served. The greater of the two.
 * Source: relaxations as in Pinedo, Scheduling, chapter 3 and 6; the assignment by Kuhn’s method. Ours in the combination.
 */
export function lateBound(shop: Shop): number {
  const alone = shop.jobs.map((job) => aloneSteps(shop, job));
  const late = (i: number, end: number) => {
    const job = shop.jobs[i];
    return job ? job.weight * Math.max(0, end - job.due) : 0;
  };
  const endAlone = alone.map((steps) => steps?.at(-1)?.end ?? 0);
  const byItself = endAlone.reduce((sum, end, i) => sum + late(i, end), 0);
  const scarce = [
    ...shop.things.map(({ capacity }, index) =>
      served(shop, alone, (of) => taken(of, index) * of.step.minutes, capacity),
    ),
    handsBound(shop, alone),
  ];
  return Math.max(
    byItself,
    ...scarce.map((leaves) =>
      leaves === null
        ? 0
        : cheapest(
            shop.jobs.map((_, i) =>
              leaves.map(({ at }) =>
                late(i, Math.max(endAlone[i] ?? 0, at + (leaves[i]?.tail ?? 0))),
              ),
            ),
          ),
    ),
  );
}

interface Leaves {
  /** When the i-th job can have been served at the earliest. */
  readonly at: number;
  /** Of this job, what still comes after it was served. */
  readonly tail: number;
}

type Alone = readonly (readonly Placed[] | null)[];

const taken = ({ step }: Placed, index: number) =>
  step.takes.reduce((sum, { thing, much }) => (thing === index ? sum + much : sum), 0);

/** A scarce thing that works around the clock. */
function served(
  shop: Shop,
  alone: Alone,
  needOf: (of: Placed) => number,
  capacity: number,
): readonly Leaves[] | null {
  if (!(capacity > 0)) return null;
  return leavesBy(shop, alone, needOf, (work, from) => from + work / capacity);
}

/** Hands work only in their hours: all stretches together give so much by a moment. */
function handsBound(shop: Shop, alone: Alone): readonly Leaves[] | null {
  const stretches = shop.people.flatMap((person) => person.stretches);
  if (stretches.length === 0) return null;
  const moments = [...new Set(stretches.flatMap(({ from, to }) => [from, to]))].sort(
    (a, b) => a - b,
  );
  const supply: { readonly at: number; readonly given: number; readonly rate: number }[] = [];
  let given = 0;
  const opens = countBy(stretches.map(({ from }) => from));
  const closes = countBy(stretches.map(({ to }) => to));
  let rate = 0;
  for (const [i, at] of moments.entries()) {
    const before = moments[i - 1];
    if (before !== undefined) given += rate * (at - before);
    rate += (opens.get(at) ?? 0) - (closes.get(at) ?? 0);
    supply.push({ at, given, rate });
  }
  const when = (work: number): number => {
    let low = 0;
    let high = supply.length - 1;
    while (low < high) {
      const middle = (low + high + 1) >> 1;
      if ((supply[middle]?.given ?? 0) < work) low = middle;
      else high = middle - 1;
    }
    const here = supply[low];
    if (!here) return 0;
    return here.rate > 0 ? here.at + (work - here.given) / here.rate : here.at;
  };
  return leavesBy(
    shop,
    alone,
    (of) => (of.person >= 0 ? of.step.minutes : 0),
    (work) => when(work),
  );
}

function countBy(values: readonly number[]): ReadonlyMap<number, number> {
  const counts = new Map<number, number>();
  for (const value of values) counts.set(value, (counts.get(value) ?? 0) + 1);
  return counts;
}

function leavesBy(
  shop: Shop,
  alone: Alone,
  needOf: (of: Placed) => number,
  when: (work: number, from: number) => number,
): readonly Leaves[] {
  const jobs = shop.jobs.map((_, i) => {
    const steps = alone[i] ?? [];
    const last = steps.findLastIndex((of) => needOf(of) > 0);
    const first = steps.find((of) => needOf(of) > 0);
    return {
      need: steps.reduce((sum, of) => sum + needOf(of), 0),
      head: first?.start ?? Infinity,
      tail:
        last < 0
          ? 0
          : steps.slice(last + 1).reduce((sum, { step }) => sum + step.waitMin + step.minutes, 0),
    };
  });
  const needs = jobs.map(({ need }) => need).sort((a, b) => a - b);
  const from = Math.min(...jobs.map(({ head }) => head));
  let work = 0;
  return needs.map((need, i) => {
    work += need;
    return { at: work > 0 ? when(work, from) : 0, tail: jobs[i]?.tail ?? 0 };
  });
}

function aloneSteps(shop: Shop, { blocks }: ShopJob): readonly Placed[] | null {
  const steps: Placed[] = [];
  for (const block of blocks) {
    const placed = placeBlock(block, steps.at(-1)?.end ?? 0, shop, nothingBooked(shop));
    if (!placed) return null;
    steps.push(...placed);
  }
  return steps;
}

/**
 * Least sum of a square table with one cell in each row and column, by shortest augmenting paths.
 * Source: Kuhn 1955, Jonker and Volgenant 1987.
 */
export function cheapest(costs: readonly (readonly number[])[]): number {
  const n = costs.length;
  const rowPrice = new Array<number>(n + 1).fill(0);
  const columnPrice = new Array<number>(n + 1).fill(0);
  const rowOf = new Array<number>(n + 1).fill(0);
  const way = new Array<number>(n + 1).fill(0);
  for (let row = 1; row <= n; row++) {
    rowOf[0] = row;
    let column = 0;
    const least = new Array<number>(n + 1).fill(Infinity);
    const used = new Array<boolean>(n + 1).fill(false);
    do {
      used[column] = true;
      const here = rowOf[column] ?? 0;
      let step = Infinity;
      let next = 0;
      for (let j = 1; j <= n; j++) {
        if (used[j]) continue;
        const cost =
          (costs[here - 1]?.[j - 1] ?? 0) - (rowPrice[here] ?? 0) - (columnPrice[j] ?? 0);
        if (cost < (least[j] ?? Infinity)) {
          least[j] = cost;
          way[j] = column;
        }
        if ((least[j] ?? Infinity) < step) {
          step = least[j] ?? Infinity;
          next = j;
        }
      }
      for (let j = 0; j <= n; j++) {
        if (used[j]) {
          const at = rowOf[j] ?? 0;
          rowPrice[at] = (rowPrice[at] ?? 0) + step;
          columnPrice[j] = (columnPrice[j] ?? 0) - step;
        } else least[j] = (least[j] ?? Infinity) - step;
      }
      column = next;
    } while ((rowOf[column] ?? 0) !== 0);
    do {
      const before = way[column] ?? 0;
      rowOf[column] = rowOf[before] ?? 0;
      column = before;
    } while (column !== 0);
  }
  let sum = 0;
  for (let j = 1; j <= n; j++) sum += costs[(rowOf[j] ?? 1) - 1]?.[j - 1] ?? 0;
  return sum;
}
