import { beforeEach, describe, expect, it } from 'vitest';
import { openShop } from '../../tests/fixtures/shop';
import { sampleUnit } from '../../tests/fixtures/sample';
import type { Batch } from '@/core/batches/records/schema';
import { piecesOfBatch } from '@/core/goods/products/unitCost';
import { planScale } from '@/core/work/scaling/plan';
import { requestFor } from '@/core/work/scaling/request';
import { useCostsStore } from './costs';
import { useShelfStore } from './shelf';
import type { useWorkshopStore } from './workshop';

let workshop: ReturnType<typeof useWorkshopStore>;
beforeEach(() => {
  workshop = openShop();
});

/** A batch of a plan, weighed to the gram and counted whole. */
function asPlanned(formulaId: string) {
  const formula = workshop.formulas.find(({ id }) => id === formulaId);
  const like = workshop.batches.find((batch) => batch.formulaId === formulaId);
  if (!formula || !like) throw new Error('the sample has made this formula');
  const request = requestFor(formula.body);
  const planned = planScale(formula.body, request, useShelfStore().meansFor(formula.body.method));
  if (!planned.ok) throw new Error(planned.problem.message);
  const { plan } = planned;
  const at = like.startedAt;
  const batch: Batch = {
    ...like,
    body: formula.body,
    plan: { ...like.plan, pieces: plan.pieces },
    entries: plan.lines.map((line) => ({
      id: crypto.randomUUID(),
      at,
      stepId: 'weigh',
      voidedAt: null,
      kind: 'weighed',
      lineId: line.lineId,
      materialId: line.materialId,
      targetG: line.targetG,
      massG: line.targetG * plan.bowlCount,
      by: 'typed',
      ...(line.premix && {
        carrier: {
          materialId: line.premix.carrierId,
          massG: (line.weighG - line.targetG) * plan.bowlCount,
        },
      }),
    })),
  };
  return { formula, plan, batch };
}

describe('one price', () => {
  it.each(['Quince Lantern', 'Ebb Glass'])(
    'of %s is the same on Scale before it is made and on Pack when it was made as planned',
    (name) => {
      workshop.changeSettings({
        money: { ...workshop.settings.money, overheadPct: 12 },
        costings: {},
      });
      const unit = sampleUnit(name);
      const [line] = unit.contents;
      const { formula, plan, batch } = asPlanned(line?.formulaId ?? '');
      const costs = useCostsStore();
      const scale = costs.pieceOfPlan(formula, plan);
      expect(scale.product?.contents).toHaveLength(1);
      const pack = costs.ofUnit(scale.product ?? unit, () => batch);
      const pieces = scale.product?.contents[0]?.pieces ?? 1;
      expect(piecesOfBatch(batch)).toBe(plan.pieces);
      expect(pack.all).toBeCloseTo(scale.all * pieces, 9);
      expect(pack.made).toBeCloseTo(scale.made * pieces, 9);
      expect(scale.of.laborCost).toBeGreaterThan(0);
      expect(pack.unpricedMaterials).toEqual(scale.of.unpriced);
    },
  );

  it('of a formula with no product takes the maker’s own packaging, and rejects make it dearer', () => {
    const { formula, plan } = asPlanned(sampleUnit('Quince Lantern').contents[0]?.formulaId ?? '');
    workshop.remove(
      'units',
      workshop.units.map(({ id }) => id),
    );
    const costs = useCostsStore();
    const costing = (of: object) =>
      workshop.changeSettings({ costings: { [formula.id]: { packagingEach: 0, ...of } } });
    costing({});
    const bare = costs.pieceOfPlan(formula, plan);
    costing({ packagingEach: 0.4 });
    expect(costs.pieceOfPlan(formula, plan).all).toBeCloseTo(bare.all + 0.4, 9);
    costing({ rejectPct: 20 });
    expect(costs.pieceOfPlan(formula, plan).all).toBeCloseTo(bare.all / 0.8, 9);
  });

  it('of a product that was never made is that of its plan', () => {
    const unit = sampleUnit('Quince Lantern');
    const costs = useCostsStore();
    const planned = costs.ofUnit(unit, () => null);
    expect(planned.made).toBeGreaterThan(0);
    expect(costs.ofUnit({ ...unit, contents: [] as never }, () => null).made).toBe(0);
  });
});
