import { checkHumidity } from '@/core/matter/air/humidity';
import { gasFrom, sumReactants, type ReactantSums } from '@/core/matter/chemistry/stoichiometry';
import { portionsG, type Portion } from '@/core/matter/materials/portion';
import { reactantsOf } from '@/core/matter/materials/reactants';
import { ROOM_PCT } from './room';

export type FreeWaterBand = 'easy' | 'brisk' | 'risky' | 'will-swell';

/** Upper ends of the bands in % of the mix, at 40 to 50 % humidity. Common practice. */
const BANDS = [
  { band: 'easy', toPct: 1.2 },
  { band: 'brisk', toPct: 2 },
  { band: 'risky', toPct: 3.5 },
] as const;

/** How much the bands tighten for each point over the working range, or relax for each under it. Rovack estimate. */
const SHIFT_PER_POINT = 0.015;

/** A mix that can give this much gas swells by all of its free water, mol from a gram: a third of a bath bomb’s. Rovack estimate. */
const SWELLS_FULLY_FROM_MOL_PER_G = 0.0015;

/**
 * How much of its usual harm free water can do in this mix, 0 to 1: what swells is the gas that it can set free, and
 * where builders take the acid up there is none. While one side is missing, it is taken as still to come.
 */
export function gasShare(contents: readonly Portion[]): number {
  return gasShareOf(sumReactants(reactantsOf(contents)), portionsG(contents));
}

/** The same from sums of what reacts. @param massG of the whole mix */
export function gasShareOf(sums: ReactantSums, massG: number): number {
  if (!(massG > 0) || sums.acidMol === 0 || sums.baseMol === 0) return 1;
  return Math.min(1, gasFrom(sums) / massG / SWELLS_FULLY_FROM_MOL_PER_G);
}

/** The ends of the free-water bands in this room, in % of the mix. @param humidityPct 0 to 100 @param gas 0 to 1, see {@link gasShare}; endless limits for 0 */
export function freeWaterLimitsPct(
  humidityPct: number,
  gas: number,
): {
  readonly easyPct: number;
  readonly briskPct: number;
  readonly riskyPct: number;
} {
  checkHumidity(humidityPct);
  const over = Math.max(0, humidityPct - ROOM_PCT.goodTo);
  const under = Math.max(0, ROOM_PCT.dryBelow - humidityPct);
  const factor = (1 - SHIFT_PER_POINT * over + SHIFT_PER_POINT * under) / gas;
  const [easy, brisk, risky] = BANDS;
  return {
    easyPct: easy.toPct * factor,
    briskPct: brisk.toPct * factor,
    riskyPct: risky.toPct * factor,
  };
}

/** Which band a mix is in. @param freeWaterPct % of the mix by mass, 0 or more */
export function freeWaterBand(
  freeWaterPct: number,
  humidityPct: number,
  gas: number,
): FreeWaterBand {
  const { easyPct, briskPct, riskyPct } = freeWaterLimitsPct(humidityPct, gas);
  if (freeWaterPct <= easyPct) return 'easy';
  if (freeWaterPct <= briskPct) return 'brisk';
  return freeWaterPct <= riskyPct ? 'risky' : 'will-swell';
}
