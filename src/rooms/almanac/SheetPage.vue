<script setup lang="ts">
import { toBatch } from '@/shared/addresses';
import { computed } from 'vue';
import { conditionsOfBatch } from '@/core/workshop/settings/conditionsFor';
import { evaluate } from '@/core/results/evaluation/evaluate';
import { warningsOf } from '@/core/results/evaluation/warnings';
import { useWorkshopStore } from '@/stores/workshop';
import BenchSheet from '@/ui/paper/BenchSheet.vue';
import PageHeader from '@/shared/PageHeader.vue';
import SheetActions from '@/ui/paper/SheetActions.vue';
import { moldsOfBatch } from '@/core/batches/records/moldsOfBatch';
import { useShelfStore } from '@/stores/shelf';
import { useBatchAt } from './useBatchAt';
import { sheetOf } from '@/ui/paper/sheet';

/** The bench sheet of a batch, for paper. */
const props = defineProps<{ code: string }>();
const workshop = useWorkshopStore();
const shelf = useShelfStore();

const { batch } = useBatchAt('sheet', () => props.code);
const sheet = computed(() => {
  const of = batch.value;
  if (!of) return null;
  return sheetOf({
    catalog: workshop.catalog,
    formulaName: of.formulaName,
    version: `version ${of.versionNumber}`,
    body: of.body,
    molds: moldsOfBatch(of, shelf.shelfMold),
    steps: of.steps,
    pieces: of.plan.pieces,
    pieceG: of.plan.pieceG,
    totalG: of.plan.totalG,
    bowl: null,
    day: of.startedAt,
    code: of.code,
    link: `${location.origin}/batches/${encodeURIComponent(of.code)}`,
    warnings: warningsOf(evaluate(of.body, conditionsOfBatch(workshop.facts, of))),
    isPractice: workshop.usesPracticeScale(of),
    isOwnUse: of.isOwnUse ?? false,
  });
});
</script>

<template>
  <div>
    <PageHeader class="no-print" :thing="batch ? `Bench sheet ${batch.code}` : 'Batch not found'">
      <template #title>
        <h1>{{ batch ? `Bench sheet ${batch.code}` : 'Batch not found' }}</h1>
      </template>
      <template #sub>{{ batch?.formulaName ?? 'The batch may have been removed' }}</template>
      <template #actions>
        <SheetActions v-if="sheet" :sheet="sheet" />
        <v-btn v-if="batch?.outcome === 'at-the-bench'" variant="flat" :to="{ name: 'make' }"
          >Continue at the bench</v-btn
        >
        <v-btn v-else-if="batch" :to="toBatch(batch.code)">Open the record</v-btn>
      </template>
    </PageHeader>
    <div class="page"><BenchSheet v-if="sheet" :sheet="sheet" /></div>
  </div>
</template>

<style scoped>
.page {
  padding: 20px 24px;
}
@media print {
  .page {
    padding: 0;
  }
}
</style>
