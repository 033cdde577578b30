export interface Suite {
  readonly name: string;
  readonly code: number;
  readonly passed: number;
  readonly failed: number;
}
interface Counts {
  readonly passed: number;
  readonly failed: number;
}
export function resultOf(
  suites: readonly Suite[],
): Counts & { readonly sentences: readonly string[] };
export function vitestCounts(output: string): Counts;
export function playwrightCounts(output: string): Counts;
