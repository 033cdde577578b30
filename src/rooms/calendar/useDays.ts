import { useReminders } from './useReminders';
import { useCalendarStore } from '@/stores/calendar';
import { nowIso, today } from '@/stores/now';
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
    const last = new Date(planInputs.startMs);
    last.setDate(last.getDate() + first + count - 1);
    // What was due before stands today.
    const reminders = quality.dueBetween(today(), nowIso(last).slice(0, 10));
    return Array.from({ length: count }, (_, i) => {
      const from = new Date(planInputs.startMs);
      from.setHours(0, 0, 0, 0);
      from.setDate(from.getDate() + i + first);
      const to = new Date(from);
      to.setDate(to.getDate() + 1);
      const isThen = (ms: number) => ms >= from.getTime() && ms < to.getTime();
      return {
        at: from.getTime(),
        bars: calendar.bars
          .filter(({ startMs }) => isThen(startMs))
          .sort((a, b) => a.startMs - b.startMs),
        reminders: reminders
          .filter(({ day }) => day === nowIso(from).slice(0, 10))
          .map(reminderLine),
        dues: planInputs.cover.orders
          .map(({ order }) => order)
          .filter(({ due }) => isThen(Date.parse(due))),
      };
    });
  }

  return { daysFrom };
}
