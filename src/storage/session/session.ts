import type { BatchDigest } from '@/core/goods/archive/batchDigest';
import type { ArchivedUses } from '@/core/goods/archive/movesOfArchived';
import type { DocumentFile } from '@/core/results/scent/documents';
import type { Photo } from '@/core/batches/records/photo';
import type { Settings } from '@/core/workshop/settings/settingsSchema';
import { COLLECTION_NAMES, type CollectionName } from '../records/names';
import type { RecordOf } from '../records/collections';
import {
  batchesOf,
  documentFilesOf,
  loadWorkshop,
  photosOf,
  type LoadedBatches,
  type StoredWorkshop,
} from '../db/repository';
import { openWorkshopDb } from '../db/open';
import { writeMerged } from '../db/writeMerged';
import type { WorkshopDb } from '../db/layout';
import type { PieceOptions } from '../transfer/pieces';
import { channelOf, type Message } from '../channel';
import { SETTINGS_KEY, isKey, partsOf, type Key } from '../records/keys';
import { backupPlace } from '../backup/place';
import { leave, pendingWrites } from './pendingWrites';
import { markSaved, wasSaved } from './mark';
import { watchBackup } from './backupWatch';
import { hear } from './hearing';
import type { SaveStatus } from './saveStatus';
import { WriteQueue } from './writeQueue';

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
  readonly onMessages: (sentences: readonly string[]) => void;
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
  readonly loadBatches: (
    ids: readonly string[],
    materials: ReadonlySet<string>,
  ) => Promise<LoadedBatches>;
  /** Reads what all batches took off lots. */
  readonly loadUses: () => Promise<readonly ArchivedUses[]>;
  /** Reads the photos of a batch, to be shown. */
  readonly loadPhotos: (batchId: string) => Promise<readonly Photo[]>;
  /** Reads the files of these documents, to be opened. */
  readonly loadDocumentFiles: (ids: readonly string[]) => Promise<readonly DocumentFile[]>;
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

/**
 * Opens the workshop's database and stays with it. Before a record is written the database is asked, in the same
 * transaction, whether it is still what this tab had last: if not, both sides are merged and nothing is lost. Other tabs are
 * told which records were written; they take in those that they have not changed since themselves.
 */
export async function openSession(
  name: string,
  events: SessionEvents,
  build: string | null = null,
): Promise<Session> {
  let lost: { readonly isDamaged: boolean } | null = null;
  let queue: WriteQueue | null = null;
  /** The browser may close the database before it is read. */
  let closedBecause: string | null = null;
  function closed(reason: string): void {
    closedBecause = reason;
    if (queue) queue.close(reason);
    else events.onStatus({ kind: 'failed', reason });
  }
  const db = await openWorkshopDb(name, {
    onAbsent: events.onAbsent,
    onNew: (isDamaged) => (lost = { isDamaged }),
    onBlocked: () =>
      events.onStatus({
        kind: 'failed',
        reason: 'another tab has this workshop open. Close it',
      }),
    onOutdated: () => closed('another tab runs a newer Rovack. Reload this one'),
    onDeleted: () => closed('the browser deleted its stored data'),
    // A reload would begin without what is on the screens: first it is to be exported.
    onTerminated: () => closed('the browser closed its storage, maybe because the disk is full'),
  });
  if (lost) await restoreLost(db, name, lost, events);
  await writePending(db, name, events.onMessages);
  const loaded = await loadWorkshop(db, Date.now(), build);
  return startSession(name, db, loaded, events, (made) => {
    queue = made;
    if (closedBecause) made.close(closedBecause);
  });
}

