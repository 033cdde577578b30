import type { Settings } from '@/core/workshop/settings/settingsSchema';
import type { CollectionName } from '../records/names';
import { nameOfRecord, type RecordOf } from '../records/collections';
import { parseRecord } from '../records/parseRecord';
import { SETTINGS_KEY, partsOf, type Key } from '../records/keys';
import { isPlain, type Sides } from './plain';
import { mergeRecords, mergeSettings } from './merge';
import { sayKept, type Voice } from './messages';

const TABS: Voice = { where: 'in two tabs', loser: 'another tab' };

/**
 * This side’s record and another’s, from what both had last.
 * @param sides `mine` wins where both changed the same
 * @param said what the sides are called; two tabs where nothing is said
 * @returns what both come to, null for a record that is gone, and words on what was kept of both
 */
export function mergeSides(
  key: Key,
  { base, mine, theirs }: Sides,
  said: Partial<Voice> = {},
): { readonly record: unknown; readonly said: readonly string[] } {
  const voice = { ...TABS, ...said };
  if (isPlain({ base, mine, theirs })) return { record: mine, said: [] };
  if (mine === null || theirs === null)
    return {
      record: mine ?? theirs,
      said: [sayKept(nameOfRecord(mine ?? theirs))],
    };
  const [was, here, there] = [base, mine, theirs].map((side) => parseRecord(key, side));
  // What cannot be read there is not ours to mend: this side's record goes in.
  if (!here || !there) return { record: mine, said: [] };
  if (key === SETTINGS_KEY)
    return mergeSettings(
      { base: was as Settings | undefined, mine: here as Settings, theirs: there as Settings },
      voice,
    );
  return unitedRecords(
    partsOf(key)[0] as CollectionName,
    { base: was, mine, theirs: there },
    voice,
  );
}

function unitedRecords<K extends CollectionName>(
  store: K,
  { base, mine, theirs }: Sides,
  voice: Voice,
): { readonly record: unknown; readonly said: readonly string[] } {
  return mergeRecords(
    store,
    {
      base: base as RecordOf<K> | undefined,
      mine: mine as RecordOf<K>,
      theirs: theirs as RecordOf<K>,
    },
    voice,
  );
}
