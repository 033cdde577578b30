import { describe, expect, it } from 'vitest';
import { LANTERN, bodyFrom } from '../../../tests/fixtures/bodies';
import { addLine, addPart, keepVersion, newFormula, type FormulaBody } from '../formula';
import { planSteps, weighedLineIds } from '../making';
import { materialById } from '../materials';
import { exactly } from '../units';
import { USUAL_REQUEST, planScale, type ScaleRequest } from '../scaling';
import {
  awayHours,
  batchSchema,
  clockBehindS,
  bowlContents,
  currentStep,
  giveUp,
  goBack,
  goOn,
  lastDeed,
  lastRescaling,
  nextBatchCode,
  openSqueeze,
  record,
  rescale,
  rescalingFor,
  roomOf,
  settleStep,
  standing,
  startBatch,
  strikeEntry,
  timerLeftS,
  undoLast,
  weighedLines,
  weighedEntry,
  weighedRatio,
  type Batch,
} from '.';

const REQUEST: ScaleRequest = {
  ...USUAL_REQUEST,
  want: { kind: 'total', massG: 1000 },
  mold: { shape: 'sphere', diameterMm: 60 },
  scaleStepG: 0.1,
  lossPct: 0,
};
const READINGS = {
  modelsVersion: '1',
  sodaToAcidByMass: 1.9,
  balanceSodaToAcidByMass: 1.31,
  dampIndexPct: 12,
  windowLowPct: 10,
  windowHighPct: 17,
  freeWaterPct: 0.4,
  scentLoadPct: 0.7,
  co2L: 100,
};
let minute = 0;
const now = () => new Date(Date.UTC(2026, 3, 18, 9, minute++)).toISOString();

function begun(body: FormulaBody = bodyFrom(LANTERN)): Batch {
  const formula = keepVersion(newFormula('Quince Lantern', body, now()), now());
  const planned = planScale(body, REQUEST);
  if (!planned.ok) throw new Error(planned.problem.message);
  return startBatch({
    formula,
    request: REQUEST,
    plan: planned.plan,
    readings: READINGS,
    code: 'QL-001',
    now: now(),
  });
}

/** Settles steps as a careful maker does, up to the first one that matches. */
function workTo(batch: Batch, stop: (stepId: string) => boolean): Batch {
  for (let step = currentStep(batch); step && !stop(step.id); step = currentStep(batch)) {
    if (step.kind === 'weigh')
      batch = settleStep(batch, weighedEntry(step, step.targetG, 'typed'), now());
    else if (step.kind === 'split')
      batch = settleStep(batch, { kind: 'split', share: step.share, name: 'dusk' }, now());
    else if (step.kind === 'room')
      batch = settleStep(batch, { kind: 'room', humidityPct: 46, tempC: 19.5 }, now());
    else if (step.kind === 'squeeze')
      batch = settleStep(batch, { kind: 'squeezed', acidIn: step.acidIn, felt: 'right' }, now());
    else if (step.kind === 'count')
      batch = settleStep(batch, { kind: 'counted', pieces: 9, rejects: 1 }, now());
    else batch = settleStep(batch, { kind: 'done' }, now());
  }
  return batch;
}

