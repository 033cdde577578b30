import { portionsG, type Portion } from '@/core/matter/materials/portion';

/** What a substance does, as the rules class it. */
type HazardClass =
  'eye-damage' | 'eye-irritant' | 'skin-irritant' | 'airway-irritant' | 'fertility';

/** By catalog id. Source: harmonized and usual self-classifications under Regulation (EC) 1272/2008, not looked up. */
const CLASSED: Readonly<Record<string, readonly HazardClass[]>> = {
  'citric-acid': ['eye-irritant', 'airway-irritant'],
  'citric-acid-monohydrate': ['eye-irritant', 'airway-irritant'],
  'malic-acid': ['eye-irritant'],
  'tartaric-acid': ['eye-damage'],
  'lactic-acid-80': ['eye-damage', 'skin-irritant'],
  'sodium-bisulfate': ['eye-damage'],
  'sulfamic-acid': ['eye-irritant', 'skin-irritant'],
  'sodium-carbonate': ['eye-irritant'],
  'sodium-carbonate-monohydrate': ['eye-irritant'],
  'sodium-carbonate-decahydrate': ['eye-irritant'],
  'sodium-sesquicarbonate': ['eye-irritant', 'skin-irritant'],
  'sodium-percarbonate': ['eye-damage'],
  borax: ['eye-irritant', 'fertility'],
  'sodium-lauryl-sulfate': ['eye-damage', 'skin-irritant'],
  'sodium-coco-sulfate': ['eye-damage', 'skin-irritant'],
  'sodium-olefin-sulfonate': ['eye-damage', 'skin-irritant'],
  'sodium-lauryl-sulfoacetate': ['eye-irritant', 'skin-irritant'],
  'sodium-methyl-cocoyl-taurate': ['eye-irritant'],
  'sodium-cocoyl-isethionate': ['eye-irritant'],
  'foaming-paste-70': ['eye-damage', 'skin-irritant'],
  'betaine-powder': ['eye-damage'],
  'cocamidopropyl-betaine': ['eye-damage'],
  'decyl-glucoside': ['eye-damage'],
  'coco-glucoside': ['eye-damage'],
};

/** Generic limits for a mixture, %. Source: Regulation (EC) 1272/2008, annex I, tables 3.2.3, 3.3.3, 3.7.2, 3.8.3.4.5. */
const EYE_DAMAGE_FROM_PCT = 3;
const EYE_IRRITANT_FROM_PCT = 10;
const DAMAGE_COUNTS = 10;
const SKIN_IRRITANT_FROM_PCT = 10;
const AIRWAY_FROM_PCT = 20;
export const BORAX_FROM_PCT = 0.3;

export type HazardCode = 'eye-damage' | 'eye-irritant' | 'skin-irritant' | 'airway-irritant';

export interface Hazards {
  readonly signal: 'Danger' | 'Warning' | null;
  readonly codes: readonly HazardCode[];
  /** Borax over what may be sold to the public in the EU, %; null under it. */
  readonly boraxPct: number | null;
}

/**
 * How a household mix is classed by what is in it: sums of classed substances against the generic limits. A very high or
 * low pH, tests on the mix and local rules may class it higher: the supplier’s sheets decide.
 * Source: Regulation (EC) 1272/2008, annex I, additivity, not looked up.
 * @param contents grams 0 or more
 */
export function hazardsOf(contents: readonly Portion[]): Hazards {
  const totalG = portionsG(contents);
  const pctOf = (hazard: HazardClass) =>
    totalG > 0
      ? (100 *
          portionsG(
            contents.filter(({ material }) => CLASSED[material.likeId]?.includes(hazard)),
          )) /
        totalG
      : 0;
  const damage = pctOf('eye-damage');
  const eye: readonly HazardCode[] =
    damage >= EYE_DAMAGE_FROM_PCT
      ? ['eye-damage']
      : DAMAGE_COUNTS * damage + pctOf('eye-irritant') >= EYE_IRRITANT_FROM_PCT
        ? ['eye-irritant']
        : [];
  const codes: readonly HazardCode[] = [
    ...eye,
    ...(pctOf('skin-irritant') >= SKIN_IRRITANT_FROM_PCT ? (['skin-irritant'] as const) : []),
    ...(pctOf('airway-irritant') >= AIRWAY_FROM_PCT ? (['airway-irritant'] as const) : []),
  ];
  const boraxPct = pctOf('fertility');
  return {
    signal: codes.includes('eye-damage') ? 'Danger' : codes.length > 0 ? 'Warning' : null,
    codes,
    boraxPct: boraxPct >= BORAX_FROM_PCT ? boraxPct : null,
  };
}
