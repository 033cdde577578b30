import type { BenchStep } from '../bench-steps/stepSchema';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { LANTERN, bodyFrom } from '../../../../tests/fixtures/bodies';
import { begun } from '../../../../tests/fixtures/bench';
import { FAMILIES, METHODS, SCHOOLS, type LineWay } from '@/core/formula/model/kinds';
import { allLines, stayingLines } from '@/core/formula/model/edit';
import { USUAL_CONDITIONS } from '@/core/results/conditions/types';
import { evaluate } from '@/core/results/evaluation/evaluate';
import { newLine, newPart } from '@/core/formula/model/create';
import type { FormulaBody } from '@/core/formula/model/schema';
import { bodyOfRecipe } from '@/core/formula/reading/bodyOfRecipe';
import { readRecipe } from '@/core/formula/reading/readRecipe';
import { MATERIALS, SHIPPED, materialById } from '@/core/matter/materials/catalog';
import { RULES, brokenRules, sayBroken, type RuleCode } from './rules';
import { formingMinutes } from './minutes';
import { handsMinutes, laidOut, workOf } from './workOf';
import { planSteps } from './stepsOf';
import { sayOperation } from './messages';
import { canSplit, placedByRule, splitInHalf, withWorkEdit, withoutWorkEdits } from './edits';
import type { Operation, WorkFacts } from './types';

const FACTS: WorkFacts = { catalog: SHIPPED, pieces: 9, weighG: new Map(), counted: new Set() };
const SALTS =
  '500 g dendritic salt\n200 g baking soda\n110 g citric acid\n20 g goat milk powder\n12 g lavender essential oil';
const MENTHOL = '500 g baking soda\n330 g citric acid\n20 g menthol\n10 g eucalyptus essential oil';

const loose = (text: string): FormulaBody => ({
  ...bodyFrom(text),
  family: 'fizzing-salts',
  method: 'loose',
});

/** What is done, in order, in a form that reads: `weigh citric-acid > bowl`. */
function told(body: FormulaBody): readonly string[] {
  const materialOf = new Map(allLines(body).map(({ id, materialId }) => [id, materialId]));
  return workOf(body, FACTS).operations.map(
    ({ op, lineIds, vessel }) =>
      `${op}${op === 'weigh' ? ` ${lineIds.map((id) => materialOf.get(id)).join('+')}` : ''} > ${vessel.kind}`,
  );
}

/** Is each of these done, and after the one before it? */
function expectOrder(body: FormulaBody, ...wanted: readonly string[]): void {
  const steps = told(body);
  const places = wanted.map((one) => steps.indexOf(one));
  expect(places, steps.join('\n')).not.toContain(-1);
  expect(places, steps.join('\n')).toEqual([...places].sort((a, b) => a - b));
}

const rulesBroken = (body: FormulaBody, operations: readonly Operation[] = laidOut(body, FACTS)) =>
  brokenRules(operations, body, SHIPPED).map(({ rule }) => rule);

/** The operations with one of them put right after another, or first. */
function moved(
  operations: readonly Operation[],
  which: (operation: Operation) => boolean,
  after: ((operation: Operation) => boolean) | null,
): readonly Operation[] {
  const one = operations.find(which);
  if (!one) throw new Error('there is no such operation');
  const rest = operations.filter((other) => other !== one);
  const at = after === null ? -1 : rest.findIndex(after);
  return [...rest.slice(0, at + 1), one, ...rest.slice(at + 1)];
}

const weighs = (body: FormulaBody, materialId: string) => {
  const ids = allLines(body).flatMap((line) => (line.materialId === materialId ? [line.id] : []));
  return ({ op, lineIds }: Operation) => op === 'weigh' && lineIds.some((id) => ids.includes(id));
};

const sayings = (wanted: Operation['saying']) => (operation: Operation) =>
  operation.saying === wanted;

/** The body with the lines of a material going in another way. */
const withWay = (body: FormulaBody, materialId: string, how: LineWay): FormulaBody => ({
  ...body,
  parts: body.parts.map((part) => ({
    ...part,
    lines: part.lines.map((line) => (line.materialId === materialId ? { ...line, how } : line)),
  })),
});

