import { describe, expect, it } from 'vitest';
import { SHIPPED, materialById } from '@/core/matter/materials/catalog';
import { dampReading } from './damp';

const mix = (grams: Readonly<Record<string, number>>) =>
  dampReading(
    Object.entries(grams).map(([id, massG]) => ({ material: materialById(SHIPPED, id), massG })),
  );
const CRYSTALS = 'sodium-carbonate-decahydrate';

describe('washing soda crystals with acid', () => {
  it('free their water: ten moles for two of acid, by hand', () => {
    // 100 g of citric acid are 1.5615 mol of protons: they take 0.7808 of the 0.699 mol of 200 g of crystals, all of them.
    expect(mix({ [CRYSTALS]: 200, 'citric-acid': 100 }).freeWaterG).toBeCloseTo(
      (200 / 286.14) * 180.15,
      0,
    );
    // 50 g of acid take 0.3904 mol of them.
    expect(mix({ [CRYSTALS]: 200, 'citric-acid': 50 }).freeWaterG).toBeCloseTo(0.3904 * 180.15, 0);
  });

  it('turn to slurry, and are never told too dry', () => {
    const slurry = mix({ [CRYSTALS]: 200, 'citric-acid': 100 });
    expect(slurry.freeWaterPct).toBeGreaterThan(30);
    expect(slurry.dampIndexPct).toBeGreaterThan(100);
  });

  it('keep it bound without acid, and nothing is lost of the mass', () => {
    expect(mix({ [CRYSTALS]: 200, 'sodium-bicarbonate': 100 }).freeWaterG).toBe(0);
    const { liquidG, solidG } = mix({ [CRYSTALS]: 200, 'citric-acid': 100, water: 5 });
    expect(liquidG + solidG).toBeCloseTo(305, 9);
  });
});
