import { beforeEach, describe, expect, it } from 'vitest';
import { record } from '@/core/batches/records/batch';
import type { Batch, NewEntry } from '@/core/batches/records/schema';
import { isOnTray } from '@/core/batches/trays/onTray';
import { openShop } from '../../tests/fixtures/shop';
import { useTraysStore } from './trays';

let workshop: ReturnType<typeof openShop>;
let trays: ReturnType<typeof useTraysStore>;
const NOW_MS = Date.parse('2026-10-15T12:00:00.000Z');

beforeEach(() => {
  workshop = openShop();
  trays = useTraysStore();
});

/** A batch of the sample that lies on a tray, after what is said of it. */
function lying(...entries: readonly NewEntry[]): Batch {
  const [batch] = trays.onTrays;
  if (!batch) throw new Error('the sample has pieces on a tray');
  return entries.reduce(
    (now, entry, i) => record(now, entry, new Date(NOW_MS + 1000 * i).toISOString()),
    batch,
  );
}
const inspected = (...faults: readonly ['top-cracks' | 'warts', number][]): NewEntry => ({
  kind: 'inspected',
  looked: 10,
  faults: faults.map(([fault, count]) => ({ fault, count })),
  rejects: 0,
  fate: null,
});

describe('what lies on the trays', () => {
  it('is every batch that is made and not wrapped, the newest first', () => {
    const expected = workshop.batches.filter(isOnTray).map(({ id }) => id);
    expect(trays.onTrays.map(({ id }) => id).toSorted()).toEqual(expected.toSorted());
    const moments = trays.onTrays.map(({ startedAt }) => Date.parse(startedAt));
    expect(moments).toEqual(moments.toSorted((a, b) => b - a));
    expect(moments.length).toBeGreaterThan(1);
  });

  it('leaves them when it is wrapped', () => {
    const batch = lying({ kind: 'tended', what: 'wrap' });
    workshop.putBatch(batch);
    expect(trays.onTrays.map(({ id }) => id)).not.toContain(batch.id);
  });

  it('has been there since it was laid down, and is drier each day', () => {
    const batch = lying();
    const day = (days: number) => trays.forecastOf(batch, NOW_MS + days * 86_400_000);
    const [now, later] = [day(0), day(1)];
    if (!now || !later) throw new Error('what lies on a tray has a forecast');
    expect(later.hours - now.hours).toBeCloseTo(24, 9);
    expect(later.dry.best).toBeGreaterThan(now.dry.best);
    expect(later.startMs).toBe(now.startMs);
  });

  it('asks for what its own days ask for', () => {
    const batch = lying();
    const forecast = trays.forecastOf(batch, NOW_MS);
    if (!forecast) throw new Error('what lies on a tray has a forecast');
    const asked = trays.tendingsOf(batch, forecast, NOW_MS).map(({ what }) => what);
    expect(asked).toContain('wrap');
    expect(new Set(asked).size).toBe(asked.length);
  });
});

describe('what went wrong with whom', () => {
  it('has no cause before anybody looked, and none where nothing was seen', () => {
    expect(trays.causesOf(lying(), NOW_MS)).toEqual([]);
    expect(trays.causesOf(lying(inspected()), NOW_MS)).toEqual([]);
  });

  it('has causes of what was seen last: what was seen before that is past', () => {
    const causes = trays.causesOf(lying(inspected(['top-cracks', 4])), NOW_MS);
    expect(causes.length).toBeGreaterThan(1);
    for (const { explains } of causes) expect(explains).toContain('top-cracks');
    const later = lying(inspected(['top-cracks', 4]), inspected(['warts', 2]));
    for (const { explains } of trays.causesOf(later, NOW_MS)) expect(explains).toEqual(['warts']);
    expect(trays.causesOf(lying(inspected(['top-cracks', 4]), inspected()), NOW_MS)).toEqual([]);
  });

  it('shares its belief out among them, the likeliest first, and leaves some for what nobody wrote down', () => {
    const shares = trays
      .causesOf(lying(inspected(['top-cracks', 4])), NOW_MS)
      .map(({ share }) => share);
    expect(shares).toEqual(shares.toSorted((a, b) => b - a));
    expect(shares.reduce((sum, one) => sum + one, 0)).toBeLessThan(1);
  });

  it('has causes of a fizz that a jug found weak, whatever was seen', () => {
    const causes = trays.causesOfWeakFizz(lying(), NOW_MS);
    expect(causes.length).toBeGreaterThan(0);
    for (const { explains } of causes) expect(explains).toContain('weak-fizz');
  });
});
