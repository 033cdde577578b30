import { HOUR_MS } from '@/core/basics/time';
import { roomCurve, type RoomPoint } from '@/core/matter/air/roomDays';
import type { RoomDay } from '@/core/matter/air/roomDaySchema';
import { USUAL_ROOM_C } from '@/core/results/binder/room';
import { roomOf, standing } from '../records/summary';
import type { Batch } from '../records/schema';

/** No tray is watched longer. */
const LONGEST_MS = 60 * 24 * HOUR_MS;
/** A reading from before still speaks for a day. */
const STALE_MS = 24 * HOUR_MS;

/** When the pieces came to the tray: the last one filled, else the count, else the end of the batch; null before. */
export function trayStartMs(batch: Batch): number | null {
  const at =
    standing(batch, 'filled').at(-1)?.at ??
    standing(batch, 'counted').at(-1)?.at ??
    batch.finishedAt;
  return at === null ? null : Date.parse(at);
}

/** The room where the trays stand: the drying room's readings, else the workroom's, else what the batch or the workshop says. */
export function roomSince(
  batch: Batch,
  startMs: number,
  { days, humidityPct }: { readonly days: readonly RoomDay[]; readonly humidityPct: number },
): { readonly points: readonly RoomPoint[]; readonly isRead: boolean } {
  const room = roomOf(batch);
  const own = {
    atMs: startMs,
    humidityPct: room?.humidityPct ?? humidityPct,
    tempC: room?.tempC ?? USUAL_ROOM_C,
  };
  for (const place of ['drying-room', 'workroom'] as const) {
    const points = roomCurve(days, place);
    const before = points.findLast(({ atMs }) => atMs <= startMs);
    const since = points.filter(({ atMs }) => atMs > startMs && atMs < startMs + LONGEST_MS);
    const isFresh = before && startMs - before.atMs < STALE_MS;
    // Until the first reading it is the batch's own room: a later one does not speak for the past.
    if (since.length > 0 || isFresh)
      return { points: [isFresh ? before : own, ...since], isRead: true };
  }
  return { points: [own], isRead: false };
}
