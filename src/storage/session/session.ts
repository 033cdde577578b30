import { sameData } from '@/core/basics/sameData';
import type { BatchDigest } from '@/core/goods/archive/batchDigest';
import type { ArchivedUses } from '@/core/goods/archive/movesOfArchived';
import type { Photo } from '@/core/batches/records/photo';
import { isFull, reasonOf } from '@/core/basics/format/reason';
import type { Settings } from '@/core/workshop/settings/settingsSchema';
import { COLLECTION_NAMES, type CollectionName } from '../records/names';
import type { RecordOf } from '../records/collections';
import {
  batchesOf,
  loadWorkshop,
  photosOf,
  type LoadedBatches,
  type StoredWorkshop,
} from '../db/repository';
import { openWorkshopDb } from '../db/open';
import { writeMerged, type Written } from '../db/writeMerged';
import type { WorkshopDb } from '../db/layout';
import type { PieceOptions } from '../transfer/pieces';
import { channelOf, type Message } from '../channel';
import { SETTINGS_KEY, STORE_NAMES, isKey, partsOf, type Key } from '../records/keys';
import { backupPlace } from '../backup/place';
import type { mergeSides } from '../merge/mergeSides';
import { leave, pendingWrites } from './pendingWrites';
import { markSaved, wasSaved } from './mark';
import { watchBackup } from './backupWatch';

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
  /** Nothing was ever stored here: told before anything is made. */
  readonly onAbsent?: () => void;
  readonly onStatus: (status: SaveStatus) => void;
  /** Written elsewhere, or united with what was written elsewhere: to be shown, not to be saved. */
  readonly onChanges: (changes: readonly Change[]) => void;
  readonly onSettings: (settings: Settings) => void;
  /** Batches that were written elsewhere and are not at hand here, in short. */
  readonly onPast: (digests: readonly BatchDigest[]) => void;
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
  /** Reads past batches, to be shown. @param materials ids of materials of one’s own */
  readonly bring: (
    ids: readonly string[],
    materials: ReadonlySet<string>,
  ) => Promise<LoadedBatches>;
  /** Reads what all batches took off lots. */
  readonly loadUses: () => Promise<readonly ArchivedUses[]>;
  /** Reads the photos of a batch, to be shown. */
  readonly loadPhotos: (batchId: string) => Promise<readonly Photo[]>;
  /** Everything stored, as the pieces of one file. */
  readonly pieces: (options: PieceOptions) => AsyncIterable<string>;
  /** A worker keeps a spare copy from now on, or none does any more. */
  readonly expectBackup: (isThere: boolean) => void;
  /** Nothing is written until what this returns is called; all that was put meanwhile then goes in together. */
  readonly hold: () => () => void;
  /** Resolves when everything given so far is written, or has failed. */
  readonly flush: () => Promise<void>;
  /** The page goes away: what is not written yet is left for the next one, which writes it first. */
  readonly leave: () => void;
  readonly close: () => void;
}

/** What a hand is still moving is written this often, ms. */
const SOON_MS = 400;
/** Of more records than these written elsewhere at once, batches that are not at hand are told in short. */
const MOST_TO_READ = 5;
/** So many records of others are shown in one go. */
const READ_AT_ONCE = 500;

/**
 * Opens the workshop's database and stays with it.
 *
 * A change is written at once; changes made during a write are gathered and written next; a failed write keeps what
 * it could not write and tries again with the next change. Before a record is written the database is asked, in the
 * same transaction, whether it is still what this tab had last: if not, both sides are united and nothing is lost.
 * Other tabs are told which records were written; they take in those that they have not changed since themselves,
 * and look again after the database has answered.
 */
