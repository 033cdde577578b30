interface ErrorRow {
  readonly fromG: number;
  readonly toG: number;
  readonly errorPct?: number;
  readonly errorG?: number;
}

/** Source: Council Directive 76/211/EEC, annex I, 2.4, not looked up. */
const TOLERABLE_ERRORS = [
  { fromG: 5, toG: 50, errorPct: 9 },
  { fromG: 50, toG: 100, errorG: 4.5 },
  { fromG: 100, toG: 200, errorPct: 4.5 },
  { fromG: 200, toG: 300, errorG: 9 },
  { fromG: 300, toG: 500, errorPct: 3 },
  { fromG: 500, toG: 1000, errorG: 15 },
  { fromG: 1000, toG: 10_000, errorPct: 1.5 },
] as const satisfies readonly ErrorRow[];

/**
 * Tolerable negative error of a pack in grams; percentages are rounded up to a tenth of a gram.
 * Source: Council Directive 76/211/EEC, annex I.
 * @param nominalG on the label, 5 to 10,000
 * @throws RangeError outside this range
 * @example tolerableErrorG(120) // 5.4
 */
export function tolerableErrorG(nominalG: number): number {
  const row: ErrorRow | undefined = TOLERABLE_ERRORS.find(
    ({ fromG, toG }) => nominalG >= fromG && nominalG <= toG,
  );
  if (!row) throw new RangeError(`nominalG must be 5 to 10000, got ${nominalG}`);
  return row.errorG ?? Math.ceil((nominalG * (row.errorPct ?? 0)) / 10 - 1e-9) / 10;
}
