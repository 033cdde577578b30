import { openDB } from 'idb';
import { channelOf, spareChannelOf, type Kept, type Message } from '../channel';
import { SETTINGS_KEY } from '../keys';
import { SPARE_FILES } from './format';
import { keepSpare, type SpareFile } from './keep';
import { sparePlace } from './place';

/** A copy that has grown long is written anew once the screens have come up and some work is done, ms. */
const RENEW_AFTER_MS = 30_000;

/**
 * Stands by a database as long as the worker lives and keeps its spare copy: one worker of all tabs at a time, the next
 * takes over when that tab is closed. It steps aside for a newer release.
 * @param name the database’s
 * @returns `again` after it has written all of a long copy anew: a worker begun afresh has none of that in its memory
 * @throws what the browser throws when there is no room: then there is no spare copy, and nothing else is the worse for it
 */
export async function guardSpare(name: string): Promise<'again' | 'left'> {
  const place = await sparePlace(name, true);
  if (!place) return 'left';
  return navigator.locks.request(`rovack spare ${name}`, async () => {
    let leave = () => {};
    const left = new Promise<'left'>((resolve) => (leave = () => resolve('left')));
    const db = await openDB(name, undefined, {
      // Where nothing is stored, nothing is made.
      upgrade: (_db, _before, _now, tx) => tx.abort(),
      blocking: leave,
      terminated: leave,
    });
    const channel = channelOf(name);
    const told = spareChannelOf(name);
    try {
      const [one, other] = await Promise.all(SPARE_FILES.map((file) => fileIn(place, file)));
      if (!one || !other) return 'left';
      const spare = await keepSpare(db, [one, other]);
      const follow = async (hasSettings: boolean) => {
        await spare.follow(hasSettings);
        told.postMessage({ keptSeq: spare.seq() } satisfies Kept);
      };
      let running = Promise.resolve();
      const failed = new Promise<never>((_, reject) => {
        channel.onmessage = ({ data: { keys } }: MessageEvent<Message>) => {
          running = running.then(() => follow(keys.includes(SETTINGS_KEY)));
          running.catch(reject);
        };
      });
      // What was written while the copy was opened.
      running = follow(true);
      await running;
      const renewed = new Promise<'again'>((resolve, reject) => {
        if (!spare.isLong()) return;
        setTimeout(() => {
          running = running.then(spare.renew);
          running.then(() => resolve('again'), reject);
        }, RENEW_AFTER_MS);
      });
      return await Promise.race([left, failed, renewed]);
    } finally {
      channel.close();
      told.close();
      db.close();
    }
  });
}

async function fileIn(place: FileSystemDirectoryHandle, name: string): Promise<SpareFile> {
  const handle = await place.getFileHandle(name, { create: true });
  const access = await handle.createSyncAccessHandle();
  const encoder = new TextEncoder();
  return {
    size: () => access.getSize(),
    read: (at, bytes) => {
      const room = new Uint8Array(bytes);
      const count = access.read(room, { at });
      return new TextDecoder().decode(room.subarray(0, count));
    },
    write: (at, text) => access.write(encoder.encode(text), { at }),
    clear: () => access.truncate(0),
    flush: () => access.flush(),
  };
}
