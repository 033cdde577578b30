import { describe, expect, it } from 'vitest';
import { BULK_STATES } from './types';
import { MATERIALS, findMaterial, SHIPPED } from './catalog';
import { SOURCES } from './sources';
import { searchMaterials } from './names/search';
import { KNOWN_IDS } from './knowledge';
import { comparableName } from './names/comparable';
import { shipped } from '../../../../tests/fixtures/bodies';

/** Ids that the evaluation contract names. */
const CONTRACT_IDS = (
  'sodium-bicarbonate citric-acid citric-acid-monohydrate tartaric-acid potassium-bitartrate malic-acid ' +
  'ascorbic-acid sodium-carbonate sodium-percarbonate borax magnesium-sulfate-heptahydrate sodium-chloride ' +
  'sea-salt dendritic-salt cornstarch tapioca-starch arrowroot kaolin bentonite sodium-lauryl-sulfoacetate ' +
  'polysorbate-80 polysorbate-20 isopropyl-alcohol-99 isopropyl-alcohol-91 isopropyl-alcohol-70 witch-hazel ' +
  'water glycerin vinegar-5 coconut-oil sweet-almond-oil castor-oil olive-oil sunflower-oil shea-butter ' +
  'cocoa-butter goat-milk-powder whole-milk-powder colloidal-oatmeal avocado-oil fractionated-coconut-oil ' +
  'pink-salt activated-charcoal lavender-flowers ultramarine-blue menthol fragrance-oil ' +
  'lavender-essential-oil sweet-orange-essential-oil clove-bud-essential-oil'
).split(' ');

describe('the catalog', () => {
  it('has every material the contract names', () => {
    expect(CONTRACT_IDS.filter((id) => !findMaterial(SHIPPED, id))).toEqual([]);
  });

  it('has no id twice, and no name that leads to two materials', () => {
    expect(new Set(MATERIALS.map(({ id }) => id)).size).toBe(MATERIALS.length);
    const names = MATERIALS.map(({ name }) => comparableName(name));
    expect(names.filter((name, i) => names.indexOf(name) !== i)).toEqual([]);
    const synonyms = MATERIALS.flatMap(({ id, synonyms: words }) =>
      words.map((word) => [comparableName(word), id] as const),
    );
    const owners = new Map<string, Set<string>>();
    for (const [word, id] of synonyms) owners.set(word, (owners.get(word) ?? new Set()).add(id));
    expect([...owners].filter(([, ids]) => ids.size > 1).map(([word]) => word)).toEqual([]);
  });

  it('says who says so for every value', () => {
    for (const material of MATERIALS) {
      const sourced = [
        material.trueDensityGMl,
        material.waterFraction,
        ...(material.isLiquid ? [material.bindingPerMl] : [material.levelDensityGMl]),
        ...BULK_STATES.map((state) => material.densityGMl[state]),
      ];
      for (const value of sourced)
        expect(Object.keys(SOURCES), material.id).toContain(value?.source);
    }
  });

  it.each(MATERIALS.map((material) => [material.id, material] as const))(
    'keeps the densities of %s in their order',
    (_id, { densityGMl, trueDensityGMl, isLiquid }) => {
      for (const state of BULK_STATES) {
        const { low, best, high } = densityGMl[state].value;
        expect(low).toBeLessThanOrEqual(best);
        expect(best).toBeLessThanOrEqual(high);
        // Air weighs nothing: a heap is never denser than its grain.
        if (!isLiquid) expect(high).toBeLessThan(trueDensityGMl.value);
      }
      expect(densityGMl.sifted.value.best).toBeLessThanOrEqual(densityGMl.packed.value.best);
    },
  );

  it('knows of each what a maker asks: strength, keeping, origin, where it may not go', () => {
    expect(MATERIALS.length).toBeGreaterThanOrEqual(140);
    expect(KNOWN_IDS.filter((id) => !findMaterial(SHIPPED, id))).toEqual([]);
    for (const material of MATERIALS) {
      const { waterFraction, alcoholFraction, oilFraction, shelfLifeMonths } = material;
      const shares = waterFraction.value + alcoholFraction.value + oilFraction.value;
      expect(shares, material.id).toBeGreaterThanOrEqual(0);
      expect(shares, material.id).toBeLessThanOrEqual(1 + 1e-12);
      expect(shelfLifeMonths.value, material.id).toBeGreaterThan(0);
      const rate = material.usualPct?.value;
      if (rate) expect(rate.lowPct).toBeLessThan(rate.highPct);
    }
  });

  it.each([
    ['shea-butter', { meltingC: { value: 35 }, vegan: { value: 'yes' } }],
    ['beeswax', { vegan: { value: 'no' } }],
    ['borax', { notFor: { value: { uses: ['tub', 'shower'] } } }],
    [
      'isopropyl-alcohol-91',
      { alcoholFraction: { value: 0.874 }, waterFraction: { value: 0.126 } },
    ],
    ['sodium-lauryl-sulfoacetate', { usualPct: { value: { lowPct: 0.6, highPct: 5 } } }],
    ['macadamia-oil', { foodAllergen: { value: 'tree nut' } }],
    ['wintergreen-essential-oil', { cautions: [expect.stringMatching(/aspirin/)] }],
  ])('of %s as published or practiced', (id, known) => {
    expect(shipped(id)).toMatchObject(known);
  });

  it.each([
    ['acid', 8],
    ['builder', 2],
    ['base', 6],
    ['salt', 7],
    ['oil', 15],
    ['butter', 6],
    ['foamer', 6],
    ['emulsifier', 4],
    ['alcohol', 4],
    ['scent', 32],
  ])('has enough of %s', (role, least) => {
    expect(MATERIALS.filter((material) => material.role === role).length).toBeGreaterThanOrEqual(
      least,
    );
  });

  it('throws for an id nobody knows, and finds nothing for it where people ask', () => {
    expect(() => shipped('unobtainium')).toThrow(/unobtainium is not in the catalog/);
    expect(findMaterial(SHIPPED, 'unobtainium')).toBeUndefined();
  });
});

