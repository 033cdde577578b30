import { flushPromises } from '@vue/test-utils';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { bodyFrom } from '../../../tests/fixtures/bodies';
import { button, field, page } from '../../../tests/fixtures/mountInPage';
import { drawnShop } from '../../../tests/fixtures/drawnShop';
import { newFormula } from '@/core/formula/model/create';
import type { FormulaBody } from '@/core/formula/model/schema';
import { SHIPPED } from '@/core/matter/materials/catalog';
import type { Distribution } from '@/core/work/spread/simulate';
import { record } from '@/core/batches/records/batch';
import { useGoodsStore } from '@/stores/goods';
import { usePlanStore } from '@/stores/plan';
import CostView from './CostView.vue';
import MixStrip from './MixStrip.vue';
import MoldPicture from './MoldPicture.vue';
import MoreMolds from './MoreMolds.vue';
import PlanSums from './PlanSums.vue';
import ScaleStation from './ScaleStation.vue';
import SpreadHistogram from './SpreadHistogram.vue';
import { carrierFor } from './carrier';

let shop: ReturnType<typeof drawnShop>;
beforeEach(() => {
  shop = drawnShop();
});

const PLAIN = '400 g baking soda\n200 g citric acid\n40 g cornstarch\n30 g sweet almond oil';
function inHand(body: FormulaBody = bodyFrom(PLAIN)) {
  const formula = newFormula('Plain', body, new Date().toISOString());
  shop.workshop.putFormula(formula);
  shop.workshop.changeSettings({ formulaInHandId: formula.id });
  return formula;
}
function planned(body?: FormulaBody) {
  const formula = inHand(body);
  const { plan } = usePlanStore();
  if (!plan) throw new Error('a plain formula is planned');
  return { formula, plan };
}
const says = () => page().text();

describe('how much is wanted', () => {
  it('is asked for in five ways, and the weights follow at once', async () => {
    inHand();
    const station = shop.show(ScaleStation);
    await button(station, 'Pieces').trigger('click');
    await field(station, 'Pieces').setValue('7');
    expect(usePlanStore().plan?.pieces).toBe(7);
    await button(station, 'Total').trigger('click');
    await field(station, 'Total mix').setValue('1340');
    expect(usePlanStore().plan?.totalG).toBeCloseTo(1340, 0);
    await button(station, 'As written').trigger('click');
    await button(station, '2').trigger('click');
    expect(usePlanStore().plan?.totalG).toBeCloseTo(1340, 0);
    await button(station, '½').trigger('click');
    expect(usePlanStore().plan?.totalG).toBeCloseTo(335, 0);
    expect(button(station, '½').attributes('aria-pressed')).toBe('true');
  });

  it.each([
    ['Pieces', 'Pieces', '0', 'Type a number from 1 to 10,000'],
    ['Pieces', 'Pieces', '10001', 'Type a number from 1 to 10,000'],
    ['Bowls', 'Bowls', '101', 'Type a number from 1 to 100'],
    ['Total', 'Total mix', 'a lot', 'Type a weight, such as 85 g or 3 oz.'],
    ['As written', 'Times', '0', 'Type a number from 0.01 to 1,000'],
  ])('by %s with “%s” of %s says “%s” and keeps the plan', async (way, label, text, said) => {
    inHand();
    const station = shop.show(ScaleStation);
    await button(station, way).trigger('click');
    const before = usePlanStore().plan?.totalG;
    await field(station, label).setValue(text);
    expect(station.text()).toContain(said);
    expect(usePlanStore().plan?.totalG).toBe(before);
  });

  it('is all there is of a material, and never more', async () => {
    inHand();
    const station = shop.show(ScaleStation);
    await button(station, 'Use up').trigger('click');
    expect(station.text()).toMatch(/\d+ g on the shelf|There is no lot of it on the shelf./);
    await field(station, 'Amount to use').setValue('800');
    const soda = usePlanStore().plan?.lines.find(
      ({ materialId }) => materialId === 'sodium-bicarbonate',
    );
    expect(soda?.exactG).toBeLessThanOrEqual(800);
    expect(soda?.exactG).toBeGreaterThan(790);
  });

  it('is remembered for the formula', async () => {
    const { id } = inHand();
    const station = shop.show(ScaleStation);
    await button(station, 'Pieces').trigger('click');
    await field(station, 'Pieces').setValue('9');
    expect(shop.workshop.settings.requests[id]?.want).toEqual({ kind: 'pieces', count: 9 });
  });
});

