import { gasVolumeL } from './gasVolume';
import { molarMassGMol } from './molarMass';
import { speciesById, type SpeciesId } from './species';

/** How much of one reacting substance is in the mix. */
export interface ReactantG {
  readonly speciesId: SpeciesId;
  readonly massG: number;
}

export type LimitingSide = 'acid' | 'base' | 'balanced' | 'none';

export interface FizzBalance {
  /** Fizzing base over acid by mass; null without an acid. Baking soda over citric acid in the usual bomb. */
  readonly sodaToAcidByMass: number | null;
  /** The ratio by mass at which exactly nothing is left, for this blend of acids and fizzing bases; null unless both are there. */
  readonly balanceSodaToAcidByMass: number | null;
  readonly baseEquivalentsMol: number;
  readonly acidEquivalentsMol: number;
  readonly limiting: LimitingSide;
  readonly co2Mol: number;
  readonly co2G: number;
  readonly co2L: number;
  /** What base is left, counted as baking soda of the same strength. */
  readonly leftoverSodaG: number;
  /** What acid is left, at the mean equivalent weight of this blend. */
  readonly leftoverAcidG: number;
  /** Water the whole reaction makes, in grams. */
  readonly waterFormedG: number;
}

const CO2_G_MOL = molarMassGMol('CO2');
const WATER_G_MOL = molarMassGMol('H2O');
const SODA_G_MOL = speciesById('sodium-bicarbonate').molarMassGMol;
/** Acid and base within this share of each other count as balanced; a kitchen scale cannot tell them apart. */
const BALANCED_WITHIN_FRACTION = 0.005;

/**
 * Soda against acid, by equivalents: 3 NaHCO3 + C6H8O7 -> Na3C6H5O7 + 3 H2O + 3 CO2 and its like.
 * Stronger bases take protons first: carbonate turns to bicarbonate and borax to boric acid before
 * bicarbonate gives gas, so an acid-poor wash gives less gas than its carbon would allow.
 * Source: stoichiometry with IUPAC 2021 weights; the order of the bases from their pKa (CRC Handbook, not looked up).
 * @param reactants pure substances, grams 0 or more; the same substance may stand twice
 * @param waterTempC temperature of the bath for the gas volume, -20 to 100
 * @throws RangeError for a negative mass
 * @example 131.2 g of soda on 100 g of citric acid: balanced, 1.561 mol of gas
 */
export function fizzBalance(reactants: readonly ReactantG[], waterTempC: number): FizzBalance {
  const sums = sumReactants(reactants);
  const { acidMol, baseMol } = sums;
  const gasMol = gasFrom(sums);
  return {
    sodaToAcidByMass: sums.acidG > 0 ? sums.fizzingBaseG / sums.acidG : null,
    balanceSodaToAcidByMass: balanceRatio(sums),
    baseEquivalentsMol: baseMol,
    acidEquivalentsMol: acidMol,
    limiting: limitingSide(acidMol, baseMol),
    co2Mol: gasMol,
    co2G: gasMol * CO2_G_MOL,
    co2L: gasVolumeL(gasMol, waterTempC),
    leftoverSodaG: Math.max(0, baseMol - acidMol) * SODA_G_MOL,
    leftoverAcidG: acidMol > baseMol ? (sums.acidG * (acidMol - baseMol)) / acidMol : 0,
    waterFormedG: gasMol * WATER_G_MOL,
  };
}

/** What a balance is made of: sums over the mix, so that one more gram is one more addition. */
export interface ReactantSums {
  acidG: number;
  acidMol: number;
  baseMol: number;
  fizzingBaseG: number;
  fizzingBaseMol: number;
  gaslessMol: number;
  carbonMol: number;
}

/** @throws RangeError for a negative mass */
export function sumReactants(reactants: readonly ReactantG[]): ReactantSums {
  const sums: ReactantSums = {
    acidG: 0,
    acidMol: 0,
    baseMol: 0,
    fizzingBaseG: 0,
    fizzingBaseMol: 0,
    gaslessMol: 0,
    carbonMol: 0,
  };
  for (const { speciesId, massG } of reactants) {
    if (!(massG >= 0))
      throw new RangeError(`massG of ${speciesId} must be 0 or more, got ${massG}`);
    const species = speciesById(speciesId);
    const amountMol = massG / species.molarMassGMol;
    const equivalentsMol = amountMol * species.equivalentsPerMol;
    if (species.side === 'acid') {
      sums.acidG += massG;
      sums.acidMol += equivalentsMol;
      continue;
    }
    if (species.side === 'salt') continue;
    sums.baseMol += equivalentsMol;
    sums.gaslessMol += amountMol * species.gaslessEquivalentsPerMol;
    sums.carbonMol += amountMol * species.carbonDioxidePerMol;
    if (species.carbonDioxidePerMol > 0) {
      sums.fizzingBaseG += massG;
      sums.fizzingBaseMol += equivalentsMol;
    }
  }
  return sums;
}

/** Moles of gas that a mix of these sums can give. */
export function gasFrom({ acidMol, gaslessMol, carbonMol }: ReactantSums): number {
  return Math.min(carbonMol, Math.max(0, acidMol - gaslessMol));
}

/** Where this blend's fizzing base would meet this blend's acid, the base that gives no gas (borax) served first. */
function balanceRatio(sums: ReactantSums): number | null {
  if (!(sums.acidMol > 0 && sums.fizzingBaseMol > 0)) return null;
  const silentBaseMol = sums.baseMol - sums.fizzingBaseMol;
  const acidForFizzMol = Math.max(0, sums.acidMol - silentBaseMol);
  return (acidForFizzMol * sums.fizzingBaseG) / sums.fizzingBaseMol / sums.acidG;
}

function limitingSide(acidMol: number, baseMol: number): LimitingSide {
  if (acidMol === 0 && baseMol === 0) return 'none';
  if (Math.abs(acidMol - baseMol) <= BALANCED_WITHIN_FRACTION * Math.max(acidMol, baseMol))
    return 'balanced';
  return acidMol < baseMol ? 'acid' : 'base';
}
