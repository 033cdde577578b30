import { z } from 'zod';
import { FOR_WHOM } from './cautions';
import { MARKETS } from './market';
import { SOLD_AS } from './soldAs';

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
  /** Whose rules it follows, each once. */
  markets: z
    .array(z.enum(MARKETS))
    .min(1)
    .max(MARKETS.length)
    .refine((all) => new Set(all).size === all.length),
  /** Where it may be one or the other; null until the maker has said. */
  soldAs: z.enum(SOLD_AS).nullable(),
  /** Unique formula identifier as the maker typed it; empty for none. */
  ufi: z.string().max(40),
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
