<script setup lang="ts">
import { computed, useId } from 'vue';
import type { WindowAt } from '@/core/workshop/taught/windowsByHumidity';
import type { Geometry } from './mapGeometry';

/** What the marks lie on: the ranges by humidity, and the axes. */
const props = defineProps<{
  geometry: Geometry;
  windows: readonly WindowAt[];
  axes: { readonly x: string; readonly y: string };
}>();

const clipId = useId();
const shipped = computed(() =>
  props.geometry.ribbon(props.windows, (at) => ({
    low: at.shipped.lowPct,
    high: at.shipped.highPct,
  })),
);
const own = computed(() =>
  props.geometry.ribbon(
    props.windows,
    ({ yours }) => yours && { low: yours.lowPct, high: yours.highPct },
  ),
);
const aimBand = computed(() =>
  props.geometry.ribbon(
    props.windows,
    ({ yours }) => yours && { low: yours.aimLowPct, high: yours.aimHighPct },
  ),
);
</script>

<template>
  <svg :width="geometry.width" :height="geometry.height" aria-hidden="true">
    <clipPath :id="clipId">
      <rect
        :x="geometry.margin.left"
        :y="geometry.margin.top"
        :width="Math.max(0, geometry.width - geometry.margin.left - geometry.margin.right)"
        :height="geometry.height - geometry.margin.top - geometry.margin.bottom"
      />
    </clipPath>
    <g :clip-path="`url(#${clipId})`">
      <path :d="own" class="own" />
      <path :d="aimBand" class="aim-band" />
      <path :d="geometry.aim(windows)" class="aim" />
      <path :d="shipped" class="shipped" />
    </g>
    <g v-for="tick in geometry.x.ticks(8)" :key="`x${tick}`">
      <path
        :d="`M${geometry.x(tick)} ${geometry.margin.top}V${geometry.height - geometry.margin.bottom}`"
        class="hair"
      />
      <text
        :x="geometry.x(tick)"
        :y="geometry.height - geometry.margin.bottom + 16"
        text-anchor="middle"
      >
        {{ tick }}
      </text>
    </g>
    <text
      v-for="tick in geometry.y.ticks(6)"
      :key="`y${tick}`"
      :x="geometry.margin.left - 8"
      :y="geometry.y(tick) + 4"
      text-anchor="end"
    >
      {{ tick }}
    </text>
    <text :x="geometry.width - geometry.margin.right" :y="geometry.height - 6" text-anchor="end">
      {{ axes.x }}
    </text>
    <text x="0" y="11">{{ axes.y }}</text>
  </svg>
</template>

<style scoped>
svg {
  display: block;
}
text {
  fill: var(--mid);
  font-size: var(--text-small);
}
.hair {
  stroke: var(--hairline);
}
.own {
  fill: var(--verdigris);
  opacity: 0.18;
}
.aim-band {
  fill: var(--verdigris);
  opacity: 0.16;
}
.aim {
  fill: none;
  stroke: var(--verdigris);
  stroke-width: 2;
}
.shipped {
  fill: none;
  stroke: var(--mid);
  stroke-dasharray: 5 4;
}
</style>
