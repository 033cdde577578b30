export { looksShared, readRecipeJsonLd, writeRecipeJsonLd } from './recipeJsonLd';
export type { SharedRecipe, SharedResult } from './recipeJsonLd';