describe('the station', () => {
  it('without a formula says where one is taken', () => {
    shop.workshop.changeSettings({ formulaInHandId: null });
    const station = shop.show(ScaleStation);
    expect(station.text()).toContain('no formula open');
    expect(station.text()).not.toContain('Start this batch');
  });

  it('opens one batch, be it pressed ever so fast', async () => {
    inHand();
    const station = shop.show(ScaleStation);
    const before = shop.workshop.batches.length;
    const go = button(station, 'Start this batch');
    await Promise.all([go.trigger('click'), go.trigger('click')]);
    // It warns of too little liquid: asked once, and begun once.
    await vi.waitFor(() => expect(document.body.textContent).toContain('Before you start'));
    const start = button(page().find('.v-dialog'), 'Start this batch');
    await Promise.all([start.trigger('click'), start.trigger('click')]);
    await flushPromises();
    expect(shop.workshop.batches).toHaveLength(before + 1);
    await vi.waitFor(() => expect(shop.ways.currentRoute.value.name).toBe('make'));
  });

  it('makes what has a stop for own use only: no stock, no label', async () => {
    const body = bodyFrom(`${PLAIN}\n30 g borax`);
    inHand(body);
    await button(shop.show(ScaleStation), 'Start this batch').trigger('click');
    await vi.waitFor(() => expect(page().text()).toContain('You can’t sell a batch with a stop.'));
    await button(page(), 'Start for own use').trigger('click');
    await flushPromises();
    const batch = shop.workshop.batches.at(-1);
    expect(batch?.isOwnUse).toBe(true);
    if (!batch) return;
    shop.workshop.putBatch(
      record(batch, { kind: 'counted', pieces: 9, rejects: 0 }, batch.startedAt),
    );
    expect(useGoodsStore().loose.some((one) => one.batch.id === batch.id)).toBe(false);
  });

  it('weighs nothing of a formula without mass, and says so', () => {
    inHand({ ...bodyFrom(PLAIN), parts: [] });
    const station = shop.show(ScaleStation);
    expect(station.find('.plan .problem').text().length).toBeGreaterThan(10);
    expect(button(station, 'Start this batch').attributes('disabled')).toBeDefined();
  });

  it('says which written lines are left out', () => {
    const body = bodyFrom(PLAIN);
    inHand({ ...body, unread: [{ id: 'u', text: 'a splash of moonlight' }] as never });
    expect(shop.show(ScaleStation).text()).toContain('These weights leave out 1 unread line.');
  });

  it('shows what all formulas need together, and counts batches in whole ones', async () => {
    inHand();
    const station = shop.show(ScaleStation);
    await button(station, 'Several formulas').trigger('click');
    await vi.waitFor(() => expect(says()).toContain('Batches to make'));
    const plain = station.findAll('.wanted li').find((one) => one.text().includes('Plain'));
    const times = plain?.find('input');
    await times?.setValue('2.4');
    await times?.trigger('change');
    expect((times?.element as HTMLInputElement).value).toBe('2');
    await times?.setValue('1000');
    await times?.trigger('change');
    expect((times?.element as HTMLInputElement).value).toBe('99');
  });
});

describe('what a formula costs', () => {
  const cost = (formula = inHand()) => {
    const { plan, request, means } = usePlanStore();
    if (!plan) throw new Error('a plain formula is planned');
    return shop.show(CostView, { props: { formula, plan, request, means } });
  };

  it('counts the hands by the steps of its work until the maker says otherwise', async () => {
    const formula = inHand();
    const shown = cost(formula);
    const hands = field(shown, 'Labor to make it').element as HTMLInputElement;
    expect(Number(hands.value)).toBeGreaterThan(5);
    expect(shown.text()).not.toContain('The steps take');
    await field(shown, 'Labor to make it').setValue('90');
    expect(shop.workshop.settings.costings[formula.id]?.laborMinutes).toBe(90);
    expect(shown.text()).toMatch(/The steps take (\d+ h )?\d+ min\./);
    await button(shown, 'Use it').trigger('click');
    expect(shown.text()).not.toContain('The steps take');
  });

  it('names what has no price, and takes one there', async () => {
    for (const name of ['lots', 'materials'] as const)
      shop.workshop.remove(
        name,
        shop.workshop.records[name].map(({ id }) => id),
      );
    const formula = inHand(bodyFrom(`${PLAIN}\n20 g kaolin clay`));
    const shown = cost(formula);
    expect(shown.find('.missing summary').text()).toMatch(/^No price yet for .+Kaolin.+/);
    expect(shown.find('.figure').text()).toMatch(/^at least/);
    const priced = () => shown.findAll('.missing input').length;
    const before = priced();
    await field(shown, 'Kaolin clay, price per kg').setValue('6.5');
    expect(priced()).toBe(before - 1);
    expect(shop.workshop.materials.find(({ id }) => id === 'kaolin')?.pricePerKg?.value).toBe(6.5);
  });

  it('takes margins under the whole price alone', async () => {
    const shown = cost();
    await field(shown, 'Retail margin').setValue('95');
    expect(shop.workshop.settings.money.retailMarginPct).toBe(95);
    await field(shown, 'Retail margin').setValue('95.1');
    expect(shop.workshop.settings.money.retailMarginPct).toBe(95);
    expect(shown.text()).toContain('Type a number from 0 to 95');
  });

  it('is compared with the version before, where that is another', () => {
    const formula = inHand();
    const version = (text: string) => ({
      number: 1,
      name: '',
      savedAt: formula.createdAt,
      body: bodyFrom(text),
    });
    const before = (text: string) =>
      cost({ ...formula, versions: [version(text)] } as never).text();
    expect(before(PLAIN.replace('30 g sweet', '60 g sweet'))).toMatch(/(more|less) than version 1/);
    expect(cost({ ...formula, versions: [] }).text()).not.toContain('version 1');
  });
});

