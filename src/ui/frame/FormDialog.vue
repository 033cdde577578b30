<script setup lang="ts">
import { useId } from 'vue';
import AppForm from '@/ui/kit/AppForm.vue';

/** A few fields over the page: what is wrong with them in one line, a way back, and the deed. */
defineProps<{
  title: string;
  /** Its name to those who do not see it; the title when left out. */
  label?: string;
  /** The word of the deed. */
  keep: string;
  problem: string;
}>();
const isOpen = defineModel<boolean>({ required: true });
const emit = defineEmits<{ submit: [] }>();
const id = useId();
</script>

<template>
  <v-dialog v-model="isOpen" max-width="460" :aria-label="label ?? title">
    <v-card>
      <v-card-title>{{ title }}</v-card-title>
      <v-card-text>
        <AppForm :id="id" class="fields" @submit="emit('submit')"><slot /></AppForm>
        <p v-if="problem" role="alert" class="problem">{{ problem }}</p>
        <slot name="below" />
      </v-card-text>
      <v-card-actions>
        <slot name="also" />
        <v-btn variant="text" @click="isOpen = false">Cancel</v-btn>
        <v-btn variant="flat" type="submit" :form="id">{{ keep }}</v-btn>
      </v-card-actions>
    </v-card>
  </v-dialog>
</template>

<style scoped>
.fields {
  display: grid;
  gap: 12px;
  padding-top: 6px;
}
.problem {
  color: var(--rust);
}
</style>
