import { sameData } from '@/core/basics/sameData';
import type { Formula } from '@/core/formula/model/schema';
import { enteredOnce } from '@/core/batches/records/enteredOnce';
import type { Batch } from '@/core/batches/records/schema';
import type { Settings } from '@/core/workshop/settings/settingsSchema';
import type { CollectionName } from '../records/names';
import { nameOfRecord, type RecordOf } from '../records/collections';
import { OWN_FIELDS } from '../records/syncedFields';
import { withOtherValues } from './otherValues';
import { mergeBy, type Clash } from './shape';
import { RECORDS, SETTINGS } from '../records/registry';
import { sayClashes, sayEnteredTwice, sayVersion, type Voice } from './messages';

/** Two sides changed one record: what both come to, and what of the other side could not go into it. */
export interface United<T> {
  readonly record: T;
  /** Words on what was kept of both; empty when nothing met. */
  readonly said: readonly string[];
}

/** What a record was when both sides had it last, and what each has made of it since. */
export interface RecordSides<T> {
  readonly base: T | undefined;
  readonly mine: T;
  readonly theirs: T;
}

/**
 * A record that was changed here and elsewhere since both had it: nothing of either side is lost.
 * Fields, entries of lists and entries of maps come together one by one (`merge` of each in `records/registry`). A formula's other body becomes a
 * version. What two sides changed differently stays as it is here, and the other value is said.
 * @param sides `mine` is the side that wins a tie
 * @param voice what the sides are called, for a name and a sentence
 */
export function mergeRecords<K extends CollectionName>(
  name: K,
  sides: RecordSides<RecordOf<K>>,
  voice: Voice,
): United<RecordOf<K>> {
  // A rule of its own belongs to the type of its collection: the compiler cannot follow a name to its record.
  if (name === 'formulas')
    return uniteFormulas(sides as RecordSides<Formula>, voice) as United<RecordOf<K>>;
  if (name === 'batches')
    return uniteBatches(sides as RecordSides<Batch>, voice) as United<RecordOf<K>>;
  const { value, clashes } = mergeBy(RECORDS[name].merge, sides);
  return {
    record: value as RecordOf<K>,
    said: sayClashes(nameOfRecord(sides.mine), clashes, voice),
  };
}

/** What is read together is one reading. */
const ROOM_FIELDS = ['humidityPct', 'tempC', 'roomReadAt'] as const;

/**
 * Settings of two sides, entry by entry. Where both changed one value, the other one stays beside it (`otherValues`) until
 * the maker decides. The room is as it was read last.
 */
export function mergeSettings(sides: RecordSides<Settings>, voice: Voice): United<Settings> {
  const { mine, theirs } = sides;
  const { value, clashes } = mergeBy(SETTINGS.merge, sides);
  const isOwn = ({ path: [field = ''] }: Clash) =>
    [...OWN_FIELDS, ...ROOM_FIELDS].some((own) => own === field);
  const room =
    Date.parse(theirs.roomReadAt ?? '') > Date.parse(mine.roomReadAt ?? '') ? theirs : mine;
  const isReadOnBoth = !ROOM_FIELDS.every((field) => sameData(mine[field], theirs[field]));
  const record = {
    ...(value as Settings),
    ...(isReadOnBoth &&
      room.roomReadAt !== null && {
        humidityPct: room.humidityPct,
        tempC: room.tempC,
        roomReadAt: room.roomReadAt,
      }),
  };
  const met = clashes.filter((clash) => !isOwn(clash));
  return {
    record: withOtherValues(record, met, voice.loser),
    said: sayClashes('Workshop', met, voice),
  };
}

function uniteBatches(sides: RecordSides<Batch>, voice: Voice): United<Batch> {
  const { mine, theirs } = sides;
  const { value, clashes } = mergeBy(RECORDS.batches.merge, sides);
  const { batch, voided } = enteredOnce(value as Batch, [mine, theirs]);
  return {
    record: batch,
    said: [
      ...sayClashes(mine.code, clashes, voice),
      ...(voided.length > 0 ? [sayEnteredTwice(mine.code, voided.length)] : []),
    ],
  };
}

function uniteFormulas(sides: RecordSides<Formula>, voice: Voice): United<Formula> {
  const { base, mine, theirs } = sides;
  const isMine = base === undefined || !sameData(base.body, mine.body);
  const isTheirs = base === undefined || !sameData(base.body, theirs.body);
  const known = new Set((base?.versions ?? []).map(({ number }) => number));
  const ofBase = ({ versions }: Formula) => versions.filter(({ number }) => known.has(number));
  // Versions that both had are merged; each side's new ones bear numbers that the other's may bear as well.
  const { value, clashes } = mergeBy(RECORDS.formulas.merge, {
    base: base && { ...base, versions: ofBase(base) },
    mine: { ...mine, versions: ofBase(mine) },
    theirs: { ...theirs, versions: ofBase(theirs), body: isMine ? mine.body : theirs.body },
  });
  const united = value as Formula;
  const versions = [
    ...united.versions,
    ...mine.versions.filter(({ number }) => !known.has(number)),
  ];
  const append = (version: Formula['versions'][number]) => {
    const number = Math.max(0, ...versions.map((one) => one.number)) + 1;
    versions.push({ ...version, number });
  };
  for (const version of theirs.versions)
    if (!known.has(version.number) && !versions.some((own) => isSameVersion(own, version)))
      append(version);
  const clash = isMine && isTheirs && !sameData(mine.body, theirs.body);
  if (clash) append({ number: 0, keptAt: theirs.changedAt, name: voice.loser, body: theirs.body });
  return {
    record: { ...united, body: isTheirs && !isMine ? theirs.body : mine.body, versions },
    said: [
      ...(clash ? [sayVersion(mine.name, voice)] : []),
      ...sayClashes(mine.name, clashes, voice),
    ],
  };
}

/** Kept on both sides of one body, a version is one, whenever it was kept. */
function isSameVersion(a: Formula['versions'][number], b: Formula['versions'][number]): boolean {
  return a.name === b.name && sameData(a.body, b.body);
}
