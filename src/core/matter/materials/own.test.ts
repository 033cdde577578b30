import { describe, expect, it } from 'vitest';
import { shipped } from '../../../../tests/fixtures/bodies';
import { waterHex } from '@/core/results/color/water';
import { USUAL_SMALL_MEASURES } from '@/core/formula/reading/massOfMeasures';
import { readRecipe } from '@/core/formula/reading/readRecipe';
import { readTypedAmount } from '@/core/formula/reading/readTypedAmount';
import { declaredAllergens } from '@/core/results/scent/cautions';
import { scentLimits } from '@/core/results/scent/limits';
import { SHIPPED, catalogWith, findMaterial, materialById } from './catalog';
import { newOwnMaterial } from './newOwnMaterial';
import { ownMaterialSchema, type OwnMaterial } from './own';
import { recognizeMaterial } from './names/recognize';
import { searchMaterials } from './names/search';

const said = (value: number) => ({ value, by: 'weighed at home', on: '2026-03-01' });

function own(change: Partial<OwnMaterial>): OwnMaterial {
  return ownMaterialSchema.parse({ ...newOwnMaterial(shipped('cornstarch')), ...change });
}

describe('what the maker knows better', () => {
  it('goes before the catalog and says who says so, and touches no other catalog', () => {
    const before = shipped('cornstarch').densityGMl.level.value.best;
    const catalog = catalogWith([own({ levelDensityGMl: said(0.6) })]);
    const starch = materialById(catalog, 'cornstarch');
    expect(starch.densityGMl.level).toMatchObject({ value: { best: 0.6 }, source: 'maker' });
    const cup = readTypedAmount('1 cup', starch, USUAL_SMALL_MEASURES);
    expect(cup.ok && cup.value.best).toBeCloseTo(0.6 * 236.588, 1);
    expect(shipped('cornstarch').densityGMl.level.value.best).toBe(before);
    expect(catalogWith([])).toBe(SHIPPED);
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

  it('is found and read by its names, as people write them, in its own workshop alone', () => {
    const catalog = catalogWith([ferry]);
    expect(searchMaterials(catalog, 'night fer')[0]?.id).toBe(ferry.id);
    expect(recognizeMaterial(catalog, 'ferry scent')).toMatchObject({
      kind: 'certain',
      material: { id: ferry.id },
    });
    expect(catalog.offered.filter(({ id }) => id === ferry.id)).toHaveLength(1);
    const lineIn = (known: typeof catalog) => {
      const read = readRecipe('5 g ferry scent', known);
      return read.ok ? read.recipe.parts[0]?.lines[0]?.materialId : undefined;
    };
    expect(lineIn(catalog)).toBe(ferry.id);
    expect(lineIn(SHIPPED)).toBeUndefined();
  });

  it('behaves like what it is like: its constituents, its color, its cautions', () => {
    const catalog = catalogWith([
      ferry,
      own({ id: 'my-dye', name: 'Buoy red', likeId: 'red-33-dye' }),
    ]);
    const mix = [
      { material: shipped('sodium-bicarbonate'), massG: 95 },
      { material: materialById(catalog, ferry.id), massG: 5 },
    ];
    expect(
      declaredAllergens(scentLimits(mix, 'bath-bomb').constituents).map(
        ({ constituent }) => constituent.name,
      ),
    ).toContain('Linalool');
    const dyed = (id: string) =>
      waterHex([{ material: materialById(catalog, id), massG: 0.05 }], 150);
    expect(dyed('my-dye')).toBe(dyed('red-33-dye'));
    expect(dyed('my-dye')).not.toBe('#ffffff');
  });

  it('laid away is no longer offered, but formulas still know it', () => {
    const catalog = catalogWith([{ ...ferry, isArchived: true }]);
    expect(searchMaterials(catalog, 'night ferry').map(({ id }) => id)).not.toContain(ferry.id);
    expect(findMaterial(catalog, ferry.id)?.name).toBe('Night Ferry lavender');
  });

  it('like nothing in the catalog is left out', () => {
    expect(
      findMaterial(catalogWith([{ ...ferry, likeId: 'moon-dust' }]), ferry.id),
    ).toBeUndefined();
  });
});
