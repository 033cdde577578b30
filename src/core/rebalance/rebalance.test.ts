import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { LANTERN, bodyFrom, shipped } from '../../../tests/fixtures/bodies';
import { evaluate } from '../evaluation';
import {
  allLines,
  emptyBody,
  setLineLocked,
  setLineMass,
  totalMassG,
  type FormulaBody,
} from '../formula';
import { leastChange, smallestClash } from './program';
import { NO_WISHES, rebalance, type RebalanceResult, type WishId, type Wishes, sayClash } from '.';
import { USUAL_CONDITIONS } from '@/core/conditions';

const PLAIN =
  '200 g baking soda\n110 g citric acid\n20 g cornstarch\n22 g castor oil\n4 g polysorbate 80';
/** What a rebalanced formula may not be told any more. */
const WINDOW_CODES = new Set([
  'too-dry',
  'too-wet',
  'acid-excess',
  'soda-excess-high',
  'no-acid',
  'no-base',
  'scent-over-limit',
  'scent-load-high',
  'oil-without-emulsifier',
  'free-water-high',
  'over-usual-rate',
  'color-over-rate',
]);

function wish(...ids: WishId[]): Wishes {
  return { ...NO_WISHES, ids };
}

function changed(result: RebalanceResult): Extract<RebalanceResult, { status: 'changed' }> {
  if (result.status !== 'changed') throw new Error(`expected a change, got ${result.status}`);
  return result;
}

function outside(body: FormulaBody): readonly string[] {
  return evaluate(body, USUAL_CONDITIONS)
    .findings.map(({ code }) => code)
    .filter((code) => WINDOW_CODES.has(code));
}

function gramsOf(body: FormulaBody, materialId: string): number {
  return allLines(body).reduce(
    (sum, line) => (line.materialId === materialId ? sum + line.massG : sum),
    0,
  );
}

describe('leastChange', () => {
  it('moves no more than it must: halfway for two alike, worked by hand', () => {
    // x + y = 12 from (4, 4): both go up by 2.
    const rows = [{ group: 'sum', weights: [1, 1], atLeast: 12, isExact: true }];
    expect(leastChange([4, 4], [1, 1], rows).x).toEqual([
      expect.closeTo(6, 9),
      expect.closeTo(6, 9),
    ]);
    // A line four times as dear to move goes a sixteenth as far: 4 + 4/17 and 4 + 64/17.
    expect(leastChange([4, 4], [1, 4], rows).x).toEqual([
      expect.closeTo(4 + 4 / 17, 9),
      expect.closeTo(4 + 64 / 17, 9),
    ]);
  });

  it('names the smallest clash, and none of what is not in it', () => {
    const rows = [
      { group: 'low', weights: [1, 0], atLeast: 5 },
      { group: 'other', weights: [0, 1], atLeast: 1 },
      { group: 'high', weights: [-1, 0], atLeast: -3 },
    ];
    expect(leastChange([4, 4], [1, 1], rows).status).toBe('infeasible');
    expect(smallestClash([4, 4], [1, 1], rows)).toEqual(['low', 'high']);
    expect(smallestClash([4, 4], [1, 1], rows.slice(0, 2))).toEqual([]);
  });
});

