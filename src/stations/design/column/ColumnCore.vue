<script setup lang="ts">
import { entryAt } from '@/core/basics/entryAt';
import { linkHorizontal } from 'd3-shape';
import { computed } from 'vue';
import type { Line } from '@/core/formula/model/schema';
import MineralHatches from '@/ui/pictures/MineralHatches.vue';
import { formatMass } from '@/core/basics/format/quantities';
import type { ColumnLayout, Stratum } from './columnLayout';
import { useMaterials } from '@/ui/fields/materials';

const { materialOf, nameOf } = useMaterials();

const props = defineProps<{
  lines: readonly Line[];
  layout: ColumnLayout;
  /** The line whose row is pointed at. */
  lit: string | null;
  /** How the strata would stand if what is offered were taken. */
  ghost?: readonly Stratum[] | null;
}>();
const emit = defineEmits<{
  start: [upperId: string, lowerId: string, clientY: number];
  trade: [upperId: string, lowerId: string, gainG: number];
}>();

const CORE_X = 34;
const CORE_W = 104;
const STRIP_X = CORE_X + CORE_W + 16;
const STRIP_W = 26;
const WIDTH = 200;
const HANDLE_PX = 12;

const link = linkHorizontal<unknown, [number, number]>().digits(2);
const leaders = computed(() =>
  props.layout.leaderStarts.map(({ y, isTrace }, i) => ({
    id: props.lines[i]?.id ?? '',
    path:
      link({
        source: [isTrace ? STRIP_X + STRIP_W : CORE_X + CORE_W, y],
        target: [WIDTH, props.layout.rowCenters[i] ?? y],
      }) ?? '',
  })),
);
const boundaries = computed(() =>
  props.layout.strata.slice(1).map((stratum, i) => {
    const upper = entryAt(props.lines, i);
    const lower = entryAt(props.lines, i + 1);
    return { y: stratum.y, upper, lower, isFixed: upper.locked || lower.locked };
  }),
);
const traceSpan = computed(() => {
  const ids = new Set(props.layout.magnified?.strata.map(({ lineId }) => lineId));
  const traces = props.layout.strata.filter(({ lineId }) => ids.has(lineId));
  return { top: traces[0]?.y ?? 0, bottom: (traces.at(-1)?.y ?? 0) + (traces.at(-1)?.height ?? 0) };
});

const fills = computed(
  () =>
    new Map(
      props.lines.map(({ id, materialId }) => [id, `url(#core-${materialOf(materialId).role})`]),
    ),
);

function fill(lineId: string): string {
  return fills.value.get(lineId) ?? 'none';
}

const STEPS: Readonly<Record<string, number>> = {
  ArrowDown: 1,
  ArrowUp: -1,
  PageDown: 10,
  PageUp: -10,
};

function pressKey(event: KeyboardEvent, upper: Line, lower: Line): void {
  const step = STEPS[event.key];
  if (step === undefined) return;
  event.preventDefault();
  emit('trade', upper.id, lower.id, event.shiftKey ? step / 10 : step);
}
</script>