/** The lines that these steps weigh or spray, for a check that nothing is forgotten. */
function weighedLineIds(steps: readonly BenchStep[]): readonly string[] {
  return steps.flatMap((step) => {
    if (step.kind === 'weigh') return step.shares?.map(({ lineId }) => lineId) ?? [step.lineId];
    return step.kind === 'spray' && step.lineId !== undefined ? [step.lineId] : [];
  });
}

describe('the work the rules lay out', () => {
  it('is acid last, the embed ahead in its own dish, color in its water, fat from the pan', () => {
    expect(told(bodyFrom(LANTERN))).toEqual([
      'weigh sodium-bicarbonate > dish',
      'sieve > dish',
      'weigh citric-acid > dish',
      'mix > dish',
      'rest > dish',
      'weigh sodium-bicarbonate > bowl',
      'weigh cornstarch > bowl',
      'sieve > bowl',
      'weigh water-soluble-dye > cup',
      'weigh water > cup',
      'bloom > cup',
      'pour > bowl',
      'mix > bowl',
      'weigh shea-butter > pan',
      'melt > pan',
      'pour > beaker',
      'weigh sweet-almond-oil > beaker',
      'weigh polysorbate-80 > beaker',
      'weigh fragrance-oil > beaker',
      'mix > bowl',
      'scrape > bowl',
      'squeeze > bowl',
      'weigh citric-acid > bowl',
      'mix > bowl',
      'spray > bowl',
      'squeeze > bowl',
      'fill > mold',
      'unmold > mold',
      'tray > tray',
      'count > tray',
      'turn > tray',
      'dry > tray',
      'wrap > tray',
    ]);
  });

  it('melts fats alone, and keeps scent and alcohol off the heat', () => {
    const body = bodyFrom(
      '400 g baking soda\n200 g citric acid\n10 g beeswax\n8 g lavender essential oil\n9 g isopropyl alcohol 99%',
    );
    expectOrder(
      body,
      'weigh beeswax > pan',
      'melt > pan',
      'pour > beaker',
      'weigh lavender-essential-oil > beaker',
      'weigh isopropyl-alcohol-99 > beaker',
    );
  });

  it('dissolves menthol in strong alcohol where there is as much of it, else in warm oil before the scent', () => {
    const inAlcohol = bodyFrom(`${MENTHOL}\n20 g isopropyl alcohol 99%\n30 g almond oil`);
    expectOrder(
      inAlcohol,
      'weigh eucalyptus-essential-oil > beaker',
      'weigh menthol > cup',
      'dissolve > cup',
    );
    const tooLittle = bodyFrom(`${MENTHOL}\n19 g isopropyl alcohol 99%\n30 g almond oil`);
    expectOrder(
      tooLittle,
      'weigh sweet-almond-oil > pan',
      'warm > pan',
      'weigh menthol > pan',
      'dissolve > pan',
      'weigh eucalyptus-essential-oil > beaker',
    );
    expectOrder(
      withWay(inAlcohol, 'menthol', 'in-warm-oil'),
      'weigh menthol > pan',
      'dissolve > pan',
    );
  });

  it('soaks loose salts first; soda and acid come last, and nothing is squeezed or sprayed', () => {
    const body = loose(SALTS);
    expectOrder(
      body,
      'weigh dendritic-salt > bowl',
      'weigh lavender-essential-oil > beaker',
      'soak > bowl',
      'weigh goat-milk-powder > dish',
      'weigh sodium-bicarbonate > dish',
      'sieve > dish',
      'pour > bowl',
      'weigh citric-acid > bowl',
      'tray > tray',
      'dry > tray',
      'jar > jar',
      'count > jar',
    );
    expect(told(body).join()).not.toMatch(/squeeze|spray|fill/);
  });

  it('puts foaming powder with the acid, or gently at the end of the dry mix', () => {
    const body = bodyFrom(
      '400 g baking soda\n200 g citric acid\n12 g SLSA\n20 g cornstarch\n9 g almond oil',
    );
    expectOrder(
      body,
      'squeeze > bowl',
      'weigh sodium-lauryl-sulfoacetate > bowl',
      'weigh citric-acid > bowl',
    );
    expectOrder(
      { ...body, school: 'all-dry-first' },
      'sieve > bowl',
      'weigh citric-acid > bowl',
      'weigh sodium-lauryl-sulfoacetate > bowl',
      'weigh sweet-almond-oil > beaker',
      'squeeze > bowl',
    );
  });

  it('makes icing and paint when the pieces are ready, and lays petals on the floor before the fill', () => {
    const text =
      '500 g baking soda\n330 g citric acid\nTopping:\n4 g lavender flowers\nIcing:\n100 g powdered sugar\n18 g water\n2 g citric acid\nPaint:\n1 g gold mica\n4 g isopropyl alcohol 99%';
    const body = bodyFrom(text);
    expectOrder(
      body,
      'weigh lavender-flowers > dish',
      'fill > mold',
      'top > mold',
      'count > tray',
      'weigh powdered-sugar > dish',
      'ice > tray',
      'weigh gold-mica > dish',
      'paint > tray',
      'wrap > tray',
    );
    expectOrder(withWay(body, 'lavender-flowers', 'on-the-floor'), 'lay > mold', 'fill > mold');
    const paint = workOf(body, FACTS).operations.find(({ op }) => op === 'paint');
    expect(paint && sayOperation(paint, body, SHIPPED).note).toContain('99% isopropyl alcohol');
    const oily = bodyFrom(
      '500 g baking soda\n330 g citric acid\nPaint:\n1 g gold mica\n4 g almond oil',
    );
    const oilPaint = workOf(oily, FACTS).operations.find(({ op }) => op === 'paint');
    expect(oilPaint && sayOperation(oilPaint, oily, SHIPPED).note).toMatch(/in sweet almond oil/);
  });

  it('has every embed whole before the acid of the main mix goes in, a wet one right before it', () => {
    const dry = bodyFrom(
      '400 g baking soda\n200 g citric acid\nEmbed:\n20 g baking soda\n14 g citric acid',
    );
    const wet = bodyFrom(
      '400 g baking soda\n200 g citric acid\nEmbed:\n20 g baking soda\n14 g citric acid\n1 g water',
    );
    expectOrder(dry, 'weigh citric-acid > dish', 'weigh citric-acid > bowl', 'fill > mold');
    expectOrder(
      wet,
      'weigh sodium-bicarbonate > bowl',
      'weigh citric-acid > dish',
      'weigh citric-acid > bowl',
      'fill > mold',
    );
  });

  it('parts a bowl before the acid when either color is a dye, which keeps its water', () => {
    const body = bodyFrom(
      '450 g baking soda\n240 g citric acid\n20 g almond oil\n0.3 g yellow 5\n2 g water\nSecond color:\n450 g baking soda\n240 g citric acid\n20 g almond oil\n2 g blue mica',
    );
    expect(rulesBroken(body)).toEqual([]);
    expectOrder(
      body,
      'weigh sodium-bicarbonate+sodium-bicarbonate > bowl',
      'part > second-bowl',
      'weigh yellow-5-dye > cup',
      'weigh water > cup',
      'bloom > cup',
      'weigh blue-mica > second-bowl',
      'weigh citric-acid > bowl',
      'weigh citric-acid > second-bowl',
    );
  });

  it('does not mix a single powder for ten minutes, nor sieve what is coarse', () => {
    const single = bodyFrom('200 g baking soda\n100 g citric acid\n5 g almond oil');
    expect(told(single).filter((step) => step.startsWith('mix'))).toHaveLength(2);
    const coarse = bodyFrom('200 g baking soda\n100 g citric acid\n40 g epsom salt');
    expectOrder(
      coarse,
      'sieve > bowl',
      'weigh magnesium-sulfate-heptahydrate > bowl',
      'mix > bowl',
    );
  });

  it('sprays what the recipe sprays, with its grams', () => {
    const body = withWay(
      bodyFrom('400 g baking soda\n200 g citric acid\n7 g witch hazel'),
      'witch-hazel',
      'sprayed',
    );
    const [step, ...others] = begun(body).steps.filter(({ kind }) => kind === 'spray');
    expect(others).toEqual([]);
    expect(step).toMatchObject({
      materialId: 'witch-hazel',
      lineId: allLines(body).find(({ how }) => how === 'sprayed')?.id,
    });
    expect(step?.note).toMatch(/^The recipe says 11.5 g, about 16 squirts/);
  });
});

