<script setup lang="ts">
import { weekdayDate, weekdayTime } from '@/core/basics/format/dates';
import { useElementSize } from '@vueuse/core';
import { scaleLinear } from 'd3-scale';
import { computed, ref } from 'vue';
import { useCalendarStore, type Bar } from '@/stores/calendar';
import { usePlanInputsStore } from '@/stores/planInputs';
import DryingLanes from './DryingLanes.vue';
import DueMarks from './DueMarks.vue';
import LoftTide from './LoftTide.vue';
import { sayBar, sayStep } from './calendarMessages';
import { lanesOf } from './lanes';
import { useBarColor } from './useBarColor';

/** The plan over the days: the loft as a tide, hands and machines, and what is due. Steps are moved by hand or by key. */
const props = defineProps<{ days: number }>();
const calendar = useCalendarStore();
const planInputs = usePlanInputsStore();
const colorOf = useBarColor();

const box = ref<HTMLElement | null>(null);
const { width } = useElementSize(box);
const said = ref('');

const DAY_MS = 86_400_000;
const LEFT = 118;
const LOFT_H = 92;
const ROW_H = 46;
const LANE_H = 15;
const DUE_H = 22;
const QUARTER_MS = 15 * 60_000;
const HALF_MS = 30 * 60_000;

const fromMs = computed(() => new Date(planInputs.startMs).setHours(0, 0, 0, 0));
const toMs = computed(() => fromMs.value + props.days * DAY_MS);
const x = computed(() =>
  scaleLinear()
    .domain([fromMs.value, toMs.value])
    .range([LEFT, Math.max(LEFT + 200, width.value - 8)]),
);
const dayMarks = computed(() =>
  Array.from({ length: props.days }, (_, i) => {
    const at = new Date(fromMs.value);
    at.setDate(at.getDate() + i);
    return at.getTime();
  }),
);
const shown = computed(() => calendar.bars.filter(({ startMs }) => startMs < toMs.value));

interface Row {
  readonly name: string;
  readonly bars: readonly Bar[];
}
const rows = computed<readonly Row[]>(() => [
  ...planInputs.hours.map(({ name }) => ({
    name,
    bars: shown.value.filter(({ person }) => person === name),
  })),
  ...(['press', 'mixer'] as const).map((machine) => ({
    name: machine === 'press' ? 'Press' : 'Mixer',
    bars: shown.value.filter((bar) => bar.machine === machine),
  })),
]);
const rowsTop = LOFT_H + 30;
const loftTop = computed(() => rowsTop + rows.value.length * ROW_H);
const lanes = computed(() => lanesOf(shown.value.filter(({ places }) => places > 0)));
const laneCount = computed(() => Math.max(1, ...lanes.value.map(({ lane }) => lane + 1)));
const dueTop = computed(() => loftTop.value + laneCount.value * LANE_H + 14);
const dueCount = computed(
  () => planInputs.cover.orders.filter(({ order }) => Date.parse(order.due) < toMs.value).length,
);
const height = computed(() => dueTop.value + dueCount.value * DUE_H + 8);

const barX = ({ startMs }: Bar) => x.value(Math.max(startMs, fromMs.value));
const barW = (bar: Bar) => Math.max(6, x.value(Math.min(bar.endMs, toMs.value)) - barX(bar));
function move(bar: Bar, toStartMs: number): void {
  const at = Math.round(toStartMs / QUARTER_MS) * QUARTER_MS;
  const why = calendar.moveStep(bar.job, bar.step, at);
  said.value = why === '' ? `Moved ${bar.name}, ${sayStep(bar.step)}, to ${weekdayTime(at)}.` : why;
}

function onKey(event: KeyboardEvent, bar: Bar): void {
  const by = event.shiftKey ? DAY_MS : HALF_MS;
  if (event.key === 'ArrowLeft' || event.key === 'ArrowRight') {
    event.preventDefault();
    move(bar, bar.startMs + (event.key === 'ArrowLeft' ? -by : by));
  } else if (event.key === 'Enter' || event.key === ' ') {
    event.preventDefault();
    turnLock(bar);
  }
}
function turnLock(bar: Bar): void {
  if (bar.isLocked) calendar.unlock(bar.job, bar.step);
  else move(bar, bar.startMs);
}

