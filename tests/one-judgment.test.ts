import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { bodyFrom, shipped } from './fixtures/bodies';
import { instrumentsOf } from '@/stations/design/readings/readingsMessages';
import { USUAL_CONDITIONS, type Conditions } from '@/core/results/conditions/types';
import { FAMILIES, METHODS } from '@/core/formula/model/kinds';
import { emptyBody, newLine, newPart } from '@/core/formula/model/create';
import type { Family, FormulaBody, Method } from '@/core/formula/model/schema';
import { MATERIALS } from '@/core/matter/materials/catalog';
import { EMULSIFIER_TO_OIL } from '@/core/results/scent/carrier';
import { READING_IDS, type JudgedReading, type ReadingId } from '@/core/results/evaluation/types';
import { evaluate } from '@/core/results/evaluation/evaluate';

/** Random formulas of up to ten lines in any family, method and room. */
const formulas = fc.record({
  entries: fc.array(
    fc.tuple(
      fc.constantFrom(...MATERIALS.map(({ id }) => id)),
      fc.double({ min: 0, max: 900, noNaN: true }),
    ),
    { maxLength: 10 },
  ),
  family: fc.constantFrom<Family>(...FAMILIES),
  method: fc.constantFrom<Method>(...METHODS),
  humidityPct: fc.integer({ min: 0, max: 100 }),
  isPiece: fc.boolean(),
});

function bodyOf({
  entries,
  family,
  method,
}: {
  entries: readonly (readonly [string, number])[];
  family: Family;
  method: Method;
}): FormulaBody {
  const lines = entries.map(([id, massG]) => newLine(shipped(id), massG));
  return { ...emptyBody(family), method, parts: [{ ...newPart('main', 'Main mix'), lines }] };
}

function isOutside({ value, window }: JudgedReading): boolean {
  if (value === null) return false;
  return (
    (window.low !== null && value < window.low) || (window.high !== null && value > window.high)
  );
}

/** Readings whose value alone decides: the water is judged fresh and settled, at both ends of its interval. */
const BY_VALUE: readonly ReadingId[] = [
  'ratio',
  'damp',
  'free-water',
  'scent',
  'emulsifier',
  'room',
];

describe('a reading is judged once', () => {
  it('so that window, findings and instrument never disagree', () => {
    fc.assert(
      fc.property(formulas, (made) => {
        const body = bodyOf(made);
        const conditions: Conditions = {
          ...USUAL_CONDITIONS,
          humidityPct: made.humidityPct,
          pieceG: made.isPiece ? 120 : null,
        };
        const evaluation = evaluate(body, conditions);
        const isEmpty = !(evaluation.totalG > 0);
        for (const id of READING_IDS) {
          const judged = evaluation.judged[id];
          for (const finding of judged.findings) expect(evaluation.findings).toContain(finding);
          if (BY_VALUE.includes(id) && !isEmpty && isOutside(judged))
            expect(judged.findings.length, id).toBeGreaterThan(0);
          if (id === 'damp' || id === 'free-water' || id === 'emulsifier')
            expect(judged.findings.length > 0, id).toBe(isOutside(judged));
        }
        const judgedByTitle = new Map(
          instrumentsOf(evaluation, body.family).map((instrument) => [
            instrument.title,
            instrument,
          ]),
        );
        const tones = Object.fromEntries(
          [...judgedByTitle].map(([title, { tone }]) => [title, tone]),
        );
        const gravest = (id: ReadingId) => evaluation.judged[id].findings[0]?.severity ?? 'calm';
        expect(tones).toEqual({
          'Fizz balance': gravest('ratio'),
          Gas: gravest('gas'),
          Moisture: gravest('damp'),
          'Loose water': gravest('free-water'),
          Scent: gravest('scent'),
          Water: gravest('water'),
        });
      }),
      { seed: 11, numRuns: 300 },
    );
  });
});

function judged(text: string, id: ReadingId, family: Family = 'bath-bomb', change = {}) {
  return evaluate(bodyFrom(text, family), { ...USUAL_CONDITIONS, ...change }).judged[id];
}

function codes({ findings }: JudgedReading): readonly string[] {
  return findings.map(({ code, severity }) => `${code} ${severity}`);
}

