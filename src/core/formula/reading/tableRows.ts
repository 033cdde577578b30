import { findUnit } from '@/core/basics/units/household';
import { accountFor } from './accountFor';
import { readAmount } from './amount';
import { addYield, note, type Found, type Sentence } from './found';
import { gather } from './items';
import { takeItems } from './lines';
import { cellsOf, type ColumnRole, type Table } from './pageTables';
import { scan } from './phrases/scan';
import type { Much } from './phrases/types';
import { readQuantity } from './quantity';
import { takeSentence } from './sentences';
import type { Row } from './words';

const UNIT_OF: Readonly<Partial<Record<ColumnRole, string>>> = {
  grams: 'g',
  ounces: 'oz',
  milliliters: 'ml',
};

/** A row of a table whose header names its columns: a column of lots or prices is no amount. */
export function takeTableRow(
  found: Found,
  { row, from, table }: { readonly row: Row; readonly from: number; readonly table: Table },
): void {
  const { words, known } = found;
  const raw = words.text.slice(row.from, row.to);
  const cells = cellsOf(words, from, row.to, table.delimiter);
  const nameAt = cells[table.columns.indexOf('name')];
  const amountAt =
    AMOUNT_COLUMNS.map((role) =>
      cells.findIndex((cell, i) => table.columns[i] === role && cell.to > cell.from),
    ).find((at) => at >= 0) ?? -1;
  const amountCell = cells[amountAt];
  if (!nameAt || nameAt.from === nameAt.to) {
    note(found, raw);
    found.account.push({ from: row.from, to: row.to, as: 'remark' });
    return;
  }
  if (TOTAL_ROW.test(words.low.slice(nameAt.from, nameAt.to))) {
    const total = amountCell
      ? muchIn(words.text.slice(amountCell.from, amountCell.to), table.columns[amountAt])
      : null;
    if (total?.as === 'measured')
      addYield(found, {
        totalG: total.measures.reduce((sum, { count, unit }) => sum + count.best * unit.size, 0),
      });
    found.account.push({ from: row.from, to: row.to, as: 'yield' });
    found.rows.push({
      number: row.number,
      text: raw.trim(),
      partId: found.current.id,
      became: 'yield',
      ids: [],
    });
    return;
  }
  const phrases = scan({ words, catalog: known.catalog }, nameAt.from, nameAt.to);
  const gathered = gather(phrases, words);
  const [item] = gathered.items;
  const much = amountCell
    ? muchIn(words.text.slice(amountCell.from, amountCell.to), table.columns[amountAt])
    : null;
  const whole: Sentence = { from, to: row.to, number: row.number, raw };
  if (!item?.name) {
    const took = takeSentence(found, whole);
    found.rows.push({
      number: row.number,
      text: raw.trim(),
      partId: found.current.id,
      became: took.asks ? 'unread' : 'note',
      ids: took.ids,
    });
    return;
  }
  item.much = much;
  item.muchAt = amountCell ?? null;
  const took = takeItems(found, [item], gathered, whole, true);
  accountFor(found, phrases, gathered, took.names);
  cells.forEach((cell, i) => {
    if (cell === nameAt || cell.from === cell.to) return;
    found.account.push({ ...cell, as: i === amountAt ? 'amount' : 'remark' });
  });
  found.rows.push({
    number: row.number,
    text: raw.trim(),
    partId: found.current.id,
    became: took.asks ? 'unread' : 'line',
    ids: took.ids,
  });
}

/** Of several columns with amounts the one that is weighed by. */
const AMOUNT_COLUMNS: readonly ColumnRole[] = [
  'grams',
  'ounces',
  'milliliters',
  'amount',
  'percent',
  'parts',
];
const TOTAL_ROW = /^(?:grand )?(?:total|sum|together|batch)\b/;

/** The amount in a cell, in the unit of its column where it names none. */
function muchIn(text: string, role: ColumnRole | undefined): Much | null {
  const own = readAmount(text);
  if (own.kind === 'read') return { as: 'measured', measures: own.measures };
  const count = readQuantity(text.replace(/%/g, ''));
  if (count.kind === 'bad') return { as: 'bad', reason: count.reason };
  if (count.kind === 'none') return text === '' ? null : { as: 'vague', words: text };
  if (role === 'percent' || /%/.test(text)) return { as: 'percent', share: count.count };
  if (role === 'parts') return { as: 'parts', share: count.count };
  const unit = findUnit(UNIT_OF[role ?? 'other'] ?? '');
  return unit
    ? { as: 'measured', measures: [{ count: count.count, unit }] }
    : { as: 'bare', share: count.count, figure: text };
}
