<script setup lang="ts">
import { defineAsyncComponent } from 'vue';
import type { Evaluation } from '@/core/results/evaluation/types';
import type { FormulaBody } from '@/core/formula/model/schema';
import { deferred } from '@/shared/deferred';
import { useAddressTab } from '@/shared/useAddress';
import AppTabs from '@/ui/kit/AppTabs.vue';

defineProps<{ body: FormulaBody; evaluation: Evaluation }>();

/** Looked at first when first needed: their code loads then. */
const VIEWS = [
  {
    value: 'piece',
    word: 'Piece',
    is: deferred(() => import('./views/PieceView.vue')),
  },
  {
    value: 'steps',
    word: 'Steps',
    is: defineAsyncComponent(() => import('./views/FlowView.vue')),
  },
  {
    value: 'scent',
    word: 'Scent',
    is: defineAsyncComponent(() => import('./views/ScentView.vue')),
  },
  {
    value: 'color',
    word: 'Color',
    is: defineAsyncComponent(() => import('./views/ColorView.vue')),
  },
  {
    value: 'rebalance',
    word: 'Rebalance',
    is: defineAsyncComponent(() => import('./views/RebalanceView.vue')),
  },
  {
    value: 'versions',
    word: 'Versions',
    is: defineAsyncComponent(() => import('./views/VersionsView.vue')),
  },
] as const;

/** Views that are given the readings; the others need only the formula. */
const READS_READINGS: ReadonlySet<string> = new Set(['piece', 'scent', 'versions']);
const shown = useAddressTab(
  ['formula'],
  VIEWS.map(({ value }) => value),
  'piece',
);
</script>

<template>
  <div>
    <AppTabs v-model="shown" label="Views of the formula" :items="VIEWS" class="views" />
    <div class="view">
      <component
        :is="VIEWS.find(({ value }) => value === shown)?.is"
        v-bind="READS_READINGS.has(shown) ? { body, evaluation } : { body }"
      />
    </div>
  </div>
</template>

<style scoped>
.views {
  gap: 4px 9px;
  margin: -8px -8px 14px;
}
/* The place of the piece is kept until it comes, so that nothing under it moves. */
.view:empty {
  min-height: 485px;
}
</style>
