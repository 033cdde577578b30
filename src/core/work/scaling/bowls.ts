import { allLines, totalMassG } from '@/core/formula/model/edit';
import type { FormulaBody } from '@/core/formula/model/schema';
import { materialById, type Catalog } from '@/core/matter/materials/catalog';

/** Loose volume of a gram of the mix, mL: powders as level measures, liquids between them take none. Rovack estimate. */
export function looseMlPerG(body: FormulaBody, catalog: Catalog): number {
  const totalG = totalMassG(body);
  const volumeMl = allLines(body).reduce((sum, { materialId, massG }) => {
    const material = materialById(catalog, materialId);
    return material.isLiquid ? sum : sum + massG / material.densityGMl.level.value.best;
  }, 0);
  return totalG > 0 ? volumeMl / totalG : 0;
}

/** Grams of this mix one filling of the mixer holds. @param bowlL liters it is filled to, over 0 */
export function bowlHoldsG(body: FormulaBody, bowlL: number, catalog: Catalog): number {
  if (!(bowlL > 0)) throw new RangeError(`bowlL must be over 0, got ${bowlL}`);
  const perG = looseMlPerG(body, catalog);
  return perG > 0 ? (bowlL * 1000) / perG : Infinity;
}

/** Whole pieces of each bowl; what does not divide goes to the first ones. */
export function piecesByBowl({
  pieces,
  bowlCount,
}: {
  readonly pieces: number;
  readonly bowlCount: number;
}): readonly number[] {
  const each = Math.floor(pieces / bowlCount);
  // A record is of at least one piece.
  return Array.from({ length: bowlCount }, (_, i) =>
    Math.max(1, each + (i < pieces % bowlCount ? 1 : 0)),
  );
}

/** Share of the whole mix that one bowl must hold: all of it, or its biggest color. 0 to 1 */
export function largestShare(body: FormulaBody, bowls: 'equal' | 'by-color'): number {
  const totalG = totalMassG(body);
  if (bowls === 'equal' || !(totalG > 0)) return 1;
  const shares = body.parts
    .filter(({ kind }) => kind === 'main' || kind === 'split')
    .map(({ lines }) => lines.reduce((sum, { massG }) => sum + massG, 0) / totalG);
  return Math.max(...shares);
}
