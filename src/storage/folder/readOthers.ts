import { newDeviceId } from '../db/stamps';
import type { FileMark, FolderState, Peer, Trouble } from '../db/folderState';
import type { WorkshopDb } from '../db/layout';
import type { FolderMarks } from '../file/schema';
import type { Key } from '../records/keys';
import type { Directory } from './directory';
import { ownOf } from './keep';
import { sinceName, wholeName } from './names';
import { openOther, takeInPages } from './other';
import type { TakenIn, Tell } from './takeIn';
import { deviceName } from './messages';

export interface Come extends TakenIn {
  readonly state: FolderState;
  readonly troubles: readonly Trouble[];
}

/** Takes in every file that is other than at the last look; what cannot be read now is named, and read later. @param streamFromBytes a file from here on is read record by record */
export async function readOthers(
  db: WorkshopDb,
  folder: Directory,
  before: FolderState,
  tell: Tell,
  streamFromBytes?: number,
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
    const read = await openOther(db, folder, file.name, streamFromBytes);
    if (!read.ok) {
      troubles.push(read.trouble);
      // Of this device’s own only what it writes counts: it is written again.
      if (isOwnName) state = { ...state, whole: null };
      continue;
    }
    const { marks, exportedAt } = read;
    const isOwn = marks.device === me.device;
    if (isOwn && marks.seq > me.seq) {
      // A copy of this browser writes under the same id.
      await db.put('device', { ...me, device: newDeviceId() });
      state = { ...state, whole: null, writtenSeq: 0, written: {} };
    } else if (isOwn && isOwnName) state = { ...state, whole: null };
    const names = { here: deviceName(me), there: deviceName(marks) };
    const taken = await takeInPages(db, read, names, tell);
    keys.push(...taken.keys);
    said.push(...taken.said);
    if (!taken.isWhole) {
      // What came in stays; the file is read again when it is whole.
      troubles.push({ code: 'half-written', file: file.name });
      continue;
    }
    const found = troublesOf(file.name, marks, taken.refused);
    troubles.push(...found);
    state = {
      ...state,
      read: { ...state.read, [file.name]: { ...markOf(file), troubles: found } },
      peers: isOwn ? state.peers : withPeer(state.peers, marks, exportedAt),
    };
  }
  return { state, keys: [...new Set(keys)], said, troubles };
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
