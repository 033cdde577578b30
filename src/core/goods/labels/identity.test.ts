import { describe, expect, it } from 'vitest';
import { bodyFrom } from '../../../../tests/fixtures/bodies';
import { allLines } from '@/core/formula/model/edit';
import { readRecipe } from '@/core/formula/reading/readRecipe';
import { SHIPPED } from '@/core/matter/materials/catalog';
import { portionsOf } from '@/core/matter/materials/portion';
import { directionsOf, directionsOfAll, identityOf, type Identified } from './identity';

const FIZZY = '300 g baking soda\n150 g citric acid';
const STILL = '300 g sodium percarbonate\n500 g washing soda, anhydrous';
const product = (name: string, over: Partial<Identified> = {}, text = FIZZY): Identified => ({
  name,
  family: 'cleaning-fizzy',
  method: 'silicone',
  contents: portionsOf(SHIPPED, allLines(bodyFrom(text))),
  ...over,
});

describe('what a label calls a cleaner', () => {
  it('is a powder where it is loose, and fizzing only where it fizzes', () => {
    expect(identityOf(product('Cubes'))).toBe('Fizzing cleaning tablet');
    expect(identityOf(product('Cubes', {}, STILL))).toBe('Cleaning tablet');
    expect(identityOf(product('Scour', { method: 'loose' }))).toBe('Fizzing cleaning powder');
    expect(identityOf(product('Scour', { method: 'loose' }, STILL))).toBe('Cleaning powder');
    expect(identityOf(product('Lantern', { family: 'bath-bomb' }))).toBe('Bath bomb');
  });

  it('is turned out of a pack that is its pot first', () => {
    const bomb = { family: 'bath-bomb' } as const;
    const pot = directionsOf(product('Pots', { ...bomb, method: 'in-pack' }));
    expect(pot).toBe('Turn it out of its pack. Drop one into a full, warm bath.');
    expect(directionsOf(product('Pots', bomb))).toBe('Drop one into a full, warm bath.');
  });

  it.each([
    ['Dishwasher cubes', 'dishwasher'],
    ['Toilet bombs', 'brush, and flush'],
    ['Kettle descaler', 'Rinse twice'],
    ['Sink and drain drops', 'into the drain'],
    ['Harbor cubes', 'wipe and rinse'],
  ])('%s is used where it works: %s', (name, said) => {
    expect(directionsOf(product(name))).toContain(said);
    expect(directionsOf(product(name))).toContain('marble');
    const loose = directionsOf(product(name, { method: 'loose' }));
    expect(loose).toContain('two spoonfuls');
  });

  it('of a pack of several kinds says which is used how, and once where they are used alike', () => {
    const bomb = product('Lantern', { family: 'bath-bomb' });
    const other = product('Ebb Glass', { family: 'bath-bomb' });
    const steamer = product('Fog Signal', { family: 'shower-steamer' });
    expect(directionsOfAll([bomb, other])).toBe('Drop one into a full, warm bath.');
    expect(directionsOfAll([bomb, steamer, other])).toMatch(
      /^Lantern, Ebb Glass: Drop one into .* Fog Signal: Lay one on/,
    );
    expect(directionsOfAll([])).toBe('');
  });
});

describe('a page that calls a cleaner a powder', () => {
  const methodOf = (text: string) => {
    const read = readRecipe(text, SHIPPED);
    return read.ok ? read.recipe.method : null;
  };
  it('is left loose; a powder with an amount is an ingredient', () => {
    expect(methodOf(`Oxygen cleaner powder for the sink\n${STILL}`)).toBe('loose');
    expect(methodOf(`Cleaning cubes\n${FIZZY}\nwashing powder 20 g`)).not.toBe('loose');
    expect(methodOf(`Milk bath\n${FIZZY}\nmilk powder`)).not.toBe('loose');
  });
});
