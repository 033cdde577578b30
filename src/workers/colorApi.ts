import type { FormulaBody } from '@/core/formula/model/schema';
import { catalogWith, findMaterial } from '@/core/matter/materials/catalog';
import type { OwnMaterial } from '@/core/matter/materials/own';
import { colorToOrder } from '@/core/results/color/order/colorToOrder';
import { orderFor, type ColorQuestion, type LeftOut } from '@/core/results/color/order/orderFor';
import type { SentConditions } from './sentConditions';

/** A question as it crosses to the worker: materials by their ids. */
export type SentColorQuestion = Omit<ColorQuestion, 'materials'> & {
  readonly materialIds: readonly string[];
};

/** What was found, materials by their ids. */
export interface ColorAnswer {
  readonly lines: readonly { readonly materialId: string; readonly massG: number }[];
  readonly reachedHex: string;
  readonly deltaE: number;
  readonly atRate: readonly string[];
  readonly offered: number;
  readonly leftOut: readonly { readonly materialId: string; readonly why: LeftOut }[];
}

/** What the worker answers: the core's search. */
export const colorApi = {
  color(
    body: FormulaBody,
    conditions: SentConditions,
    { materialIds, ...question }: SentColorQuestion,
    own: readonly OwnMaterial[],
  ): ColorAnswer {
    const catalog = catalogWith(own);
    const materials = materialIds.flatMap((id) => findMaterial(catalog, id) ?? []);
    const { order, leftOut } = orderFor(
      body,
      { ...conditions, catalog },
      { ...question, materials },
    );
    const { lines, reachedHex, deltaE, atRate } = colorToOrder(order);
    return {
      lines: lines.map(({ material, massG }) => ({ materialId: material.id, massG })),
      reachedHex,
      deltaE,
      atRate: atRate.map(({ id }) => id),
      offered: order.offered.length,
      leftOut: leftOut.map(({ material, why }) => ({ materialId: material.id, why })),
    };
  },
};
export type ColorApi = typeof colorApi;
