import { describe, expect, it } from 'vitest';
import { LANTERN, bodyFrom, poured } from '../../../../tests/fixtures/bodies';
import { dampReading } from '@/core/results/binder/damp';
import { dampWindow, movedWindow } from '@/core/results/binder/windows';
import { keepVersion } from '@/core/formula/model/versions';
import { newFormula } from '@/core/formula/model/create';
import { bowlContents } from './bowl';
import { record, startBatch } from './batch';
import type { Batch, NewEntry } from './schema';
import { USUAL_REQUEST } from '@/core/work/scaling/request';
import { planScale } from '@/core/work/scaling/plan';
import type { ScaleRequest } from '@/core/work/scaling/requestSchema';
import { dampRecordsOf, learnedDamp, lossRecordsOf } from './fromBatches';
import { asksWhatIsLeft, inPiecesG, leftInBowlG } from './leftInBowl';
import { weighedTotalG } from './summary';
import { SHIPPED } from '@/core/matter/materials/catalog';

const NOW = '2026-04-18T09:00:00.000Z';
const REQUEST: ScaleRequest = {
  ...USUAL_REQUEST,
  want: { kind: 'total', massG: 1831.6 },
  mold: { shape: 'sphere', diameterMm: 60 },
  scaleStepG: 0.1,
  lossPct: 0,
};

/** A batch of the lantern weighed as planned, and then these entries. */
function batchWith(...entries: NewEntry[]): Batch {
  const body = bodyFrom(LANTERN);
  const planned = planScale(body, REQUEST);
  if (!planned.ok) throw new Error(planned.problem.message);
  const begun = startBatch({
    catalog: SHIPPED,
    formula: keepVersion(newFormula('Quince Lantern', body, NOW), NOW),
    request: REQUEST,
    plan: planned.plan,
    readings: {} as Batch['readings'],
    code: 'QL-001',
    now: NOW,
  });
  const weighed = begun.plan.lines.map(({ lineId, materialId, targetG }): NewEntry => ({
    kind: 'weighed',
    lineId,
    materialId,
    targetG,
    massG: targetG,
    by: 'typed',
  }));
  return [...weighed, ...entries].reduce((batch, entry) => record(batch, entry, NOW), begun);
}

const ROOM: NewEntry = { kind: 'room', humidityPct: 38, tempC: 20 };
const RIGHT: NewEntry = { kind: 'squeezed', acidIn: true, felt: 'right' };
const DRY: NewEntry = { kind: 'squeezed', acidIn: true, felt: 'too-dry' };

describe('dampRecordsOf', () => {
  it('takes every squeeze as a range over the shipped aim: too dry from here on, right about here', () => {
    const oil: NewEntry = {
      kind: 'added',
      materialId: 'sweet-almond-oil',
      massG: 6,
      squirts: null,
      why: 'too-dry',
    };
    const overAim = (batch: Batch) => {
      const reading = dampReading(poured(bowlContents(batch)));
      return (reading.dampIndexPct ?? NaN) / dampWindow('press', 38, reading).aimPct;
    };
    const place = { at: NOW, humidityPct: 38, method: 'press', family: 'bath-bomb' };
    const dry = batchWith(ROOM, DRY);
    const right = batchWith(ROOM, DRY, oil, RIGHT);
    expect(dampRecordsOf([right], SHIPPED)).toEqual([
      { ...place, lowOverAim: expect.closeTo(1.13 * overAim(dry), 9), highOverAim: Infinity },
      {
        ...place,
        lowOverAim: expect.closeTo(overAim(right) / 1.13, 9),
        highOverAim: expect.closeTo(1.13 * overAim(right), 9),
      },
    ]);
  });

  it('learns nothing without a room, from loose salts, or before the acid', () => {
    expect(dampRecordsOf([batchWith(RIGHT)], SHIPPED)).toEqual([]);
    const good = batchWith(ROOM, RIGHT);
    const loose = { ...good, body: { ...good.body, method: 'loose' as const } };
    expect(dampRecordsOf([loose], SHIPPED)).toEqual([]);
    const early = batchWith(ROOM, { kind: 'squeezed', acidIn: false, felt: 'right' });
    const place = { humidityPct: 45, method: 'press', family: 'bath-bomb' } as const;
    expect(learnedDamp([early], place, SHIPPED)).toBeUndefined();
  });
});