describe('just inside and just outside', () => {
  // 1.3 to 2.1 of soda to anhydrous citric acid: common practice. Over 3 % of acid too much is meant.
  it.each([
    [130.1, []],
    [129.9, ['acid-excess advice']],
    [127.4, ['acid-excess advice']],
    [127.2, ['acid-excess warning']],
    [209.9, []],
    [210.1, ['soda-excess-high advice']],
  ])('%d g of soda on 100 g of citric acid: %j', (sodaG, expected) => {
    expect(codes(judged(`${sodaG} g baking soda\n100 g citric acid`, 'ratio'))).toEqual(expected);
  });

  it('says of a cleaning piece only what acid is left', () => {
    const text = (sodaG: number) => `${sodaG} g baking soda\n100 g citric acid`;
    expect(codes(judged(text(129), 'ratio', 'cleaning-fizzy'))).toEqual([]);
    expect(codes(judged(text(127), 'ratio', 'cleaning-fizzy'))).toEqual(['acid-excess advice']);
    expect(judged(text(600), 'ratio', 'cleaning-fizzy').window).toEqual({ low: null, high: null });
  });

  it('needs more than a trace of acid or soda to fizz: two thousandths of the other side', () => {
    const acidG = (share: number) => (1000 / 84.007) * share * (192.12 / 3);
    const text = (share: number) => `1000 g baking soda\n${acidG(share)} g citric acid`;
    expect(codes(judged(text(0.0019), 'ratio'))).toEqual(['no-acid warning']);
    expect(codes(judged(text(0.0021), 'ratio'))).toEqual(['soda-excess-high advice']);
  });

  it('holds a tenth of emulsifier to the oils, once half a percent of oil is there', () => {
    const text = (oilG: number, emulsifierG: number) =>
      `${200 - oilG} g baking soda\n100 g citric acid\n${oilG} g castor oil\n${emulsifierG} g polysorbate 80`;
    expect(EMULSIFIER_TO_OIL.least).toBe(0.1);
    expect(codes(judged(text(20, 1.99), 'emulsifier'))).toEqual(['oil-without-emulsifier advice']);
    expect(codes(judged(text(20, 2.01), 'emulsifier'))).toEqual([]);
    expect(codes(judged(text(1.49, 0), 'emulsifier'))).toEqual([]);
    expect(codes(judged(text(1.51, 0), 'emulsifier'))).toEqual(['oil-without-emulsifier advice']);
  });

  // Common practice: working range 40 to 50 %, trouble over 55, not at all from 70.
  it.each([
    [39, ['humidity-low advice']],
    [40, []],
    [55, []],
    [56, ['humidity-high advice']],
    [69, ['humidity-high advice']],
    [70, ['humidity-high warning']],
  ])('a room at %d %%: %j', (humidityPct, expected) => {
    expect(codes(judged('200 g baking soda', 'room', 'bath-bomb', { humidityPct }))).toEqual(
      expected,
    );
  });

  // Common practice: bath bombs 0.3 to 2 % of scent.
  it.each([
    [1.99, []],
    [2.01, ['scent-load-high warning']],
  ])('%d %% of fragrance: %j', (pct, expected) => {
    expect(codes(judged(`${100 - pct} g baking soda\n${pct} g fragrance oil`, 'scent'))).toEqual(
      expected,
    );
  });

  it('judges a cleaning solution by its worst, fresh or settled', () => {
    // 300 g of washing soda on 5 g of citric acid in 5 L is over pH 10.5 fresh, and under it once air has got at it.
    const basin = { tub: { volumeL: 5, alkalinityMgL: 100, tempC: 45 } };
    const text = '300 g washing soda\n5 g citric acid';
    expect(codes(judged(text, 'water', 'cleaning-fizzy', basin))).toEqual([
      'alkaline-solution advice',
    ]);
    const evaluation = evaluate(bodyFrom(text, 'cleaning-fizzy'), {
      ...USUAL_CONDITIONS,
      ...basin,
    });
    const water = instrumentsOf(evaluation, 'cleaning-fizzy').find(
      ({ title }) => title === 'Water',
    );
    expect(water).toMatchObject({ tone: 'advice' });
    expect(water?.sentence).toMatch(/Strongly alkaline/);
  });

  it('judges no water of a steamer, which lies under a running one', () => {
    expect(
      judged('20 g baking soda\n400 g citric acid', 'water', 'shower-steamer').findings,
    ).toEqual([]);
  });
});
