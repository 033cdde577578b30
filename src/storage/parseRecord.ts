import { settingsSchema } from '@/core/workshop/settings/settingsSchema';
import { partsOf, type Key } from './keys';
import { COLLECTIONS } from './schemas';

/** @returns undefined for a record that does not fit its schema */
export function parseRecord(key: Key, stored: unknown): unknown {
  const [store] = partsOf(key);
  return (store === 'settings' ? settingsSchema : COLLECTIONS[store]).safeParse(stored).data;
}