describe('where the mix goes', () => {
  it('draws each piece up to 96, and says how many it leaves out', async () => {
    const { plan } = planned();
    const strip = (pieces: number) =>
      shop.show(MixStrip, {
        props: { plan: { ...plan, pieces }, mold: { shape: 'sphere', diameterMm: 60 } },
      });
    expect(strip(96).findAll('.piece')).toHaveLength(96);
    expect(strip(96).text()).not.toContain('shown');
    expect(strip(97).findAll('.piece')).toHaveLength(96);
    expect(strip(97).text()).toContain('96 of 97 shown');
  });

  it('fills its bar to the end: pieces, left over, lost', () => {
    const { plan } = planned();
    const strip = shop.show(MixStrip, {
      props: { plan, mold: { shape: 'cylinder', diameterMm: 60, heightMm: 30 } },
    });
    const width = ['pieces', 'left', 'lost'].reduce(
      (sum, part) => sum + Number(strip.find(`rect.${part}`).attributes('width')),
      0,
    );
    expect(width).toBeCloseTo(760, 6);
  });
});

describe('the plan in large figures', () => {
  it('says bowls where it takes several, and how full one is where it does not', () => {
    const { plan } = planned();
    const sums = (change: Partial<typeof plan>) =>
      shop
        .show(PlanSums, { props: { plan: { ...plan, ...change }, leftoverUse: null, loss: 0 } })
        .text();
    expect(sums({ bowlCount: 3 })).toContain('the weights below are for one bowl');
    expect(sums({ bowlCount: 1, bowlG: 450, bowlHoldsG: 900 })).toContain('50%');
    expect(sums({ bowlCount: 1, bowlHoldsG: null })).not.toContain('Bowl filled');
    expect(sums({ outsideG: 12 })).toContain('12 g of it goes on the pieces');
  });

  it('offers to press the rest, and gives what was offered', async () => {
    const { plan } = planned();
    const use = { moldId: 'm', name: 'small half', pieces: 2, pieceG: 30 } as never;
    const shown = shop.show(PlanSums, { props: { plan, leftoverUse: use, loss: 0 } });
    expect(shown.text()).toContain('30 g each, in small half');
    await button(shown, 'Add them').trigger('click');
    expect(shown.emitted('samplers')).toEqual([[use]]);
  });
});

describe('other molds from the same bowl', () => {
  const BODY = bodyFrom(PLAIN);
  const sets = (count: number) =>
    Array.from({ length: count }, (_, i) => ({
      mold: { shape: 'sphere', diameterMm: 40 + i } as const,
      moldId: null,
      fillG: null,
      count: 6,
      isSampler: false,
    }));
  const more = (count: number) =>
    shop.show(MoreMolds, { props: { sets: sets(count), body: BODY } });
  const last = (shown: ReturnType<typeof more>) =>
    shown.emitted('change')?.at(-1)?.[0] as ReturnType<typeof sets>;

  it('are added up to eight, and taken away one by one', async () => {
    const seven = more(7);
    await button(seven, 'Add a mold to the same bowl').trigger('click');
    expect(last(seven)).toHaveLength(8);
    expect(more(8).text()).not.toContain('And another mold');
    const two = more(2);
    await two.findAll('.away')[0]?.trigger('click');
    expect(last(two)).toEqual([sets(2)[1]]);
  });

  it('hold as much as they hold, or as much as is said', async () => {
    const one = more(1);
    await field(one, 'Fill of mold 2, g').setValue('55');
    expect(last(one)[0]).toMatchObject({ fillG: 55 });
    await field(one, 'Fill of mold 2, g').setValue('0.02');
    expect(last(one)[0]).toMatchObject({ fillG: 0.1 });
    await field(one, 'Fill of mold 2, g').setValue('0');
    expect(last(one)[0]).toMatchObject({ fillG: null });
  });

  it('may be samplers from what is left over', async () => {
    const one = more(1);
    await one.find('input[type=checkbox]').setValue(true);
    expect(last(one)[0]).toMatchObject({ isSampler: true });
  });
});

