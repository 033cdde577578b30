import type { OrderKind } from './kinds';

export const ORDER_KIND_WORDS: Readonly<Record<OrderKind, string>> = {
  order: 'Order',
  stall: 'Stall',
  shop: 'Shop',
};
