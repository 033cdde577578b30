import { describe, expect, it } from 'vitest';
import { WRITTEN_LINES, type WrittenLine } from '../../../../tests/fixtures/writtenLines';
import { WRITTEN_PAGES } from '../../../../tests/fixtures/writtenPages';
import { WRITTEN_RECIPES, type WrittenRecipe } from '../../../../tests/fixtures/writtenRecipes';
import { SHIPPED, materialById } from '@/core/matter/materials/catalog';
import { readAmount } from './amount';
import { USUAL_SMALL_MEASURES, massOfMeasuresG } from './massOfMeasures';
import { readRecipe, type RecipeReading } from './readRecipe';

/** A known line beside it keeps a page of one odd line a recipe. */
const BESIDE = '1 g baking soda';

function read(text: string): RecipeReading {
  const result = readRecipe(text, SHIPPED);
  if (!result.ok) throw new Error(`${result.problem.message} ${text}`);
  return result.recipe;
}

/** Grams of a plain amount of a material, by the tables alone. */
function gramsOf(amount: string, id: string): number {
  const reading = readAmount(amount);
  if (reading.kind !== 'read') throw new Error(`“${amount}” must be a plain amount`);
  return massOfMeasuresG(reading.measures, materialById(SHIPPED, id), 'level', USUAL_SMALL_MEASURES)
    .best;
}

const meant = (massG: number, id: string, how = '') =>
  `${id} ${massG.toPrecision(5)}${how && ` ${how}`}`;

/** What a line came to, in a form that compares: sorted, as parts group by phase. */
function cameTo({ text }: WrittenLine): string {
  const { parts, unread } = read(`${BESIDE}\n${text}`);
  const lines = parts
    .flatMap((part) => part.lines)
    .filter(({ written }) => written !== BESIDE)
    .map(({ materialId, massG, how }) => meant(massG, materialId, how));
  return [...lines.sort(), ...unread.map(() => 'ask')].join('; ');
}

function shouldBe({ means }: WrittenLine): string {
  const lines = means.map(({ amount, id, how }) => meant(gramsOf(amount, id), id, how));
  return means.length === 0 ? 'ask' : lines.sort().join('; ');
}

/** What a page came to, part by part. */
function partsOf({ parts }: RecipeReading): readonly string[] {
  return parts.map(
    ({ kind, lines }) =>
      `${kind}: ${lines
        .map(({ massG, materialId }) => meant(massG, materialId))
        .sort()
        .join('; ')}`,
  );
}

function wantedParts({ parts }: Pick<WrittenRecipe, 'parts'>): readonly string[] {
  return parts.map((part) => {
    const [kind = '', all = ''] = part.split(': ');
    const lines = all.split('; ').map((one) => {
      const at = one.lastIndexOf(' ');
      const id = one.slice(at + 1);
      return meant(gramsOf(one.slice(0, at), id), id);
    });
    return `${kind}: ${lines.sort().join('; ')}`;
  });
}

describe('lines as people say them', () => {
  it('has 120 of them and more', () => {
    expect(WRITTEN_LINES.length).toBeGreaterThanOrEqual(120);
  });

  it.each(WRITTEN_LINES.map((line) => [line.text, line] as const))('%s', (_text, line) => {
    expect(cameTo(line)).toBe(shouldBe(line));
  });
});

describe('whole recipes as people say them', () => {
  it('has 25 of them', () => {
    expect(WRITTEN_RECIPES).toHaveLength(25);
  });

  it.each(WRITTEN_RECIPES.map((recipe) => [recipe.text.split('\n')[0], recipe] as const))(
    '%s',
    (_title, recipe) => {
      const found = read(recipe.text);
      expect(partsOf(found)).toEqual(wantedParts(recipe));
      expect(found.unread.length, JSON.stringify(found.unread)).toBe(recipe.asks ?? 0);
      expect({
        pieces: found.pieces,
        family: found.family.family,
        method: found.method,
        humidityPct: found.humidityPct,
      }).toEqual({
        pieces: recipe.pieces ?? null,
        family: recipe.family,
        method: recipe.method ?? null,
        humidityPct: recipe.humidityPct ?? null,
      });
      if (recipe.notes !== undefined) expect(found.notes).toHaveLength(recipe.notes);
      // Every line of the page is somewhere.
      const numbers = new Set(found.rows.map(({ number }) => number));
      recipe.text.split('\n').forEach((raw, i) => {
        if (raw.trim() !== '') expect(numbers.has(i + 1), raw).toBe(true);
      });
    },
  );

  it('takes numbers without a unit as grams once the maker has said so', () => {
    const text = 'Baking soda 400\nCitric acid 200\n20 g almond oil';
    expect(read(text).unitless).toBe(2);
    const said = readRecipe(text, SHIPPED, USUAL_SMALL_MEASURES, { bareUnit: 'g' });
    expect(said.ok && said.recipe.unread).toEqual([]);
    expect(said.ok && partsOf(said.recipe)).toEqual([
      'main: citric-acid 200.00; sodium-bicarbonate 400.00; sweet-almond-oil 20.000',
    ]);
  });

  it('opens a part for a heading nobody knows, and asks what it is', () => {
    const found = read('300 g baking soda\n150 g citric acid\nBarnacle layer:\n20 g kaolin');
    expect(found.parts.map(({ name }) => name)).toEqual(['Main mix', 'Barnacle layer']);
    expect(found.askedParts).toEqual([
      { partId: found.parts[1]?.id, line: 3, name: 'Barnacle layer' },
    ]);
  });

  it('says what a page reads like, and by what', () => {
    expect(read('100 g borax\n100 g washing soda\n20 g citric acid').family).toEqual({
      family: 'cleaning-fizzy',
      by: ['borax', 'anhydrous washing soda'],
      isByWords: false,
    });
    expect(read('300 g baking soda\n150 g citric acid').family.by).toEqual([]);
    // Salts from three tenths of it on are loose salts.
    expect(read('71 g baking soda\n29 g sea salt').family.family).toBe('bath-bomb');
    expect(read('69 g baking soda\n31 g sea salt').family.family).toBe('fizzing-salts');
  });
});

describe('whole pages in other hands', () => {
  it('has 62 of them', () => {
    expect(WRITTEN_PAGES).toHaveLength(62);
  });

  it.each(WRITTEN_PAGES.map((page, i) => [`${i + 1}: ${page.text.split('\n')[0]}`, page] as const))(
    '%s',
    (_title, page) => {
      const found = read(page.text);
      expect(partsOf(found)).toEqual(wantedParts(page));
      expect(found.unread.length, JSON.stringify(found.unread)).toBeLessThanOrEqual(page.asks ?? 0);
      expect({ pieces: found.pieces, family: found.family.family }).toEqual({
        pieces: page.pieces ?? null,
        family: page.family,
      });
      const seen = [
        ...found.parts.flatMap(({ lines }) => lines.map(({ written }) => written ?? '')),
        ...found.unread.map(({ text }) => text),
        ...found.notes,
      ].join('\n');
      for (const words of page.keeps ?? []) expect(seen).toContain(words);
      const stops = found.unread.some(({ reason }) => reason.code === 'dangerous');
      expect(stops).toBe(page.stops ?? false);
    },
  );
});
