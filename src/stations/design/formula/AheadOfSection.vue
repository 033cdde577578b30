<script setup lang="ts">
import { computed } from 'vue';
import type { FormulaBody } from '@/core/formula/model/schema';
import type { OwnMaterial } from '@/core/matter/materials/own';
import { catalogWith } from '@/core/matter/materials/catalog';
import { aheadOfInfusion, aheadOfPart, withAhead } from '@/core/workshop/shelf/madeAhead';
import { useDesignStore } from '@/stores/design';
import { useWorkshopStore } from '@/stores/workshop';
import MakeAheadDialog from '@/shared/MakeAheadDialog.vue';

/** A section of the formula becomes a jar on the shelf, and the formula takes its grams from the jar. */
const isOpen = defineModel<boolean>({ required: true });
const props = defineProps<{ body: FormulaBody; partId: string; formulaName: string }>();
const design = useDesignStore();
const workshop = useWorkshopStore();

const draft = computed(() => {
  const part = props.body.parts.find(({ id }) => id === props.partId);
  if (!part) return null;
  return aheadOfInfusion(part, workshop.catalog) ?? aheadOfPart(part, props.formulaName);
});

function made(own: OwnMaterial): void {
  const catalog = catalogWith([...workshop.materials.filter(({ id }) => id !== own.id), own]);
  design.change(withAhead(props.body, props.partId, own, catalog));
}
</script>

<template>
  <MakeAheadDialog v-model="isOpen" :draft="draft" @made="made" />
</template>
