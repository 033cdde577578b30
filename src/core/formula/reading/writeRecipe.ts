import { PART_WORDS } from '../model/messages';
import type { FormulaBody, Part } from '../model/schema';
import type { LineWay } from '../model/kinds';
import { materialById, type Catalog } from '@/core/matter/materials/catalog';

/**
 * Writes a formula as recipe text that {@link readRecipe} reads back to the same grams, to the last digit.
 * Parts after the main mix open with a heading; how a line goes in, grams a piece and the yield are said; unread lines
 * stand as they were written.
 */
export function writeRecipe(body: FormulaBody, catalog: Catalog): string {
  const blocks = body.parts.map((part) => {
    const heading = part.kind === 'main' ? [] : [headingOf(part)];
    const lines = part.lines.map((line) => {
      const way = line.how === undefined ? '' : WRITTEN_WAYS[line.how];
      return `${line.massG} g ${materialById(catalog, line.materialId).name}${way && `, ${way}`}`;
    });
    const unread = body.unread
      .filter((entry) => entry.partId === part.id)
      .map((entry) => entry.text);
    return [...heading, ...lines, ...unread].join('\n');
  });
  const makes = body.yieldPieces === undefined ? [] : [`Makes ${body.yieldPieces} pieces`];
  return `${[...blocks, ...makes].join('\n\n')}\n`;
}

/** How a line goes in, in words that are read back; water a dye is bloomed in is found by its dye. */
const WRITTEN_WAYS: Readonly<Record<LineWay, string>> = {
  'with-the-powders': 'with the powders',
  'with-the-acid': 'with the acid',
  melted: 'melted',
  'in-warm-oil': 'melted in the oil',
  'in-alcohol': 'dissolved in the alcohol',
  bloomed: 'bloomed',
  'bloom-water': '',
  'in-the-beaker': 'stirred into the oil',
  last: 'last',
  sprayed: 'in a spray bottle',
  'by-the-spoon': 'by the spoon',
  infused: 'infused',
  'on-the-floor': 'on the floor of the mold',
  'on-top': 'on top',
};

function headingOf({ kind, perPieceG }: Part): string {
  const each = perPieceG === undefined ? '' : ` (${perPieceG} g each)`;
  return `${headingWord(PART_WORDS[kind])}${each}:`;
}

function headingWord(word: string): string {
  return word.charAt(0).toUpperCase() + word.slice(1);
}
