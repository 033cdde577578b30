<script setup lang="ts">
/** A day, or none. */
const day = defineModel<string | null>({ required: true });
defineProps<{ label: string }>();
</script>

<template>
  <v-text-field
    type="date"
    :label="label"
    :model-value="day ?? ''"
    @update:model-value="
      (value: string) => (day = /^\d{4}-\d{2}-\d{2}$/.test(value) ? value : null)
    "
  />
</template>
