export { oilPerBath, type OilPerBath } from './perBath';
export { isHotOrCold, wholeOilLimit } from './wholeOils';
export { EMULSIFIER_TO_OIL, OIL_WORTH_CARRYING_PCT } from './carrier';
export { scentReading } from './load';
export type { ScentReading } from './load';
export { limitedConstituents, scentLimits } from './limits';
export type { BindingLimit, ConstituentReading, LimitedShare, ScentLimits } from './limits';
export { allergenShareSchema, scentDocumentSchema } from './documents';
export type { AllergenShare, ScentDocument } from './documents';
export { DECLARABLE, declarableNamed, declaredShares } from './declarable';
export type { AllergenDocument } from './declarable';
export {
  DECLARED_FROM_PCT,
  cautionedForInfants,
  cautionedInPregnancy,
  declaredAllergens,
} from './cautions';
export { CONSTITUENTS } from './constituents';
export { BLEND_UNITS, MOST_MENTHOL_PCT, blendAmount, blendMassG, mentholSolution } from './blend';
export type { BlendUnit, MentholSolution } from './blend';
export { fillUpFactor, mostLoadPct } from './fillUp';
export { readAllergens, writeAllergens } from './allergenText';
