import { sameData } from '@/core/basics/sameData';
import { USUAL_SETTINGS } from '@/core/workshop/settings/settings';
import { WRITTEN_STORES, ownDevice, type Stamp } from '../db/stamps';
import { putRecord } from '../db/put';
import { recode } from '../db/codes';
import type { WorkshopDb } from '../db/layout';
import { SETTINGS_KEY, partsOf, type Key } from '../records/keys';
import { syncedFields, withOwnPart } from '../records/syncedFields';
import { textOf } from '../textOf';
import { mergeSides } from '../merge/mergeSides';
import type { Sides } from '../merge/plain';
import { joined, compareVectors, type VersionVector } from '../versionVector';

/** A record as a file of another device has it; null for one that is gone there. */
export interface Foreign {
  readonly key: Key;
  readonly record: unknown;
  readonly vector: VersionVector;
}

/** What this device has of it. */
export interface Here {
  readonly record: unknown;
  readonly stamp: Stamp | undefined;
}

/** What is to be stored of both. */
export interface Outcome {
  readonly record: unknown;
  readonly vector: VersionVector;
  /** The other device has this very state. */
  readonly isAgreed: boolean;
  readonly said: readonly string[];
}

/** What the two devices are called: a version that one of them made is named after it on both. */
export interface Names {
  readonly here: string;
  readonly there: string;
  /** What a record is called that settings speak of, by its id. */
  readonly nameOf?: (id: string) => string | undefined;
}

/**
 * A record of another device against this one’s: the newer one is taken, whatever the clocks say; where each has something
 * that the other has not seen both are united, on each device to the same.
 * @returns null where there is nothing to do
 */
export function outcomeOf(here: Here, foreign: Foreign, names: Names): Outcome | null {
  const { key, vector } = foreign;
  const { stamp } = here;
  const [mine, theirs] = [syncedFields(key, here.record), syncedFields(key, foreign.record)];
  const taken: Outcome = { record: theirs, vector, isAgreed: true, said: [] };
  if (mine === null && !stamp) return theirs === null ? null : taken;
  const own = stamp?.vector ?? {};
  const order = compareVectors(own, vector);
  if (order === 'after') return null;
  if (order === 'before') return taken;
  const both = joined(own, vector);
  if (sameData(mine, theirs))
    return order === 'same' && stamp?.isAgreed
      ? null
      : { record: mine, vector: both, isAgreed: true, said: [] };
  const { base } = stamp ?? {};
  const isOfBoth = base && ['same', 'before'].includes(compareVectors(base.vector, vector));
  // What nobody has ever set is no choice of anybody.
  const usual = key === SETTINGS_KEY ? USUAL_SETTINGS : undefined;
  const was = isOfBoth ? syncedFields(key, base.record) : usual;
  const united = unitedAlike(key, { base: was, mine, theirs }, names);
  return {
    record: united.record,
    vector: both,
    isAgreed: sameData(united.record, theirs),
    // The sample was opened on both, each with the times of its own day: nobody has lost anything.
    said: isSample(mine) && isSample(theirs) ? [] : united.said,
  };
}

/** The same on both devices: the hands of neither count for more, so the order of the two texts decides. */
function unitedAlike(
  key: Key,
  { base, mine, theirs }: Sides,
  { here, there, nameOf }: Names,
): { readonly record: unknown; readonly said: readonly string[] } {
  const where = `here and in the browser “${there}”`;
  const hereWins = textOf(mine) > textOf(theirs);
  return hereWins || mine === null || theirs === null
    ? mergeSides(key, { base, mine, theirs }, { where, loser: there, nameOf })
    : mergeSides(key, { base, mine: theirs, theirs: mine }, { where, loser: here, nameOf });
}

/** Another device gave a batch or a lot another code: whoever labeled it has to know. */
function sayRecoded(before: unknown, after: unknown, there: string): readonly string[] {
  const [was, is] = [before, after].map(
    (record) => (record as { readonly code?: string } | null | undefined)?.code,
  );
  return was !== undefined && is !== undefined && was !== is
    ? [`${was} is now ${is}, because “${there}” used that code too. Change its label.`]
    : [];
}

function isSample(record: unknown): boolean {
  return (record as { readonly origin?: unknown } | null)?.origin === 'sample';
}

export interface TakenIn {
  /** Records that are other than before. */
  readonly keys: readonly Key[];
  readonly said: readonly string[];
}

/** So many records in one transaction: the page can write in between. */
const AT_ONCE = 200;

/** Tells every tab which records are other than before. */
export type Tell = (keys: readonly Key[]) => void;

/**
 * Stores what another device has; what of it is stored already is not written again, so a file may be read twice. What came
 * in is told as it comes: of thousands told at once every tab would have all in its hands.
 */
export async function takeIn(
  db: WorkshopDb,
  foreign: readonly Foreign[],
  names: Names,
  tell: Tell,
): Promise<TakenIn> {
  const keys: Key[] = [];
  const said: string[] = [];
  for (let first = 0; first < foreign.length; first += AT_ONCE) {
    const some = await takeInSome(db, foreign.slice(first, first + AT_ONCE), names);
    if (some.keys.length > 0) tell(some.keys);
    keys.push(...some.keys);
    said.push(...some.said);
  }
  return { keys, said };
}

async function takeInSome(
  db: WorkshopDb,
  foreign: readonly Foreign[],
  names: Names,
): Promise<TakenIn> {
  const tx = db.transaction(WRITTEN_STORES, 'readwrite');
  const last = await ownDevice(tx.objectStore('device'));
  const own = { ...last, seq: last.seq + 1 };
  const keys = new Set<Key>();
  const said: string[] = [];
  let hasWritten = false;
  const called = foreign.some(({ key }) => key === SETTINGS_KEY)
    ? new Map((await tx.objectStore('formulas').getAll()).map(({ id, name }) => [id, name]))
    : new Map<string, string>();
  const nameOf = (id: string) => called.get(id);
  const both = await Promise.all(
    foreign.map(async (one) => {
      const [store, id] = partsOf(one.key);
      const found: Promise<unknown> = tx.objectStore(store).get(id);
      const [record, stamp] = await Promise.all([found, tx.objectStore('stamps').get(one.key)]);
      return { one, here: { record, stamp } };
    }),
  );
  for (const { one, here } of both) {
    const outcome = outcomeOf(here, one, { ...names, nameOf });
    if (!outcome) continue;
    const { record, stamp } = here;
    const [store, id] = partsOf(one.key);
    said.push(...outcome.said, ...sayRecoded(record, outcome.record, names.there));
    const whole = withOwnPart(one.key, outcome.record, record);
    const isOther = !sameData(whole, record ?? null);
    if (isOther) {
      keys.add(one.key);
      await Promise.all(putRecord(tx, store, id, whole));
    }
    const isNews = isOther || compareVectors(stamp?.vector ?? {}, outcome.vector) !== 'same';
    hasWritten ||= isNews;
    await tx.objectStore('stamps').put({
      id: one.key,
      vector: outcome.vector,
      seq: isNews ? own.seq : (stamp?.seq ?? 0),
      isGone: outcome.record === null,
      isAgreed: outcome.isAgreed,
    });
  }
  for (const { key, sentence } of await recode(tx, [...keys], own)) {
    keys.add(key);
    said.push(sentence);
    hasWritten = true;
  }
  if (hasWritten) await tx.objectStore('device').put(own);
  await tx.done;
  return { keys: [...keys], said };
}
