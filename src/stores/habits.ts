import { reactive, watchEffect } from 'vue';
import { guessHabits, type Habits, useHabits } from '@/core/basics/format/habits';
import { useWorkshopStore } from './workshop';

/** Formatters go by the workshop's units and clock, by the system's until the maker chooses; what is shown follows. */
export function followHabits(language = navigator.language): void {
  const workshop = useWorkshopStore();
  const guess = guessHabits(language);
  const inUse = reactive<Habits>({ ...guess });
  useHabits(inUse);
  watchEffect(() => {
    const { units, clock } = workshop.settings;
    inUse.units = units ?? guess.units;
    inUse.isTwelveHour = clock === undefined ? guess.isTwelveHour : clock === '12-hour';
  });
}
