/** Mean of what is known; null where nothing is. */
export function meanOf(values: readonly (number | null)[]): number | null {
  const known = values.filter((value) => value !== null);
  return known.length > 0 ? known.reduce((sum, value) => sum + value, 0) / known.length : null;
}
