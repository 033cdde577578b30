import { z } from 'zod';
import { COLLECTION_NAMES } from '../records/names';
import { validRecords } from '../validation/validRecords';
import type { Refused } from '../validation/refused';
import { STORED_VERSION } from '../upgrades/version';
import { isPlain, plainsOf, type Plain } from '../upgrades/plain';
import { upgraded } from '../upgrades/upgrades';
import { FORMAT_NAME } from './format';
import { folderSchema, type WorkshopFile } from './schema';
import { formatCount } from '@/core/basics/format/numbers';

/** A text beyond this is refused before it is read as a whole: a year of batches is a few MB, photos come on top. */
export const MAX_FILE_BYTES = 64 * 1024 * 1024;
/** Beyond this a file is refused even where it is read record by record: ten thousand batches are a quarter of it. */
export const MAX_STREAM_BYTES = 1024 * 1024 * 1024;

export type FileProblem = 'too-big' | 'not-json' | 'not-a-workshop' | 'newer' | 'damaged';
export type FileResult =
  | {
      readonly ok: true;
      /** Everything in it that is whole and right. */
      readonly workshop: WorkshopFile;
      /** What is not, record by record; the rest can still be taken in. */
      readonly refused: readonly Refused[];
    }
  | FileProblemResult;
export interface FileProblemResult {
  readonly ok: false;
  readonly problem: { readonly code: FileProblem; readonly message: string };
}

/**
 * Reads an exported workshop from its text. Nothing is stored here: a refusal leaves everything as it was.
 * @param text the whole file
 * @param knownMaterials ids of materials of one's own that the file may speak of without having them
 */
export function readWorkshopFile(
  text: string,
  knownMaterials: ReadonlySet<string> = new Set(),
): FileResult {
  if (text.length > MAX_FILE_BYTES) return tooBig(text.length);
  const parsed = parseJson(text);
  if (!parsed.ok) return parsed.failure;
  const file = parsed.value;
  if (!isPlain(file) || file.format !== FORMAT_NAME) return notOurs();
  const version = file.formatVersion;
  if (typeof version !== 'number' || !Number.isInteger(version) || version < 1)
    return failed('damaged', 'The file has no format version. Export it again.');
  if (version > STORED_VERSION)
    return failed(
      'newer',
      `The file has format version ${version}, and this Rovack reads up to ${STORED_VERSION}. Update Rovack, then import it.`,
    );
  const whole = fileUpgraded(file, version);
  const exportedAt = z.iso.datetime({ offset: true }).safeParse(whole.exportedAt);
  if (!exportedAt.success)
    return failed('damaged', 'The file has no export date. Export it again.');
  const odd = COLLECTION_NAMES.find((name) => !Array.isArray(whole[name]));
  if (odd)
    return failed('damaged', `The file is damaged. Its ${odd} are not a list. Export it again.`);
  const { records, settings, refused } = validRecords(whole, whole.settings, knownMaterials);
  const folder = folderSchema.safeParse(whole.folder).data;
  return {
    ok: true,
    workshop: {
      format: FORMAT_NAME,
      formatVersion: STORED_VERSION,
      exportedAt: exportedAt.data,
      ...(records as unknown as FileRecords),
      settings,
      ...(folder && { folder }),
    },
    refused,
  };
}

/** A file of an older release as this one writes it; what is no list of records is left for the schema to name. */
export function fileUpgraded(file: Plain, fromVersion: number): Plain {
  if (fromVersion === STORED_VERSION) return file;
  const lists = COLLECTION_NAMES.filter(
    (name) => file[name] === undefined || Array.isArray(file[name]),
  );
  const records = upgraded(
    {
      ...Object.fromEntries(lists.map((name) => [name, plainsOf(file[name])])),
      settings: isPlain(file.settings) ? [file.settings] : [],
    },
    fromVersion,
  );
  const { settings = [], ...collections } = records;
  return {
    ...file,
    ...Object.fromEntries(lists.map((name) => [name, collections[name] ?? []])),
    settings: isPlain(file.settings) ? (settings[0] ?? null) : (file.settings ?? null),
    formatVersion: STORED_VERSION,
  };
}

/** The same sentence for a file that is too big to be opened at all. @param bytes its size */
export function tooBig(bytes: number, most = MAX_FILE_BYTES): FileProblemResult {
  const mb = (bytes / 1024 / 1024).toFixed(1);
  return failed(
    'too-big',
    `The file has ${mb} MB. A workshop file has up to ${most / 1024 / 1024} MB.`,
  );
}

function parseJson(
  text: string,
): { ok: true; value: unknown } | { ok: false; failure: FileProblemResult } {
  try {
    return { ok: true, value: JSON.parse(text) };
  } catch {
    const lines = text.trimEnd().split('\n').length;
    return { ok: false, failure: isCutOff(text) ? cutOff(lines) : noJson() };
  }
}

export const cutOff = (lines: number): FileProblemResult =>
  failed('not-json', `The file is cut off in line ${formatCount(lines)}. Export or copy it again.`);
export const noJson = (): FileProblemResult =>
  failed('not-json', 'This is not a Rovack file. It is not JSON.');

/** Does a text that begins as JSON end inside a string or with brackets still open? */
function isCutOff(text: string): boolean {
  if (!/^\s*[{[]/.test(text)) return false;
  let depth = 0;
  let isInString = false;
  for (let i = 0; i < text.length; i++) {
    const sign = text[i];
    if (sign === '"') isInString = !isInString;
    else if (isInString && sign === '\\') i++;
    else if (!isInString && (sign === '{' || sign === '[')) depth++;
    else if (!isInString && (sign === '}' || sign === ']')) depth--;
  }
  return isInString || depth > 0;
}

type FileRecords = Omit<WorkshopFile, 'format' | 'formatVersion' | 'exportedAt' | 'settings'>;

export function failed(code: FileProblem, message: string): FileProblemResult {
  return { ok: false, problem: { code, message } };
}

export function notOurs(): FileProblemResult {
  return failed(
    'not-a-workshop',
    `This is JSON, but not a Rovack file. Its “format” is not “${FORMAT_NAME}”.`,
  );
}
