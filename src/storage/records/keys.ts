import { COLLECTION_NAMES, type CollectionName } from './names';

/** The place of the settings: there is one record of them. */
export const SETTINGS_KEY = 'settings/workshop';
export const STORE_NAMES = [...COLLECTION_NAMES, 'settings'] as const;
export type StoreName = (typeof STORE_NAMES)[number];
/** Where a stored record is: its store and its id. */
export type Key = `${CollectionName}/${string}` | typeof SETTINGS_KEY;

export function isKey(key: string): key is Key {
  return STORE_NAMES.some((store) => key.startsWith(`${store}/`) && key.length > store.length + 1);
}

export function partsOf(key: Key): readonly [StoreName, string] {
  const at = key.indexOf('/');
  return [key.slice(0, at) as StoreName, key.slice(at + 1)];
}
