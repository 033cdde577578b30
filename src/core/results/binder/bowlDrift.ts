import { checkHumidity } from '@/core/matter/air/humidity';
import type { Material } from '@/core/matter/materials/material';
import type { Portion } from '@/core/matter/materials/portion';
import { dampReading } from './damp';
import type { DampWindow } from './windows';

/**
 * Share of the index the bowl loses in a minute at 45% and 20°C, for water and for alcohol. Rovack estimates,
 * after "test again every few minutes".
 */
const WATER_LOSS_PER_MIN = 0.004;
const ALCOHOL_LOSS_PER_MIN = 0.02;
/** Every few minutes, whatever the model says. Common practice. */
export const SOONEST_MIN = 3;
const LATEST_MIN = 8;
/** Drying air draws water by what it is short of, and twice as fast for ten degrees more. */
const REFERENCE_SHORT_PCT = 55;
const REFERENCE_TEMP_C = 20;
const PER_TEN_C = 2;

/**
 * Minutes until the bowl should be squeezed again while it is pressed: when the index has come down to the low end
 * of its window, or every few minutes. Rovack estimate with the trade's limits.
 * @param humidityPct 0 to 100 @param tempC -10 to 50
 */
export function testAgainMin(
  contents: readonly Portion[],
  window: DampWindow,
  humidityPct: number,
  tempC: number,
): number {
  checkHumidity(humidityPct);
  const { dampIndexPct } = dampReading(contents);
  if (dampIndexPct === null || dampIndexPct <= window.lowPct) return SOONEST_MIN;
  const air = airTimes(humidityPct, tempC);
  const { water, alcohol } = sharesOfLiquid(contents);
  const lossPerMin = air * (water * WATER_LOSS_PER_MIN + alcohol * ALCOHOL_LOSS_PER_MIN);
  if (!(lossPerMin > 0)) return LATEST_MIN;
  const minutes = (dampIndexPct - window.lowPct) / (dampIndexPct * lossPerMin);
  return Math.round(Math.min(LATEST_MIN, Math.max(SOONEST_MIN, minutes)));
}

/**
 * Grams of a material that are still in an open bowl: water and alcohol leave a liquid, all else stays. Rovack estimate.
 * @param minutes 0 or more @param humidityPct 0 to 100 @param tempC -10 to 50
 */
export function inAir(
  { isLiquid, role, waterFraction }: Material,
  massG: number,
  minutes: number,
  humidityPct: number,
  tempC: number,
): number {
  checkHumidity(humidityPct);
  if (!isLiquid) return massG;
  const spent = minutes * airTimes(humidityPct, tempC);
  const water = waterFraction.value;
  const alcohol = role === 'alcohol' ? 1 - water : 0;
  return (
    massG *
    (1 -
      water * (1 - Math.exp(-WATER_LOSS_PER_MIN * spent)) -
      alcohol * (1 - Math.exp(-ALCOHOL_LOSS_PER_MIN * spent)))
  );
}

/** How fast this air draws against that at 45% and 20°C. */
function airTimes(humidityPct: number, tempC: number): number {
  return (
    ((100 - humidityPct) / REFERENCE_SHORT_PCT) * PER_TEN_C ** ((tempC - REFERENCE_TEMP_C) / 10)
  );
}

/** Of all liquid in the bowl by mass, what is water and what is alcohol; oils stay. */
function sharesOfLiquid(contents: readonly Portion[]): {
  readonly water: number;
  readonly alcohol: number;
} {
  let liquidG = 0;
  let waterG = 0;
  let alcoholG = 0;
  for (const { material, massG } of contents) {
    const { isLiquid, waterFraction, role } = material;
    if (!isLiquid) continue;
    liquidG += massG;
    waterG += massG * waterFraction.value;
    if (role === 'alcohol') alcoholG += massG * (1 - waterFraction.value);
  }
  return liquidG > 0
    ? { water: waterG / liquidG, alcohol: alcoholG / liquidG }
    : { water: 0, alcohol: 0 };
}
