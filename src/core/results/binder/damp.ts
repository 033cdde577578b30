import { molarMassGMol } from '@/core/matter/chemistry/molarMass';
import { speciesById } from '@/core/matter/chemistry/species';
import type { Material } from '@/core/matter/materials/material';
import type { Portion } from '@/core/matter/materials/portion';

export interface DampReading {
  /** 100 x weighted liquid volume, less what the powders soak up, over solid volume; null without solids. */
  readonly dampIndexPct: number | null;
  readonly freeWaterG: number;
  readonly freeWaterPct: number;
  readonly liquidG: number;
  readonly solidG: number;
  readonly liquidVolumeMl: number;
  readonly solidVolumeMl: number;
  /** Liquid that the powders soak up before damp shows. */
  readonly soakedUpG: number;
  /** Share of the liquids that sets when it cools, 0 to 1. */
  readonly settingFatFraction: number;
  /** The same as a share of the whole mix, %. */
  readonly settingFatPct: number;
  /** Share of what binds that is sprayed on and leaves again, water and alcohols, 0 to 1. */
  readonly sprayFraction: number;
  /** Share of the solids that sets on the water it takes up (washing soda), 0 to 1. */
  readonly settingBuilderFraction: number;
}

/** However thirsty the powders are, a fifth of the liquid still shows. Rovack estimate. */
export const MAX_SOAKED_FRACTION = 0.8;
/** Powders take a fine spray up slowly: of it most is still there when the bowl is pressed. Rovack estimate. */
export const MAX_SPRAY_SOAKED_FRACTION = 0.3;

/**
 * Damp index and free water of a mix: two numbers, as a mix clumps on any liquid but reacts on water alone.
 *
 * damp = 100 x sum(liquid mL x binding weight) x (1 - min(0.8, soaked g / liquid g)) / solid mL
 * of water and alcohols, the powders soak up no more than 0.3; washing soda takes its crystal water all the same.
 *
 * Free water is all water the materials bring and that acid frees from washing soda crystals, less what anhydrous washing
 * soda takes into its crystal.
 * Rovack estimate after the wet-granulation picture (Iveson et al. 2001, Powder Technology 117); binding weights
 * and uptakes are start values from common practice. Valid for mixes with up to about a quarter of liquid.
 * @param contents grams 0 or more
 * @throws RangeError for a negative mass
 */
export function dampReading(contents: readonly Portion[]): DampReading {
  return dampOf(dampSums(contents));
}

/** What the damp index is made of: sums over the mix, so that one more material is one more addition. */
export interface DampSums {
  readonly liquidG: number;
  readonly solidG: number;
  readonly liquidVolumeMl: number;
  readonly solidVolumeMl: number;
  /** Volume of each liquid times its binding weight. */
  readonly bindingMl: number;
  /** Of it, what is sprayed on and leaves again. */
  readonly sprayBindingMl: number;
  readonly waterG: number;
  readonly crystalUptakeG: number;
  readonly powderUptakeG: number;
  readonly settingFatG: number;
  readonly settingBuilderG: number;
  /** Washing soda crystals: their water is bound until acid takes the soda. */
  readonly crystalSodaG: number;
  readonly acidEquivalentsMol: number;
}

const NOTHING: DampSums = {
  liquidG: 0,
  solidG: 0,
  liquidVolumeMl: 0,
  solidVolumeMl: 0,
  bindingMl: 0,
  sprayBindingMl: 0,
  waterG: 0,
  crystalUptakeG: 0,
  powderUptakeG: 0,
  settingFatG: 0,
  settingBuilderG: 0,
  crystalSodaG: 0,
  acidEquivalentsMol: 0,
};

/** Sums of a mix. @throws RangeError as {@link dampReading} */
export function dampSums(contents: readonly Portion[], from: DampSums = NOTHING): DampSums {
  const sums = { ...from };
  for (const { material, massG } of contents) {
    if (!(massG >= 0 && massG < Infinity))
      throw new RangeError(`massG of ${material.id} must be 0 or more, got ${massG}`);
    const volumeMl = massG / material.trueDensityGMl.value;
    sums.waterG += massG * material.waterFraction.value;
    for (const { speciesId, fraction } of material.chemistry?.value ?? []) {
      const species = speciesById(speciesId);
      if (species.id === CRYSTAL_SODA) sums.crystalSodaG += massG * fraction;
      if (species.side === 'acid')
        sums.acidEquivalentsMol +=
          (massG * fraction * species.equivalentsPerMol) / species.molarMassGMol;
    }
    if (material.isLiquid) {
      sums.liquidG += massG;
      sums.liquidVolumeMl += volumeMl;
      const bindingMl = volumeMl * (material.bindingPerMl?.value ?? 0);
      sums.bindingMl += bindingMl;
      if (isSprayed(material)) sums.sprayBindingMl += bindingMl;
      if (setsWhenCool(material)) sums.settingFatG += massG;
    } else {
      sums.solidG += massG;
      sums.solidVolumeMl += volumeMl;
      sums.crystalUptakeG += massG * (material.waterUptakeGPerG?.value ?? 0);
      if (setsWithWater(material)) sums.settingBuilderG += massG;
      sums.powderUptakeG += massG * (material.uptakeGPerG?.value ?? 0);
    }
  }
  return sums;
}

