<script setup lang="ts">
import { useElementSize } from '@vueuse/core';
import { scaleLinear } from 'd3-scale';
import { area, line } from 'd3-shape';
import { computed, useTemplateRef } from 'vue';
import { stopwatch } from '@/core/basics/format/durations';
import { formatMilliliters } from '@/core/basics/format/quantities';
import { EVENT_WORDS } from '@/core/tub/messages';
import { momentAt, type FilmPlan } from '@/core/tub/plan';
import { typedIn } from '@/ui/fields/typedIn';

/** The fizz curve as the time line of a film: drag along it, or step with the arrow keys. */
const props = defineProps<{
  plans: readonly FilmPlan[];
  endS: number;
  /** What is said of the moment, for who cannot see it. */
  said: string;
}>();
const seconds = defineModel<number>('seconds', { required: true });

const box = useTemplateRef<HTMLElement>('box');
const { width } = useElementSize(box);
const HEIGHT = 150;
const FLOOR = HEIGHT - 44;
const TOP = 30;
const SIDE = 14;
const POINTS = 140;
/** Words nearer to each other than this stand in two rows. */
const WORD_PX = 78;

const x = computed(() =>
  scaleLinear([0, props.endS], [SIDE, Math.max(SIDE + 1, width.value - SIDE)]),
);
const curves = computed(() =>
  props.plans.map((plan) =>
    Array.from({ length: POINTS + 1 }, (_, i) => {
      const at = (props.endS * i) / POINTS;
      return { at, ml: at > plan.settledS ? 0 : momentAt(plan, at).gasMlPerS };
    }),
  ),
);
const peak = computed(() => Math.max(1, ...curves.value.flat().map(({ ml }) => ml)));
const y = computed(() => scaleLinear([0, peak.value], [FLOOR, TOP]));
interface Point {
  readonly at: number;
  readonly ml: number;
}
const shape = computed(() => {
  const [toX, toY] = [x.value, y.value];
  return (
    area<Point>(
      ({ at }) => toX(at),
      FLOOR,
      ({ ml }) => toY(ml),
    ).digits(1)(curves.value[0] ?? []) ?? ''
  );
});
const lines = computed(() => {
  const [toX, toY] = [x.value, y.value];
  return curves.value.map(
    (points) =>
      line<Point>(
        ({ at }) => toX(at),
        ({ ml }) => toY(ml),
      ).digits(1)(points) ?? '',
  );
});
/** Events of the first film, and where both stand still; each in the row that is free. */
const marks = computed(() => {
  const [plan] = props.plans;
  const all = [
    ...(plan?.events ?? []).map(({ seconds: at, what }) => ({ at, word: EVENT_WORDS[what] })),
    { at: props.endS, word: 'settled' },
  ].sort((a, b) => a.at - b.at);
  const lastIn = [-Infinity, -Infinity];
  return all.map(({ at, word }) => {
    const px = x.value(at);
    const row = px - (lastIn[0] ?? 0) >= WORD_PX ? 0 : 1;
    lastIn[row] = px;
    const anchor = px < 40 ? 'start' : px > width.value - 40 ? 'end' : 'middle';
    return { at, word, px, row, anchor };
  });
});

/** Half of the flag of the hand, px: it stays within the picture. */
const FLAG_PX = 26;
const flagPx = computed(() => {
  const at = x.value(seconds.value);
  return Math.min(width.value - FLAG_PX, Math.max(FLAG_PX, at)) - at - FLAG_PX;
});

const follow = (event: Event) => (seconds.value = Number(typedIn(event)));
</script>

<template>
  <div ref="box" class="timeline">
    <svg :viewBox="`0 0 ${Math.max(1, width)} ${HEIGHT}`" :height="HEIGHT" aria-hidden="true">
      <g v-memo="[shape, lines, marks]">
        <text :x="width - SIDE" :y="TOP + 12" text-anchor="end">
          gas a second, up to {{ formatMilliliters(peak, 0) }}
        </text>
        <path :d="shape" class="area" />
        <path v-for="(d, i) in lines" :key="i" :d="d" class="curve" :class="{ other: i > 0 }" />
        <path :d="`M${SIDE} ${FLOOR}H${width - SIDE}`" class="axis" />
        <g v-for="mark in marks" :key="mark.word">
          <path :d="`M${mark.px} ${FLOOR - 4}v10`" class="axis" />
          <text :x="mark.px" :y="FLOOR + 21 + 17 * mark.row" :text-anchor="mark.anchor">
            {{ mark.word }}
          </text>
        </g>
      </g>
    </svg>
    <div class="hand" :style="{ transform: `translateX(${x(seconds)}px)` }" aria-hidden="true">
      <span :style="{ transform: `translateX(${flagPx}px)` }">{{ stopwatch(seconds) }}</span>
    </div>
    <input
      type="range"
      aria-label="Moment of the film"
      min="0"
      :max="endS"
      step="any"
      :value="seconds"
      :aria-valuetext="said"
      :style="{ left: `${SIDE - 8}px`, right: `${SIDE - 8}px` }"
      @input="follow"
      @keydown.right.prevent="seconds = Math.min(endS, seconds + 1)"
      @keydown.left.prevent="seconds = Math.max(0, seconds - 1)"
    />
  </div>
</template>

<style scoped>
.timeline {
  position: relative;
}
svg {
  display: block;
  width: 100%;
}
.area {
  fill: var(--verdigris-soft);
}
.curve {
  fill: none;
  stroke: var(--verdigris);
  stroke-width: 2.2;
}
.other {
  stroke: var(--ochre-mark);
  stroke-dasharray: 5 4;
}
.axis {
  stroke: var(--ink);
}
text {
  fill: var(--mid);
  font-size: var(--text-small);
}
/* It moves with every frame: a layer of its own, so that nothing under it is painted again. */
.hand {
  position: absolute;
  top: 26px;
  left: -1px;
  width: 2.5px;
  height: 86px;
  background: var(--ochre);
  will-change: transform;
  pointer-events: none;
}
.hand span {
  position: absolute;
  top: -23px;
  left: 0;
  width: 52px;
  border-radius: var(--radius-small);
  background: var(--ochre);
  color: var(--paper);
  font-size: var(--text-small);
  font-weight: 700;
  font-variant-numeric: tabular-nums;
  line-height: 23px;
  text-align: center;
}
/* The hand of the curve is the thumb: the field lies over all of it, and shows itself by its focus. */
input {
  position: absolute;
  top: 24px;
  height: 88px;
  margin: 0;
  background: none;
  cursor: ew-resize;
  appearance: none;
}
input::-webkit-slider-thumb {
  width: 16px;
  height: 88px;
  background: none;
  appearance: none;
}
input::-moz-range-thumb {
  width: 16px;
  height: 88px;
  border: 0;
  background: none;
}
input:focus-visible {
  outline: 2px solid var(--verdigris);
  outline-offset: 2px;
  border-radius: var(--radius-small);
}
</style>
