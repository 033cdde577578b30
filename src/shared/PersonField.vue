<script setup lang="ts">
import { useWorkshopStore } from '@/stores/workshop';

/** Who does it: one of the people here, or any other name. */
const name = defineModel<string>({ required: true });
defineProps<{ label: string }>();
const workshop = useWorkshopStore();
</script>

<template>
  <v-combobox
    :model-value="name"
    :items="workshop.settings.makers"
    :label="label"
    maxlength="60"
    @update:model-value="(next: string | null) => (name = (next ?? '').trim().slice(0, 60))"
  />
</template>
