import { checkHumidity } from '../air';
import { firstWhere } from '../numeric';
import type { Spread } from '../units';
import { lossFraction, type DryingShape } from './loss';

export interface DryingBody {
  readonly shape: DryingShape;
  /** Radius, or half the thickness of a slab, mm; over 0. */
  readonly sizeMm: number;
}

/** Water activity of a damp mix: in a room near it nothing dries. Start value of ours. */
const MIX_WATER_ACTIVITY_PCT = 75;
const NEAR_PCT = 3;
/**
 * Start value: a 70 mm sphere is 95 % dry in 24 to 36 hours at 45 % and 20 °C (common practice);
 * 0.2531 of reduced time, 35 mm, 30 hours.
 */
export const REFERENCE_MM2_H: Spread = {
  low: (0.2531 * 35 ** 2) / 36,
  best: (0.2531 * 35 ** 2) / 30,
  high: (0.2531 * 35 ** 2) / 24,
};
const REFERENCE_HUMIDITY_PCT = 45;
const LONGEST_H = 24 * 60;

/**
 * How fast this room dries against one at 45 %: driving force over driving force, water activity less humidity;
 * 0 where nothing dries. Model of ours on common practice.
 * @param humidityPct 0 to 100
 */
export function dryingFactor(humidityPct: number): number {
  checkHumidity(humidityPct);
  const drive = MIX_WATER_ACTIVITY_PCT - humidityPct;
  return drive < NEAR_PCT ? 0 : drive / (MIX_WATER_ACTIVITY_PCT - REFERENCE_HUMIDITY_PCT);
}

/** Share dry after some hours, 0 to 1. @param rateMm2H as {@link REFERENCE_MM2_H} or refitted, over 0 */
export function dryFraction(
  { shape, sizeMm }: DryingBody,
  hours: number,
  rateMm2H: number,
): number {
  if (!(sizeMm > 0)) throw new RangeError(`sizeMm must be over 0, got ${sizeMm}`);
  return lossFraction(shape, (rateMm2H * hours) / sizeMm ** 2);
}

/**
 * Hours until a share is dry; null where that takes longer than sixty days.
 * @param fraction over 0, under 1 @param rateMm2H at 45 %, over 0
 * @param roomHours what so many hours on the tray are worth at 45 %; the same when the room is
 */
export function hoursToDry(
  body: DryingBody,
  fraction: number,
  rateMm2H: number,
  roomHours: (hours: number) => number = (hours) => hours,
): number | null {
  if (!(fraction > 0 && fraction < 1))
    throw new RangeError(`fraction must be between 0 and 1, got ${fraction}`);
  return (
    firstWhere(
      (hours) => dryFraction(body, roomHours(hours), rateMm2H) >= fraction,
      0,
      LONGEST_H,
    ) ?? null
  );
}

/** Share dry at which a piece may be handled, and at which it may be wrapped. Common practice. */
export const HANDLE_FRACTION = 0.7;
export const DRY_FRACTION = 0.95;
