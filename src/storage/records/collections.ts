import type { z } from 'zod';
import type { RECORDS } from './registry';

/** Every list of records a workshop keeps, by its name in the database and in the file. What each is made of: `registry`. */
export const COLLECTION_NAMES = [
  'materials',
  'formulas',
  'batches',
  'lots',
  'molds',
  'tools',
  'rooms',
  'photos',
  'trials',
  'ladders',
  'packaging',
  'units',
  'goods',
  'orders',
  'documents',
] as const;

export type CollectionName = (typeof COLLECTION_NAMES)[number];
export type RecordOf<K extends CollectionName> = z.infer<(typeof RECORDS)[K]['schema']>;
export type AnyRecord = RecordOf<CollectionName>;
export type Records = { readonly [K in CollectionName]: readonly RecordOf<K>[] };

export function isCollection(name: string): name is CollectionName {
  return (COLLECTION_NAMES as readonly string[]).includes(name);
}

/** Lists by collection, each as `of` has it. */
export function recordsFrom(
  of: <K extends CollectionName>(name: K) => readonly RecordOf<K>[],
): Records {
  return Object.fromEntries(COLLECTION_NAMES.map((name) => [name, of(name)])) as unknown as Records;
}

export const NO_RECORDS: Records = recordsFrom(() => []);

/** A record as people call it, for a sentence. */
export function nameOfRecord(record: unknown): string {
  if (typeof record !== 'object' || record === null) return 'a record';
  const { name, code, day, id } = record as Readonly<Record<string, unknown>>;
  const said = [name, code, day, id].find((one) => typeof one === 'string' && one.trim() !== '');
  return typeof said === 'string' ? said : 'a record without a name';
}
