import { describe, expect, it } from 'vitest';
import { bodyFrom } from '../../../../tests/fixtures/bodies';
import { withHalves } from '@/core/formula/model/halves';
import type { FormulaBody } from '@/core/formula/model/schema';
import { bodyOfRecipe } from '@/core/formula/reading/bodyOfRecipe';
import { readRecipe } from '@/core/formula/reading/readRecipe';
import { SHIPPED } from '@/core/matter/materials/catalog';
import { sheetRows } from '../bench-steps/sheet';
import { NO_MEANS } from '../scaling/means';
import { planScale } from '../scaling/plan';
import { requestFor } from '../scaling/request';
import type { ScaleRequest } from '../scaling/requestSchema';
import { formingMinutes, usualMinutes } from './minutes';
import { planWarnings } from './planWarnings';
import { brokenRules, sayBroken } from './rules';
import { planSteps, workFacts } from './stepsOf';
import { workOf } from './workOf';

const MOLD_ID = '9d3b6c1e-52a7-4f0e-8a44-1f6e8f1f2a10';
const PLATE = { name: 'Plate of 32', cavities: 32 };
const shelfMold = (id: string) => (id === MOLD_ID ? PLATE : null);

function pasted(text: string): FormulaBody {
  const read = readRecipe(text, SHIPPED);
  if (!read.ok) throw new Error(read.problem.message);
  return withHalves(bodyOfRecipe(read.recipe), SHIPPED, read.recipe.splitShares);
}

/** The sheet of a page as it would be printed, on a scale of 0.1 g. */
function sheet(body: FormulaBody, more: Partial<ScaleRequest> = {}) {
  const request = { ...requestFor(body), ...more };
  const result = planScale(body, request, { ...NO_MEANS, catalog: SHIPPED });
  if (!result.ok) throw new Error(result.problem.message);
  const { plan } = result;
  const bench = {
    catalog: SHIPPED,
    pieceG: plan.pieceG,
    pieces: plan.pieces,
    stepG: 0.1,
    sets: plan.sets,
    shelfMold,
  };
  const steps = planSteps(body, plan.lines, bench);
  const { operations } = workOf(body, workFacts(body, plan.lines, bench));
  const broken = brokenRules(operations, body, SHIPPED);
  return { plan, steps, rows: sheetRows(steps), operations, broken };
}
const titles = (rows: ReturnType<typeof sheetRows>) => rows.map(({ title }) => title);

const TWO_COLORS = `Makes 12
Baking soda 800 g
Citric acid 400 g
SLSA 20 g
Sunflower oil 30 g
Witch hazel in a spray bottle, 10 g
Second color: half of the mix
Blue powder dye 0.8 g
Water 3 g`;

describe('a bowl that is parted', () => {
  it('gives a pasted second color half of the mix, and each bowl its own acid, foam and spray', () => {
    const body = pasted(TWO_COLORS);
    const { rows, broken } = sheet(body);
    const into = (title: RegExp) =>
      rows.filter((row) => title.test(row.title)).map(({ note }) => note);
    expect(into(/^Citric acid/)).toEqual(['into the bowl', 'into the second bowl']);
    expect(into(/^Foaming powder/)).toEqual(['into the bowl', 'into the second bowl']);
    expect(rows.filter(({ kind }) => kind === 'spray')).toHaveLength(2);
    expect(rows.find(({ kind }) => kind === 'press')?.note).toMatch(
      /Put 5\d g of the main mix and 5\d g of the second color in each piece\./,
    );
    expect(into(/^Mix in the acid/)[0]).toContain('each bowl');
    expect(broken).toEqual([]);
  });

  it('sprays what is shared once, for both lines, where the bowl is parted after the acid', () => {
    const body = pasted(TWO_COLORS.replace('Blue powder dye 0.8 g\nWater 3 g', 'Blue mica 2 g'));
    const sprays = sheet(body).steps.filter((step) => step.kind === 'spray');
    expect(sprays).toHaveLength(1);
    const [spray] = sprays;
    expect(spray?.shares?.map(({ fraction }) => fraction)).toEqual([
      expect.closeTo(0.5, 1),
      expect.closeTo(0.5, 1),
    ]);
    expect(spray?.targetG).toBeCloseTo(10, 0);
  });
});

