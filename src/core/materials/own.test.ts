import { afterEach, describe, expect, it } from 'vitest';
import { waterHex } from '../color';
import { declaredAllergens, scentLimits } from '../scent';
import { newLine } from '../formula';
import { USUAL_SMALL_MEASURES, readTypedAmount } from '../recipe-text';
import {
  allMaterials,
  findMaterial,
  materialById,
  newOwnMaterial,
  ownMaterialSchema,
  recognizeMaterial,
  searchMaterials,
  stockOwnMaterials,
  type OwnMaterial,
} from '.';

const said = (value: number) => ({ value, by: 'weighed at home', on: '2026-03-01' });

function own(change: Partial<OwnMaterial>): OwnMaterial {
  return ownMaterialSchema.parse({ ...newOwnMaterial('cornstarch'), ...change });
}

afterEach(() => stockOwnMaterials([]));

describe('what the maker knows better', () => {
  it('goes before the catalog and says who says so; without it the catalog speaks again', () => {
    const shipped = materialById('cornstarch').densityGMl.level.value.best;
    stockOwnMaterials([own({ levelDensityGMl: said(0.6) })]);
    expect(materialById('cornstarch').densityGMl.level).toMatchObject({
      value: { best: 0.6 },
      source: 'maker',
    });
    const cup = readTypedAmount('1 cup', materialById('cornstarch'), USUAL_SMALL_MEASURES);
    expect(cup.ok && cup.massG.best).toBeCloseTo(0.6 * 236.588, 1);
    stockOwnMaterials([]);
    expect(materialById('cornstarch').densityGMl.level.value.best).toBe(shipped);
  });
});

describe('a material of the maker’s own', () => {
  const ferry = own({
    id: '0b7c1d80-0000-4000-8000-000000000001',
    name: 'Night Ferry lavender',
    synonyms: ['ferry scent'],
    likeId: 'lavender-essential-oil',
    trueDensityGMl: said(0.9),
  });

  it('is found and read by its names, as people write them', () => {
    stockOwnMaterials([ferry]);
    expect(searchMaterials('night fer')[0]?.id).toBe(ferry.id);
    expect(recognizeMaterial('ferry scent')).toMatchObject({
      kind: 'certain',
      material: { id: ferry.id },
    });
    expect(allMaterials().filter(({ id }) => id === ferry.id)).toHaveLength(1);
  });

  it('behaves like what it is like: its constituents, its color, its cautions', () => {
    stockOwnMaterials([ferry, own({ id: 'my-dye', name: 'Buoy red', likeId: 'red-33-dye' })]);
    const lines = [newLine('sodium-bicarbonate', 95), newLine(ferry.id, 5)];
    expect(
      declaredAllergens(scentLimits(lines).constituents).map(({ constituent }) => constituent.name),
    ).toContain('Linalool');
    const dyed = (materialId: string) => waterHex([{ materialId, massG: 0.05 }], 150);
    expect(dyed('my-dye')).toBe(dyed('red-33-dye'));
    expect(dyed('my-dye')).not.toBe('#ffffff');
  });

  it('laid away is no longer offered, but formulas still know it', () => {
    stockOwnMaterials([{ ...ferry, isLaidAway: true }]);
    expect(searchMaterials('night ferry').map(({ id }) => id)).not.toContain(ferry.id);
    expect(findMaterial(ferry.id)?.name).toBe('Night Ferry lavender');
  });

  it('like nothing in the catalog is left out', () => {
    stockOwnMaterials([{ ...ferry, likeId: 'moon-dust' }]);
    expect(findMaterial(ferry.id)).toBeUndefined();
  });
});
