import type { Family } from '@/core/formula/model/schema';
import type { Portion } from '@/core/matter/materials/portion';
import type { AllergenDocument } from '@/core/results/scent/declarable';
import { classify } from './classification/classify';
import type { Pictogram } from './classification/statements';
import { labelCautions, type ForWhom, type LabelCaution } from './cautions';
import { detergentContent } from './detergent';
import { directionsOfAll, identityOfAll, type Identified } from './identity';
import { declaredAllergensOf, type AllergenReading } from './ingredients/allergens';
import {
  ingredientText,
  ingredientsOf,
  ingredientsOfBoth,
  type Ingredient,
} from './ingredients/ingredients';
import { netWeight, type NetWeight } from './netWeightText';
import { isEuropean, type Market } from './market';
import { labelKind, type LabelKind, type SoldAs } from './soldAs';

/** One product in a pack, with what went into it; a box may hold several. */
export interface LabelProduct extends Identified {
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
  /** At least one, each once. */
  readonly markets: readonly Market[];
  /** What the maker says the pieces are sold as; null when nothing was said. */
  readonly soldAs: SoldAs | null;
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
  /** Hazard symbols of household pieces in Europe, each once. */
  readonly pictograms: readonly Pictogram[];
}

/** What the label of these products says in a market; own words go before the proposed ones. */
export function labelContent({
  markets,
  soldAs,
  products,
  netG,
  forWhom,
  own,
}: LabelQuestion): LabelContent {
  const contents = products.map((product) => productContent(product, markets, soldAs));
  const cautions = markets.flatMap((market) =>
    products.flatMap(({ family, contents: held, documentFor }) =>
      labelCautions({
        family,
        kind: labelKind(family, soldAs),
        market,
        contents: held,
        documentFor,
        forWhom,
      }),
    ),
  );
  const pictograms = markets.some(isEuropean)
    ? products
        .filter(({ family }) => labelKind(family, soldAs) !== 'cosmetic')
        .flatMap(({ contents: held, documentFor }) => classify(held, documentFor).pictograms)
    : [];
  return {
    identity: own.identity || identityOfAll(products),
    products: contents,
    netWeight: netG !== null && netG > 0 ? netWeightFor(netG, markets) : null,
    directions: own.directions || directionsOfAll(products),
    cautions: eachOnce(cautions),
    pictograms: [...new Set(pictograms)].sort(),
  };
}

function productContent(
  { name, family, contents, documentFor }: LabelProduct,
  markets: readonly Market[],
  soldAs: SoldAs | null,
): ProductContent {
  const isOnlyUk = markets.includes('uk') && !markets.includes('eu');
  const allergens = declaredAllergensOf(contents, documentFor, isOnlyUk ? 'uk' : 'eu');
  const kind = labelKind(family, soldAs);
  const ingredients = listFor(kind, contents, markets, allergens.declared);
  return { name, family, ingredients, ingredientText: ingredientText(ingredients), allergens };
}

/** A cleaner in Europe lists classes with their ranges; every other piece all its ingredients. */
function listFor(
  kind: LabelKind,
  contents: readonly Portion[],
  markets: readonly Market[],
  declared: AllergenReading['declared'],
): readonly Ingredient[] {
  const isInUs = markets.includes('us');
  const european = markets.filter(isEuropean);
  const [first] = european;
  if (first === undefined) return ingredientsOf(contents, 'us', declared);
  if (kind === 'cleaner')
    return detergentContent(ingredientsOf(contents, first, []), contents, declared);
  return isInUs
    ? ingredientsOfBoth(contents, first, declared)
    : ingredientsOf(contents, first, declared);
}

/** Ounces with grams say both: a label for both markets has the US form. */
function netWeightFor(netG: number, markets: readonly Market[]): NetWeight {
  return netWeight(netG, markets.includes('us') ? 'us' : 'eu');
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
