import { describe, expect, it } from 'vitest';
import type { PlanAnswer } from '@/core/goods/planning/problem';
import type { Bar } from '@/stores/calendar';
import {
  sayBar,
  sayBottleneck,
  sayGap,
  sayNotPromised,
  saySlack,
  sayStep,
} from './calendarMessages';

const HOUR_MS = 3_600_000;
/** A moment of this machine's own zone. */
const at = (day: number, hour: number, minute = 0) =>
  new Date(2026, 9, day, hour, minute).getTime();

describe('time to spare', () => {
  it.each([
    [0, 'under an hour to spare'],
    [HOUR_MS - 1, 'under an hour to spare'],
    [HOUR_MS, '1 h to spare'],
    [24 * HOUR_MS - 1, '23 h to spare'],
    [27.9 * HOUR_MS, '1 day 3 h to spare'],
    [48 * HOUR_MS, '2 days to spare'],
    [-1, 'under an hour late'],
    [-HOUR_MS, '1 h late'],
    [-24 * HOUR_MS, '1 day late'],
  ])('of %d ms is %s', (ms, said) => expect(saySlack(ms)).toBe(said));
});

it('names what the plan does not count on, and nothing where it counts on all', () => {
  expect(sayNotPromised([])).toBe('');
  expect(sayNotPromised(['QL-001', 'QL-002'])).toBe(
    'Not counted, because on hold, rejected or past the day: QL-001 and QL-002.',
  );
});

describe('a planned step', () => {
  const bar: Bar = {
    job: 'one',
    step: 'dry',
    person: '',
    name: 'Lantern',
    formulaId: null,
    startMs: at(14, 7, 5),
    endMs: at(14, 17, 20),
    machine: null,
    places: 0,
    dryMs: null,
    isLocked: false,
    isLate: false,
  };

  it('is said in one line, with who does it and what is special about it', () => {
    expect(sayBar(bar)).toBe('Lantern, dry, Wed 07:05–17:20');
    expect(sayBar({ ...bar, step: 'press', person: 'Ivo', isLocked: true, isLate: true })).toBe(
      'Lantern, press, Wed 07:05–17:20, Ivo, locked, late',
    );
  });

  it('is one of the five, whichever part of a bowl it is of', () => {
    expect(['mix', 'press', 'dry', 'dress', 'pack'].map(sayStep)).toEqual([
      'weigh and mix',
      'press',
      'dry',
      'finish',
      'wrap',
    ]);
  });
});

describe('the bottleneck', () => {
  it('is named by what it is', () => {
    const name = () => 'Pebble 60';
    const of = (kind: 'person' | 'machine' | 'mold' | 'drying-room', id: string) =>
      sayBottleneck({ kind, id, share: 0.814 }, name);
    expect(of('person', 'Ivo')).toBe('bottleneck: Ivo, 81% used');
    expect(of('machine', 'press')).toBe('bottleneck: press, 81% used');
    expect(of('mold', 'm1')).toBe('bottleneck: mold Pebble 60, 81% used');
    expect(of('drying-room', '')).toBe('bottleneck: drying room, 81% used');
  });
});

describe('how far a plan is from the best', () => {
  const gap = (is: number, least: number, provedBest = false) =>
    sayGap({ weightedLateMin: is, boundWeightedLateMin: least, provedBest } as PlanAnswer);

  it('is not said of one with nothing late', () => expect(gap(0, 0)).toBe(''));
  it('is nothing where none is less late', () =>
    expect(gap(90, 10, true)).toBe('no plan is earlier'));
  it('is said up to twice the least, and beyond that not known', () => {
    expect(gap(110, 100)).toBe('within 10% of the best');
    expect(gap(200, 100)).toBe('within 100% of the best');
    expect(gap(200.1, 100)).toBe('a better plan may exist');
    expect(gap(5, 0)).toBe('a better plan may exist');
  });
});
