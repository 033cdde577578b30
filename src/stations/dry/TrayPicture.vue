<script setup lang="ts">
import { counted, formatPercent } from '@/core/basics/format/numbers';
import { arc } from 'd3-shape';
import { computed } from 'vue';
import { powderHex } from '@/core/results/color/powder';
import { countOf } from '@/core/batches/records/summary';
import type { Batch } from '@/core/batches/records/schema';
import { trayLayout } from '@/core/batches/trays/layout';
import type { TrayForecast } from '@/core/batches/trays/trayForecast';
import { useMaterials } from '@/ui/fields/materials';

const { portionsOf } = useMaterials();

/** A batch on its trays from above: every piece a ring that fills as it dries, paler where the forecast is not sure. */
const props = defineProps<{
  batch: Batch;
  forecast: TrayForecast;
  places: number;
  hasMarked: boolean;
}>();

const WIDTH = 404;
const HEIGHT = 216;
const EDGE = 12;

const isLoose = computed(() => props.batch.body.method === 'loose');
const pieces = computed(() => countOf(props.batch)?.pieces ?? props.batch.plan.pieces);
/** Shell colors: the main mix, and the second one of a split bowl. */
const colors = computed(() =>
  props.batch.body.parts
    .filter(({ kind }) => kind === 'main' || kind === 'split')
    .map(({ lines }) => powderHex(portionsOf(lines))),
);
const trays = computed(() => {
  const { perTray } = trayLayout(pieces.value, props.places, 1);
  const each = (WIDTH - (perTray.length - 1) * 8) / perTray.length;
  return perTray.map((count, i) => {
    const { rows, columns } = trayLayout(Math.max(1, perTray[0] ?? 1), props.places, each / HEIGHT);
    const left = i * (each + 8);
    const stepX = (each - 2 * EDGE) / columns;
    const stepY = (HEIGHT - 2 * EDGE) / rows;
    return {
      left,
      width: each,
      radius: Math.min(stepX, stepY) * 0.42,
      pieces: Array.from({ length: count }, (_, at) => ({
        x: left + EDGE + (at % columns) * stepX + stepX / 2,
        y: EDGE + Math.floor(at / columns) * stepY + stepY / 2,
      })),
    };
  });
});
/** Grains strewn the same way each time. */
const grains = computed(() =>
  Array.from({ length: 520 }, (_, i) => ({
    x: 16 + ((i * 0.6180339887) % 1) * (WIDTH - 32),
    y: 14 + ((i * 0.7548776662) % 1) * (HEIGHT - 28),
  })),
);

function ring(radius: number, from: number, to: number): string {
  return (
    arc()({
      innerRadius: radius * 0.84,
      outerRadius: radius,
      startAngle: from * 2 * Math.PI,
      endAngle: to * 2 * Math.PI,
    }) ?? ''
  );
}
</script>

<template>
  <svg
    :viewBox="`0 0 ${WIDTH} ${HEIGHT}`"
    role="img"
    :aria-label="
      isLoose
        ? `${batch.code}: spread thin, ${formatPercent(forecast.dry.best * 100, 0)} dry`
        : `${batch.code}: ${counted(pieces, 'piece')}, ${formatPercent(forecast.dry.best * 100, 0)} dry`
    "
  >
    <g v-for="(tray, i) in trays" :key="i">
      <rect
        :x="tray.left + 1"
        y="1"
        :width="tray.width - 2"
        :height="HEIGHT - 2"
        rx="4"
        class="tray"
      />
      <g v-if="!isLoose">
        <g
          v-for="(piece, at) in tray.pieces"
          :key="at"
          :transform="`translate(${piece.x} ${piece.y})`"
        >
          <path :d="ring(tray.radius, 0, 1)" class="wet" />
          <path :d="ring(tray.radius, 0, forecast.dry.high)" class="band" />
          <path :d="ring(tray.radius, 0, forecast.dry.low)" class="dry" />
          <circle :r="tray.radius * 0.74" :fill="colors[0]" class="piece" />
          <path
            v-if="colors[1]"
            :d="`M${-tray.radius * 0.74} 0a${tray.radius * 0.74} ${tray.radius * 0.74} 0 0 0 ${tray.radius * 1.48} 0z`"
            :fill="colors[1]"
            class="piece"
          />
          <g v-if="hasMarked && i === 0 && at === 0">
            <rect x="-18" y="-7" width="36" height="14" rx="2" class="flag" />
            <text class="mark" font-size="9" dy="0.34em">marked</text>
          </g>
        </g>
      </g>
    </g>
    <g v-if="isLoose">
      <rect
        v-for="(grain, i) in grains"
        :key="i"
        :x="grain.x"
        :y="grain.y"
        width="3.4"
        height="3.4"
        class="grain"
        :class="{ done: i / grains.length < forecast.dry.best }"
      />
    </g>
  </svg>
</template>

<style scoped>
svg {
  display: block;
  width: 100%;
}
.tray {
  fill: var(--paper);
  stroke: var(--ink);
  stroke-width: 1.6;
}
.wet {
  fill: var(--hairline);
}
.band {
  fill: var(--verdigris-mid);
}
.dry {
  fill: var(--verdigris);
}
.piece {
  stroke: var(--drawn-ink);
  stroke-width: 0.9;
}
.flag {
  fill: #fffdf7;
}
.mark {
  fill: var(--drawn-ink);
  font-weight: 700;
  text-anchor: middle;
}
.grain {
  fill: none;
  stroke: var(--mid);
  stroke-width: 0.8;
}
.grain.done {
  fill: var(--verdigris);
  stroke: none;
}
</style>