/** Any formula a maker may come to: some lines of any material in any part. */
const anyBody = fc
  .record({
    family: fc.constantFrom(...FAMILIES),
    method: fc.constantFrom(...METHODS),
    school: fc.constantFrom(...SCHOOLS),
    parts: fc.array(
      fc.record({
        kind: fc.constantFrom(
          'split' as const,
          'embed' as const,
          'topping' as const,
          'icing' as const,
          'paint' as const,
        ),
        lines: fc.array(fc.constantFrom(...MATERIALS), { maxLength: 5 }),
      }),
      { maxLength: 3 },
    ),
    // Nothing but petals for the top leaves the bowl empty: there is nothing to press.
    main: fc
      .array(fc.constantFrom(...MATERIALS), { minLength: 1, maxLength: 12 })
      .filter((main) => main.some(({ phase }) => phase !== 'finish')),
  })
  .map(({ family, method, school, parts, main }): FormulaBody => {
    const lineOf = (material: (typeof MATERIALS)[number]) => newLine(material, 10);
    return {
      family,
      method,
      school,
      unread: [],
      parts: [
        { ...newPart('main', 'Main mix'), lines: main.map(lineOf) },
        ...parts.map(({ kind, lines }, i) => ({
          ...newPart(kind, `Part ${i}`),
          lines: lines.map(lineOf),
        })),
      ],
    };
  });

