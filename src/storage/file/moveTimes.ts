const DAY_MS = 24 * 3_600_000;
const MOMENT = /^\d{4}-\d{2}-\d{2}T\d{2}:\d{2}:\d{2}(?:\.\d+)?(?:Z|[+-]\d{2}:\d{2})$/;
const DAY = /^\d{4}-\d{2}-\d{2}$/;

/**
 * The same records at another time: every moment in them later by so many milliseconds, every day by as many whole
 * days. All that lies between moments stays. For the sample workshop, which is made once and looked at any day.
 * @param byMs may be negative
 */
export function movedInTime<T>(value: T, byMs: number): T {
  if (!Number.isFinite(byMs)) throw new RangeError(`byMs must be a number, got ${byMs}`);
  return moved(value, byMs) as T;
}

function moved(value: unknown, byMs: number): unknown {
  if (typeof value === 'string') return movedText(value, byMs);
  if (Array.isArray(value)) return value.map((one) => moved(one, byMs));
  if (typeof value !== 'object' || value === null) return value;
  const copy: Record<string, unknown> = {};
  for (const [key, one] of Object.entries(value)) copy[key] = moved(one, byMs);
  return copy;
}

/** `2026-…`: most texts are none, and are not looked at longer. */
const mayBeTime = (text: string) => text.length >= 10 && text[4] === '-' && text[7] === '-';

function movedText(text: string, byMs: number): string {
  if (!mayBeTime(text)) return text;
  if (MOMENT.test(text)) return new Date(Date.parse(text) + byMs).toISOString();
  if (!DAY.test(text)) return text;
  const days = Math.floor(byMs / DAY_MS);
  return new Date(Date.parse(text) + days * DAY_MS).toISOString().slice(0, 10);
}
