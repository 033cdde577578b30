import type { Settings } from '@/core/workshop/settings/settingsSchema';
import type { CollectionName } from '../records/names';
import type { RecordOf } from '../records/collections';
import { mergeBy } from './shape';
import { entryOf } from '../records/registry';

/** A record that a form holds, or the settings it holds a part of. */
export type Held<K extends CollectionName | 'settings'> = K extends CollectionName
  ? RecordOf<K>
  : Settings;

/** What a form was opened with, what it made of it, and what stands by now. */
export interface Edit<T> {
  readonly opened: T;
  readonly edited: T;
  readonly now: T;
}

/**
 * What a form wrote, laid over what stands by now: what it did not touch is as it stands by now.
 * @returns the record, and whether both changed the same thing: there it is as the form has it
 */
export function mergeEdit<K extends CollectionName | 'settings'>(
  of: K,
  { opened, edited, now }: Edit<Held<K>>,
): { readonly record: Held<K>; readonly clashes: boolean } {
  const { value, clashes } = mergeBy(entryOf(of).merge, {
    base: opened,
    mine: edited,
    theirs: now,
  });
  return { record: value as Held<K>, clashes: clashes.length > 0 };
}
