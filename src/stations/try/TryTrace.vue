<script setup lang="ts">
import { formatSeconds, stopwatch } from '@/core/basics/format/durations';
import { computed } from 'vue';
import type { GasPoint } from '@/core/results/evaluation/gasTrace';
import BandChart from '@/ui/charts/BandChart.vue';

/** The forecast flow of gas with its band, and what was pressed laid over it; the hand of the stopwatch while it runs. */
const props = defineProps<{
  points: readonly GasPoint[];
  events: ReadonlyArray<{ readonly word: string; readonly seconds: number }>;
  nowS: number | null;
}>();

const MINUTE_S = 60;
/** A watch that was forgotten does not squeeze the picture. */
const MOST_S = 1200;
/** Words in rows, so that none lies on another. */
const ROWS = 3;
const ROW_PX = 15;
const TOP = 62;
/** A word this near to the right edge stands before its line. */
const WORD_PX = 110;

const points = computed(() =>
  props.points.map(({ seconds, mlPerS }) => ({ at: seconds, ...mlPerS })),
);
const lastS = computed(() =>
  Math.max(
    props.points.at(-1)?.seconds ?? MINUTE_S,
    ...props.events.map(({ seconds }) => seconds * 1.05),
    Math.min(props.nowS ?? 0, MOST_S),
  ),
);
const mostMl = computed(() => Math.max(1, ...points.value.map(({ high }) => high)));
const inMinutes = computed(() => lastS.value > 2 * MINUTE_S);
const label = computed(() =>
  [
    `Forecast flow of gas over ${formatSeconds(lastS.value)}`,
    ...props.events.map(({ word, seconds }) => `${word} at ${stopwatch(seconds)}`),
  ].join(', '),
);
</script>

<template>
  <BandChart
    v-slot="{ x, floor, width }"
    :points="points"
    :label="label"
    :from="0"
    :to="lastS"
    :most="mostMl"
    :per="inMinutes ? MINUTE_S : 1"
    :x-title="inMinutes ? 'min' : 's'"
    :top="TOP"
    dashed
  >
    <g v-for="(mark, i) in events" :key="mark.word" class="mark">
      <path :d="`M${x(mark.seconds)} ${18 + ROW_PX * (i % ROWS)}V${floor}`" />
      <circle :cx="x(mark.seconds)" :cy="floor" r="4" />
      <text
        :x="x(mark.seconds) + (x(mark.seconds) > width - WORD_PX ? -5 : 5)"
        :y="14 + ROW_PX * (i % ROWS)"
        :text-anchor="x(mark.seconds) > width - WORD_PX ? 'end' : 'start'"
      >
        {{ mark.word }} {{ stopwatch(mark.seconds) }}
      </text>
    </g>
    <path
      v-if="nowS !== null && nowS <= lastS"
      :d="`M${x(nowS)} ${TOP - 6}V${floor}`"
      class="now"
    />
  </BandChart>
</template>

<style scoped>
.mark path {
  stroke: var(--ink);
}
.mark circle,
.mark text {
  fill: var(--ink);
}
.mark text {
  font-size: var(--text-small);
}
.now {
  stroke: var(--ochre-mark);
  stroke-width: 2.5;
}
</style>
