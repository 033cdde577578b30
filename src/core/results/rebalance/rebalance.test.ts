import fc from 'fast-check';
import quadprog from 'quadprog';
import { describe, expect, it } from 'vitest';
import { LANTERN, bodyFrom, shipped } from '../../../../tests/fixtures/bodies';
import { randomness } from '../../../../tests/fixtures/random';
import { evaluate } from '../evaluation/evaluate';
import { isOily } from '../fizz/composition';
import { allLines, setLineLocked, setLineMass, totalMassG } from '@/core/formula/model/edit';
import { bodyOfPreset } from '@/core/formula/model/presets';
import { emptyBody } from '@/core/formula/model/create';
import type { FormulaBody } from '@/core/formula/model/schema';
import { byActiveRows } from './activeRows';
import { leastChange, smallestClash } from './program';
import { problemOf } from './problem';
import { costOf, solve, type Problem } from './solve';
import { variablesOf } from './variables';
import { AT_THE_EDGE } from './windows';
import { NO_WISHES, WISHES, type WishId, type Wishes } from './wishes';
import { rebalance, type RebalanceResult } from './rebalance';
import { sayClash } from './messages';
import { USUAL_CONDITIONS } from '../conditions/types';
import { USUAL_SETTINGS } from '@/core/workshop/settings/settings';

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

function fromOne<T>(values: readonly T[]): T[] {
  return [undefined as T, ...values];
}

function gramsOf(body: FormulaBody, materialId: string): number {
  return allLines(body).reduce(
    (sum, line) => (line.materialId === materialId ? sum + line.massG : sum),
    0,
  );
}

