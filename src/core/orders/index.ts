export { ORDER_KINDS, orderSchema } from './schema';
export type { Order, OrderKind } from './schema';
export { ORDER_KIND_WORDS } from './words';
export { nextOf } from './nextOf';
