<script setup lang="ts">
import { scaleLinear } from 'd3-scale';
import { area, curveStep } from 'd3-shape';
import { computed } from 'vue';
import type { Distribution } from '@/core/work/spread/simulate';
import { formatFixed, formatRange } from '@/core/basics/format/numbers';

/** One reading, weighed above the line and by cup below it, on one axis. */
const props = defineProps<{
  title: string;
  weighed: Distribution;
  byCup: Distribution;
  decimals: number;
  /** The window it should lie in. */
  window?: { readonly low: number; readonly high: number } | null;
}>();

const WIDTH = 360;
const HALF = 46;
const LEFT = 4;

const x = computed(() => {
  const from = Math.min(props.weighed.from, props.byCup.from, props.window?.low ?? Infinity);
  const to = Math.max(props.weighed.to, props.byCup.to, props.window?.high ?? -Infinity);
  const margin = (to - from || Math.abs(to) || 1) * 0.04;
  return scaleLinear([from - margin, to + margin], [LEFT, WIDTH - LEFT]);
});
/** Each in its own height: what counts is how wide it is. */
function path(of: Distribution, isUp: boolean): string {
  const most = Math.max(...of.counts, 1);
  const step = (of.to - of.from) / of.counts.length;
  const y = scaleLinear([0, most], [HALF, isUp ? 4 : 2 * HALF - 4]);
  // All draws alike: one bar as wide as a hair.
  const bins = of.counts.map((count, i) => ({ at: of.from + step * (i + 0.5), count }));
  return (
    area<{ at: number; count: number }>(
      ({ at }) => x.value(at),
      HALF,
      ({ count }) => y(count),
    ).curve(curveStep)(bins) ?? ''
  );
}
function say(of: Distribution): string {
  return formatRange(of.low, of.high, props.decimals);
}
</script>

<template>
  <figure>
    <figcaption>{{ title }}</figcaption>
    <svg
      :viewBox="`0 0 ${WIDTH} ${2 * HALF + 18}`"
      role="img"
      :aria-label="`${title}: weighed ${say(weighed)}, by cup ${say(byCup)}, for nine of ten batches`"
    >
      <rect
        v-if="window"
        :x="x(window.low)"
        y="0"
        :width="Math.max(0, x(window.high) - x(window.low))"
        :height="2 * HALF"
        class="window"
      />
      <path :d="path(weighed, true)" class="weighed" />
      <path :d="path(byCup, false)" class="cup" />
      <path :d="`M${LEFT} ${HALF}H${WIDTH - LEFT}`" class="axis" />
      <text
        v-for="tick in x.ticks(4)"
        :key="tick"
        :x="x(tick)"
        :y="2 * HALF + 14"
        text-anchor="middle"
      >
        {{ formatFixed(tick, tick % 1 === 0 && decimals < 2 ? 0 : decimals) }}
      </text>
    </svg>
    <p>
      <b class="tabular">{{ say(weighed) }}</b> weighed
      <span class="quiet">· {{ say(byCup) }} by cup</span>
    </p>
  </figure>
</template>

<style scoped>
figure {
  margin: 0;
}
figcaption {
  font: 650 var(--text-body) var(--font-heading);
}
svg {
  display: block;
  overflow: visible;
  width: 100%;
}
.window {
  fill: var(--verdigris-soft);
}
.weighed {
  fill: var(--verdigris);
}
.cup {
  fill: var(--ochre-mark);
  opacity: 0.75;
}
.axis {
  stroke: var(--ink);
}
text {
  fill: var(--mid);
  font-size: var(--text-small);
}
p {
  margin: 2px 0 0;
  font-size: var(--text-plain);
}
</style>
