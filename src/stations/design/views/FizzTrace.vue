<script setup lang="ts">
import { scaleLinear } from 'd3-scale';
import { area, line } from 'd3-shape';
import { computed } from 'vue';
import type { GasPoint } from '@/core/results/evaluation/gasTrace';
import { counted, formatFixed } from '@/core/basics/format/numbers';
import { formatMilliliters } from '@/core/basics/format/quantities';

/** Forecast flow of gas over time, with its band. */
const props = defineProps<{
  points: readonly GasPoint[];
  /** When tried pieces were gone, s. */
  tried?: readonly number[];
}>();

const WIDTH = 320;
const HEIGHT = 128;
const FLOOR = HEIGHT - 20;
const LEFT = 6;
const MINUTE_S = 60;

const lastS = computed(() => props.points.at(-1)?.seconds ?? 1);
const mostMl = computed(() => Math.max(...props.points.map(({ mlPerS }) => mlPerS.high)));
const x = computed(() => scaleLinear([0, lastS.value], [LEFT, WIDTH - 14]));
const y = computed(() => scaleLinear([0, mostMl.value], [FLOOR, 16]));
const inMinutes = computed(() => lastS.value > 2 * MINUTE_S);
const ticks = computed(() =>
  (inMinutes.value
    ? scaleLinear([0, lastS.value / MINUTE_S], [0, 1]).ticks(5)
    : scaleLinear([0, lastS.value], [0, 1]).ticks(5)
  )
    .filter((tick) => Number.isInteger(tick))
    .map((tick) => ({ at: x.value(inMinutes.value ? tick * MINUTE_S : tick), label: tick })),
);
/** Of a picture’s px nobody sees more. */
const DIGITS = 2;
const band = computed(() => {
  const [toX, toY] = [x.value, y.value];
  return (
    area<GasPoint>(
      ({ seconds }) => toX(seconds),
      ({ mlPerS }) => toY(mlPerS.low),
      ({ mlPerS }) => toY(mlPerS.high),
    ).digits(DIGITS)(props.points) ?? ''
  );
});
const best = computed(() => {
  const [toX, toY] = [x.value, y.value];
  return (
    line<GasPoint>(
      ({ seconds }) => toX(seconds),
      ({ mlPerS }) => toY(mlPerS.best),
    ).digits(DIGITS)(props.points) ?? ''
  );
});
const peak = computed(() => Math.max(...props.points.map(({ mlPerS }) => mlPerS.best)));
</script>

<template>
  <svg
    class="trace"
    :viewBox="`0 0 ${WIDTH} ${HEIGHT}`"
    role="img"
    :aria-label="`Gas over time: up to ${formatMilliliters(peak, 0)} a second, all gone within ${formatFixed(lastS / MINUTE_S, 1)} min, ${counted(tried?.length ?? 0, 'test')} marked`"
  >
    <path :d="band" class="band" />
    <path :d="best" class="best" />
    <path :d="`M${LEFT} 8V${FLOOR}H${WIDTH - 8}`" class="axis" />
    <g v-for="tick in ticks" :key="tick.label">
      <path :d="`M${tick.at} ${FLOOR}v4`" class="axis" />
      <text :x="tick.at" :y="HEIGHT - 3" text-anchor="middle">{{ tick.label }}</text>
    </g>
    <path
      v-for="(seconds, i) in tried?.filter((one) => one <= lastS)"
      :key="`t${i}`"
      :d="`M${x(seconds)} ${FLOOR - 1}l-4 -9h8z`"
      class="tried"
    />
    <text :x="WIDTH - 8" :y="FLOOR - 6" text-anchor="end">{{ inMinutes ? 'min' : 's' }}</text>
    <text :x="LEFT + 8" y="14">Gas per second, up to {{ formatMilliliters(peak, 0) }}</text>
  </svg>
</template>

<style scoped>
.trace {
  display: block;
  width: 100%;
  max-width: 340px;
}
.band {
  fill: var(--verdigris-soft);
  fill-opacity: 0.65;
}
.best {
  fill: none;
  stroke: var(--verdigris);
  stroke-width: 2.2;
}
.tried {
  fill: var(--ink);
  fill-opacity: 0.75;
}
.axis {
  fill: none;
  stroke: var(--mid);
}
text {
  fill: var(--mid);
  font-size: var(--text-small);
}
</style>
