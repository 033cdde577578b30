import { valueWords } from './messages';
import { describe, expect, it } from 'vitest';
import { begun } from '../../../tests/fixtures/bench';
import { LANTERN, bodyFrom } from '../../../tests/fixtures/bodies';
import { SAMPLE } from '../../../tests/fixtures/sample';
import { keepVersion } from '@/core/formula/model/versions';
import { newFormula } from '@/core/formula/model/create';
import { setLineMass } from '@/core/formula/model/edit';
import type { Formula } from '@/core/formula/model/schema';
import { record, settleStep } from '@/core/batches/records/batch';
import type { Batch } from '@/core/batches/records/schema';
import { USUAL_SETTINGS } from '@/core/workshop/settings/settings';
import { mergeRecords, mergeSettings } from './merge';

const VOICE = { where: 'in two tabs', loser: 'the other tab' };
const at = (minute: number) => new Date(Date.UTC(2026, 3, 18, 9, minute)).toISOString();
const one = <T>(list: readonly T[]): T => {
  const [first] = list;
  if (first === undefined) throw new Error('the sample has one of each');
  return first;
};

describe('a value in a sentence', () => {
  it('is a word, a figure, or a text of at most sixty letters', () => {
    expect(valueWords('x'.repeat(60))).toBe(`“${'x'.repeat(60)}”`);
    expect(valueWords('x'.repeat(61))).toBe(`“${'x'.repeat(60)}…”`);
    expect([null, undefined, '', true, false, 1200, {}].map(valueWords)).toEqual([
      'empty',
      'empty',
      'empty',
      'yes',
      'no',
      '1,200',
      'another one',
    ]);
  });
});

describe('fields of a record', () => {
  const base = { ...one(SAMPLE.molds), name: 'Shells', cavities: 6 };

  it('are as the side has them that changed them, and nothing is said', () => {
    const united = mergeRecords(
      'molds',
      { base, mine: { ...base, name: 'Steel shells' }, theirs: { ...base, cavities: 8 } },
      VOICE,
    );
    expect(united).toEqual({ record: { ...base, name: 'Steel shells', cavities: 8 }, said: [] });
  });

  it('that both changed alike are so; changed apart they stay as here, and the other is said', () => {
    const alike = { ...base, cavities: 8 };
    expect(mergeRecords('molds', { base, mine: alike, theirs: { ...alike } }, VOICE).said).toEqual(
      [],
    );
    const apart = mergeRecords(
      'molds',
      { base, mine: { ...base, cavities: 8 }, theirs: { ...base, cavities: 9 } },
      VOICE,
    );
    expect(apart.record.cavities).toBe(8);
    expect(apart.said).toEqual([expect.stringMatching(/Shells.*9/)]);
  });

  it('of two that never had it in common count as changed on both sides', () => {
    const united = mergeRecords(
      'molds',
      { base: undefined, mine: base, theirs: { ...base, cavities: 9 } },
      VOICE,
    );
    expect(united.record.cavities).toBe(6);
    expect(united.said).toHaveLength(1);
  });

  it('of settings go the same way', () => {
    const was = USUAL_SETTINGS;
    const sides = {
      base: was,
      mine: { ...was, scaleStepG: 2 },
      theirs: { ...was, look: 'dark' as const },
    };
    expect(mergeSettings(sides, VOICE)).toEqual({
      record: { ...was, look: 'dark', scaleStepG: 2 },
      said: [],
    });
  });
});

