import { z } from 'zod';
import type { Settings } from '@/core/workshop';
import {
  COLLECTION_NAMES,
  isCollection,
  nameOfRecord,
  type CollectionName,
  type Records,
} from '../collections';
import {
  MAX_FILE_BYTES,
  MAX_STREAM_BYTES,
  STORED_VERSION,
  cutOff,
  failed,
  noJson,
  readWorkshopFile,
  tooBig,
  type FileProblemResult,
} from '../file';
import { soundRecords, type Refused } from '../soundness';
import { CutOff, listsOf } from './listsOf';

/** Some records of a file that are whole and right, and those among them that are not; its settings come last. */
export type SoundPage =
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

/** The file is none that can be taken: thrown by its pages, before the first or in the middle. */
export class FileRefused extends Error {
  constructor(readonly result: FileProblemResult) {
    super(result.problem.message);
  }
}

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
): AsyncGenerator<SoundPage> {
  const head = await file.slice(0, HEAD_CHARS).text();
  const isCurrent = new RegExp(`"formatVersion":\\s*${STORED_VERSION}\\b`).test(head);
  if (isCurrent && file.size >= streamFromBytes) yield* streamed(file, materials, onProgress);
  else yield* asAWhole(file, materials, onProgress);
}

async function* asAWhole(
  file: Blob,
  materials: ReadonlySet<string>,
  onProgress: (share: number) => void,
): AsyncGenerator<SoundPage> {
  if (file.size > MAX_FILE_BYTES) throw new FileRefused(tooBig(file.size));
  const result = readWorkshopFile(await file.text(), materials);
  if (!result.ok) throw new FileRefused(result);
  const { workshop, refused } = result;
  for (const list of COLLECTION_NAMES)
    yield {
      kind: 'records',
      list,
      records: workshop[list] as Records[CollectionName],
      refused: refused.filter(({ of }) => of === list),
    };
  onProgress(1);
  const ofSettings = refused.filter(({ of }) => of === 'settings');
  yield { kind: 'settings', settings: workshop.settings, refused: ofSettings };
}

async function* streamed(
  file: Blob,
  stored: ReadonlySet<string>,
  onProgress: (share: number) => void,
): AsyncGenerator<SoundPage> {
  if (file.size > MAX_STREAM_BYTES) throw new FileRefused(tooBig(file.size, MAX_STREAM_BYTES));
  const materials = new Set(stored);
  const seen = new Map<CollectionName, Set<string>>();
  const fields = new Map<string, unknown>();
  try {
    for await (const part of listsOf(chunksOf(file, onProgress))) {
      if (part.kind === 'field') {
        fields.set(part.name, JSON.parse(part.text));
        continue;
      }
      if (!isCollection(part.list)) continue;
      const ids = seen.get(part.list) ?? new Set<string>();
      seen.set(part.list, ids);
      const parsed: readonly unknown[] = part.texts.map((text) => JSON.parse(text) as unknown);
      const page = soundRecords({ [part.list]: parsed }, null, materials);
      const twice = page.records[part.list].filter(({ id }) => ids.has(id));
      const records = page.records[part.list].filter(({ id }) => !ids.has(id));
      for (const { id } of records) ids.add(id);
      if (part.list === 'materials') for (const { id } of records) materials.add(id);
      yield {
        kind: 'records',
        list: part.list,
        records: records as Records[CollectionName],
        refused: [
          ...page.refused,
          ...twice.map((one) => ({
            of: part.list as CollectionName,
            name: nameOfRecord(one),
            why: 'its id stands twice',
          })),
        ],
      };
    }
  } catch (error) {
    if (error instanceof CutOff) throw new FileRefused(cutOff(error.line));
    if (error instanceof SyntaxError) throw new FileRefused(noJson());
    throw error;
  }
  const odd = COLLECTION_NAMES.find((name) => !seen.has(name));
  if (odd) throw new FileRefused(failed('damaged', `The file is damaged: its ${odd} are no list.`));
  if (!z.iso.datetime({ offset: true }).safeParse(fields.get('exportedAt')).success)
    throw new FileRefused(failed('damaged', 'The file does not say when it was written.'));
  const { settings, refused } = soundRecords({}, fields.get('settings'), materials);
  yield { kind: 'settings', settings, refused };
}

async function* chunksOf(file: Blob, onProgress: (share: number) => void): AsyncGenerator<string> {
  const reader = file.stream().getReader();
  const decoder = new TextDecoder();
  let read = 0;
  for (;;) {
    const { done, value } = await reader.read();
    if (done) break;
    read += value.byteLength;
    yield decoder.decode(value, { stream: true });
    onProgress(read / file.size);
  }
  yield decoder.decode();
}
