export { tolerableErrorG } from './netWeight';
export { netWeightText } from './netWeightText';
export { labelFigure } from './labelFigure';
export type { LabelFigure } from './labelFigure';
export { ingredientOrder } from './ingredientOrder';
export { claimsIn } from './claimWords';
export type { Claim } from './claimWords';
export { labelCautions } from './cautions';
export type { LabelCaution } from './cautions';