const pulled = ref<{ readonly bar: Bar; readonly fromX: number; dx: number } | null>(null);
function onDown(event: PointerEvent, bar: Bar): void {
  (event.currentTarget as Element).setPointerCapture(event.pointerId);
  pulled.value = { bar, fromX: event.clientX, dx: 0 };
}
function onMove(event: PointerEvent): void {
  if (pulled.value) pulled.value.dx = event.clientX - pulled.value.fromX;
}
const LEAST_PULL_PX = 4;
function onUp(): void {
  const of = pulled.value;
  pulled.value = null;
  if (!of || Math.abs(of.dx) < LEAST_PULL_PX) return;
  const perPx = (toMs.value - fromMs.value) / Math.max(1, (x.value.range()[1] ?? LEFT) - LEFT);
  move(of.bar, of.bar.startMs + of.dx * perPx);
}
const shiftOf = (bar: Bar) =>
  pulled.value && pulled.value.bar.job === bar.job && pulled.value.bar.step === bar.step
    ? pulled.value.dx
    : 0;
</script>

<template>
  <div ref="box" class="tide">
    <svg v-if="width > 0" :width="width" :height="height" role="group" aria-label="Tide table">
      <g v-for="at in dayMarks" :key="at">
        <line :x1="x(at)" :x2="x(at)" y1="0" :y2="height" class="hair" />
        <text :x="x(at) + 5" :y="LOFT_H + 20" class="day">{{ weekdayDate(at) }}</text>
      </g>
      <LoftTide :x="x" :to-ms="toMs" :width="width" :height="LOFT_H" />
      <g v-for="(row, r) in rows" :key="row.name">
        <text x="0" :y="rowsTop + r * ROW_H + 27" class="name">{{ row.name }}</text>
        <line
          x1="0"
          :x2="width"
          :y1="rowsTop + (r + 1) * ROW_H"
          :y2="rowsTop + (r + 1) * ROW_H"
          class="hair"
        />
        <g
          v-for="bar in row.bars"
          :key="bar.job + bar.step"
          class="bar"
          :class="{ late: bar.isLate, locked: bar.isLocked }"
          tabindex="0"
          role="button"
          :aria-label="`${row.name}: ${sayBar(bar)}`"
          :transform="`translate(${barX(bar) + shiftOf(bar)} ${rowsTop + r * ROW_H + 8})`"
          @keydown="(event) => onKey(event, bar)"
          @pointerdown="(event) => onDown(event, bar)"
          @pointermove="onMove"
          @pointerup="onUp"
          @dblclick="turnLock(bar)"
        >
          <title>{{ sayBar(bar) }}</title>
          <rect :width="barW(bar)" :height="ROW_H - 14" :fill="colorOf(bar.formulaId)" rx="2" />
        </g>
      </g>
      <DryingLanes
        :lanes="lanes"
        :x="x"
        :to-ms="toMs"
        :lane-height="LANE_H"
        :transform="`translate(0 ${loftTop})`"
      />
      <DueMarks
        :x="x"
        :to-ms="toMs"
        :width="width"
        :row-height="DUE_H"
        :transform="`translate(0 ${dueTop})`"
      />
      <line
        :x1="x(planInputs.startMs)"
        :x2="x(planInputs.startMs)"
        y1="0"
        :y2="height"
        class="now"
      />
      <text :x="x(planInputs.startMs) + 4" y="11" class="nowword">now</text>
    </svg>
    <p class="quiet small">
      Drag a step, or move it with the arrow keys (with Shift, by a day). Enter locks or unlocks it.
      <span role="status">{{ said }}</span>
    </p>
  </div>
</template>

<style scoped>
.tide {
  min-width: 0;
}
svg {
  display: block;
  touch-action: pan-y;
}
text {
  fill: var(--ink);
  font-size: var(--text-small);
}
.name {
  font-size: var(--text-body);
  font-weight: 700;
}
.hair {
  stroke: var(--hairline);
}
.now {
  stroke: var(--ochre-mark);
  stroke-width: 2;
}
.nowword {
  fill: var(--ochre);
}
.bar {
  cursor: grab;
}
.bar rect {
  stroke: var(--ink);
}
.bar.late rect {
  stroke: var(--rust);
  stroke-width: 3;
}
.bar.locked rect {
  stroke-dasharray: 3 2;
  stroke-width: 2;
}
.small {
  margin: 4px 0;
  font-size: var(--text-small);
}
</style>
