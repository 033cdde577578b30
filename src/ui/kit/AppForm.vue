<script setup lang="ts">
import { useTemplateRef } from 'vue';
import { VForm } from 'vuetify/components/VForm';

/** A form whose fields tell it by themselves whether they hold what they ask for: nothing is done with a figure before. */
const fits = defineModel<boolean>('fits', { default: true });
const emit = defineEmits<{ submit: [] }>();
const form = useTemplateRef('form');

function submit(): void {
  if (fits.value) emit('submit');
  else focusFirstError(form.value?.$el);
}

function focusFirstError(within?: HTMLElement): void {
  within?.querySelector<HTMLInputElement>('.v-input--error input')?.focus();
}
</script>

<template>
  <VForm
    ref="form"
    @update:model-value="(isValid) => (fits = isValid !== false)"
    @submit.prevent="submit"
  >
    <slot />
  </VForm>
</template>
