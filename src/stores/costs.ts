import { defineStore } from 'pinia';
import { NO_COSTING } from '@/core/work/cost/usual';
import {
  goodPieces,
  madeCost,
  soldCost,
  type MadeCost,
  type SoldCost,
} from '@/core/work/cost/costOf';
import type { Costing } from '@/core/work/cost/schema';
import { formingMinutes } from '@/core/work/flow/minutes';
import { handsMinutes } from '@/core/work/flow/workOf';
import { planScale, type ScalePlan } from '@/core/work/scaling/plan';
import { requestFor } from '@/core/work/scaling/request';
import { materialsUsed } from '@/core/work/scaling/used';
import { newOwnMaterial } from '@/core/matter/materials/newOwnMaterial';
import type { Formula } from '@/core/formula/model/schema';
import type { Batch } from '@/core/batches/records/schema';
import {
  madeCostOfBatch,
  packagingCost,
  piecesOfBatch,
  unitCost,
  type UnitCost,
} from '@/core/goods/products/unitCost';
import type { MoveOf, SaleUnit } from '@/core/goods/products/schema';
import { useBowlsStore } from './bowls';
import { useGoodsStore } from './goods';
import { today } from './now';
import { useShelfStore } from './shelf';
import { useWorkshopStore } from './workshop';

/** How much is made: pieces, and grams in a bowl. */
type Made = Pick<ScalePlan, 'pieces' | 'bowlG'>;

/** A piece of a plan as it will be sold, and what its cost is without. */
export interface PieceCost extends SoldCost {
  readonly of: MadeCost;
  /** The product whose packaging is counted; null where the maker’s own figure is. */
  readonly product: SaleUnit | null;
  readonly unpricedPackaging: readonly string[];
}

/** What things cost, the same on every screen. */
export const useCostsStore = defineStore('costs', () => {
  const workshop = useWorkshopStore();
  const shelf = useShelfStore();
  const goods = useGoodsStore();
  const bowls = useBowlsStore();

  const costingOf = (formulaId: string): Costing =>
    workshop.settings.costings[formulaId] ?? NO_COSTING;

  /** Minutes to make a batch by its steps. */
  function stepMinutes(
    { id, body }: Pick<Formula, 'id' | 'body'>,
    { pieces, bowlG }: Made,
  ): number {
    const cavities = bowls.moldOf(bowls.requestOf({ id, body }))?.cavities ?? null;
    const fillMin = formingMinutes(body.method, pieces, cavities);
    return Math.round(
      handsMinutes(body, { catalog: workshop.catalog, pieces, bowlG, fillMin }, 'making'),
    );
  }
  const makingMinutes = (formula: Pick<Formula, 'id' | 'body'>, made: Made) =>
    costingOf(formula.id).laborMinutes ?? stepMinutes(formula, made);

  function madeOfPlan(formula: Formula, plan: ScalePlan): MadeCost {
    return madeCost(
      materialsUsed(plan),
      goodPieces(plan.pieces, costingOf(formula.id).rejectPct),
      shelf.pricePerG,
      makingMinutes(formula, plan),
      workshop.settings.money,
    );
  }
  function madeOfBatch(batch: Batch): MadeCost {
    const minutes = makingMinutes(
      { id: batch.formulaId, body: batch.body },
      { pieces: piecesOfBatch(batch), bowlG: batch.plan.totalG },
    );
    return madeCostOfBatch(batch, shelf.pricePerG, minutes, workshop.settings.money);
  }

  /** The product a formula is sold in: alone where there is one, else with others. */
  function productOf(formulaId: string): SaleUnit | null {
    const holding = workshop.units.filter(
      ({ isArchived, contents }) =>
        !isArchived && contents.some((line) => line.formulaId === formulaId),
    );
    return holding.find(({ contents }) => contents.length === 1) ?? holding[0] ?? null;
  }

  /** One piece of a plan with its share of the packaging and the wrapping of its product. */
  function pieceOfPlan(formula: Formula, plan: ScalePlan): PieceCost {
    const of = madeOfPlan(formula, plan);
    const product = productOf(formula.id);
    const { money } = workshop.settings;
    if (!product) {
      const sold = soldCost(of.perPiece, costingOf(formula.id).packagingEach, 0, money);
      return { ...sold, of, product, unpricedPackaging: [] };
    }
    const pieces = product.contents.reduce((sum, line) => sum + line.pieces, 0);
    const { cost, unpriced } = packagingCost(product, workshop.packaging, goods.left);
    const sold = soldCost(of.perPiece, cost / pieces, product.minutes / pieces, money);
    return { ...sold, of, product, unpricedPackaging: unpriced };
  }

  /** @param batchOf the batch behind each line of the product; one that is not made yet is planned */
  function ofUnit(
    unit: SaleUnit,
    batchOf: (formulaId: string, i: number) => Batch | null,
  ): UnitCost {
    const made = unit.contents.map(({ formulaId }, i) => {
      const batch = batchOf(formulaId, i);
      if (batch) return madeOfBatch(batch);
      return plannedCost(formulaId) ?? { perPiece: 0, unpriced: [] };
    });
    return unitCost(unit, made, workshop.packaging, goods.left, workshop.settings.money);
  }
  function plannedCost(formulaId: string): MadeCost | null {
    const formula = workshop.formulas.find(({ id }) => id === formulaId);
    if (!formula) return null;
    const request = workshop.settings.requests[formulaId] ?? requestFor(formula.body);
    const planned = planScale(formula.body, request, shelf.meansFor(formula.body.method));
    return planned.ok ? madeOfPlan(formula, planned.plan) : null;
  }

  /** One unit of a wrapping, by the batches in it; null for a product that was removed. */
  function ofRun({ unitId, from }: MoveOf<'wrapped'>): number | null {
    const unit = workshop.units.find(({ id }) => id === unitId);
    if (!unit) return null;
    const own = new Set(from.map(({ batchId }) => batchId));
    const batchOf = (formulaId: string) =>
      workshop.batches.find((batch) => own.has(batch.id) && batch.formulaId === formulaId) ?? null;
    return ofUnit(unit, batchOf).all;
  }
  /** One unwrapped piece of a batch; null for one of long ago. */
  function ofPiece(batchId: string): number | null {
    const batch = workshop.batches.find(({ id }) => id === batchId);
    return batch ? soldCost(madeOfBatch(batch).perPiece, 0, 0, workshop.settings.money).all : null;
  }

  /** A price without a lot. @param perKg over 0 */
  function setPrice(materialId: string, perKg: number): void {
    const material = workshop.catalog.byId.get(materialId);
    if (!material) return;
    const own = workshop.materials.find(({ id }) => id === materialId) ?? newOwnMaterial(material);
    workshop.put('materials', [
      { ...own, pricePerKg: { value: perKg, by: 'price list', on: today() } },
    ]);
  }

  return {
    costingOf,
    stepMinutes,
    makingMinutes,
    pieceOfPlan,
    ofUnit,
    ofRun,
    ofPiece,
    setPrice,
  };
});
