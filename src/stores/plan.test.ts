import { nextTick } from 'vue';
import { beforeEach, describe, expect, it } from 'vitest';
import { openShop } from '../../tests/fixtures/shop';
import { usePlanStore } from './plan';

let workshop: ReturnType<typeof openShop>;

beforeEach(() => {
  workshop = openShop();
});

function inHand(name: string) {
  const formula = workshop.formulas.find((one) => one.name === name);
  if (!formula) throw new Error(`the sample has no ${name}`);
  workshop.changeSettings({ formulaInHandId: formula.id });
  return formula;
}

describe('what is asked for of a formula', () => {
  it('is remembered with it, the scale’s step with the workshop', async () => {
    const lantern = inHand('Quince Lantern');
    const plan = usePlanStore();
    plan.ask({ ...plan.request, want: { kind: 'total', massG: 1234 }, scaleStepG: 0.5 });
    inHand('Ebb Glass');
    await nextTick();
    expect(plan.request.want).not.toEqual({ kind: 'total', massG: 1234 });
    workshop.changeSettings({ formulaInHandId: lantern.id });
    await nextTick();
    expect(plan.request.want).toEqual({ kind: 'total', massG: 1234 });
    expect(workshop.settings.scaleStepG).toBe(0.5);
  });

  it('of one that was never scaled begins with the step of the workshop’s own scale', async () => {
    const lantern = inHand('Quince Lantern');
    workshop.changeSettings({ requests: {}, scaleStepG: 2 });
    const plan = usePlanStore();
    expect(plan.request.scaleStepG).toBe(2);
    expect(workshop.settings.requests[lantern.id]).toBeUndefined();
  });

  it('a mold that was changed on the shelf changes the plan, and it is said', () => {
    const lantern = inHand('Quince Lantern');
    const shelved = workshop.molds.find(({ mold }) => mold.shape === 'sphere');
    if (shelved?.mold.shape !== 'sphere') throw new Error('the sample has a sphere');
    const { mold } = shelved;
    const request = {
      ...usePlanStore().request,
      moldId: shelved.id,
      mold,
    };
    const planWith = (diameterMm: number) => {
      workshop = openShop();
      inHand('Quince Lantern');
      workshop.changeSettings({ requests: { [lantern.id]: request } });
      workshop.put('molds', [{ ...shelved, waterFillMl: null, mold: { ...mold, diameterMm } }]);
      return usePlanStore();
    };
    expect(planWith(mold.diameterMm).moldNote).toBe('');
    const plan = planWith(mold.diameterMm + 5);
    expect(plan.moldNote).toContain(`The shelf changed (${shelved.name})`);
    expect(plan.request.mold).toMatchObject({ diameterMm: mold.diameterMm + 5 });
  });

  it('weighs a line by drops where that is said, and on the scale again', () => {
    const lantern = inHand('Quince Lantern');
    const plan = usePlanStore();
    const lineId = lantern.body.parts[0]?.lines[0]?.id ?? '';
    const others = Object.keys(plan.request.ways).filter((id) => id !== lineId);
    plan.setWay(lineId, { kind: 'drops' });
    expect(Object.keys(plan.request.ways).sort()).toEqual([...others, lineId].sort());
    plan.setWay(lineId, { kind: 'scale' });
    expect(plan.request.ways[lineId]).toEqual({ kind: 'scale' });
  });

  it('has no plan without a formula in hand, and none is remembered', () => {
    workshop.changeSettings({ formulaInHandId: null });
    const plan = usePlanStore();
    const { requests } = workshop.settings;
    expect(plan.plan).toBeNull();
    plan.ask({ ...plan.request, lossPct: 7 });
    expect(workshop.settings.requests).toBe(requests);
  });
});
