import { allLines } from '@/core/formula/model/edit';
import type { Formula, FormulaBody } from '@/core/formula/model/schema';
import type { OwnMaterial } from '@/core/matter/materials/own';
import type { Batch } from '@/core/batches/records/schema';
import type { Lot } from './lot';

/** A question about a formula that was asked of small cups. */
interface AskedOf {
  readonly name: string;
  readonly body: FormulaBody;
  readonly factors: ReadonlyArray<{ readonly materialId: string }>;
}

/** Names of the formulas, in any version, of sets of cups and mixes, and codes of the batches that are made of a material. */
export function usersOfMaterial(
  materialId: string,
  formulas: readonly Formula[],
  batches: readonly Batch[],
  sets: readonly AskedOf[] = [],
  own: readonly OwnMaterial[] = [],
): readonly string[] {
  const holds = (body: FormulaBody) =>
    allLines(body).some((line) => line.materialId === materialId);
  return [
    ...formulas
      .filter(({ body, versions }) => holds(body) || versions.some((kept) => holds(kept.body)))
      .map(({ name }) => name),
    ...batches.filter(({ body }) => holds(body)).map(({ code }) => code),
    ...sets
      .filter(
        ({ body, factors }) => holds(body) || factors.some((one) => one.materialId === materialId),
      )
      .map(({ name }) => name),
    ...own
      .filter(({ madeOf }) => madeOf?.some((part) => part.materialId === materialId))
      .map(({ name }) => name),
  ];
}

/** Is it in a lot, or does it carry one? */
export function isInALot(materialId: string, lots: readonly Lot[]): boolean {
  return lots.some((lot) => lot.materialId === materialId || lot.premix?.carrierId === materialId);
}
