import type { Settings } from '@/core/workshop/settings/settingsSchema';
import type { Clash } from './shape';

/** A value longer than this is not kept beside the one in use. */
const LONGEST_VALUE = 20_000;
const MOST_KEPT = 500;
const LONGEST_ID = 400;

/** Settings that keep, of each value that both sides changed, the one that is not in use. @param from where it comes from */
export function withOtherValues(
  settings: Settings,
  clashes: readonly Clash[],
  from: string,
): Settings {
  const kept = settings.otherValues ?? [];
  const more = clashes.flatMap(({ kind, path, theirs }) => {
    const value = JSON.stringify(theirs ?? null);
    const id = `${path.join('/')}=${value}`.slice(0, LONGEST_ID);
    const isNew =
      kind === 'value' && path[0] !== 'otherValues' && !kept.some((one) => one.id === id);
    return isNew && value.length <= LONGEST_VALUE
      ? [{ id, path: [...path], value, from: from.slice(0, 120) }]
      : [];
  });
  return more.length === 0
    ? settings
    : { ...settings, otherValues: [...kept, ...more].slice(-MOST_KEPT) };
}
