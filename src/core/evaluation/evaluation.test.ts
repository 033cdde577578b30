import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { LANTERN, bodyFrom } from '../../../tests/fixtures/bodies';
import { MATERIALS } from '../materials';
import {
  FAMILIES,
  METHODS,
  addMass,
  allLines,
  emptyBody,
  newLine,
  newPart,
  setLineMass,
  type Family,
  type FormulaBody,
  type Line,
  type Method,
  type Part,
} from '../formula';
import {
  USUAL_CONDITIONS,
  contractAnswer,
  evaluate,
  gasTrace,
  tryEvaluate,
  type Conditions,
} from '.';

function codes(body: FormulaBody, conditions: Partial<Conditions> = {}): string[] {
  return evaluate(body, { ...USUAL_CONDITIONS, ...conditions }).findings.map(({ code }) => code);
}

function codesOf(text: string, family: Family = 'bath-bomb', method: Method = 'press'): string[] {
  return codes(bodyFrom(text, family, method));
}

function mainOf(lines: Line[]): Part {
  return { ...newPart('main', 'Main mix'), lines };
}

const PLAIN =
  '200 g baking soda\n110 g citric acid\n20 g cornstarch\n22 g castor oil\n4 g polysorbate 80';

describe('evaluate', () => {
  it('is calm about a workable mix', () => {
    const { binder, fizz, findings } = evaluate(bodyFrom(PLAIN), USUAL_CONDITIONS);
    expect(binder.verdict).toBe('in-window');
    expect(fizz.limiting).toBe('acid');
    expect(findings.filter(({ severity }) => severity !== 'info')).toEqual([]);
  });

  it('counts the embed for fizz and leaves it out of the damp', () => {
    const { fizz, binder } = evaluate(bodyFrom(LANTERN), USUAL_CONDITIONS);
    expect(fizz.sodaToAcidByMass).toBeCloseTo(1070 / 570, 9);
    expect(binder.solidG).toBeCloseTo(1000 + 520 + 75 + 0.6, 9);
  });

  it('knows how long a piece lasts in a tub, strewn, and under a shower', () => {
    const piece = { ...USUAL_CONDITIONS, pieceG: 100 };
    const lasting = (text: string, family: Family, method: Method = 'press') =>
      evaluate(bodyFrom(text, family, method), piece).lasting;
    const bomb = lasting(PLAIN, 'bath-bomb');
    if (bomb?.kind !== 'dropped') throw new Error('a bomb is dropped');
    expect(bomb.goneS.best).toBeGreaterThan(90);
    expect(bomb.goneS.best).toBeLessThan(300);
    expect(bomb.buoyancy).toBe('sinks');
    expect(lasting(PLAIN, 'bath-bomb', 'hand')).toMatchObject({ buoyancy: 'either' });
    expect(lasting(PLAIN, 'shower-steamer')).toMatchObject({ kind: 'showered' });
    expect(lasting(PLAIN, 'fizzing-salts', 'loose')).toMatchObject({ kind: 'scattered' });
    expect(lasting('200 g baking soda', 'bath-bomb')).toBeNull();
  });

  it('takes what own records teach, and says how many speak', () => {
    const body = bodyFrom(PLAIN);
    const shipped = evaluate(body, USUAL_CONDITIONS);
    const prior = { estimate: 1, low: 0.7, high: 1.4 };
    const damp = { estimate: 1.2, low: 1.1, high: 1.3, records: 6, prior, shift: 1.2 };
    const erosion = { estimate: 0.5, low: 0.4, high: 0.6, records: 4, prior, shift: 0.5 };
    const own = evaluate(body, { ...USUAL_CONDITIONS, learned: { damp, erosion } });
    expect(own.binder.window.lowPct).toBeCloseTo(shipped.binder.window.lowPct * 1.2, 9);
    expect(own.binder.ownBatches).toBe(6);
    if (own.lasting?.kind !== 'dropped' || shipped.lasting?.kind !== 'dropped')
      throw new Error('a bomb is dropped');
    expect(own.lasting.goneS.best).toBeCloseTo(shipped.lasting.goneS.best * 2, 6);
    expect(own.lasting.goneS.high).toBeCloseTo(shipped.lasting.goneS.best / 0.4, 6);
  });

  it('says nothing of nothing', () => {
    expect(evaluate(emptyBody('bath-bomb'), USUAL_CONDITIONS)).toMatchObject({
      totalG: 0,
      findings: [],
      binder: { dampIndexPct: null, verdict: null },
    });
  });

  it('shows how far cups leave the ratio open', () => {
    const { ratioSpread } = evaluate(
      bodyFrom('2 cups baking soda\n1 cup citric acid'),
      USUAL_CONDITIONS,
    ).fizz;
    expect(ratioSpread?.low).toBeLessThan((ratioSpread?.best ?? 0) * 0.85);
    expect(ratioSpread?.high).toBeGreaterThan((ratioSpread?.best ?? 0) * 1.15);
  });

  it('scales every amount and no ratio', () => {
    fc.assert(
      fc.property(fc.double({ min: 0.05, max: 40, noNaN: true }), (k) => {
        const body = bodyFrom(LANTERN);
        const scaled = allLines(body).reduce((b, l) => setLineMass(b, l.id, l.massG * k), body);
        const [one, many] = [body, scaled].map((b) =>
          evaluate(b, { ...USUAL_CONDITIONS, pieceG: 50 }),
        ) as [ReturnType<typeof evaluate>, ReturnType<typeof evaluate>];
        expect(many.fizz.co2L / one.fizz.co2L).toBeCloseTo(k, 9);
        expect(many.binder.freeWaterG / one.binder.freeWaterG).toBeCloseTo(k, 9);
        expect(many.binder.dampIndexPct).toBeCloseTo(one.binder.dampIndexPct ?? 0, 9);
        expect(many.scent.loadPct).toBeCloseTo(one.scent.loadPct, 9);
        expect(many.findings.map(({ code }) => code)).toEqual(one.findings.map(({ code }) => code));
      }),
      { seed: 17, numRuns: 60 },
    );
  });
});

