export { scentReading } from './load';
export type { ScentReading } from './load';
export { limitedConstituents, scentLimits } from './limits';
export type { BindingLimit, ConstituentReading, LimitedShare, ScentLimits } from './limits';
export { scentDocumentSchema } from './documents';
export type { ScentDocument } from './documents';
export { DECLARED_FROM_PCT, cautionedInPregnancy, declaredAllergens } from './cautions';
export { CONSTITUENTS } from './constituents';
