import type { Tending } from '@/core/work/bench-steps/tendings';
import { timeFrom } from '@/core/basics/format/dates';
import { formatPercent, joinRange } from '@/core/basics/format/numbers';
import type { TendingNow } from '@/core/batches/trays/tending';
import type { TrayForecast } from '@/core/batches/trays/trayForecast';

/** `46% dry, ready 05:00–09:00`, or that it will not be. */
export function sayDry(forecast: TrayForecast, nowMs: number): string {
  const pct = `${formatPercent(forecast.dry.best * 100, 0)} dry`;
  if (forecast.willNotDry)
    return `${pct}, won’t dry here at ${formatPercent(forecast.humidityPct, 0)} humidity`;
  const { dryAtMs } = forecast;
  if (!dryAtMs) return `${pct}, not ready within two months`;
  if (dryAtMs.best <= nowMs) return `${pct}, ready since ${timeFrom(dryAtMs.best, nowMs)}`;
  return `${pct}, ready ${joinRange(timeFrom(dryAtMs.low, nowMs), timeFrom(dryAtMs.high, nowMs))}`;
}

const VERBS: Readonly<Record<Tending, string>> = {
  turn: 'Turn',
  ice: 'Ice',
  paint: 'Paint',
  wrap: 'Wrap',
};

/** Steps of a word of their own: a paint that has a name, jars, molds. */
function verbOf({ what, title, stepId }: TendingNow): string {
  if (stepId === 'unmold') return 'Unmold';
  const isOwn = what === 'paint' || what === 'ice' || title === 'Fill the jars';
  return isOwn ? title : VERBS[what];
}

/** `Paint now`, `Turn 13:30`, `Wrap Thu 09:00, after icing`. */
export function sayTending(one: TendingNow, nowMs: number): string {
  const verb = verbOf(one);
  if (one.state === 'now') return `${verb} now`;
  if (one.state === 'never') return `${verb}: not in this room`;
  if (one.fromMs === null) return verb;
  const when = `${verb} ${timeFrom(one.fromMs, nowMs)}`;
  return one.waitsFor ? `${when}, after ${one.waitsFor}` : when;
}