/** What a formula itself can lack, however it is worked. */
const OF_THE_FORMULA: readonly RuleCode[] = [
  'crystals-dissolved',
  'paint-by-its-carrier',
  'oxidizer-stays-dry',
];

describe('whatever is in it', () => {
  it('weighs every line of every part exactly once, and every line gets into the piece', () => {
    fc.assert(
      fc.property(anyBody, (body) => {
        const { operations } = workOf(body, FACTS);
        const ids = operations.flatMap(({ op, lineIds }) =>
          op === 'weigh' || op === 'spray' ? lineIds : [],
        );
        expect([...ids].sort()).toEqual(
          allLines(body)
            .map(({ id }) => id)
            .sort(),
        );
        expect(new Set(operations.map(({ id }) => id)).size).toBe(operations.length);
        const broken = brokenRules(operations, body, SHIPPED).filter(
          ({ rule }) => !OF_THE_FORMULA.includes(rule),
        );
        expect(broken, told(body).join('\n')).toEqual([]);
      }),
      { seed: 9, numRuns: 400 },
    );
  });

  it('becomes steps of the bench in both schools, each line once', () => {
    fc.assert(
      fc.property(anyBody, (body) => {
        const steps = planSteps(body, [], { catalog: SHIPPED, pieceG: 100, pieces: 9, stepG: 0.1 });
        expect([...weighedLineIds(steps)].sort()).toEqual(
          allLines(body)
            .map(({ id }) => id)
            .sort(),
        );
        expect(steps.every(({ title }) => title !== '')).toBe(true);
        const firstLater = steps.findIndex(({ kind }) => kind === 'later');
        expect(firstLater).toBeGreaterThan(0);
      }),
      { seed: 10, numRuns: 150 },
    );
  });
});

