export { ORDER_KINDS } from './kinds';
export { orderSchema } from './schema';
export type { Order } from './schema';
export type { OrderKind } from './kinds';
export { ORDER_KIND_WORDS } from './words';
export { nextOf } from './nextOf';
