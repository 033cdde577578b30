import type { Settings } from '@/core/workshop/settings/settingsSchema';
import { COLLECTION_NAMES, type CollectionName } from '../records/names';
import type { Records } from '../records/collections';
import type { WorkshopDb } from '../db/layout';
import { changesAfter, goneStamps, pagesOfStore, type Logged } from '../db/log';
import type { Device, Stamp } from '../db/stamps';
import { CLOSED_LIST, closeFile, openFile, openList, recordLines } from '../file/write';
import type { FolderMarks } from '../file/schema';
import { SETTINGS_KEY, partsOf, type StoreName } from '../records/keys';
import { syncedFields } from '../records/syncedFields';
import type { VersionVector } from '../versionVector';

export interface PieceOptions {
  /** ISO 8601 with zone. */
  readonly now: string;
  /** For a shared folder: who writes; the file then says which device has written what. */
  readonly own?: Device;
  /** What a page holds that the database may not have: it goes into the file instead. */
  readonly overlay?: { readonly records: Records; readonly settings: Settings };
  /** @param share of what there is, 0 to 1 */
  readonly onProgress?: (share: number) => void;
}

/**
 * Everything stored, as the pieces of one file, so that it is never in memory as a whole. A record and its stamp are read
 * in one transaction: they are of one moment. What the database cannot give is taken from the overlay alone.
 * @param db null where it would not open
 */
export async function* workshopPieces(
  db: WorkshopDb | null,
  { now, own, overlay, onProgress }: PieceOptions,
): AsyncGenerator<string> {
  const stamps: Stamp[] = [];
  const total = db ? await countOf(db) : 0;
  let written = 0;
  yield openFile(now);
  for (const name of COLLECTION_NAMES) {
    yield openList(name);
    const above = new Map<string, unknown>(
      (overlay?.records[name] ?? []).map((one) => [one.id, one]),
    );
    let isFirst = true;
    for await (const page of pagesOf(db, name, overlay !== undefined)) {
      stamps.push(...page.flatMap(({ stamp }) => stamp ?? []));
      const records = page.map(({ key, record }) => above.get(partsOf(key)[1]) ?? record);
      for (const { key } of page) above.delete(partsOf(key)[1]);
      yield recordLines(records, isFirst);
      isFirst = false;
      written += page.length;
      onProgress?.(total > 0 ? Math.min(1, written / total) : 1);
    }
    yield recordLines([...above.values()], isFirst);
    yield CLOSED_LIST;
  }
  const settings = overlay?.settings ?? (await db?.getAll('settings'))?.[0];
  if (!own || !db) yield closeFile(settings);
  else {
    const ofSettings = await db.get('stamps', SETTINGS_KEY);
    stamps.push(...(await goneStamps(db)), ...(ofSettings ? [ofSettings] : []));
    yield closeFile(syncedFields(SETTINGS_KEY, settings), marksOf(own, stamps, true));
  }
}

async function countOf(db: WorkshopDb): Promise<number> {
  try {
    const counts = await Promise.all(COLLECTION_NAMES.map((name) => db.count(name)));
    return counts.reduce((sum, count) => sum + count, 0);
  } catch {
    return 0;
  }
}

/** What was written after a write, as one file. */
export async function* sincePieces(
  db: WorkshopDb,
  own: Device,
  afterSeq: number,
  now: string,
): AsyncGenerator<string> {
  const { logged } = await changesAfter(db, afterSeq);
  const of = (store: StoreName) =>
    logged.flatMap(({ key, record }) =>
      record !== null && partsOf(key)[0] === store ? [record] : [],
    );
  const lists = COLLECTION_NAMES.map(
    (name) => openList(name) + recordLines(of(name), true) + CLOSED_LIST,
  );
  const settings = syncedFields(SETTINGS_KEY, of('settings')[0]);
  const stamps = logged.flatMap(({ stamp }) => stamp ?? []);
  yield [openFile(now), ...lists, closeFile(settings, marksOf(own, stamps, false))].join('');
}

/** @param mayFail a database that gives nothing more ends the pages: the overlay has what is left */
async function* pagesOf(
  db: WorkshopDb | null,
  name: CollectionName,
  mayFail: boolean,
): AsyncGenerator<readonly Logged[]> {
  if (!db) return;
  try {
    yield* pagesOfStore(db, name);
  } catch (error) {
    if (!mayFail) throw error;
  }
}

function marksOf(own: Device, stamps: readonly Stamp[], isWhole: boolean): FolderMarks {
  const { device, name, seq } = own;
  const vectors: Record<string, VersionVector> = {};
  const gone: Record<string, VersionVector> = {};
  for (const { id, vector, isGone } of stamps) (isGone ? gone : vectors)[id] = vector;
  return { device, name, seq, isWhole, vectors, gone };
}
