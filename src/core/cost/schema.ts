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

/** Until the maker says otherwise. Common practice for the margins; the wage is a start value. */
export const USUAL_MONEY: Money = {
  currency: 'USD',
  roundTo: 0.05,
  laborPerHour: 18,
  wholesaleMarginPct: 40,
  retailMarginPct: 65,
};

/** What a formula costs beside its materials. */
export const costingSchema = z.object({
  /** Money for wrap, box and label of one piece. */
  packagingEach: money,
  /** Minutes of hands for a whole batch, from the first weight to the last wrap. */
  laborMinutes: z.number().min(0).max(100_000),
});
export type Costing = z.infer<typeof costingSchema>;

export const NO_COSTING: Costing = { packagingEach: 0, laborMinutes: 0 };
