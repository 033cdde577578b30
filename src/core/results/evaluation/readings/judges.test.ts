import { sayReading } from './messages';
import { describe, expect, it } from 'vitest';
import { bodyFrom } from '../../../../../tests/fixtures/bodies';
import { USUAL_CONDITIONS } from '../../conditions/types';
import type { Family, Method } from '@/core/formula/model/schema';
import { measure, pouredOf } from '../measure';
import type { Examined, Measured } from '../types';
import { closedPack, judge } from './';

const BOMB = '200 g baking soda\n110 g citric acid\n20 g cornstarch\n20 g castor oil';

type Change = { readonly [K in keyof Measured]?: unknown };

/** What a formula measures, with figures of one’s own in place of some: for the edge itself and a hair beside it. */
function examined(
  change: Change = {},
  family: Family = 'bath-bomb',
  method: Method = 'press',
  text = BOMB,
): Examined {
  const body = bodyFrom(text, family, method);
  const conditions = { ...USUAL_CONDITIONS, pieceG: 100 };
  const materials = pouredOf(body, conditions);
  const measured = measure(body, materials, conditions);
  const own = Object.fromEntries(
    Object.entries(change).map(([key, value]) => {
      const was = measured[key as keyof Measured];
      const isPart = typeof value === 'object' && value !== null && typeof was === 'object';
      return [key, isPart ? { ...was, ...value } : value];
    }),
  );
  return { body, conditions, materials, measured: { ...measured, ...own } };
}
const codes = (of: Examined, id: keyof ReturnType<typeof judge>) =>
  judge(of)[id].findings.map(({ code, severity }) => `${code} ${severity}`);
const HAIR = 1e-9;

describe('a result in words', () => {
  it('has its figure with its decimals and its unit, and a dash where there is none', () => {
    expect(sayReading('free-water', 1.234)).toBe('1.23%');
    expect(sayReading('emulsifier', 0.456)).toBe('0.46');
    expect(sayReading('room', 45.4)).toBe('45%');
    expect(sayReading('room', 0)).toBe('0%');
    expect(sayReading('scent', null)).toBe('–');
  });
});

describe('soda to acid', () => {
  const of = (fizz: object, family: Family = 'bath-bomb') =>
    codes(examined({ fizz }, family), 'ratio');
  const FIZZY = {
    acidEquivalentsMol: 1,
    baseEquivalentsMol: 1,
    co2Mol: 1,
    sodaToAcidByMass: 2,
    balanceSodaToAcidByMass: 1.31,
    usualLow: 1.8,
    usualHigh: 2.5,
  };

  it('on skin is in its window up to both ends, and not a hair beyond', () => {
    expect(of({ ...FIZZY, sodaToAcidByMass: 1.8 })).toEqual([]);
    expect(of({ ...FIZZY, sodaToAcidByMass: 2.5 })).toEqual([]);
    expect(of({ ...FIZZY, sodaToAcidByMass: 1.8 - HAIR })).toEqual(['acid-excess advice']);
    expect(of({ ...FIZZY, sodaToAcidByMass: 2.5 + HAIR })).toEqual(['soda-excess-high advice']);
  });

  it('with acid left over is a warning on skin from three percent on, in a basin never', () => {
    const sour = (acidEquivalentsMol: number) => ({ ...FIZZY, acidEquivalentsMol });
    expect(of({ ...sour(1.03), sodaToAcidByMass: 1 })).toEqual(['acid-excess advice']);
    expect(of({ ...sour(1.03 + HAIR), sodaToAcidByMass: 1 })).toEqual(['acid-excess warning']);
    expect(of(sour(1.03), 'cleaning-fizzy')).toEqual([]);
    expect(of(sour(1.03 + HAIR), 'cleaning-fizzy')).toEqual(['acid-excess advice']);
    // Twice the soda: the share is of the base, however much there is.
    const double = { ...sour(2.06 + HAIR), baseEquivalentsMol: 2 };
    expect(of(double, 'cleaning-fizzy')).toEqual(['acid-excess advice']);
    expect(of({ ...double, acidEquivalentsMol: 2.06 }, 'cleaning-fizzy')).toEqual([]);
  });

  it('of builders alone goes by equivalents, and has no value of its own', () => {
    const builders = { ...FIZZY, balanceSodaToAcidByMass: null, sodaToAcidByMass: null };
    expect(of(builders)).toEqual([]);
    expect(of({ ...builders, acidEquivalentsMol: 1.1 })).toEqual(['acid-excess warning']);
    // Soda beside an acid that needs none, and an acid whose soda is none: neither is judged by mass.
    expect(of({ ...FIZZY, balanceSodaToAcidByMass: null, sodaToAcidByMass: 9 })).toEqual([]);
    expect(of({ ...FIZZY, sodaToAcidByMass: null })).toEqual([]);
    const { value, window } = judge(examined({ fizz: builders })).ratio;
    expect({ value, window }).toEqual({ value: null, window: { low: null, high: null } });
    expect(judge(examined({ fizz: FIZZY })).ratio).toMatchObject({
      value: 2,
      window: { low: 1.8, high: 2.5 },
    });
  });

  it('is missing a side where that is two thousandths of the other or less', () => {
    expect(of({ ...FIZZY, acidEquivalentsMol: 0.002 })).toEqual(['no-acid warning']);
    expect(of({ ...FIZZY, acidEquivalentsMol: 0.002 + HAIR, co2Mol: 0.002 })).toEqual([]);
    expect(of({ ...FIZZY, baseEquivalentsMol: 0.002 })).toEqual(['no-base warning']);
    expect(of({ ...FIZZY, baseEquivalentsMol: 0.002 + HAIR })).not.toContain('no-base warning');
    // Of ten times as much it is ten times as much.
    const ten = { ...FIZZY, baseEquivalentsMol: 10, co2Mol: 1 };
    expect(of({ ...ten, acidEquivalentsMol: 0.02 })).toEqual(['no-acid warning']);
    expect(of({ ...ten, acidEquivalentsMol: 0.02 + HAIR })).toEqual([]);
  });

  it('that frees a twentieth of its gas fizzes, less does not', () => {
    expect(of({ ...FIZZY, co2Mol: 0.05 })).toEqual([]);
    expect(of({ ...FIZZY, co2Mol: 0.05 - HAIR })).toEqual(['no-gas advice']);
    const two = { ...FIZZY, acidEquivalentsMol: 2, baseEquivalentsMol: 2 };
    expect(of({ ...two, co2Mol: 0.1 })).toEqual([]);
    expect(of({ ...two, co2Mol: 0.1 - HAIR })).toEqual(['no-gas advice']);
  });
});