describe('lists that only grow', () => {
  it('counts of a lot are there once each, of both sides', () => {
    const lot = one(SAMPLE.lots);
    const count = (minute: number) => ({ at: at(minute), massG: 100 + minute, note: '' });
    const [a, b, c] = [count(1), count(2), count(3)];
    const sides = {
      base: { ...lot, counts: [a] },
      mine: { ...lot, counts: [a, b] },
      theirs: { ...lot, counts: [a, c] },
    };
    expect(mergeRecords('lots', sides as never, VOICE).record.counts).toEqual([a, b, c]);
  });

  it('readings of a room stand in the order of their time, those of two sensors at one moment both', () => {
    const room = one(SAMPLE.rooms);
    const reading = (minute: number, by: string) => ({
      at: at(minute),
      humidityPct: 50,
      tempC: 20,
      by,
    });
    const [early, late] = [reading(1, 'typed'), reading(5, 'typed')];
    const other = reading(5, 'simulated-sensor');
    const sides = {
      base: { ...room, readings: [] },
      mine: { ...room, readings: [late] },
      theirs: { ...room, readings: [early, other, late] },
    };
    expect(mergeRecords('rooms', sides as never, VOICE).record.readings).toEqual([
      early,
      late,
      other,
    ]);
  });

  it('deliveries and counts of wraps are united by what they are of', () => {
    const wrap = one(SAMPLE.packaging);
    const lot = (id: string) => ({ ...one(wrap.lots), id });
    const count = (minute: number, lotId: string) => ({
      at: at(minute),
      lotId,
      pieces: 9,
      why: '',
    });
    const sides = {
      base: { ...wrap, lots: [], counts: [] },
      mine: { ...wrap, lots: [lot('a')], counts: [count(1, 'a')] },
      theirs: { ...wrap, lots: [lot('a'), lot('b')], counts: [count(1, 'a'), count(1, 'b')] },
    };
    const { lots, counts } = mergeRecords('packaging', sides as never, VOICE).record;
    expect(lots.map(({ id }) => id)).toEqual(['a', 'b']);
    expect(counts.map(({ lotId }) => lotId)).toEqual(['a', 'b']);
  });

  it('a move of goods that one side took back is taken back, whichever it was', () => {
    const move = { ...one(SAMPLE.goods), voidedAt: null };
    const struck = { ...move, voidedAt: at(7) };
    for (const [mine, theirs] of [
      [move, struck],
      [struck, move],
    ] as const)
      expect(mergeRecords('goods', { base: move, mine, theirs }, VOICE).record.voidedAt).toBe(
        at(7),
      );
    expect(mergeRecords('goods', { base: move, mine: move, theirs: move }, VOICE).record).toEqual(
      move,
    );
  });
});

describe('a batch', () => {
  const note = (batch: Batch, text: string, minute: number) =>
    record(batch, { kind: 'note', text }, at(minute));
  const texts = ({ entries }: Batch) =>
    entries.flatMap((entry) => (entry.kind === 'note' ? [entry.text] : []));

  it('has every entry of both sides in the order of their time, and goes on at the later step', () => {
    const base = note(begun(), 'first', 1);
    const mine = { ...note(base, 'here, later', 9), currentStep: 2 };
    const theirs = { ...note(note(base, 'there', 4), 'there, last', 12), currentStep: 5 };
    const { record: united, said } = mergeRecords('batches', { base, mine, theirs }, VOICE);
    expect(texts(united)).toEqual(['first', 'there', 'here, later', 'there, last']);
    expect(united.currentStep).toBe(5);
    expect(said).toEqual([]);
  });

  it('a step that was settled on both sides counts once, and it is said', () => {
    const base = { ...begun(), currentStep: 1 };
    const done = (minute: number, kind: 'done' | 'skipped' = 'done') =>
      settleStep(base, { kind }, at(minute));
    const standingOf = ({ entries }: Batch) => entries.filter(({ voidedAt }) => voidedAt === null);
    const twice = mergeRecords('batches', { base, mine: done(9), theirs: done(4) }, VOICE);
    expect(standingOf(twice.record).map((one) => one.at)).toEqual([at(4)]);
    expect(twice.record.entries).toHaveLength(2);
    expect(twice.record.entries[1]).toMatchObject({ voidedAt: at(9), voidedWhy: 'entered-twice' });
    expect(twice.said).toEqual([expect.stringMatching(/two sides entered the same step/)]);
    // Both sides come to the same, and what was done goes before what was skipped earlier.
    const [here, there] = [done(9), done(4, 'skipped')];
    const one = mergeRecords('batches', { base, mine: here, theirs: there }, VOICE).record;
    const other = mergeRecords('batches', { base, mine: there, theirs: here }, VOICE).record;
    expect(standingOf(one).map(({ kind }) => kind)).toEqual(['done']);
    expect(standingOf(other)).toEqual(standingOf(one));
    // Settled again on one side only: nothing met.
    const was = done(4);
    const again = settleStep({ ...was, currentStep: 1 }, { kind: 'skipped' }, at(6));
    const alone = mergeRecords('batches', { base: was, mine: was, theirs: again }, VOICE);
    expect(standingOf(alone.record).map(({ kind }) => kind)).toEqual(['skipped']);
    expect(alone.said).toEqual([]);
  });

  it('an entry that either side struck is struck, at the time here where both did, and no other', () => {
    const base = note(note(begun(), 'one', 1), 'two', 2);
    const struck = (minute: number): Batch => ({
      ...base,
      entries: base.entries.map((entry) =>
        entry.kind === 'note' && entry.text === 'one' ? { ...entry, voidedAt: at(minute) } : entry,
      ),
    });
    const strikes = (mine: Batch, theirs: Batch) =>
      mergeRecords('batches', { base, mine, theirs }, VOICE).record.entries.map(
        ({ voidedAt }) => voidedAt,
      );
    const none = base.entries.map(() => null);
    expect(strikes(base, base)).toEqual(none);
    expect(strikes(base, struck(5)).filter(Boolean)).toEqual([at(5)]);
    expect(strikes(struck(5), base).filter(Boolean)).toEqual([at(5)]);
    expect(strikes(struck(5), struck(8)).filter(Boolean)).toEqual([at(5)]);
  });
});

