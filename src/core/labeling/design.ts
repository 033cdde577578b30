import { z } from 'zod';
import { FOR_WHOM } from './cautions';
import { LABEL_MARKETS, NO_WORDS } from './content';

const mm = z.number().min(0).max(2000);

/** A sheet of labels, millimeters. */
export const sheetSchema = z.object({
  name: z.string().max(80),
  pageWidthMm: z.number().min(20).max(2000),
  pageHeightMm: z.number().min(20).max(2000),
  columns: z.int().min(1).max(50),
  rows: z.int().min(1).max(100),
  /** From the page’s edge to the first label. */
  leftMm: mm,
  topMm: mm,
  /** Between labels. */
  gapXMm: mm,
  gapYMm: mm,
});
export type LabelSheet = Readonly<z.infer<typeof sheetSchema>>;

/** How a label is cut and what the maker says on it; everything else comes from the batch. */
export const labelDesignSchema = z.object({
  market: z.enum(LABEL_MARKETS),
  shape: z.enum(['rectangle', 'round']),
  /** Of one label; a round one has its width for both. */
  widthMm: z.number().min(10).max(400),
  heightMm: z.number().min(10).max(400),
  /** Two: name and weight on the front, all the rest on the back. */
  sides: z.union([z.literal(1), z.literal(2)]),
  sheet: sheetSchema,
  /** Name on the label; empty for the sale unit’s own. */
  title: z.string().max(300),
  own: z.object({
    identity: z.string().max(300),
    directions: z.string().max(1000),
    story: z.string().max(1000),
    otherLanguages: z.string().max(3000),
  }),
  forWhom: z.enum(FOR_WHOM),
  hasQr: z.boolean(),
  hasPicture: z.boolean(),
});
export type LabelDesign = Readonly<z.infer<typeof labelDesignSchema>>;

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
  sheet('2.5 in round or square, 9 on letter', 215.9, 279.4, 3, 3, 63.5, 63.5, 6, 20),
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
    market: 'both',
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
    `${of.columns} by ${of.rows} labels need ${Math.round(needed * 10) / 10} mm ${along}, and the page has ${has}.`;
  if (wide > of.pageWidthMm + 0.01) return say(wide, of.pageWidthMm, 'across');
  if (high > of.pageHeightMm + 0.01) return say(high, of.pageHeightMm, 'down');
  return null;
}
