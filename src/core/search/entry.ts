/** What one search finds, in the order of its groups. */
export const ENTRY_KINDS = [
  'screen',
  'formula',
  'batch',
  'lot',
  'material',
  'product',
  'order',
  'mold',
  'test',
  'guide',
  'action',
] as const;
export type EntryKind = (typeof ENTRY_KINDS)[number];

/** One thing that the search finds. */
export interface Entry {
  /** Kind and key: no two are alike. */
  readonly id: string;
  readonly kind: EntryKind;
  /** Id of the record, or name of the screen. */
  readonly key: string;
  readonly title: string;
  /** What tells it from others of its name. */
  readonly detail: string;
  /** What else it is found by. */
  readonly words: string;
  /** When it was last worked on, ms since 1970; 0 for what has no time. */
  readonly atMs: number;
}

/** @param rest what it is called, told by, found by */
export function entry(
  kind: EntryKind,
  key: string,
  rest: Partial<Omit<Entry, 'id' | 'kind' | 'key'>> & { readonly title: string },
): Entry {
  return { id: `${kind}:${key}`, kind, key, detail: '', words: '', atMs: 0, ...rest };
}
