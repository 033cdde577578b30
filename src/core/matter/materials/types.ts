import type { SpeciesId } from '../chemistry/species';
import type { Spread } from '@/core/basics/units/spread';
import type { Sourced } from './sources';

export const ROLES = [
  'base',
  'acid',
  'builder',
  'salt',
  'starch',
  'clay',
  'milk',
  /** Silica, magnesium carbonate and other powders that dry a mix. */
  'drying-powder',
  /** Gums and film formers that hold a piece. */
  'gum',
  /** Sugar and what is made of it: icings and toppings. */
  'sugar',
  'foamer',
  'emulsifier',
  'oil',
  'butter',
  'alcohol',
  'watery',
  'humectant',
  'scent',
  'color',
  'botanical',
] as const;
export type Role = (typeof ROLES)[number];

/** What is made before the batch that uses it, by what it is. */
export const AHEAD_KINDS = ['infusion', 'stock', 'salt', 'embed', 'icing', 'other'] as const;
export type AheadKind = (typeof AHEAD_KINDS)[number];

/** When it goes into the bowl. */
export const PHASES = ['dry', 'color', 'wet', 'acid', 'finish'] as const;
export type Phase = (typeof PHASES)[number];

/** How a household measure of it is filled. `level` is what an unqualified spoon or cup means. */
export const BULK_STATES = ['sifted', 'level', 'scooped', 'packed'] as const;
export type BulkState = (typeof BULK_STATES)[number];

/** Things a finding or a step turns on. */
export const TRAITS = [
  'phototoxic',
  'menthol',
  'methyl-salicylate',
  'clumps',
  'hygroscopic',
  'magnesium',
  'sulfide-with-acid',
  'skin-oil',
  'sets-when-cool',
  'detergent',
  'not-for-skin',
  'strong-alkali',
  /** Takes water into its crystal as it stands, and sets on it. */
  'sets-with-water',
  'needs-bloom',
  'irritating-dust',
  'flammable',
  'drain',
  'weak-alcohol',
  'oxidizer',
  /** Mineral or plant dust that is not breathed in. */
  'fine-dust',
  /** Bleeds or melts: scattered on top, never stirred in. */
  'for-the-top',
] as const;
export type Trait = (typeof TRAITS)[number];

/** A reacting substance as a share of the material's mass, 0 to 1. */
export interface ChemicalShare {
  readonly speciesId: SpeciesId;
  readonly fraction: number;
}

/**
 * One row of the catalog. Densities in g/mL, fractions 0 to 1 of the material's mass.
 * INCI names are not looked up throughout.
 */
export interface MaterialRow {
  readonly id: string;
  readonly name: string;
  readonly inci: string;
  /** Other names people write, lower case, singular. */
  readonly synonyms: readonly string[];
  readonly role: Role;
  readonly phase: Phase;
  /** Density of the grain or the liquid itself, without air. */
  readonly trueDensityGMl: Sourced<number>;
  /** A level spoon or cup of it with its air; absent for liquids, which have none. */
  readonly levelDensityGMl?: Sourced<number>;
  /** States whose density is known better than the packing model has it. */
  readonly bulkDensityGMl?: Partial<Record<BulkState, Sourced<Spread>>>;
  /** Share of free water. Water bound in a crystal or a dried leaf is not free and does not count. */
  readonly waterFraction: Sourced<number>;
  /** How much a milliliter of it binds, against oil at 1; absent for a solid. */
  readonly bindingPerMl?: Sourced<number>;
  /** Grams of liquid a gram of this powder soaks up before damp shows. */
  readonly uptakeGPerG?: Sourced<number>;
  /** Grams of free water a gram of this takes into its crystal. */
  readonly waterUptakeGPerG?: Sourced<number>;
  readonly chemistry?: Sourced<readonly ChemicalShare[]>;
  /** Most of it in a mix before it stains or bleeds, % by mass. */
  readonly usualMaxPct?: Sourced<number>;
  readonly traits: readonly Trait[];
}
