import { describe, expect, it } from 'vitest';
import { begun, workTo } from '../../../../tests/fixtures/bench';
import { LANTERN, bodyFrom, poured } from '../../../../tests/fixtures/bodies';
import { dampReading } from '@/core/results/binder/damp';
import { benchCures, bowlDamp } from '@/core/batches/cures/benchCures';
import { evaluate } from '@/core/results/evaluation/evaluate';
import { BATH_OF_SALTS_G } from '@/core/results/fizz/dose';
import { SHIPPED } from '@/core/matter/materials/catalog';
import { bowlContents, mixToCome } from '@/core/batches/records/bowl';
import { record, settleStep } from '@/core/batches/records/batch';
import type { Batch } from '@/core/batches/records/schema';
import { USUAL_SETTINGS } from './settings';
import { USUAL_CONDITIONS } from '@/core/results/conditions/types';
import { dampWindowIn } from '@/core/results/conditions/dampWindowIn';
import { conditionsFor, conditionsOfBatch } from './conditionsFor';

const WORKSHOP = { catalog: SHIPPED, settings: USUAL_SETTINGS, batches: [] };
const NOW = '2026-04-18T12:00:00.000Z';

/** A batch that felt right after the acid, at 46%. */
function right(): Batch {
  return workTo(begun(), () => false);
}

describe('conditions', () => {
  it('of a workshop that says nothing are the usual ones', () => {
    const made = { family: 'bath-bomb', method: 'press' } as const;
    expect(conditionsFor(WORKSHOP, made, null)).toEqual(USUAL_CONDITIONS);
  });

  it('take the basin for a cleaning piece, and a bath’s worth of salts', () => {
    const cubes = conditionsFor(WORKSHOP, { family: 'cleaning-fizzy', method: 'silicone' }, 28);
    expect(cubes).toMatchObject({ tub: USUAL_SETTINGS.basin, pieceG: 28 });
    const salts = conditionsFor(WORKSHOP, { family: 'fizzing-salts', method: 'loose' }, 400);
    expect(salts).toMatchObject({ tub: USUAL_SETTINGS.tub, pieceG: BATH_OF_SALTS_G.best });
  });

  it('know how fills of one’s own pack, and no dose of what has none', () => {
    const fills = [1, 2, 3].map(() => ({ method: 'press' as const, volumeMl: 100, massG: 110 }));
    const made = { family: 'bath-bomb', method: 'press' } as const;
    expect(conditionsFor({ ...WORKSHOP, fills }, made, null).learned.packed?.records).toBe(3);
    const salts = conditionsFor(WORKSHOP, { family: 'fizzing-salts', method: 'loose' }, null);
    expect(salts.pieceG).toBeNull();
  });

  it('give one batch in one room one window, on Design and at the bench', () => {
    const others = [right()];
    const batch = begun();
    const workshop = { ...WORKSHOP, batches: [...others, batch] };
    const design = evaluate(batch.body, conditionsFor(workshop, batch.body, batch.plan.pieceG));
    const atBench = bowlDamp(batch, conditionsOfBatch(workshop, batch));
    expect(design.binder.ownBatches).toBe(1);
    // What is weighed is rounded to the scale, and so is what binds it.
    for (const end of ['lowPct', 'aimPct', 'highPct'] as const)
      expect(atBench.window[end] / design.binder.window[end]).toBeCloseTo(1, 2);
  });

  it('of a batch are its own room, and it teaches itself nothing', () => {
    const batch = right();
    const workshop = { ...WORKSHOP, settings: { ...USUAL_SETTINGS, humidityPct: 71 } };
    const own = conditionsOfBatch({ ...workshop, batches: [batch] }, batch);
    expect(own).toMatchObject({ humidityPct: 46, roomTempC: 19.5 });
    expect(own.learned).toEqual({});
    // At the bench without a reading: the room as it is; long closed: no room of today.
    expect(conditionsOfBatch(workshop, begun()).humidityPct).toBe(71);
    const closed = { ...begun(), outcome: 'made' as const };
    expect(conditionsOfBatch(workshop, closed).humidityPct).toBe(USUAL_SETTINGS.humidityPct);
  });
});

describe('the squeeze before the acid', () => {
  const before = () => workTo(begun(), (id) => id === 'squeeze-before');

  it('judges the mix as it will be: planned, nothing is missing and nothing twice', () => {
    const batch = before();
    const whole = [...bowlContents(batch), ...mixToCome(batch)];
    const grams = (of: readonly { massG: number }[]) =>
      of.reduce((sum, { massG }) => sum + massG, 0);
    const main = new Set(batch.body.parts[0]?.lines.map(({ id }) => id));
    const planned = batch.plan.lines.filter(({ lineId }) => main.has(lineId));
    expect(grams(whole)).toBeCloseTo(
      planned.reduce((sum, { targetG }) => sum + targetG, 0),
      6,
    );
    expect(mixToCome(batch).map(({ materialId }) => materialId)).toEqual(['citric-acid']);
    expect(mixToCome(right())).toEqual([]);
  });

  it('so that a mix that is right with its acid is not called wet without it', () => {
    const batch = before();
    const conditions = conditionsOfBatch(WORKSHOP, batch);
    const { dampIndexPct, window } = bowlDamp(batch, conditions);
    const without = dampReading(poured(bowlContents(batch)));
    expect(without.dampIndexPct).toBeGreaterThan(dampIndexPct ?? Infinity);
    expect(dampIndexPct).toBeCloseTo(
      evaluate(bodyFrom(LANTERN), conditions).binder.dampIndexPct ?? NaN,
      0,
    );
    expect(window).toEqual(dampWindowIn(conditions, batch.body, without));
  });

  it('counts no line that was skipped', () => {
    const begunBatch = begun();
    const water = begunBatch.steps.find(
      (step) => step.kind === 'weigh' && step.materialId === 'water',
    );
    const reached = workTo(begunBatch, (id) => id === water?.id);
    expect(mixToCome(reached).map(({ materialId }) => materialId)).toContain('water');
    const skipped = settleStep(reached, { kind: 'skipped' }, NOW);
    expect(mixToCome(skipped).map(({ materialId }) => materialId)).not.toContain('water');
  });

  it('is cured toward the aim of that same window', () => {
    const felt = record(before(), { kind: 'squeezed', acidIn: false, felt: 'too-dry' }, NOW);
    const conditions = conditionsOfBatch(WORKSHOP, felt);
    const { dampIndexPct } = bowlDamp(felt, conditions);
    const cures = benchCures(
      felt,
      { felt: 'too-dry', acidIn: false, gramsPerSquirt: 0.7 },
      conditions,
    );
    expect(cures.length).toBeGreaterThan(0);
    for (const { dampIndexAfterPct } of cures)
      expect(dampIndexAfterPct).toBeGreaterThan(dampIndexPct ?? Infinity);
  });
});
