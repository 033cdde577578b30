<script setup lang="ts">
import { ref, watch } from 'vue';

/** A sheet over the page: its title, what it holds, and its buttons. */
const props = withDefaults(
  defineProps<{
    title: string;
    /** Its name to those who do not see it; the title when left out. */
    label?: string;
    /** At most so wide, px. */
    width?: number;
    /** Its first field takes the keys at once. */
    startsTyping?: boolean;
  }>(),
  { width: 480 },
);
const isOpen = defineModel<boolean>({ required: true });
const sheet = ref<{ $el: HTMLElement }>();

/** Not by the fields' own autofocus: a sheet asked for again on its way out never left the view. */
const takeKeys = (): void =>
  sheet.value?.$el.querySelector<HTMLElement>('input, textarea')?.focus();
watch(isOpen, (open) => open && props.startsTyping && takeKeys(), { flush: 'post' });

function settled(): void {
  if (!props.startsTyping) return;
  const active = document.activeElement;
  if (active instanceof HTMLInputElement && sheet.value?.$el.contains(active)) return;
  takeKeys();
}
</script>

<template>
  <v-dialog v-model="isOpen" :max-width="width" :aria-label="label ?? title" @after-enter="settled">
    <v-card ref="sheet">
      <v-card-title>{{ title }}</v-card-title>
      <v-card-text><slot /></v-card-text>
      <v-card-actions v-if="$slots.actions"><slot name="actions" /></v-card-actions>
    </v-card>
  </v-dialog>
</template>
