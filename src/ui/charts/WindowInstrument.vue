<script setup lang="ts">
import { formatFixed, formatRange } from '@/core/basics/format/numbers';
import { scaleLinear } from 'd3-scale';
import { computed, defineAsyncComponent, ref, watch } from 'vue';

/** One reading on its scale: window, where it stands, how sure, one sentence, and its why. */
const props = defineProps<{
  title: string;
  /** The figure as it is said, for example `1.92`. */
  figure: string;
  unit: string;
  value: number | null;
  from: number;
  to: number;
  low: number | null;
  high: number | null;
  spread?: { readonly low: number; readonly high: number } | null;
  /** A point worth naming on the scale, above it. */
  mark?: { readonly at: number; readonly label: string } | null;
  decimals: number;
  sentence: string;
  why: readonly string[];
  /** How grave what stands out is. */
  tone?: 'calm' | 'info' | 'advice' | 'warning' | 'stop';
}>();

/** Loaded when first asked. */
const WhyDialog = defineAsyncComponent(() => import('./WhyDialog.vue'));

const WIDTH = 280;
const isOpen = ref(false);
const wasAsked = ref(false);
watch(isOpen, () => (wasAsked.value = true));
const x = computed(() => scaleLinear([props.from, props.to], [2, WIDTH - 2]).clamp(true));
const windowSpan = computed(() =>
  props.low === null || props.high === null
    ? null
    : { x: x.value(props.low), width: x.value(props.high) - x.value(props.low) },
);
const spreadSpan = computed(() =>
  props.spread
    ? {
        x: x.value(props.spread.low),
        width: x.value(props.spread.high) - x.value(props.spread.low),
      }
    : null,
);
const spoken = computed(() =>
  [
    [props.title, props.figure, props.unit].filter((part) => part !== '').join(' '),
    ...(props.low !== null && props.high !== null
      ? [`range ${formatRange(props.low, props.high, props.decimals)}`]
      : []),
  ].join(', '),
);

function label(value: number): string {
  return formatFixed(value, props.decimals);
}
</script>

<template>
  <section class="instrument" :aria-label="title">
    <div class="head">
      <h2>
        <button type="button" class="ask" :aria-label="`Why: ${title}`" @click="isOpen = true">
          {{ title }}<span class="hint" aria-hidden="true">why</span>
        </button>
      </h2>
      <p class="reading">
        <b class="figure">{{ figure }}</b>
        <span class="quiet">{{ unit }}</span>
      </p>
    </div>
    <svg
      v-if="windowSpan"
      :viewBox="mark ? `0 0 ${WIDTH} 52` : `0 11 ${WIDTH} 41`"
      role="img"
      :aria-label="spoken"
    >
      <g v-if="mark && mark.at >= from && mark.at <= to">
        <text :x="Math.min(WIDTH - 34, Math.max(34, x(mark.at)))" y="9" text-anchor="middle">
          {{ mark.label }}
        </text>
        <path :d="`M${x(mark.at)} 12v5`" stroke="currentColor" />
      </g>
      <rect x="0.5" y="17.5" :width="WIDTH - 1" height="18" rx="9" class="track" />
      <rect
        v-if="windowSpan"
        :x="windowSpan.x"
        y="18"
        :width="Math.max(0, windowSpan.width)"
        height="17"
        class="window"
      />
      <rect
        v-if="spreadSpan"
        :x="spreadSpan.x"
        y="23"
        :width="Math.max(2, spreadSpan.width)"
        height="7"
        class="spread"
      />
      <rect v-if="value !== null" :x="x(value) - 1.5" y="13" width="3" height="27" class="stand" />
      <template v-if="windowSpan && low !== null && high !== null">
        <text v-if="low > from" :x="windowSpan.x" y="50" text-anchor="middle">
          {{ label(low) }}
        </text>
        <text v-if="high < to" :x="windowSpan.x + windowSpan.width" y="50" text-anchor="middle">
          {{ label(high) }}
        </text>
      </template>
    </svg>
    <p class="sentence" :class="tone">{{ sentence }}</p>
    <WhyDialog
      v-if="wasAsked"
      v-model="isOpen"
      :title="title"
      :figure="figure"
      :unit="unit"
      :why="why"
    />
  </section>
</template>

<style scoped>
.instrument {
  padding: 5px 0 7px;
  border-bottom: 1px solid var(--hairline);
}
.head {
  display: flex;
  justify-content: space-between;
  align-items: baseline;
}
.ask {
  border: 0;
  padding: 0;
  min-height: 28px;
  white-space: nowrap;
  background: none;
  color: inherit;
  font: inherit;
  letter-spacing: inherit;
  cursor: pointer;
}
.hint {
  margin-left: 7px;
  color: var(--verdigris);
  font: 500 var(--text-small) var(--font-body);
  border-bottom: 1px dotted;
}
.reading {
  margin: 0;
  text-align: right;
  font-size: var(--text-small);
}
.figure {
  font-size: var(--text-headline);
  margin-right: 4px;
}
svg {
  display: block;
  width: 100%;
  overflow: visible;
}
text {
  fill: var(--mid);
  font-size: var(--text-small);
}
.track {
  fill: var(--paper);
  stroke: var(--ink);
}
.window {
  fill: var(--verdigris-soft);
}
.spread {
  fill: var(--verdigris-mid);
}
.stand {
  fill: var(--ink);
}
.sentence {
  margin: 2px 0 0;
  font-size: var(--text-plain);
  line-height: 1.3;
}
.sentence.advice::before,
.sentence.warning::before,
.sentence.stop::before {
  content: '';
  display: inline-block;
  width: 4px;
  height: 12px;
  margin-right: 7px;
  background: var(--ochre-mark);
}
.sentence.warning::before,
.sentence.stop::before {
  background: var(--rust);
}
</style>
