<script setup lang="ts">
import { useElementSize } from '@vueuse/core';
import { scaleLinear, scaleTime } from 'd3-scale';
import { area, curveStepAfter } from 'd3-shape';
import { computed, ref } from 'vue';
import { powderHexOf } from '@/shared/formulaColor';
import { useCalendarStore, type Bar } from '@/stores/calendar';
import { useWorkshopStore } from '@/stores/workshop';
import { LIGHT } from '@/ui/palette';
import { sayClock, sayDay, saySlack, sayStep, sayWhen } from './calendarWords';

/** The plan over the days: the loft as a tide, hands and machines, and what is due. Steps are moved by hand or by key. */
const props = defineProps<{ days: number }>();
const calendar = useCalendarStore();
const workshop = useWorkshopStore();

const box = ref<HTMLElement | null>(null);
const { width } = useElementSize(box);
const said = ref('');

const DAY_MS = 86_400_000;
const LEFT = 118;
const LOFT_H = 92;
const ROW_H = 46;
const LANE_H = 15;
/** A name on a bar that is narrower runs over its end. */
const LEAST_LABEL_PX = 80;
const DUE_H = 22;
const QUARTER_MS = 15 * 60_000;
const HALF_MS = 30 * 60_000;

const fromMs = computed(() => new Date(calendar.startMs).setHours(0, 0, 0, 0));
const toMs = computed(() => fromMs.value + props.days * DAY_MS);
const x = computed(() =>
  scaleTime()
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

/** Places taken from moment to moment. */
const tide = computed(() => {
  const points = new Map<number, number>([[calendar.startMs, 0]]);
  for (const { places, startMs, endMs } of calendar.bars) {
    if (places === 0) continue;
    points.set(startMs, (points.get(startMs) ?? 0) + places);
    points.set(endMs, (points.get(endMs) ?? 0) - places);
  }
  let level = 0;
  return [...points]
    .sort(([a], [b]) => a - b)
    .map(([at, change]) => ({ at, level: (level += change) }));
});
const high = computed(() => Math.max(calendar.loftPlaces, ...tide.value.map(({ level }) => level)));
const y = computed(() =>
  scaleLinear()
    .domain([0, high.value * 1.06])
    .range([LOFT_H, 6]),
);
const tidePath = computed(
  () =>
    area<{ at: number; level: number }>()
      .x(({ at }) => x.value(Math.min(at, toMs.value)))
      .y0(LOFT_H)
      .y1(({ level }) => y.value(level))
      .curve(curveStepAfter)([
      ...tide.value,
      { at: toMs.value, level: tide.value.at(-1)?.level ?? 0 },
    ]) ?? '',
);

interface Row {
  readonly name: string;
  readonly bars: readonly Bar[];
}
const rows = computed<readonly Row[]>(() => [
  ...calendar.hours.map(({ name }) => ({
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
/** Drying batches one below the other where they lie at the same time. */
const lanes = computed(() => {
  const ends: number[] = [];
  return shown.value
    .filter(({ places }) => places > 0)
    .sort((a, b) => a.startMs - b.startMs)
    .map((bar) => {
      const free = ends.findIndex((end) => end <= bar.startMs);
      const lane = free < 0 ? ends.length : free;
      ends[lane] = bar.endMs;
      return { bar, lane };
    });
});
const laneCount = computed(() => Math.max(1, ...lanes.value.map(({ lane }) => lane + 1)));
const dueTop = computed(() => loftTop.value + laneCount.value * LANE_H + 14);
const dues = computed(() =>
  calendar.cover.orders
    .map(({ order, lines }) => {
      const dueMs = Date.parse(order.due);
      const ready = calendar.readyMs(order.id);
      const slackMs = ready === null ? null : dueMs - ready;
      const units = lines.reduce((sum, line) => sum + line.wanted - line.given, 0);
      return { id: order.id, who: order.who, units, dueMs, slackMs };
    })
    .filter(({ dueMs }) => dueMs < toMs.value)
    .sort((a, b) => a.dueMs - b.dueMs),
);
const height = computed(() => dueTop.value + dues.value.length * DUE_H + 8);

function colorOf({ formulaId }: Bar): string {
  const formula = workshop.formulas.find(({ id }) => id === formulaId);
  return formula ? powderHexOf(formula.body, workshop.catalog) : 'var(--paper)';
}
const barX = ({ startMs }: Bar) => x.value(Math.max(startMs, fromMs.value));
const barW = (bar: Bar) => Math.max(6, x.value(Math.min(bar.endMs, toMs.value)) - barX(bar));
const nameOf = (bar: Bar) =>
  `${bar.name}, ${sayStep(bar.step)}, ${sayWhen(bar.startMs)} to ${sayClock(bar.endMs)}${bar.person ? `, ${bar.person}` : ''}${bar.isLocked ? ', locked' : ''}${bar.isLate ? ', late' : ''}`;

function move(bar: Bar, toStartMs: number): void {
  const at = Math.round(toStartMs / QUARTER_MS) * QUARTER_MS;
  const why = calendar.moveStep(bar.job, bar.step, at);
  said.value = why === '' ? `${bar.name}, ${sayStep(bar.step)}: ${sayWhen(at)}.` : why;
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
      <text x="0" y="20" class="name">In the loft</text>
      <text x="0" y="38" class="quiet">of {{ calendar.loftPlaces }} places</text>
      <g v-for="at in dayMarks" :key="at">
        <line :x1="x(at)" :x2="x(at)" y1="0" :y2="height" class="hair" />
        <text :x="x(at) + 5" :y="LOFT_H + 20" class="day">{{ sayDay(at) }}</text>
      </g>
      <path :d="tidePath" class="water" />
      <line
        :x1="LEFT"
        :x2="width"
        :y1="y(calendar.loftPlaces)"
        :y2="y(calendar.loftPlaces)"
        class="full"
      />
      <text :x="width - 10" :y="y(calendar.loftPlaces) - 3" text-anchor="end" class="fullword">
        full
      </text>
      <line :x1="LEFT" :x2="width" :y1="LOFT_H" :y2="LOFT_H" class="ground" />
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
          :aria-label="`${row.name}: ${nameOf(bar)}`"
          :transform="`translate(${barX(bar) + shiftOf(bar)} ${rowsTop + r * ROW_H + 8})`"
          @keydown="(event) => onKey(event, bar)"
          @pointerdown="(event) => onDown(event, bar)"
          @pointermove="onMove"
          @pointerup="onUp"
          @dblclick="turnLock(bar)"
        >
          <title>{{ nameOf(bar) }}</title>
          <rect :width="barW(bar)" :height="ROW_H - 14" :fill="colorOf(bar)" rx="2" />
        </g>
      </g>
      <text x="0" :y="loftTop + 18" class="name">Drying</text>
      <g
        v-for="{ bar, lane } in lanes"
        :key="bar.job + bar.step"
        :transform="`translate(${barX(bar)} ${loftTop + 5 + lane * LANE_H})`"
      >
        <title>{{ nameOf(bar) }}</title>
        <rect
          :width="barW(bar)"
          :height="LANE_H - 3"
          :fill="colorOf(bar)"
          class="dry"
          :class="{ late: bar.isLate }"
        />
        <text
          v-if="barW(bar) > LEAST_LABEL_PX"
          x="4"
          y="10"
          class="lane"
          :style="{ fill: LIGHT.ink }"
        >
          {{ bar.name }}
        </text>
      </g>
      <text x="0" :y="dueTop + 14" class="name">Due</text>
      <g v-for="(due, i) in dues" :key="due.id">
        <path
          :d="`M${x(due.dueMs)} ${dueTop + i * DUE_H + 3}l7 7l-7 7l-7-7z`"
          class="due"
          :class="{
            late: (due.slackMs ?? 0) < 0,
            close: due.slackMs !== null && due.slackMs >= 0 && due.slackMs < 6 * 3_600_000,
          }"
        />
        <text
          :x="x(due.dueMs) + (x(due.dueMs) > width / 2 ? -12 : 12)"
          :y="dueTop + i * DUE_H + 15"
          :text-anchor="x(due.dueMs) > width / 2 ? 'end' : 'start'"
          class="dueword"
          :class="{ late: (due.slackMs ?? 0) < 0 }"
        >
          {{ due.who }}: {{ due.units }} ·
          {{ due.slackMs === null ? 'ready' : saySlack(due.slackMs) }}
        </text>
      </g>
      <line :x1="x(calendar.startMs)" :x2="x(calendar.startMs)" y1="0" :y2="height" class="now" />
      <text :x="x(calendar.startMs) + 4" y="11" class="nowword">now</text>
    </svg>
    <p class="quiet small">
      Pull a step, or move it by the arrow keys (with Shift by a day); Enter locks it and lets it
      go.
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
  font-size: 13px;
}
.name {
  font-size: 15px;
  font-weight: 700;
}
text.quiet {
  fill: var(--mid);
}
.hair {
  stroke: var(--hairline);
}
.ground {
  stroke: var(--ink);
}
.water {
  fill: var(--verdigris);
  opacity: 0.28;
}
.full {
  stroke: var(--rust);
  stroke-dasharray: 5 4;
}
.fullword {
  fill: var(--rust);
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
.bar rect,
.dry {
  stroke: var(--ink);
}
.bar.late rect,
.dry.late {
  stroke: var(--rust);
  stroke-width: 3;
}
.bar.locked rect {
  stroke-dasharray: 3 2;
  stroke-width: 2;
}
.lane {
  font-size: 11px;
  pointer-events: none;
}
.due {
  fill: var(--verdigris);
}
.due.close {
  fill: var(--ochre-mark);
}
.due.late {
  fill: var(--rust);
}
.dueword.late {
  fill: var(--rust);
  font-weight: 700;
}
.small {
  margin: 4px 0;
  font-size: 13px;
}
</style>
