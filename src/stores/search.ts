import { defineStore } from 'pinia';
import { computed } from 'vue';
import { entriesOf } from '@/core/search/entriesOf';
import type { Entry } from '@/core/search/entry';
import { SearchIndex } from '@/core/search/searchIndex';
import { nowIso } from './now';
import { useWorkshopStore } from './workshop';

/** One search over all that is stored. It is read when it is first asked, and again only where something changed. */
export const useSearchStore = defineStore('search', () => {
  const workshop = useWorkshopStore();
  const index = new SearchIndex();
  let read: readonly Entry[] | null = null;

  const entries = computed(() =>
    entriesOf({
      catalog: workshop.catalog,
      formulas: workshop.formulas,
      batches: workshop.batches,
      past: workshop.past,
      lots: workshop.lots,
      units: workshop.units,
      orders: workshop.orders,
      molds: workshop.molds,
      trials: workshop.trials,
    }),
  );

  function upToDate(): SearchIndex {
    if (read !== entries.value) index.update((read = entries.value));
    return index;
  }

  /** @returns what holds the words typed, the best first */
  const find = (query: string): readonly Entry[] => upToDate().find(query, Date.parse(nowIso()));
  const get = (id: string): Entry | undefined => upToDate().get(id);

  return { find, get };
});
