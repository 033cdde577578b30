<script setup lang="ts">
import { useElementSize } from '@vueuse/core';
import { computed, ref, useTemplateRef } from 'vue';
import { useRouter } from 'vue-router';
import { longDate } from '@/core/basics/format/dates';
import { counted, formatFixed, formatPercent } from '@/core/basics/format/numbers';
import { speaking } from '@/core/results/learning/exclusions';
import { windowsByHumidity } from '@/core/workshop/taught/windowsByHumidity';
import { toBatch } from '@/shared/addresses';
import { powderHexOf } from '@/shared/formulaColor';
import { useAlmanacStore } from '@/stores/almanac';
import { useDesignStore } from '@/stores/design';
import { useWorkshopStore } from '@/stores/workshop';
import { LIGHT } from '@/ui/palette';
import BatchFilters from '../BatchFilters.vue';
import { OUTCOME_SEEN_WORDS } from '../outcomeWords';
import MapGround from './MapGround.vue';
import MapLegend from './MapLegend.vue';
import MapSave from './MapSave.vue';
import MarksCanvas from './MarksCanvas.vue';
import { geometryOf, humiditiesIn, marksOf, nearestTo, nextAlong, type Mark } from './mapGeometry';
import { mapSvg } from './mapSvg';
import { useMapBrush } from './useMapBrush';

/** Every batch by the air of its day and the moisture of its mix, over the range of the formula in hand. */
const almanac = useAlmanacStore();
const design = useDesignStore();
const workshop = useWorkshopStore();
const router = useRouter();

const box = useTemplateRef<HTMLElement>('box');
const { width } = useElementSize(box);
const HEIGHT = 440;
const AXES = { x: 'Humidity of the room, %', y: 'Moisture, index' };

const marks = computed(() => marksOf(almanac.all));
const shown = computed(() => marksOf(almanac.found));
const foundIds = computed(() =>
  almanac.isFiltered ? new Set(shown.value.map(({ id }) => id)) : null,
);
/** Today’s design in today’s room. */
const ring = computed(() => {
  const dampPct = design.evaluation?.binder.dampIndexPct ?? null;
  return dampPct === null ? null : { humidityPct: workshop.settings.humidityPct, dampPct };
});
const geometry = computed(() =>
  geometryOf(width.value, HEIGHT, ring.value ? [...marks.value, ring.value] : marks.value),
);
const windows = computed(() => {
  const { formula, evaluation } = design;
  if (!formula || !evaluation) return [];
  return windowsByHumidity(
    speaking(workshop.batches, 'damp', workshop.exclusions),
    formula.body,
    evaluation.binder,
    humiditiesIn(geometry.value),
    workshop.catalog,
  );
});
const hexes = computed(
  () => new Map(workshop.formulas.map(({ id, body }) => [id, powderHexOf(body, workshop.catalog)])),
);
const colorOf = (formulaId: string) => hexes.value.get(formulaId) ?? LIGHT.paper;

const pointed = ref<Mark | null>(null);
const sayMark = ({ code, name, startedAt, humidityPct, dampPct, outcome }: Mark) =>
  `${code}, ${name}, ${longDate(startedAt)}: ${formatPercent(humidityPct, 0)} humidity, moisture ${formatFixed(dampPct, 1)}. ${OUTCOME_SEEN_WORDS[outcome]}.`;

const NEAR_PX = 14;
const {
  box: brushBox,
  isDrawing,
  onDown,
  onMove: onDrag,
  onUp: onLift,
  drop,
} = useMapBrush(geometry);
const nearest = (event: PointerEvent) =>
  nearestTo(shown.value, geometry.value, { x: event.offsetX, y: event.offsetY }, NEAR_PX);
