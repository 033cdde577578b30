import type { TendingNow } from '@/core/batches/trays/tending';
import type { TrayForecast } from '@/core/batches/trays/trayForecast';
import { sayWhen } from './when';

/** `46 % dry, 95 % from 05:00 to 09:00`, or that it will not. */
export function sayDry(forecast: TrayForecast, nowMs: number): string {
  const pct = `${Math.round(forecast.dry.best * 100)} % dry`;
  if (forecast.willNotDry)
    return `${pct}; will not dry here at ${Math.round(forecast.humidityPct)} % humidity`;
  const { dryAtMs } = forecast;
  if (!dryAtMs) return `${pct}; not within two months`;
  if (dryAtMs.best <= nowMs) return `${pct}, dry since ${sayWhen(dryAtMs.best, nowMs)}`;
  const from = sayWhen(dryAtMs.low, nowMs);
  const to = sayWhen(dryAtMs.high, nowMs);
  return `${pct}, 95 % ${from === to ? `about ${from}` : `${from} to ${to}`}`;
}

/** `paint now`, `turn at 13:30`, `wrap Thu 09:00, after the icing`. */
export function sayTending(one: TendingNow, nowMs: number): string {
  const verb = one.title === 'Fill the jars' ? 'fill the jars' : one.what;
  if (one.state === 'now') return `${verb} now`;
  if (one.state === 'never') return `${verb}: not in this room`;
  if (one.fromMs === null) return verb;
  return `${verb} ${sayWhen(one.fromMs, nowMs)}${one.waitsFor ? `, after ${one.waitsFor}` : ''}`;
}
