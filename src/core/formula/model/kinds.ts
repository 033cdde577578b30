export const FAMILIES = ['bath-bomb', 'shower-steamer', 'fizzing-salts', 'cleaning-fizzy'] as const;
export const METHODS = ['hand', 'press', 'silicone', 'detail', 'in-pack', 'loose'] as const;
export const SCHOOLS = ['acid-last', 'all-dry-first'] as const;
export const PART_KINDS = ['main', 'split', 'embed', 'topping', 'icing', 'paint'] as const;
/** Shapes that a size alone makes a mold of. */
export const PIECE_SHAPES = ['sphere', 'half-sphere', 'cube'] as const;
export const ORIGINS = ['own', 'sample'] as const;

/** How a line goes in, where the recipe or the maker says so; else the rules of the work decide. */
export const LINE_WAYS = [
  'with-the-powders',
  'with-the-acid',
  'melted',
  'in-warm-oil',
  'in-alcohol',
  'bloomed',
  'bloom-water',
  'in-the-beaker',
  'last',
  'sprayed',
  'by-the-spoon',
  'infused',
  'on-the-floor',
  'on-top',
] as const;
export type LineWay = (typeof LINE_WAYS)[number];

/** What is done with hands, heat and air, in the words of batch control for the trade's own. */
export const OPERATIONS = [
  'weigh',
  'sieve',
  'melt',
  'warm',
  'dissolve',
  'infuse',
  'soak',
  'bloom',
  'mix',
  'pour',
  'scrape',
  'part',
  'squeeze',
  'spray',
  'lay',
  'fill',
  'rest',
  'unmold',
  'tray',
  'turn',
  'dry',
  'ice',
  'paint',
  'top',
  'jar',
  'count',
  'wrap',
] as const;
export type OpKind = (typeof OPERATIONS)[number];

export const VESSEL_KINDS = [
  'bowl',
  'second-bowl',
  'pan',
  'beaker',
  'cup',
  'dish',
  'jar',
  'spray-bottle',
  'mold',
  'tray',
] as const;
export type VesselKind = (typeof VESSEL_KINDS)[number];

/** Heaviest line the application takes, in grams: a metric ton, far beyond any bench. */
export const MAX_LINE_G = 1_000_000;

/** Why a written line could not be read. */
export const UNREAD_CODES = [
  'parts',
  'by-zero',
  'below-zero',
  'zero',
  'too-heavy',
  'no-amount',
  /** A splash, a scoop: nobody knows how much. */
  'vague',
  /** A number alone. */
  'no-unit',
  /** A heading nobody knows: which part is it? */
  'heading',
  'no-line',
  'no-name',
  'ambiguous',
  /** A near spelling: offered, never taken. */
  'guess',
  /** Known, but not at the strength that was written. */
  'strength',
  /** Must not be in a fizzing product. */
  'dangerous',
  'unknown',
  'for-every-how-much',
  'for-every-of-what',
  'for-every-missing',
  'for-every-no-powder',
  /** By a release that kept no code. */
  'before',
] as const;
