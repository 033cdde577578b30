<script setup lang="ts">
import { scaleLinear } from 'd3-scale';
import { computed, ref, useId } from 'vue';
import { embedMassG, type CrossSection } from '@/core/work/cross-section/crossSection';
import { describeMold, sideView } from '@/core/work/scaling/molds';
import { formatFixed } from '@/core/basics/format/numbers';
import { formatMass, formatMilliliters } from '@/core/basics/format/quantities';
import { moldOutline } from '@/ui/pictures/moldOutline';

/** One piece to scale, cut through its middle; the embed is pulled bigger or smaller by its edge. */
const props = defineProps<{ anatomy: CrossSection; isLoose: boolean }>();
const emit = defineEmits<{ embed: [massG: number]; step: [massG: number]; end: [] }>();

const WIDTH = 320;
const HEIGHT = 196;
const ROOM_PX = 168;
const LABEL_X = 196;
const LABEL_GAP = 26;
const STEP_G = 1;

const clipId = useId();
const svg = ref<SVGSVGElement | null>(null);
const isPulling = ref(false);

const size = computed(() => sideView(props.anatomy.mold));
const px = computed(() =>
  scaleLinear([0, Math.max(size.value.widthMm, size.value.heightMm)], [0, ROOM_PX]),
);
const width = computed(() => px.value(size.value.widthMm));
const height = computed(() => px.value(size.value.heightMm));
const left = computed(() => 4 + (ROOM_PX - width.value) / 2);
const bottom = computed(() => (HEIGHT + height.value) / 2);
const middle = computed(() => ({
  x: left.value + width.value / 2,
  y:
    props.anatomy.mold.shape === 'half-sphere'
      ? bottom.value - height.value * 0.42
      : bottom.value - height.value / 2,
}));
const outline = computed(() =>
  moldOutline(props.anatomy.mold, {
    left: left.value,
    bottom: bottom.value,
    width: width.value,
    height: height.value,
  }),
);
const embedPx = computed(() => px.value(props.anatomy.embed?.radiusMm ?? 0));
const mostEmbedPx = computed(() => 0.42 * Math.min(width.value, height.value));

const labels = computed(() => {
  const { shell, embed, onTop } = props.anatomy;
  const entries = [
    ...onTop.map((part) => ({ part, x: middle.value.x, y: bottom.value - height.value + 4 })),
    ...[...shell].reverse().map(({ part, fromHeight, toHeight }) => ({
      part,
      x: left.value + width.value * 0.86,
      y: bottom.value - height.value * ((fromHeight + toHeight) / 2),
    })),
    ...(embed ? [{ part: embed, x: middle.value.x + embedPx.value, y: middle.value.y }] : []),
  ].sort((a, b) => a.y - b.y);
  const first = Math.max(18, HEIGHT / 2 - ((entries.length - 1) * LABEL_GAP) / 2 - 18);
  return entries.map((entry, i) => ({ ...entry, labelY: first + i * LABEL_GAP }));
});

function wordFor(kind: string, name: string): string {
  if (kind !== 'main') return name;
  const { shell, embed } = props.anatomy;
  if (props.isLoose) return 'Salts';
  return shell.length === 1 && !embed ? 'Piece' : 'Shell';
}

function pull(event: PointerEvent): void {
  if (!isPulling.value || !svg.value) return;
  const box = svg.value.getBoundingClientRect();
  const x = ((event.clientX - box.left) / box.width) * WIDTH - middle.value.x;
  const y = ((event.clientY - box.top) / box.height) * HEIGHT - middle.value.y;
  const radiusPx = Math.min(mostEmbedPx.value, Math.max(2, Math.hypot(x, y)));
  emit('embed', embedMassG(px.value.invert(radiusPx), props.anatomy.densityGMl));
}

function begin(event: PointerEvent): void {
  isPulling.value = true;
  (event.currentTarget as Element).setPointerCapture(event.pointerId);
}

function end(): void {
  if (isPulling.value) emit('end');
  isPulling.value = false;
}

