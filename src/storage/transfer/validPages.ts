import { z } from 'zod';
import type { Settings } from '@/core/workshop/settings/settingsSchema';
import { COLLECTION_NAMES, isCollection, type CollectionName } from '../records/names';
import { nameOfRecord, type Records } from '../records/collections';
import { FORMAT_NAME } from '../file/format';
import {
  MAX_FILE_BYTES,
  MAX_STREAM_BYTES,
  failed,
  notOurs,
  readWorkshopFile,
  tooBig,
  type FileResult,
} from '../file/read';
import { STORED_VERSION } from '../upgrades/version';
import { validRecords } from '../validation/validRecords';
import type { Refused } from '../validation/refused';
import { chunksOf } from './chunksOf';
import { FileRefused, refusalOf } from './fileRefused';
import { recordsOf } from './recordsOf';

/** Some records of a file that are whole and right, and those among them that are not; its settings come last. */
export type ValidPage =
  | {
      readonly kind: 'records';
      readonly list: CollectionName;
      readonly records: Records[CollectionName];
      readonly refused: readonly Refused[];
    }
  | {
      readonly kind: 'settings';
      readonly settings: Settings | null;
      readonly refused: readonly Refused[];
    };

/** A file that was read as a whole. */
type WholeFile = Extract<FileResult, { ok: true }>;

/** A file from here on is read record by record; a smaller one, or one of an older format, as a whole. */
export const STREAM_FROM_BYTES = 8 * 1024 * 1024;
/** The top of a file says what it is. */
const HEAD_CHARS = 400;

/**
 * What a file holds, page by page.
 * @param materials ids of materials of one’s own that are stored here
 * @param onProgress told the share of the file that is read, 0 to 1
 * @throws FileRefused
 */
export async function* soundPages(
  file: Blob,
  materials: ReadonlySet<string>,
  onProgress: (share: number) => void,
  streamFromBytes = STREAM_FROM_BYTES,
): AsyncGenerator<ValidPage> {
  if (await isStreamed(file, streamFromBytes)) {
    yield* streamed(file, materials, onProgress);
    return;
  }
  const whole = await readWhole(file, materials);
  yield* pagesOf(whole);
  onProgress(1);
}

/** Is a file read record by record? */
export async function isStreamed(file: Blob, fromBytes: number): Promise<boolean> {
  const head = await file.slice(0, HEAD_CHARS).text();
  return (
    new RegExp(`"formatVersion":\\s*${STORED_VERSION}\\b`).test(head) && file.size >= fromBytes
  );
}

/** @throws FileRefused */
export async function readWhole(file: Blob, materials: ReadonlySet<string>): Promise<WholeFile> {
  if (file.size > MAX_FILE_BYTES) throw new FileRefused(tooBig(file.size));
  const result = readWorkshopFile(await file.text(), materials);
  if (!result.ok) throw new FileRefused(result);
  return result;
}

/** The pages of a file that was read as a whole. */
export function* pagesOf({ workshop, refused }: WholeFile): Generator<ValidPage> {
  for (const list of COLLECTION_NAMES)
    yield {
      kind: 'records',
      list,
      records: workshop[list] as Records[CollectionName],
      refused: refused.filter(({ of }) => of === list),
    };
  const ofSettings = refused.filter(({ of }) => of === 'settings');
  yield { kind: 'settings', settings: workshop.settings, refused: ofSettings };
}

/** The pages of a file that is read record by record. @throws FileRefused */
export async function* streamed(
  file: Blob,
  stored: ReadonlySet<string>,
  onProgress: (share: number) => void,
): AsyncGenerator<ValidPage> {
  if (file.size > MAX_STREAM_BYTES) throw new FileRefused(tooBig(file.size, MAX_STREAM_BYTES));
  const materials = new Set(stored);
  const seen = new Map<CollectionName, Set<string>>();
  const fields = new Map<string, unknown>();
  try {
    for await (const part of recordsOf(chunksOf(file, onProgress))) {
      if (part.kind === 'field') {
        fields.set(part.name, part.value);
        if (isForeign(fields)) throw new FileRefused(notOurs());
        continue;
      }
      const { list } = part;
      if (!isCollection(list)) continue;
      const ids = seen.get(list) ?? new Set<string>();
      seen.set(list, ids);
      const page = validRecords({ [list]: part.records }, null, materials);
      const twice = page.records[list].filter(({ id }) => ids.has(id));
      const records = page.records[list].filter(({ id }) => !ids.has(id));
      for (const { id } of records) ids.add(id);
      if (list === 'materials') for (const { id } of records) materials.add(id);
      yield {
        kind: 'records',
        list,
        records: records as Records[CollectionName],
        refused: [
          ...page.refused,
          ...twice.map((one) => ({
            of: list,
            name: nameOfRecord(one),
            why: 'its id occurs twice',
          })),
        ],
      };
    }
  } catch (error) {
    throw refusalOf(error);
  }
  if (!fields.has('format')) throw new FileRefused(notOurs());
  const odd = COLLECTION_NAMES.find((name) => !seen.has(name));
  if (odd)
    throw new FileRefused(
      failed('damaged', `The file is damaged. Its ${odd} are not a list. Export it again.`),
    );
  if (!z.iso.datetime({ offset: true }).safeParse(fields.get('exportedAt')).success)
    throw new FileRefused(failed('damaged', 'The file has no export date. Export it again.'));
  const { settings, refused } = validRecords({}, fields.get('settings'), materials);
  yield { kind: 'settings', settings, refused };
}

function isForeign(fields: ReadonlyMap<string, unknown>): boolean {
  return fields.has('format') && fields.get('format') !== FORMAT_NAME;
}
