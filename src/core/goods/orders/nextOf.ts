import { addDays } from 'date-fns';
import type { Order } from './schema';

/** The next one of an order that comes again, at the same hour of the day; null for one that does not. */
export function nextOf(order: Order, id: string): Order | null {
  if (order.repeatDays === null) return null;
  const due = addDays(order.due, order.repeatDays);
  return { ...order, id, due: due.toISOString() };
}
