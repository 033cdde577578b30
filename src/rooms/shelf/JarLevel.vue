<script setup lang="ts">
import { computed } from 'vue';

/** A jar with what is left in it; hatched when it is set aside. */
const props = defineProps<{
  share: number;
  isSetAside: boolean;
  isPast: boolean;
  height?: number;
}>();

const TALL = 30;
const WIDE = 20;
const NECK = 5;
const level = computed(() => {
  const share = Math.min(1, Math.max(0, props.share));
  const inside = (TALL - NECK - 2) * share;
  return { y: TALL - 1 - inside, height: inside };
});
</script>

<template>
  <svg
    :viewBox="`0 0 ${WIDE} ${TALL}`"
    :height="height ?? TALL"
    aria-hidden="true"
    class="jar"
    :class="{ aside: isSetAside, past: isPast }"
  >
    <rect x="1" :y="level.y" :width="WIDE - 2" :height="level.height" class="level" />
    <path
      :d="`M4 1h${WIDE - 8}v${NECK - 1}h2q1 0 1 2v${TALL - NECK - 4}q0 1 -1 1h-${WIDE - 4}q-1 0 -1 -1v-${TALL - NECK - 4}q0 -2 1 -2h2z`"
      class="glass"
    />
    <path v-if="isSetAside" :d="`M2 ${TALL - 2}L${WIDE - 2} 7`" class="bar" />
  </svg>
</template>

<style scoped>
.jar {
  display: block;
}
.glass {
  fill: none;
  stroke: var(--ink);
  stroke-width: 1.2;
}
.level {
  fill: var(--verdigris-mid);
}
.past .level {
  fill: var(--ochre-mark);
}
.aside .level {
  fill: var(--hairline);
}
.bar {
  stroke: var(--rust);
  stroke-width: 2;
}
</style>
