<script setup lang="ts">
import { computed } from 'vue';
import type { Batch } from '@/core/batches/records/schema';
import { vesselAt } from '@/core/work/flow/vesselAt';
import { useMaterials } from '@/ui/fields/materials';
import VesselPicture from './VesselPicture.vue';

/** The vessel of a step of the batch at the bench; nothing where the work knows none. */
const props = defineProps<{ batch: Batch; stepId: string; isLow?: boolean }>();
const { catalog } = useMaterials();

const at = computed(() => {
  const { body, plan } = props.batch;
  const facts = {
    catalog: catalog.value,
    pieces: plan.pieces,
    bowlG: plan.totalG,
    weighG: new Map(plan.lines.map(({ lineId, targetG }) => [lineId, targetG])),
    counted: new Set<string>(),
  };
  return vesselAt(body, facts, props.stepId, catalog.value);
});
</script>

<template>
  <VesselPicture v-if="at" :at="at" :is-low="isLow" />
</template>
