import { nameOfRecord, type CollectionName, type RecordOf } from '../collections';
import { parsedOf } from '../fitting';
import { SETTINGS_KEY, partsOf, type Key } from '../keys';
import { isPlain, type Sides } from './plain';
import { unite, uniteSettings } from './unite';
import { sayKept, type Voice } from './words';

const OTHER_TAB: Voice = { other: 'another tab', loser: 'another tab', hereWins: true };

/**
 * This side’s record and another’s, from what both had last.
 * @param sides `mine` wins where both changed the same
 * @param voice what the sides are called; another tab where nothing is said
 * @returns what both come to, null for a record that is gone, and words on what was kept of both
 */
export function unitedOf(
  key: Key,
  { base, mine, theirs }: Sides,
  voice = OTHER_TAB,
): { readonly record: unknown; readonly said: readonly string[] } {
  if (isPlain({ base, mine, theirs })) return { record: mine, said: [] };
  if (mine === null || theirs === null)
    return {
      record: mine ?? theirs,
      said: [sayKept(nameOfRecord(mine ?? theirs), voice.other, mine === null)],
    };
  const [was, here, there] = [base, mine, theirs].map((side) => parsedOf(key, side));
  // What cannot be read there is not ours to mend: this side's record goes in.
  if (!here || !there) return { record: mine, said: [] };
  if (key === SETTINGS_KEY)
    return {
      record: uniteSettings({ base: was as object | undefined, mine: here, theirs: there }),
      said: [],
    };
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
  return unite(
    store,
    {
      base: base as RecordOf<K> | undefined,
      mine: mine as RecordOf<K>,
      theirs: theirs as RecordOf<K>,
    },
    voice,
  );
}
