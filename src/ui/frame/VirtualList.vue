<script setup lang="ts" generic="T extends { readonly id: string }">
import { useVirtualizer } from '@tanstack/vue-virtual';
import { computed, ref, watch } from 'vue';

/** A long list of which only what is in sight is drawn. One row is chosen; arrows walk, Home and End jump. */
const props = defineProps<{
  items: readonly T[];
  rowPx: number;
  label: string;
  /** Height of the list, CSS. */
  height: string;
}>();
const chosenId = defineModel<string | null>({ required: true });
defineSlots<{ default(row: { item: T }): unknown }>();

const frame = ref<HTMLElement | null>(null);
const virtual = useVirtualizer(
  computed(() => ({
    count: props.items.length,
    getScrollElement: () => frame.value,
    estimateSize: () => props.rowPx,
    overscan: 8,
  })),
);
const rows = computed(() =>
  virtual.value.getVirtualItems().flatMap(({ index, start }) => {
    const item = props.items[index];
    return item ? [{ item, index, start }] : [];
  }),
);
const chosenIndex = computed(() => props.items.findIndex(({ id }) => id === chosenId.value));

function walk(event: KeyboardEvent): void {
  const last = props.items.length - 1;
  const from = chosenIndex.value;
  const to: Readonly<Record<string, number>> = {
    ArrowDown: Math.min(last, from + 1),
    ArrowUp: Math.max(0, from - 1),
    Home: 0,
    End: last,
    PageDown: Math.min(last, from + 10),
    PageUp: Math.max(0, from - 10),
  };
  const next = to[event.key];
  const item = next === undefined ? undefined : props.items[next];
  if (next === undefined || !item) return;
  event.preventDefault();
  chosenId.value = item.id;
  virtual.value.scrollToIndex(next);
}

// What is chosen from elsewhere comes into sight.
watch(chosenIndex, (index) => {
  if (index >= 0) virtual.value.scrollToIndex(index, { align: 'auto' });
});
</script>

<template>
  <div
    ref="frame"
    class="list"
    role="listbox"
    tabindex="0"
    :aria-label="label"
    :aria-activedescendant="chosenIndex >= 0 ? `row-${chosenId}` : undefined"
    :style="{ height }"
    @keydown="walk"
  >
    <div class="inside" role="presentation" :style="{ height: `${virtual.getTotalSize()}px` }">
      <div
        v-for="row in rows"
        :id="`row-${row.item.id}`"
        :key="row.item.id"
        class="row"
        role="option"
        :aria-selected="row.item.id === chosenId"
        :aria-setsize="items.length"
        :aria-posinset="row.index + 1"
        :style="{ height: `${rowPx}px`, transform: `translateY(${row.start}px)` }"
        @click="chosenId = row.item.id"
      >
        <slot :item="row.item" />
      </div>
    </div>
  </div>
</template>

<style scoped>
.list {
  overflow-y: auto;
  border-top: 1px solid var(--hairline);
  border-bottom: 1px solid var(--hairline);
}
.list:focus-visible {
  outline: 2px solid var(--verdigris);
}
.inside {
  position: relative;
}
.row {
  position: absolute;
  top: 0;
  left: 0;
  width: 100%;
  cursor: pointer;
  border-bottom: 1px solid var(--hairline);
}
.row:hover {
  background: var(--paper);
}
.row[aria-selected='true'] {
  background: var(--verdigris-soft);
}
.row[aria-selected='true'] :deep(span) {
  color: var(--ink);
}
</style>
