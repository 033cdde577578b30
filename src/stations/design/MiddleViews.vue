<script setup lang="ts">
import { defineAsyncComponent, ref } from 'vue';
import type { Evaluation } from '@/core/evaluation';
import type { FormulaBody } from '@/core/formula';

defineProps<{ body: FormulaBody; evaluation: Evaluation }>();

/** Looked at first when first needed: their code loads then. */
const VIEWS = [
  { id: 'piece', word: 'Piece', is: defineAsyncComponent(() => import('./views/PieceView.vue')) },
  { id: 'scent', word: 'Scent', is: defineAsyncComponent(() => import('./views/ScentView.vue')) },
  { id: 'color', word: 'Color', is: defineAsyncComponent(() => import('./views/ColorView.vue')) },
  {
    id: 'rebalance',
    word: 'Rebalance',
    is: defineAsyncComponent(() => import('./views/RebalanceView.vue')),
  },
  {
    id: 'versions',
    word: 'Versions',
    is: defineAsyncComponent(() => import('./views/VersionsView.vue')),
  },
] as const;

/** Views that are given the readings; the others need only the formula. */
const READS_READINGS: ReadonlySet<string> = new Set(['piece', 'scent', 'versions']);
const shown = ref<(typeof VIEWS)[number]['id']>('piece');
</script>

<template>
  <div>
    <nav class="views" aria-label="Look at">
      <button
        v-for="view in VIEWS"
        :key="view.id"
        type="button"
        :aria-pressed="shown === view.id"
        @click="shown = view.id"
      >
        {{ view.word }}
      </button>
    </nav>
    <component
      :is="VIEWS.find(({ id }) => id === shown)?.is"
      v-bind="READS_READINGS.has(shown) ? { body, evaluation } : { body }"
    />
  </div>
</template>

<style scoped>
.views {
  display: flex;
  flex-wrap: wrap;
  gap: 2px 10px;
  margin: -8px 0 14px;
}
.views button {
  min-height: 36px;
  padding: 0;
  border: 0;
  border-bottom: 3px solid transparent;
  background: none;
  color: var(--mid);
  font: inherit;
  font-size: 14px;
  cursor: pointer;
}
.views button[aria-pressed='true'] {
  border-color: var(--verdigris);
  color: var(--ink);
  font-weight: 700;
}
</style>