function onMove(event: PointerEvent): void {
  if (isDrawing.value) onDrag(event);
  else pointed.value = nearest(event);
}
function onUp(event: PointerEvent): void {
  if (!onLift()) open(nearest(event));
}
function open(mark: Mark | null): void {
  if (mark) void router.push(toBatch(mark.code));
}
const ALONG = [
  { key: 'ArrowRight', axis: 'humidityPct', by: 1 },
  { key: 'ArrowLeft', axis: 'humidityPct', by: -1 },
  { key: 'ArrowUp', axis: 'dampPct', by: 1 },
  { key: 'ArrowDown', axis: 'dampPct', by: -1 },
] as const;
function onKey(event: KeyboardEvent): void {
  const step = ALONG.find(({ key }) => key === event.key);
  if (step) pointed.value = nextAlong(shown.value, pointed.value, step.axis, step.by);
  else if (event.key === 'Enter') open(pointed.value);
  else if (event.key === 'Escape') almanac.ask({ humidity: null, damp: null });
  else return;
  event.preventDefault();
}

const picture = () => mapSvg(shown.value, windows.value, geometry.value, colorOf, AXES);
const unread = computed(() => almanac.all.length - marks.value.length);
</script>

<template>
  <section aria-label="Weather map">
    <BatchFilters />
    <p v-if="marks.length === 0" class="quiet">
      No batch has a room reading and a weighed mix yet. Read the room at the start of a batch, and
      it appears here.
    </p>
    <div ref="box" class="map">
      <template v-if="width > 0 && marks.length">
        <MapGround :geometry="geometry" :windows="windows" :axes="AXES" />
        <MarksCanvas :marks="marks" :found="foundIds" :geometry="geometry" :color-of="colorOf" />
        <svg
          :width="width"
          :height="HEIGHT"
          class="over"
          tabindex="0"
          role="application"
          aria-label="Weather map: humidity across, moisture up. Arrow keys go from batch to batch, Enter opens one."
          @pointerdown="onDown"
          @pointermove="onMove"
          @pointerup="onUp"
          @pointercancel="drop"
          @pointerleave="pointed = null"
          @keydown="onKey"
        >
          <rect v-if="brushBox" v-bind="brushBox" class="brush" />
          <circle
            v-if="ring"
            :cx="geometry.x(ring.humidityPct)"
            :cy="geometry.y(ring.dampPct)"
            r="10"
            class="ring"
          />
          <circle
            v-if="pointed"
            :cx="geometry.x(pointed.humidityPct)"
            :cy="geometry.y(pointed.dampPct)"
            r="9"
            class="pointed"
          />
        </svg>
      </template>
    </div>
    <p class="said" role="status">{{ pointed ? sayMark(pointed) : '' }}</p>
    <MapLegend
      v-if="marks.length"
      :formula-name="design.formula?.name ?? null"
      :has-own="windows.some(({ yours }) => yours !== null)"
      :color-of="colorOf"
    />
    <p class="quiet small">
      Drag over the map to list only those batches. Older batches are shown with their planned
      moisture.
      <template v-if="unread > 0"
        >Not shown, without a room reading or a weighed mix:
        {{ counted(unread, 'batch', 'batches') }}.</template
      >
    </p>
    <MapSave v-if="marks.length" :picture="picture" :geometry="geometry" />
  </section>
</template>

<style scoped>
.map {
  position: relative;
  min-height: 40px;
}
svg {
  display: block;
}
.over {
  position: absolute;
  inset: 0;
  cursor: crosshair;
  /* A finger that goes up or down scrolls the page; across, it marks an area. */
  touch-action: pan-y;
}
.brush {
  fill: var(--verdigris);
  fill-opacity: 0.1;
  stroke: var(--verdigris);
}
.ring {
  fill: none;
  stroke: var(--rust);
  stroke-width: 3;
}
.pointed {
  fill: none;
  stroke: var(--ink);
  stroke-width: 2.5;
}
.said {
  min-height: 1.5em;
  margin: 4px 0;
  font-size: var(--text-plain);
  font-weight: 700;
}
.small {
  margin: 4px 0;
  font-size: var(--text-small);
}
</style>
