import { log10Activity } from './activity';
import type { AcidSystem } from './acidSystems';
import { pKAt, waterPk } from './temperature';

/** How much of an acid is in solution: a total, or, for a gas held by the air, its neutral form. */
export type AcidAmount =
  | { readonly system: AcidSystem; readonly totalMolL: number }
  | { readonly system: AcidSystem; readonly neutralMolL: number };

export interface Solution {
  readonly acids: readonly AcidAmount[];
  /** Ions that take no part, such as sodium: charge and mol/L. */
  readonly spectators: readonly { readonly charge: number; readonly molL: number }[];
  /** 0 to 100°C. */
  readonly tempC: number;
}

/** An acid with its constants at one temperature, without activities yet. */
interface FlatAcid {
  readonly amountMolL: number;
  /** The amount is of the form with every proton on, not of all forms. */
  readonly isNeutralHeld: boolean;
  readonly fullCharge: number;
  readonly constants: Float64Array;
}

/** A solution as sums and arrays: what stays the same while pH and strength are sought. */
export interface FlatSolution {
  readonly acids: readonly FlatAcid[];
  readonly ionProduct: number;
  readonly spectatorMolL: number;
  /** Charge squared x mol/L. */
  readonly spectatorSquaredMolL: number;
}

/** Charge at a pH and a strength, its slope over ln of the proton activity, and twice the strength that comes out. */
export interface Balance {
  net: number;
  slope: number;
  twiceStrength: number;
}

export function flatten({ acids, spectators, tempC }: Solution): FlatSolution {
  let spectatorMolL = 0;
  let spectatorSquaredMolL = 0;
  for (const { charge, molL } of spectators) {
    spectatorMolL += charge * molL;
    spectatorSquaredMolL += charge * charge * molL;
  }
  return {
    acids: acids.map((amount) => {
      const { pKas, pKasAt, enthalpiesKJMol, fullCharge } = amount.system;
      const published = pKasAt?.(tempC);
      const isNeutralHeld = 'neutralMolL' in amount;
      return {
        amountMolL: isNeutralHeld ? amount.neutralMolL : amount.totalMolL,
        isNeutralHeld,
        fullCharge,
        constants: Float64Array.from(pKas, (pKa, i) =>
          tenTo(-(published?.[i] ?? pKAt(pKa, enthalpiesKJMol[i] ?? 0, tempC))),
        ),
      };
    }),
    ionProduct: tenTo(-waterPk(tempC)),
    spectatorMolL,
    spectatorSquaredMolL,
  };
}

/**
 * Sums the charge over every ion. An acid's forms stand by their thermodynamic constants, [A] = [HA] K gammaHA / (aH
 * gammaA); as Davies has log gamma go with the square of the charge, each step takes gamma of a single charge to the
 * power 2 z - 1, z being the charge before it.
 * @param protons activity of H+, over 0
 * @param into where the sums go
 */
export function balanceAt(
  { acids, ionProduct, spectatorMolL, spectatorSquaredMolL }: FlatSolution,
  protons: number,
  strengthMolL: number,
  into: Balance,
): Balance {
  const gamma = tenTo(log10Activity(1, strengthMolL));
  const hydrogenMolL = protons / gamma;
  const hydroxideMolL = ionProduct / protons / gamma;
  let net = spectatorMolL + hydrogenMolL - hydroxideMolL;
  let slope = hydrogenMolL + hydroxideMolL;
  let twiceStrength = spectatorSquaredMolL + hydrogenMolL + hydroxideMolL;
  const gammaSquared = gamma * gamma;
  const firstOfNeutral = 1 / (gamma * protons);
  for (const { amountMolL, isNeutralHeld, fullCharge, constants } of acids) {
    let charge = fullCharge;
    let step = fullCharge === 0 ? firstOfNeutral : gamma ** (2 * fullCharge - 1) / protons;
    let weight = 1;
    let weights = 1;
    let charged = charge;
    let squared = charge * charge;
    // Counted by hand: this is the innermost loop of every reading.
    for (let i = 0; i < constants.length; i++) {
      weight *= (constants[i] as number) * step;
      step /= gammaSquared;
      charge -= 1;
      weights += weight;
      charged += weight * charge;
      squared += weight * charge * charge;
    }
    if (isNeutralHeld) {
      net += amountMolL * charged;
      slope += amountMolL * (squared - fullCharge * charged);
      twiceStrength += amountMolL * squared;
    } else {
      const meanCharge = charged / weights;
      const meanSquared = squared / weights;
      net += amountMolL * meanCharge;
      slope += amountMolL * (meanSquared - meanCharge * meanCharge);
      twiceStrength += amountMolL * meanSquared;
    }
  }
  into.net = net;
  into.slope = slope;
  into.twiceStrength = twiceStrength;
  return into;
}

/** Each acid's forms in mol/L, most protons first. */
export function formsAt(
  { acids }: FlatSolution,
  protons: number,
  strengthMolL: number,
): readonly (readonly number[])[] {
  const gamma = tenTo(log10Activity(1, strengthMolL));
  return acids.map(({ amountMolL, isNeutralHeld, fullCharge, constants }) => {
    const weights = [1];
    let weight = 1;
    let step = gamma ** (2 * fullCharge - 1) / protons;
    for (const constant of constants) {
      weight *= constant * step;
      step /= gamma * gamma;
      weights.push(weight);
    }
    const of = isNeutralHeld ? amountMolL : amountMolL / weights.reduce((sum, one) => sum + one, 0);
    return weights.map((one) => of * one);
  });
}

export function tenTo(power: number): number {
  return Math.exp(power * Math.LN10);
}
