<script setup lang="ts">
import { SIDES } from '@/shared/places';
import { defineAsyncComponent } from 'vue';
import type { Evaluation } from '@/core/results/evaluation/types';
import type { FormulaBody } from '@/core/formula/model/schema';
import { deferred } from '@/shared/deferred';
import AppTabs from '@/ui/kit/AppTabs.vue';

defineProps<{ body: FormulaBody; evaluation: Evaluation }>();

/** Looked at first when first needed: their code loads then. */
const VIEWS = {
  piece: deferred(() => import('./views/PieceView.vue')),
  steps: defineAsyncComponent(() => import('./views/FlowView.vue')),
  scent: defineAsyncComponent(() => import('./views/ScentView.vue')),
  color: defineAsyncComponent(() => import('./views/ColorView.vue')),
  tub: defineAsyncComponent(() => import('./views/TubView.vue')),
  rebalance: defineAsyncComponent(() => import('./views/RebalanceView.vue')),
  versions: defineAsyncComponent(() => import('./views/VersionsView.vue')),
};

/** Views that are given the readings; the others need only the formula. */
const READS_READINGS: ReadonlySet<string> = new Set(['piece', 'scent', 'versions']);
const shown = defineModel<keyof typeof VIEWS>({ required: true });
</script>

<template>
  <div>
    <AppTabs v-model="shown" label="Views of the formula" :items="SIDES.formula" class="views" />
    <div class="view">
      <component
        :is="VIEWS[shown]"
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
