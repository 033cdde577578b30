import { PART_WORDS, type FormulaBody } from '../formula';
import { materialById, type Catalog } from '../materials';

/**
 * Writes a formula as recipe text that {@link readRecipe} reads back to the same grams, to the last digit.
 * Parts after the main mix open with a heading; unread lines stand as they were written.
 */
export function writeRecipe(body: FormulaBody, catalog: Catalog): string {
  const blocks = body.parts.map((part) => {
    const heading = part.kind === 'main' ? [] : [`${headingWord(PART_WORDS[part.kind])}:`];
    const lines = part.lines.map(
      (line) => `${line.massG} g ${materialById(catalog, line.materialId).name}`,
    );
    const unread = body.unread
      .filter((entry) => entry.partId === part.id)
      .map((entry) => entry.text);
    return [...heading, ...lines, ...unread].join('\n');
  });
  return `${blocks.join('\n\n')}\n`;
}

function headingWord(word: string): string {
  return word.charAt(0).toUpperCase() + word.slice(1);
}
