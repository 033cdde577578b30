import { sincePieces, workshopPieces } from '../carry';
import { channelOf } from '../channel';
import { COLLECTION_NAMES } from '../collections';
import {
  newDeviceId,
  openWorkshopDb,
  ownDevice,
  type FileMark,
  type FolderState,
  type OwnDevice,
  type Peer,
  type Trouble,
  type WorkshopDb,
} from '../db';
import { MAX_FILE_BYTES, readWorkshopFile, type FolderMarks, type WorkshopFile } from '../file';
import { SETTINGS_KEY, isKey, type Key } from '../keys';
import { copiesToDrop } from './copies';
import { directoryOf, type Directory, type FileSeen } from './directory';
import { NEW_FOLDER } from './keep';
import { COPIES, copyName, dayOfCopy, sinceName, wholeName } from './names';
import { takeIn, type Foreign, type TakenIn } from './takeIn';
import { deviceName } from './words';

export interface Look {
  readonly own: OwnDevice;
  readonly peers: readonly Peer[];
  /** Records that came in. */
  readonly takenCount: number;
  /** Sentences on what two devices changed. */
  readonly said: readonly string[];
  readonly troubles: readonly Trouble[];
  /** Did what this device has go in? */
  readonly written: Written;
}

/** `same`: there was nothing new to write. */
export type Written =
  | {
      readonly kind: 'new' | 'same';
      /** Days of the dated copies. */ readonly copies: readonly string[];
    }
  | { readonly kind: 'failed'; readonly reason: string };

export interface LookOptions {
  /** ISO 8601 with zone. */
  readonly now: string;
  /** This device’s day, `2026-04-18`. */
  readonly today: string;
}

/** Beyond this many changes the whole file is written anew. */
export const MOST_SINCE = 200;

/**
 * One look at the shared folder: takes in what other devices have written since the last one, writes what this device has,
 * and tells every tab which records are other than before. Files are known by what is in them, not by their names: what
 * a synchronizer made two of is read like any other. A file that cannot be read now is read at a later look.
 * Two looks at once are one too many: the caller sees to that.
 * @param name the database’s
 * @throws what the browser throws of the folder: NotFoundError where it is gone, NotAllowedError without leave
 */
export async function lookAtFolder(
  name: string,
  handle: FileSystemDirectoryHandle,
  { now, today }: LookOptions,
): Promise<Look> {
  const db = await openWorkshopDb(name);
  try {
    const folder = directoryOf(handle);
    const before = (await db.get('folder', 'folder')) ?? NEW_FOLDER;
    const come = await readOthers(db, folder, before);
    const channel = channelOf(name);
    if (come.keys.length > 0) channel.postMessage({ keys: come.keys });
    channel.close();
    await db.put('folder', come.state);
    const left = await writeOwn(db, folder, come.state, { now, today }).catch(
      (error: unknown): Left => ({
        state: come.state,
        written: { kind: 'failed', reason: error instanceof Error ? error.message : String(error) },
      }),
    );
    await db.put('folder', left.state);
    return {
      own: await own(db),
      peers: left.state.peers,
      takenCount: come.keys.length,
      said: come.said,
      troubles: come.troubles,
      written: left.written,
    };
  } finally {
    db.close();
  }
}

async function own(db: WorkshopDb): Promise<OwnDevice> {
  const known = await db.get('device', 'own');
  if (known) return known;
  const tx = db.transaction('device', 'readwrite');
  const drawn = await ownDevice(tx.store);
  await tx.store.put(drawn);
  await tx.done;
  return drawn;
}

interface Come extends TakenIn {
  readonly state: FolderState;
  readonly troubles: readonly Trouble[];
}

async function readOthers(db: WorkshopDb, folder: Directory, before: FolderState): Promise<Come> {
  let state = before;
  const keys: Key[] = [];
  const said: string[] = [];
  const troubles: Trouble[] = [];
  // Whole files first: what came since may speak of what is in them.
  const files = [...(await folder.list())].sort((a, b) => b.size - a.size);
  for (const file of files) {
    if (isSame(file, state.written[file.name])) continue;
    const me = await own(db);
    const isOwnName = [wholeName(me.device), sinceName(me.device)].includes(file.name);
    if (isSame(file, state.read[file.name])) {
      if (isOwnName) state = { ...state, whole: null };
      troubles.push(...(state.read[file.name]?.troubles ?? []));
      continue;
    }
    const read = await fileOf(db, folder, file);
    if (!read.ok) {
      troubles.push(read.trouble);
      // Of this device’s own only what it writes counts: it is written anew.
      if (isOwnName) state = { ...state, whole: null };
      continue;
    }
    const { workshop, marks } = read;
    const isOwn = marks.device === me.device;
    if (isOwn && marks.seq > me.seq) {
      // A copy of this browser writes under the same id.
      await db.put('device', { ...me, device: newDeviceId() });
      state = { ...state, whole: null, writtenSeq: 0, written: {} };
    } else if (isOwn && isOwnName) state = { ...state, whole: null };
    const names = { here: deviceName(me), there: deviceName(marks) };
    const taken = await takeIn(db, foreignOf(workshop, marks), names);
    keys.push(...taken.keys);
    said.push(...taken.said);
    const found = troublesOf(file.name, marks, read.refused);
    troubles.push(...found);
    state = {
      ...state,
      read: { ...state.read, [file.name]: { ...markOf(file), troubles: found } },
      peers: isOwn ? state.peers : withPeer(state.peers, marks, workshop.exportedAt),
    };
  }
  return { state, keys: [...new Set(keys)], said, troubles };
}

