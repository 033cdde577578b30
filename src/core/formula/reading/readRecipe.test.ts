import fc from 'fast-check';
import { HOSTILE_LINES } from '../../../../tests/fixtures/hostileLines';
import { describe, expect, it } from 'vitest';
import { emptyBody, newLine, newPart } from '../model/create';
import type { FormulaBody } from '../model/schema';
import { sayUnread } from '../model/unreadMessages';
import { waysOf } from '../model/ways';
import { MATERIALS, SHIPPED } from '@/core/matter/materials/catalog';
import { GRAMS_PER_OUNCE } from '@/core/basics/units/mass';
import {
  ML_PER_US_CUP,
  ML_PER_US_TABLESPOON,
  ML_PER_US_TEASPOON,
} from '@/core/basics/units/volume';
import { USUAL_SMALL_MEASURES } from './massOfMeasures';
import { offeredFor } from './offered';
import { pageQuestions } from './pageQuestions';
import { readRecipe, type RecipeReading } from './readRecipe';
import { writeRecipe } from './writeRecipe';
import { shipped } from '../../../../tests/fixtures/bodies';

function read(text: string): RecipeReading {
  const result = readRecipe(text, SHIPPED);
  if (!result.ok) throw new Error(result.problem.message);
  return result.recipe;
}

function firstLine(text: string) {
  const line = read(text).parts[0]?.lines[0];
  if (!line) throw new Error(`not read: ${read(text).unread[0]?.reason.code}`);
  return line;
}

const WATER = 0.998;
const cup = ML_PER_US_CUP * WATER;
const tbsp = ML_PER_US_TABLESPOON * WATER;
const tsp = ML_PER_US_TEASPOON * WATER;

describe('amounts as people write them', () => {
  it.each([
    ['500g water', 500],
    ['1.2 oz water', 1.2 * GRAMS_PER_OUNCE],
    ['1,000 g water', 1000],
    ['2,5 g water', 2.5],
    ['0.5kg water', 500],
    ['1 1/2 c water', 1.5 * cup],
    ['1½ cups of water', 1.5 * cup],
    ['½ cup water', 0.5 * cup],
    ['1/4 cup + 1 tbsp water', 0.25 * cup + tbsp],
    ['1 cup and 2 tbsp water', cup + 2 * tbsp],
    ['half a cup water', 0.5 * cup],
    ['three quarters of a cup of water', 0.75 * cup],
    ['a scant half cup of water', 0.92 * 0.5 * cup],
    ['a heaping tsp water', 1.25 * tsp],
    ['2 T water', 2 * tbsp],
    ['2 t. water', 2 * tsp],
    ['2tbsp water', 2 * tbsp],
    ['2-3 tsp water', 2.5 * tsp],
    ['5 to 10 g water', 7.5],
    ['2 fl oz water', 0.25 * cup],
    ['a pinch of water', tsp / 16],
    ['Pinch of water', tsp / 16],
    ['few drops of water', (3 / 20) * WATER],
    ['two cups water', 2 * cup],
    ['250 ml water', 250 * WATER],
    ['water 500 g', 500],
    ['Water: 2 cups', 2 * cup],
    ['water - 30 g', 30],
    ['- 30 g water', 30],
    ['3. 30 g water', 30],
    ['2) 30 g water', 30],
    ['[ ] 30 g water', 30],
    ['• 30 g WATER', 30],
    ['30 g water # from the kettle', 30],
    ['2 cups (440 g) water', 440],
    ['1-1/2 cups water', 1.5 * cup],
    ['1\u20442 cup water', 0.5 * cup],
    ['1 lb 2 oz water', 18 * GRAMS_PER_OUNCE],
    ['Optional: 1 tsp water', tsp],
  ])('%s', (text, grams) => {
    expect(firstLine(text).massG).toBeCloseTo(grams, 6);
  });

  it('keeps a weighed amount certain and a scooped one open', () => {
    expect(firstLine('500 g baking soda')).toMatchObject({ massLowG: 500, massHighG: 500 });
    const cupful = firstLine('2 cups baking soda');
    expect(cupful.massLowG).toBeLessThan(cupful.massG * 0.95);
    expect(cupful.massHighG).toBeGreaterThan(cupful.massG * 1.05);
    expect(firstLine('5-10 drops lavender essential oil')).toMatchObject({
      massG: expect.closeTo((7.5 / 20) * 0.885, 9),
      massLowG: expect.closeTo((5 / 40) * 0.885, 9),
    });
  });

  it('weighs a sifted cup lighter and a packed one heavier', () => {
    const [sifted, level, packed] = [
      '1 cup baking soda (sifted)',
      '1 cup baking soda',
      '1 packed cup baking soda',
    ].map((text) => firstLine(text).massG) as [number, number, number];
    expect(sifted).toBeLessThan(level);
    expect(level).toBeLessThan(packed);
  });
});

