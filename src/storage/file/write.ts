import { COLLECTION_NAMES, type CollectionName } from '../records/names';
import type { Records } from '../records/collections';
import { STORED_VERSION } from '../upgrades/version';
import { FORMAT_NAME } from './format';
import type { FolderMarks, WorkshopFile } from './schema';

export type WorkshopContents = Records & Pick<WorkshopFile, 'settings'>;

/** The whole workshop as the text of a `.rovack.json` file, a record a line. Numbers keep every digit. @param now ISO 8601 with zone */
export function writeWorkshopFile(contents: WorkshopContents, now: string): string {
  const lists = COLLECTION_NAMES.map(
    (name) => openList(name) + recordLines(contents[name], true) + CLOSED_LIST,
  );
  return [openFile(now), ...lists, closeFile(contents.settings)].join('');
}

/** What stands before the first list. */
export function openFile(now: string): string {
  return `{\n"format": "${FORMAT_NAME}",\n"formatVersion": ${STORED_VERSION},\n"exportedAt": ${JSON.stringify(now)},\n`;
}

export function openList(name: CollectionName): string {
  return `"${name}": [`;
}

export const CLOSED_LIST = '\n],\n';

/** Some records of a list. @param isFirst none of the list stands before them */
export function recordLines(records: readonly unknown[], isFirst: boolean): string {
  return records
    .map((record, i) => `${isFirst && i === 0 ? '' : ','}\n${JSON.stringify(record)}`)
    .join('');
}

/** What stands after the last list. */
export function closeFile(settings: unknown, folder?: FolderMarks): string {
  const marks = folder ? `,\n"folder": ${JSON.stringify(folder)}` : '';
  return `"settings": ${JSON.stringify(settings ?? null)}${marks}\n}\n`;
}

/** `rovack-2026-04-18.rovack.json` */
export function workshopFileName(now: string): string {
  return `rovack-${now.slice(0, 10)}.rovack.json`;
}
