import { materialById, type Material } from '../materials';

/** Grams of one material in the bowl. */
export interface MaterialMass {
  readonly materialId: string;
  readonly massG: number;
}

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
}

/** However thirsty the powders are, a fifth of the liquid still shows. Start value of ours. */
const MAX_SOAKED_FRACTION = 0.8;

/**
 * Damp index and free water of a mix: two numbers, as a mix clumps on any liquid but reacts on water alone.
 *
 * damp = 100 x sum(liquid mL x binding weight) x (1 - min(0.8, soaked g / liquid g)) / solid mL
 *
 * Free water is all water the materials bring, less what anhydrous washing soda takes into its crystal.
 * Model of ours after the wet-granulation picture (Iveson et al. 2001, Powder Technology 117); binding weights
 * and uptakes are start values from common practice. Valid for mixes with up to about a quarter of liquid.
 * @param contents grams 0 or more
 * @throws RangeError for a negative mass or an unknown material
 */
export function dampReading(contents: readonly MaterialMass[]): DampReading {
  const known = contents.map(({ materialId, massG }) => {
    if (!(massG >= 0))
      throw new RangeError(`massG of ${materialId} must be 0 or more, got ${massG}`);
    return { material: materialById(materialId), massG };
  });
  const liquids = known.filter(({ material }) => material.isLiquid);
  const solids = known.filter(({ material }) => !material.isLiquid);
  const liquidG = sum(liquids, ({ massG }) => massG);
  const waterG = sum(known, ({ material, massG }) => massG * material.waterFraction.value);
  const crystalWaterG = Math.min(
    waterG,
    sum(solids, ({ material, massG }) => massG * (material.waterUptakeGPerG?.value ?? 0)),
  );
  const soakedUpG =
    crystalWaterG +
    sum(solids, ({ material, massG }) => massG * (material.uptakeGPerG?.value ?? 0));
  const solidVolumeMl = sum(solids, volumeMl);
  const bindingMl = sum(
    liquids,
    (entry) => volumeMl(entry) * (entry.material.bindingPerMl?.value ?? 0),
  );
  const soakedFraction = liquidG > 0 ? Math.min(MAX_SOAKED_FRACTION, soakedUpG / liquidG) : 0;
  const totalG = sum(known, ({ massG }) => massG);
  return {
    dampIndexPct:
      solidVolumeMl > 0 ? (100 * bindingMl * (1 - soakedFraction)) / solidVolumeMl : null,
    freeWaterG: waterG - crystalWaterG,
    freeWaterPct: totalG > 0 ? (100 * (waterG - crystalWaterG)) / totalG : 0,
    liquidG,
    solidG: totalG - liquidG,
    liquidVolumeMl: sum(liquids, volumeMl),
    solidVolumeMl,
    soakedUpG: Math.min(soakedUpG, liquidG),
    settingFatFraction:
      liquidG > 0
        ? sum(liquids, (entry) => (setsWhenCool(entry.material) ? entry.massG : 0)) / liquidG
        : 0,
  };
}

interface Known {
  readonly material: Material;
  readonly massG: number;
}

function volumeMl({ material, massG }: Known): number {
  return massG / material.trueDensityGMl.value;
}

function setsWhenCool(material: Material): boolean {
  return material.traits.includes('sets-when-cool');
}

function sum(entries: readonly Known[], value: (entry: Known) => number): number {
  return entries.reduce((total, entry) => total + value(entry), 0);
}
