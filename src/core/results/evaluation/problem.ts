import type { Result } from '@/core/basics/result';
import { allLines } from '@/core/formula/model/edit';
import type { FormulaBody } from '@/core/formula/model/schema';
import { findMaterial } from '@/core/matter/materials/catalog';
import type { Conditions } from '../conditions/types';
import type { Evaluation } from './types';
import { evaluate } from './evaluate';

/** An argument that no reading can be made from. */
export interface Problem {
  /** The argument's name, with its unit in it. */
  readonly argument: string;
  readonly range: string;
  /** The whole sentence: argument, range, what was given. */
  readonly message: string;
}

export type EvaluationResult = Result<Evaluation, Problem>;

/** {@link evaluate} for values that people or files bring: the first argument out of range comes back as a value. */
export function tryEvaluate(body: FormulaBody, conditions: Conditions): EvaluationResult {
  const problem = problemWith(body, conditions);
  return problem ? { ok: false, problem } : { ok: true, value: evaluate(body, conditions) };
}

/** The first argument out of range, or null. */
export function problemWith(
  body: FormulaBody,
  { catalog, humidityPct, tub, pieceG }: Conditions,
): Problem | null {
  const within = (low: number, high: number) => (x: number) => x >= low && x <= high;
  const positive = (x: number) => x > 0 && x < Infinity;
  const zeroOrMore = (x: number) => x >= 0 && x < Infinity;
  const checks: ReadonlyArray<
    readonly [argument: string, value: number, isIn: (x: number) => boolean, range: string]
  > = [
    ['humidityPct', humidityPct, within(0, 100), '0–100'],
    ['tub.volumeL', tub.volumeL, positive, 'over 0'],
    ['tub.alkalinityMgL', tub.alkalinityMgL, zeroOrMore, '0 or more'],
    ['tub.tempC', tub.tempC, within(0, 100), '0–100'],
    ['pieceG', pieceG ?? 1, positive, 'over 0, or null'],
    ...allLines(body).map(
      ({ materialId, massG }) =>
        [`massG of ${materialId}`, massG, zeroOrMore, '0 or more'] as const,
    ),
  ];
  const bad = checks.find(([, value, isIn]) => !isIn(value));
  if (bad) {
    const [argument, value, , range] = bad;
    return { argument, range, message: `${argument} must be ${range}, got ${value}` };
  }
  const unknown = allLines(body).find(({ materialId }) => !findMaterial(catalog, materialId));
  return unknown
    ? {
        argument: 'materialId',
        range: 'an id of the catalog',
        message: `materialId must be an id of the catalog, got ${unknown.materialId}`,
      }
    : null;
}
