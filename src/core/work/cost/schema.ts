import { z } from 'zod';

const money = z.number().min(0).max(10_000_000);

/** How this workshop counts money. */
export const moneySchema = z.object({
  /** ISO 4217. */
  currency: z.string().regex(/^[A-Z]{3}$/),
  /** Prices are rounded up to a multiple of this: 0.05, 0.5, 1. */
  roundTo: z.number().min(0.001).max(1000),
  laborPerHour: money,
  /** Share of the price that is not cost, %. */
  wholesaleMarginPct: z.number().min(0).max(95),
  retailMarginPct: z.number().min(0).max(95),
  /** Rent, power, tools: added to all other costs, %; left out for none. */
  overheadPct: z.number().min(0).max(500).optional(),
});
export type Money = z.infer<typeof moneySchema>;

/** What a formula costs beside its materials. */
export const costingSchema = z.object({
  /** Money for wrap, box and label of one piece, while no product says what is around it. */
  packagingEach: money,
  /** Minutes of labor to make a whole batch; wrapping is counted with the product. Left out for what the steps take. */
  laborMinutes: z.number().min(0).max(100_000).optional(),
  /** Pieces that are rejects, % of a batch; left out for none. */
  rejectPct: z.number().min(0).max(90).optional(),
});
export type Costing = z.infer<typeof costingSchema>;
