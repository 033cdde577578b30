import { DAY_MS } from '@/core/basics/time';
import { defineStore } from 'pinia';
import { computed, ref } from 'vue';
import { nowMs } from './now';
import { useWorkshopStore } from './workshop';

/** How safe the workshop is in this browser: whether it is kept when room runs short, and how old the last copy outside is. */
export const useCopiesStore = defineStore('copies', () => {
  const workshop = useWorkshopStore();
  /** Has the browser promised to keep it? null while nobody knows, or where it makes no promises. */
  const isPromised = ref<boolean | null>(null);

  async function look(): Promise<void> {
    isPromised.value = (await navigator.storage?.persisted?.().catch(() => null)) ?? null;
  }
  /** Asks the browser; some ask the maker, some decide by themselves. */
  async function ask(): Promise<void> {
    isPromised.value = (await navigator.storage?.persist?.().catch(() => false)) ?? null;
  }
  /** A copy outside was written. @param at ISO 8601 */
  function copied(at: string): void {
    workshop.changeSettings({ copiedAt: at });
  }
  /** Whole days since the last copy; null when there is none. */
  const copyDays = computed(() => {
    const at = workshop.settings.copiedAt;
    return at ? Math.max(0, Math.floor((nowMs() - Date.parse(at)) / DAY_MS)) : null;
  });

  return { isPromised, copyDays, look, ask, copied };
});
