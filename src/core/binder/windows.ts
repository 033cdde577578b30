import { checkHumidity } from '../air';
import type { Method } from '../formula';
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
/** Drier air wants this much more of the index for each 5 points, as a share of itself. Start value of ours. */
const SHIFT_PER_FIVE_POINTS = 0.04;

/**
 * The damp window for a way of forming, in this room: the drier the air, the damper the mix may be.
 * Model of ours on start values from common practice.
 * @param humidityPct relative humidity of the room, 0 to 100
 * @param settingFatFraction share of the liquids, by mass, that sets when cool (butters, coconut oil), 0 to 1
 * @throws RangeError outside these ranges
 */
export function dampWindow(
  method: Method,
  humidityPct: number,
  settingFatFraction: number,
): DampWindow {
  checkHumidity(humidityPct);
  const row = ROWS[method];
  const shift = 1 + (SHIFT_PER_FIVE_POINTS * (ROOM_PCT.aim - humidityPct)) / 5;
  const setsFirm = settingFatFraction > 0.5 && method !== 'loose';
  const lowPct = row.lowPct * shift;
  const usualHighPct = row.highPct * shift;
  return {
    lowPct,
    aimPct: lowPct + row.aimFraction * (usualHighPct - lowPct),
    highPct: setsFirm ? Math.max(usualHighPct, SETTING_FAT_HIGH_PCT) : usualHighPct,
  };
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
