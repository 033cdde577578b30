import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { MATERIALS } from '@/core/matter/materials/catalog';
import { compositionOf } from './compositions';
import { USUAL_SMALL_MEASURES } from '@/core/formula/reading/massOfMeasures';
import { BLEND_UNITS, blendAmount, blendMassG, mentholSolution } from './blend';
import { fillUpFactor } from './fillUp';
import { scentLimits } from './limits';
import { scentReading } from './load';
import { shipped } from '../../../../tests/fixtures/bodies';

const SODA = { material: shipped('sodium-bicarbonate'), massG: 980 };

describe('scentLimits', () => {
  it('names what binds: eugenol in clove, worked by hand', () => {
    const { limit } = scentLimits(
      [SODA, { material: shipped('clove-bud-essential-oil'), massG: 20 }],
      'bath-bomb',
    );
    // 0.5% of eugenol in the product over 82% of it in the oil.
    expect(limit?.binds).toBe('Eugenol');
    expect(limit?.loadPct).toBeCloseTo(0.5 / 0.82, 9);
  });

  it('sums a constituent over every oil it is in', () => {
    const { constituents } = scentLimits(
      [
        { ...SODA, massG: 980 },
        { material: shipped('clove-bud-essential-oil'), massG: 10 },
        { material: shipped('basil-essential-oil'), massG: 10 },
      ],
      'bath-bomb',
    );
    const eugenol = constituents.find(({ constituent }) => constituent.id === 'eugenol');
    expect(eugenol?.pctOfMix).toBeCloseTo((10 * 0.82 + 10 * 0.08) / 10, 9);
  });

  it('knows nothing of a fragrance without its document', () => {
    const { limit, unknown } = scentLimits(
      [SODA, { material: shipped('fragrance-oil'), massG: 20 }],
      'bath-bomb',
    );
    expect(limit).toBeNull();
    expect(unknown.map(({ id }) => id)).toEqual(['fragrance-oil']);
  });

  it('lets the supplier’s document decide: its limit, its vanillin', () => {
    const fragrance = { material: shipped('fragrance-oil'), massG: 10 };
    const clove = { material: shipped('clove-bud-essential-oil'), massG: 10 };
    const dated = '2026-03-02';
    const document = { maxPct: 2.5, vanillinPct: 4, flashPointC: 81, dated };
    const both = scentLimits([SODA, fragrance, clove], 'bath-bomb', [
      { ...document, materialId: 'fragrance-oil' },
    ]);
    // Eugenol of the clove still binds: half of the blend at 82%.
    expect(both.limit?.binds).toBe('Eugenol');
    expect(both.limit?.loadPct).toBeCloseTo(0.5 / 0.41, 9);
    const vanillin = both.constituents.find(({ constituent }) => constituent.id === 'vanillin');
    expect(vanillin?.pctOfMix).toBeCloseTo(0.04, 9);
    const cloveDocument = { ...document, maxPct: 0.3, materialId: 'clove-bud-essential-oil' };
    const alone = scentLimits([SODA, clove], 'bath-bomb', [cloveDocument]);
    expect(alone.limit).toMatchObject({ binds: 'clove bud essential oil', loadPct: 0.3 });
    expect(alone.limit?.source).toContain('Mar 2, 2026');
  });

  it('gives a limit that belongs to the blend, not to how much of it is there', () => {
    fc.assert(
      fc.property(fc.double({ min: 0.01, max: 30, noNaN: true }), (k) => {
        const blend = (scale: number) =>
          scentLimits(
            [
              SODA,
              { material: shipped('lemongrass-essential-oil'), massG: 3 * scale },
              { material: shipped('ylang-ylang-essential-oil'), massG: 2 * scale },
            ],
            'bath-bomb',
          ).limit;
        expect(blend(k)?.binds).toBe(blend(1)?.binds);
        expect((blend(k)?.loadPct ?? 0) / (blend(1)?.loadPct ?? 1)).toBeCloseTo(1, 9);
      }),
      { seed: 47, numRuns: 50 },
    );
  });

  it('has a composition for every essential oil, and none that is more than whole', () => {
    const oils = MATERIALS.filter(({ id }) => id.endsWith('-essential-oil'));
    expect(oils.length).toBeGreaterThanOrEqual(30);
    for (const oil of oils) {
      const shares = Object.values(compositionOf(oil) ?? { none: 9 });
      expect(
        shares.reduce((sum, share) => sum + share, 0),
        oil.id,
      ).toBeLessThanOrEqual(1);
    }
  });
});

describe('scentReading', () => {
  it('counts scent in percent and emulsifier against what it carries', () => {
    const reading = scentReading(
      [
        SODA,
        { material: shipped('fragrance-oil'), massG: 10 },
        { material: shipped('castor-oil'), massG: 8 },
        { material: shipped('polysorbate-80'), massG: 2 },
      ],
      'bath-bomb',
    );
    expect(reading.loadPct).toBeCloseTo(1, 9);
    expect(reading.emulsifierToOil).toBeCloseTo(2 / 18, 9);
    expect(scentReading([SODA], 'bath-bomb').emulsifierToOil).toBeNull();
  });
});

describe('a blend', () => {
  const blend = [
    { material: shipped('lavender-essential-oil'), massG: 6 },
    { material: shipped('clove-bud-essential-oil'), massG: 2 },
  ];

  it('is the same in grams, drops and parts, and back', () => {
    for (const unit of BLEND_UNITS)
      for (const entry of blend) {
        const amount = blendAmount(entry, unit, blend, USUAL_SMALL_MEASURES);
        expect(blendMassG(entry.material, amount, unit, blend, USUAL_SMALL_MEASURES)).toBeCloseTo(
          entry.massG,
          9,
        );
      }
    const [lavender] = blend;
    if (!lavender) throw new Error('lavender is in it');
    expect(blendAmount(lavender, 'parts', blend, USUAL_SMALL_MEASURES)).toBe(3);
    // 6 g at 0.885 g/mL and 20 drops to the mL.
    expect(blendAmount(lavender, 'drops', blend, USUAL_SMALL_MEASURES)).toBeCloseTo(135.6, 1);
  });

  it('fills up to the limit that binds, and no further', () => {
    const mix = [SODA, ...blend];
    const reading = { ...scentReading(mix, 'bath-bomb'), ...scentLimits(mix, 'bath-bomb') };
    const factor = fillUpFactor(reading, 988) ?? NaN;
    const filled = [SODA, ...blend.map((entry) => ({ ...entry, massG: entry.massG * factor }))];
    const after = scentReading(filled, 'bath-bomb').loadPct;
    expect(after).toBeCloseTo(Math.min(2, reading.limit?.loadPct ?? 0), 9);
    const none = { ...scentReading([SODA], 'bath-bomb'), ...scentLimits([SODA], 'bath-bomb') };
    expect(fillUpFactor(none, 980)).toBeNull();
  });

  it('makes menthol solution of a strength, at most one part in two', () => {
    expect(mentholSolution(25, 200)).toEqual({ mentholG: 50, alcoholG: 150 });
    expect(() => mentholSolution(60, 200)).toThrow(/strengthPct must be over 0 to 33/);
  });
});