describe('a formula', () => {
  const base: Formula = {
    ...keepVersion(newFormula('Quince Lantern', bodyFrom(LANTERN), at(0)), at(0)),
    changedAt: at(0),
  };
  const weighing = (massG: number, minute: number): Formula => ({
    ...base,
    body: setLineMass(base.body, base.body.parts[0]?.lines[0]?.id ?? '', massG),
    changedAt: at(minute),
  });
  const sodaG = ({ body }: Pick<Formula, 'body'>) => body.parts[0]?.lines[0]?.massG;

  it('has the body of the side that changed it, and the later of the two times', () => {
    const there = mergeRecords('formulas', { base, mine: base, theirs: weighing(7, 3) }, VOICE);
    expect([sodaG(there.record), there.record.changedAt, there.said]).toEqual([7, at(3), []]);
    const here = mergeRecords('formulas', { base, mine: weighing(8, 4), theirs: base }, VOICE);
    expect([sodaG(here.record), here.record.changedAt, here.said]).toEqual([8, at(4), []]);
    expect(here.record.versions).toEqual(base.versions);
  });

  it('that both changed keeps the other body as a version named after it, and says so', () => {
    const sides = { base, mine: weighing(8, 3), theirs: weighing(7, 4) };
    const { record: united, said } = mergeRecords('formulas', sides, VOICE);
    expect(sodaG(united)).toBe(8);
    expect(united.changedAt).toBe(at(4));
    expect(united.versions).toHaveLength(base.versions.length + 1);
    expect(united.versions.at(-1)).toMatchObject({
      number: base.versions.length + 1,
      name: VOICE.loser,
      keptAt: at(4),
    });
    expect(sodaG(united.versions.at(-1) ?? base)).toBe(7);
    expect(said).toHaveLength(1);
    // Both the same way: nothing met.
    const alike = { base, mine: weighing(8, 3), theirs: weighing(8, 4) };
    expect(mergeRecords('formulas', alike, VOICE).record.versions).toEqual(base.versions);
  });

  it('has the versions that each side kept, once each, under numbers of their own', () => {
    const mine = keepVersion(weighing(8, 3), at(5));
    const theirs = keepVersion(weighing(7, 4), at(6));
    const { record: united } = mergeRecords('formulas', { base, mine, theirs }, VOICE);
    const numbers = united.versions.map(({ number }) => number);
    expect(new Set(numbers).size).toBe(numbers.length);
    expect(united.versions.map(sodaG).slice(base.versions.length)).toEqual(
      expect.arrayContaining([8, 7]),
    );
    // The same body kept on both sides is one version, whenever it was kept.
    const [soon, late] = [5, 6].map((minute) => keepVersion(weighing(8, 3), at(minute))) as [
      Formula,
      Formula,
    ];
    expect(
      mergeRecords('formulas', { base, mine: soon, theirs: late }, VOICE).record.versions,
    ).toHaveLength(soon.versions.length);
    const same = mergeRecords('formulas', { base, mine, theirs: mine }, VOICE).record;
    expect(same.versions).toEqual(mine.versions);
    // With nothing in common, what is the same on both sides is there once.
    const apart = mergeRecords('formulas', { base: undefined, mine, theirs: mine }, VOICE).record;
    expect(apart.versions).toEqual(mine.versions);
  });
});