describe('gasTrace', () => {
  it('sums to the gas of the piece, but for the moment of wetting', () => {
    const evaluation = evaluate(bodyFrom(PLAIN), { ...USUAL_CONDITIONS, pieceG: 100 });
    const points = gasTrace(evaluation, 100);
    const stepS = (points[1]?.seconds ?? 0) - (points[0]?.seconds ?? 0);
    const litersOut = points.reduce((sum, { mlPerS }) => sum + mlPerS.best * stepS, 0) / 1000;
    const all = (evaluation.fizz.co2L * 100) / evaluation.totalG;
    expect(litersOut).toBeLessThan(all);
    expect(litersOut).toBeGreaterThan(all * 0.93);
    for (const { mlPerS } of points) expect(mlPerS.low).toBeLessThanOrEqual(mlPerS.high);
  });

  it('is empty for a steamer and for what does not fizz', () => {
    const trace = (text: string, family: Family) =>
      gasTrace(evaluate(bodyFrom(text, family), USUAL_CONDITIONS), 50);
    expect(trace(PLAIN, 'shower-steamer')).toEqual([]);
    expect(trace('200 g baking soda', 'bath-bomb')).toEqual([]);
    expect(trace(PLAIN, 'bath-bomb').length).toBeGreaterThan(50);
  });
});

