import { meanPieceG, weighedTotalG } from './summary';
import type { Batch, EntryOf } from './schema';

/** Less than this share of a bowl is what tools and dust keep: nobody asks about it. Rovack estimate. */
const ASK_FROM_FRACTION = 0.05;

type Count = Pick<EntryOf<'counted'>, 'pieces' | 'rejects' | 'samplers'>;

/** Grams in counted pieces, rejects and minis, by what the plan makes each. */
export function inPiecesG({ plan }: Batch, { pieces, rejects, samplers = 0 }: Count): number {
  const of = (isSampler: boolean) => ({
    plan: { ...plan, sets: (plan.sets ?? []).filter((set) => set.isSampler === isSampler) },
  });
  const [main, minis] = [of(false), of(true)];
  const pieceG = main.plan.sets.length > 0 ? meanPieceG(main) : plan.pieceG;
  const miniG = minis.plan.sets.length > 0 ? meanPieceG(minis) : 0;
  return (pieces + rejects) * pieceG + samplers * miniG;
}

/** Grams weighed that are in no piece; 0 where nothing was weighed. */
export function leftInBowlG(batch: Batch, count: Count): number {
  const total = weighedTotalG(batch);
  return total > 0 ? Math.max(0, total - inPiecesG(batch, count)) : 0;
}

/** Is so much left that its maker is asked what became of it? */
export function asksWhatIsLeft(batch: Batch, leftG: number): boolean {
  return leftG > ASK_FROM_FRACTION * weighedTotalG(batch);
}
