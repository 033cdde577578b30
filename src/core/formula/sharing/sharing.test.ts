import { describe, expect, it } from 'vitest';
import { LANTERN, bodyFrom } from '../../../../tests/fixtures/bodies';
import { compareBodies } from '../model/compare';
import { looksShared, readRecipeJsonLd, writeRecipeJsonLd } from './recipeJsonLd';
import { SHIPPED } from '@/core/matter/materials/catalog';

function read(text: string) {
  const result = readRecipeJsonLd(text);
  if (!result.ok) throw new Error(result.problem);
  return result.value;
}

describe('a shared recipe', () => {
  it('reads back to the same grams, materials and parts', () => {
    const body = bodyFrom(LANTERN);
    const shared = read(writeRecipeJsonLd('Quince Lantern', body, SHIPPED));
    expect(shared.name).toBe('Quince Lantern');
    expect(compareBodies(body, bodyFrom(shared.text)).lines).toEqual([]);
  });

  it('is found in a page, deep in a graph, with markup in its words', () => {
    const page = `<html><head><script type="application/ld+json">{"@context":"https://schema.org",
      "@graph":[{"@type":"WebPage"},{"@type":["Thing","Recipe"],"name":"Ebb <b>Glass</b>",
      "recipeYield":["6 pieces"],"recipeIngredient":["1&frac12; cups baking soda","<i>1 cup</i> citric acid"]}]}
      </script></head></html>`;
    expect(looksShared(page)).toBe(true);
    expect(read(page)).toEqual({
      name: 'Ebb Glass',
      text: '1½ cups baking soda\n1 cup citric acid\nmakes 6',
    });
  });

  it.each([
    ['{"@type":"WebPage"}', /has no recipe in it/],
    ['<html><body>fog</body></html>', /has no recipe data/],
    ['{"@type":"Recipe","name":"x"}', /has no ingredients/],
    ['{"@type":"Recipe","recipeIngr', /cut off or damaged/],
  ])('says what is wrong with %s', (text, message) => {
    expect(readRecipeJsonLd(text)).toEqual({ ok: false, problem: expect.stringMatching(message) });
  });

  it('is not looked for in a plain recipe', () => {
    expect(looksShared('2 cups baking soda\n1 cup citric acid')).toBe(false);
  });
});

describe('compareBodies', () => {
  it('names what came, went and changed', () => {
    const before = bodyFrom('200 g baking soda\n100 g citric acid\n5 g water');
    const after = bodyFrom('210 g baking soda\n100 g citric acid\n3 g castor oil');
    const { lines, isSame } = compareBodies(before, { ...after, method: 'hand' });
    expect(isSame).toBe(false);
    expect(lines.map(({ materialId, beforeG, afterG }) => [materialId, beforeG, afterG])).toEqual([
      ['sodium-bicarbonate', 200, 210],
      ['water', 5, null],
      ['castor-oil', null, 3],
    ]);
    expect(compareBodies(before, { ...after, method: 'hand' }).settings).toEqual([
      ['method', 'press', 'hand'],
    ]);
    expect(compareBodies(before, before)).toMatchObject({ lines: [], isSame: true });
  });
});
