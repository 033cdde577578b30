import { waysOf } from '../model/ways';
import type { LineWay } from '../model/kinds';
import type { Material } from '@/core/matter/materials/material';
import { gather, type Item } from './items';
import { scan } from './phrases/scan';
import { readItem, wayFor, type Known, type LineReading } from './readItem';
import { behindMarks, wordsOf } from './words';
import { SHIPPED } from '@/core/matter/materials/catalog';

/**
 * Reads one ingredient line by itself: an amount and a name, and how it goes in.
 * @param chosenId a material the maker has chosen for this line, instead of recognizing the name
 */
export function readLine(raw: string, known: Known, chosenId?: string): LineReading {
  const words = wordsOf(raw.replace(/[\r\n]+/g, ' '));
  const item = firstItem(raw, known.catalog);
  return item
    ? readItem(item, words, known, chosenId)
    : { kind: 'unread', reason: { code: 'no-line', about: '' }, choices: [], hadAmount: false };
}

/** How a material goes in by what is written of it; undefined where that does not fit it. */
export function wayWritten(raw: string, material: Material): LineWay | undefined {
  const doings = firstItem(raw, SHIPPED)?.doings ?? [];
  const way = doings.findLast(
    (doing) => doing.way !== null && waysOf(material).includes(doing.way),
  );
  return wayFor(material, way?.way ?? null);
}

function firstItem(raw: string, catalog: Known['catalog']): Item | undefined {
  const words = wordsOf(raw.replace(/[\r\n]+/g, ' '));
  const [row] = words.rows;
  if (!row) return undefined;
  const phrases = scan({ words, catalog }, behindMarks(words.low, row), row.to);
  const { items } = gather(phrases, words);
  return items.find(({ name, much }) => name !== null && much !== null) ?? items[0];
}
