import { checkHumidity } from '@/core/matter/air/humidity';
import type { Method } from '@/core/formula/model/schema';
import type { DampReading } from './damp';
import { ROOM_PCT } from './room';

/** A window of the damp index in %, with the value to aim at. */
export interface DampWindow {
  readonly lowPct: number;
  readonly aimPct: number;
  readonly highPct: number;
}

interface WindowRow {
  readonly lowPct: number;
  readonly highPct: number;
  /** Where in the window to aim, 0 low to 1 high. */
  readonly aimFraction: number;
  readonly source: string;
}

const practice = 'common practice, checked against workable mixes';

const ROWS: Readonly<Record<Method, WindowRow>> = {
  'in-pack': { lowPct: 9, highPct: 18, aimFraction: 0.5, source: practice },
  press: { lowPct: 10, highPct: 17, aimFraction: 0.5, source: practice },
  hand: { lowPct: 10, highPct: 20, aimFraction: 0.5, source: practice },
  silicone: { lowPct: 10, highPct: 20, aimFraction: 0.5, source: practice },
  detail: { lowPct: 10, highPct: 20, aimFraction: 0.75, source: practice },
  loose: { lowPct: 0, highPct: 8, aimFraction: 0.5, source: practice },
};

/** A mix held by a butter that sets may be this damp. Common practice. */
const SETTING_FAT_HIGH_PCT = 26;
/** Around half of the liquid setting, the window opens smoothly. Rovack estimate. */
const SETTING_FAT = { from: 0.4, full: 0.6 } as const;

/**
 * A piece that builders set, a third of it washing soda, is worked like wet beach sand: usual household mixes with vinegar
 * are easy at 27.5. Common practice.
 */
const SET_BY_BUILDERS = { lowPct: 16, aimPct: 27.5, highPct: 36 } as const;
/** Share of the solids from which builders alone say how damp it is worked. Rovack estimate. */
const BUILDERS_FULL_FRACTION = 0.3;
/** Drier air wants this much more of the index for each 5 points, as a share of itself. Rovack estimate. */
const SHIFT_PER_FIVE_POINTS = 0.04;

/** What sets in a mix, shares of 0 to 1: fats of the liquids, washing soda of the solids. */
export type Setting = Pick<DampReading, 'settingFatFraction' | 'settingBuilderFraction'>;

/**
 * The damp window for a way of forming, in this room: the drier the air, the damper the mix may be.
 * Rovack estimate on start values from common practice.
 * @param humidityPct relative humidity of the room, 0 to 100
 * @param setting what holds the piece beside the liquid itself
 * @throws RangeError outside these ranges
 */
export function dampWindow(
  method: Method,
  humidityPct: number,
  { settingFatFraction, settingBuilderFraction }: Setting,
): DampWindow {
  checkHumidity(humidityPct);
  const row = ROWS[method];
  const shift = 1 + (SHIFT_PER_FIVE_POINTS * (ROOM_PCT.aim - humidityPct)) / 5;
  const builders =
    method === 'loose' ? 0 : Math.min(1, settingBuilderFraction / BUILDERS_FULL_FRACTION);
  const toward = (usualPct: number, setPct: number) => usualPct + builders * (setPct - usualPct);
  const lowPct = toward(row.lowPct, SET_BY_BUILDERS.lowPct) * shift;
  const usualHighPct = toward(row.highPct, SET_BY_BUILDERS.highPct) * shift;
  const usualAimPct = row.lowPct + row.aimFraction * (row.highPct - row.lowPct);
  return {
    lowPct,
    aimPct: toward(usualAimPct, SET_BY_BUILDERS.aimPct) * shift,
    highPct:
      usualHighPct +
      (method === 'loose' ? 0 : fatShare(settingFatFraction)) *
        Math.max(0, SETTING_FAT_HIGH_PCT - usualHighPct),
  };
}

/** How far the fat that sets has opened the window: a smooth step from 0 to 1. */
function fatShare(settingFatFraction: number): number {
  const { from, full } = SETTING_FAT;
  const x = Math.min(1, Math.max(0, (settingFatFraction - from) / (full - from)));
  return x * x * (3 - 2 * x);
}

/** The window as a maker's own batches have it: all of it moved by one factor. @param factor over 0 */
export function movedWindow(window: DampWindow, factor: number): DampWindow {
  if (!(factor > 0)) throw new RangeError(`factor must be over 0, got ${factor}`);
  return {
    lowPct: window.lowPct * factor,
    aimPct: window.aimPct * factor,
    highPct: window.highPct * factor,
  };
}