describe('byActiveRows', () => {
  it('finds what the package for quadratic programs finds, or gives none (quadprog, 400 random programs)', () => {
    const { uniform } = randomness(5);
    const centered = () => 2 * uniform() - 1;
    let settled = 0;
    for (let trial = 0; trial < 400; trial++) {
      const size = 2 + Math.floor(uniform() * 14);
      const exact = Math.floor(uniform() * 2);
      const rows = Array.from({ length: 1 + exact + Math.floor(uniform() * 30) }, () => {
        const weights = Array.from({ length: size }, centered);
        const length = Math.hypot(...weights);
        return weights.map((weight) => weight / length);
      });
      const from = Array.from({ length: size }, centered);
      // Something meets every row: what it is built around.
      const inside = from.map((value) => value + 0.4 * centered());
      const bounds = rows.map((row, i) => {
        const at = row.reduce((sum, weight, k) => sum + weight * (inside[k] ?? 0), 0);
        return i < exact ? at : at - 0.2 * uniform();
      });
      const found = byActiveRows(rows, bounds, from, exact);
      if (found === null) continue;
      settled++;
      const { solution } = quadprog.solveQP(
        fromOne(from.map((_, i) => fromOne(from.map((__, k) => (i === k ? 1 : 0))))),
        fromOne(from),
        fromOne(from.map((_, i) => fromOne(rows.map((row) => row[i] ?? 0)))),
        fromOne(bounds),
        exact,
      );
      found.x.forEach((value, i) => expect(value).toBeCloseTo(solution[i + 1] ?? NaN, 7));
    }
    expect(settled).toBeGreaterThan(300);
  });
});

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
  ])('brings a mix that is %s into every window, in three lines or fewer', (_what, text) => {
    const body = bodyFrom(text);
    const result = changed(rebalance(body, USUAL_CONDITIONS, NO_WISHES));
    expect(result.missed).toEqual([]);
    expect(outside(result.body)).toEqual([]);
    expect(result.changes.length).toBeLessThanOrEqual(3);
    const whole = changed(rebalance(body, USUAL_CONDITIONS, { ...NO_WISHES, spread: 'all' }));
    expect(outside(whole.body)).toEqual([]);
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

  it('binds a mix that nothing binds by a spray, and never by an emulsifier that has no oil', () => {
    const dry = [
      '450 g baking soda\n225 g citric acid',
      '450 g baking soda\n225 g citric acid\n2 g polysorbate 80',
    ];
    for (const text of dry) {
      const { body, changes } = changed(rebalance(bodyFrom(text), USUAL_CONDITIONS, NO_WISHES));
      expect(changes.map(({ materialId }) => materialId)).toEqual(['water']);
      expect(outside(body)).toEqual([]);
    }
    const { uniform } = randomness(31);
    const plain = bodyFrom(LANTERN);
    const emulsifierG = (body: FormulaBody) => gramsOf(body, 'polysorbate-80');
    const oilyG = (body: FormulaBody) =>
      allLines(body).reduce(
        (sum, line) => (isOily(shipped(line.materialId)) ? sum + line.massG : sum),
        0,
      );
    for (let trial = 0; trial < 40; trial++) {
      const pulled = allLines(plain).reduce(
        (b, line) => setLineMass(b, line.id, line.massG * (0.3 + 1.7 * uniform())),
        plain,
      );
      const result = rebalance(pulled, USUAL_CONDITIONS, NO_WISHES);
      if (result.status !== 'changed') continue;
      expect(emulsifierG(result.body)).toBeLessThanOrEqual(
        emulsifierG(pulled) + oilyG(result.body) + 0.2,
      );
    }
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
      'Soda to acid at 1.4',
      'The lock of anhydrous citric acid at 110 g',
      'The lock of baking soda at 200 g',
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

  // Common practice: one or two lines cure nearly every skin case.
  it.each([
    ['too oily', PLAIN.replace('22 g castor', '60 g castor'), ['castor-oil']],
    ['without a carrier', PLAIN.replace('4 g polysorbate 80', ''), ['polysorbate-80']],
    ['too dry', PLAIN.replace('22 g castor', '8 g castor'), ['castor-oil']],
  ])('cures a mix that is %s by one line', (_what, text, ids) => {
    const { changes, missed } = changed(rebalance(bodyFrom(text), USUAL_CONDITIONS, NO_WISHES));
    expect(changes.map(({ materialId }) => materialId)).toEqual(ids);
    expect(missed).toEqual([]);
  });

  it('brings the carrier in with the oil that it brings in', () => {
    const body = bodyFrom('440 g baking soda\n220 g citric acid');
    const { body: next, missed } = changed(rebalance(body, USUAL_CONDITIONS, NO_WISHES));
    expect(missed).toEqual([]);
    expect(outside(next)).toEqual([]);
  });

  it('keeps acid and base in a household piece, whatever is wished', () => {
    const body = bodyOfPreset('cleaning');
    const conditions = { ...USUAL_CONDITIONS, tub: USUAL_SETTINGS.basin };
    for (const id of WISHES.map((one) => one.id))
      for (const spread of ['few', 'all'] as const) {
        const result = rebalance(body, conditions, { ...wish(id), spread });
        if (result.status !== 'changed') continue;
        for (const material of ['sodium-bicarbonate', 'citric-acid'])
          expect(gramsOf(result.body, material), `${id} ${spread}`).toBeGreaterThanOrEqual(
            0.3 * gramsOf(body, material) - 0.1,
          );
      }
  });

  it('adds no vinegar for a drier mix, and no water for a cheaper one', () => {
    const text = `${PLAIN}\n3 g vinegar\n2 g water`;
    for (const id of ['drier', 'cheaper'] as const) {
      const { body } = changed(rebalance(bodyFrom(text), USUAL_CONDITIONS, wish(id)));
      expect(gramsOf(body, 'vinegar-5')).toBeLessThanOrEqual(3);
      expect(gramsOf(body, 'water')).toBeLessThanOrEqual(2);
      expect(gramsOf(body, 'cornstarch')).toBeGreaterThanOrEqual(10 - 0.1);
    }
  });

  it('names at most five things that cannot hold together', () => {
    const body = bodyFrom(LANTERN);
    const locked = allLines(body).reduce((b, line) => setLineLocked(b, line.id, true), body);
    const result = rebalance(locked, USUAL_CONDITIONS, { ...NO_WISHES, ratio: 1.31, totalG: 500 });
    if (result.status !== 'clash') throw new Error('it clashes');
    expect(result.between.length).toBeGreaterThan(0);
    expect(result.between.length).toBeLessThanOrEqual(5);
  });

  it('changes three lines or fewer in half of 200 formulas pulled about at random', () => {
    const body = bodyFrom(LANTERN);
    const counts: number[] = [];
    fc.assert(
      fc.property(
        fc.array(fc.double({ min: 0.4, max: 2.5, noNaN: true }), { minLength: 11, maxLength: 11 }),
        (factors) => {
          const result = rebalance(pulledBy(body, factors), USUAL_CONDITIONS, NO_WISHES);
          if (result.status === 'changed') {
            counts.push(result.changes.length);
            expect(result.missed).toEqual([]);
          }
        },
      ),
      { seed: 614, numRuns: 200 },
    );
    const sorted = counts.sort((a, b) => a - b);
    expect(sorted[Math.floor(sorted.length / 2)]).toBeLessThanOrEqual(3);
  }, 30_000);

  it('over all lines finds the least change there is: no feasible step near it is smaller', () => {
    const body = bodyFrom(LANTERN);
    fc.assert(
      fc.property(
        fc.array(fc.double({ min: 0.4, max: 2.5, noNaN: true }), { minLength: 11, maxLength: 11 }),
        fc.array(
          fc.array(fc.double({ min: -1, max: 1, noNaN: true }), { minLength: 20, maxLength: 20 }),
          {
            minLength: 60,
            maxLength: 60,
          },
        ),
        (factors, directions) => {
          const problem = problemFor(pulledBy(body, factors));
          const solved = solve(problem);
          if (solved.status !== 'solved') return;
          for (const direction of directions)
            for (const size of [0.003, 0.03]) {
              const x = stepped(problem, solved.x, direction, size);
              if (isFeasible(problem, x))
                expect(costOf(problem, x)).toBeGreaterThan(solved.cost * (1 - 1e-4) - 1e-9);
            }
        },
      ),
      { seed: 615, numRuns: 25 },
    );
  });
});

function pulledBy(body: FormulaBody, factors: readonly number[]): FormulaBody {
  return allLines(body).reduce(
    (b, line, i) => setLineMass(b, line.id, line.massG * (factors[i] ?? 1)),
    body,
  );
}

function problemFor(body: FormulaBody): Problem {
  const totalG = totalMassG(body);
  return problemOf({
    body,
    conditions: USUAL_CONDITIONS,
    evaluation: evaluate(body, USUAL_CONDITIONS),
    variables: variablesOf(body, totalG, [], USUAL_CONDITIONS.catalog),
    wishes: { ...NO_WISHES, spread: 'all' },
    totalG,
    bringsOil: false,
    inside: AT_THE_EDGE,
  });
}

/** A step off a solution, half of them straight back toward the start, the total kept the sum of the lines. */
function stepped(
  { start, scale, computed }: Problem,
  x: readonly number[],
  direction: readonly number[],
  size: number,
): readonly number[] {
  const back = (direction[19] ?? 0) > 0 ? 1 : 0;
  const lines = x
    .slice(0, -computed.length)
    .map((massG, i) =>
      Math.max(
        0,
        massG +
          size * (direction[i] ?? 0) * (scale[i] ?? 1) * (back ? 0.2 : 1) +
          back * size * ((start[i] ?? 0) - massG),
      ),
    );
  return [...lines, lines.reduce((sum, massG) => sum + massG, 0)];
}

function isFeasible({ linear, curved }: Problem, x: readonly number[]): boolean {
  return (
    linear.every(({ weights, atLeast, isExact }) => {
      const value = weights.reduce((sum, weight, i) => sum + weight * (x[i] ?? 0), 0);
      return isExact ? Math.abs(value - atLeast) < 1e-9 : value >= atLeast - 1e-12;
    }) && curved.every(({ at }) => at(x) >= 0)
  );
}
