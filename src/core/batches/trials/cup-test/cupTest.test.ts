import { describe, expect, it } from 'vitest';
import { bodyFrom } from '../../../../../tests/fixtures/bodies';
import { randomness } from '../../../../../tests/fixtures/random';
import { USUAL_CONDITIONS } from '@/core/results/conditions/types';
import { evaluate } from '@/core/results/evaluation/evaluate';
import { newId } from '@/core/basics/newId';
import { baseOf, bodyOfCup, holds, cupTestCups, placeOf, type CupTestQuestion } from './cups';
import { cupTestAnswer } from './answer';
import type { CupTest } from './schema';

const BODY = bodyFrom('200 g baking soda\n100 g citric acid\n12 g cornstarch\n23 g almond oil');
const STARCH = { materialId: 'cornstarch', lowPct: 0, highPct: 12 };
const QUESTION: CupTestQuestion = {
  body: BODY,
  factors: [STARCH],
  response: 'gone-s',
  bends: false,
  cups: 4,
  cupG: 25,
  stepG: 0.1,
};

function laid(change: Partial<CupTestQuestion> = {}) {
  const result = cupTestCups({ ...QUESTION, ...change }, USUAL_CONDITIONS);
  if (!result.ok) throw new Error(result.problem);
  return result;
}

function asked(change: Partial<CupTestQuestion> = {}): CupTest {
  const question = { ...QUESTION, ...change };
  return {
    ...question,
    id: newId(),
    origin: 'own',
    formulaId: newId(),
    name: 'starch',
    askedAt: '2026-05-01T10:00:00.000Z',
    factors: [...question.factors],
    cups: [...laid(change).cups],
    entries: [],
  };
}

/** Values as a maker sees whose pieces go so many times the model at the lowest and the highest. */
function seen(
  ladder: CupTest,
  timesLow: number,
  timesHigh: number,
  noiseSd: number,
  seed: number,
): CupTest {
  const { normal } = randomness(seed);
  const base = baseOf(ladder.body, ladder.factors);
  return {
    ...ladder,
    entries: ladder.cups.map((cup) => {
      const [x = 0] = placeOf(cup, ladder.factors);
      const body = bodyOfCup(base, cup, ladder.factors, USUAL_CONDITIONS);
      const { lasting } = evaluate(body, { ...USUAL_CONDITIONS, pieceG: ladder.cupG });
      const forecastS = lasting?.kind === 'dropped' ? lasting.goneS.best : NaN;
      const times = Math.exp(
        ((1 - x) / 2) * Math.log(timesLow) + ((1 + x) / 2) * Math.log(timesHigh),
      );
      return {
        id: newId(),
        at: ladder.askedAt,
        cupId: cup.id,
        value: forecastS * times * Math.exp(noiseSd * normal()),
        voidedAt: null,
      };
    }),
  };
}

describe('cups of a set', () => {
  it('weigh what they should, in steps of the scale, each in its windows', () => {
    for (const cups of [2, 3, 5, 8]) {
      const { cups: made } = laid({ cups, bends: cups > 3 });
      expect(made).toHaveLength(cups);
      for (const { baseG, addedG, pcts } of made) {
        const totalG = addedG.reduce((sum, massG) => sum + massG, baseG);
        expect(totalG).toBeCloseTo(25, 1);
        expect(pcts[0]).toBeCloseTo((100 * (addedG[0] ?? 0)) / totalG, 9);
        for (const massG of [baseG, ...addedG])
          expect(Math.abs(massG / 0.1 - Math.round(massG / 0.1))).toBeLessThan(1e-6);
        const body = bodyOfCup(
          baseOf(BODY, [STARCH]),
          { baseG, addedG },
          [STARCH],
          USUAL_CONDITIONS,
        );
        expect(holds(evaluate(body, { ...USUAL_CONDITIONS, pieceG: 25 }))).toBe(true);
      }
    }
  });

  it('leave out where a window does not hold, and say how much', () => {
    const oil = { materialId: 'sweet-almond-oil', lowPct: 1, highPct: 20 };
    const result = laid({ factors: [oil] });
    expect(result.outside).toBeGreaterThan(0);
    expect(Math.max(...result.cups.map(({ pcts }) => pcts[0] ?? 0))).toBeLessThan(12);
  });

  it('say why there are none', () => {
    const problem = (change: Partial<CupTestQuestion>) => {
      const result = cupTestCups({ ...QUESTION, ...change }, USUAL_CONDITIONS);
      return result.ok ? null : result.problem;
    };
    expect(problem({ factors: [STARCH, STARCH] })).toBe('twice');
    expect(
      problem({
        factors: [
          { ...STARCH, highPct: 60 },
          { materialId: 'kaolin', lowPct: 0, highPct: 21 },
        ],
      }),
    ).toBe('too-much');
    // 12% of 25 g is 3 g: three steps of 1 g, and not of 1.1.
    expect(problem({ stepG: 1 })).toBeNull();
    expect(problem({ stepG: 1.1 })).toBe('too-coarse');
    const water = { materialId: 'water', lowPct: 20, highPct: 40 };
    expect(problem({ factors: [water] })).toBe('no-window');
    const only = bodyFrom('50 g cornstarch');
    expect(problem({ body: only })).toBe('no-base');
  });
});

describe('the answer of a set', () => {
  it('before any cup is what is believed, and no answer', () => {
    const { seen: count, effects, curve } = cupTestAnswer(asked(), USUAL_CONDITIONS);
    expect(count).toBe(0);
    expect(effects[0]?.verdict).toBe('not-yet');
    const [first] = curve;
    expect((first?.high ?? 0) / (first?.low ?? 1)).toBeGreaterThan(2);
  });

  it('is sure of a strong effect, and not of a weak one in noise', () => {
    const strong = cupTestAnswer(seen(asked({ cups: 6 }), 1, 1.8, 0.05, 3), USUAL_CONDITIONS);
    expect(strong.effects[0]?.verdict).toBe('more');
    expect(strong.cupsToGo).toBe(0);
    expect(strong.effects[0]?.atHigh.best ?? 0).toBeGreaterThan(strong.effects[0]?.atLow.best ?? 0);
    // Half as fast by the model, and so much faster in fact that nothing is left of it.
    const weak = cupTestAnswer(seen(asked({ cups: 2 }), 1.15, 0.95, 0.2, 5), USUAL_CONDITIONS);
    expect(weak.effects[0]?.verdict).toBe('not-yet');
    expect(weak.cupsToGo).toBeGreaterThan(0);
  });

  it('holds the hidden effect in nine of ten sets', () => {
    const { uniform, normal } = randomness(77);
    const ladder = asked({ cups: 5 });
    const [plain] = cupTestAnswer(ladder, USUAL_CONDITIONS).effects;
    let held = 0;
    for (let i = 0; i < 300; i++) {
      const slope = 0.3 * normal();
      const level = Math.exp(0.3 * normal());
      const hidden = (plain?.effect.best ?? 1) * Math.exp(2 * slope);
      const one = seen(
        ladder,
        level * Math.exp(-slope),
        level * Math.exp(slope),
        0.12,
        Math.floor(1e6 * uniform()),
      );
      const [effect] = cupTestAnswer(one, USUAL_CONDITIONS).effects;
      if (hidden >= (effect?.effect.low ?? 0) && hidden <= (effect?.effect.high ?? 0)) held++;
    }
    expect(held / 300).toBeGreaterThanOrEqual(0.85);
    expect(held / 300).toBeLessThanOrEqual(0.95);
  });
});
