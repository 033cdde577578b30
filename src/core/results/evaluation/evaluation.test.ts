import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { LANTERN, bodyFrom, shipped } from '../../../../tests/fixtures/bodies';
import { notANumber } from '../../../../tests/fixtures/readings';
import { allLines, setLineMass } from '@/core/formula/model/edit';
import { emptyBody, newLine, newPart } from '@/core/formula/model/create';
import type { Family, Line, Method, Part } from '@/core/formula/model/schema';
import { contractAnswer } from './contract';
import { evaluate } from './evaluate';
import { gasTrace } from './gasTrace';
import { tryEvaluate } from './problem';
import { USUAL_CONDITIONS, type Conditions } from '../conditions/types';
import {
  FLOATS_UNDER,
  FOAM_STANDS,
  SHARE_KEPT,
  WEAR_SPEED,
  askedOf,
  taughtBy,
} from '../learning/quantities';
import { SHIPPED } from '@/core/matter/materials/catalog';

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
    const felt = { feltDry: 1, feltWet: 0 };
    const damp = { estimate: 1.2, low: 1.1, high: 1.3, records: 6, prior, shift: 1.2, ...felt };
    const seen = (overModel: number) => ({ overModel, modelLog: 0 });
    const wear = taughtBy(WEAR_SPEED, [seen(0.5), seen(0.5), seen(0.52), seen(0.48)]);
    const floats = taughtBy(FLOATS_UNDER, [{ densityGMl: 1.3, floated: true }]);
    const foam = taughtBy(FOAM_STANDS, [{ overModel: 2 }, { overModel: 2 }]);
    const share = taughtBy(SHARE_KEPT, [{ share: 0.8, weeks: 4 }]);
    const learned = { damp, wear, floats, foam, share };
    const own = evaluate(body, { ...USUAL_CONDITIONS, learned });
    expect(own.binder.window.lowPct).toBeCloseTo(shipped.binder.window.lowPct * 1.2, 9);
    expect(own.binder.ownBatches).toBe(6);
    if (own.lasting?.kind !== 'dropped' || shipped.lasting?.kind !== 'dropped')
      throw new Error('a bomb is dropped');
    const { modelLog } = shipped.lasting;
    const { estimate, low } = askedOf(WEAR_SPEED, wear, { modelLog });
    expect(estimate).toBeLessThan(0.7);
    expect(own.lasting.goneS.best).toBeCloseTo(shipped.lasting.goneS.best / estimate, 6);
    expect(own.lasting.goneS.high).toBeCloseTo(shipped.lasting.goneS.best / low, 6);
    expect([shipped.lasting.ownTrials, own.lasting.ownTrials]).toEqual([0, 4]);
    expect([shipped.kept, own.kept?.records]).toEqual([null, 1]);
    expect(own.kept?.estimate).toBeLessThan(0.95);
    expect(own.surface?.foamCm.best ?? 0).toBeGreaterThanOrEqual(
      shipped.surface?.foamCm.best ?? Infinity,
    );
    expect(own.surface?.ownTrials).toBe(2);
    // A piece pressed to 1.3 that floated: what sank for sure may float now.
    const pressed = { ...body, method: 'press' } as const;
    const buoyancy = (conditions: Conditions) => {
      const { lasting } = evaluate(pressed, conditions);
      return lasting?.kind === 'dropped' ? lasting.buoyancy : null;
    };
    expect(buoyancy(USUAL_CONDITIONS)).toBe('sinks');
    expect(buoyancy({ ...USUAL_CONDITIONS, learned })).not.toBe('sinks');
    // Own fills at half of that density wear faster.
    const packed = { densityGMl: { low: 0.5, best: 0.55, high: 0.6 }, records: 9 };
    const light = evaluate(body, { ...USUAL_CONDITIONS, learned: { packed } });
    expect(light.lasting).toMatchObject({ buoyancy: 'floats' });
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
  it.each([
    ['a bomb', PLAIN, 'bath-bomb', 'press'],
    ['salts', '400 g epsom salt\n220 g baking soda\n120 g citric acid', 'fizzing-salts', 'loose'],
  ] as const)('has all of the gas of %s under each curve', (_what, text, family, method) => {
    const body = bodyFrom(text, family, method);
    const evaluation = evaluate(body, { ...USUAL_CONDITIONS, pieceG: 100 });
    const points = gasTrace(evaluation, 100);
    const stepS = (points[1]?.seconds ?? 0) - (points[0]?.seconds ?? 0);
    const all = (evaluation.fizz.co2L * 100) / evaluation.totalG;
    // Each point is the mean of its stretch, the first and the last of half a one.
    const litersOut = points.reduce(
      (sum, { mlPerS }, i) =>
        sum + mlPerS.best * (i === 0 || i === points.length - 1 ? stepS / 2 : stepS),
      0,
    );
    expect(litersOut / 1000).toBeCloseTo(all, 9);
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

describe('tryEvaluate', () => {
  it.each([
    ['humidityPct must be 0–100, got NaN', { humidityPct: NaN }],
    ['humidityPct must be 0–100, got 140', { humidityPct: 140 }],
    ['tub.volumeL must be over 0, got 0', { tub: { ...USUAL_CONDITIONS.tub, volumeL: 0 } }],
    ['tub.tempC must be 0–100, got 130', { tub: { ...USUAL_CONDITIONS.tub, tempC: 130 } }],
    ['pieceG must be over 0, or null, got -3', { pieceG: -3 }],
  ] as const)('%s', (message, change) => {
    const result = tryEvaluate(bodyFrom(PLAIN), { ...USUAL_CONDITIONS, ...change });
    expect(result).toMatchObject({ ok: false, problem: { message } });
  });

  it.each([NaN, Infinity, -1])('names a mass of %d', (massG) => {
    const parts = [mainOf([{ ...newLine(shipped('borax'), 1), massG }])];
    const broken = { ...bodyFrom(PLAIN), parts };
    expect(tryEvaluate(broken, USUAL_CONDITIONS)).toMatchObject({
      ok: false,
      problem: { argument: 'massG of borax', range: '0 or more' },
    });
  });

  it.each(['1 g water', '5 g castor oil', '0.0001 g mica'])('reads %s without a NaN', (text) => {
    const result = tryEvaluate(bodyFrom(text), USUAL_CONDITIONS);
    if (!result.ok) throw new Error(result.problem.message);
    expect(notANumber(result.value)).toEqual([]);
  });
});

describe('contractAnswer', () => {
  it('has the contract’s keys, and null where no model speaks yet', () => {
    const body = bodyFrom(LANTERN);
    const answer = contractAnswer(
      body,
      evaluate(body, USUAL_CONDITIONS),
      { count: 10 },
      {
        catalog: SHIPPED,
        familyGuessed: false,
        askedParts: [],
        page: null,
      },
    );
    expect(Object.keys(answer)).toEqual(
      'family familyGuessed lines unread asked notes actions totals fizz water binder scent color piece findings'.split(
        ' ',
      ),
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
