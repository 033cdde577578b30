import { WRITTEN_STORES, type OwnDevice } from '../db/stamps';
import { putRecord } from '../db/put';
import type { WorkshopDb } from '../db/layout';
import { STORE_NAMES, isKey, partsOf } from '../records/keys';
import { STORED_VERSION } from '../upgrades/version';
import { plainsOf, type Plain } from '../upgrades/plain';
import { upgraded } from '../upgrades/upgrades';
import { HEAD_BYTES, BACKUP_FILES, headIn, lineIn, type Head, type BackupLine } from './format';
import { backupPlace } from './place';

/** So many records go in at once. */
const AT_ONCE = 200;

/** What came back of the spare copy. */
export interface Restored {
  readonly count: number;
  /** False where the browser was stopped before its first copy was finished: then it is what had been written of it. */
  readonly isWhole: boolean;
}

/**
 * Puts everything of the spare copy into a database that has just been made again: the newest copy that is whole, and over it
 * what had been written of the next one, as that is newer. Where none is whole yet, what there is of it is better than
 * nothing.
 * @param name the database’s
 * @returns null where nothing was ever copied
 */
export async function restoreBackup(db: WorkshopDb, name: string): Promise<Restored | null> {
  const place = await backupPlace(name, false);
  const copies = place ? await copiesIn(place) : [];
  let count = 0;
  for (const { file, head } of copies) count = await restoreFrom(db, file, head);
  return copies.length === 0 || count === 0
    ? null
    : { count, isWhole: copies.some(({ isWhole }) => isWhole) };
}

/** The same from one file. What an older release has written is brought up first. */
export async function restoreFrom(db: WorkshopDb, file: Blob, head: Head): Promise<number> {
  if (head.version !== STORED_VERSION) {
    const last = new Map<string, BackupLine>();
    for await (const read of linesOf(file)) if ('key' in read) last.set(read.key, read);
    await putAll(db, broughtUp([...last.values()], head.version));
  } else {
    let page: BackupLine[] = [];
    for await (const read of linesOf(file)) {
      page.push(read);
      if (page.length < AT_ONCE) continue;
      await putAll(db, page);
      page = [];
    }
    await putAll(db, page);
  }
  const counts = await Promise.all(STORE_NAMES.map((store) => db.count(store)));
  return counts.reduce((sum, count) => sum + count, 0);
}

interface Copy {
  readonly file: Blob;
  readonly head: Head;
  readonly isWhole: boolean;
}

/** The newest whole copy, and those that were begun after it; oldest first. */
async function copiesIn(place: FileSystemDirectoryHandle): Promise<readonly Copy[]> {
  const found: Copy[] = [];
  for (const name of BACKUP_FILES) {
    const handle = await place.getFileHandle(name).catch(() => null);
    const file = await handle?.getFile();
    const head = file && headIn(await file.slice(0, HEAD_BYTES).text());
    if (!file || !head) continue;
    found.push({ file, head, isWhole: head.wholeBytes !== null && head.wholeBytes <= file.size });
  }
  const inOrder = found.sort((a, b) => a.head.generation - b.head.generation);
  return inOrder.slice(
    Math.max(
      0,
      inOrder.findLastIndex(({ isWhole }) => isWhole),
    ),
  );
}

async function* linesOf(file: Blob): AsyncGenerator<BackupLine> {
  const reader = file.slice(HEAD_BYTES).stream().pipeThrough(new TextDecoderStream()).getReader();
  let rest = '';
  for (;;) {
    const { done, value } = await reader.read();
    const texts = (rest + (value ?? '')).split('\n');
    rest = done ? '' : (texts.pop() ?? '');
    for (const text of texts) {
      const read = lineIn(text);
      if (read) yield read;
    }
    if (done) return;
  }
}

async function putAll(db: WorkshopDb, lines: readonly BackupLine[]): Promise<void> {
  const tx = db.transaction(WRITTEN_STORES, 'readwrite');
  const requests: Promise<unknown>[] = [];
  for (const read of lines) {
    if (!('key' in read)) continue;
    const { key, record, stamp } = read;
    if (key === 'device/own') requests.push(tx.objectStore('device').put(notLookedThrough(record)));
    if (!isKey(key)) continue;
    const [store, id] = partsOf(key);
    requests.push(...putRecord(tx, store, id, record));
    if (stamp) requests.push(tx.objectStore('stamps').put(stamp));
  }
  await Promise.all([...requests, tx.done]);
}

/** What came back is looked through at the next start like what an older build has left. */
function notLookedThrough(own: unknown): OwnDevice {
  return { ...(own as OwnDevice), soundBy: undefined };
}

function broughtUp(lines: readonly BackupLine[], fromVersion: number): readonly BackupLine[] {
  const stores: Record<string, readonly Plain[]> = {};
  for (const store of STORE_NAMES)
    stores[store] = plainsOf(
      lines.flatMap((one) =>
        'key' in one && one.key.startsWith(`${store}/`) && one.record !== null ? [one.record] : [],
      ),
    );
  const records = Object.entries(upgraded(stores, fromVersion)).flatMap(([store, all]) =>
    all.map((record) => ({ key: `${store}/${String(record.id)}`, record, stamp: null })),
  );
  const rest = lines.filter((one) => 'key' in one && (!isKey(one.key) || one.record === null));
  return [...records, ...rest];
}
