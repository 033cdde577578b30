import ical, { ICalCalendarMethod } from 'ical-generator';
import type { Order } from '@/core/goods/orders/schema';
import type { Bar } from '@/stores/calendar';
import { sayStep } from './calendarMessages';

/** The plan as an iCalendar: each step of hands an event, each order a day on which it is due. */
export function calendarText(bars: readonly Bar[], orders: readonly Order[]): string {
  const calendar = ical({ name: 'Rovack', method: ICalCalendarMethod.PUBLISH });
  for (const bar of bars)
    calendar.createEvent({
      id: `${bar.job}-${bar.step}@rovack`,
      start: new Date(bar.startMs),
      end: new Date(bar.endMs),
      summary: `${bar.name}: ${sayStep(bar.step)}`,
      description: bar.person,
    });
  for (const order of orders)
    calendar.createEvent({
      id: `${order.id}@rovack`,
      start: new Date(order.due),
      end: new Date(order.due),
      summary: `Due: ${order.who}`,
      location: order.where || null,
    });
  return calendar.toString();
}
