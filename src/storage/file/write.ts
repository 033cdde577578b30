import { recordsIn, type Records } from '../collections';
import { STORED_VERSION } from '../upgrades';
import { FORMAT_NAME, type WorkshopFile } from './schema';

export type WorkshopContents = Records & Pick<WorkshopFile, 'settings'>;

/** The whole workshop as the text of a `.rovack.json` file. Numbers keep every digit. @param now ISO 8601 with zone */
export function writeWorkshopFile(contents: WorkshopContents, now: string): string {
  const file = {
    format: FORMAT_NAME,
    formatVersion: STORED_VERSION,
    exportedAt: now,
    ...recordsIn(contents),
    settings: contents.settings,
  };
  return `${JSON.stringify(file, null, 1)}\n`;
}

/** `rovack-2026-04-18.rovack.json` */
export function workshopFileName(now: string): string {
  return `rovack-${now.slice(0, 10)}.rovack.json`;
}
