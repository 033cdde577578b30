import type { Words } from './words';

export type ColumnRole =
  'name' | 'grams' | 'ounces' | 'milliliters' | 'percent' | 'parts' | 'amount' | 'other';

/** A table's header: what stands in each column. */
export interface Table {
  readonly delimiter: Delimiter;
  readonly columns: readonly ColumnRole[];
}
type Delimiter = '|' | '\t' | ',' | ';';

/** One cell, without the spaces around it. */
export interface Cell {
  readonly from: number;
  readonly to: number;
}

const NAMES =
  /^(?:ingredients?|materials?|names?|items?|what|raw materials?|components?|inci(?: name)?|article|product)$/;
const ROLES: ReadonlyArray<readonly [RegExp, ColumnRole]> = [
  [/^(?:%|percent(?:age)?|share|% ?w\/?w|wt ?%|amount,? %|% of mix)$/, 'percent'],
  [
    /^(?:grams?|g|gr|weight,? ?\(?g\)?|weight in g(?:rams)?|amount,? ?\(?g\)?|g(?:rams)? ?(?:to weigh|needed|per batch)|mass(?: ?\(?g\)?)?|to weigh|target(?: ?\(?g\)?)?)$/,
    'grams',
  ],
  [/^(?:oz|ounces?|weight,? ?\(?oz\)?)$/, 'ounces'],
  [/^(?:ml|volume(?: ?\(?ml\)?)?)$/, 'milliliters'],
  [/^(?:parts?|pph|parts per hundred|ratio)$/, 'parts'],
  [/^(?:how much|amount|quantity|qty|weight|measure|dose)$/, 'amount'],
  [NAMES, 'name'],
];

function roleOf(cell: string): ColumnRole {
  return ROLES.find(([pattern]) => pattern.test(cell))?.[1] ?? 'other';
}

export function cellsOf({ low }: Words, from: number, to: number, delimiter: Delimiter): Cell[] {
  const cells: Cell[] = [];
  let start = from;
  for (let at = from; at <= to; at++) {
    if (at < to && low.charAt(at) !== delimiter) continue;
    let [a, b] = [start, at];
    while (a < b && /\s/.test(low.charAt(a))) a++;
    while (b > a && /\s/.test(low.charAt(b - 1))) b--;
    cells.push({ from: a, to: b });
    start = at + 1;
  }
  // A bar at either end closes the row, and opens no cell.
  if (delimiter === '|') {
    if (cells[0]?.from === cells[0]?.to) cells.shift();
    const last = cells.at(-1);
    if (last && last.from === last.to) cells.pop();
  }
  return cells;
}

/** A row that names the columns of a table: at least a name and an amount, and no figure. */
export function headerOf(words: Words, from: number, to: number): Table | null {
  const text = words.low.slice(from, to);
  if (/\d/.test(text)) return null;
  for (const delimiter of ['|', '\t', ';', ','] as const) {
    if (!text.includes(delimiter)) continue;
    const columns = cellsOf(words, from, to, delimiter).map((cell) =>
      roleOf(words.low.slice(cell.from, cell.to)),
    );
    const hasAmount = columns.some((role) => role !== 'name' && role !== 'other');
    if (columns.includes('name') && hasAmount) return { delimiter, columns };
    // A first column without a name is one all the same, where the others say amounts.
    if (hasAmount && columns[0] === 'other')
      return { delimiter, columns: ['name', ...columns.slice(1)] };
  }
  return null;
}

/** `|---|---|`: a rule under a header. */
export function isRule(text: string): boolean {
  return /^[\s|:+=_*-]+$/.test(text) && /[-=_*]{2}/.test(text);
}
