/** Something a maker may wish for beside the windows. */
export const WISHES = [
  { id: 'longer-fizz', word: 'a longer fizz', does: 'a quarter longer in the water' },
  { id: 'harder', word: 'a harder piece', does: 'more kaolin and cream of tartar' },
  { id: 'more-foam', word: 'more foam', does: 'another 1 % of foamer' },
  { id: 'drier', word: 'a drier mix', does: 'half the free water, damp in the lower half' },
  { id: 'stronger-scent', word: 'a stronger scent', does: 'a quarter more, within the limit' },
  { id: 'cheaper', word: 'a cheaper mix', does: 'a tenth less for a gram' },
] as const;

export type WishId = (typeof WISHES)[number]['id'];

/** Where the change goes: into as few lines as may be, or a little into every one. */
export const SPREADS = ['few', 'all'] as const;
export type Spreading = (typeof SPREADS)[number];

export interface Wishes {
  readonly spread: Spreading;
  readonly ids: readonly WishId[];
  /** Soda to acid by mass to come to; null to leave it in the window. */
  readonly ratio: number | null;
  /** Total to come to, grams; null to leave it free. */
  readonly totalG: number | null;
}

export const NO_WISHES: Wishes = {
  spread: 'few',
  ids: [],
  ratio: null,
  totalG: null,
};
