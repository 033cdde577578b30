import { recordOf } from '@/core/basics/records';
import { sameData } from '@/core/basics/sameData';
import type { Formula } from '@/core/formula/model/schema';
import type { Settings } from '@/core/workshop/settings/settingsSchema';
import { channelOf, type Message } from '../channel';
import { COLLECTION_NAMES, type CollectionName } from '../records/names';
import { nameOfRecord } from '../records/collections';
import { openWorkshopDb } from '../db/open';
import { writeMerged } from '../db/writeMerged';
import type { WorkshopDb } from '../db/layout';
import type { FileProblemResult } from '../file/read';
import { partsOf, type Key } from '../records/keys';
import type { Refused } from '../validation/refused';
import { markOf } from '../textOf';
import { mergeSides } from '../merge/mergeSides';
import { FileRefused } from './fileRefused';
import { soundPages, type ValidPage } from './validPages';

export type Counts = Readonly<Record<CollectionName, number>>;

/** What an import would bring, before anything is written. */
export interface FilePreview {
  readonly ok: true;
  readonly fresh: Counts;
  /** Already here under the same id, with other contents. */
  readonly changed: Counts;
  /** What the first of those are called. */
  readonly changedNames: readonly string[];
  /** Marks of what is here of those, by key: what is edited after this look is not overwritten. */
  readonly seen: Marks;
  /** Already here, digit for digit. */
  readonly sameCount: number;
  /** Of what cannot be taken in the first, and how many there are. */
  readonly refused: readonly Refused[];
  readonly refusedCount: number;
}
export type Marks = Readonly<Record<string, string>>;

/** What is done with records that are here too. */
export interface ImportWish {
  readonly takesFilesVersion: boolean;
  /** Of the preview the maker decided by. */
  readonly seen: Marks;
  /** ISO 8601 with zone. */
  readonly now: string;
}

export interface TakenFile {
  readonly ok: true;
  readonly taken: Counts;
  readonly settings: Settings | null;
  /** Sentences on what was edited here since the preview. */
  readonly said: readonly string[];
  /** How to take all of it back. */
  readonly receipt: Receipt;
}

/** Each record as it came in, by its mark, and what it took the place of (null for none). */
export type Receipt = readonly {
  readonly key: Key;
  readonly mark: string;
  readonly before: unknown;
}[];

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
    const changedNames: string[] = [];
    const seen: Record<string, string> = {};
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
        else {
          changed[page.list] += 1;
          seen[`${page.list}/${record.id}`] = markOf(own);
          if (changedNames.length < MOST_NAMED) changedNames.push(nameOfRecord(own));
        }
      }
    }
    return { ok: true, fresh, changed, changedNames, seen, sameCount, refused, refusedCount };
  });
}

/**
 * Takes in what is new here, and, where it is asked for, the file’s version of what is here too. A formula that the file’s
 * takes the place of stays as a version of it; a record that was edited since the preview is united with the file’s, never
 * overwritten. Every tab hears of it. It goes in page by page: stopped in the middle, what came in stays, and the file can
 * be taken in again for the rest.
 */
export async function takeInFile(
  name: string,
  file: Blob,
  wish: ImportWish,
  onProgress: (share: number) => void,
): Promise<TakenFile | FileProblemResult> {
  const channel = channelOf(name);
  const result = await withPages(
    name,
    file,
    onProgress,
    async (pages, db): Promise<TakenFile | FileProblemResult> => {
      const taken = noCounts();
      const said: string[] = [];
      const receipt: { key: Key; mark: string; before: unknown }[] = [];
      let settings: Settings | null = null;
      for await (const page of pages) {
        if (page.kind === 'settings') {
          settings = page.settings;
          continue;
        }
        const stored = await storedOf(db, page);
        const incoming = page.records.flatMap((record) => {
          const key: Key = `${page.list}/${record.id}`;
          const here = stored.get(record.id);
          const put = incomingOf(key, here, record, wish);
          return put ? [{ key, here, ...put }] : [];
        });
        for (let first = 0; first < incoming.length; first += AT_ONCE) {
          const some = incoming.slice(first, first + AT_ONCE);
          const sent = new Map(some.map(({ key, record }) => [key, record]));
          const known = new Map(some.map(({ key, here }) => [key, here]));
          const written = await writeMerged(db, sent, known);
          said.push(...some.flatMap((one) => one.said), ...written.said);
          channel.postMessage({ keys: [...sent.keys()] } satisfies Message);
          for (const { key, here } of some)
            receipt.push({ key, mark: markOf(written.written.get(key)), before: here ?? null });
          taken[page.list] += some.length;
        }
      }
      return { ok: true, taken, settings, said, receipt };
    },
  );
  channel.close();
  return result;
}

