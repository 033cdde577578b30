<script setup lang="ts">
import { computed, useId } from 'vue';
import { crossSectionOf } from '@/core/work/cross-section/crossSection';
import type { FormulaBody } from '@/core/formula/model/schema';
import { sideView } from '@/core/work/scaling/molds';
import type { Mold } from '@/core/work/scaling/moldSchema';
import { useMaterials } from '@/ui/fields/materials';
import { moldOutline } from './moldOutline';

/** A formula's piece in its own colors, for lists; small molds stay small beside large ones. */
const props = defineProps<{ body: FormulaBody; mold: Mold }>();

const { catalog } = useMaterials();
const SIZE = 64;
const LARGEST_MM = 80;
const clipId = useId();

const anatomy = computed(() => crossSectionOf(props.body, props.mold, catalog.value));
const view = computed(() => {
  const { widthMm, heightMm } = sideView(props.mold);
  const px = SIZE / Math.max(LARGEST_MM, widthMm, heightMm);
  const [width, height] = [widthMm * px, heightMm * px];
  return { px, width, height, left: (SIZE - width) / 2, bottom: (SIZE + height) / 2 };
});
const outline = computed(() => moldOutline(props.mold, view.value));
</script>

<template>
  <svg :width="SIZE" :height="SIZE" :viewBox="`0 0 ${SIZE} ${SIZE}`" aria-hidden="true">
    <template v-if="anatomy">
      <clipPath :id="clipId"><path :d="outline" /></clipPath>
      <rect
        v-for="{ part, fromHeight, toHeight } in anatomy.shell"
        :key="part.partId"
        :clip-path="`url(#${clipId})`"
        :x="view.left"
        :y="view.bottom - view.height * toHeight"
        :width="view.width"
        :height="view.height * (toHeight - fromHeight)"
        :fill="part.hex"
      />
      <circle
        v-if="anatomy.embed"
        :cx="SIZE / 2"
        :cy="view.bottom - view.height / 2"
        :r="anatomy.embed.radiusMm * view.px"
        :fill="anatomy.embed.hex"
        class="drawn"
        stroke-width="0.6"
      />
    </template>
    <path :d="outline" fill="none" stroke="currentColor" stroke-width="1" />
  </svg>
</template>

<style scoped>
.drawn {
  stroke: var(--drawn-ink);
}
</style>
