import { sameData } from '@/core/formula';
import type { Settings } from '@/core/workshop';
import { channelOf } from '../channel';
import { COLLECTION_NAMES, type CollectionName } from '../collections';
import { openWorkshopDb, writeUnited, type WorkshopDb } from '../db';
import type { FileProblemResult } from '../file';
import type { Key } from '../keys';
import type { Refused } from '../soundness';
import { FileRefused } from './fileRefused';
import { soundPages, type SoundPage } from './soundPages';

export type Counts = Readonly<Record<CollectionName, number>>;

/** What an import would bring, before anything is written. */
export interface FilePreview {
  readonly ok: true;
  readonly fresh: Counts;
  /** Already here under the same id, with other contents. */
  readonly changed: Counts;
  /** Already here, digit for digit. */
  readonly sameCount: number;
  /** Of what cannot be taken in the first, and how many there are. */
  readonly refused: readonly Refused[];
  readonly refusedCount: number;
}

export interface TakenFile {
  readonly ok: true;
  readonly taken: Counts;
  readonly settings: Settings | null;
}

const MOST_NAMED = 12;
/** So many records go in at once: the page can write in between. */
const AT_ONCE = 200;

/** Compares a file with what is stored. Nothing is written. @param name the database’s */
export async function previewFile(
  name: string,
  file: Blob,
  onProgress: (share: number) => void,
): Promise<FilePreview | FileProblemResult> {
  return withPages(name, file, onProgress, async (pages, db) => {
    const [fresh, changed] = [noCounts(), noCounts()];
    const refused: Refused[] = [];
    let refusedCount = 0;
    let sameCount = 0;
    for await (const page of pages) {
      refusedCount += page.refused.length;
      refused.push(...page.refused.slice(0, MOST_NAMED - refused.length));
      if (page.kind === 'settings') continue;
      const stored = await storedOf(db, page);
      for (const record of page.records) {
        const own = stored.get(record.id);
        if (own === undefined) fresh[page.list] += 1;
        else if (sameData(own, record)) sameCount += 1;
        else changed[page.list] += 1;
      }
    }
    return { ok: true, fresh, changed, sameCount, refused, refusedCount };
  });
}

/**
 * Takes in what is new here, and, where it is asked for, the file’s version of what is here too. Every tab hears of it. It
 * goes in page by page: stopped in the middle, what came in stays, and the file can be taken in again for the rest.
 */
export async function takeInFile(
  name: string,
  file: Blob,
  takesFilesVersion: boolean,
  onProgress: (share: number) => void,
): Promise<TakenFile | FileProblemResult> {
  const channel = channelOf(name);
  const result = await withPages(
    name,
    file,
    onProgress,
    async (pages, db): Promise<TakenFile | FileProblemResult> => {
      const taken = noCounts();
      let settings: Settings | null = null;
      for await (const page of pages) {
        if (page.kind === 'settings') {
          settings = page.settings;
          continue;
        }
        const stored = await storedOf(db, page);
        const incoming = page.records.filter(({ id, ...rest }) => {
          const own = stored.get(id);
          return own === undefined || (takesFilesVersion && !sameData(own, { id, ...rest }));
        });
        for (let first = 0; first < incoming.length; first += AT_ONCE) {
          const some = incoming.slice(first, first + AT_ONCE);
          const keyOf = (id: string): Key => `${page.list}/${id}`;
          const sent = new Map(some.map((one) => [keyOf(one.id), one as unknown]));
          const known = new Map(some.map(({ id }) => [keyOf(id), stored.get(id)]));
          await writeUnited(db, sent, known);
          channel.postMessage({ keys: [...sent.keys()] });
          taken[page.list] += some.length;
        }
      }
      return { ok: true, taken, settings };
    },
  );
  channel.close();
  return result;
}

async function withPages<T>(
  name: string,
  file: Blob,
  onProgress: (share: number) => void,
  use: (pages: AsyncIterable<SoundPage>, db: WorkshopDb) => Promise<T>,
): Promise<T | FileProblemResult> {
  const db = await openWorkshopDb(name);
  try {
    const materials = new Set(await db.getAllKeys('materials'));
    return await use(soundPages(file, materials, onProgress), db);
  } catch (error) {
    if (error instanceof FileRefused) return error.result;
    throw error;
  } finally {
    db.close();
  }
}

/** What is stored of a page’s records, by id. */
async function storedOf(
  db: WorkshopDb,
  { list, records }: Extract<SoundPage, { kind: 'records' }>,
): Promise<ReadonlyMap<string, unknown>> {
  const tx = db.transaction(list);
  const stored = await Promise.all(
    records.map(async ({ id }) => [id, (await tx.store.get(id)) as unknown] as const),
  );
  return new Map(stored);
}

function noCounts(): Record<CollectionName, number> {
  return Object.fromEntries(COLLECTION_NAMES.map((name) => [name, 0])) as Record<
    CollectionName,
    number
  >;
}
