import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { openShop } from '../../tests/fixtures/shop';
import { useBenchStore } from './bench';
import { usePlanStore } from './plan';

const NOW = '2026-10-20T10:00:00.000Z';
let workshop: ReturnType<typeof openShop>;
let bench: ReturnType<typeof useBenchStore>;

beforeEach(() => {
  vi.useFakeTimers({ now: Date.parse(NOW), toFake: ['Date'] });
  workshop = openShop();
  const lantern = workshop.formulas.find(({ name }) => name === 'Quince Lantern');
  workshop.changeSettings({ formulaInHandId: lantern?.id ?? null, makerInHand: 'Maud' });
  bench = useBenchStore();
});
afterEach(() => {
  vi.useRealTimers();
});

function started(massG = 1000) {
  const plan = usePlanStore();
  plan.ask({ ...plan.request, want: { kind: 'total', massG } });
  if (!plan.plan) throw new Error('the lantern can be planned');
  return bench.start(plan.request, plan.plan);
}
const kinds = () => bench.batch?.entries.map(({ kind }) => kind) ?? [];
const pass = (ms: number) => vi.setSystemTime(Date.now() + ms);
const MINUTE_MS = 60_000;

describe('taken to the bench', () => {
  it('a formula keeps the version that is made, and each bowl has its record and a code of its own', () => {
    const versions = workshop.formulaInHand?.versions.length ?? 0;
    const codes = new Set(workshop.batches.map(({ code }) => code));
    const batches = started(9000);
    expect(batches.length).toBeGreaterThan(1);
    expect(bench.batch?.id).toBe(batches[0]?.id);
    for (const { code } of batches) expect(codes).not.toContain(code);
    expect(new Set(batches.map(({ code }) => code)).size).toBe(batches.length);
    const kept = workshop.formulaInHand?.versions.length ?? 0;
    expect(kept - versions).toBeLessThanOrEqual(1);
    expect(batches[0]?.versionNumber).toBe(workshop.formulaInHand?.versions.at(-1)?.number);
    // Nothing was changed since: the same version is made again.
    started();
    expect(workshop.formulaInHand?.versions).toHaveLength(kept);
  });

  it('no formula makes no batch', () => {
    const plan = usePlanStore();
    const { plan: planned, request } = plan;
    workshop.changeSettings({ formulaInHandId: null });
    const before = workshop.batches;
    expect(planned && bench.start(request, planned)).toEqual([]);
    expect(workshop.batches).toBe(before);
  });
});

describe('hands away from the bench', () => {
  it('are written once, and once when they are back', () => {
    started();
    bench.pause();
    bench.pause();
    expect(kinds().filter((kind) => kind === 'paused')).toHaveLength(1);
    bench.resume();
    bench.resume();
    expect(kinds().slice(-2)).toEqual(['paused', 'resumed']);
  });

  it('of a page that was closed without a word are back only after half an hour', () => {
    started();
    bench.write({ kind: 'note', text: 'humid today' });
    pass(30 * MINUTE_MS);
    bench.resume();
    expect(kinds().at(-1)).toBe('note');
    pass(1);
    bench.resume();
    expect(kinds().at(-1)).toBe('resumed');
  });
});

describe('what goes into the bowl beside the plan', () => {
  it('is written with its lots and who did it, a squirt as the sprayer’s grams', () => {
    started();
    bench.squirt('water', 1);
    expect(bench.batch?.entries.at(-1)).toMatchObject({
      kind: 'added',
      why: 'sprayed',
      squirts: 1,
      massG: workshop.squirtG('water'),
      who: 'Maud',
    });
    bench.add('citric-acid', 5, 'too-wet', 2, { said: 'too slow' });
    expect(bench.batch?.entries.at(-1)).toMatchObject({
      materialId: 'citric-acid',
      massG: 5,
      squirts: null,
      bowl: 2,
      said: 'too slow',
    });
    bench.undo();
    expect(bench.batch?.entries.at(-1)?.voidedAt).not.toBeNull();
    expect(kinds()).toHaveLength(2);
  });

  it('is unsigned where nobody said whose hands they are', () => {
    started();
    workshop.changeSettings({ makerInHand: '' });
    bench.write({ kind: 'note', text: 'whose?' });
    expect(bench.batch?.entries.at(-1)).not.toHaveProperty('who');
  });
});

it('a batch that is long closed takes what is written to it, in whatever hand another batch is', () => {
  started();
  const old = workshop.batches.find(({ outcome }) => outcome === 'made');
  if (!old) throw new Error('the sample has batches that were made');
  bench.writeAllTo(old, [
    { kind: 'note', text: 'kept well' },
    { kind: 'note', text: 'sold out' },
  ]);
  const now = workshop.batches.find(({ id }) => id === old.id);
  expect(now?.entries.slice(0, -2)).toEqual(old.entries);
  expect(now?.entries.slice(-2)).toMatchObject([{ text: 'kept well' }, { text: 'sold out' }]);
  expect(kinds()).toEqual([]);
});
