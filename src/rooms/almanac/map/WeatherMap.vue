<script setup lang="ts">
import { useElementSize } from '@vueuse/core';
import { computed, ref, useId, useTemplateRef } from 'vue';
import { useRouter } from 'vue-router';
import { longDate } from '@/core/basics/format/dates';
import { counted, formatFixed, formatPercent } from '@/core/basics/format/numbers';
import { reasonOf } from '@/core/basics/format/reason';
import { speaking } from '@/core/results/learning/exclusions';
import { windowsByHumidity } from '@/core/workshop/taught/windowsByHumidity';
import { toBatch } from '@/shared/addresses';
import { powderHexOf } from '@/shared/formulaColor';
import { useAlmanacStore } from '@/stores/almanac';
import { useDesignStore } from '@/stores/design';
import { today } from '@/stores/now';
import { useWorkshopStore } from '@/stores/workshop';
import { LIGHT } from '@/ui/palette';
import { download, saveBlob } from '@/ui/frame/download';
import ProblemLine from '@/ui/kit/ProblemLine.vue';
import BatchFilters from '../BatchFilters.vue';
import { OUTCOME_SEEN_WORDS } from '../outcomeWords';
import MapLegend from './MapLegend.vue';
import MarksCanvas from './MarksCanvas.vue';
import { geometryOf, humiditiesIn, marksOf, nearestTo, nextAlong, type Mark } from './mapGeometry';
import { mapSvg, pngOf } from './mapSvg';

/** Every batch by the air of its day and the moisture of its mix, over the range of the formula in hand. */
const almanac = useAlmanacStore();
const design = useDesignStore();
const workshop = useWorkshopStore();
const router = useRouter();

const box = useTemplateRef<HTMLElement>('box');
const { width } = useElementSize(box);
const HEIGHT = 440;
const clipId = useId();
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
const shipped = computed(() =>
  geometry.value.ribbon(windows.value, (at) => ({
    low: at.shipped.lowPct,
    high: at.shipped.highPct,
  })),
);
const own = computed(() =>
  geometry.value.ribbon(
    windows.value,
    ({ yours }) => yours && { low: yours.lowPct, high: yours.highPct },
  ),
);
const aimBand = computed(() =>
  geometry.value.ribbon(
    windows.value,
    ({ yours }) => yours && { low: yours.aimLowPct, high: yours.aimHighPct },
  ),
);

const hexes = computed(
  () => new Map(workshop.formulas.map(({ id, body }) => [id, powderHexOf(body, workshop.catalog)])),
);
const colorOf = (formulaId: string) => hexes.value.get(formulaId) ?? LIGHT.paper;

const pointed = ref<Mark | null>(null);
const sayMark = ({ code, name, startedAt, humidityPct, dampPct, outcome }: Mark) =>
  `${code}, ${name}, ${longDate(startedAt)}: ${formatPercent(humidityPct, 0)} humidity, moisture ${formatFixed(dampPct, 1)}. ${OUTCOME_SEEN_WORDS[outcome]}.`;

const NEAR_PX = 14;
const LEAST_BRUSH_PX = 6;
interface Point {
  readonly x: number;
  readonly y: number;
}
const brush = ref<{ readonly from: Point; to: Point } | null>(null);
const pointOf = (event: PointerEvent): Point => ({ x: event.offsetX, y: event.offsetY });
const brushBox = computed(() => {
  const of = brush.value;
  const { humidity, damp } = almanac.filter;
  const { x, y } = geometry.value;
  if (of)
    return {
      x: Math.min(of.from.x, of.to.x),
      y: Math.min(of.from.y, of.to.y),
      width: Math.abs(of.from.x - of.to.x),
      height: Math.abs(of.from.y - of.to.y),
    };
  if (!humidity || !damp) return null;
  return {
    x: x(humidity.low),
    y: y(damp.high),
    width: x(humidity.high) - x(humidity.low),
    height: y(damp.low) - y(damp.high),
  };
});
function onDown(event: PointerEvent): void {
  (event.currentTarget as Element).setPointerCapture(event.pointerId);
  brush.value = { from: pointOf(event), to: pointOf(event) };
}
function onMove(event: PointerEvent): void {
  if (brush.value) brush.value.to = pointOf(event);
  else pointed.value = nearestTo(shown.value, geometry.value, pointOf(event), NEAR_PX);
}
function onUp(event: PointerEvent): void {
  const drawn = brush.value;
  const area = brushBox.value;
  brush.value = null;
  if (!drawn || !area) return;
  if (area.width < LEAST_BRUSH_PX && area.height < LEAST_BRUSH_PX) {
    open(nearestTo(shown.value, geometry.value, pointOf(event), NEAR_PX));
    return;
  }
  const { x, y } = geometry.value;
  almanac.ask({
    humidity: { low: x.invert(area.x), high: x.invert(area.x + area.width) },
    damp: { low: y.invert(area.y + area.height), high: y.invert(area.y) },
  });
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

const problem = ref('');
const picture = () => mapSvg(shown.value, windows.value, geometry.value, colorOf, AXES);
const saveSvg = () => download(`rovack-weather-map-${today()}.svg`, 'image/svg+xml', picture());
async function savePng(): Promise<void> {
  problem.value = '';
  try {
    const { width, height } = geometry.value;
    saveBlob(`rovack-weather-map-${today()}.png`, await pngOf(picture(), width, height));
  } catch (error) {
    problem.value = `Couldn’t draw the picture (${reasonOf(error)}). Save it as SVG.`;
  }
}
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
        <svg :width="width" :height="HEIGHT" class="under" aria-hidden="true">
          <clipPath :id="clipId">
            <rect
              :x="geometry.margin.left"
              :y="geometry.margin.top"
              :width="Math.max(0, width - geometry.margin.left - geometry.margin.right)"
              :height="HEIGHT - geometry.margin.top - geometry.margin.bottom"
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
              :d="`M${geometry.x(tick)} ${geometry.margin.top}V${HEIGHT - geometry.margin.bottom}`"
              class="hair"
            />
            <text
              :x="geometry.x(tick)"
              :y="HEIGHT - geometry.margin.bottom + 16"
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
          <text :x="width - geometry.margin.right" :y="HEIGHT - 6" text-anchor="end">
            {{ AXES.x }}
          </text>
          <text x="0" y="11">{{ AXES.y }}</text>
        </svg>
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
          @pointercancel="brush = null"
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
      :has-own="own !== ''"
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
    <div class="acts no-print">
      <v-btn size="small" :disabled="marks.length === 0" @click="saveSvg">Save as SVG</v-btn>
      <v-btn size="small" :disabled="marks.length === 0" @click="savePng">Save as PNG</v-btn>
    </div>
    <ProblemLine :problem="problem" />
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
.acts {
  display: flex;
  gap: 8px;
  margin-top: 8px;
}
</style>
