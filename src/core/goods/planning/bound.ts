import { placeBlock, type Placed } from './place';
import { nothingBooked, type Shop, type ShopJob } from './shop';

/**
 * A number that no plan can be less late than: each job by itself in an empty shop, and each scarce thing by itself. The
 * i-th job to leave a thing cannot do so before the i least needs are served; the earliest moment goes to the earliest due
 * date, every job counted at the least weight. The greatest of these.
 * Source: relaxations as in Pinedo, Scheduling, chapters 3 and 6, not checked against its source.
 * @returns weighted minutes, 0 or more
 */
export function lateBound(shop: Shop): number {
  const alone = shop.jobs.map((job) => aloneSteps(shop, job));
  const endAlone = alone.map((steps) => steps?.at(-1)?.end ?? 0);
  const byItself = shop.jobs.reduce(
    (sum, { weight, due }, i) => sum + weight * Math.max(0, (endAlone[i] ?? 0) - due),
    0,
  );
  const dues = shop.jobs.map(({ due }) => due).sort((a, b) => a - b);
  const leastWeight = Math.min(...shop.jobs.map(({ weight }) => weight));
  const scarce = [
    ...shop.things.map(({ capacity }, index) =>
      served(shop, alone, (of) => taken(of, index) * of.step.minutes, capacity),
    ),
    handsBound(shop, alone),
  ].filter((leaves) => leaves !== null);
  const lateOf = (leaves: readonly number[]) =>
    leaves.reduce((sum, at, i) => sum + Math.max(0, at - (dues[i] ?? Infinity)), 0);
  return Math.max(byItself, ...scarce.map((leaves) => leastWeight * lateOf(leaves)));
}

type Alone = readonly (readonly Placed[] | null)[];

const taken = ({ step }: Placed, index: number) =>
  step.takes.reduce((sum, { thing, much }) => (thing === index ? sum + much : sum), 0);

/** When the i-th job can have left a scarce thing that works around the clock, at the earliest. */
function served(
  shop: Shop,
  alone: Alone,
  needOf: (of: Placed) => number,
  capacity: number,
): readonly number[] | null {
  if (!(capacity > 0)) return null;
  return leavesBy(shop, alone, needOf, (work, from) => from + work / capacity);
}

/** Hands work only in their hours: all stretches together give so much by a moment. */
function handsBound(shop: Shop, alone: Alone): readonly number[] | null {
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
): readonly number[] {
  const jobs = shop.jobs.map((_, i) => {
    const steps = alone[i] ?? [];
    const last = steps.findLastIndex((of) => needOf(of) > 0);
    const after = last < 0 ? [] : steps.slice(last + 1);
    return {
      need: steps.reduce((sum, of) => sum + needOf(of), 0),
      head: steps.find((of) => needOf(of) > 0)?.start ?? Infinity,
      tail: after.reduce((sum, { step }) => sum + step.waitMin + step.minutes, 0),
    };
  });
  const from = Math.min(...jobs.map(({ head }) => head));
  const leastTail = Math.min(...jobs.map(({ tail }) => tail));
  let work = 0;
  return jobs
    .map(({ need }) => need)
    .sort((a, b) => a - b)
    .map((need) => {
      work += need;
      return work > 0 ? when(work, from) + leastTail : 0;
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
