import { useLocalStorage } from '@vueuse/core';
import { watch } from 'vue';
import { useRoute } from 'vue-router';
import { useWorkshopStore } from '@/stores/workshop';
import { entryAt } from './ways';

const MOST_RECENT = 12;
/** Ids of what was opened last in this browser, the newest first. */
const recent = useLocalStorage<readonly string[]>('rovack-recent', []);

/** Follows what is opened, so that the search can offer it again. */
export function followRecent(): void {
  const route = useRoute();
  const workshop = useWorkshopStore();
  watch(
    [() => route.fullPath, () => workshop.isLoaded],
    () => {
      const id = entryAt(route, workshop);
      if (id !== null && recent.value[0] !== id)
        recent.value = [id, ...recent.value.filter((one) => one !== id)].slice(0, MOST_RECENT);
    },
    { immediate: true },
  );
}

export const useRecent = () => recent;
