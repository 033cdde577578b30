import type { WorkshopSchema } from '../db/layout';
import { openDB } from 'idb';
import { channelOf, backupChannelOf, type Kept, type Message } from '../channel';
import { maintenanceLock } from '../maintenanceLock';
import { SETTINGS_KEY } from '../records/keys';
import { BACKUP_FILES } from './format';
import { keepBackup, type BackupFile } from './keep';
import { backupPlace } from './place';

/** A copy that has grown long is written again once the screens have come up and some work is done, ms. */
const RENEW_AFTER_MS = 30_000;
/** What was appended is put down by the system this long after, ms: nobody waits for a disk with each edit. */
const PUT_DOWN_AFTER_MS = 1000;

type AccessHandle = Awaited<ReturnType<FileSystemFileHandle['createSyncAccessHandle']>>;

/**
 * Stands by a database as long as the worker lives and keeps its spare copy: one worker of all tabs at a time, the next
 * takes over when that tab is closed. It steps aside for a newer release.
 * @param name the database’s
 * @returns `again` after many records went through its hands: a worker begun afresh has none of them in its memory
 * @throws what the browser throws when there is no room: then there is no spare copy, and nothing else is the worse for it
 */
export async function guardBackup(name: string): Promise<'again' | 'left'> {
  const place = await backupPlace(name, true);
  if (!place) return 'left';
  return navigator.locks.request(`rovack spare ${name}`, async () => {
    let leave = () => {};
    const left = new Promise<'left'>((resolve) => (leave = () => resolve('left')));
    const db = await openDB<WorkshopSchema>(name, undefined, {
      // Where nothing is stored, nothing is made.
      upgrade: (_db, _before, _now, tx) => tx.abort(),
      blocking: leave,
      terminated: leave,
    });
    const channel = channelOf(name);
    const told = backupChannelOf(name);
    const handles: AccessHandle[] = [];
    let puttingDown: ReturnType<typeof setTimeout> | undefined;
    try {
      for (const file of BACKUP_FILES) handles.push(await handleOf(place, file));
      const [one, other] = handles.map(fileOf);
      if (!one || !other) return 'left';
      const spare = await keepBackup(db, [one, other]);
      let beginAfresh = () => {};
      const weary = new Promise<'again'>((resolve) => (beginAfresh = () => resolve('again')));
      let running = Promise.resolve();
      const follow = async (hasSettings: boolean) => {
        await spare.follow(hasSettings);
        told.postMessage({ keptSeq: spare.seq() } satisfies Kept);
        puttingDown ??= setTimeout(() => {
          puttingDown = undefined;
          running = running.then(spare.flushToDisk);
        }, PUT_DOWN_AFTER_MS);
        if (spare.needsRestart()) beginAfresh();
      };
      const failed = new Promise<never>((_, reject) => {
        channel.addEventListener('message', ({ data: { keys } }: MessageEvent<Message>) => {
          running = running.then(() => follow(keys.includes(SETTINGS_KEY)));
          running.catch(reject);
        });
      });
      // What was written while the copy was opened.
      running = follow(true);
      await running;
      const renewed = new Promise<'again'>((resolve, reject) => {
        if (!spare.isLong()) return;
        const renew = () => (running = running.then(spare.renew));
        setTimeout(() => {
          navigator.locks
            .request(maintenanceLock(name), renew)
            .then(() => resolve('again'), reject);
        }, RENEW_AFTER_MS);
      });
      return await Promise.race([left, failed, renewed, weary]);
    } finally {
      clearTimeout(puttingDown);
      channel.close();
      told.close();
      db.close();
      // The next worker waits for the lock, not for the files.
      for (const handle of handles) handle.close();
    }
  });
}

async function handleOf(place: FileSystemDirectoryHandle, name: string): Promise<AccessHandle> {
  return (await place.getFileHandle(name, { create: true })).createSyncAccessHandle();
}

function fileOf(handle: AccessHandle): BackupFile {
  const encoder = new TextEncoder();
  return {
    size: () => handle.getSize(),
    read: (at, bytes) => {
      const room = new Uint8Array(bytes);
      const count = handle.read(room, { at });
      return new TextDecoder().decode(room.subarray(0, count));
    },
    write: (at, text) => handle.write(encoder.encode(text), { at }),
    clear: () => handle.truncate(0),
    flush: () => handle.flush(),
  };
}
