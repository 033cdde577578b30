import type { Conditions } from '../conditions';
import {
  USUAL_GRAINS,
  compositionOf,
  goneAfterS,
  grainsGoneAfterS,
  recessionMmS,
  showersOf,
} from '../fizz';
import type { FormulaBody } from '../formula';
import { portionsG, type Portion } from '../materials';
import { packedDensityGMl } from '../scaling';
import type { Spread } from '../units';
import type { Lasting } from './types';

/** Density of water near bath temperature, g/mL. Source: CRC Handbook, from memory. */
const BATH_WATER_G_ML = 0.993;
/** A steamer is a tablet or half sphere: its inradius against a sphere of its volume. Start value of ours. */
const TABLET_INRADIUS = 0.73;

/**
 * How long one piece lasts: a sphere of its mass and packed density dropped in, grains strewn, or a tablet
 * under the shower. Null where nothing fizzes.
 */
export function lastingOf(
  body: FormulaBody,
  materials: readonly Portion[],
  baseToAcid: number,
  conditions: Conditions,
): Lasting | null {
  const totalG = portionsG(materials);
  if (!(totalG > 0 && baseToAcid > 0 && baseToAcid < Infinity)) return null;
  const density = packedDensityGMl(body.method);
  const shipped = recessionMmS({
    ...compositionOf(materials),
    packedDensityGMl: density.best,
    baseToAcid,
    waterTempC: conditions.tub.tempC,
  });
  const speedMmS = asLearned(shipped, conditions);
  if (body.method === 'loose')
    return { kind: 'scattered', goneS: grainsGoneAfterS(USUAL_GRAINS, speedMmS), speedMmS };
  const volumeMl = Math.min(conditions.pieceG ?? totalG, totalG) / density.best;
  const sphereMm = 10 * Math.cbrt((3 * volumeMl) / (4 * Math.PI));
  if (body.family === 'shower-steamer') {
    const inradiusMm = sphereMm * TABLET_INRADIUS;
    return { kind: 'showered', showers: showersOf(inradiusMm, speedMmS), inradiusMm, speedMmS };
  }
  return {
    kind: 'dropped',
    goneS: goneAfterS(sphereMm, speedMmS),
    buoyancy:
      density.high < BATH_WATER_G_ML
        ? 'floats'
        : density.low > BATH_WATER_G_ML
          ? 'sinks'
          : 'either',
    inradiusMm: sphereMm,
    speedMmS,
  };
}

/** The maker's own tub tests move the speed and replace its band. */
function asLearned(shipped: Spread, { learned }: Conditions): Spread {
  const own = learned.erosion;
  if (!own || own.records === 0) return shipped;
  return {
    low: shipped.best * own.low,
    best: shipped.best * own.estimate,
    high: shipped.best * own.high,
  };
}
