<script setup lang="ts">
import { scaleLinear } from 'd3-scale';
import { computed } from 'vue';
import { describeMold, moldVolumeMl, sideView, type Mold } from '@/core/scaling';
import { formatFixed, formatGrams } from '@/ui/format';
import { moldOutline } from '@/ui/moldOutline';

/** The piece seen from the side, to scale against a 50 mm rule. */
const props = defineProps<{
  mold: Mold;
  pieceG: number | null;
  lowG: number | null;
  highG: number | null;
  /** Own fills by this way of forming. */
  records: number;
}>();

const WIDTH = 330;
const HEIGHT = 150;
const RULE_MM = 50;

const size = computed(() => sideView(props.mold));
const px = computed(() => {
  const largestMm = Math.max(
    size.value.heightMm / (HEIGHT - 34),
    (size.value.widthMm + RULE_MM + 30) / WIDTH,
  );
  return scaleLinear([0, 1], [0, Math.min(1.6, 1 / largestMm)]);
});
const shape = computed(() =>
  moldOutline(props.mold, {
    left: 2,
    bottom: HEIGHT - 26,
    width: px.value(size.value.widthMm),
    height: px.value(size.value.heightMm),
  }),
);
const rulePx = computed(() => px.value(RULE_MM));
</script>

<template>
  <figure>
    <svg
      :viewBox="`0 0 ${WIDTH} ${HEIGHT}`"
      role="img"
      :aria-label="`${describeMold(mold)}, seen from the side`"
    >
      <path :d="shape" class="piece" :class="{ guessed: mold.shape === 'own-volume' }" />
      <g :transform="`translate(${WIDTH - rulePx - 2} ${HEIGHT - 26})`" class="rule">
        <path :d="`M0 -6v6h${rulePx}v-6M${rulePx / 2} 0v-4`" />
        <text :x="rulePx / 2" y="16" text-anchor="middle">50 mm</text>
      </g>
    </svg>
    <figcaption>
      <b class="figure">{{ pieceG === null ? '–' : formatGrams(pieceG) }} g</b> a piece,
      {{ formatFixed(moldVolumeMl(mold), 1) }} mL
      <span v-if="lowG !== null && highG !== null" class="quiet"
        >· {{ formatGrams(lowG) }} to {{ formatGrams(highG) }} g by how firmly it is packed,
        {{ records ? `from ${records} of your own fills` : 'until you weigh your own' }}</span
      >
    </figcaption>
  </figure>
</template>

<style scoped>
figure {
  margin: 20px 0 0;
}
.piece {
  fill: var(--verdigris-soft);
  stroke: var(--ink);
  stroke-width: 1.2;
}
.guessed {
  stroke-dasharray: 5 4;
}
.rule path {
  fill: none;
  stroke: var(--mid);
}
text {
  fill: var(--mid);
  font-size: 12px;
}
.figure {
  font-size: 20px;
}
</style>
