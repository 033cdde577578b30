import { useOf } from '@/core/formula/model/messages';
import type { Family } from '@/core/formula/model/schema';
import type { Material } from '@/core/matter/materials/material';
import { compositionOf } from './compositions';
import type { ConstituentId } from './constituents';

/** Oils that cool, burn or sting by more than one constituent: most of the whole oil in a bath, % of the mix. */
const IN_A_TUB: Readonly<Record<string, number>> = {
  'peppermint-essential-oil': 1,
  'spearmint-essential-oil': 1,
  'eucalyptus-essential-oil': 1,
  'tea-tree-essential-oil': 1,
  'rosemary-essential-oil': 1,
  'pine-essential-oil': 1,
  'ginger-essential-oil': 1,
  'black-pepper-essential-oil': 1,
  'thyme-essential-oil': 0.3,
  camphor: 0.3,
  menthol: 0.5,
};
const SOURCE = 'Cautious Rovack estimate for a whole oil in a bath. Check your supplier’s document';

export interface WholeOilLimit {
  readonly pct: number;
  readonly source: string;
}

/** Most of a whole oil in this kind of product; null where its constituents alone decide. */
export function wholeOilLimit(
  { likeId }: Pick<Material, 'likeId'>,
  family: Family,
): WholeOilLimit | null {
  const pct = useOf(family) === 'tub' ? IN_A_TUB[likeId] : undefined;
  return pct === undefined ? null : { pct, source: SOURCE };
}

/** What makes an oil cool or burn. */
const STRONG: readonly ConstituentId[] = [
  'menthol',
  'cineole',
  'camphor',
  'thymol',
  'eugenol',
  'cinnamal',
  'methyl-salicylate',
];
/** From this share of them together an oil is one that cools or burns, 0 to 1. Rovack estimate. */
const STRONG_FROM_FRACTION = 0.3;
/** By other constituents than those on file. Common practice. */
const STRONG_IDS = new Set([
  'tea-tree-essential-oil',
  'ginger-essential-oil',
  'black-pepper-essential-oil',
]);

/** Does this scent cool or burn, so that undissolved drops of it hurt? */
export function isHotOrCold(material: Material): boolean {
  if (material.role !== 'scent') return false;
  const shares = compositionOf(material) ?? {};
  const together = STRONG.reduce((sum, id) => sum + (shares[id] ?? 0), 0);
  return STRONG_IDS.has(material.likeId) || together >= STRONG_FROM_FRACTION;
}
