import { MINUTE_MS } from '@/core/basics/time';
import { useIntervalFn } from '@vueuse/core';
import { readonly, ref } from 'vue';

const TICK_MS = 1000;
/** A busy tablet skips a tick; a jump is more. */
const JUMP_MS = MINUTE_MS;

/**
 * Minutes the clock went on at once while the page only counted a moment: the device slept, or its clock was set.
 * Null while it runs as it should.
 */
export function useClockJump() {
  const jumpedMin = ref<number | null>(null);
  let wallMs = Date.now();
  let countedMs = performance.now();
  useIntervalFn(() => {
    const overMs = Date.now() - wallMs - (performance.now() - countedMs);
    if (overMs > JUMP_MS) jumpedMin.value = Math.round(overMs / MINUTE_MS);
    wallMs = Date.now();
    countedMs = performance.now();
  }, TICK_MS);
  return readonly(jumpedMin);
}