describe('names as people write them', () => {
  it.each([
    ['10 g Bicarbonate of Soda', 'sodium-bicarbonate'],
    ['10 g organic fine baking soda', 'sodium-bicarbonate'],
    ['10 g corn starch', 'cornstarch'],
    ['10 g Epsom salts', 'magnesium-sulfate-heptahydrate'],
    ['10 g 91% isopropyl alcohol', 'isopropyl-alcohol-91'],
    ['10 g melted coconut oil', 'coconut-oil'],
    ['10 drops sweet orange EO', 'sweet-orange-essential-oil'],
    ['10 g purple mica', 'purple-mica'],
    ['10 g cosmetic-grade mica', 'mica'],
    ['1 g pink himalayan salt', 'pink-salt'],
    ['1 tsp poly 80', 'polysorbate-80'],
    ['10 g SLSA (mask!)', 'sodium-lauryl-sulfoacetate'],
  ])('%s', (text, id) => {
    expect(firstLine(text).materialId).toBe(id);
  });

  it('says what it took a short name for, and only offers what a misspelled one may be', () => {
    const { remarks, unread } = read('10 g citric\n10 g citirc acid');
    expect(remarks).toEqual(['Line 1: “citric” is read as Citric acid, anhydrous.']);
    expect(unread).toMatchObject([
      { line: 2, reason: { code: 'guess', about: 'citirc acid' }, choices: ['citric-acid'] },
    ]);
    expect(read('10 g citric acid').remarks).toEqual([]);
  });

  it('asks where a name can be several things, instead of guessing', () => {
    const [salt] = read('10 g salt\n1 g water').unread;
    expect(salt && sayUnread(salt.reason)).toMatch(/several things/);
    expect(salt?.choices).toContain('sea-salt');
  });

  it('does not take a material out of a name that only holds its word', () => {
    expect(read('10 g coconut sugar\n1 g water').unread[0]?.reason).toEqual({
      code: 'unknown',
      about: 'coconut sugar',
    });
  });
});

describe('the whole page', () => {
  it('opens parts by headings, groups by phase, keeps a yield and every line in sight', () => {
    const recipe = read(
      [
        'Dry ingredients:',
        '1 cup citric acid',
        '2 cups baking soda',
        'Wet',
        '1 tbsp almond oil',
        'Embed:',
        '50 g baking soda',
        'For the topping:',
        'a pinch of rose petals',
        'makes 6',
        'Mix it all and press.',
      ].join('\n'),
    );
    expect(recipe.parts.map(({ kind }) => kind)).toEqual(['main', 'embed', 'topping']);
    expect(recipe.parts[0]?.lines.map(({ phase }) => phase)).toEqual(['dry', 'wet', 'acid']);
    expect(recipe.pieces).toBe(6);
    expect(read('Quay bombs (makes 8)\n1 g water').pieces).toBe(8);
    expect(recipe.unread).toEqual([]);
    expect(recipe.notes).toEqual(['Mix it all and press.']);
    expect(recipe.rows.map(({ became }) => became)).toEqual([
      'heading',
      'line',
      'line',
      'heading',
      'line',
      'heading',
      'line',
      'heading',
      'line',
      'yield',
      'note',
    ]);
  });

  it.each([
    ['1/0 cup borax', /divides by zero/],
    ['-5 g kaolin', /below zero/],
    ['kaolin -5 g', /below zero/],
    ['0 g kaolin', /amount is zero/],
    ['99999999 kg kaolin', /A line holds up to 1,000 kg/],
    ['2 parts baking soda', /Parts are shares/],
    ['kaolin', /How much/],
    ['20 g', /without a name/],
    ['20 g unobtainium', /not a material on file/],
  ])('leaves “%s” in sight with its reason', (text, reason) => {
    const [line] = read(`${text}\n1 g water`).unread;
    expect(line).toMatchObject({ line: 1, text });
    expect(line && sayUnread(line.reason)).toMatch(reason);
  });

  it('takes a marked first line for the name of it, and a plain one under that for no other', () => {
    expect(read('# Harbor light\n100 g baking soda').title).toBe('Harbor light');
    expect(read('# Harbor light\nEvening tide\n100 g baking soda').title).toBe('Harbor light');
    expect(read('100 g baking soda\n# Harbor light').title).toBe('');
    expect(read('# 50 g borax\n100 g baking soda').title).toBe('');
  });

  it.each([
    ['', 'empty', /There is no line to read/],
    [' \n\t\n', 'empty', /There is no line to read/],
    ['# only a comment', 'empty', /There is no line to read/],
    ['It was a gray morning on the quay.\nThe ferry was late.', 'no-recipe', /Line 1 says “It was/],
    [Array(2000).fill('1 g water').join('\n'), 'too-long', /2,000 lines.*300 lines/],
    ['x'.repeat(100_000), 'too-long', /100,000 characters/],
  ])('refuses %# with a sentence', (text, code, message) => {
    expect(readRecipe(text, SHIPPED)).toMatchObject({
      ok: false,
      problem: { code, message: expect.stringMatching(message) },
    });
  });

  it('never throws, whatever is pasted, and drops no line in silence', () => {
    fc.assert(
      fc.property(
        fc.array(fc.string({ unit: 'grapheme', maxLength: 60 }), { maxLength: 12 }),
        (lines) => {
          const result = readRecipe(['1 g water', ...lines].join('\n'), SHIPPED);
          expect(result.ok).toBe(true);
        },
      ),
      { seed: 7, numRuns: 300 },
    );
  });
});