describe('searchMaterials', () => {
  it.each([
    ['bicarb', 'sodium-bicarbonate'],
    ['epsom', 'magnesium-sulfate-heptahydrate'],
    ['poly 80', 'polysorbate-80'],
    ['SLSA', 'sodium-lauryl-sulfoacetate'],
    ['kaolni', 'kaolin'],
    ['aqua', 'water'],
  ])('finds %s first', (query, id) => {
    expect(searchMaterials(SHIPPED, query)[0]?.id).toBe(id);
  });

  it('shows everything for nothing, and nothing for nonsense', () => {
    expect(searchMaterials(SHIPPED, '  ')).toHaveLength(MATERIALS.length);
    expect(searchMaterials(SHIPPED, 'qqqqqqq')).toEqual([]);
  });
});

describe('a name inside a sentence', () => {
  it.each([
    ['magnesium-sulfate-heptahydrate', 'Epsom salt'],
    ['peg-40-hydrogenated-castor-oil', 'PEG-40 hydrogenated castor oil'],
    ['calendula-petals', 'dried calendula petals'],
    ['citric-acid', 'anhydrous citric acid'],
    ['sodium-bicarbonate', 'baking soda'],
    ['dead-sea-salt', 'Dead Sea salt'],
  ])('of %s is %s', (id, name) => expect(shipped(id).sentenceName).toBe(name));

  it('has no comma to trip over, no capital but of a proper name or a code, and is another material’s never', () => {
    const names = MATERIALS.map(({ sentenceName }) => sentenceName);
    expect(names.filter((name) => name.includes(','))).toEqual([]);
    expect(names.filter((name, i) => names.indexOf(name) !== i)).toEqual([]);
    const capitals = names.filter((name) => /^[A-Z][a-z]/.test(name));
    expect(capitals.sort()).toEqual([
      'Dead Sea salt',
      'Epsom salt',
      'Roman chamomile essential oil',
    ]);
  });
});