type Read =
  | {
      readonly ok: true;
      readonly workshop: WorkshopFile;
      readonly marks: FolderMarks;
      readonly refused: readonly string[];
    }
  | { readonly ok: false; readonly trouble: Trouble };

async function fileOf(db: WorkshopDb, folder: Directory, file: FileSeen): Promise<Read> {
  if (file.size > MAX_FILE_BYTES)
    return { ok: false, trouble: { code: 'too-big', file: file.name } };
  const materials = await db.getAllKeys('materials');
  const result = readWorkshopFile(await folder.read(file.name), new Set(materials));
  if (!result.ok) {
    const code = result.problem.code === 'newer' ? 'newer' : 'half-written';
    return { ok: false, trouble: { code, file: file.name } };
  }
  const { workshop, refused } = result;
  if (!workshop.folder) return { ok: false, trouble: { code: 'by-hand', file: file.name } };
  return { ok: true, workshop, marks: workshop.folder, refused: refused.map(({ name }) => name) };
}

function troublesOf(
  file: string,
  marks: FolderMarks,
  refused: readonly string[],
): readonly Trouble[] {
  const isFirst = [wholeName(marks.device), sinceName(marks.device)].includes(file);
  return [
    ...(refused.length > 0 ? [{ code: 'refused', file, records: refused } as const] : []),
    ...(isFirst ? [] : [{ code: 'second-copy', file, of: deviceName(marks) } as const]),
  ];
}

function foreignOf(workshop: WorkshopFile, { vectors, gone }: FolderMarks): readonly Foreign[] {
  const there = COLLECTION_NAMES.flatMap((name) =>
    workshop[name].map((record): Foreign => {
      const key: Key = `${name}/${record.id}`;
      return { key, record, vector: vectors[key] ?? {} };
    }),
  );
  const settings: readonly Foreign[] = workshop.settings
    ? [{ key: SETTINGS_KEY, record: workshop.settings, vector: vectors[SETTINGS_KEY] ?? {} }]
    : [];
  const removed = Object.entries(gone).flatMap(([key, vector]): readonly Foreign[] =>
    isKey(key) ? [{ key, record: null, vector }] : [],
  );
  return [...there, ...settings, ...removed];
}

interface Left {
  readonly state: FolderState;
  readonly written: Written;
}

async function writeOwn(
  db: WorkshopDb,
  folder: Directory,
  state: FolderState,
  { now, today }: LookOptions,
): Promise<Left> {
  const me = await own(db);
  const copies = await folder.inside(COPIES);
  const days = async () =>
    (await copies.list()).flatMap(({ name }) => dayOfCopy(me.device, name) ?? []);
  const { whole } = state;
  const isThere = (await folder.list()).some(({ name }) => name === wholeName(me.device));
  if (whole && isThere && me.seq === state.writtenSeq && whole.day === today)
    return { state, written: { kind: 'same', copies: await days() } };
  if (whole && isThere && whole.day === today && me.seq - whole.seq <= MOST_SINCE) {
    const since = sinceName(me.device);
    const mark = await folder.write(since, sincePieces(db, me, whole.seq, now));
    const written = { ...state.written, [since]: mark };
    return {
      state: { ...state, written, writtenSeq: me.seq },
      written: { kind: 'new', copies: await days() },
    };
  }
  const mark = await folder.write(wholeName(me.device), workshopPieces(db, { own: me, now }));
  await folder.remove(sinceName(me.device));
  if (!(await days()).includes(today))
    await copies.write(copyName(me.device, today), workshopPieces(db, { own: me, now }));
  for (const day of copiesToDrop(await days(), today))
    await copies.remove(copyName(me.device, day));
  return {
    state: {
      ...state,
      written: { [wholeName(me.device)]: mark },
      whole: { seq: me.seq, day: today },
      writtenSeq: me.seq,
    },
    written: { kind: 'new', copies: await days() },
  };
}

function withPeer(peers: readonly Peer[], { device, name }: FolderMarks, wroteAt: string): Peer[] {
  const last = peers.find((one) => one.device === device);
  const at = last && last.wroteAt > wroteAt ? last.wroteAt : wroteAt;
  return [...peers.filter((one) => one.device !== device), { device, name, wroteAt: at }];
}

function markOf({ size, changedAt }: FileMark): FileMark {
  return { size, changedAt };
}

function isSame(file: FileMark, mark: FileMark | undefined): boolean {
  return mark !== undefined && mark.size === file.size && mark.changedAt === file.changedAt;
}
