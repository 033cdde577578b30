import { formatMinutes, formatSeconds } from '@/core/basics/format/durations';
import { formatCount, formatFixed, formatPercent } from '@/core/basics/format/numbers';
import { formatMass, formatTemp } from '@/core/basics/format/quantities';
import type { LineDifference } from '@/core/formula/model/compare';
import type { CompareGroup, ComparedId } from '@/core/goods/archive/compareBatches';
import { handSigns } from '@/core/work/bench-steps/handSigns';
import type { Felt } from '@/core/results/binder/correction';

export const GROUP_WORDS: Readonly<Record<CompareGroup, string>> = {
  mix: 'Mix',
  room: 'Room',
  bench: 'At the bench',
  drying: 'Drying',
  pieces: 'Pieces',
  tests: 'Tests',
};

interface Figure {
  readonly name: string;
  readonly say: (value: number) => string;
}

/** How each figure is called and said. */
export const FIGURES: Readonly<Record<ComparedId, Figure>> = {
  version: { name: 'Version', say: formatCount },
  totalG: { name: 'Weighed in all', say: (value) => formatMass(value) },
  ratio: { name: 'Soda to acid', say: (value) => formatFixed(value, 2) },
  dampPct: { name: 'Moisture', say: (value) => formatFixed(value, 1) },
  freeWaterPct: { name: 'Loose water', say: (value) => formatPercent(value, 1) },
  humidityPct: { name: 'Humidity', say: (value) => formatPercent(value, 0) },
  tempC: { name: 'Temperature', say: (value) => formatTemp(value, 1) },
  addedG: { name: 'Added beside the plan', say: (value) => formatMass(value, 1) },
  acidToLastMin: { name: 'Acid to last piece', say: formatMinutes },
  dryHumidityPct: { name: 'Drying room', say: (value) => formatPercent(value, 0) },
  dryH: { name: 'Dry after', say: (value) => formatMinutes(60 * Math.round(value)) },
  lostPct: { name: 'Lost while drying', say: (value) => formatPercent(value, 1) },
  pieces: { name: 'Good pieces', say: formatCount },
  rejects: { name: 'Rejects', say: formatCount },
  meanFillG: { name: 'Mean fill', say: (value) => formatMass(value, 1) },
  tests: { name: 'Tests', say: formatCount },
  goneS: { name: 'Gone after', say: formatSeconds },
};

/** A squeeze by the sign of its hand. */
export function squeezeSaid({
  acidIn,
  felt,
}: {
  readonly acidIn: boolean;
  readonly felt: Felt;
}): string {
  return handSigns(acidIn).find((sign) => sign.felt === felt)?.title ?? '';
}

/** One line that changed between two versions. */
export function changeSaid({ beforeG, afterG }: LineDifference, name: string): string {
  if (beforeG === null) return `${name}: ${formatMass(afterG ?? 0)}, new`;
  if (afterG === null) return `${name}: removed`;
  return `${name}: ${formatMass(afterG)}, was ${formatMass(beforeG)}`;
}
