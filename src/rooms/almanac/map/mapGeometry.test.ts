import { describe, expect, it } from 'vitest';
import { NO_FILTER, findBatches, findableBatch } from '@/core/goods/archive/findBatches';
import { digestOf } from '@/core/goods/archive/batchDigest';
import { SAMPLE } from '../../../../tests/fixtures/sample';
import { geometryOf, humiditiesIn, marksOf, nearestTo, nextAlong, type Mark } from './mapGeometry';
import { mapSvg } from './mapSvg';

const all = SAMPLE.batches.map(digestOf).map(findableBatch);
const marks = marksOf(all);
const mark = (code: string, humidityPct: number, dampPct: number): Mark => ({
  id: code,
  code,
  name: 'Quay <b>',
  formulaId: 'f',
  startedAt: '2026-01-01T10:00:00Z',
  humidityPct,
  dampPct,
  outcome: 'good',
});

describe('the weather map', () => {
  it('marks every batch whose room and moisture are known, and no other', () => {
    expect(marks.length).toBeGreaterThan(20);
    const [first] = all;
    if (!first) throw new Error('the sample has batches');
    const without = (part: object) =>
      marksOf([{ ...first, digest: { ...first.digest, ...part } }]).length;
    expect([without({}), without({ humidityPct: null }), without({ dampPct: null })]).toEqual([
      1, 0, 0,
    ]);
  });

  it('holds every mark inside its frame, however far out', () => {
    const far = [mark('A', 3, 2), mark('B', 97, 44)];
    const { x, y, margin } = geometryOf(800, 400, far);
    for (const { humidityPct, dampPct } of far) {
      expect(x(humidityPct)).toBeGreaterThanOrEqual(margin.left);
      expect(x(humidityPct)).toBeLessThanOrEqual(800 - margin.right);
      expect(y(dampPct)).toBeGreaterThanOrEqual(margin.top);
      expect(y(dampPct)).toBeLessThanOrEqual(400 - margin.bottom);
    }
    expect(humiditiesIn({ x })[0]).toBe(x.domain()[0]);
    expect(humiditiesIn({ x }).at(-1)).toBe(x.domain()[1]);
  });

  it('finds the nearest mark within a finger, and none beyond it', () => {
    const two = [mark('A', 40, 10), mark('B', 41, 10)];
    const geometry = geometryOf(800, 400, two);
    const at = { x: geometry.x(40), y: geometry.y(10) };
    expect(nearestTo(two, geometry, { x: at.x + 1, y: at.y }, 14)?.code).toBe('A');
    expect(nearestTo([mark('A', 40, 10)], geometry, { x: at.x + 14, y: at.y }, 14)?.code).toBe('A');
    expect(nearestTo([mark('A', 40, 10)], geometry, { x: at.x + 14.5, y: at.y }, 14)).toBeNull();
  });

  it('walks along either axis and meets every mark once, equal ones too', () => {
    const some = [mark('B', 40, 12), mark('A', 40, 9), mark('C', 35, 11)];
    const walk = (axis: 'humidityPct' | 'dampPct', by: 1 | -1) => {
      const codes: string[] = [];
      let at: Mark | null = null;
      for (let i = 0; i < some.length; i++) {
        at = nextAlong(some, at, axis, by);
        codes.push(at?.code ?? '');
      }
      return codes.join('');
    };
    expect(walk('humidityPct', 1)).toBe('CAB');
    expect(walk('humidityPct', -1)).toBe('BAC');
    expect(walk('dampPct', 1)).toBe('ACB');
    expect(nextAlong([], null, 'dampPct', 1)).toBeNull();
    const last = some.find(({ code }) => code === 'B') ?? null;
    expect(nextAlong(some, last, 'humidityPct', 1)?.code).toBe('B');
  });

  it('writes what is looked for as a picture of its own, names made safe', () => {
    const found = marksOf(findBatches(all, { ...NO_FILTER, words: 'quince' }));
    const geometry = geometryOf(800, 400, marks);
    const svg = mapSvg([...found, mark('X', 45, 10)], [], geometry, () => '#fff', {
      x: 'Humidity',
      y: 'Moisture',
    });
    expect(svg.match(/<title>/g)).toHaveLength(found.length + 1);
    expect(svg).toContain('Quay &lt;b&gt;');
    expect(svg).not.toContain('NaN');
  });
});
