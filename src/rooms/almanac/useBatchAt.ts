import { computed, watch } from 'vue';
import { useAddress } from '@/shared/useAddress';
import { useWorkshopStore } from '@/stores/workshop';

/**
 * The batch that an address names, read where it is of long ago.
 * @param route name of the page's route @param code as the address has it: a code, or an id as sheets of old bear it
 */
export function useBatchAt(route: string, code: () => string) {
  const workshop = useWorkshopStore();
  const batchId = computed(() => workshop.idOfBatch(code()) ?? '');
  const batch = computed(() => workshop.batches.find(({ id }) => id === batchId.value) ?? null);
  useAddress({
    names: [route],
    param: 'code',
    current: () => batchId.value || null,
    keyOf: workshop.codeOfBatch,
    find: workshop.idOfBatch,
    choose: () => undefined,
  });
  watch(batchId, (id) => void workshop.loadBatches([id]), { immediate: true });
  return { batchId, batch };
}
