<script setup lang="ts">
/** A sheet over the page: its title, what it holds, and its buttons. */
withDefaults(
  defineProps<{
    title: string;
    /** Its name to those who do not see it; the title when left out. */
    label?: string;
    /** At most so wide, px. */
    width?: number;
  }>(),
  { width: 480 },
);
const isOpen = defineModel<boolean>({ required: true });
</script>

<template>
  <v-dialog v-model="isOpen" :max-width="width" :aria-label="label ?? title">
    <v-card>
      <v-card-title>{{ title }}</v-card-title>
      <v-card-text><slot /></v-card-text>
      <v-card-actions v-if="$slots.actions"><slot name="actions" /></v-card-actions>
    </v-card>
  </v-dialog>
</template>
