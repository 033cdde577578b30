/** @param values at least one */
export function mean(values: readonly number[]): number {
  if (values.length === 0) throw new RangeError('values must hold at least one number');
  return values.reduce((sum, value) => sum + value, 0) / values.length;
}