describe('odd formulas', () => {
  it('holds 40 parts, and passes over a part of nothing', () => {
    const body = bodyFrom(LANTERN);
    const many = Array.from({ length: 39 }, (_, i) => ({
      ...newPart(i % 2 ? 'embed' : 'topping', `Part ${i}`),
      lines: [newLine(materialById(SHIPPED, 'kaolin'), 5)],
    }));
    const crowded = { ...body, parts: [...body.parts, ...many, newPart('icing', 'Nothing')] };
    const { operations } = workOf(crowded, FACTS);
    expect(new Set(operations.map(({ id }) => id)).size).toBe(operations.length);
    expect(rulesBroken(crowded)).toEqual([]);
    expect(operations.some(({ op }) => op === 'ice')).toBe(false);
  });

  it('computes the minutes of hands, more for more pieces', () => {
    const minutes = (pieces: number, which: 'making' | 'wrapping') =>
      handsMinutes(
        bodyFrom(LANTERN),
        { catalog: SHIPPED, pieces, bowlG: 1500, fillMin: formingMinutes('press', pieces, null) },
        which,
      );
    // Fill, unmold, tray and turn: 1.4 minutes a piece, and 0.7 to wrap it. Common practice.
    expect(minutes(20, 'making') - minutes(10, 'making')).toBeCloseTo(14, 6);
    expect(minutes(20, 'wrapping')).toBeCloseTo(14, 6);
  });
});

describe('a rule that is broken', () => {
  const acidLast = bodyFrom(LANTERN);
  const salts = loose(SALTS);
  const foaming = bodyFrom('400 g baking soda\n200 g citric acid\n12 g SLSA\n20 g cornstarch');
  const menthol = bodyFrom(`${MENTHOL}\n40 g isopropyl alcohol 99%`);
  const fatty = bodyFrom(
    '400 g baking soda\n200 g citric acid\n10 g beeswax\n8 g lavender essential oil',
  );
  const wetEmbed = bodyFrom(
    '400 g baking soda\n200 g citric acid\n20 g cornstarch\n9 g almond oil\nEmbed:\n20 g baking soda\n14 g citric acid\n1 g water',
  );
  const paint = (carrier: string) =>
    bodyFrom(`500 g baking soda\n330 g citric acid\nPaint:\n1 g gold mica\n4 g ${carrier}`);

  it.each<[RuleCode, FormulaBody, (work: readonly Operation[]) => readonly Operation[]]>([
    ['heat-then-flame', fatty, (work) => moved(work, sayings('melt'), sayings('scrape'))],
    [
      'crystals-dissolved',
      menthol,
      (work) => moved(work, sayings('dissolve-in-alcohol'), sayings('mix-wet')),
    ],
    ['soak-first', salts, (work) => moved(work, sayings('soak'), sayings('mix-loose'))],
    [
      'sieve-what-clumps',
      bodyFrom('200 g baking soda\n100 g citric acid\n40 g epsom salt'),
      (work) => moved(work, sayings('sieve'), sayings('mix-dry')),
    ],
    ['dye-bloomed', acidLast, (work) => moved(work, sayings('bloom'), sayings('furrow'))],
    [
      'foam-gently',
      foaming,
      (work) => moved(work, weighs(foaming, 'sodium-lauryl-sulfoacetate'), sayings('sieve')),
    ],
    [
      'squeeze-before-acid',
      acidLast,
      (work) => moved(work, sayings('squeeze-before'), ({ id }) => id === 'mix-acid'),
    ],
    [
      'nothing-before-it-exists',
      acidLast,
      (work) => moved(work, sayings('count'), ({ id }) => id === 'mix-acid'),
    ],
    [
      'acid-and-water-do-not-wait',
      wetEmbed,
      (work) => {
        const embed = wetEmbed.parts[1]?.id;
        return moved(
          work,
          (one) => one.partId === embed && weighs(wetEmbed, 'citric-acid')(one),
          ({ saying }) => saying === 'mix-part',
        );
      },
    ],
    ['every-line-arrives', acidLast, (work) => work.filter(({ saying }) => saying !== 'furrow')],
    ['nothing-is-poured-from-empty', acidLast, (work) => moved(work, sayings('pour-pan'), null)],
  ])('%s is named where it breaks, and holds as it was laid out', (rule, body, change) => {
    const work = laidOut(body, FACTS);
    expect(rulesBroken(body, work)).toEqual([]);
    const broken = brokenRules(change(work), body, SHIPPED);
    const own = broken.find((one) => one.rule === rule);
    expect(own, JSON.stringify(broken)).toBeDefined();
    expect(own && sayBroken(own, SHIPPED)).toMatch(/\w.*\.$/);
  });

  it('knows a paint by its carrier: water over 15% sets the surface off', () => {
    const watered = (waterG: number, alcoholG: number) =>
      bodyFrom(
        `500 g baking soda\n330 g citric acid\nPaint:\n1 g gold mica\n${waterG} g water\n${alcoholG} g almond oil`,
      );
    expect(rulesBroken(watered(0.7, 4))).toEqual([]);
    expect(rulesBroken(watered(0.95, 4))).toEqual(['paint-by-its-carrier']);
    expect(rulesBroken(paint('water'))).toEqual(['paint-by-its-carrier']);
    expect(rulesBroken(paint('isopropyl alcohol 99%'))).toEqual([]);
  });

  it('says that menthol has nothing to dissolve in', () => {
    const body = bodyFrom(MENTHOL);
    const [broken] = brokenRules(laidOut(body, FACTS), body, SHIPPED);
    expect(broken && sayBroken(broken, SHIPPED)).toMatch(/^Menthol crystals have no oil/);
  });

  it('names what wets a mix that holds an oxidizer, where they meet', () => {
    const mix = (more: string) => ({
      ...bodyFrom(`100 g sodium percarbonate\n90 g washing soda\n${more}`),
      family: 'cleaning-fizzy' as const,
    });
    expect(rulesBroken(mix('20 g sodium citrate'))).not.toContain('oxidizer-stays-dry');
    const wet = mix('5 g isopropyl alcohol 99%');
    const broken = brokenRules(workOf(wet, FACTS).operations, wet, SHIPPED).filter(
      ({ rule }) => rule === 'oxidizer-stays-dry',
    );
    expect(broken).toHaveLength(1);
    expect(broken[0] && sayBroken(broken[0], SHIPPED)).toMatch(/isopropyl.*Press it dry/);
  });

  it('has a reason and a source for each', () => {
    for (const { reason, source } of RULES) {
      expect(reason).toMatch(/\.$/);
      expect(source).not.toBe('');
    }
  });
});

