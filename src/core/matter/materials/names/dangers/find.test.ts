import { describe, expect, it } from 'vitest';
import { DANGEROUS, dangerousMeant, dangersIn } from './find';
import { comparableName } from '../comparable';

const idsIn = (written: string) => dangersIn(written).map(({ substance }) => substance.id);

describe('a danger is found whatever shape its line has', () => {
  it.each([
    'potassium permanganate for the purple swirl',
    'then I add bleach so it whitens',
    'dissolve the lye in the water',
    '500 g soda, then a splash of bleach',
    'KMnO4 a few crystals',
    'NaOH 20 g',
    'CAS 7681-52-9, 10 g',
    '10 g E250',
    'a capful of Lejía',
    'Wasserstoffperoxid 3%',
    '35% hydrogen peroxide 10 ml',
    'eau oxygénée 10 ml',
    'Natronlauge 30 ml',
    'pool tablets, crushed',
    '1 sterilising tablet',
    'mothballs, 2, crushed',
    'camphor balls 10 g',
    '2 tbsp lime powder',
    'salt of sorrel 5 g',
    'sugar of lead, a pinch',
    'cream of hartshorn 20 g',
    'spirits of salt 10 ml',
    'pennyroyal essential oil 10 drops',
    '10 drops pennyroyal',
    'a handful of foxglove leaves',
    'oleander flowers, dried',
    'water beads for fun',
    '30% acetic acid 20 g',
    '60% vinegar 2 tbsp',
    'calcium hypochlorite granules 1/2 tsp',
    'potasium permangenate 1 g',
    'sodium perborate 30 g',
    'drain cleaner crystals 1 tbsp',
    'toilet cleaner 20 ml',
    'K2CO3 20g',
    'pearl ash 10 g',
    'copper sulphate for the blue',
    'quicklime 100 g',
    'Ca(OH)2 10 g',
    'muriatic 5 ml',
    'dissolve sodium chlorite first',
    'hair developer 20 vol 10 ml',
    'smelling salts 5 g',
    'oxalic acid powder',
    'bitter almond oil 5 drops',
    'if it is not white enough add bleach',
    'no mess, bleach it',
    'I never measure, just pour in ammonia',
    'chlor tablets',
    'candeggina 10 ml',
    'acido muriatico 5 ml',
    'weed killer 1 ml',
    'rat poison',
    'talc 50 g',
    'boric acid 20 g',
    'mustard powder 2 tbsp',
    'stump remover 10 g',
    'Sal ammoniac 20 g',
    'blue vitriol',
    'liver of sulphur',
    'methylated spirits 20 ml',
    'nail polish remover',
    'wood ash 100 g',
  ])('%s', (line) => {
    expect(idsIn(line)).not.toEqual([]);
  });

  it.each([
    ['26% vinegar', ['strong-acid']],
    ['25% vinegar', []],
    ['26% acetic acid 5 g', ['strong-acid']],
    ['a pinch of potassium permanganate and some bleach', ['permanganate', 'hypochlorite']],
  ])('%s: %j', (line, ids) => {
    expect(idsIn(line)).toEqual(ids);
  });
});

describe('a plain warning and a harmless neighbor are none', () => {
  it.each([
    'never mix with bleach',
    'Keep away from bleach, ammonia or lye.',
    'do not use chlorine bleach near it',
    'chlorine-free water 10 g',
    'bleach free',
    '200 g potassium chloride',
    'calcium chloride 20 g',
    'sulfamic acid 100 g',
    'oxygen bleach 50 g',
    'sodium percarbonate',
    'Red lake 10 g',
    'lime essential oil 10 drops',
    'lily of the valley fragrance oil 5 g',
    'lemon verbena fragrance oil',
    'mustard yellow mica 1 tsp',
    'castor oil 3 tbsp',
    'magnesium hydroxide',
    'sodium coco sulfate 30 g',
    'ammonium lauryl sulfate 10 g',
    'buttercup yellow dye',
    'Contains no peroxide',
    'not to be confused with sodium carbonate peroxide',
    'bleach must never be added',
    'lead the powder down the furrow',
    'let it dry overnight, then turn',
    'sodium bicarbonate 500 g',
    'E500 400 g',
    'chocolate fragrance 5 g',
    'Mix the soda and the starch, press hard',
    '1/2 cup Epsom salt, break the lumps',
    'white tea and ginger',
    'rub the dye in; wear gloves and goggles',
    'polysorbate 80 12 g',
    'cream of tartar 20 g',
    'sea salt 200 g',
    'citric acid 250 g',
    'vinegar 5% 3 tbsp',
    'witch hazel, in a spray bottle',
    'absolutely no water until the end',
    'cocoa butter 30 g, melted',
    'use within 6 months',
    'never with bleach, ammonia or other cleaners',
    'Prussian blue pigment',
    'betaine HCl 2 g',
  ])('%s', (line) => {
    expect(idsIn(line)).toEqual([]);
  });
});

describe('the table', () => {
  it('has each name once, for one substance', () => {
    const seen = new Map<string, string>();
    for (const { id, names } of DANGEROUS)
      for (const name of names) {
        const key = comparableName(name.replace(/[()]/g, ''));
        expect(seen.get(key) ?? id, name).toBe(id);
        seen.set(key, id);
      }
  });

  it('takes a word of its own for no slip of a dangerous one', () => {
    for (const name of [
      'potassium chloride',
      'calcium chloride',
      'boric oxide powder',
      'maleic acid',
    ])
      expect(dangerousMeant(name)?.id, name).not.toBe('chlorite');
    expect(dangerousMeant('potassium chlorite')?.id).toBe('chlorite');
    expect(dangerousMeant('sodium hypoclorite')?.id).toBe('hypochlorite');
  });
});
