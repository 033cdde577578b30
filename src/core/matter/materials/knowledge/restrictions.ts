import { from, type Sourced } from '../sources';

const practice = from('practice');

/** Where a product is used: in a full tub, at the feet under a shower, or about the house. */
export type ProductUse = 'tub' | 'shower' | 'household';

/** Uses that a material does not belong in, and why. */
export interface Restriction {
  readonly uses: readonly ProductUse[];
  readonly why: string;
  /** Lawful practice is divided: one reading of the rule bars it, another does not. */
  readonly isDivided?: true;
}

const SKIN: readonly ProductUse[] = ['tub', 'shower'];
const HOUSE: readonly ProductUse[] = ['household'];

const householdOnly = practice<Restriction>({ uses: SKIN, why: 'it is a household chemical' });
const foodOnSurfaces = practice<Restriction>({
  uses: HOUSE,
  why: 'food on a surface leaves a film, feeds mold and spoils',
});

/** Where a material may not go; colors have their listings beside this. */
export const NOT_FOR: Readonly<Record<string, Sourced<Restriction>>> = {
  borax: householdOnly,
  'sodium-percarbonate': householdOnly,
  'sodium-bisulfate': householdOnly,
  'sulfamic-acid': householdOnly,
  'dish-soap': householdOnly,
  'vinegar-10': householdOnly,
  'goat-milk-powder': foodOnSurfaces,
  'whole-milk-powder': foodOnSurfaces,
  'buttermilk-powder': foodOnSurfaces,
  'coconut-milk-powder': foodOnSurfaces,
  'rice-milk-powder': foodOnSurfaces,
  'oat-milk-powder': foodOnSurfaces,
  'colloidal-oatmeal': foodOnSurfaces,
  sugar: foodOnSurfaces,
  'powdered-sugar': foodOnSurfaces,
  'meringue-powder': foodOnSurfaces,
  sprinkles: foodOnSurfaces,
  dextrose: foodOnSurfaces,
  'wheat-flour': foodOnSurfaces,
  'honey-powder': foodOnSurfaces,
  'cocoa-powder': foodOnSurfaces,
  honey: foodOnSurfaces,
};
