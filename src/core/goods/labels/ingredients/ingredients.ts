import type { Material } from '@/core/matter/materials/material';
import { portionsG, type Portion } from '@/core/matter/materials/portion';
import { isEuropean, type Market } from '../market';
import type { DeclaredAllergen } from './allergens';
import { partsOf } from './parts';
import { complexNameOf } from './complexes';
import { US_LAKES, US_NAMES } from './usNames';

/** At or under this share the order is free. Source: US 21 CFR 701.3; Regulation (EC) 1223/2009, article 19. */
export const FREE_ORDER_PCT = 1;

/** One name in the list of ingredients. */
export interface Ingredient {
  readonly name: string;
  /** Share of the whole, %. Of an allergen inside a scent: a share that the scent’s own holds already. */
  readonly massPct: number;
  readonly color: boolean;
  readonly allergen: boolean;
}

/** A place in the list that is filled by hand: a color whose number nobody has said. */
export const COLOR_WITHOUT_NUMBER = 'CI';

/**
 * The ingredients in the order of a label: compound materials split and the same name summed, falling by mass as they
 * went in, those of 1% or less after, colors last. In the EU scents that are allergens by themselves have their
 * collective name, and allergens inside scents follow; the US has names of its own and no such list yet.
 * Source: Regulation (EC) 1223/2009, article 19; US 21 CFR 701.3, not looked up.
 * @param contents of the product, grams 0 or more
 * @param allergens to be named, see {@link declaredAllergensOf}
 */
export function ingredientsOf(
  contents: readonly Portion[],
  market: Market,
  allergens: readonly DeclaredAllergen[],
): readonly Ingredient[] {
  const totalG = portionsG(contents);
  if (!(totalG > 0)) return [];
  const byName = new Map<string, { massPct: number; color: boolean }>();
  const toDeclare = new Set(allergens.map(({ name }) => name));
  for (const { material, massG } of contents)
    for (const { name, fraction, isColor } of partsOf(material)) {
      if (name === '' || !(massG > 0)) continue;
      const said = market === 'us' ? usNameOf(name, material) : euNameOf(name, toDeclare);
      const known = byName.get(said);
      byName.set(said, {
        massPct: (known?.massPct ?? 0) + (100 * massG * fraction) / totalG,
        // A mineral that is both powder and color stands where most of it counts: with the colors only if all of it is.
        color: isColor && (known?.color ?? true),
      });
    }
  const own = [...byName].map(([name, { massPct, color }]) => ({
    name,
    massPct,
    color,
    allergen: isEuropean(market) && toDeclare.has(name),
  }));
  const inside = isEuropean(market)
    ? allergens
        .filter(({ name }) => !byName.has(name))
        .map(({ name, pct }) => ({ name, massPct: pct, color: false, allergen: true }))
    : [];
  return [...own, ...inside].sort(
    (a, b) =>
      groupOf(a) - groupOf(b) || b.massPct - a.massPct || a.name.localeCompare(b.name, 'en-US'),
  );
}

function groupOf({ color, massPct }: Ingredient): number {
  return color ? 2 : massPct > FREE_ORDER_PCT ? 0 : 1;
}

function euNameOf(name: string, toDeclare: ReadonlySet<string>): string {
  const complex = complexNameOf(name);
  return complex !== null && toDeclare.has(complex) ? complex : name;
}

/** A color that is a lake in this material goes by the lake’s name. */
function usNameOf(name: string, { likeId }: Material): string {
  const lake = US_LAKES[likeId];
  return lake !== undefined && name.startsWith('CI ') ? lake : (US_NAMES[name] ?? name);
}

/** For a label of both sides: the European name with the US one beside it. */
export function ingredientsOfBoth(
  contents: readonly Portion[],
  market: Exclude<Market, 'us'>,
  allergens: readonly DeclaredAllergen[],
): readonly Ingredient[] {
  const toDeclare = new Set(allergens.map(({ name }) => name));
  const usNames = new Map<string, Set<string>>();
  for (const { material, massG } of contents)
    for (const { name } of massG > 0 ? partsOf(material) : []) {
      const said = euNameOf(name, toDeclare);
      const us = usNameOf(name, material);
      if (us !== name) usNames.set(said, (usNames.get(said) ?? new Set()).add(us));
    }
  return ingredientsOf(contents, market, allergens).map((ingredient) => {
    const us = [...(usNames.get(ingredient.name) ?? [])].join(', ');
    if (us === '') return ingredient;
    // "Zea Mays (Corn) Starch" says both by itself.
    const holds = us.replace(/ \([^)]*\)/, '') === ingredient.name;
    return { ...ingredient, name: holds ? us : `${ingredient.name} (${us})` };
  });
}

/** The list as a label prints it. */
export function ingredientText(ingredients: readonly Ingredient[]): string {
  return ingredients.length === 0 ? '' : `${ingredients.map(({ name }) => name).join(', ')}.`;
}
