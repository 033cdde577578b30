import { partsOf, type Key } from './keys';
import { entryOf } from './registry';

/** @returns undefined for a record that does not fit its schema */
export function parseRecord(key: Key, stored: unknown): unknown {
  const [store] = partsOf(key);
  return entryOf(store).schema.safeParse(stored).data;
}
