<script setup lang="ts">
import { computed } from 'vue';
import type { Spread } from '@/core/basics/units/spread';
import { formatSeconds } from '@/core/basics/format/durations';
import { formatMass } from '@/core/basics/format/quantities';
import BandChart from '@/ui/charts/BandChart.vue';

/** Grams of gas gone as the scale wrote them down, over what was forecast. */
const props = defineProps<{
  gone: ReadonlyArray<{ readonly seconds: number; readonly massG: number }>;
  /** Gas gone by the forecast. */
  forecast: ReadonlyArray<{ readonly at: number } & Spread>;
  running: boolean;
}>();

const MINUTE_S = 60;
const MOST_DOTS = 70;
const LEAST_G = 0.1;

const lastS = computed(() =>
  Math.max(MINUTE_S, props.forecast.at(-1)?.at ?? 0, props.gone.at(-1)?.seconds ?? 0),
);
const mostG = computed(() =>
  Math.max(
    LEAST_G,
    ...props.forecast.map(({ high }) => high),
    ...props.gone.map(({ massG }) => massG),
  ),
);
const dots = computed(() => {
  const stride = Math.max(1, Math.ceil(props.gone.length / MOST_DOTS));
  return props.gone.filter((_, i) => i % stride === 0 || i === props.gone.length - 1);
});
const last = computed(() => props.gone.at(-1) ?? null);
const label = computed(() =>
  last.value
    ? `${formatMass(Math.max(0, last.value.massG), 1)} of gas gone after ${formatSeconds(last.value.seconds)}`
    : 'Nothing weighed yet',
);
</script>

<template>
  <BandChart
    v-slot="{ x, y, floor, top }"
    :points="forecast"
    :label="label"
    :from="0"
    :to="lastS"
    :most="mostG"
    :per="MINUTE_S"
    x-title="min"
    dashed
  >
    <circle
      v-for="dot in dots"
      :key="dot.seconds"
      :cx="x(dot.seconds)"
      :cy="y(Math.max(0, dot.massG))"
      r="3.4"
      class="dot"
    />
    <path v-if="running && last" :d="`M${x(last.seconds)} ${top}V${floor}`" class="now" />
  </BandChart>
</template>

<style scoped>
.dot {
  fill: var(--ink);
}
.now {
  stroke: var(--ochre-mark);
  stroke-width: 2.5;
}
</style>
