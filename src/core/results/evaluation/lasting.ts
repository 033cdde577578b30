import type { Conditions } from '../conditions/types';
import {
  FLOATS_UNDER,
  SHOWERS_LAST,
  WEAR_SPEED,
  askedOf,
  type Learned,
} from '../learning/quantities';
import { USUAL_GRAINS, grainsGoneAfterS } from '../fizz/grains';
import { compositionOf } from '../fizz/composition';
import { goneAfterS, recessionLog, recessionMmS } from '../fizz/erosion';
import { showersOf } from '../fizz/showers';
import type { FormulaBody } from '@/core/formula/model/schema';
import { portionsG, type Portion } from '@/core/matter/materials/portion';
import { packedDensityGMl } from '../fizz/packedDensity';
import type { Spread } from '@/core/basics/units/spread';
import type { Lasting } from './types';

/** Density of water near bath temperature, g/mL, until own pieces say where they float. Source: CRC Handbook, not looked up. */
const BATH_WATER_G_ML: Spread = { low: 0.993, best: 0.993, high: 0.993 };
/** A steamer is a tablet or half sphere: its inradius against a sphere of its volume. Rovack estimate. */
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
  const { learned } = conditions;
  const { density, floatsUnder: under, floats } = densitiesOf(body, conditions);
  const factors = {
    ...compositionOf(materials),
    packedDensityGMl: density.best,
    baseToAcid,
    waterTempC: conditions.tub.tempC,
  };
  const modelLog = recessionLog(factors);
  const own = learned.wear && askedOf(WEAR_SPEED, learned.wear, { modelLog });
  const shipped = recessionMmS(factors);
  const speedMmS = timesOwn(shipped, own);
  const ownTrials = own?.records ?? 0;
  if (body.method === 'loose')
    return {
      kind: 'scattered',
      goneS: grainsGoneAfterS(USUAL_GRAINS, speedMmS),
      speedMmS,
      modelLog,
      ownTrials,
    };
  const volumeMl = Math.min(conditions.pieceG ?? totalG, totalG) / density.best;
  const sphereMm = 10 * Math.cbrt((3 * volumeMl) / (4 * Math.PI));
  if (body.family === 'shower-steamer') {
    const inradiusMm = sphereMm * TABLET_INRADIUS;
    const seen = learned.showers && askedOf(SHOWERS_LAST, learned.showers, null);
    return {
      kind: 'showered',
      showers: timesOwn(showersOf(inradiusMm, shipped), seen),
      inradiusMm,
      speedMmS: shipped,
      ownTrials: seen?.records ?? 0,
    };
  }
  return {
    kind: 'dropped',
    goneS: goneAfterS(sphereMm, speedMmS),
    buoyancy: density.high < under.low ? 'floats' : density.low > under.high ? 'sinks' : 'either',
    inradiusMm: sphereMm,
    speedMmS,
    modelLog,
    ownTrials,
    ownFloats: floats?.records ?? 0,
    ownFills: learned.packed?.records ?? 0,
  };
}

/** How dense a piece is packed, and under which density it floats, g/mL: by own fills and tests where there are any. */
export function densitiesOf({ method }: Pick<FormulaBody, 'method'>, { learned }: Conditions) {
  const floats = learned.floats && askedOf(FLOATS_UNDER, learned.floats, null);
  const floatsUnder: Spread = floats
    ? { low: floats.low, best: floats.estimate, high: floats.high }
    : BATH_WATER_G_ML;
  return { density: learned.packed?.densityGMl ?? packedDensityGMl(method), floatsUnder, floats };
}

/** The maker's own trials move what the model has, and their band replaces its own. */
function timesOwn(shipped: Spread, own: Learned | undefined): Spread {
  return own && own.records > 0
    ? {
        low: shipped.best * own.low,
        best: shipped.best * own.estimate,
        high: shipped.best * own.high,
      }
    : shipped;
}