describe('rebalance', () => {
  it('leaves alone what needs nothing', () => {
    expect(rebalance(bodyFrom(PLAIN), USUAL_CONDITIONS, NO_WISHES)).toEqual({ status: 'already' });
    expect(rebalance(emptyBody('bath-bomb'), USUAL_CONDITIONS, NO_WISHES)).toEqual({
      status: 'nothing-to-weigh',
    });
  });

  it.each([
    ['too dry', '300 g baking soda\n150 g citric acid\n8 g castor oil\n2 g polysorbate 80'],
    ['too wet', `${PLAIN}\n30 g castor oil`],
    ['sour', '100 g baking soda\n100 g citric acid\n12 g castor oil\n3 g polysorbate 80'],
    ['without acid', '300 g baking soda\n20 g castor oil\n3 g polysorbate 80'],
    ['without a carrier', PLAIN.replace('4 g polysorbate 80', '')],
    ['over its limit', `${PLAIN}\n4 g clove bud oil`],
    ['of many parts', LANTERN.replace('54 g sweet', '120 g sweet')],
  ])('brings a mix that is %s into every window, at the same total', (_what, text) => {
    const body = bodyFrom(text);
    const result = changed(rebalance(body, USUAL_CONDITIONS, NO_WISHES));
    expect(result.missed).toEqual([]);
    expect(outside(result.body)).toEqual([]);
    expect(Math.abs(totalMassG(result.body) - totalMassG(body))).toBeLessThan(0.6);
  });

  it.each([
    ['longer-fizz', (e: ReturnType<typeof evaluate>) => 1 / (e.lasting?.speedMmS.best ?? 1), 1.2],
    ['more-foam', (e: ReturnType<typeof evaluate>) => 1 + (e.surface?.foamL.best ?? 0), 1.05],
    ['stronger-scent', (e: ReturnType<typeof evaluate>) => e.scent.loadPct, 1.24],
  ] as const)('grants %s', (id, reading, least) => {
    const body = bodyFrom(`${PLAIN}\n2 g lavender oil`);
    const result = changed(rebalance(body, USUAL_CONDITIONS, wish(id)));
    expect(result.missed).toEqual([]);
    const [before, after] = [body, result.body].map((b) => reading(evaluate(b, USUAL_CONDITIONS)));
    expect((after ?? 0) / (before ?? 1)).toBeGreaterThanOrEqual(least);
    expect(outside(result.body)).toEqual([]);
  });

  it('grants harder, drier and cheaper, a ratio and a total', () => {
    const body = bodyFrom(`${PLAIN}\n2 g lavender oil\n2 g water`);
    const harder = changed(rebalance(body, USUAL_CONDITIONS, wish('harder'))).body;
    const hardener = gramsOf(harder, 'kaolin') + gramsOf(harder, 'potassium-bitartrate');
    expect(hardener / totalMassG(harder)).toBeGreaterThan(0.0149);
    const drier = changed(rebalance(body, USUAL_CONDITIONS, wish('drier'))).body;
    const water = (b: FormulaBody) => evaluate(b, USUAL_CONDITIONS).binder.freeWaterPct;
    expect(water(drier)).toBeLessThan(water(body) * 0.52);
    const price = (b: FormulaBody) =>
      allLines(b).reduce(
        (sum, { materialId, massG }) => sum + shipped(materialId).relativePrice.value * massG,
        0,
      ) / totalMassG(b);
    const cheaper = changed(rebalance(body, USUAL_CONDITIONS, wish('cheaper'))).body;
    expect(price(cheaper)).toBeLessThan(price(body) * 0.905);
    const asked = { ...NO_WISHES, ratio: 1.5, totalG: 1000 };
    const exact = changed(rebalance(body, USUAL_CONDITIONS, asked)).body;
    expect(evaluate(exact, USUAL_CONDITIONS).fizz.sodaToAcidByMass).toBeCloseTo(1.5, 2);
    expect(totalMassG(exact)).toBeCloseTo(1000, 0);
  });

  it('holds locked lines, and scent and color before anything else', () => {
    const body = bodyFrom(`${PLAIN}\n2 g lavender oil\n0.3 g blue dye\n25 g castor oil`);
    const starch = allLines(body).find(({ materialId }) => materialId === 'cornstarch');
    const locked = setLineLocked(body, starch?.id ?? '', true);
    const next = changed(rebalance(locked, USUAL_CONDITIONS, NO_WISHES)).body;
    expect(gramsOf(next, 'cornstarch')).toBe(20);
    expect(gramsOf(next, 'lavender-essential-oil')).toBeCloseTo(2, 1);
    expect(gramsOf(next, 'blue-1-dye')).toBeCloseTo(0.3, 1);
  });

  it('names in words what cannot hold together, and only that', () => {
    const body = bodyFrom(PLAIN);
    const lockedAll = ['sodium-bicarbonate', 'citric-acid'].reduce((b, id) => {
      const line = allLines(b).find(({ materialId }) => materialId === id);
      return setLineLocked(b, line?.id ?? '', true);
    }, body);
    const result = rebalance(lockedAll, USUAL_CONDITIONS, { ...NO_WISHES, ratio: 1.4 });
    if (result.status !== 'clash') throw new Error('it clashes');
    expect(result.between.map(sayClash).sort()).toEqual([
      'baking soda locked at 200 g',
      'citric acid, anhydrous locked at 110 g',
      'soda to acid at 1.4',
    ]);
  });

  it('meets every window of mixes pulled about at random, or says what clashes', () => {
    const body = bodyFrom(LANTERN);
    fc.assert(
      fc.property(
        fc.array(fc.double({ min: 0.3, max: 3, noNaN: true }), { minLength: 11, maxLength: 11 }),
        (factors) => {
          const pulled = allLines(body).reduce(
            (b, line, i) => setLineMass(b, line.id, line.massG * (factors[i] ?? 1)),
            body,
          );
          const result = rebalance(pulled, USUAL_CONDITIONS, NO_WISHES);
          if (result.status === 'changed' && result.missed.length === 0)
            expect(outside(result.body)).toEqual([]);
          if (result.status === 'already') expect(outside(pulled)).toEqual([]);
          expect(['changed', 'already']).toContain(result.status);
        },
      ),
      { seed: 613, numRuns: 60 },
    );
  });
});
