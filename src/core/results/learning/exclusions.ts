/** What a batch or a test may teach; a record is excluded from one of these alone. */
export const LEARNED_IDS = [
  'damp',
  'drying',
  'loss',
  'wear',
  'floats',
  'showers',
  'foam',
  'share',
] as const;
export type LearnedId = (typeof LEARNED_IDS)[number];

/** A batch or a test that shall not speak of a quantity, with the maker’s reason. */
export interface Exclusion {
  readonly quantity: LearnedId;
  /** Of the batch or the test. */
  readonly id: string;
  readonly reason: string;
  /** ISO 8601 with zone. */
  readonly at: string;
}

/** Records that may speak of a quantity: the same list where none is excluded. */
export function speaking<T extends { readonly id: string }>(
  records: readonly T[],
  quantity: LearnedId,
  exclusions: readonly Exclusion[],
): readonly T[] {
  const silent = new Set(exclusions.filter((one) => one.quantity === quantity).map(({ id }) => id));
  return silent.size === 0 ? records : records.filter(({ id }) => !silent.has(id));
}
