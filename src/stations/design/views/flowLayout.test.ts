import { describe, expect, it } from 'vitest';
import { LANTERN, bodyFrom } from '../../../../tests/fixtures/bodies';
import { SHIPPED } from '@/core/matter/materials/catalog';
import { workOf } from '@/core/work/flow/workOf';
import type { WorkFacts } from '@/core/work/flow/types';
import { flowLayout } from './flowLayout';

const FACTS: WorkFacts = { catalog: SHIPPED, pieces: 9, weighG: new Map(), counted: new Set() };

function laid(text: string) {
  const body = bodyFrom(text);
  const { operations } = workOf(body, FACTS);
  return { operations, flow: flowLayout(operations, body) };
}
const { operations, flow } = laid(LANTERN);

describe('the flow of the work', () => {
  it('has each operation in one stream, and each stream in a row of its own within the picture', () => {
    const drawn = flow.streams.flatMap((stream) => stream.operations.map(({ id }) => id));
    expect(drawn.toSorted()).toEqual(operations.map(({ id }) => id).toSorted());
    const rows = flow.streams.map(({ y }) => y);
    expect(new Set(rows).size).toBe(rows.length);
    for (const { y, x0, x1 } of flow.streams) {
      expect(y).toBeLessThan(flow.height);
      expect(x0).toBeLessThan(x1);
      expect(x1).toBeLessThanOrEqual(flow.width);
    }
  });

  it('runs into the row of the vessel that it is poured into, and only the last runs nowhere', () => {
    const byKey = new Map(flow.streams.map((stream) => [stream.key, stream]));
    for (const { into, toY } of flow.streams)
      expect(toY).toBe(into === null ? null : (byKey.get(into)?.y ?? null));
    expect(flow.streams.filter(({ into }) => into === null)).toHaveLength(1);
  });

  it('ends no sooner than where it joins: what is poured in has been begun', () => {
    const place = new Map(operations.map(({ id }, i) => [id, i]));
    for (const stream of flow.streams) {
      const joins = stream.joinsId === null ? null : (place.get(stream.joinsId) ?? null);
      const first = Math.min(...stream.operations.map(({ id }) => place.get(id) ?? 0));
      if (joins !== null) expect(joins).toBeGreaterThan(first);
    }
  });

  it('is as wide as all that has run into it: the last is the widest, what is heavier wider', () => {
    const widths = flow.streams.map(({ width }) => width);
    const last = flow.streams.find(({ into }) => into === null);
    expect(last?.width).toBe(Math.max(...widths));
    expect(Math.max(...widths)).toBe(24);
    const fed = new Set(flow.streams.map(({ into }) => into));
    const springs = flow.streams
      .filter(({ key }) => !fed.has(key))
      .toSorted((a, b) => a.massG - b.massG);
    expect(springs.length).toBeGreaterThan(2);
    expect(springs.map(({ width }) => width)).toEqual(
      springs.map(({ width }) => width).toSorted((a, b) => a - b),
    );
    expect(Math.min(...widths)).toBeGreaterThanOrEqual(5);
  });

  it('begins when all that is done before it is done', () => {
    let clock = 0;
    const starts = new Map<string, number>();
    for (const { id, minutes } of operations) {
      starts.set(id, clock);
      clock += minutes;
    }
    for (const { startMin, operations: own } of flow.streams)
      expect(startMin).toBeCloseTo(starts.get(own[0]?.id ?? '') ?? NaN, 9);
  });

  it('is empty for no work, and no figure of it is none', () => {
    const nothing = flowLayout([], bodyFrom(LANTERN));
    expect(nothing.streams).toEqual([]);
    expect(nothing.height).toBeGreaterThan(0);
  });
});
