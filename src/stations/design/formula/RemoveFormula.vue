<script setup lang="ts">
import ConfirmDialog from '@/ui/kit/ConfirmDialog.vue';
import type { Formula } from '@/core/formula/model/schema';

/** The formula to be removed; null while nobody asked. */
const formula = defineModel<Formula | null>({ required: true });
const emit = defineEmits<{ remove: [id: string] }>();

function remove(): void {
  if (formula.value) emit('remove', formula.value.id);
  formula.value = null;
}
</script>

<template>
  <ConfirmDialog
    :model-value="formula !== null"
    label="Remove a formula"
    :title="formula ? `Remove ${formula.name}?` : ''"
    act="Remove"
    back="Cancel"
    @update:model-value="formula = null"
    @confirm="remove"
    ><template v-if="formula"
      >This removes the formula and its versions. Batches made from it keep their own copy in the
      Almanac.</template
    ></ConfirmDialog
  >
</template>