describe('the maker’s own changes', () => {
  const body = bodyFrom(LANTERN);
  const idsOf = (of: FormulaBody) => workOf(of, FACTS).operations.map(({ id }) => id);

  it('move, leave out, time and add, and can be dropped again', () => {
    const edited = [
      { kind: 'move', opId: 'scrape', afterId: 'squeeze-before' } as const,
      { kind: 'leave-out', opId: 'spray' } as const,
      { kind: 'minutes', opId: 'mix-dry', minutes: 12 } as const,
      {
        kind: 'add',
        opId: 'own-1',
        afterId: 'mix-dry',
        op: 'rest',
        vessel: 'bowl',
        from: null,
        partId: body.parts[0]?.id ?? '',
        said: 'Let the dust settle',
        minutes: 3,
      } as const,
    ].reduce<FormulaBody>(withWorkEdit, body);
    const { operations, lostEdits } = workOf(edited, FACTS);
    const ids = operations.map(({ id }) => id);
    expect(lostEdits).toBe(0);
    expect(ids.indexOf('scrape')).toBe(ids.indexOf('squeeze-before') + 1);
    expect(ids).not.toContain('spray');
    expect(operations.find(({ id }) => id === 'mix-dry')?.minutes).toBe(12);
    expect(ids.indexOf('own-1')).toBe(ids.indexOf('mix-dry') + 1);
    expect(idsOf(withoutWorkEdits(edited))).toEqual(idsOf(body));
    expect(withoutWorkEdits(body)).toBe(body);
    expect(withoutWorkEdits({ ...body, workLines: [] })).toEqual(body);
    expect(withoutWorkEdits({ ...body, work: [] })).toEqual(body);
    // Leaving out what was added only takes the addition back.
    expect(withWorkEdit(edited, { kind: 'leave-out', opId: 'own-1' }).work).toHaveLength(3);
  });

  it('stay when a line is added, which its rule places; a change whose line is gone is counted', () => {
    const edited = withWorkEdit(body, { kind: 'minutes', opId: 'mix-dry', minutes: 12 });
    const [main, ...others] = edited.parts;
    if (!main) throw new Error('there is a main mix');
    const clay = newLine(materialById(SHIPPED, 'kaolin'), 20);
    const more = { ...edited, parts: [{ ...main, lines: [...main.lines, clay] }, ...others] };
    const ids = idsOf(more);
    expect(ids.indexOf(`weigh:${clay.id}`)).toBeLessThan(ids.indexOf('sieve'));
    const oil = main.lines.find(({ materialId }) => materialId === 'sweet-almond-oil');
    const moves = withWorkEdit(body, {
      kind: 'move',
      opId: `weigh:${oil?.id}`,
      afterId: null,
    });
    const gone = {
      ...moves,
      parts: [{ ...main, lines: main.lines.filter((line) => line !== oil) }, ...others],
    };
    expect(workOf(gone, FACTS).lostEdits).toBe(1);
    expect(workOf(moves, FACTS).lostEdits).toBe(0);
  });

  it('part a step in two, minutes and lines, and put it together again', () => {
    const [sieve] = workOf(body, FACTS).operations.filter(({ op }) => op === 'sieve');
    if (!sieve) throw new Error('something is sieved');
    const parted = withWorkEdit(body, splitInHalf(sieve, 'own-2'));
    const { operations } = workOf(parted, FACTS);
    const at = operations.findIndex(({ id }) => id === sieve.id);
    const [first, second] = operations.slice(at, at + 2);
    expect(second?.id).toBe('own-2');
    expect([...(first?.lineIds ?? []), ...(second?.lineIds ?? [])]).toEqual(sieve.lineIds);
    expect(first?.lineIds.length).toBe(Math.ceil(sieve.lineIds.length / 2));
    expect((first?.minutes ?? 0) + (second?.minutes ?? 0)).toBeCloseTo(sieve.minutes, 9);
    const joined = withWorkEdit(parted, { kind: 'leave-out', opId: 'own-2' });
    expect(idsOf(joined)).toEqual(idsOf(body));
    // A weight is one weight.
    const [weigh] = operations.filter(({ op }) => op === 'weigh');
    if (!weigh) throw new Error('something is weighed');
    expect(canSplit(weigh)).toBe(false);
    expect(idsOf(withWorkEdit(body, splitInHalf(weigh, 'own-3')))).toEqual(idsOf(body));
  });

  it('name the line that came after them, and where the rule put it', () => {
    const edited = withWorkEdit(body, { kind: 'minutes', opId: 'mix-dry', minutes: 12 });
    const placedIn = (of: FormulaBody) => placedByRule(of, workOf(of, FACTS).operations);
    expect(placedIn(edited)).toEqual([]);
    const [main, ...others] = edited.parts;
    const clay = newLine(materialById(SHIPPED, 'kaolin'), 20);
    const parts = main ? [{ ...main, lines: [...main.lines, clay] }, ...others] : [];
    const more = { ...edited, parts };
    expect(placedIn(more)).toMatchObject([
      { line: clay, operation: { id: `weigh:${clay.id}` }, after: { op: 'weigh' } },
    ]);
    // Without changes of one's own there is nothing to say, and the next change knows the line.
    expect(placedIn(withoutWorkEdits(more))).toEqual([]);
    expect(placedIn(withWorkEdit(more, { kind: 'leave-out', opId: 'spray' }))).toEqual([]);
  });

  it('may leave every step out: what is then in no vessel is said line by line', () => {
    const emptied = idsOf(body).reduce<FormulaBody>(
      (left, opId) => withWorkEdit(left, { kind: 'leave-out', opId }),
      body,
    );
    const { operations } = workOf(emptied, FACTS);
    expect(operations).toEqual([]);
    const broken = brokenRules(operations, body, SHIPPED);
    expect(broken).toHaveLength(allLines(body).length);
  });
});