describe('findings', () => {
  it.each([
    ['no-acid', '200 g baking soda', 'bath-bomb'],
    ['no-base', '100 g citric acid', 'bath-bomb'],
    ['acid-excess', '100 g baking soda\n100 g citric acid', 'bath-bomb'],
    ['soda-excess-high', '300 g baking soda\n100 g citric acid', 'bath-bomb'],
    ['too-dry', '200 g baking soda\n100 g citric acid', 'bath-bomb'],
    ['too-wet', `${PLAIN}\n60 g castor oil`, 'bath-bomb'],
    ['free-water-high', `${PLAIN}\n9 g water`, 'bath-bomb'],
    ['scent-load-high', `${PLAIN}\n9 g fragrance oil`, 'bath-bomb'],
    ['scent-over-limit', `${PLAIN}\n4 g clove bud oil`, 'bath-bomb'],
    ['vanillin-browning', `${PLAIN}\n2 g vanilla fragrance oil`, 'bath-bomb'],
    ['scent-limit-unknown', `${PLAIN}\n1 g fragrance oil`, 'bath-bomb'],
    ['oil-without-emulsifier', PLAIN.replace('4 g polysorbate 80', ''), 'bath-bomb'],
    ['borax-in-bath-product', `${PLAIN}\n10 g borax`, 'bath-bomb'],
    ['alkali-in-bath-product', `${PLAIN}\n10 g washing soda`, 'shower-steamer'],
    [
      'magnesium-carbonate-scale',
      '100 g washing soda\n100 g epsom salt\n20 g citric acid',
      'cleaning-fizzy',
    ],
    ['ultramarine-with-acid', `${PLAIN}\n0.5 g ultramarine`, 'bath-bomb'],
    ['menthol-caution', `${PLAIN}\n2 g menthol`, 'shower-steamer'],
    ['methyl-salicylate-caution', `${PLAIN}\n1 g wintergreen oil`, 'bath-bomb'],
    ['phototoxic-oil', `${PLAIN}\n1 g bergamot oil`, 'bath-bomb'],
    ['weak-alcohol-water', `${PLAIN}\n3 g rubbing alcohol`, 'bath-bomb'],
    ['detergent-bath-caution', `${PLAIN}\n5 g slsa`, 'bath-bomb'],
    ['volume-measure-uncertain', '2 cups baking soda\n1 cup citric acid', 'bath-bomb'],
    ['color-over-rate', `${PLAIN}\n3 g water soluble dye`, 'bath-bomb'],
    ['hygroscopic-salt', `${PLAIN}\n20 g epsom salt`, 'bath-bomb'],
    ['botanical-drain', `${PLAIN}\n1 g rose petals`, 'bath-bomb'],
    ['slip-caution', PLAIN, 'bath-bomb'],
    ['dust-caution', PLAIN, 'bath-bomb'],
    ['unread-lines', `${PLAIN}\n10 g salt`, 'bath-bomb'],
    ['bath-acid', '20 g baking soda\n400 g citric acid', 'bath-bomb'],
    ['bath-alkaline', '300 g washing soda\n10 g citric acid', 'bath-bomb'],
    ['alkaline-solution', '300 g washing soda\n10 g citric acid', 'cleaning-fizzy'],
    ['acid-on-surface', '20 g baking soda\n400 g citric acid', 'cleaning-fizzy'],
    ['not-for-skin', `${PLAIN}\n5 g dish soap`, 'bath-bomb'],
    ['not-for-this-use', `${PLAIN}\n0.3 g violet dye`, 'bath-bomb'],
    ['not-for-this-use', '200 g washing soda\n9 g goat milk powder', 'cleaning-fizzy'],
    ['oil-in-steamer', PLAIN, 'shower-steamer'],
    ['oil-in-cleaning-piece', PLAIN, 'cleaning-fizzy'],
    ['oxidizer-with-acid', '200 g percarbonate\n60 g citric acid', 'cleaning-fizzy'],
    ['glycerin-with-borax', '200 g borax\n9 g glycerin', 'cleaning-fizzy'],
    ['crystal-water-melts', '200 g soda crystals\n60 g citric acid', 'cleaning-fizzy'],
    ['wet-acid-reacts', '200 g washing soda\n60 g citric acid\n30 g vinegar', 'cleaning-fizzy'],
    ['over-usual-rate', `${PLAIN}\n60 g slsa`, 'bath-bomb'],
    ['melt-before-alcohol', `${PLAIN}\n5 g shea butter\n3 g 99% alcohol`, 'bath-bomb'],
    ['menthol-undissolved', '200 g baking soda\n9 g menthol\n5 g 99% alcohol', 'shower-steamer'],
    ['pregnancy-caution', `${PLAIN}\n1 g clary sage oil`, 'bath-bomb'],
    ['declare-allergens', `${PLAIN}\n1 g sweet orange oil`, 'bath-bomb'],
    ['food-allergen', `${PLAIN}\n5 g almond oil`, 'bath-bomb'],
    ['flammable-vapor', `${PLAIN}\n3 g 99% alcohol`, 'bath-bomb'],
    ['never-with-bleach', '200 g washing soda\n60 g citric acid', 'cleaning-fizzy'],
    ['dust-caution', '200 g washing soda\n60 g citric acid', 'cleaning-fizzy'],
  ] as const)('%s', (code, text, family) => {
    expect(codesOf(text, family)).toContain(code);
  });

  it('warns of gas in a pack that is closed damp', () => {
    const salts = '200 g baking soda\n110 g citric acid\n4 g water';
    expect(codesOf(salts, 'fizzing-salts', 'loose')).toContain('closed-pack-gas');
    expect(codesOf(salts, 'bath-bomb', 'press')).not.toContain('closed-pack-gas');
  });

  it('takes the supplier’s document for a limit', () => {
    const body = bodyFrom(`${PLAIN}\n3 g fragrance oil`);
    const scentDocuments = [
      {
        materialId: 'fragrance-oil',
        maxPct: 0.5,
        vanillinPct: 6,
        flashPointC: 90,
        dated: '2026-02-01',
      },
    ];
    expect(codes(body)).toContain('scent-limit-unknown');
    const documented = codes(body, { scentDocuments });
    expect(documented).not.toContain('scent-limit-unknown');
    expect(documented).toContain('scent-over-limit');
    expect(documented).toContain('vanillin-browning');
  });

  it('says of every one what to do, with its numbers and its source', () => {
    const all = MATERIALS.map(({ id }) => id);
    fc.assert(
      fc.property(
        fc.array(fc.tuple(fc.constantFrom(...all), fc.double({ min: 0, max: 900, noNaN: true })), {
          maxLength: 12,
        }),
        fc.constantFrom(...FAMILIES),
        fc.constantFrom(...METHODS),
        fc.integer({ min: 0, max: 100 }),
        (entries, family, method, humidityPct) => {
          const lines = entries.map(([id, massG]) => newLine(id, massG));
          const body = { ...emptyBody(family), method, parts: [mainOf(lines)] };
          const evaluation = evaluate(body, { ...USUAL_CONDITIONS, humidityPct });
          expect(notANumber(evaluation)).toEqual([]);
          for (const { message, todo, numbers, source } of evaluation.findings) {
            expect(message).toMatch(/[.!]$/);
            expect(todo).toMatch(/[.!]$/);
            expect(source).not.toBe('');
            expect(Object.values(numbers).every(Number.isFinite)).toBe(true);
          }
        },
      ),
      { seed: 311, numRuns: 250 },
    );
  });

  it('stops borax on skin and welcomes it in a dishwasher', () => {
    const text = '200 g washing soda\n200 g borax\n60 g citric acid\n30 g vinegar';
    const stops = (family: Family) =>
      evaluate(bodyFrom(text, family, 'silicone'), USUAL_CONDITIONS).findings.filter(
        (f) => f.severity === 'stop',
      );
    expect(stops('bath-bomb').map(({ code }) => code)).toEqual([
      'borax-in-bath-product',
      'alkali-in-bath-product',
    ]);
    expect(stops('cleaning-fizzy')).toEqual([]);
  });

  it('has no cosmetic caution for a cleaning piece', () => {
    const found = codesOf(
      '200 g washing soda\n60 g citric acid\n2 g lemon oil\n5 g slsa',
      'cleaning-fizzy',
    );
    for (const code of ['phototoxic-oil', 'detergent-bath-caution', 'slip-caution'])
      expect(found).not.toContain(code);
  });

  it('speaks of the room only outside its working range', () => {
    expect(codes(bodyFrom(PLAIN), { humidityPct: 36 })).toContain('humidity-low');
    expect(codes(bodyFrom(PLAIN), { humidityPct: 60 })).toContain('humidity-high');
    for (const humidityPct of [40, 45, 50, 55])
      expect(
        codes(bodyFrom(PLAIN), { humidityPct }).filter((code) => code.startsWith('humidity')),
      ).toEqual([]);
  });

  it('puts what is gravest first', () => {
    const severities = evaluate(
      bodyFrom(`${PLAIN}\n10 g borax\n9 g water`),
      USUAL_CONDITIONS,
    ).findings.map((f) => f.severity);
    const ranks = severities.map((s) => ['stop', 'warning', 'advice', 'info'].indexOf(s));
    expect(ranks).toEqual([...ranks].sort((a, b) => a - b));
  });

  it.each([
    ['acid-excess', '100 g baking soda\n100 g citric acid'],
    ['soda-excess-high', '300 g baking soda\n100 g citric acid monohydrate'],
    ['too-dry', '200 g baking soda\n110 g citric acid\n5 g castor oil'],
    ['too-wet', `${PLAIN}\n30 g castor oil`],
    ['oil-without-emulsifier', PLAIN.replace('4 g polysorbate 80', '')],
  ])('offers a cure for %s that cures it', (code, text) => {
    const body = bodyFrom(text);
    const fix = evaluate(body, USUAL_CONDITIONS).findings.find(
      (finding) => finding.code === code,
    )?.fix;
    if (!fix) throw new Error(`no cure for ${code}`);
    expect(codes(addMass(body, fix.materialId, fix.massG * 1.001))).not.toContain(code);
    expect(codes(addMass(body, fix.materialId, fix.massG * 0.8))).toContain(code);
  });
});

