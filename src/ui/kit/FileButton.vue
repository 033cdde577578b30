<script setup lang="ts">
import { useTemplateRef } from 'vue';

defineOptions({ inheritAttrs: false });
/** A button that asks for files. The same file can be chosen again. */
defineProps<{
  /** The name of the field, to those who do not see it. */
  label: string;
  /** Kinds of file, as the browser knows them. */
  accept: string;
  disabled?: boolean;
  /** On a phone it opens the camera. */
  isCamera?: boolean;
}>();
const emit = defineEmits<{ files: [files: readonly File[]] }>();
const field = useTemplateRef<HTMLInputElement>('field');

function take(): void {
  if (!field.value) return;
  const files = [...(field.value.files ?? [])];
  field.value.value = '';
  if (files.length > 0) emit('files', files);
}
</script>

<template>
  <v-btn v-bind="$attrs" :disabled="disabled" @click="field?.click()"><slot /></v-btn>
  <input
    ref="field"
    type="file"
    class="visually-hidden"
    tabindex="-1"
    :aria-label="label"
    :accept="accept"
    :capture="isCamera ? 'environment' : undefined"
    @change="take"
  />
</template>