describe('the maker’s own words', () => {
  const read = readRecipe(
    [
      '300 g baking soda',
      '150 g citric acid',
      '30 g vinegar, a spoon at a time until it clumps',
      '20 g kaolin, sifted',
      '10 g sunflower oil, melted',
      'Whisk the soda with the kaolin until nothing streaks.',
      'Serve with a smile.',
    ].join('\n'),
    SHIPPED,
  );
  if (!read.ok) throw new Error(read.problem.message);
  const body = bodyOfRecipe(read.recipe);
  const notes = planSteps(body, [], { catalog: SHIPPED, pieceG: 100, pieces: 4, stepG: 0.1 });
  const saying = (words: string) =>
    notes.filter(({ note }) => note.includes(words)).map(({ title, kind }) => `${kind} ${title}`);

  it('stand at the step they speak of, once', () => {
    expect(saying('Whisk the soda')).toEqual(['mix Mix the powders']);
  });

  it('stand where a line is weighed that asks for more than its weight', () => {
    expect(saying('a spoon at a time until it clumps')).toEqual([
      'spray Add the 5% vinegar by the spoon',
    ]);
    expect(saying('kaolin, sifted')).toEqual(['weigh Kaolin clay']);
    expect(saying('sunflower oil')).toEqual([]);
  });

  it('that speak of no step stay with the formula', () => {
    expect(saying('Serve')).toEqual([]);
    expect(body.notes).toContain('Serve with a smile.');
  });
});

