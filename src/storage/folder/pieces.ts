import { COLLECTION_NAMES, type CollectionName } from '../collections';
import type { Device, Stamp, WorkshopDb } from '../db';
import { CLOSED_LIST, closeFile, openFile, openList, recordLines, type FolderMarks } from '../file';
import { SETTINGS_KEY, STORE_NAMES, partsOf } from '../keys';
import { sharedPart } from '../shared';
import type { Vector } from '../vectors';

/** So many records are in memory at a time. */
const PAGE = 100;

/** Everything stored, as the pieces of one file. A record and its stamp are read in one transaction: they are of one moment. */
export async function* wholePieces(
  db: WorkshopDb,
  own: Device,
  now: string,
): AsyncGenerator<string> {
  const stamps: Stamp[] = [];
  yield openFile(now);
  for (const name of COLLECTION_NAMES) {
    yield openList(name);
    let isFirst = true;
    for await (const page of pagesOf(db, name)) {
      stamps.push(...page.stamps);
      yield recordLines(page.records, isFirst);
      isFirst = false;
    }
    yield CLOSED_LIST;
  }
  const tx = db.transaction(['settings', 'stamps']);
  const [[settings], all] = await Promise.all([
    tx.objectStore('settings').getAll(),
    tx.objectStore('stamps').getAll(),
  ]);
  stamps.push(...all.filter(({ id, isGone }) => isGone || id === SETTINGS_KEY));
  yield closeFile(sharedPart(SETTINGS_KEY, settings), marksOf(own, stamps, true));
}

/** What was written after a write, as one file. */
export async function* sincePieces(
  db: WorkshopDb,
  own: Device,
  afterSeq: number,
  now: string,
): AsyncGenerator<string> {
  const tx = db.transaction([...STORE_NAMES, 'stamps']);
  const range = IDBKeyRange.lowerBound(afterSeq, true);
  const stamps = await tx.objectStore('stamps').index('bySeq').getAll(range);
  const stored = await Promise.all(
    stamps
      .filter(({ isGone }) => !isGone)
      .map(async ({ id: key }) => {
        const [store, id] = partsOf(key);
        return { store, record: (await tx.objectStore(store).get(id)) as unknown };
      }),
  );
  const of = (name: string) =>
    stored.filter(({ store }) => store === name).map((one) => one.record);
  const lists = COLLECTION_NAMES.map(
    (name) => openList(name) + recordLines(of(name), true) + CLOSED_LIST,
  );
  const settings = sharedPart(SETTINGS_KEY, of('settings')[0]);
  yield [openFile(now), ...lists, closeFile(settings, marksOf(own, stamps, false))].join('');
}

interface Page {
  readonly records: readonly { readonly id: string }[];
  readonly stamps: readonly Stamp[];
}

async function* pagesOf(db: WorkshopDb, name: CollectionName): AsyncGenerator<Page> {
  let after: string | null = null;
  for (;;) {
    const tx = db.transaction([name, 'stamps']);
    const range: IDBKeyRange | null = after === null ? null : IDBKeyRange.lowerBound(after, true);
    const records: Page['records'] = await tx.objectStore(name).getAll(range, PAGE);
    const [first, last] = [records[0], records[records.length - 1]];
    if (!first || !last) return;
    const keys = IDBKeyRange.bound(`${name}/${first.id}`, `${name}/${last.id}`);
    const stamps = await tx.objectStore('stamps').getAll(keys);
    yield { records, stamps: stamps.filter(({ isGone }) => !isGone) };
    if (records.length < PAGE) return;
    after = last.id;
  }
}

function marksOf(own: Device, stamps: readonly Stamp[], isWhole: boolean): FolderMarks {
  const { device, name, seq } = own;
  const vectors: Record<string, Vector> = {};
  const gone: Record<string, Vector> = {};
  for (const { id, vector, isGone } of stamps) (isGone ? gone : vectors)[id] = vector;
  return { device, name, seq, isWhole, vectors, gone };
}
