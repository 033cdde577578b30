import { computed } from 'vue';
import { useWorkshopStore } from '@/stores/workshop';

/** Money as this workshop writes it. */
export function useMoney() {
  const workshop = useWorkshopStore();
  const format = computed(
    () =>
      new Intl.NumberFormat('en-US', {
        style: 'currency',
        currency: workshop.settings.money.currency,
      }),
  );
  return { money: (amount: number) => format.value.format(amount) };
}
