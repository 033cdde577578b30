/**
 * What went wrong, as part of a sentence: without a stop of its own.
 * @param error whatever was thrown
 * @example `The PDF could not be written: ${reasonOf(error)}.`
 */
export function reasonOf(error: unknown): string {
  const text = error instanceof Error ? error.message : String(error);
  return text.trim().replace(/\.+$/, '');
}

/** Was something full: a drive, or what the browser may store? */
export function isFull(error: unknown): boolean {
  return error instanceof Error && error.name === 'QuotaExceededError';
}
