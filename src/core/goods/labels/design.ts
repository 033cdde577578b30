import { formatLengths } from '@/core/basics/format/quantities';
import { NO_WORDS } from './content';
import type { LabelSheet, LabelDesign } from './designSchema';

/** Usual sheets: pages with round numbers that any cutter and printer has. */
export const SHEETS: readonly (LabelSheet & {
  readonly widthMm: number;
  readonly heightMm: number;
})[] = [
  sheet('64 × 64 mm, 12 on A4', 210, 297, 3, 4, 64, 64, 4, 4),
  sheet('50 × 50 mm, 15 on A4', 210, 297, 3, 5, 50, 50, 8, 5),
  sheet('40 × 40 mm, 24 on A4', 210, 297, 4, 6, 40, 40, 8, 6),
  sheet('90 × 50 mm, 10 on A4', 210, 297, 2, 5, 90, 50, 8, 5),
  sheet('100 × 70 mm, 8 on A4', 210, 297, 2, 4, 100, 70, 2, 2),
  sheet('2 × 2 in, 20 on letter', 215.9, 279.4, 4, 5, 50.8, 50.8, 2, 2),
  sheet('4 × 2 in, 10 on letter', 215.9, 279.4, 2, 5, 101.6, 50.8, 4, 4),
  sheet('2.5 in, round or square, 9 on letter', 215.9, 279.4, 3, 3, 63.5, 63.5, 6, 20),
];

/** A sheet with its labels in the middle. */
function sheet(
  name: string,
  pageWidthMm: number,
  pageHeightMm: number,
  columns: number,
  rows: number,
  widthMm: number,
  heightMm: number,
  gapXMm: number,
  gapYMm: number,
) {
  const rest = (page: number, count: number, size: number, gap: number) =>
    Math.round(50 * (page - count * size - (count - 1) * gap)) / 100;
  return {
    name,
    pageWidthMm,
    pageHeightMm,
    columns,
    rows,
    leftMm: rest(pageWidthMm, columns, widthMm, gapXMm),
    topMm: rest(pageHeightMm, rows, heightMm, gapYMm),
    gapXMm,
    gapYMm,
    widthMm,
    heightMm,
  };
}

/** A new sale unit’s label, until the maker cuts it otherwise. */
export function usualDesign(): LabelDesign {
  const [first] = SHEETS;
  if (!first) throw new RangeError('there must be one sheet');
  const { widthMm, heightMm, ...of } = first;
  return {
    markets: ['eu', 'us'],
    soldAs: null,
    ufi: '',
    shape: 'rectangle',
    widthMm,
    heightMm,
    sides: 1,
    sheet: of,
    title: '',
    own: NO_WORDS,
    forWhom: 'everyone',
    hasQr: true,
    hasPicture: true,
  };
}

/** What does not go together in a design; null when all does. */
export function sheetProblem({ widthMm, heightMm, sheet: of }: LabelDesign): string | null {
  const needs = (count: number, size: number, gap: number, from: number) =>
    from + count * size + (count - 1) * gap;
  const wide = needs(of.columns, widthMm, of.gapXMm, of.leftMm);
  const high = needs(of.rows, heightMm, of.gapYMm, of.topMm);
  const say = (needed: number, has: number, along: string) =>
    `${of.columns} by ${of.rows} labels need ${formatLengths([needed], 1)} ${along}, and the page has ${formatLengths([has], 1)}. Make the labels smaller, or use fewer.`;
  if (wide > of.pageWidthMm + 0.01) return say(wide, of.pageWidthMm, 'across');
  if (high > of.pageHeightMm + 0.01) return say(high, of.pageHeightMm, 'down');
  return null;
}
