import { MINUTE_MS } from '@/core/basics/time';
import ical, { ICalCalendarMethod } from 'ical-generator';
import type { Order } from '@/core/goods/orders/schema';
import type { Bar } from '@/stores/calendar';
import { sayStep } from './calendarMessages';

/** A step takes its whole minutes: a calendar knows no seconds. */
const wholeMinutes = (ms: number, round: (minutes: number) => number) =>
  new Date(round(ms / MINUTE_MS) * MINUTE_MS);

/** What is to be done on a day. */
export interface DayNote {
  readonly id: string;
  /** ISO day. */
  readonly day: string;
  readonly about: string;
  readonly said: string;
}

/** The plan as an iCalendar: each step an event, drying too, each order when it is due, each reminder a day. */
export function calendarText(
  bars: readonly Bar[],
  orders: readonly Order[],
  notes: readonly DayNote[],
): string {
  const calendar = ical({ name: 'Rovack', method: ICalCalendarMethod.PUBLISH });
  for (const bar of bars)
    calendar.createEvent({
      id: `${bar.job}-${bar.step}@rovack`,
      start: wholeMinutes(bar.startMs, Math.floor),
      end: wholeMinutes(bar.endMs, Math.ceil),
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
  for (const { id, day, about, said } of notes)
    calendar.createEvent({
      id: `${id.replaceAll('/', '-')}@rovack`,
      start: new Date(`${day}T00:00:00`),
      allDay: true,
      summary: `${about}: ${said}`,
    });
  return calendar.toString();
}
