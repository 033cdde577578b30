export { tolerableErrorG } from './netWeight';
export { ingredientOrder } from './ingredientOrder';
