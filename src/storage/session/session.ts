import { sameData } from '@/core/formula';
import { settingsSchema, type Settings } from '@/core/workshop';
import {
  COLLECTIONS,
  COLLECTION_NAMES,
  nameOfRecord,
  type CollectionName,
  type RecordOf,
} from '../collections';
import {
  STORE_NAMES,
  loadWorkshop,
  openWorkshopDb,
  type StoredWorkshop,
  type WorkshopDb,
} from '../db';
import { leave, leftBehind } from './leaving';
import { sayKept, unite, uniteSettings } from './unite';

export type SaveStatus =
  | { readonly kind: 'saved' }
  | { readonly kind: 'saving' }
  | { readonly kind: 'failed'; readonly reason: string };

/** A record as it now is, or null when it is gone. */
export type Change = {
  [K in CollectionName]: {
    readonly store: K;
    readonly id: string;
    readonly record: RecordOf<K> | null;
  };
}[CollectionName];

/** What the session tells whoever shows the workshop. */
export interface SessionEvents {
  readonly onStatus: (status: SaveStatus) => void;
  /** Written elsewhere, or united with what was written elsewhere: to be shown, not to be saved. */
  readonly onChanges: (changes: readonly Change[]) => void;
  readonly onSettings: (settings: Settings) => void;
  /** Sentences on records that two sides changed. */
  readonly onSaid: (sentences: readonly string[]) => void;
}

/** One tab's way into the database: every change goes in through it, and what other tabs write comes out of it. */
export interface Session {
  readonly loaded: StoredWorkshop;
  readonly put: <K extends CollectionName>(store: K, records: readonly RecordOf<K>[]) => void;
  /** The same for a record that a hand is still moving: written within half a second, or with the next change. */
  readonly putSoon: <K extends CollectionName>(store: K, record: RecordOf<K>) => void;
  readonly remove: (store: CollectionName, ids: readonly string[]) => void;
  readonly putSettings: (settings: Settings) => void;
  /** Resolves when everything given so far is written, or has failed. */
  readonly flush: () => Promise<void>;
  /** The page goes away: what is not written yet is left for the next one, which writes it first. */
  readonly leave: () => void;
  readonly close: () => void;
}

const SETTINGS_KEY = 'settings/workshop';
type Key = `${CollectionName}/${string}` | typeof SETTINGS_KEY;

/** What one tab tells the others: which records it has written. */
interface Message {
  readonly keys: readonly Key[];
}

const OTHER_TAB = 'another tab';
/** What a hand is still moving is written this often, ms. */
const SOON_MS = 400;

/**
 * Opens the workshop's database and stays with it.
 *
 * A change is written at once; changes made during a write are gathered and written next; a failed write keeps what
 * it could not write and tries again with the next change. Before a record is written the database is asked, in the
 * same transaction, whether it is still what this tab had last: if not, both sides are united and nothing is lost.
 * Other tabs are told which records were written; they take in those that they have not changed since themselves,
 * and look again after the database has answered.
 */
