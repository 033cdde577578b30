import { DAY_MS, daysLater } from '@/core/basics/time';

const MOMENT = /^\d{4}-\d{2}-\d{2}T\d{2}:\d{2}:\d{2}(?:\.\d+)?(?:Z|[+-]\d{2}:\d{2})$/;
const DAY = /^\d{4}-\d{2}-\d{2}$/;

/**
 * Moves records to another time, where they stand: every moment in them later by so many milliseconds, every day by as many
 * whole days. All that lies between moments stays. For the sample workshop, which is made once and looked at any day; its
 * megabyte was just read and is nobody's yet, and a copy of it would keep the first screen waiting.
 * @param byMs may be negative
 * @throws RangeError when byMs is no number
 */
export function moveInTime<T extends object>(records: T, byMs: number): T {
  if (!Number.isFinite(byMs)) throw new RangeError(`byMs must be a number, got ${byMs}`);
  move(records, byMs);
  return records;
}

function move(records: object, byMs: number): void {
  // A key of an array is one of an object here: both hold values by name.
  const held = records as Record<string, unknown>;
  for (const key in held) {
    const value = held[key];
    if (typeof value === 'string') {
      if (mayBeTime(value)) held[key] = moved(value, byMs);
    } else if (typeof value === 'object' && value !== null) move(value, byMs);
  }
}

/** `2026-…`: most texts are none, and are not looked at longer. */
const mayBeTime = (text: string) => text.length >= 10 && text[4] === '-' && text[7] === '-';

function moved(text: string, byMs: number): string {
  if (MOMENT.test(text)) return new Date(Date.parse(text) + byMs).toISOString();
  if (!DAY.test(text)) return text;
  const days = Math.floor(byMs / DAY_MS);
  return daysLater(text, days);
}
