<script setup lang="ts">
import { scaleLinear } from 'd3-scale';
import { area, line } from 'd3-shape';
import { computed } from 'vue';
import type { Spread } from '@/core/units';
import { formatFixed } from '@/core/words';

/** Grams of gas gone as the scale wrote them down, over what was forecast. */
const props = defineProps<{
  gone: ReadonlyArray<{ readonly seconds: number; readonly massG: number }>;
  /** Gas gone by the forecast. */
  forecast: ReadonlyArray<{ readonly seconds: number } & Spread>;
  running: boolean;
}>();

const WIDTH = 470;
const HEIGHT = 270;
const FLOOR = HEIGHT - 34;
const LEFT = 34;
const TOP = 14;
const MINUTE_S = 60;
const MOST_DOTS = 70;

const lastS = computed(() =>
  Math.max(60, props.forecast.at(-1)?.seconds ?? 0, props.gone.at(-1)?.seconds ?? 0),
);
const mostG = computed(() =>
  Math.max(0.1, ...props.forecast.map(({ high }) => high), ...props.gone.map(({ massG }) => massG)),
);
const x = computed(() => scaleLinear([0, lastS.value], [LEFT, WIDTH - 16]));
const y = computed(() => scaleLinear([0, mostG.value], [FLOOR, TOP]));
const ticks = computed(() =>
  scaleLinear([0, lastS.value / MINUTE_S], [0, 1])
    .ticks(6)
    .map((tick) => ({ at: x.value(tick * MINUTE_S), label: tick })),
);
const yTicks = computed(() => y.value.ticks(5).map((tick) => ({ at: y.value(tick), label: tick })));
type Point = { readonly seconds: number } & Spread;
const band = computed(
  () =>
    area<Point>(
      ({ seconds }) => x.value(seconds),
      ({ low }) => y.value(low),
      ({ high }) => y.value(high),
    )([...props.forecast]) ?? '',
);
const best = computed(
  () =>
    line<Point>(
      ({ seconds }) => x.value(seconds),
      ({ best: massG }) => y.value(massG),
    )([...props.forecast]) ?? '',
);
const dots = computed(() => {
  const stride = Math.max(1, Math.ceil(props.gone.length / MOST_DOTS));
  return props.gone.filter((_, i) => i % stride === 0 || i === props.gone.length - 1);
});
const last = computed(() => props.gone.at(-1) ?? null);
const label = computed(() =>
  last.value
    ? `${formatFixed(Math.max(0, last.value.massG), 1)} g of gas gone after ${formatFixed(last.value.seconds / MINUTE_S, 1)} minutes`
    : 'Nothing weighed yet',
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
    <text :x="WIDTH - 8" :y="HEIGHT - 2" text-anchor="end">min</text>
    <circle
      v-for="dot in dots"
      :key="dot.seconds"
      :cx="x(dot.seconds)"
      :cy="y(Math.max(0, dot.massG))"
      r="3.4"
      class="dot"
    />
    <path v-if="running && last" :d="`M${x(last.seconds)} ${TOP - 6}V${FLOOR}`" class="now" />
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
.dot {
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
