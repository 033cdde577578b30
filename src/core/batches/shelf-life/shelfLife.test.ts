import { describe, expect, it } from 'vitest';
import fc from 'fast-check';
import type { Portion } from '@/core/matter/materials/portion';
import { shipped } from '../../../../tests/fixtures/bodies';
import { BARRIER_IDS, type BarrierId } from './barriers';
import { barrierById } from './barriers';
import { bestBefore } from './bestBefore';
import { correctedBy, shelfLifeFactor } from './corrected';
import { sayShelfLife } from './messages';
import { staysFresh } from './staysFresh';
import { staysHard } from './staysHard';

const mix = (grams: Readonly<Record<string, number>>): readonly Portion[] =>
  Object.entries(grams).map(([id, massG]) => ({ material: shipped(id), massG }));
const BOMB = mix({ 'sodium-bicarbonate': 100, 'citric-acid': 60, cornstarch: 10 });
const keep = (
  wraps: readonly BarrierId[],
  humidityPct: number,
  tempC = 38,
  contents: readonly Portion[] = BOMB,
) => staysHard({ contents, massG: 170, areaMm2: 15_394, wraps }, { humidityPct, tempC });

describe('how long a piece stays hard', () => {
  it('is the water a film lets through at its own test: 60 g/m² a day at 38°C and 90%', () => {
    // By hand: 60 g/m² a day × 0.015394 m² × (90 - 72.5) / 90 = 0.1796 g a day; 0.6% of 170 g is 1.02 g.
    const byHand = 1.02 / (60 * 0.015394 * (17.5 / 90));
    const { days } = keep(['pvc-shrink-19'], 90);
    expect(days).toBeGreaterThan(byHand);
    // The still air in front of it takes a few percent more.
    expect(days).toBeLessThan(byHand * 1.05);
  });

  it('is for years in dry air and in glass, and shorter in damper, warmer air and thinner wraps', () => {
    expect(keep(['pvc-shrink-19'], 69.9)).toMatchObject({
      days: null,
      lowDays: null,
      limitedBy: [],
    });
    expect(keep(['pvc-shrink-19'], 70.5).lowDays).not.toBeNull();
    expect(keep(['tight-jar'], 95)).toMatchObject({ days: null, lowDays: null });
    fc.assert(
      fc.property(
        fc.constantFrom(...BARRIER_IDS),
        fc.double({ min: 73, max: 95, noNaN: true }),
        fc.double({ min: 5, max: 35, noNaN: true }),
        (wrap, humidityPct, tempC) => {
          const of = (days: number | null) => days ?? Infinity;
          const here = keep([wrap], humidityPct, tempC);
          expect(of(here.lowDays)).toBeLessThanOrEqual(of(here.days));
          expect(of(here.days)).toBeLessThanOrEqual(of(here.highDays));
          expect(of(keep([wrap], humidityPct + 2, tempC).days)).toBeLessThanOrEqual(of(here.days));
          expect(of(keep([wrap], humidityPct, tempC + 3).days)).toBeLessThanOrEqual(of(here.days));
          expect(of(keep([wrap, 'carton'], humidityPct, tempC).days)).toBeGreaterThanOrEqual(
            of(here.days),
          );
        },
      ),
      { seed: 20261126, numRuns: 60 },
    );
  });

  it('is held by the salt that draws first (magnesium chloride, 33%, CRC)', () => {
    const salts = keep(
      ['polyethylene-25'],
      60,
      20,
      mix({ 'sodium-chloride': 90, 'magnesium-chloride': 10 }),
    );
    expect(salts.days).not.toBeNull();
    expect(salts.limitedBy).toEqual([shipped('magnesium-chloride').sentenceName]);
    expect(keep(['polyethylene-25'], 60, 20, mix({ 'sodium-chloride': 100 })).days).toBeNull();
  });

  it('refuses what cannot be', () => {
    expect(() =>
      staysHard(
        { contents: BOMB, massG: 0, areaMm2: 1, wraps: [] },
        { humidityPct: 50, tempC: 20 },
      ),
    ).toThrow(/massG/);
    expect(() => keep([], 140)).toThrow(/140/);
  });
});

describe('what nothing tight lies around', () => {
  it('is not hard for years in any air, and mixed salts draw sooner than two (common practice)', () => {
    for (const humidityPct of [30, 45, 60]) {
      expect(keep([], humidityPct, 20).days).toBe(180);
      expect(keep(['paper-bag', 'carton'], humidityPct, 20).days).toBe(180);
      expect(keep(['pvc-shrink-19'], humidityPct, 20).days).toBeNull();
    }
    const drawsAt = (more: Readonly<Record<string, number>>) =>
      keep([], 50, 20, mix({ 'sodium-bicarbonate': 100, 'citric-acid': 60, ...more })).drawsFromPct
        .best;
    expect(drawsAt({})).toBe(72.5);
    expect(drawsAt({ 'sea-salt': 20 })).toBe(71);
    // A trace is no salt of it.
    expect(drawsAt({ 'sea-salt': 1 })).toBe(72.5);
  });

  it('fades by what is bought first: vapor, scent, fizz; and salts alone do not', () => {
    const daysOf = (more: Readonly<Record<string, number>>, wraps: readonly BarrierId[]) =>
      staysFresh([...BOMB, ...mix(more)], wraps);
    expect(daysOf({ menthol: 3 }, [])).toMatchObject({ days: 30, fades: 'vapor' });
    expect(daysOf({ 'lavender-essential-oil': 3 }, [])).toMatchObject({ days: 90, fades: 'scent' });
    expect(daysOf({ 'lavender-essential-oil': 0.4 }, [])?.fades).toBe('fizz');
    expect(staysFresh(mix({ 'sea-salt': 100 }), [])).toBeNull();
    const days = BARRIER_IDS.map(
      (id) => [barrierById(id).gM2Day ?? Infinity, daysOf({}, [id])?.days ?? 0] as const,
    );
    for (const [leak, least] of days)
      for (const [other, most] of days)
        if (other <= leak) expect(most).toBeGreaterThanOrEqual(least);
  });

  it('sets a best-before day where it comes first', () => {
    const asked = {
      madeMs: 0,
      contents: BOMB,
      hard: keep(['tight-jar'], 50, 20),
      ruleMonths: null,
      expiresMs: new Map<string, number>(),
    };
    const fresh = staysFresh(BOMB, ['pvc-shrink-19']);
    expect(bestBefore({ ...asked, fresh })?.limit).toEqual({ kind: 'fades', fades: 'fizz' });
    expect(bestBefore({ ...asked, fresh, ruleMonths: 6 })?.limit.kind).toBe('rule');
  });
});

