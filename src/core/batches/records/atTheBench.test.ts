import { describe, expect, it } from 'vitest';
import { bodyFrom, shipped } from '../../../../tests/fixtures/bodies';
import { addLine } from '@/core/formula/model/edit';
import { addPart } from '@/core/formula/model/parts';
import { lanesOf, meanwhile } from '@/core/work/bench-steps/lanes';
import { exactly } from '@/core/basics/units/spread';
import { awayHours, clockBehindS } from './timer';
import { bowlContents, mixToCome } from './bowl';
import { currentStep, stepsFor, record, settleStep } from './batch';
import { lastDeed, undoLast } from './undoLast';
import { restAsPlanned, weighingsAhead } from './asPlanned';
import { rescale } from './rescale';
import { rescalingFor } from './rescaling';
import { roomOf, standing, weighedLines, weighedRatio } from './summary';
import { voidEntry } from './voidEntry';
import type { Batch } from './schema';
import { begun, now, workTo } from '../../../../tests/fixtures/bench';
import { SHIPPED } from '@/core/matter/materials/catalog';

describe('a bowl of two colors', () => {
  const twoColors = (dye: string) => {
    const body = addPart(
      bodyFrom('600 g baking soda\n300 g citric acid\n40 g almond oil'),
      'split',
    );
    const half = body.parts[1];
    if (!half) throw new Error('a split was added');
    return addLine(body, half.id, shipped(dye), exactly(4));
  };

  it('is weighed once and parted dry, each line with its share', () => {
    const batch = begun(twoColors('blue-mica'));
    const ids = batch.steps.map(({ id }) => id);
    const sodas = batch.steps.filter(({ title }) => title === 'Baking soda');
    expect(sodas).toHaveLength(1);
    const parted = ids.findIndex((id) => id.startsWith('split:'));
    expect(parted).toBeGreaterThan(ids.indexOf('squeeze-after'));
    expect(parted).toBeLessThan(ids.indexOf('press'));
    const done = workTo(batch, (id) => id === 'press');
    const grams = (bowl: 1 | 2) =>
      bowlContents(done, bowl).reduce((sum, { massG }) => sum + massG, 0);
    const plannedG = (i: number) => {
      const partId = done.body.parts[i]?.id;
      return done.plan.lines
        .filter((line) => line.partId === partId)
        .reduce((sum, { targetG }) => sum + targetG, 0);
    };
    expect(grams(1)).toBeCloseTo(plannedG(0), 6);
    expect(grams(2)).toBeCloseTo(plannedG(1), 6);
    for (const line of weighedLines(done)) expect(line.massG).toBeCloseTo(line.targetG, 6);
    // What is added now goes where it is said.
    const wet = record(
      done,
      { kind: 'added', materialId: 'water', massG: 2, squirts: 3, why: 'too-dry', bowl: 2 },
      now(),
    );
    expect(bowlContents(wet, 2).at(-1)).toEqual({ materialId: 'water', massG: 2 });
    expect(bowlContents(wet, 1)).toEqual(bowlContents(done, 1));
  });

  it('is parted before the acid when its dye is bloomed, and each bowl gets its own acid', () => {
    const batch = begun(twoColors('yellow-5-dye'));
    const ids = batch.steps.map(({ id }) => id);
    expect(ids.findIndex((id) => id.startsWith('split:'))).toBeLessThan(
      ids.indexOf('squeeze-before'),
    );
    expect(
      batch.steps.flatMap((step) =>
        step.kind === 'weigh' && step.title.startsWith('Citric') ? [step.vessel] : [],
      ),
    ).toEqual(['bowl', 'second-bowl']);
  });
});

