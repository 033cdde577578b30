import { sameData, type Formula } from '@/core/formula';
import type { Batch } from '@/core/records';
import { nameOfRecord, type CollectionName, type RecordOf } from '../collections';
import { sayClashes, sayVersion, type Clash, type Voice } from './words';

/** Two sides changed one record: what both come to, and what of the other side could not go into it. */
export interface United<T> {
  readonly record: T;
  /** Words on what was kept of both; empty when nothing met. */
  readonly said: readonly string[];
}

/** What a record was when both sides had it last, and what each has made of it since. */
interface Sides<T> {
  readonly base: T | undefined;
  readonly mine: T;
  readonly theirs: T;
}

type Unite<T> = (sides: Sides<T>, voice: Voice) => United<T>;

const RULES: { readonly [K in CollectionName]: Unite<RecordOf<K>> } = {
  materials: byField,
  formulas: uniteFormulas,
  batches: uniteBatches,
  lots: (sides, voice) => {
    const united = byField(sides, voice);
    const counts = byKey(sides.mine.counts, sides.theirs.counts, ({ at }) => at);
    return { ...united, record: { ...united.record, counts } };
  },
  molds: byField,
  tools: byField,
  rooms: (sides, voice) => {
    const united = byField(sides, voice);
    const readings = byKey(sides.mine.readings, sides.theirs.readings, ({ at, by }) => at + by);
    readings.sort((a, b) => Date.parse(a.at) - Date.parse(b.at));
    return { ...united, record: { ...united.record, readings } };
  },
  photos: byField,
  trials: (sides, voice) => {
    const united = byField(sides, voice);
    const entries = unitedEntries(sides.mine.entries, sides.theirs.entries);
    return { ...united, record: { ...united.record, entries } };
  },
  ladders: (sides, voice) => {
    const united = byField(sides, voice);
    const entries = unitedEntries(sides.mine.entries, sides.theirs.entries);
    return { ...united, record: { ...united.record, entries } };
  },
  packaging: (sides, voice) => {
    const united = byField(sides, voice);
    const { mine, theirs } = sides;
    const lots = byKey(mine.lots, theirs.lots, ({ id }) => id);
    const counts = byKey(mine.counts, theirs.counts, ({ at, lotId }) => at + lotId);
    return { ...united, record: { ...united.record, lots, counts } };
  },
  units: byField,
  // Only ever struck: what one side took back is taken back.
  goods: ({ mine, theirs }) => ({
    record: { ...mine, struckAt: mine.struckAt ?? theirs.struckAt },
    said: [],
  }),
  orders: byField,
};

/**
 * A record that was changed here and elsewhere since both had it: nothing of either side is lost.
 * A field that one side changed is as that side has it. Entries of a batch are united by id. A formula's other body
 * becomes a version. What two sides changed differently stays as it is here, and the other value is said.
 * @param sides `mine` is the side that wins a tie
 * @param voice what the sides are called, for a name and a sentence
 */
export function unite<K extends CollectionName>(
  name: K,
  sides: Sides<RecordOf<K>>,
  voice: Voice,
): United<RecordOf<K>> {
  return RULES[name](sides, voice);
}

/** Settings of two sides: a field that one changed is as that one has it; the hands here win a tie. */
export function uniteSettings<T extends object>(sides: Sides<T>): T {
  return mergeFields(sides).record;
}

function uniteBatches(sides: Sides<Batch>, voice: Voice): United<Batch> {
  const { mine, theirs } = sides;
  const entries = unitedEntries(mine.entries, theirs.entries);
  const { record, clashes } = mergeFields(sides, ['entries', 'currentStep']);
  return {
    record: {
      ...record,
      entries,
      currentStep: Math.max(mine.currentStep, theirs.currentStep),
    },
    said: sayClashes(nameOfRecord(mine), clashes, voice),
  };
}

interface Entered {
  readonly id: string;
  readonly at: string;
  readonly struckAt: string | null;
}

/** Entries of both sides by their id, in the order of their time; what one side struck is struck. */
function unitedEntries<E extends Entered>(mine: readonly E[], theirs: readonly E[]): E[] {
  const entries = byKey(mine, theirs, ({ id }) => id).map((entry) => {
    const other = theirs.find(({ id }) => id === entry.id);
    return entry.struckAt === null && other?.struckAt
      ? { ...entry, struckAt: other.struckAt }
      : entry;
  });
  return entries.sort((a, b) => Date.parse(a.at) - Date.parse(b.at));
}

function uniteFormulas(sides: Sides<Formula>, voice: Voice): United<Formula> {
  const { base, mine, theirs } = sides;
  const { record, clashes } = mergeFields(sides, ['versions', 'changedAt', 'body']);
  const isMine = base === undefined || !sameData(base.body, mine.body);
  const isTheirs = base === undefined || !sameData(base.body, theirs.body);
  const known = new Set((base?.versions ?? []).map(({ number }) => number));
  const versions = [...mine.versions];
  const append = (version: Formula['versions'][number]) => {
    const number = Math.max(0, ...versions.map((one) => one.number)) + 1;
    versions.push({ ...version, number });
  };
  for (const version of theirs.versions)
    if (!known.has(version.number) && !versions.some((own) => sameData(own, version)))
      append(version);
  const clash = isMine && isTheirs && !sameData(mine.body, theirs.body);
  if (clash) append({ number: 0, keptAt: theirs.changedAt, name: voice.loser, body: theirs.body });
  return {
    record: {
      ...record,
      body: isTheirs && !isMine ? theirs.body : mine.body,
      changedAt: mine.changedAt > theirs.changedAt ? mine.changedAt : theirs.changedAt,
      versions,
    },
    said: [
      ...(clash ? [sayVersion(mine.name, voice)] : []),
      ...sayClashes(mine.name, clashes, voice),
    ],
  };
}

function byField<T extends object>(sides: Sides<T>, voice: Voice): United<T> {
  const { record, clashes } = mergeFields(sides);
  return { record, said: sayClashes(nameOfRecord(sides.mine), clashes, voice) };
}

/** Field by field; `except` stays as it is here, for the caller to unite. */
function mergeFields<T extends object>(
  { base, mine, theirs }: Sides<T>,
  except: readonly (keyof T)[] = [],
): { readonly record: T; readonly clashes: readonly Clash[] } {
  const record = { ...mine };
  const clashes: Clash[] = [];
  for (const field of new Set([...fieldsOf(mine), ...fieldsOf(theirs)])) {
    if (except.includes(field) || sameData(mine[field], theirs[field])) continue;
    const isMine = base === undefined || !sameData(base[field], mine[field]);
    const isTheirs = base === undefined || !sameData(base[field], theirs[field]);
    if (isTheirs && !isMine) record[field] = theirs[field];
    else if (isTheirs) clashes.push({ field: String(field), theirs: theirs[field] });
  }
  return { record, clashes };
}

function fieldsOf<T extends object>(record: T): (keyof T)[] {
  return Object.keys(record) as (keyof T)[];
}

/** Both lists, each key once, the first list's before the other's. */
function byKey<T>(mine: readonly T[], theirs: readonly T[], keyOf: (one: T) => string): T[] {
  const known = new Set(mine.map(keyOf));
  return [...mine, ...theirs.filter((one) => !known.has(keyOf(one)))];
}
