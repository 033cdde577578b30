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

/**
 * A mix that is clumped by a spray alone: half a percent of water holds a bowl together for the press, a usual spray is
 * about one, and from three on it is wet. Common practice; in points of the index of a plain two-to-one mix.
 */
const SPRAYED = { lowPct: 2.2, aimPct: 4.6, highPct: 13 } as const;

/** A mix held by a butter that sets may be this damp. Common practice. */
const SETTING_FAT_HIGH_PCT = 26;
/** Around half of the liquid setting, the window opens smoothly. Rovack estimate. */
const SETTING_FAT = { from: 0.4, full: 0.6 } as const;
/** A little butter holds nothing: it opens the window from so much of the mix on, %. Rovack estimate. */
const SETTING_FAT_PCT = { from: 2, full: 6 } as const;

/**
 * A piece that builders set, a third of it washing soda, is worked like wet beach sand: with vinegar it is easy at 27.5,
 * and a sixth of the powder's volume still packs. Common practice.
 */
const SET_BY_BUILDERS = { lowPct: 16, aimPct: 27.5, highPct: 50 } as const;
/** Share of the solids from which builders alone say how damp it is worked. Rovack estimate. */
const BUILDERS_FULL_FRACTION = 0.3;
/** Drier air wants this much more of the index for each 5 points, as a share of itself. Rovack estimate. */
const SHIFT_PER_FIVE_POINTS = 0.04;

/** What holds a mix, shares of 0 to 1: fats of the liquids, washing soda of the solids, spray of what binds. */
export type Setting = Pick<
  DampReading,
  'settingFatFraction' | 'settingFatPct' | 'settingBuilderFraction' | 'sprayFraction'
>;

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
  { settingFatFraction, settingFatPct, settingBuilderFraction, sprayFraction }: Setting,
): DampWindow {
  checkHumidity(humidityPct);
  const row = ROWS[method];
  const isLoose = method === 'loose';
  const shift = 1 + (SHIFT_PER_FIVE_POINTS * (ROOM_PCT.aim - humidityPct)) / 5;
  const builders = isLoose ? 0 : Math.min(1, settingBuilderFraction / BUILDERS_FULL_FRACTION);
  const usualAimPct = row.lowPct + row.aimFraction * (row.highPct - row.lowPct);
  const edge = (usualPct: number, sprayedPct: number, setPct: number) => {
    const bound = isLoose ? usualPct : together(usualPct, sprayedPct, sprayFraction);
    return (bound + builders * (setPct - bound)) * shift;
  };
  const highPct = edge(row.highPct, SPRAYED.highPct, SET_BY_BUILDERS.highPct);
  const fats = isLoose
    ? 0
    : stepUp(settingFatFraction, SETTING_FAT) * stepUp(settingFatPct, SETTING_FAT_PCT);
  return {
    lowPct: edge(row.lowPct, SPRAYED.lowPct, SET_BY_BUILDERS.lowPct),
    aimPct: edge(usualAimPct, SPRAYED.aimPct, SET_BY_BUILDERS.aimPct),
    highPct: highPct + fats * Math.max(0, SETTING_FAT_HIGH_PCT - highPct),
  };
}

/**
 * An edge for two kinds of binder at once: each counts as the share of its own edge that it makes up, and together they make
 * up one. So no drop of either makes a mix drier.
 */
function together(usualPct: number, sprayedPct: number, sprayFraction: number): number {
  return 1 / (sprayFraction / sprayedPct + (1 - sprayFraction) / usualPct);
}

/** A smooth step from 0 to 1. */
function stepUp(value: number, { from, full }: { readonly from: number; readonly full: number }) {
  const x = Math.min(1, Math.max(0, (value - from) / (full - from)));
  return x * x * (3 - 2 * x);
}

/** Squeezes that named an end of the range: too dry its lower one, too wet its upper one. */
export interface EndsFelt {
  readonly feltDry: number;
  readonly feltWet: number;
}

/**
 * The window as a maker's own batches have it: its target moved by one factor, and with it each end that widens the window or that
 * a hand has felt. A mix that held says that it holds there, not that the range ends there.
 * @param factor over 0
 */
export function movedWindow(
  window: DampWindow,
  factor: number,
  { feltDry, feltWet }: EndsFelt,
): DampWindow {
  if (!(factor > 0)) throw new RangeError(`factor must be over 0, got ${factor}`);
  const movesLow = factor < 1 || feltDry > 0;
  const movesHigh = factor > 1 || feltWet > 0;
  return {
    lowPct: window.lowPct * (movesLow ? factor : 1),
    aimPct: window.aimPct * factor,
    highPct: window.highPct * (movesHigh ? factor : 1),
  };
}
