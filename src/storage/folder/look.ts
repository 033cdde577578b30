import { isFull, reasonOf } from '@/core/basics/format/reason';
import { channelOf, type Message } from '../channel';
import { openWorkshopDb } from '../db/open';
import type { OwnDevice } from '../db/stamps';
import type { Peer, Trouble } from '../db/folderState';
import type { Key } from '../records/keys';
import { directoryOf } from './directory';
import { NEW_FOLDER, ownOf } from './keep';
import { readOthers } from './readOthers';
import { writeOwn, type Left, type LookOptions, type Written } from './writeOwn';

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
  { now, today, streamFromBytes }: LookOptions,
): Promise<Look> {
  const db = await openWorkshopDb(name);
  const channel = channelOf(name);
  try {
    const folder = directoryOf(handle);
    const before = (await db.get('folder', 'folder')) ?? NEW_FOLDER;
    const tell = (keys: readonly Key[]) => channel.postMessage({ keys } satisfies Message);
    const come = await readOthers(db, folder, before, tell, streamFromBytes);
    await db.put('folder', come.state);
    const left = await writeOwn(db, folder, come.state, { now, today }).catch(
      (error: unknown): Left => ({
        state: come.state,
        written: {
          kind: 'failed',
          reason: isFull(error) ? 'the drive is full' : reasonOf(error),
        },
      }),
    );
    await db.put('folder', left.state);
    return {
      own: await ownOf(db),
      peers: left.state.peers,
      takenCount: come.keys.length,
      said: come.said,
      troubles: come.troubles,
      written: left.written,
    };
  } finally {
    channel.close();
    db.close();
  }
}