describe('own looks', () => {
  it('say nothing without a look, move the days their way, and narrow with more', () => {
    expect(shelfLifeFactor([])).toBeNull();
    expect(shelfLifeFactor([{ ageDays: 30, isHard: true, forecastDays: null }])).toBeNull();
    const soft = { ageDays: 60, isHard: false, forecastDays: 120 };
    const hard = { ageDays: 300, isHard: true, forecastDays: 120 };
    const one = shelfLifeFactor([soft]);
    const many = shelfLifeFactor(Array(8).fill(soft));
    expect(one?.factor).toBeLessThan(1);
    expect(many?.factor).toBeLessThan(one?.factor ?? 0);
    expect(shelfLifeFactor([hard, hard])?.factor).toBeGreaterThan(1.5);
    const both = shelfLifeFactor([
      ...Array(6).fill({ ageDays: 100, isHard: true, forecastDays: 120 }),
      ...Array(6).fill({ ageDays: 150, isHard: false, forecastDays: 120 }),
    ]);
    expect(both?.factor).toBeGreaterThan(0.8);
    expect(both?.factor).toBeLessThan(1.3);
    expect((both?.high ?? 9) / (both?.low ?? 1)).toBeLessThan((one?.high ?? 1) / (one?.low ?? 1));
  });

  it('bear one that was written wrong', () => {
    const looks = Array(9).fill({ ageDays: 100, isHard: true, forecastDays: 120 });
    const wrong = { ageDays: 2, isHard: false, forecastDays: 120 };
    expect(shelfLifeFactor([...looks, wrong])?.factor).toBeGreaterThan(0.8);
  });

  it('stand in place of the model’s band', () => {
    const forecast = keep(['pvc-shrink-19'], 80, 20);
    const own = { factor: 0.5, low: 0.4, high: 0.7, looks: 5 };
    const days = forecast.days ?? 0;
    expect(correctedBy(forecast, own)).toMatchObject({
      days: days * 0.5,
      lowDays: days * 0.4,
      highDays: days * 0.7,
    });
    expect(correctedBy(forecast, null)).toBe(forecast);
  });
});

describe('best before', () => {
  const madeMs = Date.parse('2026-03-01T00:00:00Z');
  const hard = keep(['metallized-film'], 60, 20);
  const ask = (change: Partial<Parameters<typeof bestBefore>[0]> = {}) =>
    bestBefore({
      madeMs,
      contents: mix({ 'sodium-bicarbonate': 100, 'hempseed-oil': 3 }),
      hard,
      fresh: null,
      ruleMonths: null,
      expiresMs: new Map(),
      ...change,
    });

  it('is the earliest of oil, rule and damp, and says which', () => {
    // Hempseed oil keeps nine months.
    expect(ask()).toMatchObject({ months: 9, limit: { kind: 'material', byLot: false } });
    expect(ask({ ruleMonths: 8 })).toMatchObject({ months: 8, limit: { kind: 'rule' } });
    expect(ask({ ruleMonths: 10 })?.limit.kind).toBe('material');
    const lot = new Map([['hempseed-oil', Date.parse('2026-05-15T00:00:00Z')]]);
    expect(ask({ expiresMs: lot })).toMatchObject({ months: 2, limit: { byLot: true } });
    const damp = keep(['paper-bag'], 80, 20);
    expect(ask({ hard: damp })?.limit).toEqual({ kind: 'damp', names: damp.limitedBy });
  });

  it('says no day for salts alone, and leaves a trace of oil aside', () => {
    expect(ask({ contents: mix({ 'sodium-chloride': 100 }) })).toBeNull();
    const trace = (oilG: number) =>
      ask({ contents: mix({ 'sodium-chloride': 100 - oilG, 'hempseed-oil': oilG }) });
    expect(trace(0.19)).toBeNull();
    expect(trace(0.2)).not.toBeNull();
  });

  it.each([
    [null, 'years'],
    [0.4, 'less than a day'],
    [13.9, '13 days'],
    [14, '2 weeks'],
    [60, '8 weeks'],
    [61, '2 months'],
  ])('%s days is %s', (days, words) => {
    expect(sayShelfLife(days)).toBe(words);
  });
});
