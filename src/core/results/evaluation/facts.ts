import type { FreeWaterBand } from '../binder/freeWater';

/** What a rule about single materials knows: their names, and how much of them is in the mix. */
export interface MaterialFacts {
  readonly names: readonly string[];
  readonly massG: number;
  readonly pctOfMix: number;
}

interface EquivalentFacts {
  readonly acidEquivalentsMol: number;
  readonly baseEquivalentsMol: number;
}

interface PhFacts {
  readonly ph: number;
  readonly edge: number;
}

interface DampFacts {
  readonly dampIndexPct: number;
  readonly windowLowPct: number;
  readonly windowHighPct: number;
  readonly isLoose: boolean;
  /** It holds an oxidizer: nothing wet may bind it. */
  readonly staysDry: boolean;
  /** Loose water in %, where there is too much of it already: what is missing is no water. */
  readonly looseWaterPct: number | null;
}

/** Everything that can be found, by its stable code, with the facts its sentence speaks of; units are in the names. */
export interface FindingFacts {
  'no-acid': EquivalentFacts;
  'no-base': EquivalentFacts;
  'acid-excess': EquivalentFacts & { readonly leftoverAcidG: number; readonly isForSkin: boolean };
  'soda-excess-high': {
    readonly sodaToAcidByMass: number;
    readonly usualHigh: number;
    readonly leftoverSodaG: number;
  };
  'too-dry': DampFacts;
  'too-wet': DampFacts;
  'free-water-high': {
    readonly freeWaterPct: number;
    readonly easyToPct: number;
    readonly humidityPct: number;
    readonly band: Exclude<FreeWaterBand, 'easy'>;
    /** The mix is too dry all the same. */
    readonly isDry: boolean;
  };
  'closed-pack-gas': {
    readonly freeWaterPct: number;
    readonly gasL: number;
    readonly reactedPct: number;
  };
  'humidity-low': { readonly humidityPct: number; readonly isForSkin: boolean };
  'humidity-high': { readonly humidityPct: number; readonly isVeryDamp: boolean };
  'scent-over-limit': {
    /** Twice and more is a stop. */
    readonly timesOver: number;
    readonly loadPct: number;
    readonly limitPct: number;
    readonly binds: string;
  };
  'scent-load-high': { readonly loadPct: number; readonly usualHighPct: number };
  'oil-without-emulsifier': { readonly emulsifierToOil: number; readonly oilsPct: number };
  'scent-limit-unknown': { readonly names: readonly string[]; readonly scents: number };
  'vanillin-browning': { readonly vanillinPct: number };
  'menthol-caution': { readonly names: readonly string[]; readonly mentholG: number };
  'menthol-undissolved': { readonly mentholG: number; readonly solventG: number };
  'methyl-salicylate-caution': { readonly names: readonly string[]; readonly oils: number };
  'phototoxic-oil': { readonly names: readonly string[]; readonly oils: number };
  'scent-floats': { readonly scentG: number; readonly carrierG: number };
  'steamer-not-for-bath': { readonly scentPct: number };
  /** Whom the page says it is made for. */
  'made-for': {
    readonly whom: 'babies' | 'children' | 'pregnancy' | 'pets' | 'jetted-tub' | 'toy' | 'food';
    readonly scentPct: number;
  };
  'nuisance-dust': MaterialFacts;
  /** Essential oil in one bath. */
  'oil-per-bath': {
    readonly drops: number;
    readonly volumeMl: number;
    readonly manyDrops: number;
  };
  'neat-strong-oil': {
    readonly names: readonly string[];
    readonly strongG: number;
    readonly carrierG: number;
  };
  'crystals-in-tub': { readonly names: readonly string[] };
  'no-gas': EquivalentFacts;
  /** Boxed washing soda may hold a molecule of water. */
  'washing-soda-hydrate': {
    readonly names: readonly string[];
    readonly weakerPct: number;
    /** How many times as much of the crystals does the same. */
    readonly crystalsTimes: number;
  };
  'pregnancy-caution': { readonly names: readonly string[]; readonly oils: number };
  'declare-allergens': {
    readonly names: readonly string[];
    readonly allergens: number;
    readonly thresholdPct: number;
    readonly isForSkin: boolean;
  };
  'bath-acid': PhFacts;
  'bath-alkaline': PhFacts;
  'acid-on-surface': PhFacts;
  'alkaline-solution': PhFacts;
  'volume-measure-uncertain': {
    readonly names: readonly string[];
    readonly lines: number;
    readonly ratioLow?: number;
    readonly ratioHigh?: number;
  };
  /** What it is, and what it does there, each said once. */
  'dangerous-substance': { readonly names: readonly string[]; readonly whys: readonly string[] };
  'unread-lines': { readonly lines: number };
  'borax-in-bath-product': MaterialFacts;
  'alkali-in-bath-product': MaterialFacts & {
    /** Of the bath with half of the gas gone; null under a shower. */
    readonly ph: number | null;
    readonly isStop: boolean;
  };
  'not-for-skin': MaterialFacts;
  'not-for-this-use': MaterialFacts & { readonly why: string };
  'external-use-color': MaterialFacts;
  'detergent-bath-caution': MaterialFacts;
  'oil-in-cleaning-piece': MaterialFacts;
  'oil-in-steamer': MaterialFacts;
  'magnesium-carbonate-scale': MaterialFacts;
  'ultramarine-with-acid': MaterialFacts;
  'oxidizer-with-acid': MaterialFacts;
  'oxidizer-with-fuel': MaterialFacts;
  'oxidizer-wet': MaterialFacts;
  'borax-public-sale': MaterialFacts;
  'eye-hazard': MaterialFacts;
  'foam-high': MaterialFacts & { readonly foamerPct: number; readonly mostPct: number };
  'fine-dust-caution': MaterialFacts;
  'color-batch-certification': MaterialFacts;
  'jetted-tub': MaterialFacts;
  'color-without-hue': MaterialFacts;
  'food-imitation': MaterialFacts;
  'glycerin-with-borax': MaterialFacts;
  'crystal-water-melts': MaterialFacts & { readonly waterPct: number };
  'weak-alcohol-water': MaterialFacts;
  'wet-acid-reacts': MaterialFacts;
  'color-over-rate': MaterialFacts;
  'over-usual-rate': MaterialFacts;
  'melt-before-alcohol': MaterialFacts;
  'hygroscopic-salt': MaterialFacts & {
    readonly humidityPct: number;
    /** The first of them draws water from here. */
    readonly drawsFromPct: number;
    readonly isDamp: boolean;
    readonly isLoose: boolean;
    /** Some of it gives up crystal water in air as dry as this. */
    readonly isDrying: boolean;
  };
  'botanical-drain': MaterialFacts;
  'food-allergen': MaterialFacts & { readonly allergens: readonly string[] };
  'slip-caution': MaterialFacts;
  'dust-caution': MaterialFacts;
  'flammable-vapor': MaterialFacts;
  'never-with-bleach': MaterialFacts;
}

export type FindingCode = keyof FindingFacts;
