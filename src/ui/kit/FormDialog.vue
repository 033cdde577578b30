<script setup lang="ts">
import { useId } from 'vue';
import AppDialog from './AppDialog.vue';
import AppForm from './AppForm.vue';
import ProblemLine from './ProblemLine.vue';

/** A few fields over the page: what is wrong with them in one line, a way back, and the act. */
withDefaults(
  defineProps<{
    title: string;
    /** Its name to those who do not see it; the title when left out. */
    label?: string;
    /** The word of the act. */
    keep: string;
    /** What was wrong with the last try. */
    problem?: string;
    /** What is still missing, in quiet words: the act waits for it. */
    missing?: string;
    width?: number;
    /** Two fields side by side; `wide` ones take a row. */
    isPaired?: boolean;
  }>(),
  { problem: '', missing: '', width: 460 },
);
const isOpen = defineModel<boolean>({ required: true });
const emit = defineEmits<{ submit: [] }>();
const id = useId();
</script>

<template>
  <AppDialog v-model="isOpen" :title="title" :label="label" :width="width">
    <AppForm :id="id" class="fields" :class="{ paired: isPaired }" @submit="emit('submit')">
      <slot />
    </AppForm>
    <ProblemLine :problem="problem" />
    <slot name="below" />
    <p v-if="missing" class="quiet" role="status">{{ missing }}</p>
    <template #actions>
      <slot name="also" />
      <v-btn variant="text" @click="isOpen = false">Cancel</v-btn>
      <v-btn variant="flat" type="submit" :form="id" :disabled="missing !== ''">{{ keep }}</v-btn>
    </template>
  </AppDialog>
</template>

<style scoped>
.fields {
  display: grid;
  gap: 12px;
  padding-top: 6px;
}
.paired {
  grid-template-columns: 1fr 1fr;
}
.paired :slotted(.wide) {
  grid-column: 1 / -1;
}
@media (max-width: 560px) {
  .paired {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