export async function openSession(
  name: string,
  events: SessionEvents,
  build: string | null = null,
): Promise<Session> {
  let closedBecause: string | null = null;
  let lost: { readonly isDamaged: boolean } | null = null;
  const db = await openWorkshopDb(name, {
    onAbsent: events.onAbsent,
    onNew: (isDamaged) => (lost = { isDamaged }),
    onBlocked: () => fail('another tab holds this workshop open: close it'),
    onOutdated: () =>
      closed('a newer Rovack has this workshop open in another tab: load this one anew'),
    onDeleted: () => closed('what this browser had stored was cleared away'),
    // A reload would begin without what is on the screens: first it is to be exported.
    onTerminated: () => closed('the browser closed its storage, as it does when the disk is full'),
  });
  if (lost) await bringBack(db, name, lost, events);
  await writeLeftBehind(db, name, events.onSaid);
  const loaded = await loadWorkshop(db, Date.now(), build);
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
  /** Something is to be written at once; what a hand still moves goes along, and is no reason for a write by itself. */
  let isDue = false;
  let held: Promise<void> = Promise.resolve();
  const spare = watchBackup(name);
  const channel = channelOf(name);
  channel.addEventListener('message', ({ data }: MessageEvent<Message>) => {
    hear(data).catch((error: unknown) => fail(whyOf(error)));
  });

  function queue(key: Key, record: unknown): void {
    waiting.set(key, record);
    void flush();
  }

  function flush(): Promise<void> {
    if (soon !== null) clearTimeout(soon);
    soon = null;
    isDue = true;
    // What one deed puts goes in together: a tab that opens meanwhile finds all of it or nothing.
    running ??= held.then(writeAll).finally(() => {
      running = null;
    });
    return running;
  }

  async function writeAll(): Promise<void> {
    if (waiting.size === 0) return;
    while (waiting.size > 0 && isDue) {
      isDue = false;
      const seq = await writeWaiting();
      if (seq === null) return;
      // A browser that finds its database damaged throws it away: saved is what the spare copy has as well.
      if (waiting.size === 0) await spare.holds(seq);
    }
    if (waiting.size > 0) return;
    markSaved(name);
    events.onStatus({ kind: 'saved' });
  }

  /** @returns the number of the write; null where it failed */
  async function writeWaiting(): Promise<number | null> {
    const sent = waiting;
    waiting = new Map();
    sending = sent;
    events.onStatus({ kind: 'saving' });
    try {
      const written = await writeMerged(db, sent, known);
      const isOther = [...written.written].some(([key, record]) => record !== sent.get(key));
      if (isOther || written.said.length > 0)
        settle(sent, written, (await import('../merge/mergeSides')).mergeSides);
      else for (const [key, record] of sent) known.set(key, record);
      if (waiting.size === 0) takeBack();
      channel.postMessage({ keys: [...sent.keys()], said: written.said } satisfies Message);
      return written.seq;
    } catch (error) {
      // What failed, overlaid by what came since.
      waiting = new Map([...sent, ...waiting]);
      fail(whyOf(error));
      return null;
    } finally {
      sending = new Map();
    }
  }

  /** What was written is what the database holds; where it was united with another side's, this tab takes that over. */
  function settle(
    sent: ReadonlyMap<Key, unknown>,
    { written, said }: Written,
    mergeRecords: typeof mergeSides,
  ): void {
    for (const [key, record] of written) {
      const mine = sent.get(key);
      known.set(key, record);
      if (record === mine) continue;
      // Changed again while it was being written: that change was made on what was sent.
      if (waiting.has(key))
        waiting.set(
          key,
          mergeRecords(key, { base: mine, mine: waiting.get(key), theirs: record }).record,
        );
      show(key, waiting.has(key) ? waiting.get(key) : record);
    }
    if (said.length > 0) events.onSaid(said);
  }

  /** What was read just now, unless the hand has it already: then that counts. */
  function knownOf<K extends CollectionName>(store: K, record: RecordOf<K>): RecordOf<K> {
    const key: Key = `${store}/${record.id}`;
    const own = waiting.get(key) ?? sending.get(key) ?? known.get(key);
    if (own === undefined) known.set(key, record);
    return (own as RecordOf<K> | undefined) ?? record;
  }

  /** Another tab has written: what this one has not changed itself comes in. */
  async function hear({ keys, said = [] }: Message): Promise<void> {
    if (said.length > 0) events.onSaid(said);
    // Many that this tab never had are told in short: a file of thousands is no reason to hold them all.
    const isMany = keys.length > MOST_TO_READ;
    const isToTell = (key: Key) => isMany && key.startsWith('batches/') && !known.has(key);
    const toTell = keys.filter(isToTell);
    const read = keys.filter((key) => !isToTell(key));
    for (let first = 0; first < read.length; first += READ_AT_ONCE)
      await hearSome(read.slice(first, first + READ_AT_ONCE));
    // The last to be told: what is worked with among them is read then, and goods say which that is.
    if (toTell.length > 0) events.onPast(await digestsNow(toTell));
  }

  async function digestsNow(keys: readonly Key[]): Promise<readonly BatchDigest[]> {
    const tx = db.transaction('digests');
    const told = await Promise.all(keys.map((key) => tx.store.get(partsOf(key)[1])));
    return told.filter((one) => one !== undefined);
  }

  async function hearSome(keys: readonly Key[]): Promise<void> {
    const { parseRecord } = await import('../records/parseRecord');
    const stored = await storedNow(keys);
    const changes: Change[] = [];
    for (const [key, there] of stored) {
      // Looked at again, as the hand may have changed it meanwhile: then the write unites both.
      if (waiting.has(key)) continue;
      const fitting = there === undefined ? null : parseRecord(key, there);
      const isGonePast = fitting === null && !known.has(key) && key.startsWith('batches/');
      if (fitting === undefined) continue;
      if (sameData(fitting, known.get(key) ?? null) && !isGonePast) continue;
      known.set(key, fitting ?? undefined);
      if (key === SETTINGS_KEY) showSettings(fitting);
      else changes.push(changeOf(key, fitting));
    }
    if (changes.length > 0) events.onChanges(changes);
  }

  /** What the database holds of some records once nothing is being written. */
  async function storedNow(keys: readonly Key[]): Promise<ReadonlyMap<Key, unknown>> {
    for (;;) {
      if (running) await running;
      const tx = db.transaction(STORE_NAMES);
      const stored = await Promise.all(
        keys.map(async (key) => {
          const [store, id] = partsOf(key);
          return [key, await tx.objectStore(store).get(id)] as const;
        }),
      );
      if (!running) return new Map(stored);
    }
  }

  function show(key: Key, record: unknown): void {
    if (key === SETTINGS_KEY) showSettings(record);
    else events.onChanges([changeOf(key, record)]);
  }

  /** What comes from elsewhere was looked through where it came in. */
  function showSettings(record: unknown): void {
    if (record) events.onSettings(record as Settings);
  }

  function fail(reason: string): void {
    events.onStatus({ kind: 'failed', reason: closedBecause ?? reason });
  }

  /** From now on every write fails, and says why. */
  function closed(reason: string): void {
    closedBecause = reason;
    fail(reason);
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
    pieces: (options) => piecesOf(db, options),
    bring: async (ids, materials) => {
      const brought = await batchesOf(db, ids, materials);
      return { ...brought, batches: brought.batches.map((one) => knownOf('batches', one)) };
    },
    loadUses: () => db.getAll('uses'),
    expectBackup: spare.expect,
    hold: () => {
      let release = () => {};
      held = new Promise((resolve) => (release = resolve));
      events.onStatus({ kind: 'saving' });
      return release;
    },
    loadPhotos: async (batchId) =>
      (await photosOf(db, batchId)).map((one) => knownOf('photos', one)),
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
      spare.close();
      db.close();
    },
  };
}

