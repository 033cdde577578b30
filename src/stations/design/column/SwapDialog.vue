<script setup lang="ts">
import AppDialog from '@/ui/kit/AppDialog.vue';
import { computed, ref, watch } from 'vue';
import { sameChemistryG } from '@/core/results/evaluation/swap';
import { allLines } from '@/core/formula/model/edit';
import type { FormulaBody, Line } from '@/core/formula/model/schema';
import { portionsOf } from '@/core/matter/materials/portion';
import { sayVeto } from '@/core/results/safety/messages';
import { vetoOf } from '@/core/results/safety/mayHold';
import { formatMass } from '@/core/basics/format/quantities';
import MaterialPicker from '@/ui/fields/MaterialPicker.vue';
import { useMaterials } from '@/ui/fields/materials';

const { catalog, materialOf, nameOf } = useMaterials();

const props = defineProps<{ line: Line | null; body: FormulaBody }>();
const emit = defineEmits<{ swap: [materialId: string, massG: number]; close: [] }>();

const materialId = ref<string | null>(null);
/** Grams that do the same chemistry, where both react on the same side. */
const chemistryG = computed(() =>
  props.line && materialId.value
    ? sameChemistryG(
        materialOf(props.line.materialId),
        props.line.massG,
        materialOf(materialId.value),
      )
    : null,
);
const keeps = ref<'mass' | 'chemistry'>('chemistry');
const massG = computed(() =>
  keeps.value === 'chemistry' && chemistryG.value !== null
    ? Number(chemistryG.value.toFixed(2))
    : (props.line?.massG ?? 0),
);
/** What speaks against it beside all that stays; empty for nothing. */
const veto = computed(() => {
  if (!props.line || materialId.value === null) return '';
  const rest = allLines(props.body).filter(({ id }) => id !== props.line?.id);
  const material = materialOf(materialId.value);
  const found = vetoOf(portionsOf(catalog.value, rest), material, props.body.family);
  return found ? sayVeto(found, material.sentenceName) : '';
});
const name = computed(() => (props.line ? nameOf(props.line.materialId) : ''));

watch(
  () => props.line,
  () => {
    materialId.value = null;
  },
);
</script>

<template>
  <AppDialog
    :model-value="line !== null"
    label="Swap material"
    :title="line ? `Instead of ${name}` : ''"
    :width="440"
    @update:model-value="emit('close')"
    ><template v-if="line">
      <p class="quiet">Removes {{ formatMass(line.massG) }}. Choose what goes in.</p>
      <MaterialPicker v-model="materialId" label="Material" />
      <v-radio-group v-if="chemistryG !== null" v-model="keeps" label="Keep" hide-details>
        <v-radio value="chemistry" :label="`The fizz: ${formatMass(chemistryG)} fizzes as much`" />
        <v-radio value="mass" :label="`The weight: ${formatMass(line.massG)}`" />
      </v-radio-group>
      <p v-else-if="materialId" class="quiet">{{ formatMass(massG) }}, the same weight.</p>
      <p v-if="veto" role="alert" class="veto">{{ veto }}</p> </template
    ><template #actions>
      <v-btn variant="text" @click="emit('close')">Cancel</v-btn>
      <v-btn
        :disabled="materialId === null || veto !== ''"
        @click="materialId && emit('swap', materialId, massG)"
        >Swap</v-btn
      >
    </template></AppDialog
  >
</template>

<style scoped>
.veto {
  padding-left: 12px;
  border-left: 4px solid var(--rust);
}
</style>
