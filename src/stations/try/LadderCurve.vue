<script setup lang="ts">
import { scaleLinear } from 'd3-scale';
import { area, line } from 'd3-shape';
import { computed } from 'vue';
import type { LadderAnswer } from '@/core/trials';
import { formatFixed } from '@/core/words';

/** The answer along what is varied, with its band, and each cup as it was seen. */
const props = defineProps<{ answer: LadderAnswer; xTitle: string; yTitle: string }>();

const WIDTH = 470;
const HEIGHT = 250;
const FLOOR = HEIGHT - 38;
const LEFT = 44;
const TOP = 24;

type Point = LadderAnswer['curve'][number];
const x = computed(() =>
  scaleLinear(
    [props.answer.curve[0]?.pct ?? 0, props.answer.curve.at(-1)?.pct ?? 1],
    [LEFT + 6, WIDTH - 18],
  ),
);
const most = computed(() =>
  Math.max(
    ...props.answer.curve.map(({ high }) => high),
    ...props.answer.points.map(({ value }) => value),
  ),
);
const y = computed(() => scaleLinear([0, most.value], [FLOOR, TOP]).nice());
const band = computed(
  () =>
    area<Point>(
      ({ pct }) => x.value(pct),
      ({ low }) => y.value(low),
      ({ high }) => y.value(high),
    )([...props.answer.curve]) ?? '',
);
const best = computed(
  () =>
    line<Point>(
      ({ pct }) => x.value(pct),
      ({ best: value }) => y.value(value),
    )([...props.answer.curve]) ?? '',
);
const label = computed(() => {
  const [first, last] = [props.answer.curve[0], props.answer.curve.at(-1)];
  return first && last
    ? `${props.yTitle} from ${formatFixed(first.best, 0)} at ${formatFixed(first.pct, 1)} % to ${formatFixed(last.best, 0)} at ${formatFixed(last.pct, 1)} % ${props.xTitle}`
    : props.yTitle;
});
</script>

<template>
  <svg :viewBox="`0 0 ${WIDTH} ${HEIGHT}`" role="img" :aria-label="label">
    <g v-for="tick in y.ticks(5)" :key="`y${tick}`">
      <path :d="`M${LEFT} ${y(tick)}H${WIDTH - 8}`" class="grid" />
      <text :x="LEFT - 6" :y="y(tick) + 4" text-anchor="end">{{ tick }}</text>
    </g>
    <path :d="band" class="band" />
    <path :d="best" class="best" />
    <circle
      v-for="(p, i) in answer.points"
      :key="i"
      :cx="x(p.pct)"
      :cy="y(p.value)"
      r="5"
      class="dot"
    />
    <path :d="`M${LEFT} ${TOP - 6}V${FLOOR}H${WIDTH - 8}`" class="axis" />
    <g v-for="tick in x.ticks(6)" :key="tick">
      <path :d="`M${x(tick)} ${FLOOR}v4`" class="axis" />
      <text :x="x(tick)" :y="FLOOR + 17" text-anchor="middle">{{ tick }}</text>
    </g>
    <text :x="WIDTH - 8" :y="HEIGHT - 4" text-anchor="end">% {{ xTitle }}</text>
    <text :x="6" y="12">{{ yTitle }}</text>
  </svg>
</template>

<style scoped>
svg {
  display: block;
  width: 100%;
  max-width: 620px;
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
.dot {
  fill: var(--ink);
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
  font-size: 12px;
}
</style>
