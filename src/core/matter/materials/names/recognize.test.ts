import { describe, expect, it } from 'vitest';
import { MATERIALS, SHIPPED } from '../catalog';
import { closestMaterial, recognizeMaterial } from './recognize';
import { nameRank } from './score';
import { searchMaterials } from './search';
import { dangerousMeant, dangerousNamed } from './dangers/find';
import { comparableName } from './comparable';
import { DANGEROUS, isStop } from './dangers/find';

/** What a name came to: the material's id, or what is asked and with which first choice. */
function meant(written: string): string {
  const found = recognizeMaterial(SHIPPED, written);
  return 'material' in found ? found.material.id : `${found.kind} ${found.choices[0] ?? ''}`.trim();
}

describe('a name is never turned into another substance', () => {
  it.each([
    ['sodium chlorite', 'dangerous'],
    ['chlorine', 'dangerous'],
    ['sodium nitrite', 'dangerous'],
    ['pink curing salt', 'dangerous'],
    ['sodium bisulphite', 'dangerous'],
    ['sodium bisulfite', 'dangerous'],
    ['oxalic acid', 'dangerous'],
    ['methanol', 'dangerous'],
    ['household bleach', 'dangerous'],
    ['sodium hypoclorite', 'dangerous'],
    ['pottasium permanganate', 'dangerous'],
    ['3% hydrogen peroxide', 'dangerous'],
    ['household ammonia', 'dangerous'],
    ['caustic soda', 'dangerous'],
    ['alcohol free household ammonia', 'dangerous'],
    ['bleach, keep cool', 'dangerous'],
    ['ammonia free cleaning vinegar', 'unknown vinegar-10'],
    ['muriatic acid', 'dangerous'],
    ['sodium sulfate', 'sodium-sulfate'],
    ['sodium bisulfate', 'sodium-bisulfate'],
    ['maleic acid', 'guess malic-acid'],
    ['vitamin E', 'tocopherol'],
    ['vitamin C', 'ascorbic-acid'],
    ['polysorbate 60', 'unknown polysorbate-80'],
    ['yellow 6', 'yellow-6-dye'],
    ['yellow 7', 'unknown yellow-5-dye'],
    ['pine essential oil', 'pine-essential-oil'],
    ['chalk', 'calcium-carbonate'],
    ['oxygen bleach', 'sodium-percarbonate'],
    ['bleach free washing soda', 'unknown sodium-carbonate'],
    ['citirc acid', 'guess citric-acid'],
    ['violet 2', 'violet-2-oil-dye'],
    ['ext violet 2', 'violet-2-dye'],
  ])('%s: %s', (written, id) => {
    expect(meant(written)).toBe(id);
  });

  it('never guesses across a figure, a chemical ending or a prefix', () => {
    for (const { kind } of [
      'sodium carbonite',
      'sodium perborate',
      'polysorbate 40',
      'red 41',
      'dipotassium carbonate',
    ].map((name) => recognizeMaterial(SHIPPED, name)))
      expect(['guess', 'unknown', 'dangerous']).toContain(kind);
  });

  it('knows every shipped name for what it is, and none as a danger', () => {
    for (const { id, name, synonyms } of MATERIALS)
      for (const written of [name, ...synonyms]) {
        expect(dangerousNamed(written), written).toBeNull();
        const found = recognizeMaterial(SHIPPED, written);
        if ('material' in found) expect(found.material.id, written).toBe(id);
        else expect(found.kind, written).toBe('ambiguous');
      }
  });

  it('knows every dangerous name, also with a slip in it', () => {
    for (const { id, names } of DANGEROUS)
      for (const written of names) {
        const own = DANGEROUS.find((one) => one.id === id);
        expect(meant(written), written).toBe(own && isStop(own) ? 'dangerous' : 'unknown');
        expect(dangerousMeant(written)?.id, written).toBe(id);
        const slip = written.length >= 9 ? written.slice(0, 4) + written.slice(5) : written;
        if (slip !== written && comparableName(slip).length >= 9)
          expect('material' in recognizeMaterial(SHIPPED, slip), slip).toBe(false);
      }
  });

  it('does not take a harmless name for its dangerous neighbor', () => {
    for (const name of ['sodium chloride', 'Sodium sulfate', 'oxygen bleach', 'lime essential oil'])
      expect(dangerousNamed(name), name).toBeNull();
    expect(dangerousNamed('my sodium chlorite')?.id).toBe('chlorite');
  });

  it('finds nothing for a danger in the search, and the nearest for a slip', () => {
    expect(closestMaterial(SHIPPED, 'sodium chlorite')).toBeUndefined();
    expect(closestMaterial(SHIPPED, 'kaolni')?.id).toBe('kaolin');
  });
});

