<script setup lang="ts">
import { DAY_MS, MINUTE_MS, dayOf, daysLater, startOfDayMs } from '@/core/basics/time';
import { LIGHT } from '@/ui/palette';
import { clockTime, dayOfMonth, weekdayDate, weekdayTime } from '@/core/basics/format/dates';
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
const props = defineProps<{
  days: number;
  /** Days after the first of the plan with which it begins. */
  skip: number;
}>();
const calendar = useCalendarStore();
const planInputs = usePlanInputsStore();
const colorOf = useBarColor();

const box = ref<HTMLElement | null>(null);
const { width } = useElementSize(box);
const said = ref('');

const LEFT = 118;
const LOFT_H = 92;
const ROW_H = 46;
const LANE_H = 15;
const DUE_H = 22;
const QUARTER_MS = 15 * MINUTE_MS;
const HALF_MS = 30 * MINUTE_MS;

const fromMs = computed(() => midnightOf(0));
const toMs = computed(() => midnightOf(props.days));
/** What was due before is shown with today. */
const duesFromMs = computed(() => (props.skip === 0 ? -Infinity : fromMs.value));
const x = computed(() =>
  scaleLinear()
    .domain([fromMs.value, toMs.value])
    .range([LEFT, Math.max(LEFT + 200, width.value - 8)])
    // What began before and ends after stays inside.
    .clamp(true),
);
/** Midnight of a day of the picture. */
function midnightOf(i: number): number {
  return startOfDayMs(daysLater(dayOf(planInputs.startMs), props.skip + i));
}
const MARK_HOURS = 3;
const marks = computed(() =>
  props.days === 1
    ? Array.from({ length: 24 / MARK_HOURS }, (_, i) => {
        const at = new Date(fromMs.value).setHours(i * MARK_HOURS);
        return { at, word: i === 0 ? weekdayDate(at) : clockTime(at) };
      })
    : Array.from({ length: props.days }, (_, i) => ({
        at: midnightOf(i),
        word: props.days > 7 ? dayOfMonth(midnightOf(i)) : weekdayDate(midnightOf(i)),
      })),
);
const shown = computed(() =>
  calendar.bars.filter(({ startMs, endMs }) => startMs < toMs.value && endMs > fromMs.value),
);

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
const hasNow = computed(() => props.skip === 0);
const rowsTop = LOFT_H + 30;
const loftTop = computed(() => rowsTop + rows.value.length * ROW_H);
const lanes = computed(() => lanesOf(shown.value.filter(({ places }) => places > 0)));
const laneCount = computed(() => Math.max(1, ...lanes.value.map(({ lane }) => lane + 1)));
const dueTop = computed(() => loftTop.value + laneCount.value * LANE_H + 14);
const dueCount = computed(
  () =>
    planInputs.cover.orders.filter(({ order }) => {
      const due = Date.parse(order.due);
      return due >= duesFromMs.value && due < toMs.value;
    }).length,
);
const height = computed(() => dueTop.value + Math.max(1, dueCount.value) * DUE_H + 8);

const LEAST_BAR_PX = 6;
const barX = ({ startMs }: Bar) => x.value(startMs);
const barW = (bar: Bar) => Math.max(LEAST_BAR_PX, x.value(bar.endMs) - barX(bar));
/** What a finger meets is never thinner than this, however short the step. Source: WCAG 2.2, criterion 2.5.8. */
const LEAST_HIT_PX = 24;
const hitW = (bar: Bar) => Math.max(LEAST_HIT_PX, barW(bar));
const isNamed = (bar: Bar) => barW(bar) >= LEAST_NAME_PX;
const LEAST_NAME_PX = 72;
const CHAR_PX = 6.6;
/** As much of its name as a bar has room for. */
function nameIn(bar: Bar): string {
  const most = Math.floor((barW(bar) - 10) / CHAR_PX);
  return bar.name.length <= most ? bar.name : `${bar.name.slice(0, most - 1).trimEnd()}…`;
}
/** The bar a hand or the keyboard is on: it says what it is under the picture. */
const pointed = ref<Bar | null>(null);
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
      <g v-for="{ at, word } in marks" :key="at">
        <line :x1="x(at)" :x2="x(at)" y1="0" :y2="height" class="hair" />
        <text :x="x(at) + 5" :y="LOFT_H + 20" class="day">{{ word }}</text>
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
          @pointerenter="pointed = bar"
          @pointerleave="pointed = null"
          @focus="pointed = bar"
          @blur="pointed = null"
        >
          <title>{{ sayBar(bar) }}</title>
          <rect :width="barW(bar)" :height="ROW_H - 14" :fill="colorOf(bar.formulaId)" rx="2" />
          <text v-if="isNamed(bar)" x="5" :y="(ROW_H - 14) / 2 + 4" :style="{ fill: LIGHT.ink }">
            {{ nameIn(bar) }}
          </text>
          <rect y="-8" :width="hitW(bar)" :height="ROW_H" class="hit" />
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
        :from-ms="duesFromMs"
        :to-ms="toMs"
        :width="width"
        :row-height="DUE_H"
        :transform="`translate(0 ${dueTop})`"
      />
      <line
        v-if="hasNow"
        :x1="x(planInputs.startMs)"
        :x2="x(planInputs.startMs)"
        y1="0"
        :y2="height"
        class="now"
      />
      <text v-if="hasNow" :x="x(planInputs.startMs) + 4" y="11" class="nowword">now</text>
    </svg>
    <p class="pointed" aria-hidden="true">{{ pointed ? sayBar(pointed) : '' }}</p>
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
.bar .hit {
  fill: transparent;
  stroke: none;
}
.bar text {
  pointer-events: none;
}
.pointed {
  min-height: 1.5em;
  margin: 2px 0 0;
  font-size: var(--text-plain);
  font-weight: 700;
}
.bar.late rect:first-of-type {
  stroke: var(--rust);
  stroke-width: 3;
}
.bar.locked rect:first-of-type {
  stroke-dasharray: 3 2;
  stroke-width: 2;
}
.small {
  margin: 4px 0;
  font-size: var(--text-small);
}
</style>
