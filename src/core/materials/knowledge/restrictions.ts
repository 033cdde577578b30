import { from, type Sourced } from '../sources';

const regulation = from('regulation');
const practice = from('practice');

/** Where a product is used: in a full tub, at the feet under a shower, or about the house. */
export type ProductUse = 'tub' | 'shower' | 'household';

/** Uses that a material does not belong in, and why. */
export interface Restriction {
  readonly uses: readonly ProductUse[];
  readonly why: string;
}

const SKIN: readonly ProductUse[] = ['tub', 'shower'];
const TUB: readonly ProductUse[] = ['tub'];
const HOUSE: readonly ProductUse[] = ['household'];

const externalOnly = regulation<Restriction>({
  uses: TUB,
  why: 'listed for external use only, and bath water reaches mucous membranes',
});
const tooAlkaline = practice<Restriction>({ uses: SKIN, why: 'too alkaline for skin' });
const householdOnly = practice<Restriction>({ uses: SKIN, why: 'a household chemical' });
const foodOnSurfaces = practice<Restriction>({
  uses: HOUSE,
  why: 'food left on a surface: it films, feeds mold and spoils',
});

/** Where a material may not go. Color listings: US 21 CFR 73, 74, 82 and EU annex IV, from memory; local rules decide. */
export const NOT_FOR: Readonly<Record<string, Sourced<Restriction>>> = {
  borax: householdOnly,
  'sodium-carbonate': tooAlkaline,
  'sodium-carbonate-monohydrate': tooAlkaline,
  'sodium-carbonate-decahydrate': tooAlkaline,
  'sodium-sesquicarbonate': tooAlkaline,
  'sodium-percarbonate': householdOnly,
  'sodium-bisulfate': householdOnly,
  'dish-soap': householdOnly,
  'vinegar-10': householdOnly,
  'violet-2-dye': externalOnly,
  'goat-milk-powder': foodOnSurfaces,
  'whole-milk-powder': foodOnSurfaces,
  'buttermilk-powder': foodOnSurfaces,
  'coconut-milk-powder': foodOnSurfaces,
  'rice-milk-powder': foodOnSurfaces,
  'oat-milk-powder': foodOnSurfaces,
  'colloidal-oatmeal': foodOnSurfaces,
};
