import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { MOST_GAS_LOSS_S } from '@/core/batches/trials/kinds';
import type { Batch } from '@/core/batches/records/schema';
import type { Trial } from '@/core/batches/trials/schema';
import { SAMPLE } from '../../tests/fixtures/sample';
import { openShop } from '../../tests/fixtures/shop';
import { useTrialsStore } from './trials';

const NOW = '2026-10-20T10:00:00.000Z';
let workshop: ReturnType<typeof openShop>;
let trialStore: ReturnType<typeof useTrialsStore>;

beforeEach(() => {
  vi.useFakeTimers({ now: Date.parse(NOW), toFake: ['Date'] });
  workshop = openShop();
  trialStore = useTrialsStore();
});
afterEach(() => {
  vi.useRealTimers();
});

/** A trial like the first tub of the sample, begun now. */
function begun(): Trial {
  const tub = SAMPLE.trials.find(({ kind, batchId }) => kind === 'tub' && batchId !== null);
  if (!tub) throw new Error('the sample has a tub');
  return trialStore.start(tub);
}
const pass = (ms: number) => vi.setSystemTime(Date.now() + ms);
const phase = (of: Trial['entries'][number]) => (of.kind === 'phase' ? of.phase : of.kind);

describe('the trial in hand', () => {
  it('is the one that goes on, also for a page that was loaded again, until another is chosen', () => {
    const [running] = SAMPLE.trials;
    if (!running) throw new Error('the sample has trials');
    expect(trialStore.inHand).toBeNull();
    workshop.put('trials', [{ ...running, id: 'running', finishedAt: null, startedAt: NOW }]);
    expect(trialStore.inHand?.id).toBe('running');
    trialStore.choose(SAMPLE.trials[0]?.id ?? '');
    expect(trialStore.inHand?.id).toBe(SAMPLE.trials[0]?.id);
    trialStore.choose(null);
    expect(trialStore.inHand).toBeNull();
  });

  it('takes what is seen, signed, takes the last of it back, and is the same once it is closed and opened', () => {
    workshop.changeSettings({ makerInHand: 'Maud' });
    begun();
    trialStore.write({ kind: 'phase', phase: 'touched' });
    pass(5000);
    trialStore.write({ kind: 'phase', phase: 'floats' });
    const seen = () => trialStore.inHand?.entries.filter(({ voidedAt }) => voidedAt === null) ?? [];
    expect(seen().map(phase)).toEqual(['touched', 'floats']);
    expect(seen()[0]).toMatchObject({ who: 'Maud' });
    trialStore.undo();
    expect(seen().map(phase)).toEqual(['touched']);
    expect(trialStore.inHand?.entries).toHaveLength(2);
    trialStore.finish();
    expect(trialStore.inHand?.finishedAt).not.toBeNull();
    trialStore.reopen();
    expect(trialStore.inHand?.finishedAt).toBeNull();
  });

  it('of a stopwatch that was forgotten is gone so long after it touched the water, and not before it did', () => {
    begun();
    trialStore.goneAt(90);
    expect(trialStore.inHand?.entries).toEqual([]);
    trialStore.write({ kind: 'phase', phase: 'touched' });
    pass(600_000);
    trialStore.goneAt(90);
    const gone = trialStore.inHand?.entries.at(-1);
    expect(gone && phase(gone)).toBe('gone');
    expect(Date.parse(gone?.at ?? '')).toBe(Date.parse(NOW) + 90_000);
  });

  it('takes weights of the jug for an hour’s end at most, and none once it is closed', () => {
    begun();
    const curve = () => trialStore.inHand?.readings.length ?? 0;
    trialStore.reading(MOST_GAS_LOSS_S, 1000);
    expect(curve()).toBe(1);
    trialStore.reading(MOST_GAS_LOSS_S + 0.1, 1000);
    expect(curve()).toBe(1);
    trialStore.finish();
    trialStore.reading(MOST_GAS_LOSS_S, 999);
    expect(curve()).toBe(1);
  });
});

describe('what a piece is forecast by', () => {
  it('is what all others taught, never the trial itself', () => {
    const tub = SAMPLE.trials.find(
      (trial) => trialStore.forecastOf(trial) !== null && trial.finishedAt !== null,
    );
    if (!tub) throw new Error('the sample has a tub that is closed');
    const before = trialStore.forecastOf(tub);
    workshop.put('trials', [{ ...tub, entries: [], readings: [] }]);
    expect(trialStore.forecastOf(tub)).toEqual(before);
    const others = workshop.trials.filter(({ id }) => id !== tub.id).map(({ id }) => id);
    workshop.remove('trials', others);
    expect(trialStore.forecastOf(tub)).not.toEqual(before);
  });

  it('is nothing for a piece from elsewhere', () => {
    const [trial] = SAMPLE.trials;
    if (!trial) throw new Error('the sample has trials');
    const elsewhere = { ...trial, batchId: null };
    expect(trialStore.forecastOf(elsewhere)).toBeNull();
    expect(trialStore.answerOf(elsewhere)).toBeNull();
  });
});

it('days are counted from when the pieces were, and none are negative', () => {
  const ofCount = (one: Batch | undefined) =>
    one?.entries.find(({ kind, voidedAt }) => kind === 'counted' && !voidedAt);
  const batch = trialStore.madeBatches.find((one) => ofCount(one));
  const counted = ofCount(batch);
  if (!batch || !counted) throw new Error('the sample has counted batches');
  const at = Date.parse(counted.at);
  expect(trialStore.ageOf(batch, at + 36 * 3_600_000)).toBeCloseTo(1.5, 9);
  expect(trialStore.ageOf(batch, at - 1)).toBe(0);
});

it('made batches stand newest first, and nothing else is to be tried', () => {
  const starts = trialStore.madeBatches.map(({ startedAt }) => Date.parse(startedAt));
  expect(starts).toEqual([...starts].sort((a, b) => b - a));
  expect(trialStore.madeBatches.every(({ outcome }) => outcome === 'made')).toBe(true);
});

it('a cup that is looked at again keeps its first figure struck', () => {
  const [ladder] = SAMPLE.ladders;
  const cup = ladder?.cups[0];
  if (!ladder || !cup) throw new Error('the sample has a ladder');
  const here = () => workshop.ladders.find(({ id }) => id === ladder.id) ?? ladder;
  const others = here().entries.filter(({ cupId }) => cupId !== cup.id);
  trialStore.seenInCup(here(), cup.id, 3);
  trialStore.seenInCup(here(), cup.id, 4);
  const own = here().entries.filter(({ cupId }) => cupId === cup.id);
  expect(own.filter(({ voidedAt }) => voidedAt === null).map(({ value }) => value)).toEqual([4]);
  expect(own.map(({ value }) => value).slice(-2)).toEqual([3, 4]);
  expect(here().entries.filter(({ cupId }) => cupId !== cup.id)).toEqual(others);
});
