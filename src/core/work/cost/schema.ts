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
});
export type Money = z.infer<typeof moneySchema>;

/** What a formula costs beside its materials. */
export const costingSchema = z.object({
  /** Money for wrap, box and label of one piece. */
  packagingEach: money,
  /** Minutes of hands for a whole batch, from the first weight to the last wrap. */
  laborMinutes: z.number().min(0).max(100_000),
});
export type Costing = z.infer<typeof costingSchema>;