describe('for every', () => {
  const gramsOf = (text: string, id: string) =>
    read(text)
      .parts.flatMap(({ lines }) => lines)
      .find(({ materialId }) => materialId === id)?.massG ?? NaN;
  const teaspoon = gramsOf('1 tsp kaolin', 'kaolin');

  it.each([
    ['6 cups baking soda\n1 tsp kaolin for every 3 cups of baking soda', 2],
    ['6 cups baking soda\n1 tsp kaolin per cup of baking soda', 6],
    ['6 cups baking soda\nFor every 3 cups baking soda, add 1 tsp kaolin', 2],
    ['For every 3 cups baking soda, use 1 tsp kaolin', 1],
    ['For every 3 cups of baking soda:\n1 tsp kaolin', 1],
    ['2 cups baking soda\n1 cup citric acid\n1 tsp kaolin for every 3 cups', 1],
    ['1000 g baking soda\n1 tsp kaolin for each 500 g of mix', 2],
  ])('%s: %d times', (text, times) => {
    expect(gramsOf(text, 'kaolin')).toBeCloseTo(times * teaspoon, 6);
  });

  it('takes the base as a line where the recipe has none yet', () => {
    const cups = gramsOf('3 cups baking soda', 'sodium-bicarbonate');
    expect(gramsOf('For every 3 cups baking soda: 1 cup citric', 'sodium-bicarbonate')).toBe(cups);
  });

  it('asks where it cannot be computed, and says what it did where it can', () => {
    expect(read('1 g water\n1 tsp kaolin for every 3 cups of borax').unread).toMatchObject([
      { line: 2, reason: { code: 'for-every-missing', about: 'borax' } },
    ]);
    expect(
      read('6 cups baking soda\n1 tsp kaolin for every 3 cups of baking soda').remarks,
    ).toEqual(['Line 2: “1 tsp kaolin” counts 2 times, by the baking soda in the recipe.']);
  });
});

