import { fizzBalance } from '@/core/matter/chemistry/stoichiometry';
import { portionsG, type Portion } from '@/core/matter/materials/portion';
import { reactantsOf } from '@/core/matter/materials/reactants';
import type { Spread } from '@/core/basics/units/spread';
import { tubReading, type Tub } from '@/core/results/water/tub';

/** Of carbon dioxide. Source: IUPAC abridged atomic weights 2021. */
const CO2_G_MOL = 44.009;
/** What a kitchen thermometer and a measuring jug are off by, and a tap's alkalinity. Common practice. */
const TEMP_OFF_C = 1;
const VOLUME_OFF = 0.01;
const ALKALINITY_OFF_MG_L = 50;

export interface ExpectedLoss {
  /** Grams of gas that leave a fresh sample, with the range that thermometer and jug leave open. */
  readonly lossG: Spread;
  /** All gas that the sample makes, most of which a little water keeps: grams. */
  readonly stoichiometricG: number;
}

/**
 * What a sample of a mix loses as gas in so much water: what the closed equilibrium at one atmosphere cannot hold, not
 * the gas that the reaction makes. Source: {@link tubReading}; Henry's law.
 * @param mix any amount of it; over 0
 * @param sampleG of it, over 0
 * @throws RangeError when mix or sample weigh nothing, or as {@link tubReading}
 */
export function expectedLoss(mix: readonly Portion[], sampleG: number, water: Tub): ExpectedLoss {
  const mixG = portionsG(mix);
  if (!(mixG > 0)) throw new RangeError(`the mix must weigh over 0 g, got ${mixG}`);
  if (!(sampleG > 0)) throw new RangeError(`sampleG must be over 0, got ${sampleG}`);
  const reactants = reactantsOf(
    mix.map(({ material, massG }) => ({ material, massG: (massG * sampleG) / mixG })),
  );
  const loss = (change: Partial<Tub>) =>
    tubReading(reactants, { ...water, ...change }).co2LeftAsGasMol * CO2_G_MOL;
  const best = loss({});
  // Each alone, then as independent errors: colder, more or harder water than was read holds more of the gas.
  const offs = [
    best - loss({ tempC: Math.max(0, water.tempC - TEMP_OFF_C) }),
    best - loss({ volumeL: water.volumeL * (1 + VOLUME_OFF) }),
    best - loss({ alkalinityMgL: water.alkalinityMgL + ALKALINITY_OFF_MG_L }),
  ];
  const off = Math.hypot(...offs);
  return {
    lossG: { low: Math.max(0, best - off), best, high: best + off },
    stoichiometricG: fizzBalance(reactants, water.tempC).co2Mol * CO2_G_MOL,
  };
}
