<script setup lang="ts">
import { scaleLinear } from 'd3-scale';
import { useElementSize } from '@vueuse/core';
import { computed, useTemplateRef } from 'vue';
import { formatUpTo } from '@/core/basics/format/numbers';
import type { LessonLine } from '@/core/practice/play';

/** The way of a lesson on one line; the range and the smallest way are there once it is over. */
const props = defineProps<{ line: LessonLine; isOver: boolean }>();

const figure = useTemplateRef<HTMLElement>('figure');
const { width: roomPx } = useElementSize(figure);
/** Before it is drawn there is no width yet. */
const WIDTH = computed(() => roomPx.value || 760);
const EDGE = 14;
/** Numbers nearer than this would lie over each other. */
const APART = 18;

const x = computed(() => {
  const { points, smallest, high, low } = props.line;
  const at = [...points, ...(props.isOver ? smallest : [])].map((point) => point.at);
  const ends = props.isOver ? [...at, low, high] : at;
  const most = Math.max(1e-6, ...ends);
  const least = Math.min(most, ...ends);
  const room = Math.max(0.35 * most, 0.3 * (most - least)) / (props.isOver ? 2 : 1);
  const from = least < 0 ? least - room : Math.max(0, least - room);
  return scaleLinear([from, most + room], [EDGE, WIDTH.value - EDGE]);
});
const ticks = computed(() => x.value.ticks(6));
const way = computed(() => placed(props.line.points));
const smallest = computed(() => placed(props.line.smallest));

/** Points with their number where it has room; the last one always has it. */
function placed(points: LessonLine['points']) {
  let room = Infinity;
  return [...points]
    .map((point, i) => ({ ...point, x: x.value(point.at), number: i + 1 }))
    .reverse()
    .map((point) => {
      const shows = Math.abs(point.x - room) >= APART;
      if (shows) room = point.x;
      return { ...point, shows };
    })
    .reverse();
}
const spoken = computed(() => {
  const way = props.line.points.map(({ at, said }) => `${said}: ${formatUpTo(at, 2)}`).join(', ');
  const { low, high, axis, rangeSaid } = props.line;
  return props.isOver
    ? `${axis}. ${way}. ${rangeSaid}: ${formatUpTo(low, 2)} to ${formatUpTo(high, 2)}.`
    : `${axis}. ${way}.`;
});
</script>

<template>
  <figure ref="figure">
    <svg :viewBox="`0 0 ${WIDTH} ${isOver ? 98 : 64}`" role="img" :aria-label="spoken">
      <template v-if="isOver">
        <rect
          class="range"
          :x="x(line.low)"
          :width="Math.max(2, x(line.high) - x(line.low))"
          y="16"
          height="34"
        />
        <text :x="(x(line.low) + x(line.high)) / 2" y="11" text-anchor="middle">
          {{ line.rangeSaid }}
        </text>
      </template>
      <path class="axis" :d="`M${EDGE} 36H${WIDTH - EDGE}`" />
      <g v-for="tick in ticks" :key="tick">
        <path class="axis" :d="`M${x(tick)} 32V40`" />
        <text :x="x(tick)" :y="isOver ? 94 : 60" text-anchor="middle">
          {{ formatUpTo(tick, 2) }}
        </text>
      </g>
      <path
        v-if="way.length > 1"
        class="way"
        :d="`M${way.map((one) => `${one.x} 36`).join('L')}`"
      />
      <g v-for="(point, i) in way" :key="i">
        <circle
          :cx="point.x"
          cy="36"
          :r="i === way.length - 1 ? 8 : 5"
          :class="{ now: i === way.length - 1 }"
        />
        <text v-if="point.shows" :x="point.x" y="26" text-anchor="middle" class="number">
          {{ point.number }}
        </text>
      </g>
      <template v-if="isOver">
        <path class="small" :d="`M${smallest.map((one) => `${one.x} 66`).join('L')}`" />
        <rect
          v-for="(point, i) in smallest"
          :key="`small ${i}`"
          class="stop"
          :x="point.x - 4"
          y="62"
          width="8"
          height="8"
        />
      </template>
    </svg>
    <figcaption>
      <p>
        {{ line.axis }}. Your way:
        <span v-for="(point, i) in line.points" :key="i" class="step"
          ><b>{{ i + 1 }}</b> {{ point.said }}</span
        >
      </p>
      <p v-if="isOver && line.smallest.length">
        <span class="key" aria-hidden="true" /> The smallest way:
        <span v-for="(point, i) in line.smallest" :key="i" class="step">{{ point.said }}</span>
      </p>
      <p v-else-if="!isOver">The range shows at the end.</p>
    </figcaption>
  </figure>
</template>

<style scoped>
figure {
  max-width: 900px;
  margin: 20px 0 0;
}
svg {
  width: 100%;
  display: block;
}
text {
  fill: #b9c5bf;
  font-size: var(--text-small);
}
.number {
  fill: #f4f1e8;
  font-weight: 600;
}
.axis {
  fill: none;
  stroke: #55645f;
}
.range {
  fill: #2c5c51;
}
.way {
  fill: none;
  stroke: #f4f1e8;
  stroke-width: 3;
}
circle {
  fill: #f4f1e8;
}
circle.now {
  fill: var(--mint);
}
.small {
  fill: none;
  stroke: #d79a2b;
  stroke-width: 3;
  stroke-dasharray: 7 5;
}
.stop {
  fill: #d79a2b;
}
.key {
  display: inline-block;
  width: 9px;
  height: 9px;
  background: #d79a2b;
}
figcaption {
  color: #c8d2cc;
  font-size: var(--text-body);
}
figcaption p {
  margin: 4px 0 0;
}
.step {
  display: inline-block;
  margin-right: 12px;
}
.step b {
  color: #f4f1e8;
}
</style>