describe('damp', () => {
  const dry = { dampIndexPct: 2, verdict: 'too-dry' };

  it('is said with what its verdict says, and not at all without one', () => {
    expect(codes(examined({ binder: dry }), 'damp')).toEqual(['too-dry warning']);
    expect(codes(examined({ binder: { ...dry, verdict: 'too-wet' } }), 'damp')).toEqual([
      'too-wet warning',
    ]);
    for (const binder of [
      { ...dry, verdict: null },
      { ...dry, dampIndexPct: null },
      { ...dry, verdict: 'in-window' },
    ])
      expect(codes(examined({ binder }), 'damp')).toEqual([]);
  });

  it.each<[Family, Method, boolean, string]>([
    ['bath-bomb', 'press', false, 'sweet-almond-oil'],
    ['bath-bomb', 'loose', true, 'isopropyl-alcohol-99'],
    ['shower-steamer', 'press', false, 'isopropyl-alcohol-99'],
    ['fizzing-salts', 'loose', true, 'isopropyl-alcohol-99'],
  ])('of a dry %s by %s is cured by its own liquid', (family, method, isLoose, liquid) => {
    const noOil = '200 g baking soda\n110 g citric acid';
    const [finding] = judge(examined({ binder: dry }, family, method, noOil)).damp.findings;
    expect(finding).toMatchObject({ facts: { isLoose }, fix: { materialId: liquid } });
  });
});

describe('free water', () => {
  const wet = (band: string, change: object = {}) =>
    codes(examined({ binder: { freeWaterBand: band, easyToPct: 1.2, ...change } }), 'free-water');

  it('is advice while the mix is brisk, a warning from there on, and nothing while it is easy', () => {
    expect(wet('easy')).toEqual([]);
    expect(wet('brisk')).toEqual(['free-water-high advice']);
    expect(wet('risky')).toEqual(['free-water-high warning']);
    expect(wet('will-swell')).toEqual(['free-water-high warning']);
    expect(wet('risky', { easyToPct: null })).toEqual([]);
  });

  it('of nothing is not judged, nor is its room', () => {
    const nothing = examined({ totalG: 0, binder: { freeWaterBand: 'risky', easyToPct: 1.2 } });
    expect(codes(nothing, 'free-water')).toEqual([]);
    const damp = { ...nothing, conditions: { ...nothing.conditions, humidityPct: 80 } };
    expect(codes(damp, 'room')).toEqual([]);
  });

  it('keeps a pack open from three tenths of a percent on, where it could fill it with gas', () => {
    const pack = (freeWaterPct: number, method: Method = 'in-pack', co2L = 10) =>
      closedPack(examined({ binder: { freeWaterPct }, fizz: { co2L } }, 'bath-bomb', method));
    expect(pack(0.3 - HAIR)).toEqual([]);
    expect(pack(0.3)[0]?.facts).toEqual({ freeWaterPct: 0.3, gasL: 0.2, reactedPct: 2 });
    expect(pack(0.3, 'loose')).toHaveLength(1);
    expect(pack(0.3, 'press')).toEqual([]);
    expect(pack(0.3, 'in-pack', 0)).toEqual([]);
  });
});