function pressKey(event: KeyboardEvent): void {
  const embed = props.anatomy.embed;
  const step = { ArrowUp: STEP_G, ArrowRight: STEP_G, ArrowDown: -STEP_G, ArrowLeft: -STEP_G }[
    event.key
  ];
  if (!embed || step === undefined) return;
  event.preventDefault();
  const most = embedMassG(px.value.invert(mostEmbedPx.value), props.anatomy.densityGMl);
  emit('step', Math.min(most, Math.max(STEP_G, embed.massG + step)));
}
</script>

<template>
  <svg
    ref="svg"
    class="cut"
    :viewBox="`0 0 ${WIDTH} ${HEIGHT}`"
    role="group"
    :aria-label="`${describeMold(anatomy.mold)}, cut open: ${formatMass(anatomy.pieceG)}`"
    @pointermove="pull"
  >
    <clipPath :id="clipId"><path :d="outline" /></clipPath>
    <g :clip-path="`url(#${clipId})`">
      <rect
        v-for="{ part, fromHeight, toHeight } in anatomy.shell"
        :key="part.partId"
        :x="left"
        :y="bottom - height * toHeight"
        :width="width"
        :height="height * (toHeight - fromHeight)"
        :fill="part.hex"
      />
      <path
        v-for="{ part, fromHeight } in anatomy.shell.slice(1)"
        :key="`seam ${part.partId}`"
        class="seam"
        :d="`M${left} ${bottom - height * fromHeight}h${width}`"
      />
    </g>
    <path :d="outline" class="outline" />
    <g v-for="part in anatomy.onTop" :key="part.partId" class="top">
      <circle
        v-for="i in 7"
        :key="i"
        :cx="middle.x + (i - 4) * width * 0.055"
        :cy="bottom - height * (0.965 - 0.012 * (i - 4) ** 2)"
        r="2.6"
        :fill="part.hex"
      />
    </g>
    <circle
      v-if="anatomy.embed"
      class="embed"
      :cx="middle.x"
      :cy="middle.y"
      :r="embedPx"
      :fill="anatomy.embed.hex"
      tabindex="0"
      role="slider"
      :aria-label="`${anatomy.embed.name} in a piece`"
      aria-valuemin="1"
      :aria-valuemax="Math.round(embedMassG(px.invert(mostEmbedPx), anatomy.densityGMl))"
      :aria-valuenow="Number(anatomy.embed.massG.toFixed(1))"
      :aria-valuetext="`${formatMass(anatomy.embed.massG)}`"
      @pointerdown="begin"
      @pointerup="end"
      @pointercancel="end"
      @keydown="pressKey"
    />
    <g v-for="{ part, x, y, labelY } in labels" :key="`label ${part.partId}`">
      <path class="leader" :d="`M${x} ${y}L${LABEL_X - 12} ${labelY - 5}h8`" />
      <text :x="LABEL_X" :y="labelY">
        {{ wordFor(part.kind, part.name) }}
        <tspan class="grams">{{ formatMass(part.massG) }}</tspan>
      </text>
    </g>
    <text :x="LABEL_X" :y="HEIGHT - 22" class="note">{{ describeMold(anatomy.mold) }}</text>
    <text :x="LABEL_X" :y="HEIGHT - 6" class="note">
      {{ formatMilliliters(anatomy.volumeMl, 0) }}, {{ formatFixed(anatomy.densityGMl, 2) }} g/mL
    </text>
  </svg>
</template>

<style scoped>
.cut {
  display: block;
  width: 100%;
  max-width: 340px;
  touch-action: none;
}
.outline {
  fill: none;
  stroke: var(--ink);
  stroke-width: 1.2;
}
.seam,
.leader {
  fill: none;
  stroke: var(--ink);
  stroke-width: 0.9;
}
.leader {
  stroke: var(--mid);
}
.top circle,
.embed {
  stroke: var(--drawn-ink);
  stroke-width: 0.9;
}
.embed {
  cursor: nwse-resize;
}
.embed:focus-visible {
  outline: none;
  stroke: var(--verdigris);
  stroke-width: 4;
}
text {
  fill: var(--ink);
  font-size: var(--text-small);
}
.grams {
  font-weight: 700;
}
.note {
  fill: var(--mid);
  font-size: var(--text-small);
}
</style>
