export { tolerableErrorG } from './netWeight';
export { leastLetterMm, leastNetHeightMm, netWeight, netWeightText } from './netWeightText';
export type { NetWeight } from './netWeightText';
export { labelFigure } from './labelFigure';
export type { LabelFigure } from './labelFigure';
export { FREE_ORDER_PCT, ingredientText, ingredientsOf } from './ingredients/ingredients';
export type { Ingredient } from './ingredients/ingredients';
export { declaredAllergensOf } from './ingredients/allergens';
export type { AllergenReading, DeclaredAllergen } from './ingredients/allergens';
export { COMPLEXES } from './ingredients/complexes';
export { isKnownIngredient, namesIn, partsOf } from './ingredients/parts';
export { claimsIn } from './claims';
export type { Claim, ClaimVerdict } from './claims';
export { FOR_WHOM, labelCautions } from './cautions';
export type { CautionCode, ForWhom, LabelCaution } from './cautions';
export { hazardsOf } from './hazards';
export { DIRECTIONS, IDENTITY } from './identity';
export { MARKETS, MARKET_WORDS } from './market';
export type { Market } from './market';
export { LABEL_MARKETS, NO_WORDS, labelContent, marketsOf } from './content';
export type {
  LabelContent,
  LabelMarket,
  LabelProduct,
  LabelQuestion,
  OwnWords,
  ProductContent,
} from './content';
export { mustSay } from './mustSay';
export type { Must, MustCode, MustFacts, MustState } from './mustSay';
export { sayMust } from './words';
export { fillWatch } from './fillWatch';
export type { FillWatch } from './fillWatch';
export { SHEETS, sheetProblem, usualDesign } from './design';
export { labelDesignSchema, sheetSchema } from './designSchema';
export type { LabelDesign, LabelSheet } from './designSchema';
export { FIELD_WORDS, cannotPrint, layLabel, sayCut, seatsFor } from './layout';
export type {
  LabelFoot,
  LabelField,
  LabelItem,
  LabelSide,
  LaidLabel,
  Measure,
  Seat,
} from './layout';
export { CAS, FUNCTIONS } from './ingredients/registry';
