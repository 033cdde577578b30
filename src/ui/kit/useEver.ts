import { ref, watch, type Ref } from 'vue';

/** Whether something was ever so: a dialog is made when it is first opened, and kept from then on. */
export function useEver(now: Readonly<Ref<boolean>>): Readonly<Ref<boolean>> {
  const ever = ref(now.value);
  watch(now, (is) => {
    if (is) ever.value = true;
  });
  return ever;
}
