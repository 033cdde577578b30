import type { Order } from './schema';

/** The next one of an order that comes again; null for one that does not. */
export function nextOf(order: Order, id: string): Order | null {
  if (order.repeatDays === null) return null;
  const due = new Date(Date.parse(order.due) + order.repeatDays * 86_400_000);
  return { ...order, id, due: due.toISOString() };
}
