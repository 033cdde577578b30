import { COLLECTION_NAMES } from '../collections';
import {
  newDeviceId,
  type FileMark,
  type FolderState,
  type Peer,
  type Trouble,
  type WorkshopDb,
} from '../db';
import { MAX_FILE_BYTES, readWorkshopFile, type FolderMarks, type WorkshopFile } from '../file';
import { SETTINGS_KEY, isKey, type Key } from '../keys';
import type { Directory, FileSeen } from './directory';
import { ownOf } from './keep';
import { sinceName, wholeName } from './names';
import { takeIn, type Foreign, type TakenIn } from './takeIn';
import { deviceName } from './words';

export interface Come extends TakenIn {
  readonly state: FolderState;
  readonly troubles: readonly Trouble[];
}

/** Takes in every file that is other than at the last look; what cannot be read now is named, and read later. */
export async function readOthers(
  db: WorkshopDb,
  folder: Directory,
  before: FolderState,
): Promise<Come> {
  let state = before;
  const keys: Key[] = [];
  const said: string[] = [];
  const troubles: Trouble[] = [];
  // Whole files first: what came since may speak of what is in them.
  const files = [...(await folder.list())].sort((a, b) => b.size - a.size);
  for (const file of files) {
    if (isSame(file, state.written[file.name])) continue;
    const me = await ownOf(db);
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
