import { capital } from '@/core/basics/format/phrases';
import type { Settings } from '@/core/workshop/settings/settingsSchema';
import { placeWords } from './placeMessages';
import { putAt } from './shape';
import { SETTINGS } from '../records/registry';
import { valueWords } from './messages';

/** A value of the settings that two sides changed, the one that is not in use. */
export type OtherValue = NonNullable<Settings['otherValues']>[number];

/** Settings after the maker decided on a value. @param takes true to use the other one, false to let go of it */
export function decided(settings: Settings, other: OtherValue, takes: boolean): Settings {
  const rest = {
    ...settings,
    otherValues: settings.otherValues?.filter(({ id }) => id !== other.id),
  };
  if (!takes) return rest;
  const put = putAt(SETTINGS.merge, rest, other.path, JSON.parse(other.value));
  return SETTINGS.schema.safeParse(put).data ?? rest;
}

/** What a maker reads of it: the place, the other value and where it comes from. */
export function sayOtherValue(
  { path, value, from }: OtherValue,
  nameOf: (id: string) => string | undefined,
): string {
  const place = placeWords(path, nameOf);
  return `${capital(place)}: ${valueWords(JSON.parse(value))} in ${from}.`;
}