export async function openSession(name: string, events: SessionEvents): Promise<Session> {
  const db = await openWorkshopDb(name, {
    onBlocked: () => fail('another tab holds this workshop open: close it'),
    onOutdated: () =>
      fail('a newer Rovack has this workshop open in another tab: load this one anew'),
    onTerminated: () => fail('the browser closed the store: reload the page'),
  });
  await writeLeftBehind(db, name);
  const loaded = await loadWorkshop(db);
  /** What the database held when this tab last saw it, by key. */
  const known = new Map<Key, unknown>();
  for (const store of COLLECTION_NAMES)
    for (const record of loaded.records[store]) known.set(`${store}/${record.id}`, record);
  if (loaded.settings) known.set(SETTINGS_KEY, loaded.settings);
  /** Not written yet, by key; null for what goes. */
  let waiting = new Map<Key, unknown>();
  /** Given to the database, which has not answered yet. */
  let sending: ReadonlyMap<Key, unknown> = new Map();
  let running: Promise<void> | null = null;
  /** Takes back what was left for a next page: this one lived on and wrote it itself. */
  let takeBack = () => {};
  let soon: ReturnType<typeof setTimeout> | null = null;
  const channel = new BroadcastChannel(`rovack ${name}`);
  channel.addEventListener('message', ({ data }: MessageEvent<Message>) => {
    hear(data).catch((error: unknown) => fail(reasonOf(error)));
  });

  function queue(key: Key, record: unknown): void {
    waiting.set(key, record);
    void flush();
  }

  function flush(): Promise<void> {
    if (soon !== null) clearTimeout(soon);
    soon = null;
    // What one deed puts goes in together: a tab that opens meanwhile finds all of it or nothing.
    running ??= Promise.resolve()
      .then(writeAll)
      .finally(() => {
        running = null;
      });
    return running;
  }

  async function writeAll(): Promise<void> {
    while (waiting.size > 0) {
      const sent = waiting;
      waiting = new Map();
      sending = sent;
      events.onStatus({ kind: 'saving' });
      try {
        settle(sent, await writeUnited(db, sent, known));
        if (waiting.size === 0) takeBack();
        channel.postMessage({ keys: [...sent.keys()] } satisfies Message);
        events.onStatus({ kind: 'saved' });
      } catch (error) {
        // What failed, overlaid by what came since.
        waiting = new Map([...sent, ...waiting]);
        fail(reasonOf(error));
        return;
      } finally {
        sending = new Map();
      }
    }
  }

  /** What was written is what the database holds; where it was united with another side's, this tab takes that over. */
  function settle(sent: ReadonlyMap<Key, unknown>, { written, said }: Written): void {
    for (const [key, record] of written) {
      const mine = sent.get(key);
      known.set(key, record);
      if (record === mine) continue;
      // Changed again while it was being written: that change was made on what was sent.
      if (waiting.has(key)) waiting.set(key, unitedOf(key, mine, waiting.get(key), record).record);
      show(key, waiting.has(key) ? waiting.get(key) : record);
    }
    if (said.length > 0) events.onSaid(said);
  }

  /** Another tab has written: what this one has not changed itself comes in. */
  async function hear({ keys }: Message): Promise<void> {
    for (const key of keys) {
      const stored = await storedNow(key);
      // Looked at again, as the hand may have changed it meanwhile: then the write unites both.
      if (waiting.has(key)) continue;
      const fitting = stored === undefined ? null : parsedOf(key, stored);
      if (fitting === undefined || sameData(fitting, known.get(key) ?? null)) continue;
      known.set(key, fitting ?? undefined);
      show(key, fitting);
    }
  }

  /** What the database holds of a record once nothing is being written. */
  async function storedNow(key: Key): Promise<unknown> {
    const [store, id] = partsOf(key);
    for (;;) {
      if (running) await running;
      const stored: unknown = await db.get(store, id);
      if (!running) return stored;
    }
  }

  function show(key: Key, record: unknown): void {
    if (key === SETTINGS_KEY) {
      const settings = settingsSchema.safeParse(record);
      if (settings.success) events.onSettings(settings.data);
      return;
    }
    const [store, id] = partsOf(key);
    events.onChanges([{ store, id, record } as Change]);
  }

  function fail(reason: string): void {
    events.onStatus({ kind: 'failed', reason });
  }

  return {
    loaded,
    put: (store, records) => {
      for (const record of records) waiting.set(`${store}/${record.id}`, record);
      void flush();
    },
    putSoon: (store, record) => {
      waiting.set(`${store}/${record.id}`, record);
      // Until it is written nobody says that it is saved.
      if (soon === null) events.onStatus({ kind: 'saving' });
      soon ??= setTimeout(() => void flush(), SOON_MS);
    },
    remove: (store, ids) => {
      for (const id of ids) waiting.set(`${store}/${id}`, null);
      void flush();
    },
    putSettings: (settings) => queue(SETTINGS_KEY, settings),
    flush,
    leave: () => {
      takeBack();
      const unwritten = [...new Map([...sending, ...waiting])];
      takeBack = leave(
        name,
        unwritten.map(([key, record]) => ({ key, base: known.get(key) ?? null, record })),
      );
    },
    close: () => {
      if (soon !== null) clearTimeout(soon);
      channel.close();
      db.close();
    },
  };
}

/** What a page that went away could not write any more goes in first, united with what the database holds. */
async function writeLeftBehind(db: WorkshopDb, name: string): Promise<void> {
  const { unwritten, taken } = leftBehind(name);
  for (const { key, base, record } of unwritten) {
    if (!isKey(key)) continue;
    const fitting = record === null ? null : parsedOf(key, record);
    if (fitting === undefined) continue;
    await writeUnited(db, new Map([[key, fitting]]), new Map([[key, base]]));
  }
  taken();
}

