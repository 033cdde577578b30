export const ORDER_KINDS = ['order', 'stall', 'shop'] as const;
export type OrderKind = (typeof ORDER_KINDS)[number];
