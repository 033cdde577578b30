import type { WorkshopFile } from './schema';

/**
 * The sample workshop, which ships with the application: a test of this module reads it whole, so that a first visit need
 * not look through it record by record.
 */
export function sampleFrom(text: string): WorkshopFile {
  return JSON.parse(text) as WorkshopFile;
}
