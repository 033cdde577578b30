/** Today as the workshop's clock has it, `2026-04-18`. */
export function today(): string {
  return nowIso().slice(0, 10);
}

/** This moment as ISO 8601 with the zone of the workshop's clock. */
export function nowIso(date: Date = new Date()): string {
  const offsetMin = -date.getTimezoneOffset();
  const local = new Date(date.getTime() + offsetMin * 60_000).toISOString().slice(0, -1);
  const sign = offsetMin < 0 ? '-' : '+';
  const hours = String(Math.floor(Math.abs(offsetMin) / 60)).padStart(2, '0');
  const minutes = String(Math.abs(offsetMin) % 60).padStart(2, '0');
  return `${local}${sign}${hours}:${minutes}`;
}
