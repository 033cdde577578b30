<script setup lang="ts">
import { counted } from '@/core/basics/format/numbers';
import { formatMass } from '@/core/basics/format/quantities';
import { scaleLinear } from 'd3-scale';
import { computed } from 'vue';

/** Every fill a mark about the target: drift is seen before it is computed. */
const props = defineProps<{
  fillsG: readonly number[];
  targetG: number;
  tolerableG: number | null;
}>();

const WIDTH = 1200;
const HEIGHT = 56;
const halfG = computed(() =>
  Math.max(
    props.targetG * 0.02,
    (props.tolerableG ?? 0) * 1.3,
    ...props.fillsG.map((fillG) => Math.abs(fillG - props.targetG)),
  ),
);
const y = computed(() =>
  scaleLinear([props.targetG - halfG.value, props.targetG + halfG.value], [HEIGHT - 6, 6]),
);
const x = computed(() => scaleLinear([0, Math.max(24, props.fillsG.length)], [14, WIDTH]));
</script>

<template>
  <svg
    v-if="fillsG.length"
    :viewBox="`0 0 ${WIDTH} ${HEIGHT}`"
    role="img"
    :aria-label="`${counted(fillsG.length, 'fill')} around ${formatMass(targetG)}`"
  >
    <rect
      v-if="tolerableG"
      x="0"
      :y="y(targetG)"
      :width="WIDTH"
      :height="y(targetG - tolerableG) - y(targetG)"
      class="band"
    />
    <line x1="0" :x2="WIDTH" :y1="y(targetG)" :y2="y(targetG)" />
    <circle v-for="(fillG, i) in fillsG" :key="i" :cx="x(i)" :cy="y(fillG)" r="6" />
  </svg>
</template>

<style scoped>
svg {
  width: 100%;
  margin-top: 6px;
}
.band {
  fill: #2d3d3b;
}
line {
  stroke: #8f9f98;
  stroke-width: 1.5;
}
circle {
  fill: #70c2ad;
  stroke: var(--drawn-ink);
  stroke-width: 1.5;
}
</style>