describe('tryEvaluate', () => {
  it.each([
    ['humidityPct must be 0 to 100, got NaN', { humidityPct: NaN }],
    ['humidityPct must be 0 to 100, got 140', { humidityPct: 140 }],
    ['tub.volumeL must be over 0, got 0', { tub: { ...USUAL_CONDITIONS.tub, volumeL: 0 } }],
    ['tub.tempC must be 0 to 100, got 130', { tub: { ...USUAL_CONDITIONS.tub, tempC: 130 } }],
    ['pieceG must be over 0, or null, got -3', { pieceG: -3 }],
  ] as const)('%s', (message, change) => {
    const result = tryEvaluate(bodyFrom(PLAIN), { ...USUAL_CONDITIONS, ...change });
    expect(result).toMatchObject({ ok: false, problem: { message } });
  });

  it.each([NaN, Infinity, -1])('names a mass of %d', (massG) => {
    const parts = [mainOf([{ ...newLine('borax', 1), massG }])];
    const broken = { ...bodyFrom(PLAIN), parts };
    expect(tryEvaluate(broken, USUAL_CONDITIONS)).toMatchObject({
      ok: false,
      problem: { argument: 'massG of borax', range: '0 or more' },
    });
  });

  it.each(['1 g water', '5 g castor oil', '0.0001 g mica'])('reads %s without a NaN', (text) => {
    const result = tryEvaluate(bodyFrom(text), USUAL_CONDITIONS);
    if (!result.ok) throw new Error(result.problem.message);
    expect(notANumber(result.evaluation)).toEqual([]);
  });
});

