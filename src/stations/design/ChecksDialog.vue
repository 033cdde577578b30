<script setup lang="ts">
import type { Finding, Fix } from '@/core/results/evaluation/types';
import { addMass } from '@/core/formula/model/edit';
import { useDesignStore } from '@/stores/design';
import FindingsList from '@/ui/frame/FindingsList.vue';
import { useMaterials } from '@/ui/fields/materials';
import AppDialog from '@/ui/kit/AppDialog.vue';

/** Everything Rovack noticed about the formula, with what mends it. */
defineProps<{ findings: readonly Finding[] }>();
const isOpen = defineModel<boolean>({ required: true });
const design = useDesignStore();
const { materialOf } = useMaterials();

function fix({ materialId, massG }: Fix): void {
  if (design.body) design.change(addMass(design.body, materialOf(materialId), massG));
}
</script>

<template>
  <AppDialog v-model="isOpen" title="Checks" :width="640">
    <FindingsList :findings="findings" has-no-title @fix="fix" />
    <template #actions><v-btn @click="isOpen = false">Close</v-btn></template>
  </AppDialog>
</template>
