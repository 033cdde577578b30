import { STORE_NAMES, partsOf, type Key, type StoreName } from '../records/keys';
import type { WorkshopDb } from './layout';
import type { OwnDevice, Stamp } from './stamps';

/** So many records are in memory at a time. */
export const PAGE = 100;

/** A record with its stamp, both of one moment. Null stands for a record that is gone, and for a stamp never made. */
export interface Logged {
  readonly key: Key;
  readonly record: unknown;
  readonly stamp: Stamp | null;
}

/** Everything of one store, a page at a time, in the order of its ids. An empty store has no page. */
export async function* pagesOfStore(
  db: WorkshopDb,
  store: StoreName,
): AsyncGenerator<readonly Logged[]> {
  let after: IDBKeyRange | null = null;
  for (;;) {
    const tx = db.transaction([store, 'stamps']);
    const records: readonly { readonly id: string }[] = await tx
      .objectStore(store)
      .getAll(after, PAGE);
    const page = await Promise.all(
      records.map(async (record): Promise<Logged> => {
        const key = `${store}/${record.id}` as Key;
        return { key, record, stamp: (await tx.objectStore('stamps').get(key)) ?? null };
      }),
    );
    await tx.done;
    if (page.length > 0) yield page;
    const last = records.at(-1);
    if (!last || records.length < PAGE) return;
    after = IDBKeyRange.lowerBound(last.id, true);
  }
}

/** The stamps of all that is gone: other devices have to hear of it. */
export async function goneStamps(db: WorkshopDb): Promise<readonly Stamp[]> {
  return (await db.getAll('stamps')).filter(({ isGone }) => isGone);
}

export interface Changes {
  readonly logged: readonly Logged[];
  /** Everything up to this write is among them. */
  readonly seq: number;
  /** False where more was written behind it. */
  readonly isAll: boolean;
  readonly own: OwnDevice | undefined;
}

export interface ChangesWish {
  /** So many records, and with the last of them all that went in with it: a write is never parted. */
  readonly most?: number;
  /** Told first as they are now, with no stamp where they were not written since. */
  readonly also?: readonly Key[];
}

/** What was written after a write, in the order of the writes, all of one moment. */
export async function changesAfter(
  db: WorkshopDb,
  after: number,
  { most = Infinity, also = [] }: ChangesWish = {},
): Promise<Changes> {
  const tx = db.transaction([...STORE_NAMES, 'stamps', 'device']);
  const bySeq = tx.objectStore('stamps').index('bySeq');
  const [own, found] = await Promise.all([
    tx.objectStore('device').get('own'),
    bySeq.getAll(IDBKeyRange.lowerBound(after, true), Number.isFinite(most) ? most : undefined),
  ]);
  const isAll = found.length < most;
  const lastSeq = found.at(-1)?.seq ?? after;
  const stamps = isAll
    ? found
    : [...found.filter(({ seq }) => seq !== lastSeq), ...(await bySeq.getAll(lastSeq))];
  const stampOf = new Map<Key, Stamp | null>(also.map((key) => [key, null]));
  for (const stamp of stamps) stampOf.set(stamp.id, stamp);
  const logged = await Promise.all(
    [...stampOf].map(async ([key, stamp]): Promise<Logged> => {
      const [store, id] = partsOf(key);
      const record: unknown = await tx.objectStore(store).get(id);
      return { key, record: record ?? null, stamp };
    }),
  );
  await tx.done;
  return { logged, seq: isAll ? (own?.seq ?? after) : lastSeq, isAll, own };
}
