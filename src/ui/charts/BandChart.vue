<script setup lang="ts">
import { scaleLinear } from 'd3-scale';
import { area, line } from 'd3-shape';
import { computed } from 'vue';
import type { Spread } from '@/core/basics/units/spread';

/** A line with its band over two plain axes; what is laid over it comes by the slot, with both scales. */
interface Point extends Spread {
  readonly at: number;
}
const props = defineProps<{
  points: readonly Point[];
  /** What is read out in place of the picture. */
  label: string;
  /** First and last of the axis below, in its unit. */
  from: number;
  to: number;
  /** Highest of the axis beside it. */
  most: number;
  xTitle: string;
  yTitle?: string;
  /** Units of the axis below in one of its figures: 60 for seconds told in minutes. */
  per?: number;
  /** Room above the plot for words. */
  top?: number;
  /** A forecast, not what was seen. */
  dashed?: boolean;
}>();

const WIDTH = 470;
const HEIGHT = 262;
const FLOOR = HEIGHT - 36;
const LEFT = 44;
const RIGHT = WIDTH - 16;

const top = computed(() => props.top ?? 20);
const x = computed(() => scaleLinear([props.from, props.to], [LEFT + 4, RIGHT]));
const y = computed(() => scaleLinear([0, props.most], [FLOOR, top.value]));
const xTicks = computed(() => {
  const per = props.per ?? 1;
  return scaleLinear([props.from / per, props.to / per], [0, 1])
    .ticks(6)
    .map((tick) => ({ at: x.value(tick * per), label: tick }));
});
const yTicks = computed(() => y.value.ticks(5).map((tick) => ({ at: y.value(tick), label: tick })));
const band = computed(
  () =>
    area<Point>(
      ({ at }) => x.value(at),
      ({ low }) => y.value(low),
      ({ high }) => y.value(high),
    )([...props.points]) ?? '',
);
const best = computed(
  () =>
    line<Point>(
      ({ at }) => x.value(at),
      ({ best: value }) => y.value(value),
    )([...props.points]) ?? '',
);
</script>

<template>
  <svg :viewBox="`0 0 ${WIDTH} ${HEIGHT}`" role="img" :aria-label="label">
    <g v-for="tick in yTicks" :key="`y${tick.label}`">
      <path :d="`M${LEFT} ${tick.at}H${RIGHT}`" class="grid" />
      <text :x="LEFT - 6" :y="tick.at + 4" text-anchor="end">{{ tick.label }}</text>
    </g>
    <path :d="band" class="band" />
    <path :d="best" class="best" :class="{ dashed }" />
    <path :d="`M${LEFT} ${top - 6}V${FLOOR}H${RIGHT}`" class="axis" />
    <g v-for="tick in xTicks" :key="tick.label">
      <path :d="`M${tick.at} ${FLOOR}v4`" class="axis" />
      <text :x="tick.at" :y="FLOOR + 17" text-anchor="middle">{{ tick.label }}</text>
    </g>
    <text :x="RIGHT" :y="HEIGHT - 4" text-anchor="end">{{ xTitle }}</text>
    <text v-if="yTitle" x="6" y="12">{{ yTitle }}</text>
    <slot :x="x" :y="y" :floor="FLOOR" :top="top" :width="WIDTH" />
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
}
.dashed {
  stroke-dasharray: 6 4;
}
.axis {
  fill: none;
  stroke: var(--mid);
}
.grid {
  stroke: var(--hairline);
}
text {
  fill: var(--mid);
  font-size: var(--text-small);
}
</style>