describe('too much of one', () => {
  const sodaOver = () => {
    // The second powder of the main mix; the embed was made before it.
    const [, second] = begun().body.parts[0]?.lines ?? [];
    const batch = begun();
    const at = batch.body.parts[0]?.lines[1]?.id ?? second?.id;
    const weighed = workTo(batch, (id) => id === `weigh:${at}`);
    const step = currentStep(weighed);
    if (step?.kind !== 'weigh') throw new Error('a weighing was expected');
    return { weighed, step };
  };

  it('makes the rest of its part match: what is ahead grows, what lies in the bowl is topped up', () => {
    const { weighed, step } = sodaOver();
    const first = weighedLines(weighed)[0];
    const over = rescale(weighed, step, { massG: step.targetG * 1.1, by: 'typed' }, now());
    const topUp = currentStep(over);
    expect(topUp).toMatchObject({ kind: 'weigh', lineId: first?.lineId });
    if (topUp?.kind !== 'weigh') throw new Error('a top-up was expected');
    expect(topUp.targetG).toBeCloseTo((first?.massG ?? 0) * 0.1, 0);
    const done = workTo(over, () => false);
    const main = done.plan.lines.filter(({ partId }) => partId === done.body.parts[0]?.id);
    const weights = new Map(weighedLines(done).map((line) => [line.lineId, line.massG ?? 0]));
    for (const { lineId, targetG } of main.filter((line) => line.targetG > 5))
      expect((weights.get(lineId) ?? 0) / targetG).toBeCloseTo(1.1, 1);
    expect(weighedRatio(done, SHIPPED)).toBeCloseTo(
      weighedRatio(
        workTo(begun(), () => false),
        SHIPPED,
      ) ?? 0,
      1,
    );
  });

  it('leaves other dishes alone, and comes back whole when it is struck', () => {
    const { weighed, step } = sodaOver();
    const over = rescale(weighed, step, { massG: step.targetG * 1.2, by: 'typed' }, now());
    const embed = over.body.parts[1];
    const targets = (batch: Batch) =>
      batch.steps.flatMap((one) => (one.kind === 'weigh' ? [[one.id, one.targetG] as const] : []));
    for (const { id } of embed?.lines ?? [])
      expect(targets(over).find(([stepId]) => stepId === `weigh:${id}`)).toEqual(
        targets(weighed).find(([stepId]) => stepId === `weigh:${id}`),
      );
    const entry = standing(over, 'rescaled').at(-1);
    if (!entry) throw new Error('a rescaling was written');
    const back = voidEntry(over, entry.id, now());
    expect(back.steps.map(({ id }) => id)).toEqual(weighed.steps.map(({ id }) => id));
    for (const [i, [, targetG]] of targets(weighed).entries())
      expect(targets(back)[i]?.[1]).toBeCloseTo(targetG, 1);
  });

  it('comes back whole when it is taken back deed by deed', () => {
    const { weighed, step } = sodaOver();
    const over = rescale(weighed, step, { massG: step.targetG * 1.2, by: 'typed' }, now());
    const back = undoLast(undoLast(over, now()), now());
    expect(currentStep(back)).toEqual(step);
    expect(back.steps.map(({ id }) => id)).toEqual(weighed.steps.map(({ id }) => id));
    const sum = (batch: Batch) =>
      batch.steps.reduce((total, one) => total + (one.kind === 'weigh' ? one.targetG : 0), 0);
    expect(sum(back)).toBeCloseTo(sum(weighed), 0);
  });

  it('is nothing to match without a target, another line, or an over-pour', () => {
    const { weighed, step } = sodaOver();
    expect(rescalingFor(weighed, step, step.targetG)).toBeNull();
    expect(rescalingFor(weighed, { ...step, targetG: 0 }, 10)).toBeNull();
  });
});

describe('taking back', () => {
  it('strikes the last thing done, and goes back to the step it settled', () => {
    const weighed = workTo(begun(), (id) => id === 'sieve');
    const undone = undoLast(weighed, now());
    expect(currentStep(undone)?.kind).toBe('weigh');
    expect(undone.entries.at(-1)?.voidedAt).not.toBeNull();
    const sprayed = record(
      weighed,
      { kind: 'added', materialId: 'water', massG: 0.7, squirts: 1, why: 'sprayed' },
      now(),
    );
    const dry = undoLast(sprayed, now());
    expect(currentStep(dry)?.id).toBe('sieve');
    expect(standing(dry, 'added')).toEqual([]);
    expect(lastDeed(begun())).toBeNull();
  });
});

describe('what is written along the way', () => {
  it('stays when the step it was written at is settled: a room, a split, a squeeze at the press', () => {
    const mixing = workTo(begun(), (id) => id === 'mix-dry');
    const read = record(mixing, { kind: 'room', humidityPct: 61, tempC: 22 }, now());
    const parted = record(read, { kind: 'split', share: 0.4, name: 'dusk' }, now());
    const on = settleStep(parted, { kind: 'done' }, now());
    expect(roomOf(on)?.humidityPct).toBe(61);
    expect(standing(on, 'split')).toHaveLength(1);
    const pressing = workTo(begun(), (id) => id === 'press');
    const felt = record(pressing, { kind: 'squeezed', acidIn: true, felt: 'right' }, now());
    const pressed = settleStep(felt, { kind: 'done' }, now());
    expect(standing(pressed, 'squeezed')).toHaveLength(3);
  });
});

