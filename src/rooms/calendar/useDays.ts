import { dayOf, daysLater, startOfDayMs } from '@/core/basics/time';
import { useReminders } from './useReminders';
import { useCalendarStore } from '@/stores/calendar';
import { today } from '@/stores/now';
import { usePlanInputsStore } from '@/stores/planInputs';
import { useQualityStore } from '@/stores/quality';

/** The plan day by day: what hands do, what is due, what has to be looked at. */
export function useDays() {
  const calendar = useCalendarStore();
  const planInputs = usePlanInputsStore();
  const quality = useQualityStore();
  const { reminderLine } = useReminders();

  /** Days from the first of the plan on. @param first so many days after it @param count so many days */
  function daysFrom(first: number, count: number) {
    const start = dayOf(planInputs.startMs);
    // What was due before stands today.
    const reminders = quality.dueBetween(today(), daysLater(start, first + count - 1));
    return Array.from({ length: count }, (_, i) => {
      const day = daysLater(start, first + i);
      const isThen = (ms: number) => dayOf(ms) === day;
      return {
        at: startOfDayMs(day),
        bars: calendar.bars
          .filter(({ startMs }) => isThen(startMs))
          .sort((a, b) => a.startMs - b.startMs),
        reminders: reminders.filter((one) => one.day === day).map(reminderLine),
        dues: planInputs.cover.orders
          .map(({ order }) => order)
          .filter(({ due }) => isThen(Date.parse(due))),
      };
    });
  }

  return { daysFrom };
}
