import { DAVIES_HOLDS_TO_MOL_L } from '@/core/matter/chemistry/equilibrium/activity';
import { acidSystemById, type AcidSystemId } from '@/core/matter/chemistry/equilibrium/acidSystems';
import { dissolutionOf } from '@/core/matter/chemistry/dissolution';
import { gasVolumeL } from '@/core/matter/chemistry/gasVolume';
import { henryCo2MolLAtm } from '@/core/matter/chemistry/equilibrium/temperature';
import { solveSolution, type SolvedSolution } from '@/core/matter/chemistry/equilibrium/solve';
import { speciesById } from '@/core/matter/chemistry/species';
import type { ReactantG } from '@/core/matter/chemistry/stoichiometry';

/** The water a piece goes into. */
export interface Tub {
  /** Liters, over 0. */
  readonly volumeL: number;
  /** Alkalinity as mg/L of CaCO3, taken as that much sodium bicarbonate already there; 0 or more. */
  readonly alkalinityMgL: number;
  /** 0 to 100°C. */
  readonly tempC: number;
}

export interface TubReading {
  /** pH with no gas lost beyond what the water cannot hold. */
  readonly phFresh: number;
  /** pH with half of the gas gone that will go. */
  readonly phHalfVented: number;
  /** pH settled against the air. */
  readonly phAir: number;
  readonly ionicStrengthMolL: number;
  /** Denser than the Davies equation holds: pH is an estimate. */
  readonly isEstimate: boolean;
  /** Gas that really leaves while it is fresh: none until the water is full of it. */
  readonly co2LeftAsGasMol: number;
  readonly co2LeftAsGasL: number;
}

/** CO2 in the air, atm. Source: about 420 ppm in the 2020s, not looked up. */
const AIR_CO2_ATM = 420e-6;
const CALCIUM_CARBONATE_G_MOL = 100.09;

/**
 * What the water is like after the piece: pH fresh, half vented and settled against the air.
 * Full equilibrium by charge balance; molarity per liter of water put in.
 * Fresh: closed, unless that would hold more CO2 than one atmosphere of it keeps; then held at one atmosphere.
 * Source: charge balance with Davies activities; Henry's law.
 * @param reactants what dissolves, pure grams
 * @throws RangeError for a volume that is not over 0, or as {@link solveSolution}
 * @example 100 g of two to one in 150 L: about 6.4, 6.7 and above 8
 */
export function tubReading(reactants: readonly ReactantG[], tub: Tub): TubReading {
  const contents = dissolve(reactants, tub);
  const fullMolL = henryCo2MolLAtm(tub.tempC);
  const closed = solveWith(contents, tub.tempC, { totalMolL: contents.carbonMolL });
  const isFull = dissolvedGasMolL(closed) > fullMolL;
  const fresh = isFull ? solveWith(contents, tub.tempC, { neutralMolL: fullMolL }, closed) : closed;
  const air = solveWith(contents, tub.tempC, { neutralMolL: fullMolL * AIR_CO2_ATM }, fresh);
  const freshCarbonMolL = isFull ? carbonMolL(fresh) : contents.carbonMolL;
  const half = solveWith(
    contents,
    tub.tempC,
    {
      totalMolL: (freshCarbonMolL + carbonMolL(air)) / 2,
    },
    fresh,
  );
  const leftMol = Math.max(0, contents.carbonMolL - freshCarbonMolL) * tub.volumeL;
  return {
    phFresh: fresh.ph,
    phHalfVented: half.ph,
    phAir: air.ph,
    ionicStrengthMolL: fresh.ionicStrengthMolL,
    isEstimate: fresh.ionicStrengthMolL > DAVIES_HOLDS_TO_MOL_L,
    co2LeftAsGasMol: leftMol,
    co2LeftAsGasL: gasVolumeL(leftMol, tub.tempC),
  };
}

interface Contents {
  /** Acid systems but carbonic, mol/L. */
  readonly acids: ReadonlyMap<AcidSystemId, number>;
  readonly ions: ReadonlyMap<number, number>;
  readonly carbonMolL: number;
}

type Carbon = { readonly totalMolL: number } | { readonly neutralMolL: number };

function dissolve(reactants: readonly ReactantG[], tub: Tub): Contents {
  if (!(tub.volumeL > 0)) throw new RangeError(`volumeL must be over 0, got ${tub.volumeL}`);
  if (!(tub.alkalinityMgL >= 0))
    throw new RangeError(`alkalinityMgL must be 0 or more, got ${tub.alkalinityMgL}`);
  const alkalinityMolL = (2 * tub.alkalinityMgL) / 1000 / CALCIUM_CARBONATE_G_MOL;
  const acids = new Map<AcidSystemId, number>([['carbonic', alkalinityMolL]]);
  const ions = new Map<number, number>([[1, alkalinityMolL]]);
  for (const { speciesId, massG } of reactants) {
    const molL = massG / speciesById(speciesId).molarMassGMol / tub.volumeL;
    const becomes = dissolutionOf(speciesId);
    for (const { systemId, mol } of becomes.acids)
      acids.set(systemId, (acids.get(systemId) ?? 0) + mol * molL);
    for (const { charge, mol } of becomes.ions)
      ions.set(charge, (ions.get(charge) ?? 0) + mol * molL);
  }
  const carbon = acids.get('carbonic') ?? 0;
  acids.delete('carbonic');
  return { acids, ions, carbonMolL: carbon };
}

/** Carbonic acid stands first, so that its forms are found again. */
function solveWith(
  contents: Contents,
  tempC: number,
  carbon: Carbon,
  near?: SolvedSolution,
): SolvedSolution {
  return solveSolution(
    {
      acids: [
        { system: acidSystemById('carbonic'), ...carbon },
        ...[...contents.acids].map(([systemId, totalMolL]) => ({
          system: acidSystemById(systemId),
          totalMolL,
        })),
      ],
      spectators: [...contents.ions].map(([charge, molL]) => ({ charge, molL })),
      tempC,
    },
    near,
  );
}

function dissolvedGasMolL({ formsMolL }: SolvedSolution): number {
  return formsMolL[0]?.[0] ?? 0;
}

function carbonMolL({ formsMolL }: SolvedSolution): number {
  return (formsMolL[0] ?? []).reduce((sum, molL) => sum + molL, 0);
}
