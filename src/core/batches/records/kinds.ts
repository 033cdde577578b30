/** What went wrong with a piece, as the trade names it. */
export const FAULTS = [
  'warts',
  'seam-cracks',
  'top-cracks',
  'crumbling',
  'split-in-half',
  'flat-bottom',
  'soft',
  'weak-fizz',
  'browning',
  'bad-eggs',
  'ring-in-tub',
  'specks',
  'uneven-water-color',
  'stuck',
  'icing-cracked',
  'icing-slid',
  'icing-soft',
] as const;
export type Fault = (typeof FAULTS)[number];

/** What becomes of pieces that are not sold as they are. */
export const FATES = ['embed-powder', 'bath-dust', 'samplers', 'seconds', 'thrown-away'] as const;
export type Fate = (typeof FATES)[number];

/** What becomes of a mix that is in no piece; left out for what stuck to tools and hands. */
export const LEFT_FATES = ['next-batch', 'embed-powder', 'thrown-away'] as const;
export type LeftFate = (typeof LEFT_FATES)[number];

/** What has become of a color in store. */
export const KEPT_COLORS = ['as-made', 'faded', 'browned', 'spotted'] as const;
export type KeptColor = (typeof KEPT_COLORS)[number];

/** Why something went into the bowl beside the plan. */
export const ADDED_WHY = ['too-dry', 'too-wet', 'sprayed', 'unplanned'] as const;
export type AddedWhy = (typeof ADDED_WHY)[number];

/** How a weight came to be known. */
export const WEIGHED_BY = [
  'simulated-scale',
  'serial-scale',
  'typed',
  'drops',
  'spoons',
  /** Worked from paper: what the plan said, by the maker's word. */
  'as-planned',
] as const;
export type WeighedBy = (typeof WEIGHED_BY)[number];

/** The step of what happens when the bench is done with. */
export const AFTER_BENCH = 'after';