describe('waiting by the maker’s own words', () => {
  const reading = (text: string) => {
    const read = readRecipe(text, SHIPPED);
    if (!read.ok) throw new Error(read.problem.message);
    return read.recipe;
  };
  const waits = (text: string) =>
    laidOut(bodyOfRecipe(reading(text)), FACTS)
      .filter(({ waitMinMin, op }) => waitMinMin > 0 && (op === 'infuse' || op === 'soak'))
      .map(({ op, waitMinMin, waitMaxMin }) => [op, waitMinMin, waitMaxMin]);
  const HERB = '300 g baking soda\n150 g citric acid\n20 g sunflower oil\n';
  const SALT =
    'Bath salts\n600 g Epsom salt\n100 g baking soda\n50 g citric acid\n6 g lavender oil\n';

  it.each([
    [`${HERB}5 g calendula petals, infused`, [['infuse', 120, 2880]]],
    [`${HERB}5 g calendula petals, infused two days ahead`, [['infuse', 2880, 2880]]],
    [`${HERB}5 g calendula petals, infused for 3 days`, [['infuse', 4320, 4320]]],
    [SALT, [['soak', 60, 120]]],
    [`${SALT}Soak the salts overnight.`, [['soak', 720, 720]]],
  ])('%j waits %j', (text, wanted) => {
    expect(waits(text)).toEqual(wanted);
  });

  it('an infused herb is weighed, and no part of the mix', () => {
    const body = bodyOfRecipe(reading(`${HERB}5 g calendula petals, infused`));
    const planned = planSteps(body, [], { catalog: SHIPPED, pieceG: 100, pieces: 4, stepG: 1 });
    const infusing = planned.find(({ id }) => id === 'infuse');
    expect(infusing).toMatchObject({ kind: 'do', waitS: 7200 });
    expect(evaluate(body, USUAL_CONDITIONS).totalG).toBeCloseTo(470, 6);
    expect(stayingLines(body)).toHaveLength(3);
  });

  it('what goes in by the spoon is counted in spoons, after the acid', () => {
    const text =
      'Dishwasher cubes\n300 g washing soda\n100 g citric acid\nvinegar, by the teaspoon until it clumps (mine took 9)';
    const steps = planSteps(bodyOfRecipe(reading(text)), [], {
      catalog: SHIPPED,
      pieceG: 30,
      pieces: 12,
      stepG: 1,
    });
    const at = steps.findIndex((step) => step.kind === 'spray');
    expect(steps[at]).toMatchObject({ title: 'Add the 5% vinegar by the spoon' });
    expect(steps[at]?.note).toContain('about 9 teaspoons');
    expect(steps.slice(0, at).some(({ id }) => id.startsWith('mix-acid'))).toBe(true);
  });
});
