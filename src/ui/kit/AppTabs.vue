<script setup lang="ts" generic="T extends string">
import { nextTick, useTemplateRef } from 'vue';

/** The sides of a screen, one of them open: arrow keys lead along, and they never take a second row. */
const props = defineProps<{
  items: ReadonlyArray<{ readonly value: T; readonly word: string }>;
  /** What they are sides of. */
  label: string;
}>();
const open = defineModel<T>({ required: true });
const strip = useTemplateRef<HTMLElement>('strip');

const STEPS: Readonly<Record<string, (at: number, last: number) => number>> = {
  ArrowRight: (at, last) => (at === last ? 0 : at + 1),
  ArrowLeft: (at, last) => (at === 0 ? last : at - 1),
  Home: () => 0,
  End: (_at, last) => last,
};

async function step(event: KeyboardEvent): Promise<void> {
  const at = props.items.findIndex(({ value }) => value === open.value);
  const to = STEPS[event.key]?.(at, props.items.length - 1);
  const item = to === undefined ? undefined : props.items[to];
  if (!item) return;
  event.preventDefault();
  open.value = item.value;
  await nextTick();
  strip.value?.querySelector<HTMLElement>('[aria-selected=true]')?.focus();
}
</script>

<template>
  <div ref="strip" class="tabs" role="tablist" :aria-label="label" @keydown="step">
    <button
      v-for="{ value, word } in items"
      :key="value"
      type="button"
      role="tab"
      :aria-selected="open === value"
      :tabindex="open === value ? 0 : -1"
      @click="open = value"
    >
      {{ word }}
    </button>
  </div>
</template>

<style scoped>
.tabs {
  display: flex;
  gap: 4px 18px;
  overflow-x: auto;
  scrollbar-width: none;
}
button {
  flex: none;
  min-height: 44px;
  padding: 0;
  border: 0;
  border-bottom: 3px solid transparent;
  background: none;
  color: var(--mid);
  font: inherit;
  font-size: var(--text-plain);
  white-space: nowrap;
  cursor: pointer;
}
button:focus-visible {
  outline-offset: -3px;
}
button[aria-selected='true'] {
  border-color: var(--verdigris);
  color: var(--ink);
  font-weight: 700;
}
</style>
