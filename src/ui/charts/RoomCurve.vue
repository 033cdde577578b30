<script setup lang="ts">
import { HOUR_MS } from '@/core/basics/time';
import { scaleLinear } from 'd3-scale';
import { line } from 'd3-shape';
import { computed } from 'vue';
import type { RoomPoint } from '@/core/matter/air/roomDays';

/** Humidity of a room over its last readings, with the working range behind it. */
const props = defineProps<{ points: readonly RoomPoint[]; nowMs: number }>();

const WIDTH = 288;
const HEIGHT = 84;
const HOURS = 72;

const shown = computed(() =>
  props.points.filter(({ atMs }) => atMs >= props.nowMs - HOURS * HOUR_MS && atMs <= props.nowMs),
);
const x = computed(() =>
  scaleLinear([props.nowMs - HOURS * HOUR_MS, props.nowMs], [28, WIDTH - 4]),
);
const y = computed(() => {
  const values = shown.value.map(({ humidityPct }) => humidityPct);
  return scaleLinear([Math.min(35, ...values), Math.max(60, ...values)], [HEIGHT - 6, 6]);
});
const path = computed(
  () =>
    line<RoomPoint>()
      .x(({ atMs }) => x.value(atMs))
      .y(({ humidityPct }) => y.value(humidityPct))(shown.value.slice()) ?? '',
);
</script>

<template>
  <svg
    v-if="shown.length > 1"
    :viewBox="`0 0 ${WIDTH} ${HEIGHT}`"
    role="img"
    aria-label="Humidity over three days, working range 40–50%"
  >
    <rect x="28" :width="WIDTH - 32" :y="y(50)" :height="y(40) - y(50)" class="range" />
    <path :d="path" />
    <text x="24" :y="y(50) + 4">50</text>
    <text x="24" :y="y(40) + 4">40</text>
  </svg>
  <p v-else class="quiet">There are fewer than two readings in three days. Read the room again.</p>
</template>

<style scoped>
svg {
  display: block;
  width: 100%;
  max-width: 420px;
}
.range {
  fill: var(--verdigris-soft);
  opacity: 0.7;
}
path {
  fill: none;
  stroke: var(--ink);
  stroke-width: 1.6;
}
text {
  fill: var(--mid);
  font-size: var(--text-small);
  text-anchor: end;
}
p {
  font-size: var(--text-plain);
}
</style>
