import { useTitle } from '@vueuse/core';
import { computed } from 'vue';
import { useRoute } from 'vue-router';
import { placeOf } from './places';

/**
 * Names the browser's tab after the screen: “Quince Lantern · Design · Rovack”.
 * @param thing what is open on it; empty for the screen alone
 * @returns the place that the screen is
 */
export function useScreenTitle(thing: () => string) {
  const route = useRoute();
  const place = computed(() => placeOf(String(route?.name ?? '')));
  useTitle(
    computed(() =>
      [thing(), place.value?.label ?? '', 'Rovack'].filter((part) => part !== '').join(' · '),
    ),
  );
  return place;
}
