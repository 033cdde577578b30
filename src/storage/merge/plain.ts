import { sameData } from '@/core/basics/sameData';

/** A record on two sides, and what both had last; null for one that is gone, undefined where nobody knows. */
export interface Sides {
  readonly base: unknown;
  readonly mine: unknown;
  readonly theirs: unknown;
}

/** Nothing is to be united: the other side has not touched it, or has come to the same. */
export function isPlain({ base, mine, theirs }: Sides): boolean {
  return sameData(base ?? null, theirs) || sameData(mine, theirs);
}
