<script setup lang="ts">
import { defineAsyncComponent, ref, useTemplateRef } from 'vue';

/** A button that opens a list of actions. The list itself is loaded and made only when it is first asked for. */
defineOptions({ inheritAttrs: false });
defineProps<{
  items: ReadonlyArray<{
    readonly value: string;
    readonly title: string;
    readonly subtitle?: string;
  }>;
}>();
const emit = defineEmits<{ choose: [value: string] }>();

const ActionList = defineAsyncComponent(() => import('./ActionList.vue'));
const button = useTemplateRef<HTMLButtonElement>('button');
const isOpen = ref(false);
const wasOpened = ref(false);

function toggle(): void {
  wasOpened.value = true;
  isOpen.value = !isOpen.value;
}
</script>

<template>
  <button
    ref="button"
    type="button"
    v-bind="$attrs"
    aria-haspopup="menu"
    :aria-expanded="isOpen"
    @click="toggle"
  >
    <slot />
  </button>
  <ActionList
    v-if="wasOpened && button"
    v-model="isOpen"
    :items="items"
    :target="button"
    @choose="(value) => emit('choose', value)"
  />
</template>

<style scoped>
button {
  padding: 0;
  border: 0;
  background: none;
  color: inherit;
  font: inherit;
  cursor: pointer;
}
</style>
