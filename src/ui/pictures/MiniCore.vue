<script setup lang="ts">
import { computed } from 'vue';
import { allLines } from '@/core/formula/model/edit';
import type { FormulaBody } from '@/core/formula/model/schema';
import { MINERALS } from './minerals';
import { useMaterials } from '@/ui/fields/materials';

const { materialOf } = useMaterials();

/** A formula as a small core sample, for lists. */
const props = defineProps<{ body: FormulaBody }>();

const HEIGHT = 104;
const WIDTH = 40;
const strata = computed(() => {
  const lines = allLines(props.body);
  const total = lines.reduce((sum, line) => sum + line.massG, 0);
  let y = 0;
  return lines.map((line) => {
    const height = total > 0 ? (line.massG / total) * HEIGHT : 0;
    const stratum = {
      id: line.id,
      y,
      height,
      tint: MINERALS[materialOf(line.materialId).role].tint,
    };
    y += height;
    return stratum;
  });
});
</script>

<template>
  <svg :width="WIDTH" :height="HEIGHT" :viewBox="`0 0 ${WIDTH} ${HEIGHT}`" aria-hidden="true">
    <rect
      v-for="stratum in strata"
      :key="stratum.id"
      :y="stratum.y"
      :width="WIDTH"
      :height="stratum.height"
      :fill="stratum.tint"
      class="drawn"
      stroke-width="0.4"
    />
    <rect
      x="0.5"
      y="0.5"
      :width="WIDTH - 1"
      :height="HEIGHT - 1"
      fill="none"
      stroke="currentColor"
    />
  </svg>
</template>

<style scoped>
.drawn {
  stroke: var(--drawn-ink);
}
</style>
