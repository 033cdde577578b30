import { HOUR_MS } from '@/core/basics/time';
import { mean } from '@/core/batches/trays/mean';
import { dryFraction, REFERENCE_MM2_H } from '@/core/batches/drying/forecast';
import { roomClock } from '@/core/batches/drying/roomClock';
import { NOTHING_OUTSIDE, type OutsideFacts } from '@/core/batches/faults/facts';
import { standing } from '@/core/batches/records/summary';
import type { Batch } from '@/core/batches/records/schema';
import type { Tending } from '@/core/work/bench-steps/tendings';
import { traySeats } from './workplace';
import type { Lot } from './lot';
import type { Tool } from './tool';
import type { TrayForecast } from '@/core/batches/trays/trayForecast';

/** The first day on the tray decides. */
const FIRST_H = 24;

/** What the drying room, the tray and the shelf say of a batch. @param tools the trays in use come first by rank */
export function outsideFacts(
  batch: Batch,
  forecast: TrayForecast | null,
  tools: readonly Tool[],
  lots: readonly Lot[],
  jugs: Pick<OutsideFacts, 'freshShare' | 'storedShare'> = NOTHING_OUTSIDE,
): OutsideFacts {
  return {
    dryHumidityPct: forecast?.roomIsRead ? firstDayPct(forecast) : null,
    dryWhenLifted: forecast ? dryAt(batch, forecast, ['turn', 'paint']) : null,
    dryWhenIced: forecast ? dryAt(batch, forecast, ['ice']) : null,
    traySeats: traySeats(tools),
    oldLots: oldLots(batch, lots),
    freshShare: jugs.freshShare,
    storedShare: jugs.storedShare,
  };
}

function firstDayPct({ room, startMs }: TrayForecast): number | null {
  const first = room.filter(({ atMs }) => atMs <= startMs + FIRST_H * HOUR_MS);
  return first.length > 0 ? mean(first.map(({ humidityPct }) => humidityPct)) : null;
}

/** How dry it was when a hand first did one of these to it. */
function dryAt(
  batch: Batch,
  { body, room, startMs, refit, waterActivityPct }: TrayForecast,
  deeds: readonly Tending[],
): number | null {
  const first = standing(batch, 'tended').find(({ what }) => deeds.includes(what));
  if (!first) return null;
  const hours = roomClock(room, startMs, waterActivityPct)(Date.parse(first.at));
  return dryFraction(body, hours, REFERENCE_MM2_H.best * refit.rate.best);
}

/** Lots past their day when they went in. */
function oldLots(batch: Batch, lots: readonly Lot[]): number {
  const used = new Set(
    [...standing(batch, 'weighed'), ...standing(batch, 'added')].flatMap(({ lots: uses }) =>
      (uses ?? []).map(({ lotId }) => lotId),
    ),
  );
  const day = batch.startedAt.slice(0, 10);
  return lots.filter(({ id, expiresOn }) => used.has(id) && expiresOn !== null && expiresOn < day)
    .length;
}
