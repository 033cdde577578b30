export { readRecipe } from './readRecipe';
export type { RecipeReading, RecipeResult } from './readRecipe';
export { readLine } from './readLine';
export type { LineReading } from './readLine';
export { readTypedAmount } from './readTypedAmount';
export type { TypedAmount } from './readTypedAmount';
export { USUAL_SMALL_MEASURES, massOfMeasuresG } from './massOfMeasures';
export type { SmallMeasures } from './massOfMeasures';
export { writeRecipe } from './writeRecipe';
