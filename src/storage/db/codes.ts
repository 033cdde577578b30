import { freeCode } from '@/core/batches/records/batchCode';
import type { Lot } from '@/core/workshop/shelf/lot';
import type { CollectionName } from '../records/names';
import { partsOf, type Key } from '../records/keys';
import { putRecord, type Writing } from './put';
import { stampAfter, type Device } from './stamps';

/** Records that a recall goes by. */
const CODED = ['batches', 'lots'] as const satisfies readonly CollectionName[];
export type CodedStore = (typeof CODED)[number];
/** One that has a code. */
export interface CodedRecord {
  readonly id: string;
  readonly code: string;
}

export function isCoded(store: string): store is CodedStore {
  return (CODED as readonly string[]).includes(store);
}

/** Codes of all stored batches or lots, each with the id that bears it. */
export type Codes = Map<string, string>;

export async function codesOf(tx: Writing, store: CodedStore): Promise<Codes> {
  return new Map((await codedIn(tx, store)).map((one) => [codeKey(store, one), one.id]));
}

/** Batches are told in short. */
function codedIn(tx: Writing, store: CodedStore): Promise<readonly CodedRecord[]> {
  return tx.objectStore(store === 'batches' ? 'digests' : 'lots').getAll();
}

/** A code names one batch of all, and one lot of its material. */
function codeKey(store: CodedStore, record: CodedRecord): string {
  const code = record.code.trim().toLowerCase();
  return store === 'lots' ? `${(record as Lot).materialId} ${code}` : code;
}

/** A record under a code that no other bears, and what to say of it. @param codes gets the new one */
export function withOwnCode<T extends CodedRecord>(
  store: CodedStore,
  record: T,
  codes: Codes,
): { readonly record: T; readonly said: readonly string[] } {
  const isFree = (code: string) => {
    const bearer = codes.get(codeKey(store, { ...record, code }));
    return bearer === undefined || bearer === record.id;
  };
  const code = isFree(record.code) ? record.code : freeCode(record.code, isFree);
  codes.set(codeKey(store, { ...record, code }), record.id);
  return code === record.code
    ? { record, said: [] }
    : { record: { ...record, code }, said: [sayNewCode(store, record.code, code)] };
}

/** Of two records of one code, the one that begins later gets another, and of two of one moment the one with the higher id. */
function goesFirst(store: CodedStore, a: CodedRecord, b: CodedRecord): boolean {
  const began = (one: CodedRecord) => {
    const { startedAt, receivedOn } = one as { startedAt?: string; receivedOn?: string | null };
    return Date.parse((store === 'batches' ? startedAt : receivedOn) ?? '') || 0;
  };
  return began(a) - began(b) < 0 || (began(a) === began(b) && a.id < b.id);
}

/**
 * After records of another device came in: of two that bear one code the later one gets another, on each device the same.
 * @param keys what came in
 * @returns what was written again, and what to say of it
 */
export async function recode(
  tx: Writing,
  keys: readonly Key[],
  own: Device,
): Promise<readonly { readonly key: Key; readonly sentence: string }[]> {
  const renamed: { readonly key: Key; readonly sentence: string }[] = [];
  for (const store of CODED) {
    const came = keys.filter((key) => partsOf(key)[0] === store);
    if (came.length === 0) continue;
    const bearers = new Map<string, string[]>();
    for (const one of await codedIn(tx, store))
      bearers.set(codeKey(store, one), [...(bearers.get(codeKey(store, one)) ?? []), one.id]);
    const codes: Codes = new Map([...bearers].map(([code, [id = '']]) => [code, id]));
    const doubled = [...bearers.values()].filter(
      (ids) => ids.length > 1 && ids.some((id) => came.includes(`${store}/${id}`)),
    );
    for (const ids of doubled) {
      const found = await Promise.all(ids.map((id) => tx.objectStore(store).get(id)));
      const records = found
        .filter((one) => one !== undefined)
        .sort((a, b) => (goesFirst(store, a, b) ? -1 : 1));
      const [first] = records;
      if (first) codes.set(codeKey(store, first), first.id);
      for (const record of records.slice(1)) {
        const next = withOwnCode(store, record, codes);
        const key: Key = `${store}/${record.id}`;
        const stamp = await tx.objectStore('stamps').get(key);
        await Promise.all([
          ...putRecord(tx, store, record.id, next.record),
          tx.objectStore('stamps').put(stampAfter(key, { stamp, record }, own, false)),
        ]);
        renamed.push(...next.said.map((sentence) => ({ key, sentence })));
      }
    }
  }
  return renamed;
}

function sayNewCode(store: CodedStore, was: string, is: string): string {
  return store === 'batches'
    ? `Two batches had the code ${was}. The later one is now ${is}. Change its label if it has one.`
    : `Two lots had the code ${was}. The later one is now ${is}. Write that on its jar.`;
}