describe('the clock', () => {
  it('that was set back is said, and what was away is counted in hours', () => {
    const batch = workTo(begun(), (id) => id === 'sieve');
    const newest = Date.parse(batch.entries.at(-1)?.at ?? '');
    expect(clockBehindS(batch, newest - 7_200_000)).toBe(7200);
    expect(clockBehindS(batch, newest + 1000)).toBe(0);
    const at = (hours: number) => new Date(newest + hours * 3_600_000).toISOString();
    const back = record(record(batch, { kind: 'paused' }, at(0)), { kind: 'resumed' }, at(14));
    expect(awayHours(back)).toBeCloseTo(14, 6);
    expect(awayHours(batch)).toBeNull();
  });
});

describe('worked from paper', () => {
  it('enters all that is ahead as planned, squeezes left out, up to the count', () => {
    const begun1 = workTo(begun(), (id) => id.startsWith('weigh:'));
    const ahead = weighingsAhead(begun1);
    const done = restAsPlanned(begun1, now());
    expect(currentStep(done)?.kind).toBe('count');
    expect(weighingsAhead(done)).toBe(0);
    const weighed = standing(done, 'weighed');
    expect(weighed).toHaveLength(ahead);
    expect(
      weighed.every(({ by, massG, targetG }) => by === 'as-planned' && massG === targetG),
    ).toBe(true);
    expect(standing(done, 'squeezed')).toEqual([]);
    expect(weighedLines(done).every(({ massG }) => massG !== null)).toBe(true);
  });

  it('counts what the recipe sprays into its line, and expects the rest of it before', () => {
    const plain = bodyFrom('600 g baking soda\n300 g citric acid\n12 g witch hazel');
    const [main, ...others] = plain.parts;
    if (!main) throw new Error('there is a main mix');
    const sprayed = {
      ...plain,
      parts: [
        {
          ...main,
          lines: main.lines.map((line) =>
            line.materialId === 'witch-hazel' ? { ...line, how: 'sprayed' as const } : line,
          ),
        },
        ...others,
      ],
    };
    const hazelG = (of: readonly { readonly materialId: string; readonly massG: number }[]) =>
      of.reduce((sum, one) => (one.materialId === 'witch-hazel' ? sum + one.massG : sum), 0);
    const at = workTo(begun(sprayed), (id) => id.startsWith('spray'));
    const step = currentStep(at);
    if (step?.kind !== 'spray' || step.lineId === undefined)
      throw new Error('a spray was expected');
    expect(hazelG(mixToCome(at))).toBeCloseTo(step.targetG ?? 0, 9);
    const half = record(
      at,
      {
        kind: 'added',
        materialId: 'witch-hazel',
        massG: 5,
        squirts: 7,
        why: 'sprayed',
        lineId: step.lineId,
      },
      now(),
    );
    expect(hazelG(mixToCome(half))).toBeCloseTo((step.targetG ?? 0) - 5, 9);
    expect(weighedLines(half).find(({ lineId }) => lineId === step.lineId)?.massG).toBe(5);
    expect(hazelG(bowlContents(half))).toBe(5);
  });
});

describe('what waits for the pieces', () => {
  it('is weighed behind its own tending, after the bench has ended', () => {
    const batch = begun(
      bodyFrom(
        '600 g baking soda\n300 g citric acid\nIcing:\n90 g powdered sugar\n18 g water\nPaint:\n1 g gold mica\n4 g almond oil',
      ),
    );
    const done = workTo(batch, () => false);
    expect(done.outcome).toBe('made');
    const titles = (what: 'ice' | 'paint') => {
      const later = done.steps.find((step) => step.kind === 'later' && step.what === what);
      return stepsFor(done, later?.id ?? '').flatMap((step) =>
        step.kind === 'weigh' ? [step.title] : [],
      );
    };
    expect(titles('ice')).toEqual(['Powdered sugar', 'Water']);
    expect(titles('paint')).toEqual(['Gold mica', 'Sweet almond oil']);
    expect(weighedLines(done).filter(({ massG }) => massG === null)).toHaveLength(4);
  });

  it('says what goes on beside a mix, up to the step that wants the bowl again', () => {
    const { steps } = begun();
    const mixing = steps.findIndex(({ id }) => id === 'mix-dry');
    expect(meanwhile(steps, mixing).map(({ title }) => title)).toEqual([
      'Shea butter',
      'Melt it',
      'Pour the pan into the beaker',
    ]);
    expect(meanwhile(steps, mixing - 1)).toEqual([]);
    const { names, steps: placed } = lanesOf(steps);
    expect(names).toContain('Embed, dish');
    expect(placed.at(-1)).toMatchObject({
      from: expect.closeTo(1 - (placed.at(-1)?.width ?? 0), 9),
    });
  });
});
