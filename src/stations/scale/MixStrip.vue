<script setup lang="ts">
import { computed } from 'vue';
import { sideView } from '@/core/work/scaling/molds';
import type { Mold } from '@/core/work/scaling/moldSchema';
import type { ScalePlan } from '@/core/work/scaling/plan';
import { counted, formatCount } from '@/core/basics/format/numbers';
import { formatMass } from '@/core/basics/format/quantities';
import { moldOutline } from '@/ui/pictures/moldOutline';

/** Where the mix goes: every piece drawn, then what is left over and what is lost, to scale by mass. */
const props = defineProps<{ plan: ScalePlan; mold: Mold }>();

const WIDTH = 760;
const ROW = 30;
const MOST_DRAWN = 96;
const BAR_Y = 8;

const size = computed(() => sideView(props.mold));
const each = computed(() => {
  const height = ROW - 6;
  const width = Math.min(ROW * 1.6, (height * size.value.widthMm) / size.value.heightMm);
  return { width, height: Math.min(height, (width * size.value.heightMm) / size.value.widthMm) };
});
const perRow = computed(() => Math.max(1, Math.floor(WIDTH / (each.value.width + 5))));
const drawn = computed(() => Math.min(MOST_DRAWN, props.plan.pieces));
const pieces = computed(() =>
  Array.from({ length: drawn.value }, (_, i) =>
    moldOutline(props.mold, {
      left: 1 + (i % perRow.value) * (each.value.width + 5),
      bottom: ROW * (Math.floor(i / perRow.value) + 1),
      ...each.value,
    }),
  ),
);
const rows = computed(() => Math.ceil(drawn.value / perRow.value));
const height = computed(() => rows.value * ROW + 34);
/** Widths of the bar by mass: pieces, left over, lost. */
const bar = computed(() => {
  const { totalG, leftoverG, lostG } = props.plan;
  const px = (massG: number) => (totalG > 0 ? (massG / totalG) * WIDTH : 0);
  const piecesPx = px(Math.max(0, totalG - leftoverG - lostG));
  return { piecesPx, leftPx: px(leftoverG), lostPx: px(lostG) };
});
const said = computed(
  () =>
    `${counted(props.plan.pieces, 'piece')} of ${formatMass(props.plan.pieceG)}, ${formatMass(props.plan.leftoverG)} left over, ${formatMass(props.plan.lostG)} lost`,
);
</script>

<template>
  <svg :viewBox="`0 0 ${WIDTH} ${height}`" role="img" :aria-label="said">
    <path v-for="(piece, i) in pieces" :key="i" :d="piece" class="piece" />
    <g :transform="`translate(0 ${rows * ROW + BAR_Y})`">
      <rect x="0" y="0" :width="bar.piecesPx" height="7" class="pieces" />
      <rect :x="bar.piecesPx" y="0" :width="bar.leftPx" height="7" class="left" />
      <rect :x="bar.piecesPx + bar.leftPx" y="0" :width="bar.lostPx" height="7" class="lost" />
      <text x="0" y="21">
        {{
          plan.pieces > drawn
            ? `${formatCount(drawn)} of ${formatCount(plan.pieces)} shown`
            : 'pieces'
        }}
      </text>
      <text :x="WIDTH" y="21" text-anchor="end">
        {{ formatMass(plan.leftoverG) }} left over · {{ formatMass(plan.lostG) }} lost
      </text>
    </g>
  </svg>
</template>

<style scoped>
svg {
  display: block;
  width: 100%;
  max-width: 760px;
  margin-bottom: 14px;
}
.piece {
  fill: var(--verdigris-soft);
  stroke: var(--ink);
  stroke-width: 0.9;
}
.pieces {
  fill: var(--verdigris);
}
.left {
  fill: var(--ochre-mark);
}
.lost {
  fill: none;
  stroke: var(--mid);
}
text {
  fill: var(--mid);
  font-size: var(--text-small);
}
</style>