describe('the order of the work', () => {
  const kindsOf = (batch: Batch) =>
    batch.steps.map((step) =>
      step.kind === 'weigh' ? materialById(step.materialId).role : step.id,
    );

  it('is acid last: powders, color with its water, wet beaker, squeeze, acid, squeeze', () => {
    expect(kindsOf(begun())).toEqual([
      'room',
      'base',
      'starch',
      'sieve',
      'base',
      'acid',
      'color',
      'watery',
      'bloom',
      'mix-dry',
      'oil',
      'butter',
      'emulsifier',
      'scent',
      'melt',
      'mix-wet',
      'scrape',
      'squeeze-before',
      'acid',
      'mix-acid',
      'spray',
      'squeeze-after',
      'press',
      'count',
      'later:turn',
      'later:wrap',
    ]);
  });

  it('weighs the acid with the powders when all dry goes first, with one squeeze', () => {
    const kinds = kindsOf(begun({ ...bodyFrom(LANTERN), school: 'all-dry-first' }));
    expect(kinds.indexOf('acid')).toBeLessThan(kinds.indexOf('mix-dry'));
    expect(kinds.filter((kind) => kind.startsWith('squeeze'))).toEqual(['squeeze-before']);
    expect(kinds).not.toContain('mix-acid');
  });

  it('weighs every line of every part exactly once, in either order', () => {
    for (const school of ['acid-last', 'all-dry-first'] as const) {
      const body = { ...bodyFrom(LANTERN), school };
      const planned = planScale(body, REQUEST);
      const steps = planned.ok
        ? planSteps(body, planned.plan.lines, { pieceG: 100, pieces: 9, stepG: 0.1 })
        : [];
      const lineIds = body.parts.flatMap((part) => part.lines.map(({ id }) => id));
      expect([...weighedLineIds(steps)].sort()).toEqual([...lineIds].sort());
    }
  });

  it('leaves out what a bare formula does not need', () => {
    expect(kindsOf(begun(bodyFrom('200 g baking soda\n100 g citric acid')))).toEqual([
      'room',
      'base',
      'sieve',
      'mix-dry',
      'squeeze-before',
      'acid',
      'mix-acid',
      'spray',
      'squeeze-after',
      'press',
      'count',
      'later:turn',
      'later:wrap',
    ]);
  });

  it('has what the family and the parts ask for: menthol, icing, paint, loose salts, packs', () => {
    const idsOf = (body: FormulaBody) => begun(body).steps.map(({ id }) => id);
    const steamer = bodyFrom(
      '500 g baking soda\n330 g citric acid\n18 g menthol\n38 g 99% isopropyl alcohol',
    );
    expect(idsOf({ ...steamer, family: 'shower-steamer' })).toContain('dissolve');
    const dressed = bodyFrom(
      '500 g baking soda\n330 g citric acid\n20 g almond oil\nIcing:\n40 g baking soda\nPaint:\n2 g blue mica',
    );
    expect(idsOf(dressed).slice(-4)).toEqual([
      'later:turn',
      'later:ice',
      'later:paint',
      'later:wrap',
    ]);
    const salts = bodyFrom(
      '400 g epsom salt\n200 g baking soda\n110 g citric acid\n12 g lavender essential oil',
    );
    const loose = idsOf({ ...salts, family: 'fizzing-salts', method: 'loose' });
    expect(loose).toContain('soak');
    expect(loose).not.toContain('spray');
    expect(loose.slice(-1)).toEqual(['later:wrap']);
    expect(idsOf({ ...dressed, method: 'in-pack' })).not.toContain('later:turn');
  });
});

describe('a bowl of two colors', () => {
  const twoColors = (dye: string) => {
    const body = addPart(
      bodyFrom('600 g baking soda\n300 g citric acid\n40 g almond oil'),
      'split',
    );
    const half = body.parts[1];
    if (!half) throw new Error('a split was added');
    return addLine(body, half.id, dye, exactly(4));
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
      { kind: 'added', materialId: 'water', massG: 2, squirts: 3, why: 'dry', bowl: 2 },
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
    ).toEqual(['bowl', 'second bowl']);
  });
});

