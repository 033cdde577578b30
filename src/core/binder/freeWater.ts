import { checkHumidity } from '../air';
import { ROOM_PCT } from './room';

export type FreeWaterBand = 'easy' | 'brisk' | 'risky' | 'will-swell';

/** Upper ends of the bands in % of the mix, at 40 to 50 % humidity. Common practice. */
const BANDS = [
  { band: 'easy', toPct: 1.2 },
  { band: 'brisk', toPct: 2 },
  { band: 'risky', toPct: 3.5 },
] as const;

/** How much the bands tighten for each point over the working range, or relax for each under it. Start value of ours. */
const SHIFT_PER_POINT = 0.015;

/** The ends of the free-water bands in this room, in % of the mix. @param humidityPct 0 to 100 */
export function freeWaterLimitsPct(humidityPct: number): {
  readonly easyPct: number;
  readonly briskPct: number;
  readonly riskyPct: number;
} {
  checkHumidity(humidityPct);
  const over = Math.max(0, humidityPct - ROOM_PCT.goodTo);
  const under = Math.max(0, ROOM_PCT.dryBelow - humidityPct);
  const factor = 1 - SHIFT_PER_POINT * over + SHIFT_PER_POINT * under;
  const [easy, brisk, risky] = BANDS;
  return {
    easyPct: easy.toPct * factor,
    briskPct: brisk.toPct * factor,
    riskyPct: risky.toPct * factor,
  };
}

/** Which band a mix is in. @param freeWaterPct % of the mix by mass, 0 or more */
export function freeWaterBand(freeWaterPct: number, humidityPct: number): FreeWaterBand {
  const { easyPct, briskPct, riskyPct } = freeWaterLimitsPct(humidityPct);
  if (freeWaterPct <= easyPct) return 'easy';
  if (freeWaterPct <= briskPct) return 'brisk';
  return freeWaterPct <= riskyPct ? 'risky' : 'will-swell';
}
