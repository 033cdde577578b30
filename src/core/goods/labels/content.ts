import { isForSkin } from '@/core/formula/model/messages';
import type { Family } from '@/core/formula/model/schema';
import type { Portion } from '@/core/matter/materials/portion';
import type { AllergenDocument } from '@/core/results/scent/declarable';
import { labelCautions, type ForWhom, type LabelCaution } from './cautions';
import { detergentContent } from './detergent';
import { DIRECTIONS, IDENTITY } from './identity';
import { declaredAllergensOf, type AllergenReading } from './ingredients/allergens';
import {
  ingredientText,
  ingredientsOf,
  ingredientsOfBoth,
  type Ingredient,
} from './ingredients/ingredients';
import { netWeight, type NetWeight } from './netWeightText';
import type { Market } from './market';

export const LABEL_MARKETS = ['eu', 'us', 'both'] as const;
/** One market, or one label for both. */
export type LabelMarket = (typeof LABEL_MARKETS)[number];

/** One product in a pack: a box may hold several. */
export interface LabelProduct {
  readonly name: string;
  readonly family: Family;
  /** What went into it, grams 0 or more. */
  readonly contents: readonly Portion[];
  readonly documentFor: (materialId: string) => AllergenDocument | null;
}

/** Words of the maker’s own; empty for what Rovack proposes. */
export interface OwnWords {
  readonly identity: string;
  readonly directions: string;
  /** What the maker says of it. */
  readonly story: string;
  /** The same in other languages, as written. */
  readonly otherLanguages: string;
}
export const NO_WORDS: OwnWords = { identity: '', directions: '', story: '', otherLanguages: '' };

export interface LabelQuestion {
  readonly market: LabelMarket;
  readonly products: readonly LabelProduct[];
  /** Net weight of the pack; null while nothing was weighed. */
  readonly netG: number | null;
  readonly forWhom: ForWhom;
  readonly own: OwnWords;
}

export interface ProductContent {
  readonly name: string;
  readonly family: Family;
  readonly ingredients: readonly Ingredient[];
  readonly ingredientText: string;
  readonly allergens: AllergenReading;
}

/** What a label says, before it is laid out. */
export interface LabelContent {
  readonly identity: string;
  readonly products: readonly ProductContent[];
  readonly netWeight: NetWeight | null;
  readonly directions: string;
  readonly cautions: readonly LabelCaution[];
}

/** What the label of these products says in a market; own words go before the proposed ones. */
export function labelContent({
  market,
  products,
  netG,
  forWhom,
  own,
}: LabelQuestion): LabelContent {
  const contents = products.map((product) => productContent(product, market));
  const families = [...new Set(products.map(({ family }) => family))];
  const cautions = marketsOf(market).flatMap((one) =>
    products.flatMap(({ family, contents: held, documentFor }) =>
      labelCautions({
        family,
        market: one,
        contents: held,
        documentFor,
        forWhom,
      }),
    ),
  );
  return {
    identity: own.identity || families.map((family) => IDENTITY[family]).join(', '),
    products: contents,
    netWeight: netG !== null && netG > 0 ? netWeightFor(netG, market) : null,
    directions: own.directions || families.map((family) => DIRECTIONS[family]).join(' '),
    cautions: eachOnce(cautions),
  };
}

export function marketsOf(market: LabelMarket): readonly Market[] {
  return market === 'both' ? ['eu', 'us'] : [market];
}

function productContent(
  { name, family, contents, documentFor }: LabelProduct,
  market: LabelMarket,
): ProductContent {
  const allergens = declaredAllergensOf(contents, documentFor);
  const { declared } = allergens;
  const ingredients = isForSkin(family)
    ? market === 'both'
      ? ingredientsOfBoth(contents, declared)
      : ingredientsOf(contents, market, declared)
    : market === 'us'
      ? ingredientsOf(contents, 'us', declared)
      : detergentContent(ingredientsOf(contents, 'eu', []), contents, declared);
  return { name, family, ingredients, ingredientText: ingredientText(ingredients), allergens };
}

/** Ounces with grams say both: a label for both markets has the US form. */
function netWeightFor(netG: number, market: LabelMarket): NetWeight {
  return netWeight(netG, market === 'eu' ? 'eu' : 'us');
}

/** The same sentence once, and one of a kind where two markets or two products say it in other words. */
function eachOnce(cautions: readonly LabelCaution[]): readonly LabelCaution[] {
  const seen = new Set<string>();
  return cautions.filter(({ code, text }) => {
    const isNew = !seen.has(code) && !seen.has(text);
    seen.add(code).add(text);
    return isNew;
  });
}