describe('too much of one', () => {
  const sodaOver = () => {
    const start = workTo(begun(), (id) => id.startsWith('weigh:'));
    const weighed = workTo(start, (id) => id !== currentStep(start)?.id);
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
    expect(weighedRatio(done)).toBeCloseTo(weighedRatio(workTo(begun(), () => false)) ?? 0, 1);
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
    const entry = lastRescaling(over);
    if (!entry) throw new Error('a rescaling was written');
    const back = strikeEntry(over, entry.id, now());
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
    expect(undone.entries.at(-1)?.struckAt).not.toBeNull();
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

describe('a batch', () => {
  it('keeps what was weighed beside what was planned, and its ratio', () => {
    const done = workTo(begun(), () => false);
    expect(done).toMatchObject({ outcome: 'made', finishedAt: expect.any(String) });
    expect(weighedLines(done).every((line) => line.massG === line.targetG)).toBe(true);
    expect(weighedRatio(done)).toBeCloseTo(1070 / 570, 2);
    expect(roomOf(done)).toMatchObject({ humidityPct: 46, tempC: 19.5 });
    expect(batchSchema.parse(JSON.parse(JSON.stringify(done)))).toEqual(done);
  });

  it('strikes the first weight when a line is weighed again, and keeps both', () => {
    const weighed = workTo(begun(), (id) => id === 'sieve');
    const back = goBack(weighed);
    const step = currentStep(back);
    if (step?.kind !== 'weigh') throw new Error('a weighing was expected');
    const again = settleStep(
      back,
      {
        kind: 'weighed',
        lineId: step.lineId,
        materialId: step.materialId,
        targetG: step.targetG,
        massG: 40,
        by: 'typed',
      },
      now(),
    );
    const entries = again.entries.filter((entry) => entry.stepId === step.id);
    expect(entries.map(({ struckAt }) => struckAt !== null)).toEqual([true, false]);
    expect(weighedLines(again).find(({ lineId }) => lineId === step.lineId)?.massG).toBe(40);
  });

  it('goes back and on again without writing anything', () => {
    const batch = workTo(begun(), (id) => id === 'mix-dry');
    const there = goOn(goBack(batch));
    expect(there).toEqual(batch);
    expect(goOn(there)).toBe(there);
    expect(goBack(begun()).currentStep).toBe(0);
  });

  it('waits on a dry squeeze until something is added, and counts that into the bowl', () => {
    const squeezing = workTo(begun(), (id) => id === 'squeeze-after');
    const dry = record(squeezing, { kind: 'squeezed', acidIn: true, felt: 'too-dry' }, now());
    expect(openSqueeze(dry, 'squeeze-after')?.felt).toBe('too-dry');
    expect(goOn(dry)).toBe(dry);
    const bowlG = (batch: Batch) => bowlContents(batch).reduce((sum, { massG }) => sum + massG, 0);
    const cured = record(
      dry,
      {
        kind: 'added',
        materialId: 'sweet-almond-oil',
        massG: 1,
        squirts: null,
        why: 'squeezed too dry',
      },
      now(),
    );
    expect(openSqueeze(cured, 'squeeze-after')).toBeNull();
    expect(bowlG(cured)).toBeCloseTo(bowlG(dry) + 1, 9);
    const taken = strikeEntry(cured, cured.entries.at(-1)?.id ?? '', now());
    expect(bowlG(taken)).toBeCloseTo(bowlG(dry), 9);
    expect(taken.entries).toHaveLength(cured.entries.length);
  });

  it('leaves the embed out of the bowl', () => {
    const done = workTo(begun(), () => false);
    const citric = bowlContents(done).filter(({ materialId }) => materialId === 'citric-acid');
    expect(citric).toHaveLength(1);
    expect(
      standing(done, 'weighed').filter(({ materialId }) => materialId === 'citric-acid'),
    ).toHaveLength(2);
  });

  it('runs a timer from the record, whatever the page did in between', () => {
    const mixing = workTo(begun(), (id) => id === 'mix-dry');
    expect(timerLeftS(mixing, 'mix-dry', Date.now())).toBeNull();
    const at = '2026-04-18T10:00:00.000+00:00';
    const started = record(mixing, { kind: 'timer', seconds: 600 }, at);
    expect(timerLeftS(started, 'mix-dry', Date.parse(at) + 90_000)).toBe(510);
    expect(timerLeftS(started, 'mix-dry', Date.parse(at) + 630_000)).toBe(-30);
    expect(timerLeftS(started, 'mix-dry', Date.parse(at) - 99_000)).toBe(600);
  });

  it('can be given up with everything written', () => {
    const half = workTo(begun(), (id) => id === 'squeeze-before');
    const given = giveUp(half, now());
    expect(given.outcome).toBe('given up');
    expect(given.entries).toEqual(half.entries);
  });

  it('needs a kept version to be made from', () => {
    const formula = newFormula('Quince Lantern', bodyFrom(LANTERN), now());
    const { request, readings, code } = { request: REQUEST, readings: READINGS, code: 'QL-001' };
    const planned = planScale(formula.body, REQUEST);
    if (!planned.ok) throw new Error(planned.problem.message);
    expect(() =>
      startBatch({ formula, request, plan: planned.plan, readings, code, now: now() }),
    ).toThrow(/must have a kept version/);
  });
});

describe('nextBatchCode', () => {
  it.each([
    ['Quince Lantern', [], 'QL-001'],
    ['Quince Lantern', ['QL-001', 'QL-117', 'BW-200'], 'QL-118'],
    ['Untitled', ['QL-001'], 'UNT-001'],
    ['70 mm no. 4', [], '7MN-001'],
    ['***', [], 'B-001'],
  ])('%s after %j is %s', (name, existing, code) => {
    expect(nextBatchCode(name, existing)).toBe(code);
  });
});
