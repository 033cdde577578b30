import type { MaterialRow } from '../types';
import { CAUTION_BY_TRAIT } from './cautions';
import { DRAWS_WATER } from './drawsWater';
import { SHELF_LIFE_BY_ID, SHELF_LIFE_BY_ROLE } from './keeping';
import { colorRestriction, holdsCarmine, needsCertifiedBatch } from './colorListings';
import { FOOD_ALLERGEN, NOT_VEGAN, VEGAN, VEGAN_USUALLY } from './origin';
import { ALCOHOL_FRACTION, ALL_OIL, MELTING_C, NO_ALCOHOL, NO_OIL, OIL_FRACTION } from './physical';
import { PRICE_BY_ID, PRICE_BY_ROLE } from './prices';
import { RATE_BY_ID, RATE_BY_ROLE } from './rates';
import { NOT_FOR } from './restrictions';
import { sentenceNameOf } from './sentenceNames';

export { CAUTION_BY_TRAIT } from './cautions';
export { isListedColor } from './colorListings';
export type { ProductUse, Restriction } from './restrictions';
export type { UsualRate } from './rates';
export type { Vegan } from './origin';

/** What is known of a material beyond what the models compute with. */
export function knowledgeOf(row: MaterialRow) {
  const isOil = row.role === 'oil' || row.role === 'butter';
  return {
    sentenceName: sentenceNameOf(row),
    drawsWater: DRAWS_WATER[row.id] ?? null,
    meltingC: MELTING_C[row.id] ?? null,
    alcoholFraction: ALCOHOL_FRACTION[row.id] ?? NO_ALCOHOL,
    oilFraction: OIL_FRACTION[row.id] ?? (isOil ? ALL_OIL : NO_OIL),
    usualPct: RATE_BY_ID[row.id] ?? RATE_BY_ROLE[row.role] ?? null,
    notFor: NOT_FOR[row.id] ?? colorRestriction(row.inci),
    needsCertifiedBatch: needsCertifiedBatch(row.inci),
    vegan: VEGAN[row.id] ?? (holdsCarmine(row.inci) ? NOT_VEGAN : VEGAN_USUALLY),
    foodAllergen: FOOD_ALLERGEN[row.id] ?? null,
    shelfLifeMonths: SHELF_LIFE_BY_ID[row.id] ?? SHELF_LIFE_BY_ROLE[row.role],
    relativePrice: PRICE_BY_ID[row.id] ?? PRICE_BY_ROLE[row.role],
    cautions: row.traits.flatMap((trait) => CAUTION_BY_TRAIT[trait] ?? []),
  };
}

export type Knowledge = Readonly<ReturnType<typeof knowledgeOf>>;

/** Ids the tables speak of, so that none can speak of a material that is gone. */
export const KNOWN_IDS: readonly string[] = [
  MELTING_C,
  ALCOHOL_FRACTION,
  OIL_FRACTION,
  RATE_BY_ID,
  NOT_FOR,
  DRAWS_WATER,
  VEGAN,
  FOOD_ALLERGEN,
  SHELF_LIFE_BY_ID,
  PRICE_BY_ID,
].flatMap((table) => Object.keys(table));
