import type { z } from 'zod';
import { COLLECTION_NAMES, type CollectionName } from './names';
import type { RECORDS } from './registry';

export type RecordOf<K extends CollectionName> = z.infer<(typeof RECORDS)[K]['schema']>;
export type AnyRecord = RecordOf<CollectionName>;
export type Records = { readonly [K in CollectionName]: readonly RecordOf<K>[] };

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