describe('writeRecipe', () => {
  it('is read back to the same grams, materials and parts', () => {
    const line = fc.record({
      id: fc.constantFrom(...MATERIALS.map((material) => material.id)),
      massG: fc.double({ min: 0.001, max: 100_000, noNaN: true }),
    });
    fc.assert(
      fc.property(
        fc.array(line, { minLength: 1, maxLength: 10 }),
        fc.array(line, { maxLength: 4 }),
        (main, embed) => {
          const lines = (entries: typeof main) =>
            entries.map((e) => newLine(shipped(e.id), e.massG));
          const base = emptyBody('bath-bomb');
          const body: FormulaBody = {
            ...base,
            parts: [
              { ...newPart('main', 'Main mix'), lines: lines(main) },
              ...(embed.length ? [{ ...newPart('embed', 'Embed'), lines: lines(embed) }] : []),
            ],
          };
          const again = read(writeRecipe(body, SHIPPED));
          expect(again.unread).toEqual([]);
          const flat = (parts: FormulaBody['parts']) =>
            parts.map((part) => ({
              kind: part.kind,
              lines: part.lines.map((l) => `${l.materialId} ${l.massG}`).sort(),
            }));
          expect(flat(again.parts)).toEqual(flat(body.parts));
        },
      ),
      { seed: 11, numRuns: 100 },
    );
  });

  it('keeps how each line goes in, grams a piece and the yield', () => {
    fc.assert(
      fc.property(
        fc.array(fc.constantFrom(...MATERIALS), { minLength: 1, maxLength: 8 }),
        fc.array(fc.nat(20), { minLength: 8, maxLength: 8 }),
        fc.integer({ min: 1, max: 400 }),
        fc.integer({ min: 1, max: 90 }),
        (materials, picks, yieldPieces, perPieceG) => {
          const lines = materials.map((material, i) => {
            const ways = waysOf(material).filter((way) => way !== 'bloom-water');
            const how = ways[(picks[i] ?? 0) % (ways.length + 1)];
            return { ...newLine(material, 10 + i), ...(how && { how }) };
          });
          const body: FormulaBody = {
            ...emptyBody('bath-bomb'),
            yieldPieces,
            parts: [
              { ...newPart('main', 'Main mix'), lines },
              {
                ...newPart('icing', 'Icing'),
                lines: [newLine(shipped('powdered-sugar'), 90)],
                perPieceG,
              },
            ],
          };
          const again = read(writeRecipe(body, SHIPPED));
          const said = (part: FormulaBody['parts'][number] | undefined) =>
            part?.lines.map(({ materialId, how }) => `${materialId} ${how ?? ''}`).sort();
          expect(said(again.parts[0])).toEqual(said(body.parts[0]));
          expect(again.parts[1]?.perPieceG).toBe(perPieceG);
          expect(again.pieces).toBe(yieldPieces);
        },
      ),
      { seed: 12, numRuns: 200 },
    );
  });
});

describe('noise', () => {
  it.each(HOSTILE_LINES.map((line) => [line.slice(0, 24), line]))(
    'of the kind “%s…” is kept as it was written, up to its end, and asks; the rest is read',
    (_start, line) => {
      const read = readRecipe(`200 g baking soda\n${line}\n100 g citric acid`, SHIPPED);
      if (!read.ok) throw new Error(read.problem.message);
      const { parts, unread, notes } = read.recipe;
      const known = parts.flatMap(({ lines }) => lines).map(({ materialId }) => materialId);
      expect(known).toEqual(expect.arrayContaining(['sodium-bicarbonate', 'citric-acid']));
      const kept = [...unread.map(({ text }) => text), ...notes];
      expect(kept.length + known.length).toBeGreaterThanOrEqual(3);
      for (const text of kept) expect(text.length).toBeLessThanOrEqual(600);
    },
  );
});

describe('what a page is a recipe for', () => {
  const MENTHOL = '200 g baking soda\n100 g citric acid\n3 g menthol crystals';
  it.each([
    ['menthol alone makes it a steamer', MENTHOL, 'shower-steamer'],
    ['not one that its page calls a bomb', `My winter bomb\n${MENTHOL}`, 'bath-bomb'],
    [
      'drain cleaner in a line makes no cleaning piece',
      '200 g baking soda\n100 g citric acid\n10 g almond oil\na glug of drain cleaner to make it livelier',
      'bath-bomb',
    ],
    [
      'a page named for a kettle does',
      'Kettle tablets\n200 g baking soda\n100 g citric acid',
      'cleaning-fizzy',
    ],
    ['nor one for the tub', `${MENTHOL}\nDrop it into the tub.`, 'bath-bomb'],
    [
      'a steamer by name stays one beside a tub',
      `Shower steamers\n${MENTHOL}\nNot for the tub.`,
      'shower-steamer',
    ],
  ])('%s', (_what, text, family) => {
    expect(read(text).family.family).toBe(family);
  });
});

