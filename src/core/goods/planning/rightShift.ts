import { book, placeBlock, type Placed } from './place';
import { worth, type Schedule } from './schedule';
import { copyOfBooked, type Block, type Booked, type Shop } from './shop';

/** A job is pulled later by halves down to this, minutes. */
const FINEST = 5;

/**
 * The same plan with less lying about: from the last block to the first, each as late as it can be without making its job
 * later than it is, or ending within the cushion before it is due. Nothing that is locked moves.
 */
export function settled(shop: Shop, schedule: Schedule, locked: Booked): Schedule {
  const steps = schedule.steps.map((own) => [...own]);
  const blocks = shop.jobs
    .flatMap((job, at) => blockPlaces(job.blocks).map((place) => ({ at, ...place })))
    .sort((a, b) => (steps[b.at]?.[b.from]?.start ?? 0) - (steps[a.at]?.[a.from]?.start ?? 0));
  const isFree = ({ step }: Placed) => step.at === null;
  const booked = copyOfBooked(locked);
  book(shop, booked, steps.flat().filter(isFree));
  for (const { at, from, block } of blocks) {
    const job = shop.jobs[at];
    const own = steps[at];
    if (!job || !own || block.some((step) => step.at !== null)) continue;
    const after = own[from + block.length];
    const last = own.at(-1);
    if (!last) continue;
    const latestEnd = after
      ? after.start - after.step.waitMin
      : Math.max(last.end, job.due - shop.cushion);
    const here = own.slice(from, from + block.length);
    book(shop, booked, here, -1);
    const first = own[from]?.start ?? 0;
    const slack = latestEnd - (own[from + block.length - 1]?.end ?? 0);
    const found = latest(block, first, slack, latestEnd, shop, booked) ?? here;
    own.splice(from, block.length, ...found);
    book(shop, booked, found);
  }
  return worth(shop, steps);
}

/** The latest place that ends in time, by trying ever smaller delays. */
function latest(
  block: Block,
  first: number,
  slack: number,
  latestEnd: number,
  shop: Shop,
  booked: Booked,
): readonly Placed[] | null {
  let best: readonly Placed[] | null = null;
  let from = first;
  for (let delay = slack; delay >= FINEST; delay /= 2) {
    const release = from + delay - (block[0]?.waitMin ?? 0);
    const placed = placeBlock(block, release, shop, booked);
    if (placed && (placed.at(-1)?.end ?? Infinity) <= latestEnd + 1e-6) {
      best = placed;
      from = placed[0]?.start ?? from;
    }
  }
  return best;
}

function blockPlaces(blocks: readonly Block[]) {
  let from = 0;
  return blocks.map((block) => {
    const place = { from, block };
    from += block.length;
    return place;
  });
}
