import { describe, expect, it } from 'vitest';
import { bodyFrom, shipped } from '../../../../tests/fixtures/bodies';
import { TODAY, lot } from '../../../../tests/fixtures/lots';
import { newFormula } from '@/core/formula/model/create';
import { keepVersion } from '@/core/formula/model/versions';
import { newOwnMaterial } from '@/core/matter/materials/newOwnMaterial';
import { SHIPPED } from '@/core/matter/materials/catalog';
import { currentStep, record, settleStep, startBatch } from '@/core/batches/records/batch';
import { voidEntry } from '@/core/batches/records/voidEntry';
import { weighedEntry } from '@/core/batches/records/weighed';
import { weighedRatio, weighedTotalG } from '@/core/batches/records/summary';
import type { Batch } from '@/core/batches/records/schema';
import { NO_MEANS, type Means } from '@/core/work/scaling/means';
import { USUAL_REQUEST } from '@/core/work/scaling/request';
import { planScale } from '@/core/work/scaling/plan';
import { assignLots, usableLots } from './assignLots';
import { findLots, findable, type LotFilter } from './findLots';
import { shelfLifeOf, lowStock } from './watch';
import { lotMoves, stockLeft } from './stock';
import { lotsOfBatch, usersOfLot } from './trace';
import { nextPremixCode, planPremix, premixParts, premixStock } from './premix';
import { shoppingList } from './shoppingList';
import type { Lot } from './lot';

const NOW = '2026-06-01T09:00:00.000+00:00';

const READINGS = {
  modelsVersion: '1',
  sodaToAcidByMass: 2,
  balanceSodaToAcidByMass: 1.3,
  dampIndexPct: 12,
  windowLowPct: 10,
  windowHighPct: 17,
  freeWaterPct: 0.4,
  scentLoadPct: 1,
  co2L: 20,
};

/** A batch of these grams with every line weighed just as planned. */
function made(text: string, lots: readonly Lot[], means: Means = NO_MEANS, ways = {}): Batch {
  const formula = keepVersion(newFormula('Ebb', bodyFrom(text), NOW), NOW);
  const request = { ...USUAL_REQUEST, want: { kind: 'total', massG: 300 } as const, ways };
  const planned = planScale(formula.body, request, means);
  if (!planned.ok) throw new Error(planned.problem.message);
  const left = stockLeft(lots, []);
  const start = { formula, request, plan: planned.plan, readings: READINGS, code: 'EB-001' };
  const assigned = assignLots(planned.plan.lines, lots, left, TODAY);
  let batch = startBatch({ catalog: SHIPPED, ...start, lots: assigned.bowls[0] ?? {}, now: NOW });
  for (let step = currentStep(batch); step; step = currentStep(batch))
    batch = settleStep(
      batch,
      step.kind === 'weigh' ? weighedEntry(step, step.targetG, 'typed') : { kind: 'done' },
      NOW,
    );
  return batch;
}

const RECIPE = '200 g baking soda\n100 g citric acid';

describe('lots of a material', () => {
  it('are used by expiry, then open first, then oldest; never from quarantine or past', () => {
    const soda = 'sodium-bicarbonate';
    const shelf = [
      lot('1', soda, { expiresOn: '2027-01-01' }),
      lot('2', soda, { expiresOn: '2026-09-01' }),
      lot('3', soda, { isQuarantined: true, expiresOn: '2026-07-01' }),
      lot('4', soda, { expiresOn: '2026-05-01' }),
      lot('5', soda, { expiresOn: '2026-05-02', isRetest: true }),
      // Each is the last by its code where another rule puts it first.
      lot('6', soda, { receivedOn: '2026-02-03' }),
      lot('7', soda, { receivedOn: '2026-02-02' }),
      lot('8', soda, { receivedOn: '2026-02-04', openedOn: '2026-02-05' }),
      lot('9', 'kaolin'),
    ];
    expect(usableLots(soda, shelf, TODAY).map(({ code }) => code)).toEqual([
      '5',
      '2',
      '1',
      '8',
      '7',
      '6',
    ]);
  });

  it('are taken one after the other, and what is missing is said', () => {
    const shelf = [
      lot('1', 'sodium-bicarbonate', { receivedG: 150, expiresOn: '2026-08-01' }),
      lot('2', 'sodium-bicarbonate', { receivedG: 30 }),
    ];
    const batch = made(RECIPE, shelf);
    const weighed = batch.steps.find(
      (step) => step.kind === 'weigh' && step.materialId === 'sodium-bicarbonate',
    );
    expect(weighed).toMatchObject({
      lots: [
        { code: '1', massG: 150 },
        { code: '2', massG: 30 },
      ],
    });
    const planned = planScale(bodyFrom(RECIPE), {
      ...USUAL_REQUEST,
      want: { kind: 'total', massG: 300 },
    });
    if (!planned.ok) throw new Error('it plans');
    const { short } = assignLots(planned.plan.lines, shelf, stockLeft(shelf, []), TODAY);
    expect(short).toEqual([{ materialId: 'sodium-bicarbonate', missingG: expect.closeTo(20, 9) }]);
  });
});

