import { sameData } from '@/core/basics/sameData';
import {
  codesOf,
  isCoded,
  withOwnCode,
  type CodedRecord,
  type CodedStore,
  type Codes,
} from './codes';
import type { WorkshopDb } from './layout';
import { putRecord } from './put';
import { WRITTEN_STORES, ownDevice, stampAfter } from './stamps';
import { partsOf, type Key } from '../records/keys';
import { syncedFields } from '../records/syncedFields';
import { isPlain } from '../merge/plain';
import type { mergeSides } from '../merge/mergeSides';

export interface Written {
  /** What the database now holds, by key. */
  readonly written: ReadonlyMap<Key, unknown>;
  readonly said: readonly string[];
  /** The number of this write; of the last one where nothing was news. */
  readonly seq: number;
}

/**
 * Writes all of it or nothing, in one transaction, each record united with what another side wrote meanwhile, and stamped.
 * @param unite how two sides come together: loaded when they do, which is seldom
 */
export async function writeMerged(
  db: WorkshopDb,
  sent: ReadonlyMap<Key, unknown>,
  known: ReadonlyMap<Key, unknown>,
  mergeRecords: typeof mergeSides | null = null,
): Promise<Written> {
  const tx = db.transaction(WRITTEN_STORES, 'readwrite');
  const written = new Map<Key, unknown>();
  const said: string[] = [];
  const requests: Promise<unknown>[] = [];
  const [last, stored] = await Promise.all([
    ownDevice(tx.objectStore('device')),
    Promise.all(
      [...sent.keys()].map(async (key) => {
        const [store, id] = partsOf(key);
        const found: Promise<unknown> = tx.objectStore(store).get(id);
        const [record, stamp] = await Promise.all([found, tx.objectStore('stamps').get(key)]);
        return { key, record: record ?? null, stamp };
      }),
    ),
  ]);
  const sidesOf = ({ key, record }: (typeof stored)[number]) => ({
    base: known.get(key),
    mine: sent.get(key) ?? null,
    theirs: record,
  });
  if (!mergeRecords && !stored.every((one) => isPlain(sidesOf(one)))) {
    await aborted(tx).catch(() => {});
    return writeMerged(db, sent, known, (await import('../merge/mergeSides')).mergeSides);
  }
  const own = { ...last, seq: last.seq + 1 };
  const codes = new Map<CodedStore, Codes>();
  for (const { key, record } of stored) {
    const [store] = partsOf(key);
    if (isCoded(store) && !codes.has(store) && codeOf(sent.get(key)) !== codeOf(record))
      codes.set(store, await codesOf(tx, store));
  }
  const nameOf = (id: string) =>
    nameIn(known.get(`formulas/${id}`) ?? known.get(`materials/${id}`));
  let isNews = false;
  try {
    for (const before of stored) {
      const { key, record: theirs } = before;
      const sides = sidesOf(before);
      const [store, id] = partsOf(key);
      const both = mergeRecords
        ? mergeRecords(key, sides, { nameOf })
        : { record: sides.mine, said: [] };
      const taken = isCoded(store) ? codes.get(store) : undefined;
      // A code that this write gives: new, or from a page that did not hear that it got another.
      const isGiven = taken && both.record !== null && codeOf(both.record) !== codeOf(theirs);
      const coded = isGiven
        ? withOwnCode(store as CodedStore, both.record as CodedRecord, taken)
        : { record: both.record, said: [] };
      const united = { record: coded.record, said: [...both.said, ...coded.said] };
      said.push(...united.said);
      written.set(key, united.record);
      if (sameData(united.record, theirs)) continue;
      requests.push(...putRecord(tx, store, id, united.record));
      if (sameData(syncedFields(key, united.record), syncedFields(key, theirs))) continue;
      isNews = true;
      requests.push(
        tx.objectStore('stamps').put(stampAfter(key, before, own, united.record === null)),
      );
    }
    if (isNews) requests.push(tx.objectStore('device').put(own));
    // Said at once: a page that dies now has already asked the browser to keep it.
    tx.commit();
    await Promise.all([...requests, tx.done]);
  } catch (error) {
    await Promise.allSettled([...requests, aborted(tx)]);
    throw error;
  }
  return { written, said, seq: isNews ? own.seq : last.seq };
}

function codeOf(record: unknown): string | undefined {
  return (record as Partial<CodedRecord> | null | undefined)?.code;
}

function nameIn(record: unknown): string | undefined {
  return (record as { readonly name?: string } | null | undefined)?.name;
}

/** Nothing of a transaction that failed halfway may stay. */
async function aborted(tx: { abort: () => void; done: Promise<void> }): Promise<void> {
  try {
    tx.abort();
  } catch {
    // It has ended by itself already.
  }
  await tx.done;
}