/** @param onQueue told the queue, which whoever opened the database may have to close */
function startSession(
  name: string,
  db: WorkshopDb,
  loaded: StoredWorkshop,
  events: SessionEvents,
  onQueue: (queue: WriteQueue) => void,
): Session {
  /** Takes back what was left for a next page: this one lived on and wrote it itself. */
  let takeBack = () => {};
  const spare = watchBackup(name);
  const channel = channelOf(name);

  function show(changed: ReadonlyArray<readonly [Key, unknown]>): void {
    const settings = changed.find(([key]) => key === SETTINGS_KEY)?.[1];
    // What comes from elsewhere was looked through where it came in.
    if (settings) events.onSettings(settings as Settings);
    const others = changed.filter(([key]) => key !== SETTINGS_KEY);
    if (others.length > 0) events.onChanges(others.map(([key, record]) => changeOf(key, record)));
  }

  const queue = new WriteQueue(db, {
    onStatus: events.onStatus,
    onMessages: events.onMessages,
    onMerged: (key, record) => show([[key, record]]),
    onWritten: (keys, said, isAll) => {
      if (isAll) takeBack();
      channel.postMessage({ keys, said } satisfies Message);
    },
    onSaved: () => markSaved(name),
    backedUp: (seq) => spare.holds(seq),
  });
  onQueue(queue);
  for (const store of COLLECTION_NAMES)
    for (const record of loaded.records[store]) queue.known.set(`${store}/${record.id}`, record);
  if (loaded.settings) queue.known.set(SETTINGS_KEY, loaded.settings);
  channel.addEventListener('message', ({ data }: MessageEvent<Message>) => {
    if (data.said && data.said.length > 0) events.onMessages(data.said);
    hear(db, queue, data, show, events.onPast).catch((error: unknown) => queue.fail(error));
  });

  return {
    loaded,
    put: (store, records) =>
      queue.put(records.map((record) => [`${store}/${record.id}`, record] as const)),
    putSoon: (store, record) => queue.putSoon(`${store}/${record.id}`, record),
    remove: (store, ids) => queue.put(ids.map((id) => [`${store}/${id}`, null] as const)),
    putSettings: (settings) => queue.put([[SETTINGS_KEY, settings]]),
    pieces: (options) => piecesOf(db, options),
    loadBatches: async (ids, materials) => {
      const brought = await batchesOf(db, ids, materials);
      return { ...brought, batches: brought.batches.map((one) => queue.ownOf('batches', one)) };
    },
    loadUses: () => db.getAll('uses'),
    loadPhotos: async (batchId) =>
      (await photosOf(db, batchId)).map((one) => queue.ownOf('photos', one)),
    loadDocumentFiles: async (ids) =>
      (await documentFilesOf(db, ids)).map((one) => queue.ownOf('documentFiles', one)),
    expectBackup: spare.expect,
    hold: () => queue.hold(),
    flush: () => queue.flush(),
    leave: () => {
      takeBack();
      takeBack = leave(
        name,
        queue
          .unwritten()
          .map(([key, record]) => ({ key, base: queue.known.get(key) ?? null, record })),
      );
    },
    close: () => {
      queue.stopWaiting();
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
  'This browser deleted Rovack’s stored data, usually because the disk was full. Import your last exported file, or open your folder on Workshop.';

/** A database that is new here: on a first visit, or because the browser has lost it. */
async function restoreLost(
  db: WorkshopDb,
  name: string,
  { isDamaged }: { readonly isDamaged: boolean },
  events: SessionEvents,
): Promise<void> {
  if (!isDamaged && !(await backupPlace(name, false))) {
    if (wasSaved(name)) events.onMessages([THROWN_AWAY]);
    return;
  }
  const { restoreBackup } = await import('../backup/restore');
  const { sayRestored } = await import('../backup/messages');
  const sentence = sayRestored(isDamaged, await restoreBackup(db, name));
  if (sentence) events.onMessages([sentence]);
}

/** What a page that went away could not write any more goes in first, united with what the database holds. */
async function writePending(
  db: WorkshopDb,
  name: string,
  onMessages: SessionEvents['onMessages'],
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
    if (said.length > 0) onMessages(said);
  }
  taken();
}
