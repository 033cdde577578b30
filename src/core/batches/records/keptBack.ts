import { DAY_MS } from '@/core/basics/time';
import { countOf, standing } from './summary';
import type { Batch, EntryOf } from './schema';

/** Kept-back pieces are looked at after so many months. Common practice. */
export const LOOK_MONTHS = [1, 3, 6, 12] as const;
export type LookMonth = (typeof LOOK_MONTHS)[number];

const MONTH_MS = (365.25 / 12) * DAY_MS;
/** A look is due so long before its month is full, days: nobody counts to the hour. Rovack estimate. */
const EARLY_MS = 3 * DAY_MS;

export interface Look {
  readonly month: LookMonth;
  readonly dueMs: number;
  /** The look itself; null while nobody has looked. */
  readonly entry: EntryOf<'looked'> | null;
  readonly state: 'done' | 'due' | 'later' | 'missed';
}

/** Pieces of a batch that are laid away. */
export function keptPieces(batch: Batch): number {
  return standing(batch, 'kept').reduce((sum, { pieces }) => sum + pieces, 0);
}

/** Since when they are kept: the count at the bench, else the last thing done. */
function madeMs(batch: Batch): number {
  return Date.parse(countOf(batch)?.at ?? batch.finishedAt ?? batch.startedAt);
}

/**
 * The looks that kept-back pieces ask for, in the order of their months; none while none is kept. A look counts for the
 * month it lies nearest to; a month whose next one is due was missed.
 */
export function looksOf(batch: Batch, nowMs: number): readonly Look[] {
  if (keptPieces(batch) === 0) return [];
  const startMs = madeMs(batch);
  const looked = standing(batch, 'looked');
  return LOOK_MONTHS.map((month, i) => {
    const dueMs = startMs + month * MONTH_MS;
    const entry = looked.find(({ at }) => nearestMonth(Date.parse(at) - startMs) === month) ?? null;
    const next = LOOK_MONTHS[i + 1];
    const isOver = next !== undefined && nowMs >= startMs + next * MONTH_MS - EARLY_MS;
    const state = entry ? 'done' : nowMs < dueMs - EARLY_MS ? 'later' : isOver ? 'missed' : 'due';
    return { month, dueMs, entry, state };
  });
}

function nearestMonth(ageMs: number): LookMonth {
  return LOOK_MONTHS.reduce((best, month) =>
    Math.abs(ageMs - month * MONTH_MS) < Math.abs(ageMs - best * MONTH_MS) ? month : best,
  );
}

/** Is a piece still what it was? Hard enough, still scented, and of its color. Rovack estimates. */
export function isStillGood({
  hard,
  scent,
  color,
}: Pick<EntryOf<'looked'>, 'hard' | 'scent' | 'color'>): boolean {
  return hard >= 3 && scent >= 2 && (color === 'as-made' || color === 'faded');
}

export interface OwnShelfLife {
  /** Months at which kept-back pieces were still good, and the first at which one was not; null for none. */
  readonly goodToMonths: number | null;
  readonly badFromMonths: number | null;
  readonly looks: number;
}

/** How long this maker's own pieces keep, by those that were laid away. */
export function ownShelfLife(batches: readonly Batch[]): OwnShelfLife {
  const looks = batches.flatMap((batch) =>
    standing(batch, 'looked').map((entry) => ({
      months: (Date.parse(entry.at) - madeMs(batch)) / MONTH_MS,
      isGood: isStillGood(entry),
    })),
  );
  const bad = looks.filter(({ isGood }) => !isGood).map(({ months }) => months);
  const badFrom = bad.length > 0 ? Math.min(...bad) : null;
  const good = looks
    .filter(({ isGood, months }) => isGood && (badFrom === null || months < badFrom))
    .map(({ months }) => months);
  return {
    goodToMonths: good.length > 0 ? Math.max(...good) : null,
    badFromMonths: badFrom,
    looks: looks.length,
  };
}
