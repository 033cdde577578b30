import { describe, expect, it } from 'vitest';
import { LANTERN, bodyFrom } from '../../../../tests/fixtures/bodies';
import { newFormula } from '@/core/formula/model/create';
import { SHIPPED } from '@/core/matter/materials/catalog';
import { planScale } from '@/core/work/scaling/plan';
import { batchSchema, type Batch } from './schema';
import { bowlContents } from './bowl';
import { currentStep, giveUp, goBack, goOn, goTo, record, settleStep, startBatch } from './batch';
import { nextBatchCode } from './batchCode';
import { openSqueeze, roomOf, standing, weighedLines, weighedRatio } from './summary';
import { voidEntry } from './voidEntry';
import { timerLeftS } from './timer';
import { READINGS, REQUEST, begun, now, workTo } from '../../../../tests/fixtures/bench';

describe('a batch', () => {
  it('keeps what was weighed beside what was planned, and its ratio', () => {
    const done = workTo(begun(), () => false);
    expect(done).toMatchObject({ outcome: 'made', finishedAt: expect.any(String) });
    expect(weighedLines(done).every((line) => line.massG === line.targetG)).toBe(true);
    expect(weighedRatio(done, SHIPPED)).toBeCloseTo(1070 / 570, 2);
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
    expect(entries.map(({ voidedAt }) => voidedAt !== null)).toEqual([true, false]);
    expect(weighedLines(again).find(({ lineId }) => lineId === step.lineId)?.massG).toBe(40);
  });

  it('goes back and on again without writing anything', () => {
    const batch = workTo(begun(), (id) => id === 'mix-dry');
    const there = goOn(goBack(batch));
    expect(there).toEqual(batch);
    expect(goOn(there)).toBe(there);
    expect(goBack(begun()).currentStep).toBe(0);
    const at = batch.currentStep;
    expect(goTo(batch, 2)).toMatchObject({ currentStep: 2, entries: batch.entries });
    expect(goTo(goTo(batch, 0), at)).toEqual(batch);
    expect(goTo(batch, at + 1)).toBe(batch);
    expect(goTo(batch, -5).currentStep).toBe(0);
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
        why: 'too-dry',
      },
      now(),
    );
    expect(openSqueeze(cured, 'squeeze-after')).toBeNull();
    expect(bowlG(cured)).toBeCloseTo(bowlG(dry) + 1, 9);
    const taken = voidEntry(cured, cured.entries.at(-1)?.id ?? '', now());
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
    expect(given.outcome).toBe('given-up');
    expect(given.entries).toEqual(half.entries);
  });

  it('needs a kept version to be made from', () => {
    const formula = newFormula('Quince Lantern', bodyFrom(LANTERN), now());
    const { request, readings, code } = { request: REQUEST, readings: READINGS, code: 'QL-001' };
    const planned = planScale(formula.body, REQUEST);
    if (!planned.ok) throw new Error(planned.problem.message);
    expect(() =>
      startBatch({
        catalog: SHIPPED,
        formula,
        request,
        plan: planned.plan,
        readings,
        code,
        now: now(),
      }),
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
    const coded = existing.map((one) => ({ code: one, formulaId: 'own' }));
    expect(nextBatchCode(name, 'own', coded)).toBe(code);
  });
});
