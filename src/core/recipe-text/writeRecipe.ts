import { PART_WORDS, type FormulaBody } from '../formula';
import { materialById } from '../materials';

/**
 * Writes a formula as recipe text that {@link readRecipe} reads back to the same grams, to the last digit.
 * Parts after the main mix open with a heading; unread lines stand as they were written.
 */
export function writeRecipe(body: FormulaBody): string {
  const blocks = body.parts.map((part) => {
    const heading = part.kind === 'main' ? [] : [`${headingWord(PART_WORDS[part.kind])}:`];
    const lines = part.lines.map((line) => `${line.massG} g ${nameOf(line.materialId)}`);
    const unread = body.unread
      .filter((entry) => entry.partId === part.id)
      .map((entry) => entry.text);
    return [...heading, ...lines, ...unread].join('\n');
  });
  return `${blocks.join('\n\n')}\n`;
}

function nameOf(materialId: string): string {
  return materialById(materialId).name;
}

function headingWord(word: string): string {
  return word.charAt(0).toUpperCase() + word.slice(1);
}