describe('a squeeze', () => {
  const WET: NewEntry = { kind: 'squeezed', acidIn: true, felt: 'too-wet' };
  const PLACE = { humidityPct: 45, family: 'bath-bomb' } as const;

  it('that is too wet teaches an upper end alone, under what the hand would still accept', () => {
    const [dry] = dampRecordsOf([batchWith(ROOM, DRY)], SHIPPED);
    const [wet] = dampRecordsOf([batchWith(ROOM, WET)], SHIPPED);
    expect(wet?.lowOverAim).toBe(0);
    expect(wet?.highOverAim).toBeCloseTo((dry?.lowOverAim ?? NaN) / 1.13 / 1.13, 9);
  });

  it('that held three times leaves a proven mix in its range, and widens it to where it held', () => {
    const held = [1, 2, 3].map(() => batchWith(ROOM, RIGHT));
    const damp = learnedDamp(held, { ...PLACE, method: 'press' }, SHIPPED);
    expect(damp).toMatchObject({ records: 3, feltDry: 0, feltWet: 0 });
    const shipped = dampWindow(
      'press',
      45,
      dampReading(poured(bowlContents(held[0] ?? batchWith()))),
    );
    const own = movedWindow(shipped, damp?.estimate ?? 1, damp ?? { feltDry: 0, feltWet: 0 });
    expect(damp?.estimate).not.toBeCloseTo(1, 2);
    expect(own.lowPct).toBeLessThanOrEqual(shipped.lowPct);
    expect(own.highPct).toBeGreaterThanOrEqual(shipped.highPct);
    const wet = learnedDamp(
      [...held, batchWith(ROOM, WET)],
      { ...PLACE, method: 'press' },
      SHIPPED,
    );
    expect(wet).toMatchObject({ records: 4, feltDry: 0, feltWet: 1 });
  });

  it('that was struck teaches nothing, nor does anything else that was written', () => {
    const batch = batchWith(ROOM, RIGHT, { kind: 'note', text: 'like damp sand' });
    expect(dampRecordsOf([batch], SHIPPED)).toHaveLength(1);
    const entries = batch.entries.map((entry) =>
      entry.kind === 'squeezed' ? { ...entry, voidedAt: NOW } : entry,
    );
    expect(dampRecordsOf([{ ...batch, entries }], SHIPPED)).toEqual([]);
  });

  it('of an empty bowl, or of dry powder alone, teaches nothing', () => {
    const batch = batchWith(ROOM, RIGHT);
    const only = (...ids: string[]) => ({
      ...batch,
      entries: batch.entries.filter(
        (entry) => entry.kind !== 'weighed' || ids.includes(entry.materialId),
      ),
    });
    expect(dampRecordsOf([only()], SHIPPED)).toEqual([]);
    expect(dampRecordsOf([only('sodium-bicarbonate')], SHIPPED)).toEqual([]);
  });

  it('says nothing of loose salts, which only have to pour', () => {
    const batches = [batchWith(ROOM, RIGHT)];
    expect(learnedDamp(batches, { ...PLACE, method: 'press' }, SHIPPED)?.records).toBe(1);
    expect(learnedDamp(batches, { ...PLACE, method: 'loose' }, SHIPPED)).toBeUndefined();
  });
});

describe('what is left in the bowl', () => {
  it('is asked about from a twentieth of the mix on', () => {
    const batch = batchWith();
    const total = weighedTotalG(batch);
    expect(asksWhatIsLeft(batch, 0.0501 * total)).toBe(true);
    expect(asksWhatIsLeft(batch, 0.0499 * total)).toBe(false);
    const none = { pieces: 0, rejects: 0 };
    expect(leftInBowlG(batch, none)).toBeCloseTo(total, 9);
    expect(leftInBowlG(batch, { pieces: 10_000, rejects: 0 })).toBe(0);
  });

  it('is no loss where it was kept or thrown away on purpose, nor are minis', () => {
    const lossOf = (over: object) => {
      const batch = batchWith({ kind: 'counted', pieces: 8, rejects: 0, ...over });
      const [loss] = lossRecordsOf([batch]);
      return (loss?.weighedG ?? 0) - (loss?.pressedG ?? 0);
    };
    const all = lossOf({});
    expect(lossOf({ left: { massG: 100, fate: 'next-batch' } })).toBeCloseTo(all - 100, 9);
    const batch = batchWith({ kind: 'counted', pieces: 8, rejects: 0, samplers: 2 });
    const sets = [
      { mold: batch.request.mold, pieces: 8, pieceG: 150, isSampler: false },
      { mold: batch.request.mold, pieces: 2, pieceG: 40, isSampler: true },
    ];
    const withMinis = { ...batch, plan: { ...batch.plan, sets } };
    expect(inPiecesG(withMinis, { pieces: 8, rejects: 1, samplers: 2 })).toBe(9 * 150 + 80);
    expect(lossRecordsOf([withMinis])[0]?.pressedG).toBe(8 * 150 + 80);
  });
});

describe('lossRecordsOf', () => {
  it('holds what was weighed against the pieces, rejects counted in', () => {
    const batch = batchWith({ kind: 'counted', pieces: 10, rejects: 2 });
    const [loss] = lossRecordsOf([batch]);
    expect(loss?.pressedG).toBeCloseTo(12 * batch.plan.pieceG, 9);
    expect(loss?.weighedG).toBeGreaterThan(1800);
    expect(lossRecordsOf([batchWith()])).toEqual([]);
    const unweighed = batch.entries.filter(({ kind }) => kind !== 'weighed');
    expect(lossRecordsOf([{ ...batch, entries: unweighed }])).toEqual([]);
  });
});
