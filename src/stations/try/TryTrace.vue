<script setup lang="ts">
import { scaleLinear } from 'd3-scale';
import { area, line } from 'd3-shape';
import { computed } from 'vue';
import type { GasPoint } from '@/core/evaluation';
import { clockOf } from './tryWords';

/** The forecast flow of gas with its band, and what was pressed laid over it; the hand of the stopwatch while it runs. */
const props = defineProps<{
  points: readonly GasPoint[];
  events: ReadonlyArray<{ readonly word: string; readonly seconds: number }>;
  nowS: number | null;
}>();

const WIDTH = 470;
const HEIGHT = 250;
const FLOOR = HEIGHT - 34;
const LEFT = 34;
const TOP = 62;
const MINUTE_S = 60;

const lastS = computed(() =>
  Math.max(
    props.points.at(-1)?.seconds ?? 60,
    ...props.events.map(({ seconds }) => seconds * 1.05),
    // A watch that was forgotten does not squeeze the picture.
    Math.min(props.nowS ?? 0, 1200),
  ),
);
const mostMl = computed(() => Math.max(1, ...props.points.map(({ mlPerS }) => mlPerS.high)));
const x = computed(() => scaleLinear([0, lastS.value], [LEFT, WIDTH - 16]));
const y = computed(() => scaleLinear([0, mostMl.value], [FLOOR, TOP]));
const inMinutes = computed(() => lastS.value > 2 * MINUTE_S);
const ticks = computed(() => {
  const unitS = inMinutes.value ? MINUTE_S : 1;
  return scaleLinear([0, lastS.value / unitS], [0, 1])
    .ticks(6)
    .map((tick) => ({ at: x.value(tick * unitS), label: tick }));
});
const yTicks = computed(() => y.value.ticks(4).map((tick) => ({ at: y.value(tick), label: tick })));
const band = computed(
  () =>
    area<GasPoint>(
      ({ seconds }) => x.value(seconds),
      ({ mlPerS }) => y.value(mlPerS.low),
      ({ mlPerS }) => y.value(mlPerS.high),
    )([...props.points]) ?? '',
);
const best = computed(
  () =>
    line<GasPoint>(
      ({ seconds }) => x.value(seconds),
      ({ mlPerS }) => y.value(mlPerS.best),
    )([...props.points]) ?? '',
);
/** Words in rows, so that none lies on another. */
const marks = computed(() =>
  props.events.map((event, i) => ({
    ...event,
    at: x.value(event.seconds),
    row: 14 + 15 * (i % 3),
  })),
);
const label = computed(
  () =>
    `Forecast flow of gas over ${(lastS.value / MINUTE_S).toFixed(1)} minutes${props.events
      .map(({ word, seconds }) => `, ${word} at ${clockOf(seconds)}`)
      .join('')}`,
);
</script>

<template>
  <svg :viewBox="`0 0 ${WIDTH} ${HEIGHT}`" role="img" :aria-label="label">
    <g v-for="tick in yTicks" :key="`y${tick.label}`">
      <path :d="`M${LEFT} ${tick.at}H${WIDTH - 8}`" class="grid" />
      <text :x="LEFT - 6" :y="tick.at + 4" text-anchor="end">{{ tick.label }}</text>
    </g>
    <path :d="band" class="band" />
    <path :d="best" class="best" />
    <path :d="`M${LEFT} ${TOP - 6}V${FLOOR}H${WIDTH - 8}`" class="axis" />
    <g v-for="tick in ticks" :key="tick.label">
      <path :d="`M${tick.at} ${FLOOR}v4`" class="axis" />
      <text :x="tick.at" :y="FLOOR + 17" text-anchor="middle">{{ tick.label }}</text>
    </g>
    <text :x="WIDTH - 8" :y="HEIGHT - 2" text-anchor="end">{{ inMinutes ? 'min' : 's' }}</text>
    <g v-for="mark in marks" :key="mark.word" class="mark">
      <path :d="`M${mark.at} ${mark.row + 4}V${FLOOR}`" />
      <circle :cx="mark.at" :cy="FLOOR" r="4" />
      <text
        :x="mark.at + (mark.at > WIDTH - 110 ? -5 : 5)"
        :y="mark.row"
        :text-anchor="mark.at > WIDTH - 110 ? 'end' : 'start'"
      >
        {{ mark.word }} {{ clockOf(mark.seconds) }}
      </text>
    </g>
    <path
      v-if="nowS !== null && nowS <= lastS"
      :d="`M${x(nowS)} ${TOP - 6}V${FLOOR}`"
      class="now"
    />
  </svg>
</template>

<style scoped>
svg {
  display: block;
  width: 100%;
  max-width: 640px;
}
.band {
  fill: var(--verdigris-soft);
  opacity: 0.65;
}
.best {
  fill: none;
  stroke: var(--verdigris);
  stroke-width: 2.2;
  stroke-dasharray: 6 4;
}
.axis {
  fill: none;
  stroke: var(--mid);
}
.grid {
  stroke: var(--hairline);
}
.mark path {
  stroke: var(--ink);
}
.mark circle,
.mark text {
  fill: var(--ink);
}
.now {
  stroke: var(--ochre-mark);
  stroke-width: 2.5;
}
text {
  fill: var(--mid);
  font-size: 12px;
}
</style>
