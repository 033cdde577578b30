/** Something a maker may wish for beside the windows. */
export const WISHES = [
  {
    id: 'longer-fizz',
    word: 'Longer fizz',
    does: 'A quarter longer in the water, with a gentler fizz',
  },
  {
    id: 'harder',
    word: 'Harder piece',
    does: 'More kaolin and cream of tartar. It fizzes slower, and clay stays in the tub',
  },
  { id: 'more-foam', word: 'More foam', does: 'Another 1% of foamer' },
  {
    id: 'drier',
    word: 'Drier mix',
    does: 'Half the loose water, moisture in the lower half of its range',
  },
  { id: 'stronger-scent', word: 'Stronger scent', does: 'A quarter more, within the limit' },
  { id: 'cheaper', word: 'Cheaper mix', does: 'A tenth less for each gram' },
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
