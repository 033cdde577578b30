export { NO_COSTING, USUAL_MONEY } from './usual';
export { costingSchema, moneySchema } from './schema';
export type { Costing, Money } from './schema';
export { costOf, priceFor } from './costOf';
export type { Cost, CostLine, UsedMaterial } from './costOf';
