import type { Money, Costing } from './schema';

/** Until the maker says otherwise. Common practice for the margins; the wage is a start value. */
export const USUAL_MONEY: Money = {
  currency: 'USD',
  roundTo: 0.05,
  laborPerHour: 18,
  wholesaleMarginPct: 40,
  retailMarginPct: 65,
};

export const NO_COSTING: Costing = { packagingEach: 0 };
