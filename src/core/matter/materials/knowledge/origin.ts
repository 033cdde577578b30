import { from, type Sourced } from '../sources';

const supplier = from('supplier');
const handbook = from('handbook');

/** `ask` where it depends on the maker of it. */
export type Vegan = 'yes' | 'no' | 'ask';

export const VEGAN_USUALLY: Sourced<Vegan> = supplier('yes');

/** Carmine makes a color an animal’s. */
export const NOT_VEGAN: Sourced<Vegan> = handbook('no');

export const VEGAN: Readonly<Record<string, Sourced<Vegan>>> = {
  'goat-milk-powder': handbook('no'),
  'whole-milk-powder': handbook('no'),
  'buttermilk-powder': handbook('no'),
  beeswax: handbook('no'),
  honey: handbook('no'),
  'honey-powder': handbook('no'),
  'propylene-glycol': supplier('ask'),
  'meringue-powder': handbook('no'),
  sprinkles: supplier('ask'),
  sugar: supplier('ask'),
  'powdered-sugar': supplier('ask'),
  'stearic-acid': supplier('ask'),
  'cetyl-alcohol': supplier('ask'),
  'coconut-milk-powder': supplier('ask'),
  'fragrance-oil': supplier('ask'),
  'vanilla-fragrance-oil': supplier('ask'),
  'activated-charcoal': supplier('ask'),
  'dish-soap': supplier('ask'),
  glycerin: supplier('ask'),
  'emulsifying-wax': supplier('ask'),
};

/** What people with an allergy to a food ask about, by material. */
export const FOOD_ALLERGEN: Readonly<Record<string, Sourced<string>>> = {
  'wheat-flour': handbook('wheat'),
  'rolled-oats': handbook('gluten'),
  'sweet-almond-oil': handbook('tree nut'),
  'macadamia-oil': handbook('tree nut'),
  'argan-oil': handbook('tree nut'),
  'sesame-oil': handbook('sesame'),
  // Many coconut milk powders are spray-dried on milk protein.
  'coconut-milk-powder': handbook('coconut, often milk protein'),
  'meringue-powder': handbook('egg'),
  'soybean-oil': handbook('soy'),
  tocopherol: handbook('soy, if made from soy'),
  sprinkles: handbook('may hold soy, wheat or milk'),
  'goat-milk-powder': handbook('milk'),
  'whole-milk-powder': handbook('milk'),
  'buttermilk-powder': handbook('milk'),
  'colloidal-oatmeal': handbook('oat'),
  'oat-milk-powder': handbook('oat'),
  lecithin: handbook('soy or sunflower, ask which'),
};
