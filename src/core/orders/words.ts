import type { OrderKind } from './schema';

export const ORDER_KIND_WORDS: Readonly<Record<OrderKind, string>> = {
  order: 'Order',
  stall: 'Stall',
  shop: 'Shop',
};
