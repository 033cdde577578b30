import type { Family } from '@/core/formula/model/schema';

/** What the maker says a piece is sold as. */
export const SOLD_AS = ['cosmetic', 'household'] as const;
export type SoldAs = (typeof SOLD_AS)[number];

/** Whose rules a piece follows: a household piece that scents the air is no detergent. */
export type LabelKind = 'cosmetic' | 'cleaner' | 'air-care';

/** Cleaners are household goods whatever is said of them; all else is a cosmetic until the maker says otherwise. */
export function labelKind(family: Family, said: SoldAs | null): LabelKind {
  if (family === 'cleaning-fizzy') return 'cleaner';
  return said === 'household' ? 'air-care' : 'cosmetic';
}

/** A steamer touches no skin: whether it is a cosmetic depends on where it is sold and on what is said of it. */
export function asksSoldAs(family: Family, said: SoldAs | null): boolean {
  return family === 'shower-steamer' && said === null;
}
