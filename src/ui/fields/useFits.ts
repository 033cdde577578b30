import { computed, reactive, type ComputedRef } from 'vue';

/** Which fields of a form say that what was typed is no number in range: nothing is begun with the value before. */
export function useFits(): {
  readonly mark: (field: string, fits: boolean) => void;
  readonly allFit: ComputedRef<boolean>;
  /** Other fields are asked now. */
  readonly forget: () => void;
} {
  const unfit = reactive(new Set<string>());
  return {
    mark(field, fits) {
      if (fits) unfit.delete(field);
      else unfit.add(field);
    },
    forget: () => unfit.clear(),
    allFit: computed(() => unfit.size === 0),
  };
}
