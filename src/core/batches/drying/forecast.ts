import { checkHumidity } from '@/core/matter/air/humidity';
import { saturationVaporPressureHPa } from '@/core/matter/air/moistAir';
import { firstWhere } from '@/core/basics/numeric/firstWhere';
import type { Spread } from '@/core/basics/units/spread';
import { lossFraction, type DryingShape } from './loss';

export interface DryingBody {
  readonly shape: DryingShape;
  /** Radius, or half the thickness of a slab, mm; over 0. */
  readonly sizeMm: number;
  /** How many times as long as the start value’s it takes, as so much more has to leave through its surface; 1 or more. */
  readonly slowedBy?: number;
}

/**
 * Start value: a 70 mm sphere is 95% dry in 24 to 36 hours at 45% and 20°C (common practice);
 * 0.2531 of reduced time, 35 mm, 30 hours.
 */
export const REFERENCE_MM2_H: Spread = {
  low: (0.2531 * 35 ** 2) / 36,
  best: (0.2531 * 35 ** 2) / 30,
  high: (0.2531 * 35 ** 2) / 24,
};
/** The room and the mix that the start value speaks of. */
const REFERENCE = { humidityPct: 45, tempC: 20, waterActivityPct: 75 } as const;
const REFERENCE_DRIVE =
  saturationVaporPressureHPa(REFERENCE.tempC) *
  (REFERENCE.waterActivityPct - REFERENCE.humidityPct);
/** Nothing is foretold beyond two months, hours. */
export const LONGEST_H = 24 * 60;
const STEP_H = 1;

/** The air of a room. */
export interface RoomAir {
  /** 0 to 100%. */
  readonly humidityPct: number;
  /** -20 to 60°C. */
  readonly tempC: number;
}

/**
 * How fast this room dries a mix against one at 45% and 20°C: vapor pressure over the mix less that of the air, over
 * the same there. 0 where both are alike, below 0 where the air is the damper and the mix takes water up.
 * Rovack estimate; vapor pressure by Alduchov and Eskridge 1996.
 * @param waterActivityPct of the mix, over 0 to 100
 */
export function dryingFactor({ humidityPct, tempC }: RoomAir, waterActivityPct: number): number {
  checkHumidity(humidityPct);
  const drive = saturationVaporPressureHPa(tempC) * (waterActivityPct - humidityPct);
  return drive / REFERENCE_DRIVE;
}

/**
 * Share of the water that would leave at 45% which stays in a piece that has come to rest with a damper room, 0 to 1:
 * straight from none at 45% to all at the mix's own water activity. Rovack estimate.
 */
export function staysFraction({ humidityPct }: RoomAir, waterActivityPct: number): number {
  checkHumidity(humidityPct);
  const span = waterActivityPct - REFERENCE.humidityPct;
  if (!(span > 0)) return humidityPct >= waterActivityPct ? 1 : 0;
  return Math.min(1, Math.max(0, (humidityPct - REFERENCE.humidityPct) / span));
}

/** Share dry after some hours, 0 to 1. @param rateMm2H as {@link REFERENCE_MM2_H} or refitted, over 0 */
export function dryFraction(
  { shape, sizeMm, slowedBy = 1 }: DryingBody,
  hours: number,
  rateMm2H: number,
): number {
  if (!(sizeMm > 0)) throw new RangeError(`sizeMm must be over 0, got ${sizeMm}`);
  return lossFraction(shape, (rateMm2H * hours) / slowedBy / sizeMm ** 2);
}

/**
 * Hours until a share is dry for the first time; null where that takes longer than sixty days.
 * @param fraction over 0, under 1 @param rateMm2H in the reference room, over 0
 * @param roomHours what so many hours on the tray are worth in the reference room; the same when the room is it
 */
export function hoursToDry(
  body: DryingBody,
  fraction: number,
  rateMm2H: number,
  roomHours: (hours: number) => number = (hours) => hours,
): number | null {
  if (!(fraction > 0 && fraction < 1))
    throw new RangeError(`fraction must be between 0 and 1, got ${fraction}`);
  const wanted = referenceHours(body, fraction, rateMm2H);
  // The room may wet again what it dried: the first crossing is looked for hour by hour.
  for (let from = 0; from < LONGEST_H; from += STEP_H)
    if (roomHours(from + STEP_H) >= wanted)
      return firstWhere((hours) => roomHours(hours) >= wanted, from, from + STEP_H) ?? null;
  return null;
}

/** Hours in the reference room until a share is dry. */
function referenceHours(body: DryingBody, fraction: number, rateMm2H: number): number {
  const longest = (LONGEST_H * REFERENCE_MM2_H.high * 100 * (body.slowedBy ?? 1)) / rateMm2H;
  return (
    firstWhere((hours) => dryFraction(body, hours, rateMm2H) >= fraction, 0, longest) ?? Infinity
  );
}

/** Share dry at which a piece may be handled, and at which it may be wrapped. Common practice. */
export const HANDLE_FRACTION = 0.7;
export const DRY_FRACTION = 0.95;
/** What is left in a dry piece does no harm up to this share of its mass. Rovack estimate. */
const HARMLESS_FRACTION = 0.00015;
/** Even an oily piece lies for a while before it is wrapped. */
const LEAST_DRY_FRACTION = 0.3;

/** Share that has to leave until a piece is dry: what never held much is dry sooner. @param lossFraction of its mass, what can leave, over 0 */
export function dryTarget(lossFraction: number): number {
  return Math.min(DRY_FRACTION, Math.max(LEAST_DRY_FRACTION, 1 - HARMLESS_FRACTION / lossFraction));
}