describe('stock', () => {
  it('falls as batches are weighed, comes back when an entry is struck, and shows below zero', () => {
    const shelf = [lot('1', 'sodium-bicarbonate', { receivedG: 150 })];
    const batch = made(RECIPE, shelf);
    const leftOf = (of: Batch) => stockLeft(shelf, lotMoves([of], shelf)).get(shelf[0]?.id ?? '');
    expect(leftOf(batch)).toBeCloseTo(-50, 9);
    const entry = batch.entries.find(({ kind }) => kind === 'weighed');
    expect(leftOf(voidEntry(batch, entry?.id ?? '', NOW))).toBe(150);
    const corrected = record(
      batch,
      {
        kind: 'added',
        materialId: 'sodium-bicarbonate',
        massG: 10,
        squirts: null,
        why: 'too-wet',
        lots: [{ lotId: shelf[0]?.id ?? '', massG: 10 }],
      },
      NOW,
    );
    expect(leftOf(corrected)).toBeCloseTo(-60, 9);
    const counted = [{ ...shelf[0], counts: [{ at: NOW, changeG: 75, why: 'counted' }] } as Lot];
    expect(stockLeft(counted, lotMoves([batch], counted)).get(counted[0]?.id ?? '')).toBeCloseTo(
      25,
      9,
    );
  });
});

describe('a recall', () => {
  const dye = lot('1', 'yellow-5-dye', { receivedG: 25 });
  const starch = lot('2', 'cornstarch');
  const premix = lot('3', 'yellow-5-dye', {
    receivedG: 500,
    premix: {
      carrierId: 'cornstarch',
      strengthPct: 2,
      madeFrom: [
        { lotId: dye.id, massG: 10 },
        { lotId: starch.id, massG: 490 },
      ],
    },
  });
  const shelf = [dye, starch, premix];
  const text = '200 g baking soda\n80 g citric acid\n20 g cornstarch\n0.3 g yellow dye';
  const means: Means = { ...NO_MEANS, premixes: premixStock(shelf, stockLeft(shelf, []), TODAY) };
  const yellow = bodyFrom(text);
  const lineId = yellow.parts[0]?.lines.find(({ materialId }) => materialId === 'yellow-5-dye')?.id;

  it('leads from a lot through the premix to the batch, and back, with grams that add up', () => {
    const formula = keepVersion({ ...newFormula('Ebb', yellow, NOW) }, NOW);
    const request = {
      ...USUAL_REQUEST,
      scaleStepG: 1,
      want: { kind: 'total', massG: 300 } as const,
      ways: { [lineId ?? '']: { kind: 'premix', lotId: premix.id } as const },
    };
    const planned = planScale(formula.body, request, means);
    if (!planned.ok) throw new Error(planned.problem.message);
    const { bowls, short } = assignLots(planned.plan.lines, shelf, stockLeft(shelf, []), TODAY);
    expect(short).toEqual([]);
    let batch = startBatch({
      catalog: SHIPPED,
      formula,
      request,
      plan: planned.plan,
      readings: READINGS,
      lots: bowls[0] ?? {},
      code: 'EB-001',
      now: NOW,
    });
    for (let step = currentStep(batch); step; step = currentStep(batch))
      batch = settleStep(
        batch,
        step.kind === 'weigh' ? weighedEntry(step, step.targetG, 'typed') : { kind: 'done' },
        NOW,
      );
    const moves = lotMoves([batch], shelf);
    // 15 g of 2% premix on the scale: 0.3 g of dye, 14.7 g of starch.
    expect(usersOfLot(premix.id, shelf, moves).batches).toEqual([
      { batchId: batch.id, code: 'EB-001', massG: 15, through: [] },
    ]);
    expect(usersOfLot(dye.id, shelf, moves)).toEqual({
      batches: [
        { batchId: batch.id, code: 'EB-001', massG: expect.closeTo(0.3, 9), through: ['3'] },
      ],
      premixes: [{ lotId: premix.id, code: '3', massG: 10 }],
    });
    const back = lotsOfBatch(batch, shelf, moves);
    expect(back.filter(({ through }) => through === '3')).toEqual([
      { lotId: dye.id, lot: dye, massG: expect.closeTo(0.3, 9), through: '3' },
      { lotId: starch.id, lot: starch, massG: expect.closeTo(14.7, 9), through: '3' },
    ]);
    // The record holds what went in, the carrier too.
    expect(weighedTotalG(batch)).toBeCloseTo(planned.plan.totalG, 9);
    expect(weighedRatio(batch, SHIPPED)).toBeCloseTo(2.5, 1);
    expect(stockLeft(shelf, moves).get(premix.id)).toBe(485);
  });
});

