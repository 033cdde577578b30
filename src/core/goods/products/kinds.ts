export const PACKAGING_KINDS = ['film', 'bag', 'box', 'jar', 'sachet', 'label', 'tag'] as const;
export type PackagingKind = (typeof PACKAGING_KINDS)[number];

/** What a piece of a batch is worth: whole, not quite, or a mini piece from the rest. */
export const GRADES = ['good', 'second', 'sampler'] as const;
export type Grade = (typeof GRADES)[number];

export const UNIT_KINDS = ['piece', 'pair', 'box', 'jar', 'sachet', 'sampler'] as const;
export type UnitKind = (typeof UNIT_KINDS)[number];

export const GONE_WAYS = ['sold', 'given', 'embed', 'crumbled', 'thrown-away'] as const;
export type GoneWay = (typeof GONE_WAYS)[number];