/** The reading of a mix from its sums. */
export function dampOf(bound: DampSums): DampReading {
  const sums = withFreedWater(bound);
  const { liquidG, solidG, waterG, solidVolumeMl } = sums;
  const crystalWaterG = Math.min(waterG, sums.crystalUptakeG);
  const freeWaterG = waterG - crystalWaterG;
  const soakedUpG = crystalWaterG + sums.powderUptakeG;
  const left = leftOf(liquidG, crystalWaterG, sums.powderUptakeG);
  const sprayMl = sums.sprayBindingMl * left.ofSpray;
  const bindingMl = sprayMl + (sums.bindingMl - sums.sprayBindingMl) * left.ofRest;
  const totalG = liquidG + solidG;
  const dampIndexPct = (100 * bindingMl) / solidVolumeMl;
  return {
    // A grain too small to divide by is no mix either.
    dampIndexPct: solidVolumeMl > 0 && dampIndexPct < Infinity ? dampIndexPct : null,
    freeWaterG,
    freeWaterPct: totalG > 0 ? (100 * freeWaterG) / totalG : 0,
    liquidG,
    solidG,
    liquidVolumeMl: sums.liquidVolumeMl,
    solidVolumeMl,
    soakedUpG: Math.min(soakedUpG, liquidG),
    settingFatFraction: liquidG > 0 ? sums.settingFatG / liquidG : 0,
    settingFatPct: totalG > 0 ? (100 * sums.settingFatG) / totalG : 0,
    sprayFraction: bindingMl > 0 ? sprayMl / bindingMl : 0,
    settingBuilderFraction: solidG > 0 ? sums.settingBuilderG / solidG : 0,
  };
}

/** Shares of the liquids that powders leave free, 0 to 1. */
function leftOf(liquidG: number, crystalWaterG: number, powderUptakeG: number) {
  if (!(liquidG > 0)) return { ofSpray: 1, ofRest: 1 };
  const inCrystal = crystalWaterG / liquidG;
  const inPowder = powderUptakeG / liquidG;
  const left = (taken: number) => 1 - Math.min(MAX_SOAKED_FRACTION, taken);
  return {
    ofSpray: left(inCrystal + Math.min(MAX_SPRAY_SOAKED_FRACTION, inPowder)),
    ofRest: left(inCrystal + inPowder),
  };
}

const CRYSTAL_SODA = 'sodium-carbonate-decahydrate';
const CRYSTAL_WATERS = 10;
const WATER_G_MOL = molarMassGMol('H2O');
/** As water in the catalog binds, per mL. Common practice. */
const WATER_BINDS_PER_ML = 2.2;

/**
 * Acid takes the soda of washing soda crystals and sets their water free: ten moles of it for two of acid. Once it begins in
 * a bowl it feeds itself, so all that the acid can take counts. Source: stoichiometry.
 */
function withFreedWater(sums: DampSums): DampSums {
  const { crystalSodaG, acidEquivalentsMol } = sums;
  if (crystalSodaG === 0 || acidEquivalentsMol === 0) return sums;
  const { molarMassGMol: crystalGMol, equivalentsPerMol } = speciesById(CRYSTAL_SODA);
  const takenMol = Math.min(crystalSodaG / crystalGMol, acidEquivalentsMol / equivalentsPerMol);
  const freedG = takenMol * CRYSTAL_WATERS * WATER_G_MOL;
  return {
    ...sums,
    waterG: sums.waterG + freedG,
    liquidG: sums.liquidG + freedG,
    liquidVolumeMl: sums.liquidVolumeMl + freedG,
    bindingMl: sums.bindingMl + WATER_BINDS_PER_ML * freedG,
    sprayBindingMl: sums.sprayBindingMl + WATER_BINDS_PER_ML * freedG,
    solidG: sums.solidG - freedG,
  };
}

/** Water, alcohols and what is mostly these: it clumps the bowl for the press, and is gone from the piece. */
function isSprayed({ role }: Material): boolean {
  return role === 'watery' || role === 'alcohol';
}

function setsWithWater(material: Material): boolean {
  return material.traits.includes('sets-with-water');
}

function setsWhenCool(material: Material): boolean {
  return material.traits.includes('sets-when-cool');
}
