import { computed, ref, watch, type ComputedRef, type Ref } from 'vue';

/**
 * The record of a list that a hand picked, else the first. What is shown stays shown: a new name that sorts the list again
 * does not put another record under the next keystroke.
 */
export function useChosen<T>(
  list: () => readonly T[],
  idOf: (one: T) => string,
): { readonly chosen: ComputedRef<T | null>; readonly pickedId: Ref<string | null> } {
  const pickedId = ref<string | null>(null);
  const chosen = computed(
    () => list().find((one) => idOf(one) === pickedId.value) ?? list()[0] ?? null,
  );
  watch(
    chosen,
    (next) => {
      if (next !== null) pickedId.value = idOf(next);
    },
    { immediate: true, flush: 'sync' },
  );
  return { chosen, pickedId };
}
