/** A minute of a working day, which begins at 9:10. */
export function at(day: string, minute: number): string {
  return new Date(Date.parse(`${day}T09:10:00Z`) + minute * 60_000)
    .toISOString()
    .replace('Z', '+00:00');
}

/** The moment the sample is looked at. */
export const SAMPLE_NOW = '2026-10-14T15:30:00.000+00:00';
