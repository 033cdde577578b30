<script setup lang="ts">
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
  <v-dialog
    :model-value="formula !== null"
    max-width="440"
    aria-label="Remove a formula"
    @update:model-value="formula = null"
  >
    <v-card v-if="formula">
      <v-card-title>Remove {{ formula.name }}?</v-card-title>
      <v-card-text
        >The formula and its versions go. Batches made from it keep their own copy in the
        Almanac.</v-card-text
      >
      <v-card-actions>
        <v-btn variant="text" @click="formula = null">Keep it</v-btn>
        <v-btn color="error" @click="remove">Remove it</v-btn>
      </v-card-actions>
    </v-card>
  </v-dialog>
</template>
