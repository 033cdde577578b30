import { USUAL_SETTINGS } from '@/core/workshop/settings/settings';
import { SETTINGS_KEY, type Key } from './keys';

/**
 * Of the settings each device has these by itself: what a hand holds and whose hand it is, the scale and the sensor on its
 * own cable, and when it last made a copy.
 */
export const OWN_FIELDS = [
  'formulaInHandId',
  'batchInHandId',
  'copiedAt',
  'makerInHand',
  'scaleSource',
  'roomSource',
  'serialBaud',
] as const;
const USUAL_OWN = Object.fromEntries(
  OWN_FIELDS.map((field) => [field, USUAL_SETTINGS[field] ?? undefined]),
);

/** What of a record other devices share. */
export function syncedFields(key: Key, record: unknown): unknown {
  if (key !== SETTINGS_KEY || !record) return record ?? null;
  return { ...record, ...USUAL_OWN, formulaInHandId: null, batchInHandId: null, makerInHand: null };
}

/** The shared part of a record as it now is, with what is this device’s own. @param here what this device has so far */
export function withOwnPart(key: Key, record: unknown, here: unknown): unknown {
  if (key !== SETTINGS_KEY || !record || !here) return record;
  const own = OWN_FIELDS.map((field) => [field, (here as Record<string, unknown>)[field]] as const);
  return { ...record, ...Object.fromEntries(own.filter(([, value]) => value !== undefined)) };
}