/** What writes files is loaded when one is written. */
async function* piecesOf(db: WorkshopDb, options: PieceOptions): AsyncGenerator<string> {
  const { workshopPieces } = await import('../transfer/pieces');
  yield* workshopPieces(db, options);
}

function changeOf(key: Key, record: unknown): Change {
  const [store, id] = partsOf(key);
  return { store, id, record } as Change;
}

/** Neither the database nor a spare copy is there, and something was saved. */
const THROWN_AWAY =
  'This browser threw away what Rovack had stored here. A full disk is the usual reason. Import your last exported file, or open your folder on Workshop.';

/** A database that is new here: on a first visit, or because the browser has lost it. */
async function bringBack(
  db: WorkshopDb,
  name: string,
  { isDamaged }: { readonly isDamaged: boolean },
  events: SessionEvents,
): Promise<void> {
  if (!isDamaged && !(await backupPlace(name, false))) {
    if (wasSaved(name)) events.onSaid([THROWN_AWAY]);
    return;
  }
  const { restoreBackup } = await import('../backup/restore');
  const { sayRestored } = await import('../backup/messages');
  const sentence = sayRestored(isDamaged, await restoreBackup(db, name));
  if (sentence) events.onSaid([sentence]);
}

/** What a page that went away could not write any more goes in first, united with what the database holds. */
async function writeLeftBehind(
  db: WorkshopDb,
  name: string,
  onSaid: SessionEvents['onSaid'],
): Promise<void> {
  const { unwritten, taken } = pendingWrites(name);
  if (unwritten.length === 0) {
    taken();
    return;
  }
  const { parseRecord } = await import('../records/parseRecord');
  for (const { key, base, record } of unwritten) {
    if (!isKey(key)) continue;
    const fitting = record === null ? null : parseRecord(key, record);
    if (fitting === undefined) continue;
    const { said } = await writeMerged(db, new Map([[key, fitting]]), new Map([[key, base]]));
    if (said.length > 0) onSaid(said);
  }
  taken();
}

/** A full store is said in plain words; everything else as the browser puts it. */
function whyOf(error: unknown): string {
  return isFull(error) ? 'the storage of this browser is full' : reasonOf(error);
}
