import { shortened } from '@/core/basics/format/names';
import { counted, formatPlain } from '@/core/basics/format/numbers';
import { placeWords } from './placeMessages';
import type { Clash } from './shape';

/** What two sides are called. A sentence about them reads the same on both. */
export interface Voice {
  /** After “was changed”: `in two tabs`. */
  readonly where: string;
  /** The side that loses a tie, as a version of it is named. */
  readonly loser: string;
  /** What a record is called that an entry speaks of; nothing where nobody knows. @param id of a formula or a material */
  readonly nameOf?: (id: string) => string | undefined;
}

const MOST_SHOWN = 60;

export function sayClashes(
  name: string,
  clashes: readonly Clash[],
  { where, nameOf }: Voice,
): readonly string[] {
  return clashes.map(({ path, kind, mine, theirs }) => {
    const place = placeWords(path, nameOf);
    return kind === 'kept'
      ? `${name}: ${place} was removed on one side and changed on the other, so it stays.`
      : `${name} was changed ${where}. ${capital(place)} is ${valueWords(mine)}; the other value was ${valueWords(theirs)}.`;
  });
}

export function sayVersion(name: string, { where, loser }: Voice): string {
  return `${name} was changed ${where}. The other formula is saved as its version “${loser}”.`;
}

/** A record that was removed on one side while it changed on the other stays. */
export function sayKept(name: string): string {
  return `${name} was removed on one side and changed on the other, so it stays.`;
}

export function sayEnteredTwice(code: string, entries: number): string {
  return entries === 1
    ? `${code}: two sides entered the same step. It counts once.`
    : `${code}: two sides entered ${counted(entries, 'step')}. Each counts once.`;
}

export function valueWords(value: unknown): string {
  if (value === null || value === undefined) return 'empty';
  if (typeof value === 'number') return formatPlain(value);
  if (typeof value === 'string')
    return value === '' ? 'empty' : `“${shortened(value, MOST_SHOWN)}”`;
  if (typeof value === 'boolean') return value ? 'yes' : 'no';
  return 'another one';
}

function capital(text: string): string {
  return text.charAt(0).toUpperCase() + text.slice(1);
}
