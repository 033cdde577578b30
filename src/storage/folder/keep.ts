import { knownDevice, ownDevice, type OwnDevice } from '../db/stamps';
import { openWorkshopDb } from '../db/open';
import type { FolderState } from '../db/folderState';
import type { WorkshopDb } from '../db/layout';

/** The folder that was chosen here, if one was. @param name the database’s */
export function storedFolder(name: string): Promise<FileSystemDirectoryHandle | null> {
  return inDb(name, async (db) => (await db.get('handle', 'folder'))?.handle ?? null);
}

/** A folder that was chosen just now: nothing in it has been looked at. */
export function keepFolder(name: string, handle: FileSystemDirectoryHandle): Promise<void> {
  return inDb(name, async (db) => {
    await db.put('handle', { id: 'folder', handle });
    await db.put('folder', NEW_FOLDER);
  });
}

/** The folder stays as it is; this browser looks at it no more. */
export function forgetFolder(name: string): Promise<void> {
  return inDb(name, async (db) => {
    await db.delete('handle', 'folder');
    await db.delete('folder', 'folder');
  });
}

/** What its maker calls this browser: written with the next file. */
export function nameDevice(name: string, called: string): Promise<void> {
  return inDb(name, async (db) => {
    const tx = db.transaction('device', 'readwrite');
    const own = await ownDevice(tx.store);
    await tx.store.put({ ...own, name: called, seq: own.seq + 1 });
    await tx.done;
  });
}

/** Of a folder that this device has not looked at yet. */
export const NEW_FOLDER: FolderState = {
  id: 'folder',
  read: {},
  written: {},
  peers: [],
  whole: null,
  writtenSeq: 0,
};

/** Who this browser is; drawn and kept when it has not been anyone yet. */
export async function ownOf(db: WorkshopDb): Promise<OwnDevice> {
  const known = await knownDevice(db.transaction('device').store);
  if (known) return known;
  const tx = db.transaction('device', 'readwrite');
  const drawn = await ownDevice(tx.store);
  await tx.store.put(drawn);
  await tx.done;
  return drawn;
}

async function inDb<T>(name: string, act: (db: WorkshopDb) => Promise<T>): Promise<T> {
  const db = await openWorkshopDb(name);
  try {
    return await act(db);
  } finally {
    db.close();
  }
}
