import { MINUTE_MS } from '@/core/basics/time';
import { shallowRef } from 'vue';

/** How often a page that stays open asks whether a new day has begun, ms. */
const ASK_EVERY_MS = 20_000;
/** The day that lists were last computed for: reading it is how they hear of the next one. */
const day = shallowRef(localDay());
let isAsking = false;

/**
 * Today as the workshop's clock has it, `2026-04-18`. What is computed from it is computed again when a new day begins, also
 * on a page that nobody touches: a lot that is past its date at midnight is past it on every screen.
 */
export function today(): string {
  if (!isAsking) {
    isAsking = true;
    setInterval(() => (day.value = localDay()), ASK_EVERY_MS);
  }
  void day.value;
  return localDay();
}

/** This moment, ms; what is computed from it is computed again when a new day begins. */
export function nowMs(): number {
  today();
  return Date.parse(nowIso());
}

/** This moment as ISO 8601 with the zone of the workshop's clock. */
export function nowIso(date: Date = new Date()): string {
  const offsetMin = -date.getTimezoneOffset();
  const local = new Date(date.getTime() + offsetMin * MINUTE_MS).toISOString().slice(0, -1);
  const sign = offsetMin < 0 ? '-' : '+';
  const hours = String(Math.floor(Math.abs(offsetMin) / 60)).padStart(2, '0');
  const minutes = String(Math.abs(offsetMin) % 60).padStart(2, '0');
  return `${local}${sign}${hours}:${minutes}`;
}

function localDay(): string {
  return nowIso().slice(0, 10);
}