<template>
  <svg :width="WIDTH" :height="layout.heightPx" class="core">
    <MineralHatches prefix="core" />
    <g v-for="span in layout.phases" :key="span.phase + span.y" class="phase" aria-hidden="true">
      <template v-if="span.height > 14">
        <path :d="`M${CORE_X - 5} ${span.y + 1}h-7v${span.height - 2}h7`" />
        <text
          v-if="span.height > 34"
          :transform="`translate(${CORE_X - 19} ${span.y + span.height / 2}) rotate(-90)`"
          text-anchor="middle"
        >
          {{ span.phase }}
        </text>
      </template>
    </g>
    <g aria-hidden="true">
      <!-- Only what a pull moves is drawn again. -->
      <rect
        v-for="stratum in layout.strata"
        :key="stratum.lineId"
        v-memo="[stratum.y, stratum.height, fill(stratum.lineId), stratum.lineId === lit]"
        :x="CORE_X"
        :y="stratum.y"
        :width="CORE_W"
        :height="stratum.height"
        :fill="fill(stratum.lineId)"
        :class="{ lit: stratum.lineId === lit }"
        class="stratum"
      />
      <g v-if="ghost" class="ghost">
        <rect
          v-for="stratum in ghost"
          :key="stratum.lineId"
          :x="CORE_X + CORE_W * 0.55"
          :y="stratum.y"
          :width="CORE_W * 0.45 + 8"
          :height="stratum.height"
        />
      </g>
      <g v-if="layout.magnified">
        <path
          class="lens"
          :d="`M${CORE_X + CORE_W} ${traceSpan.top}L${STRIP_X} ${layout.magnified.y}v${layout.magnified.height}L${CORE_X + CORE_W} ${traceSpan.bottom}z`"
        />
        <rect
          v-for="stratum in layout.magnified.strata"
          :key="stratum.lineId"
          :x="STRIP_X"
          :y="stratum.y"
          :width="STRIP_W"
          :height="stratum.height"
          :fill="fill(stratum.lineId)"
          class="stratum"
        />
        <text
          :x="STRIP_X + STRIP_W / 2"
          :y="layout.magnified.y + layout.magnified.height + 14"
          text-anchor="middle"
        >
          × {{ layout.magnified.times }}
        </text>
      </g>
      <path
        v-for="leader in leaders"
        :key="leader.id"
        v-memo="[leader.path]"
        :d="leader.path"
        class="leader"
      />
    </g>
    <g
      v-for="edge in boundaries"
      :key="edge.upper.id"
      v-memo="[edge.y, edge.upper, edge.lower, edge.isFixed]"
      class="boundary"
      :class="{ fixed: edge.isFixed }"
      role="slider"
      aria-orientation="vertical"
      :aria-label="`Boundary between ${nameOf(edge.upper.materialId)} and ${nameOf(edge.lower.materialId)}`"
      :aria-valuenow="Math.round(edge.upper.massG * 10) / 10"
      aria-valuemin="0"
      :aria-valuemax="Math.round((edge.upper.massG + edge.lower.massG) * 10) / 10"
      :aria-valuetext="`${nameOf(edge.upper.materialId)} ${formatMass(edge.upper.massG)}, ${nameOf(edge.lower.materialId)} ${formatMass(edge.lower.massG)}`"
      :aria-disabled="edge.isFixed"
      :tabindex="edge.isFixed ? -1 : 0"
      @keydown="(event) => !edge.isFixed && pressKey(event, edge.upper, edge.lower)"
      @pointerdown.prevent="
        (event) => !edge.isFixed && emit('start', edge.upper.id, edge.lower.id, event.clientY)
      "
    >
      <rect
        :x="CORE_X - 4"
        :y="edge.y - HANDLE_PX / 2"
        :width="CORE_W + 8"
        :height="HANDLE_PX"
        class="grip"
      />
      <path :d="`M${CORE_X - 4} ${edge.y}h${CORE_W + 8}`" class="line" />
      <g class="knob" :transform="`translate(${CORE_X + CORE_W / 2} ${edge.y})`">
        <circle r="9" />
        <path d="M-3 -2l3 -3l3 3M-3 2l3 3l3 -3" />
      </g>
    </g>
  </svg>
</template>

<style scoped>
.core {
  flex: none;
  overflow: visible;
  touch-action: none;
}
.phase path {
  fill: none;
  stroke: var(--mid);
  stroke-width: 1.5;
}
.phase text {
  fill: var(--mid);
  font: 650 var(--text-body) var(--font-heading);
}
text {
  fill: var(--mid);
  font-size: var(--text-small);
}
.stratum {
  stroke: var(--drawn-ink);
  stroke-width: 0.75;
}
.ghost rect {
  fill: var(--paper);
  fill-opacity: 0.55;
  stroke: var(--verdigris);
  stroke-width: 2;
  stroke-dasharray: 5 3;
}
.stratum.lit {
  stroke: var(--verdigris);
  stroke-width: 3;
}
.lens {
  fill: var(--mid);
  fill-opacity: 0.16;
}
.leader {
  fill: none;
  stroke: var(--mid);
  stroke-opacity: 0.75;
}
.boundary {
  cursor: ns-resize;
  outline: none;
}
.boundary.fixed {
  cursor: not-allowed;
}
.grip {
  fill: transparent;
}
.line {
  stroke: transparent;
  stroke-width: 4;
}
.knob {
  /* Not by opacity: each of these would be a layer that every pull composes again. */
  visibility: hidden;
  pointer-events: none;
}
.knob circle {
  fill: var(--verdigris);
}
.knob path {
  fill: none;
  stroke: var(--paper);
  stroke-width: 1.8;
}
.boundary:not(.fixed):hover .line,
.boundary:focus-visible .line {
  stroke: var(--verdigris);
}
.boundary:not(.fixed):hover .knob,
.boundary:focus-visible .knob {
  visibility: visible;
}
</style>
