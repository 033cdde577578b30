<script setup lang="ts">
import { habits } from '@/core/basics/format/habits';
import ProblemLine from '@/ui/kit/ProblemLine.vue';
import { defineAsyncComponent, ref } from 'vue';
import { readChosenAmount } from '@/core/formula/reading/readChosenAmount';
import type { Material } from '@/core/matter/materials/material';
import type { Spread } from '@/core/basics/units/spread';
import { useWorkshopStore } from '@/stores/workshop';
import { searchMaterials } from '@/core/matter/materials/names/search';
import { useActions } from '@/ui/actions/useActions';
import MaterialPicker from '@/ui/fields/MaterialPicker.vue';
import { useMaterials } from '@/ui/fields/materials';

const NewMaterialDialog = defineAsyncComponent(() => import('@/shared/NewMaterialDialog.vue'));
const emit = defineEmits<{ add: [material: Material, amountG: Spread] }>();

const { findById } = useMaterials();
const workshop = useWorkshopStore();
const materialId = ref<string | null>(null);
const amount = ref('');
const problem = ref('');
/** A material that is not on file is made on the spot, by what it is like. */
const isMaking = ref(false);
const newName = ref('');

function make(name: string): void {
  newName.value = name;
  isMaking.value = true;
}

function add(): void {
  const chosen = readChosenAmount(
    findById(materialId.value ?? '') ?? null,
    amount.value,
    workshop.smallMeasures,
  );
  if (!chosen.ok) {
    problem.value = chosen.problem;
    return;
  }
  emit('add', chosen.value.material, chosen.value.massG);
  materialId.value = null;
  amount.value = '';
  problem.value = '';
}
/** “add 5 g of kaolin” in the search: a number with its unit, and the material that is meant. */
const ASKED = /^add\s+([\d.,/½¼¾⅓⅔]+\s*\p{L}*)\s+(?:of\s+)?(.+)$/iu;
useActions(
  () => [],
  (text) => {
    const [, said = '', name = ''] = ASKED.exec(text) ?? [];
    const [material = null] = name === '' ? [] : searchMaterials(workshop.catalog, name);
    const chosen = readChosenAmount(material, said, workshop.smallMeasures);
    if (!chosen.ok) return [];
    const run = () => emit('add', chosen.value.material, chosen.value.massG);
    return [{ name: `Add ${said.trim()} of ${chosen.value.material.sentenceName}`, run }];
  },
);
</script>

<template>
  <form class="add" aria-label="Add a material" @submit.prevent="add">
    <MaterialPicker
      v-model="materialId"
      label="Add a material"
      can-make
      class="picker"
      @make="make"
    />
    <v-text-field
      v-model="amount"
      label="Amount"
      :placeholder="habits().units === 'us' ? '3 oz or 2 tbsp' : '85 g or 2 tbsp'"
      persistent-placeholder
      class="amount"
      autocomplete="off"
    />
    <v-btn type="submit">Add</v-btn>
    <ProblemLine :problem="problem" />
    <NewMaterialDialog
      v-if="isMaking"
      v-model="isMaking"
      :named="newName"
      @added="(id) => (materialId = id)"
    />
  </form>
</template>

<style scoped>
.add {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  align-items: flex-start;
}
.picker {
  flex: 1 1 190px;
}
.amount {
  flex: 0 0 140px;
}
.problem {
  flex-basis: 100%;
  margin: 0;
  color: var(--rust);
}
</style>
