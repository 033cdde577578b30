<script setup lang="ts">
import { computed } from 'vue';
import { standing } from '@/core/batches/records/summary';
import type { Batch } from '@/core/batches/records/schema';
import { batchFills } from '@/core/batches/trays/fills';
import { useTraysStore } from '@/stores/trays';
import { useWorkshopStore } from '@/stores/workshop';
import BatchPhotos from '@/shared/BatchPhotos.vue';
import CausesList from '@/ui/frame/CausesList.vue';
import DryingCurve from '@/ui/charts/DryingCurve.vue';
import { counted } from '@/core/basics/format/numbers';
import { formatMass } from '@/core/basics/format/quantities';

/** How the pieces of a batch came out: their fills, how they dried, what was wrong and why. */
const props = defineProps<{ batch: Batch }>();
const trays = useTraysStore();
const workshop = useWorkshopStore();

const forecast = computed(() =>
  props.batch.outcome === 'made' ? trays.forecastOf(props.batch, Date.now()) : null,
);
const weighings = computed(() => standing(props.batch, 'dried').length);
const causes = computed(() => trays.causesOf(props.batch, Date.now()));
const fills = computed(() => batchFills(props.batch, workshop.catalog).watch);
</script>

<template>
  <section v-if="forecast" aria-label="Filling, drying, inspection">
    <h2>Filling, drying, inspection</h2>
    <p v-if="fills">
      {{ counted(fills.count, 'piece') }} filled: mean {{ formatMass(fills.meanG, 1) }}, spread
      {{ formatMass(fills.sdG, 1) }}, planned {{ formatMass(batch.plan.pieceG, 1) }}.
    </p>
    <template v-if="weighings">
      <p class="quiet">You weighed the marked piece {{ counted(weighings, 'time') }}.</p>
      <DryingCurve :forecast="forecast" />
    </template>
    <template v-if="causes.length">
      <h3>Likely causes</h3>
      <CausesList :causes="causes" />
    </template>
    <BatchPhotos :batch="batch" />
  </section>
</template>

<style scoped>
section {
  margin-top: 22px;
}
h3 {
  margin: 12px 0 0;
  font-size: var(--text-lead);
}
p {
  margin: 4px 0;
}
</style>
