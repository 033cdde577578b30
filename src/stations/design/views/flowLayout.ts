import type { FormulaBody } from '@/core/formula/model/schema';
import { streamsOf, type Stream } from '@/core/work/flow/streams';
import type { Operation } from '@/core/work/flow/types';

/** One stream as it is drawn: a band from where it begins to where it runs into another. */
export interface DrawnStream extends Stream {
  readonly x0: number;
  readonly x1: number;
  readonly y: number;
  readonly width: number;
  /** Where it runs to; null for the last. */
  readonly toY: number | null;
  readonly startMin: number;
}

export interface FlowLayout {
  readonly width: number;
  readonly height: number;
  readonly streams: readonly DrawnStream[];
}

const WIDTH = 330;
const ROW = 44;
const TOP = 24;
const LEAST_BAND = 5;
const MOST_BAND = 24;
const LEFT = 6;
const RIGHT = 14;

/**
 * Streams left to right in the order of the work, each as wide as it is heavy, running into the vessel it is poured
 * into. What is in the mold and on the tray is as wide as all that runs into it.
 */
export function flowLayout(operations: readonly Operation[], body: FormulaBody): FlowLayout {
  const streams = streamsOf(operations, body).filter(({ operations: own }) => own.length > 0);
  const place = new Map(operations.map(({ id }, i) => [id, i]));
  const step = (WIDTH - LEFT - RIGHT) / Math.max(1, operations.length);
  const heaviestG = Math.max(1, ...streams.map(({ key }) => heldG(key, streams)));
  const at = (index: number) => LEFT + index * step;
  const rows = new Map(streams.map(({ key }, i) => [key, TOP + i * ROW + ROW / 2]));
  const starts = startsOf(operations);
  return {
    width: WIDTH,
    height: TOP + streams.length * ROW + 4,
    streams: streams.map((stream) => {
      const own = stream.operations.map(({ id }) => place.get(id) ?? 0);
      const joins = stream.joinsId === null ? -1 : (place.get(stream.joinsId) ?? -1);
      const last = Math.max(...own);
      return {
        ...stream,
        x0: at(Math.min(...own)),
        x1: at(joins < 0 ? last + 1 : Math.max(joins, last + 1)),
        y: rows.get(stream.key) ?? 0,
        width:
          LEAST_BAND + (MOST_BAND - LEAST_BAND) * Math.sqrt(heldG(stream.key, streams) / heaviestG),
        toY: stream.into === null ? null : (rows.get(stream.into) ?? null),
        startMin: starts.get(stream.operations[0]?.id ?? '') ?? 0,
      };
    }),
  };
}

/** Grams weighed into a stream and into all that run into it. */
function heldG(
  key: string,
  streams: readonly Stream[],
  seen: ReadonlySet<string> = new Set(),
): number {
  const own = streams.find((stream) => stream.key === key);
  if (!own || seen.has(key)) return 0;
  const next = new Set([...seen, key]);
  return streams
    .filter(({ into }) => into === key)
    .reduce((sum, stream) => sum + heldG(stream.key, streams, next), own.massG);
}

function startsOf(operations: readonly Operation[]): ReadonlyMap<string, number> {
  let clock = 0;
  return new Map(
    operations.map(({ id, minutes }) => {
      const entry = [id, clock] as const;
      clock += minutes;
      return entry;
    }),
  );
}