/** What goes in of a file’s record; null for nothing. @param here what is stored; undefined for none */
function incomingOf(
  key: Key,
  here: unknown,
  record: unknown,
  { takesFilesVersion, seen, now }: ImportWish,
): { readonly record: unknown; readonly said: readonly string[] } | null {
  if (here === undefined) return { record, said: [] };
  if (!takesFilesVersion || sameData(here, record)) return null;
  if (seen[key] !== markOf(here))
    return mergeSides(
      key,
      { base: undefined, mine: here, theirs: record },
      { where: 'here and in the file', loser: 'file' },
    );
  return { record: key.startsWith('formulas/') ? withFormer(record, here, now) : record, said: [] };
}

/** The file’s formula, and the one it takes the place of as a version. */
function withFormer(record: unknown, here: unknown, now: string): Formula {
  const [next, former] = [record as Formula, here as Formula];
  if (sameData(next.body, former.body)) return next;
  const number =
    Math.max(0, ...[next, former].flatMap((one) => one.versions.map((v) => v.number))) + 1;
  const isKnown = next.versions.some(({ body }) => sameData(body, former.body));
  return isKnown
    ? next
    : {
        ...next,
        versions: [
          ...next.versions,
          { number, keptAt: now, name: 'before the import', body: former.body },
        ],
      };
}

/**
 * Takes an import back: what came in new goes, what it took the place of is there again. What was changed since stays.
 * @returns how many records are as they were, and the names of those that stayed
 */
export async function takeBackFile(
  name: string,
  receipt: Receipt,
): Promise<{ readonly undone: number; readonly stayed: readonly string[] }> {
  const db = await openWorkshopDb(name);
  const channel = channelOf(name);
  const stayed: string[] = [];
  let undone = 0;
  try {
    for (let first = 0; first < receipt.length; first += AT_ONCE) {
      const some = receipt.slice(first, first + AT_ONCE);
      const tx = db.transaction(COLLECTION_NAMES);
      const stored = await Promise.all(
        some.map(({ key }) => {
          const [store, id] = partsOf(key);
          return tx.objectStore(store as CollectionName).get(id);
        }),
      );
      const isAsItCame = some.map(({ mark }, i) => markOf(stored[i]) === mark);
      stayed.push(
        ...stored.filter((one, i) => one !== undefined && !isAsItCame[i]).map(nameOfRecord),
      );
      const back = some.filter((_, i) => isAsItCame[i]);
      const sent = new Map(back.map(({ key, before }) => [key, before]));
      const known = new Map(some.map(({ key }, i) => [key, stored[i]]));
      await writeMerged(db, sent, known);
      channel.postMessage({ keys: [...sent.keys()] } satisfies Message);
      undone += back.length;
    }
  } finally {
    channel.close();
    db.close();
  }
  return { undone, stayed };
}

async function withPages<T>(
  name: string,
  file: Blob,
  onProgress: (share: number) => void,
  use: (pages: AsyncIterable<ValidPage>, db: WorkshopDb) => Promise<T>,
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
  { list, records }: Extract<ValidPage, { kind: 'records' }>,
): Promise<ReadonlyMap<string, unknown>> {
  const tx = db.transaction(list);
  const stored = await Promise.all(
    records.map(async ({ id }): Promise<readonly [string, unknown]> => [
      id,
      await tx.store.get(id),
    ]),
  );
  return new Map(stored);
}

function noCounts(): Record<CollectionName, number> {
  return recordOf(COLLECTION_NAMES, () => 0);
}