describe('what is ready when it is wanted', () => {
  const body = bodyFrom(`600 g baking soda
300 g citric acid
20 g almond oil
5 g lavender flowers, on the floor of the mold
Gold paint:
1 g gold mica
4 g isopropyl alcohol 99%
Green paint:
1 g green mica
4 g isopropyl alcohol 99%`);

  it('weighs the petals before the acid is in, and each paint before its own painting', () => {
    const order = titles(sheet(body).rows);
    const at = (title: string) => order.indexOf(title);
    expect(at('Lavender flowers, dried')).toBeLessThan(at('Citric acid, anhydrous'));
    expect(at('Gold mica')).toBeLessThan(at('Paint with Gold paint'));
    expect(at('Paint with Gold paint')).toBeLessThan(at('Green mica'));
    expect(at('Green mica')).toBeLessThan(at('Paint with Green paint'));
  });

  it('lays a floor as a whole, with what colors and wets it', () => {
    const floor = pasted(
      'Makes 32\n2000 g baking soda\n1000 g citric acid\n90 g oil of avocado\nTopping: 2 g per piece, on the floor of the mold\n60 g sea salt\n1 g pink mica\n3 g isopropyl alcohol 99%',
    );
    const order = titles(sheet(floor).rows);
    expect(order.indexOf('Lay it in the mold')).toBeLessThan(order.indexOf('Fill and press'));
    expect(order).not.toContain('Top each piece');
  });

  it('rubs the dye into a dry embed, and blooms it where the embed has water', () => {
    const embed = (water: string) =>
      titles(
        sheet(
          bodyFrom(
            `400 g baking soda\n200 g citric acid\nEmbed:\n30 g baking soda\n20 g citric acid\n0.3 g red dye${water}`,
          ),
        ).rows,
      );
    expect(embed('')).toContain('Rub in the color');
    expect(embed('\n2 g water')).toContain('Bloom the dye');
    const bloom = sheet(
      bodyFrom('400 g baking soda\n200 g citric acid\n0.3 g red dye\n3 g water'),
      {
        want: { kind: 'times', times: 1 },
      },
    ).rows.find(({ title }) => title === 'Bloom the dye');
    expect(bloom?.note).toContain(
      '0.3 g of red dye (CI 16035) into a little of the 3 g of hot water',
    );
  });

  it('opens silicone molds the next day, and names a stamp one', () => {
    const dice = pasted(
      'Dice cubes\nMakes 24, silicone mold\n600 g baking soda\n300 g citric acid\n20 g almond oil\nStamp: 0.1 g per piece\n1 g black iron oxide\n2 g fractionated coconut oil',
    );
    const { rows, plan } = sheet(dice);
    expect(titles(rows).slice(-4)).toEqual([
      'Fractionated coconut oil',
      'Mix Stamp',
      'Stamp the pieces',
      'Wrap',
    ]);
    expect(titles(rows)).toContain('Take the pieces out of the molds');
    expect(plan.sets[0]?.mold.shape).toBe('box');
  });
});

describe('small amounts as hands do them', () => {
  const small = (grams: number) =>
    `Makes 2\n${grams * 0.66} g baking soda\n${grams * 0.34} g citric acid\n20 drops lavender essential oil\n0.015 g rose petals`;

  it('counts what was written in drops, and pinches what the scale does not see', () => {
    const { rows } = sheet(pasted(small(300)));
    const amountOf = (title: RegExp) => rows.find((row) => title.test(row.title))?.amount;
    expect(amountOf(/^Lavender/)).toBe('20 drops');
    expect(amountOf(/^Rose petals/)).toBe('a pinch (1/16 tsp)');
  });

  it('mixes 500 g by hand in three minutes without turning it over, and a gram more in a mixer', () => {
    const minutes = (grams: number) => {
      const { operations } = sheet(pasted(small(grams)), { want: { kind: 'total', massG: grams } });
      const mix = operations.find(({ saying }) => saying === 'mix-wet');
      return [mix?.minutes, operations.some(({ op }) => op === 'scrape')];
    };
    expect(minutes(499)).toEqual([usualMinutes('mix-wet', 2, true), false]);
    expect(minutes(502)).toEqual([usualMinutes('mix-wet', 2), true]);
    expect([usualMinutes('mix-wet', 2, true), usualMinutes('mix-wet', 2)]).toEqual([3, 10]);
  });

  it('squeezes nothing before anything is wet', () => {
    const dry = bodyFrom('600 g baking soda\n300 g citric acid\n10 squirts witch hazel');
    const { rows, broken } = sheet(dry, { want: { kind: 'times', times: 1 } });
    expect(titles(rows)).not.toContain('Squeeze before the acid');
    expect(titles(rows)).toContain('Squeeze with the acid in');
    expect(broken).toEqual([]);
  });
});

describe('minutes at the press', () => {
  const body = bodyFrom('2000 g baking soda\n1000 g citric acid\n60 g almond oil');
  const pressed = (count: number, moldId: string | null) => {
    const want = { kind: 'pieces', count } as const;
    const { broken, rows } = sheet(body, { want, moldId });
    const asks = broken.filter(({ rule }) => rule === 'pressed-in-time');
    return { asks: asks.map((one) => sayBroken(one, SHIPPED)), rows };
  };

  it('asks to split the bowl over thirty minutes with the acid in, and not at thirty', () => {
    expect(pressed(30, null).asks).toEqual([]);
    expect(pressed(31, null).asks[0]).toMatch(/31 min with the acid in.*Split the bowl/);
  });

  it('asks of the fullest bowl of several, and no more once the others take enough', () => {
    const { plan } = sheet(body, { want: { kind: 'pieces', count: 62 } });
    const asks = (bowlCount: number) =>
      planWarnings(body, { ...plan, bowlCount }, { catalog: SHIPPED, stepG: 0.1, shelfMold })
        .length;
    expect([asks(1), asks(2), asks(3)]).toEqual([1, 1, 0]);
  });

  it('counts a plate by its strokes, and names it on the sheet', () => {
    expect(formingMinutes('press', 32, 32)).toBeCloseTo(32 * 0.2 + 1.5, 9);
    expect(formingMinutes('press', 33, 32)).toBeCloseTo(33 * 0.2 + 3, 9);
    expect(formingMinutes('hand', 32, 32)).toBe(usualMinutes('fill', 32));
    const { asks, rows } = pressed(64, MOLD_ID);
    expect(asks).toEqual([]);
    expect(rows.find(({ kind }) => kind === 'press')?.note).toContain(
      'Plate of 32: 2 fillings of 32.',
    );
  });
});
