import { sincePieces, workshopPieces } from '../transfer/pieces';
import type { FolderState } from '../db/folderState';
import type { WorkshopDb } from '../db/layout';
import { copiesToDrop } from './copies';
import type { Directory } from './directory';
import { ownOf } from './keep';
import { COPIES, copyName, dayOfCopy, sinceName, wholeName } from './names';

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
  /** Files of others from this size on are read record by record; the usual where it is not said. */
  readonly streamFromBytes?: number;
}

/** Beyond this many changes the whole file is written again. */
export const MOST_SINCE = 200;
export interface Left {
  readonly state: FolderState;
  readonly written: Written;
}

/** Writes what this device has: what is new beside the whole file, or, on a new day or after many changes, all of it with a dated copy. */
export async function writeOwn(
  db: WorkshopDb,
  folder: Directory,
  state: FolderState,
  { now, today }: LookOptions,
): Promise<Left> {
  const me = await ownOf(db);
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
