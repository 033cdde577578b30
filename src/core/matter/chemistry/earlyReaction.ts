import { gasVolumeL } from './gasVolume';
import { molarMassGMol } from './molarMass';
import type { FizzBalance } from './stoichiometry';

/** What a share of the mix does when it reacts in the bowl instead of in the bath. */
export interface EarlyReaction {
  /** Water set free, which wets the rest and starts more. */
  readonly waterG: number;
  readonly co2L: number;
  readonly co2Mol: number;
}

/**
 * Water and gas if a share of the fizz goes off early: each mole of gas from soda frees a mole of water.
 * Source: stoichiometry.
 * @param reactedPct of all the gas there is, 0 to 100
 * @param roomTempC -20 to 100
 */
export function earlyReaction(
  balance: FizzBalance,
  reactedPct: number,
  roomTempC: number,
): EarlyReaction {
  if (!(reactedPct >= 0 && reactedPct <= 100))
    throw new RangeError(`reactedPct must be 0 to 100, got ${reactedPct}`);
  const co2Mol = (balance.co2Mol * reactedPct) / 100;
  return { co2Mol, co2L: gasVolumeL(co2Mol, roomTempC), waterG: co2Mol * molarMassGMol('H2O') };
}
