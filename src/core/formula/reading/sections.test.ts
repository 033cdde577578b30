import { describe, expect, it } from 'vitest';
import { SHIPPED } from '@/core/matter/materials/catalog';
import { shareTaken, withHalves } from '../model/halves';
import { bodyOfRecipe } from './bodyOfRecipe';
import { readSizedHeading } from './headings';
import { readRecipe } from './readRecipe';

const MIX = 'Makes 10\n600 g baking soda\n300 g citric acid\n20 g almond oil';

function read(text: string) {
  const result = readRecipe(text, SHIPPED);
  if (!result.ok) throw new Error(result.problem.message);
  return result.recipe;
}
const halved = (text: string) => {
  const recipe = read(text);
  return withHalves(bodyOfRecipe(recipe), SHIPPED, recipe.splitShares);
};
const grams = (text: string, part: number, materialId: string) =>
  halved(text).parts[part]?.lines.reduce(
    (sum, line) => (line.materialId === materialId ? sum + line.massG : sum),
    0,
  );

describe('a heading that says how much there is of its section', () => {
  it.each([
    ['Embed: 8 g per piece', 'embed', 8, null],
    ['For the icing: 20 g per bomb', 'icing', 20, null],
    ['Gold paint: 0.3 g each', 'paint', 0.3, null],
    ['Stamp: 0.1 g per piece', 'paint', 0.1, null],
    ['Topping: 2 g per piece, on the floor of the mold', 'topping', 2, 'on-the-floor'],
    ['Second color: half of the mix', 'split', null, null],
  ])('%s', (row, partKind, perPieceG, way) => {
    expect(readSizedHeading(row)).toMatchObject({ kind: 'part', partKind, perPieceG, way });
    const { parts, unread } = read(`${MIX}\n${row}\n5 g kaolin`);
    expect(parts.map(({ kind }) => kind)).toEqual(['main', partKind]);
    expect(parts[1]?.lines.map(({ materialId }) => materialId)).toEqual(['kaolin']);
    expect(unread).toEqual([]);
  });

  it.each(['Kaolin: 8 g per piece', 'Embed: 8 g of kaolin', 'Embed: soda and acid', 'Note: each'])(
    'is none of “%s”',
    (row) => expect(readSizedHeading(row)).toBeNull(),
  );

  it('keeps a line of its own that follows it on the row', () => {
    const { parts, unread } = read(`${MIX}\nTopping: 3 g sprinkles per piece, pressed on top`);
    expect(parts[1]).toMatchObject({ kind: 'topping', perPieceG: 3 });
    expect(parts[1]?.lines.map(({ materialId }) => materialId)).toEqual(['sprinkles']);
    expect(unread).toEqual([]);
  });
});

describe('a second color that is a share of the mix', () => {
  it.each([
    ['Second color:', 0.5],
    ['Second color: half of the mix', 0.5],
    ['Second color: a third of the mix', 1 / 3],
    ['Second color: 40% of the mix', 0.4],
  ])('“%s” takes its share along', (row, share) => {
    const text = `${MIX}\n${row}\n0.8 g blue dye\n3 g water`;
    expect(grams(text, 1, 'sodium-bicarbonate')).toBeCloseTo(600 * share, 9);
    expect(grams(text, 0, 'sodium-bicarbonate')).toBeCloseTo(600 * (1 - share), 9);
    expect(grams(text, 1, 'water')).toBe(3);
    const { parts } = bodyOfRecipe(read(text));
    const now = withHalves(
      { ...bodyOfRecipe(read(text)), parts },
      SHIPPED,
      new Map([[parts[1]?.id ?? '', share]]),
    );
    expect(shareTaken(parts[1]?.id ?? '', parts, now.parts)).toBeCloseTo(share, 2);
    expect(shareTaken('none', parts, now.parts)).toBe(0);
  });

  it('leaves the first color where it is, and the other half is the first bowl', () => {
    const text = `${MIX}\n2 g pink mica\nFor half the batch:\n0.4 g blue dye\nThe other half:\n1 g white mica`;
    expect(halved(text).parts).toHaveLength(2);
    expect(grams(text, 0, 'white-mica')).toBe(1);
    expect(grams(text, 0, 'pink-mica')).toBe(2);
    expect(grams(text, 1, 'pink-mica')).toBe(0);
    expect(grams(text, 1, 'citric-acid')).toBeCloseTo(150, 9);
  });

  it('takes nothing where it is a mix of its own', () => {
    const text = `${MIX}\nSecond color:\n200 g baking soda\n100 g citric acid\n1 g blue dye`;
    expect(grams(text, 0, 'sodium-bicarbonate')).toBe(600);
    expect(grams(text, 1, 'sodium-bicarbonate')).toBe(200);
  });
});

describe('the name of a page', () => {
  it.each([
    ['Half-sphere steamers', 'half sphere', 'shower-steamer'],
    ['Dice cubes', 'cube', 'bath-bomb'],
    ['Harbor balls', 'sphere', 'bath-bomb'],
    ['Harbor light', undefined, 'bath-bomb'],
  ])('“%s” is its name and says its shape', (name, shape, family) => {
    const recipe = read(`${name}\n${MIX}`);
    expect(recipe.title).toBe(name);
    expect(recipe.yields.shape).toBe(shape);
    expect(recipe.family.family).toBe(family);
  });

  it('makes one where every amount is for one', () => {
    expect(read('For each child:\n55 g baking soda\n27 g citric acid').pieces).toBe(1);
    expect(read('Makes 12\nFor each child:\n55 g baking soda\n27 g citric acid').pieces).toBe(12);
  });
});

describe('how a page says it is formed', () => {
  it.each([
    ['pressed into the pots they are sold in', 'in-pack'],
    ['leave them in; they are sold in the mold', 'in-pack'],
    ['press into ice cube trays', 'silicone'],
    ['press on the bench press', 'press'],
    ['press by hand into shells', 'hand'],
  ])('“%s” is %s', (words, method) => {
    expect(read(`${MIX}\n${words}.`).method).toBe(method);
  });

  it('brushes dust off before it is wrapped, and paints nothing', () => {
    const ops = read(`${MIX}\nNext day, brush off the dust.`).actions.map(({ op }) => op);
    expect(ops).toContain('wrap');
    expect(ops).not.toContain('paint');
  });
});