/** Paths in a reading that hold no number where one should be. */
function notANumber(value: unknown, path = ''): readonly string[] {
  if (typeof value === 'number') return Number.isFinite(value) ? [] : [path];
  if (value === null || typeof value !== 'object') return [];
  return Object.entries(value).flatMap(([key, part]) => notANumber(part, `${path}.${key}`));
}

describe('contractAnswer', () => {
  it('has the contract’s keys, and null where no model speaks yet', () => {
    const body = bodyFrom(LANTERN);
    const answer = contractAnswer(body, evaluate(body, USUAL_CONDITIONS), { count: 10 });
    expect(Object.keys(answer)).toEqual(
      'lines unread totals fizz water binder scent color piece findings'.split(' '),
    );
    expect(answer.water.phFresh).toBeGreaterThan(5);
    expect(answer.water.phAir).toBeGreaterThan(answer.water.phFresh ?? 0);
    expect(answer.color).toEqual({
      powderHex: expect.stringMatching(/^#[0-9a-f]{6}$/),
      waterHex: expect.stringMatching(/^#[0-9a-f]{6}$/),
    });
    expect(answer.totals.massG).toBeCloseTo(answer.totals.solidG + answer.totals.liquidG, 9);
    expect(answer.piece.massG).toBeCloseTo(answer.totals.massG / 10, 9);
    expect(answer.lines.filter(({ part }) => part === 'embed')).toHaveLength(2);
    expect(JSON.parse(JSON.stringify(answer))).toEqual(answer);
  });
});