describe('premixes', () => {
  it('by hand: 0.3 g of dye on a 1 g scale is 15 g of a 2% premix, 10 g in 500 g', () => {
    expect(planPremix(0.3, 1)).toEqual({
      strengthFraction: 0.02,
      perBatchG: 15,
      makeG: 500,
      activeG: 10,
      carrierG: 490,
    });
    expect(premixParts(0.25, 100)).toEqual({ activeG: 25, carrierG: 75 });
    expect(() => planPremix(0, 1)).toThrow(/wantedG must be over 0/);
    expect(nextPremixCode(['PX-002', 'BS-1', 'PX-011'])).toBe('PX-012');
    expect(nextPremixCode([])).toBe('PX-001');
  });
});

describe('what to watch', () => {
  it('tells good, soon and past by the day', () => {
    const on = (expiresOn: string | null) => shelfLifeOf({ expiresOn }, TODAY);
    expect([on(null), on('2026-07-02'), on('2026-07-01'), on(TODAY), on('2026-05-31')]).toEqual([
      'good',
      'good',
      'soon',
      'soon',
      'past',
    ]);
  });

  it('says what is low and what to buy in whole packs', () => {
    const shelf = [lot('1', 'kaolin', { receivedG: 300 })];
    const left = stockLeft(shelf, []);
    const own = { ...newOwnMaterial(shipped('kaolin')), packG: 500, lowG: 400 };
    expect(lowStock([own], shelf, left, TODAY)).toEqual([
      { materialId: 'kaolin', leftG: 300, lowG: 400 },
    ]);
    // 450 needed + 400 to keep - 300 here = 550 missing: two packs of 500 at 6 a kilo.
    const [line] = shoppingList(
      [
        { materialId: 'kaolin', massG: 450 },
        { materialId: 'water', massG: 90 },
      ],
      new Map([['kaolin', 300]]),
      () => ({ packG: 500, lowG: 400, pricePerKg: 6 }),
    );
    expect(line).toMatchObject({ missingG: 550, packs: 2, buyG: 1000, cost: 6 });
    expect(
      shoppingList([{ materialId: 'water', massG: 90 }], new Map(), () => own as never),
    ).toEqual([]);
  });

  it('finds lots by every word, and by what is wrong with them', () => {
    const shelf = findable(
      [
        lot('BS-1', 'sodium-bicarbonate', { supplier: 'Saltwife' }),
        lot('KC-2', 'kaolin', { isQuarantined: true }),
      ],
      SHIPPED,
    );
    const left = new Map([
      ['BS-1', 0.5],
      ['KC-2', 0],
    ]);
    const find = (query: string, filter: LotFilter = 'all') =>
      findLots(
        shelf,
        query,
        filter,
        new Map(shelf.map(({ lot: { id, code } }) => [id, left.get(code) ?? 0])),
        TODAY,
      ).map(({ lot: { code } }) => code);
    expect(find('salt bak')).toEqual(['BS-1']);
    expect(find('')).toEqual(['BS-1', 'KC-2']);
    expect(find('', 'on hold')).toEqual(['KC-2']);
    expect(find('', 'empty')).toEqual(['KC-2']);
  });
});
