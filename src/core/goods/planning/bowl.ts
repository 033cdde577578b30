import type { Result } from '@/core/basics/result';
import type { FormulaBody } from '@/core/formula/model/schema';
import type { MaterialMass } from '@/core/matter/materials/portion';
import type { Means } from '@/core/work/scaling/means';
import { planScale } from '@/core/work/scaling/plan';
import type { ScaleRequest } from '@/core/work/scaling/requestSchema';
import { materialsUsed } from '@/core/work/scaling/used';
import { piecesAtOnce } from './moldUse';

/** One bowl of a formula as it is usually made. */
export interface Bowl {
  readonly pieces: number;
  /** Grams of each material, with the usual loss; a material may stand twice. */
  readonly needs: readonly MaterialMass[];
}
export type BowlResult = Result<Bowl>;

/**
 * One bowl: as many pieces as it holds and its molds take at once, and what those weigh. Orders, the plan and what is to
 * be bought count in it.
 * @param cavities of its mold, null where it has none of the shelf
 */
export function bowlOf(
  body: FormulaBody,
  request: ScaleRequest,
  means: Means,
  cavities: number | null,
): BowlResult {
  const planned = planScale(body, request, means);
  if (!planned.ok) return { ok: false, problem: planned.problem.message };
  const { plan } = planned;
  const pieces = piecesAtOnce(body.method, plan.pieces / plan.bowlCount, cavities);
  const share = pieces / plan.pieces;
  const needs = materialsUsed(plan).map(({ materialId, massG }) => ({
    materialId,
    massG: massG * share,
  }));
  return { ok: true, value: { pieces, needs } };
}