describe('the room', () => {
  it.each([
    [39.9, ['humidity-low advice']],
    [40, []],
    [50, []],
    [55.1, ['humidity-high advice']],
    [65, ['humidity-high advice']],
    [70.1, ['humidity-high warning']],
  ])('at %s %% is %j', (humidityPct, expected) => {
    const of = examined();
    const room = { ...of, conditions: { ...of.conditions, humidityPct } };
    expect(codes(room, 'room')).toEqual(expected);
    const [finding] = judge(room).room.findings;
    if (finding?.code === 'humidity-high')
      expect(finding.facts.isVeryDamp).toBe(finding.severity === 'warning');
  });
});

describe('scent', () => {
  const limit = { loadPct: 1, binds: 'linalool', source: 'a table' };
  const at = (loadPct: number, usualHighPct = 5) =>
    codes(examined({ scent: { loadPct, limit, usualHighPct } }), 'scent');

  it('at its limit is allowed, over it a warning, at twice of it a stop', () => {
    expect(at(1)).toEqual([]);
    expect(at(1 + HAIR)).toEqual(['scent-over-limit warning']);
    expect(at(2 - HAIR)).toEqual(['scent-over-limit warning']);
    expect(at(2)).toEqual(['scent-over-limit stop']);
    const [finding] = judge(
      examined({ scent: { loadPct: 3, limit: { ...limit, loadPct: 2 }, usualHighPct: 5 } }),
    ).scent.findings;
    expect(finding?.facts).toMatchObject({ timesOver: 1.5 });
  });

  it('at what is usual is usual, over it a warning', () => {
    expect(at(0.5, 0.5)).toEqual([]);
    expect(at(0.5 + HAIR, 0.5)).toEqual(['scent-load-high warning']);
  });
});

describe('emulsifier', () => {
  const of = (ratio: number | null, text: string, family: Family = 'bath-bomb') =>
    codes(examined({ scent: { emulsifierToOil: ratio } }, family, 'press', text), 'emulsifier');
  const oil = (grams: number, name = 'castor oil') =>
    `${1000 - grams} g baking soda\n${grams} g ${name}`;

  it('is wanted of a tenth of the oil, butter or scent, from half a percent of oil on', () => {
    expect(of(0.1, oil(20))).toEqual([]);
    expect(of(0.1 - HAIR, oil(20))).toEqual(['oil-without-emulsifier advice']);
    expect(of(0, oil(5))).toEqual(['oil-without-emulsifier advice']);
    expect(of(0, oil(4.99))).toEqual([]);
    expect(of(0, oil(20, 'cocoa butter'))).toEqual(['oil-without-emulsifier advice']);
    expect(of(null, oil(20))).toEqual([]);
    expect(of(0, oil(20), 'shower-steamer')).toEqual([]);
    // Powder is no oil, however much of it there is.
    expect(of(0, '900 g baking soda\n100 g citric acid')).toEqual([]);
  });
});

describe('the water', () => {
  const of = (water: object | null, family: Family = 'bath-bomb') =>
    codes(examined({ water }, family), 'water');
  const mild = { phFresh: 6, phHalfVented: 7, phAir: 8 };

  it('of a bath is judged fresh at its sour end and half vented at the other, ends allowed', () => {
    expect(of({ ...mild, phFresh: 5.5 })).toEqual([]);
    expect(of({ ...mild, phFresh: 5.5 - HAIR })).toEqual(['bath-acid advice']);
    expect(of({ ...mild, phHalfVented: 8.5 })).toEqual([]);
    expect(of({ ...mild, phHalfVented: 8.5 + HAIR })).toEqual(['bath-alkaline advice']);
  });

  it('of a solution by its worst, fresh or settled', () => {
    const basin = (change: object) => of({ ...mild, ...change }, 'cleaning-fizzy');
    expect(basin({ phFresh: 5 })).toEqual([]);
    expect(basin({ phFresh: 5 - HAIR })).toEqual(['acid-on-surface advice']);
    expect(basin({ phAir: 5 - HAIR })).toEqual(['acid-on-surface advice']);
    expect(basin({ phAir: 10.5 })).toEqual([]);
    expect(basin({ phAir: 10.5 + HAIR })).toEqual(['alkaline-solution advice']);
    expect(basin({ phFresh: 10.5 + HAIR })).toEqual(['alkaline-solution advice']);
  });

  it('under a shower is not judged; where there is none there is nothing to say', () => {
    expect(of({ ...mild, phFresh: 2 }, 'shower-steamer')).toEqual([]);
    expect(of(null)).toEqual([]);
    expect(judge(examined({ water: null })).water).toMatchObject({ value: null, spread: null });
    expect(judge(examined({ water: mild })).water.spread).toEqual({ low: 6, best: 7, high: 8 });
    expect(judge(examined({ water: mild }, 'shower-steamer')).water.window).toEqual({
      low: null,
      high: null,
    });
  });
});
