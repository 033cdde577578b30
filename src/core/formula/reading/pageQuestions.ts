import type { RecipeReading } from './readRecipe';

/** What is asked once of a whole page, and is taken so until the maker says otherwise. */
export interface PageQuestion {
  /** 0 for the whole page. */
  readonly line: number;
  readonly text: string;
  readonly reason: string;
  readonly choices: readonly string[];
}

/** Questions of the page itself: its unit, and its weight. */
export function pageQuestions({
  takenAsGrams,
  sharesAsked,
}: RecipeReading): readonly PageQuestion[] {
  const questions: PageQuestion[] = [];
  if (takenAsGrams)
    questions.push({
      line: 0,
      text: 'numbers without a unit',
      reason: 'The numbers have no unit. Rovack reads them as grams. Is that right?',
      choices: ['g', 'oz', 'parts'],
    });
  if (sharesAsked?.kind === 'percent')
    questions.push({
      line: 0,
      text: 'the whole mix',
      reason: 'The page is in percent. How much is the whole mix?',
      choices: [`${sharesAsked.takenG} g`],
    });
  if (sharesAsked?.kind === 'parts')
    questions.push({
      line: 0,
      text: 'one part',
      reason: 'The page is in parts by weight. How much is one part?',
      choices: [`${sharesAsked.takenG} g`],
    });
  return questions;
}