describe('figures and hues are what a thing is', () => {
  it.each([
    ['rubbing alcohol 99%', 'isopropyl-alcohol-99'],
    ['rubbing alcohol', 'isopropyl-alcohol-70'],
    ['isopropyl alcohol 91 percent', 'isopropyl-alcohol-91'],
    ['92% isopropyl', 'isopropyl-alcohol-91'],
    ['93% isopropyl', 'strength isopropyl-alcohol-91'],
    ['50% rubbing alcohol', 'strength isopropyl-alcohol-70'],
    ['190 proof grain alcohol', 'ethanol-95'],
    ['10% vinegar', 'vinegar-10'],
    ['99.5% pure citric acid', 'citric-acid'],
    ['97% citric acid', 'unknown citric-acid'],
    ['mint green mica', 'green-mica'],
    ['gold mica', 'gold-mica'],
    ['rose gold mica', 'rose-gold-mica'],
    ['light blue mica powder', 'blue-mica'],
    ['pink and green mica', 'ambiguous'],
    ['blue purple mica', 'ambiguous blue-mica'],
    ['teal powder dye', 'ambiguous blue-1-dye'],
    ['pale pink food coloring', 'pink-liquid-color'],
    ['purple lake', 'ambiguous blue-1-lake'],
    ['mica', 'mica'],
    ['aloe powder', 'aloe-powder'],
    ['betaine powder', 'betaine-powder'],
    ['glycerin powder', 'unknown'],
    ['liquid kaolin', 'unknown kaolin'],
    ['vegetable oil', 'ambiguous sunflower-oil'],
    ['coarse Epsom salt', 'magnesium-sulfate-heptahydrate'],
  ])('%s: %s', (written, id) => {
    expect(meant(written).startsWith(id)).toBe(true);
  });
});

describe('what is searched for and offered', () => {
  it.each([
    ['almond oil sweet', 'sweet-almond-oil'],
    ['oil almond', 'sweet-almond-oil'],
    ['salt epsom', 'magnesium-sulfate-heptahydrate'],
    ['gold mca', 'gold-mica'],
    ['lavendar essential', 'lavender-essential-oil'],
  ])('%s', (typed, id) => {
    expect(searchMaterials(SHIPPED, typed)[0]?.id).toBe(id);
  });

  it('puts the start of a name before its middle, and finds nothing of nothing', () => {
    expect(nameRank('gold mica', 'gold')).toBeLessThan(nameRank('rose gold mica', 'gold'));
    expect(nameRank('rose gold mica', 'gold')).toBeLessThan(nameRank('gold rose', 'rose old'));
    expect(nameRank('gold mica', 'zinc')).toBe(Infinity);
    // One slip in four letters, two in nine; a figure has none.
    expect(nameRank('mica', 'mcia')).toBe(5);
    expect(nameRank('mica', 'mxxa')).toBe(Infinity);
    expect(nameRank('mica', 'mca')).toBe(Infinity);
    expect(nameRank('micas', 'mias')).toBe(5);
    expect(nameRank('polysorbate 80', 'polysorbate 20')).toBe(Infinity);
  });
});
