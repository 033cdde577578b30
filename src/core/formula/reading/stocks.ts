import { lineOf } from '../model/create';
import type { Line, Part } from '../model/schema';
import { materialById } from '@/core/matter/materials/catalog';
import { ask, type Found } from './found';
import { gather, type Item } from './items';
import { massOfMeasuresG } from './massOfMeasures';
import { scan } from './phrases/scan';
import { nameText, readItem } from './readItem';
import { wordsOf } from './words';

const STOCK = /\b(?:stock(?: solution)?|premix|solution)\b/i;

/**
 * A line of a stock: `1 tbsp of the stock`, `1 tsp menthol stock (1 part menthol to 3 parts 99% alcohol)`. It becomes lines
 * of what the stock is made of, in its own ratio.
 * @returns ids of what it became; null where no stock is meant
 */
export function takeStock(
  found: Found,
  item: Item,
  number: number,
  part: Part,
): readonly string[] | null {
  const name = nameText(item, found.words);
  if (!STOCK.test(name) || found.stock) return null;
  const made = madeOf(found, item, name);
  if (made.length === 0) return null;
  const { much } = item;
  if (much?.as !== 'measured') {
    const about = much?.as === 'vague' ? much.words : '';
    return [
      ask(found, number, item.from < item.to ? found.words.text.slice(item.from, item.to) : name, {
        reason: about === '' ? { code: 'no-amount', about } : { code: 'vague', about },
        choices: [],
        partId: part.id,
      }),
    ];
  }
  const wholeG = made.reduce((sum, { massG }) => sum + massG, 0);
  const { catalog, small } = found.known;
  const volumeMl = made.reduce(
    (sum, { massG, materialId }) =>
      sum + massG / materialById(catalog, materialId).trueDensityGMl.value,
    0,
  );
  if (!(wholeG > 0)) return null;
  // By the spoon it weighs as its own density says, water as the measure.
  const usedG = scaled(
    massOfMeasuresG(much.measures, materialById(catalog, 'water'), 'level', small),
    much.measures.every(({ unit }) => unit.kind === 'mass') ? 1 : wholeG / volumeMl,
  );
  found.sawAmount = true;
  return made.map((line) => {
    const share = line.massG / wholeG;
    const used = {
      ...lineOf(materialById(catalog, line.materialId), scaled(usedG, share)),
      written: found.words.text.slice(item.from, item.to).trim().slice(0, 600),
      ...(line.how && { how: line.how }),
    };
    part.lines.push(used);
    found.details.set(used.id, { as: 'measured', preparations: [], from: item.from, to: item.to });
    return used.id;
  });
}

function scaled<T extends { low: number; best: number; high: number }>(spread: T, by: number) {
  return { low: spread.low * by, best: spread.best * by, high: spread.high * by };
}

/** What it is made of: in the brackets behind it, else where the page says so. */
function madeOf(found: Found, item: Item, name: string): readonly Line[] {
  for (const text of item.notes) {
    const lines = linesIn(found, text);
    if (lines.length >= 2) return lines;
  }
  const stock =
    found.stocks.find((one) => sharesWord(one.name, name)) ??
    (found.stocks.length === 1 ? found.stocks[0] : undefined);
  if (!stock) return [];
  stock.isUsed = true;
  return stock.lines;
}

function sharesWord(one: string, other: string): boolean {
  const words = one
    .toLowerCase()
    .split(/\W+/)
    .filter((word) => word.length > 2 && word !== 'the');
  return words.some((word) => word !== 'stock' && new RegExp(`\\b${word}\\b`, 'i').test(other));
}

function linesIn(found: Found, text: string): readonly Line[] {
  const words = wordsOf(text);
  const { items } = gather(scan({ words, catalog: found.known.catalog }, 0, text.length), words);
  return items.flatMap((item) => {
    const reading = readItem(item, words, { ...found.known, takesShares: true });
    return reading.kind === 'read' ? [reading.line] : [];
  });
}
