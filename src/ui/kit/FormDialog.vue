<script setup lang="ts">
import { useId } from 'vue';
import AppDialog from './AppDialog.vue';
import AppForm from './AppForm.vue';
import ProblemLine from './ProblemLine.vue';

/** A few fields over the page: what is wrong with them in one line, a way back, and the act. */
defineProps<{
  title: string;
  /** Its name to those who do not see it; the title when left out. */
  label?: string;
  /** The word of the act. */
  keep: string;
  problem: string;
  width?: number;
}>();
const isOpen = defineModel<boolean>({ required: true });
const emit = defineEmits<{ submit: [] }>();
const id = useId();
</script>

<template>
  <AppDialog v-model="isOpen" :title="title" :label="label" :width="width ?? 460">
    <AppForm :id="id" class="fields" @submit="emit('submit')"><slot /></AppForm>
    <ProblemLine :problem="problem" />
    <slot name="below" />
    <template #actions>
      <slot name="also" />
      <v-btn variant="text" @click="isOpen = false">Cancel</v-btn>
      <v-btn variant="flat" type="submit" :form="id">{{ keep }}</v-btn>
    </template>
  </AppDialog>
</template>

<style scoped>
.fields {
  display: grid;
  gap: 12px;
  padding-top: 6px;
}
</style>