interface Written {
  /** What the database now holds, by key. */
  readonly written: ReadonlyMap<Key, unknown>;
  readonly said: readonly string[];
}

/** Writes all of it or nothing, in one transaction, each record united with what another side wrote meanwhile. */
async function writeUnited(
  db: WorkshopDb,
  sent: ReadonlyMap<Key, unknown>,
  known: ReadonlyMap<Key, unknown>,
): Promise<Written> {
  const tx = db.transaction(STORE_NAMES, 'readwrite');
  const written = new Map<Key, unknown>();
  const said: string[] = [];
  const requests: Promise<unknown>[] = [];
  const stored = await Promise.all(
    [...sent.keys()].map(async (key) => {
      const [store, id] = partsOf(key);
      return [key, (await tx.objectStore(store).get(id)) as unknown] as const;
    }),
  );
  try {
    for (const [key, there] of stored) {
      const united = unitedOf(key, known.get(key), sent.get(key) ?? null, there ?? null);
      said.push(...united.said);
      written.set(key, united.record);
      const [store, id] = partsOf(key);
      requests.push(
        united.record === null
          ? tx.objectStore(store).delete(id)
          : tx.objectStore(store).put(united.record as never),
      );
    }
    // Said at once: a page that dies now has already asked the browser to keep it.
    tx.commit();
    await Promise.all([...requests, tx.done]);
  } catch (error) {
    await Promise.allSettled([...requests, aborted(tx)]);
    throw error;
  }
  return { written, said };
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

/** This side's record and another's, from what both had last; null for one that is gone. */
function unitedOf(
  key: Key,
  base: unknown,
  mine: unknown,
  theirs: unknown,
): { readonly record: unknown; readonly said: readonly string[] } {
  const isUntouchedThere = sameData(base ?? null, theirs);
  if (isUntouchedThere || sameData(mine, theirs)) return { record: mine, said: [] };
  if (mine === null)
    return { record: theirs, said: [sayKept(nameOfRecord(theirs), OTHER_TAB, true)] };
  if (theirs === null)
    return { record: mine, said: [sayKept(nameOfRecord(mine), OTHER_TAB, false)] };
  if (key === SETTINGS_KEY) {
    const sides = [base, mine, theirs].map((side) => settingsSchema.safeParse(side).data);
    const [was, here, there] = sides;
    return here && there
      ? { record: uniteSettings({ base: was, mine: here, theirs: there }), said: [] }
      : { record: mine, said: [] };
  }
  return unitedRecords(partsOf(key)[0], base, mine, theirs);
}

function unitedRecords<K extends CollectionName>(
  store: K | 'settings',
  base: unknown,
  mine: unknown,
  theirs: unknown,
): { readonly record: unknown; readonly said: readonly string[] } {
  if (store === 'settings') return { record: mine, said: [] };
  const schema = COLLECTIONS[store];
  const there = schema.safeParse(theirs).data as RecordOf<K> | undefined;
  // What cannot be read there is not ours to mend: this side's record goes in.
  if (!there) return { record: mine, said: [] };
  return unite(
    store,
    {
      base: schema.safeParse(base).data as RecordOf<K> | undefined,
      mine: mine as RecordOf<K>,
      theirs: there,
    },
    OTHER_TAB,
  );
}

/** @returns undefined for a record that does not fit its schema */
function parsedOf(key: Key, stored: unknown): unknown {
  const [store] = partsOf(key);
  return (store === 'settings' ? settingsSchema : COLLECTIONS[store]).safeParse(stored).data;
}

function isKey(key: string): key is Key {
  return STORE_NAMES.some((store) => key.startsWith(`${store}/`) && key.length > store.length + 1);
}

function partsOf(key: Key): readonly [CollectionName | 'settings', string] {
  const at = key.indexOf('/');
  return [key.slice(0, at) as CollectionName | 'settings', key.slice(at + 1)];
}

/** A full store is said in plain words; everything else as the browser puts it. */
function reasonOf(error: unknown): string {
  if (error instanceof DOMException && error.name === 'QuotaExceededError')
    return 'the storage of this browser is full';
  return error instanceof Error ? error.message : String(error);
}
