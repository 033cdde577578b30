import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { SHIPPED } from '@/core/matter/materials/catalog';
import { HOSTILE_LINES } from '../../../../tests/fixtures/hostileLines';
import { WRITTEN_PAGES } from '../../../../tests/fixtures/writtenPages';
import { WRITTEN_RECIPES } from '../../../../tests/fixtures/writtenRecipes';
import { readRecipe, type RecipeReading } from './readRecipe';

function read(text: string): RecipeReading {
  const result = readRecipe(text, SHIPPED);
  if (!result.ok) throw new Error(`${result.problem.message} ${text}`);
  return result.recipe;
}

/** The places of an account, put together, are the page: no gap, no overlap, no empty place. */
function expectWhole(text: string, { account }: RecipeReading): void {
  let at = 0;
  for (const { from, to } of account) {
    expect(from).toBe(at);
    expect(to).toBeGreaterThan(from);
    at = to;
  }
  expect(at).toBe(text.length);
}

const became = (text: string, words: string) => {
  const at = text.indexOf(words);
  const { account } = read(text);
  return account.find(({ from, to }) => from <= at && at < to)?.as;
};

const amount = fc.constantFrom(
  '250 g',
  '2 cups',
  '1 1/2 tbsp',
  '¼ tsp',
  '20 drops',
  'half a cup',
  'three tablespoons',
  '5-8 g',
  '1 lb 2 oz',
  'a pinch of',
  '12 squirts',
  '40 ml',
);
const material = fc.constantFrom(
  'baking soda',
  'citric acid',
  'corn starch',
  'Epsom salt',
  'sweet almond oil',
  'polysorbate 80',
  'lavender EO',
  'red iron oxide',
  'witch hazel',
  'kaolin clay',
  'dried rose petals',
);
const unknown = fc.constantFrom('moon dust', 'gribble', 'stardust', 'unobtainium', 'kelp jam');
const tail = fc.constantFrom('', ', sifted', ' (melted)', ', optional', ', last', ' for color');
const listed = fc
  .tuple(amount, fc.oneof(material, unknown), tail, fc.boolean())
  .map(([much, name, behind, isFirst]) =>
    isFirst || much.endsWith('of') ? `${much} ${name}${behind}` : `${name} - ${much}${behind}`,
  );
const noise = fc.oneof(
  fc.string({ unit: 'grapheme', maxLength: 40 }),
  fc.constantFrom(
    '',
    'Dry:',
    'Embed:',
    'makes 6',
    'Whisk it well.',
    '---',
    '# left out',
    '| a | b |',
  ),
);

describe('the account of a page', () => {
  it('covers any page without gap or overlap', () => {
    fc.assert(
      fc.property(fc.array(fc.oneof(listed, noise), { maxLength: 14 }), (rows) => {
        const text = ['100 g baking soda', ...rows].join('\n');
        expectWhole(text, read(text));
      }),
      { seed: 31, numRuns: 300 },
    );
  });

  it.each([
    ...WRITTEN_PAGES.map(({ text }) => text),
    ...WRITTEN_RECIPES.map(({ text }) => text),
    ...HOSTILE_LINES.map((line) => `100 g baking soda\n${line}`),
  ])('covers %#', (text) => {
    expectWhole(text, read(text));
  });

  it('loses no line that names an amount: it is read, or it asks', () => {
    fc.assert(
      fc.property(fc.array(listed, { minLength: 1, maxLength: 12 }), (rows) => {
        const { parts, unread } = read(rows.join('\n'));
        const lines = parts.flatMap((part) => part.lines.map(({ written }) => written));
        const asked = new Set(unread.map(({ line }) => line));
        rows.forEach((row, i) => {
          expect(lines.includes(row.trim()) || asked.has(i + 1), row).toBe(true);
        });
      }),
      { seed: 32, numRuns: 300 },
    );
  });

  it('never takes a name that nobody knows, however it is placed', () => {
    fc.assert(
      fc.property(fc.tuple(amount, unknown), ([much, name]) => {
        const { parts, unread } = read(`100 g baking soda\n${much} ${name}`);
        expect(parts.flatMap(({ lines }) => lines)).toHaveLength(1);
        expect(unread.map(({ line }) => line)).toEqual([2]);
      }),
      { seed: 33, numRuns: 60 },
    );
  });

  it.each([
    ['2 cups baking soda, sifted', '2 cups', 'amount'],
    ['2 cups baking soda, sifted', 'baking', 'material'],
    ['2 cups baking soda, sifted', 'sifted', 'preparation'],
    ['100 g baking soda\n30 g stardust', 'stardust', 'unknown'],
    ['100 g baking soda\na splash of vinegar', 'vinegar', 'material'],
    ['Quay bombs, makes 6\n100 g baking soda', 'Quay', 'name'],
    ['Quay bombs, makes 6\n100 g baking soda', 'makes', 'yield'],
    ['Embed:\n100 g baking soda', 'Embed', 'heading'],
    ['100 g baking soda\nWhisk it well.', 'Whisk', 'action'],
    ['100 g baking soda\n# left out', 'left', 'remark'],
    ['Name\tLot\tg\nSoda\tBS-1\t400', 'BS-1', 'remark'],
    ['Name\tLot\tg\nSoda\tBS-1\t400', '400', 'amount'],
  ])('of “%s” has “%s” as %s', (text, words, as) => {
    expect(became(text, words)).toBe(as);
  });
});
