<script setup lang="ts">
import { scaleLinear } from 'd3-scale';
import { computed, useId } from 'vue';
import { crossSectionOf } from '@/core/work/cross-section/crossSection';
import type { FormulaBody } from '@/core/formula/model/schema';
import { describeMold, moldVolumeMl, sideView } from '@/core/work/scaling/molds';
import type { Mold } from '@/core/work/scaling/moldSchema';
import { counted } from '@/core/basics/format/numbers';
import {
  formatLengths,
  formatMass,
  formatMassRange,
  formatMilliliters,
} from '@/core/basics/format/quantities';
import { useMaterials } from '@/ui/fields/materials';
import { moldOutline } from '@/ui/pictures/moldOutline';

/** The piece cut open, to scale against a 50 mm rule: its colors, its embed, its grams. */
const props = defineProps<{
  mold: Mold;
  body: FormulaBody;
  pieceG: number | null;
  lowG: number | null;
  highG: number | null;
  /** Own fills by this way of forming. */
  records: number;
}>();

const { catalog } = useMaterials();
const WIDTH = 330;
const HEIGHT = 150;
const FLOOR = HEIGHT - 26;
const RULE_MM = 50;

const clipId = useId();
const size = computed(() => sideView(props.mold));
const px = computed(() => {
  const largestMm = Math.max(
    size.value.heightMm / (HEIGHT - 34),
    (size.value.widthMm + RULE_MM + 30) / WIDTH,
  );
  return scaleLinear([0, 1], [0, Math.min(1.6, 1 / largestMm)]);
});
const width = computed(() => px.value(size.value.widthMm));
const height = computed(() => px.value(size.value.heightMm));
const shape = computed(() =>
  moldOutline(props.mold, { left: 2, bottom: FLOOR, width: width.value, height: height.value }),
);
const anatomy = computed(() => crossSectionOf(props.body, props.mold, catalog.value));
const rulePx = computed(() => px.value(RULE_MM));
</script>

<template>
  <figure>
    <svg
      :viewBox="`0 0 ${WIDTH} ${HEIGHT}`"
      role="img"
      :aria-label="`${describeMold(mold)}, cross section`"
    >
      <clipPath :id="clipId"><path :d="shape" /></clipPath>
      <g v-if="anatomy" :clip-path="`url(#${clipId})`">
        <rect
          v-for="layer in anatomy.shell"
          :key="layer.part.partId"
          x="0"
          :y="FLOOR - height * layer.toHeight"
          :width="width + 4"
          :height="height * (layer.toHeight - layer.fromHeight)"
          :fill="layer.part.hex"
        />
        <circle
          v-if="anatomy.embed"
          :cx="2 + width / 2"
          :cy="FLOOR - height * (mold.shape === 'half-sphere' ? 0.42 : 0.5)"
          :r="px(anatomy.embed.radiusMm)"
          :fill="anatomy.embed.hex"
          class="embed"
        />
      </g>
      <path
        :d="shape"
        class="piece"
        :class="{ guessed: mold.shape === 'own-volume' && !mold.figure }"
      />
      <g :transform="`translate(${WIDTH - rulePx - 2} ${FLOOR})`" class="rule">
        <path :d="`M0 -6v6h${rulePx}v-6M${rulePx / 2} 0v-4`" />
        <text :x="rulePx / 2" y="16" text-anchor="middle">{{ formatLengths([RULE_MM]) }}</text>
      </g>
    </svg>
    <figcaption>
      <b class="figure">{{ pieceG === null ? '–' : formatMass(pieceG) }}</b> a piece,
      {{ formatMilliliters(moldVolumeMl(mold), 1) }}
      <span v-if="lowG !== null && highG !== null && highG > lowG" class="quiet"
        >· {{ formatMassRange(lowG, highG) }} by how firmly you pack,
        <template v-if="records">from {{ counted(records, 'fill') }} of yours</template
        ><template v-else>until you weigh your own fills</template></span
      >
    </figcaption>
  </figure>
</template>

<style scoped>
figure {
  margin: 16px 0 0;
}
.piece {
  fill: none;
  stroke: var(--ink);
  stroke-width: 1.2;
}
.embed {
  stroke: var(--drawn-ink);
  stroke-dasharray: 3 3;
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
  font-size: var(--text-small);
}
.figure {
  font-size: var(--text-title);
}
</style>
