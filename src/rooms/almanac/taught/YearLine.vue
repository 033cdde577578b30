<script setup lang="ts">
import { scaleLinear, scaleLog } from 'd3-scale';
import { area, line } from 'd3-shape';
import { computed } from 'vue';
import type { QuantityRow } from '@/core/results/learning/quantityRow';

/** How an estimate moved over the year, with its band; the shipped value as a dashed line. */
const props = defineProps<{ row: QuantityRow; label: string }>();
const [WIDE, TALL, EDGE] = [150, 40, 4] as const;

const first = computed(() => props.row.moved[0]?.atMs ?? 0);
const last = computed(() => props.row.moved.at(-1)?.atMs ?? 1);
const x = computed(() =>
  scaleLinear()
    .domain([Math.min(first.value, last.value - 1), last.value])
    .range([EDGE, WIDE - EDGE]),
);
const y = computed(() => {
  const all = [
    props.row.shipped.estimate,
    ...props.row.moved.flatMap(({ low, high }) => [low, high]),
  ];
  return scaleLog()
    .domain([Math.min(...all) * 0.98, Math.max(...all) * 1.02])
    .range([TALL - EDGE, EDGE]);
});
type At = QuantityRow['moved'][number];
const band = computed(
  () =>
    area<At>()
      .x(({ atMs }) => x.value(atMs))
      .y0(({ low }) => y.value(low))
      .y1(({ high }) => y.value(high))([...props.row.moved]) ?? '',
);
const path = computed(
  () =>
    line<At>()
      .x(({ atMs }) => x.value(atMs))
      .y(({ estimate }) => y.value(estimate))([...props.row.moved]) ?? '',
);
const end = computed(() => props.row.moved.at(-1));
</script>

<template>
  <svg :width="WIDE" :height="TALL" :viewBox="`0 0 ${WIDE} ${TALL}`" role="img" :aria-label="label">
    <path :d="band" class="band" />
    <path :d="`M${EDGE} ${y(row.shipped.estimate)}H${WIDE - EDGE}`" class="shipped" />
    <path :d="path" class="line" />
    <circle v-if="end" :cx="x(end.atMs)" :cy="y(end.estimate)" r="3" />
  </svg>
</template>

<style scoped>
svg {
  display: block;
}
.band {
  fill: var(--verdigris);
  opacity: 0.2;
}
.shipped {
  stroke: var(--mid);
  stroke-dasharray: 3 3;
}
.line {
  fill: none;
  stroke: var(--verdigris);
  stroke-width: 2;
}
circle {
  fill: var(--verdigris);
}
</style>
