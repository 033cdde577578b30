<script setup lang="ts">
import AppDialog from './AppDialog.vue';

/** Asks before something goes for good: what happens, a way back, and the act. */
defineProps<{
  title: string;
  label?: string;
  /** The word of the act. */
  act: string;
  /** The word of the way back. */
  back?: string;
}>();
const isOpen = defineModel<boolean>({ required: true });
const emit = defineEmits<{ confirm: [] }>();
</script>

<template>
  <AppDialog v-model="isOpen" :title="title" :label="label" :width="440">
    <slot />
    <template #actions>
      <v-btn variant="text" @click="isOpen = false">{{ back ?? 'Cancel' }}</v-btn>
      <v-btn color="error" @click="emit('confirm')">{{ act }}</v-btn>
    </template>
  </AppDialog>
</template>