describe('a piece cut open', () => {
  it('says its grams with how sure they are, and whose fills say so', () => {
    const text = (change: object) =>
      shop
        .show(MoldPicture, {
          props: {
            mold: { shape: 'sphere', diameterMm: 60 },
            body: bodyFrom(PLAIN),
            pieceG: 120,
            lowG: 110,
            highG: 130,
            records: 0,
            ...change,
          },
        })
        .text();
    expect(text({})).toContain('110–130 g by how firmly you pack, until you weigh your own fills');
    expect(text({ records: 12 })).toContain('from 12 fills of yours');
    expect(text({ lowG: 120, highG: 120 })).not.toContain('firmly');
    expect(text({ pieceG: null })).toContain('– a piece');
  });
});

describe('weighed and by cup', () => {
  const draws = (low: number, high: number): Distribution =>
    ({ from: low, to: high, low, high, counts: [1, 4, 1] }) as never as Distribution;
  const histogram = (change: object = {}) =>
    shop.show(SpreadHistogram, {
      props: {
        title: 'Soda to acid',
        weighed: draws(1.9, 2.1),
        byCup: draws(1.4, 2.8),
        decimals: 2,
        ...change,
      },
    });

  it('are told in words', () => {
    expect(histogram().find('svg').attributes('aria-label')).toBe(
      'Soda to acid: weighed 1.90–2.10, by cup 1.40–2.80, for nine of ten batches',
    );
  });

  it('are drawn where all draws are alike, and a window where there is one', () => {
    const alike = histogram({ weighed: draws(2, 2), byCup: draws(2, 2) });
    expect(alike.find('.weighed').attributes('d')).not.toMatch(/NaN/);
    expect(alike.find('.window').exists()).toBe(false);
    const wide = histogram({ window: { low: 1, high: 3 } }).find('.window');
    expect(Number(wide.attributes('width'))).toBeGreaterThan(250);
  });
});

describe('what carries a premix', () => {
  const carrier = (text: string, of: string) => {
    const body = bodyFrom(text);
    const part = body.parts.find(({ lines }) => lines.some((line) => line.materialId === of));
    const line = part?.lines.find(({ materialId }) => materialId === of);
    return carrierFor(
      body,
      { lineId: line?.id, partId: part?.id, materialId: of } as never,
      SHIPPED,
    );
  };

  it.each([
    ['starch of the same part first', `${PLAIN}\n1 g mica`, 'mica', 'cornstarch'],
    ['soda where there is no starch', '400 g baking soda\n1 g mica', 'mica', 'sodium-bicarbonate'],
    [
      'starch of its own where there is neither',
      '100 g citric acid\n1 g mica',
      'mica',
      'cornstarch',
    ],
    [
      'strong alcohol of the formula for menthol',
      `${PLAIN}\n20 g ethanol 95\n2 g menthol crystals`,
      'menthol',
      'ethanol-95',
    ],
    [
      'its oil for menthol where it has no alcohol',
      `${PLAIN}\n2 g menthol crystals`,
      'menthol',
      'sweet-almond-oil',
    ],
    [
      'strong alcohol for menthol where it has neither',
      '400 g baking soda\n2 g menthol crystals',
      'menthol',
      'isopropyl-alcohol-99',
    ],
    [
      'no weak alcohol for menthol',
      `${PLAIN}\n20 g isopropyl alcohol 70\n2 g menthol crystals`,
      'menthol',
      'sweet-almond-oil',
    ],
    [
      'the largest oil for a scent',
      `${PLAIN}\n4 g castor oil\n1 g fragrance oil`,
      'fragrance-oil',
      'sweet-almond-oil',
    ],
    [
      'a light oil where there is none',
      '400 g baking soda\n1 g fragrance oil',
      'fragrance-oil',
      'fractionated-coconut-oil',
    ],
  ])('is %s', (_, text, of, id) => {
    expect(carrier(text, of)).toBe(id);
  });
});
