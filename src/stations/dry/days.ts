/** Days as the workshop's clock has them. */
function dayOf(atMs: number): string {
  return new Date(atMs).toDateString();
}

export function isToday(atMs: number, nowMs: number): boolean {
  return dayOf(atMs) === dayOf(nowMs);
}

export function isTomorrow(atMs: number, nowMs: number): boolean {
  const next = new Date(nowMs);
  next.setDate(next.getDate() + 1);
  return dayOf(atMs) === next.toDateString();
}
