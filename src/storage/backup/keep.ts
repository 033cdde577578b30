import type { WorkshopDb } from '../db/layout';
import { PAGE, changesAfter, goneStamps, pagesOfStore } from '../db/log';
import type { OwnDevice } from '../db/stamps';
import { SETTINGS_KEY, STORE_NAMES } from '../records/keys';
import { HEAD_BYTES, headIn, headLine, line, lineIn, type Head } from './format';

/** A file as a worker has it: read and written at any place, at once. */
export interface BackupFile {
  readonly size: () => number;
  readonly read: (atByte: number, bytes: number) => string;
  /** @returns bytes written */
  readonly write: (atByte: number, text: string) => number;
  readonly clear: () => void;
  /** Asks the system to put down what was written. */
  readonly flush: () => void;
}

/** The last line of an append says how far it goes; it is looked for in so many bytes at the end, and in more if need be. */
const TAIL_BYTES = [200, 64 * 1024, 2 * 1024 * 1024, 32 * 1024 * 1024];
/** Such a line is short. */
const MOST_END_LINE = 60;
/** What was appended may be so big, or as big as the copy itself, before the copy is written again. */
const MOST_APPENDED_BYTES = 8 * 1024 * 1024;
/** A worker through whose hands so many records went has grown big, and none gives back what it took before it ends. */
const MANY_RECORDS = 5000;

interface Active {
  readonly at: 0 | 1;
  readonly head: Head;
  /** Everything up to this write is in it. */
  readonly seq: number;
}

export interface Backup {
  /** Appends what was written since. @param hasSettings settings are of one device in part: not each change has a stamp */
  readonly follow: (hasSettings: boolean) => Promise<void>;
  /** Everything up to this write is in it. */
  readonly seq: () => number;
  /** Has so much been appended that the copy is better written again? */
  readonly isLong: () => boolean;
  /** Have so many records gone through its hands that it is better begun afresh? */
  readonly needsRestart: () => boolean;
  /** Asks the system to put down what was appended: a browser that is killed loses none of it, a machine without power may. */
  readonly flushToDisk: () => void;
  /** Writes it again. */
  readonly renew: () => Promise<void>;
}

/**
 * Keeps a second copy of everything beside the database: a browser that finds its database damaged, as it may when it was
 * killed in the middle of a write, throws all of it away without a word.
 * @param db open in any version; nothing is written to it
 */
export async function keepBackup(
  db: WorkshopDb,
  files: readonly [BackupFile, BackupFile],
): Promise<Backup> {
  let recordCount = 0;
  let active = await standing();

  /** The newest whole copy that this database has written and whose end is known. */
  async function standing(): Promise<Active | null> {
    const own = await ownOf(db);
    const heads = files.map((file) => headIn(file.read(0, HEAD_BYTES)));
    const [newest] = ([0, 1] as const)
      .flatMap((at) => (heads[at]?.wholeBytes ? [{ at, head: heads[at] }] : []))
      .sort((a, b) => b.head.generation - a.head.generation);
    if (!newest || newest.head.version !== db.version || newest.head.device !== own?.device)
      return null;
    const file = files[newest.at];
    const seq = seqAtEnd(file);
    return seq === null ? null : { ...newest, seq };
  }

  async function follow(hasSettings: boolean): Promise<void> {
    if (active) active = await followed(files[active.at], active, hasSettings);
    else active = await written();
  }

  /** Everything since, a page at a time: after a big import there is much of it. */
  async function followed(file: BackupFile, from: Active, hasSettings: boolean): Promise<Active> {
    let page = await appended(db, file, from, hasSettings);
    recordCount += page.count;
    while (!page.isAll) {
      page = await appended(db, file, page.active, false);
      recordCount += page.count;
    }
    return page.active;
  }

  /** All of it into the other file, and then what has changed meanwhile; until it is whole the old one counts. */
  async function written(): Promise<Active | null> {
    const own = await ownOf(db);
    if (!own) return null;
    const heads = files.map((file) => headIn(file.read(0, HEAD_BYTES)));
    const isFirstNewer = (heads[0]?.generation ?? 0) > (heads[1]?.generation ?? 0);
    const at = isFirstNewer ? 1 : 0;
    const file = files[at];
    const generation = Math.max(...heads.map((head) => head?.generation ?? 0)) + 1;
    const head: Head = { version: db.version, device: own.device, generation, wholeBytes: null };
    file.clear();
    let bytes = file.write(0, headLine(head));
    for await (const text of everything(db)) bytes += file.write(bytes, text);
    bytes += file.write(bytes, line({ seq: own.seq }));
    file.flush();
    const whole = { ...head, wholeBytes: bytes };
    file.write(0, headLine(whole));
    file.flush();
    return followed(file, { at, head: whole, seq: own.seq }, true);
  }

  async function renew(): Promise<void> {
    active = (await written()) ?? active;
  }

  function isLong(): boolean {
    const wholeBytes = active?.head.wholeBytes ?? 0;
    const appendedBytes = active ? files[active.at].size() - wholeBytes : 0;
    return appendedBytes > Math.max(MOST_APPENDED_BYTES, wholeBytes);
  }

  await follow(true);
  return {
    follow,
    isLong,
    flushToDisk: () => {
      if (active) files[active.at].flush();
    },
    renew,
    needsRestart: () => recordCount >= MANY_RECORDS,
    seq: () => active?.seq ?? -1,
  };
}

async function ownOf(db: WorkshopDb): Promise<OwnDevice | undefined> {
  return await db.get('device', 'own');
}

/**
 * How far a file goes: up to the last append that was finished. What a page left that died in the middle of one is no line,
 * or is appended again; its last line is ended here, so that the next one stands by itself.
 * @returns null where no end is found
 */
function seqAtEnd(file: BackupFile): number | null {
  for (const bytes of TAIL_BYTES) {
    const from = Math.max(HEAD_BYTES, file.size() - bytes);
    const lines = file.read(from, bytes).split('\n');
    // What is behind the last line’s end was broken off.
    if (lines.at(-1) !== '') file.write(file.size(), '\n');
    for (const text of lines.slice(0, -1).reverse()) {
      const end = text.length <= MOST_END_LINE ? lineIn(text) : null;
      if (end && 'seq' in end) return end.seq;
    }
    if (from === HEAD_BYTES) break;
  }
  return null;
}

/** One page of what was written since. @returns how many records that were, and whether it was all */
async function appended(
  db: WorkshopDb,
  file: BackupFile,
  active: Active,
  hasSettings: boolean,
): Promise<{ readonly active: Active; readonly count: number; readonly isAll: boolean }> {
  const also = hasSettings ? ([SETTINGS_KEY] as const) : [];
  const { logged, own, seq, isAll } = await changesAfter(db, active.seq, { most: PAGE, also });
  const lines = logged.map(line);
  if (own) lines.push(line({ key: 'device/own', record: own, stamp: null }));
  file.write(file.size(), [...lines, line({ seq })].join(''));
  return { active: { ...active, seq }, count: logged.filter(({ stamp }) => stamp).length, isAll };
}

async function* everything(db: WorkshopDb): AsyncGenerator<string> {
  for (const store of STORE_NAMES)
    for await (const page of pagesOfStore(db, store)) yield page.map(line).join('');
  yield (await goneStamps(db))
    .map((stamp) => line({ key: stamp.id, record: null, stamp }))
    .join('');
}