describe('a name in a list without an amount of its own', () => {
  it.each([
    ['500 g soda, kaolin, 250 g citric acid', 'kaolin'],
    ['Cornstarch, 30 g poly 80, 500 g soda', 'cornstarch'],
  ])('takes none from its neighbor in “%s”, and is asked about', (text, id) => {
    const { parts, unread } = read(`Quay\n${text}`);
    expect(parts[0]?.lines.map(({ materialId }) => materialId)).not.toContain(id);
    expect(unread).toMatchObject([{ line: 2, reason: { code: 'no-amount' }, choices: [id] }]);
  });

  it('is a line of its own in brackets, or sprayed with, where it has an amount or is sprayed until it holds', () => {
    const { parts, unread } = read(
      'Steamers\n300 g soda\n150 g citric acid\n10 g menthol (dissolve in 20 g 99% alcohol), sprayed w/ witch hazel until it holds',
    );
    expect(unread).toEqual([]);
    expect(
      parts[0]?.lines.map(({ materialId, how }) => `${materialId} ${how ?? ''}`.trim()),
    ).toEqual([
      'sodium-bicarbonate',
      'menthol in-alcohol',
      'isopropyl-alcohol-99',
      'witch-hazel sprayed',
      'citric-acid',
    ]);
  });

  it('that a line meets, and no other line has, is asked about', () => {
    const { unread } = read('500 g soda\n10 g sunflower oil with shea butter');
    expect(unread).toMatchObject([{ line: 2, choices: ['shea-butter'] }]);
  });

  it('is none where another line has it', () => {
    expect(read('500 g soda, kaolin\n20 g kaolin').unread).toEqual([]);
  });
});

describe('what is offered for a name', () => {
  it('is never what the family forbids', () => {
    const choices = ['sodium-percarbonate', 'sodium-carbonate', 'sodium-bicarbonate'];
    expect(offeredFor('bath-bomb', choices, SHIPPED)).toEqual(['sodium-bicarbonate']);
    expect(offeredFor('cleaning-fizzy', choices, SHIPPED)).toEqual(choices);
  });
});

describe('odd pages', () => {
  const of = (text: string) => readRecipe(text, SHIPPED);

  it.each([
    ['one word that nobody knows', 'gribble'],
    [
      'a page of nothing but warnings',
      'Never mix with bleach.\nKeep away from children.\nNot for eyes.',
    ],
    ['markup without a recipe', '<html><body><p>Hello from the quay.</p></body></html>'],
    ['a letter', 'Dear Ines,\nthe boats are in. We dry nets on Monday.\nLove, Moll'],
    ['nothing but signs', '*** --- === ???'],
  ])('%s: a sentence, and nothing is taken', (_what, text) => {
    const result = of(text);
    if (result.ok) expect(result.recipe.parts.flatMap(({ lines }) => lines)).toEqual([]);
    else expect(result.problem.message).toMatch(/^There is .*\./);
  });

  it('a shopping list asks how much of each', () => {
    const { unread, parts } = read('baking soda\ncitric acid\nEpsom salt\n1 kg kaolin');
    expect(unread.map(({ reason }) => reason.code)).toEqual([
      'no-amount',
      'no-amount',
      'no-amount',
    ]);
    expect(parts[0]?.lines).toHaveLength(1);
  });

  it('in another language asks for each name it does not know, and takes none', () => {
    const { unread, parts } = read('Weinstein 20 g\nStärke 50 g\n300 g Natron');
    expect(unread.map(({ line }) => line)).toEqual([1, 2]);
    expect(parts[0]?.lines.map(({ materialId }) => materialId)).toEqual(['sodium-bicarbonate']);
  });

  it('a telling without a stop is read to its end', () => {
    const told = Array(30).fill('then I stir it well and wait for the tide').join(', ');
    const { parts } = read(`I take 300 g baking soda, ${told}, and 150 g citric acid`);
    expect(parts[0]?.lines.map(({ massG }) => massG)).toEqual([300, 150]);
  });

  it('a page in shares asks once how heavy it is, and takes what it is told', () => {
    const text = '60% baking soda\n30% citric acid\n10% cornstarch';
    expect(read(text).sharesAsked).toEqual({ kind: 'percent', takenG: 1000 });
    const told = readRecipe(text, SHIPPED, USUAL_SMALL_MEASURES, { totalG: 500 });
    expect(told.ok && told.recipe.parts[0]?.lines.map(({ massG }) => massG)).toEqual([
      300, 50, 150,
    ]);
    const parts = readRecipe('2 parts soda\n1 part citric', SHIPPED, USUAL_SMALL_MEASURES, {
      partG: 40,
    });
    expect(parts.ok && parts.recipe.parts[0]?.lines.map(({ massG }) => massG)).toEqual([80, 40]);
  });

  it('takes bare numbers as grams from three of them on, and says so once', () => {
    expect(read('soda 300\ncitric 150\nkaolin 20').takenAsGrams).toBe(true);
    expect(read('soda 300\ncitric 150\n20 g kaolin').takenAsGrams).toBe(false);
    expect(pageQuestions(read('soda 300\ncitric 150\nkaolin 20'))).toHaveLength(1);
  });
});
