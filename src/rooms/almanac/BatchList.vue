<script setup lang="ts">
import { useWindowVirtualizer } from '@tanstack/vue-virtual';
import { watchDebounced } from '@vueuse/core';
import { computed, useTemplateRef, type ComponentPublicInstance } from 'vue';
import type { FindableBatch } from '@/core/goods/archive/findBatches';
import { useAlmanacStore } from '@/stores/almanac';
import { useWorkshopStore } from '@/stores/workshop';
import BatchFilters from './BatchFilters.vue';
import AlmanacRow from './AlmanacRow.vue';
import type { Told } from './told';

/** Every batch, the newest first, and the way to find one. */
const workshop = useWorkshopStore();
const almanac = useAlmanacStore();
const hot = computed(() => new Map(workshop.batches.map((batch) => [batch.id, batch])));
const found = computed(() => almanac.found);
/** A row as it is told: the record itself where it is at hand. */
const toldOf = ({ digest }: FindableBatch): Told => ({
  ...digest,
  batch: hot.value.get(digest.id) ?? null,
});

/** A workshop may have thousands: what is in sight is drawn. */
const ROW_PX = 66;
/** As the browser laid them out: nobody asks it, which would lay the page out again for each row; it tells when one changes. */
const heights = new WeakMap<Element, number>();
function heightOf(row: Element, told: ResizeObserverEntry | undefined): number {
  const px = told?.borderBoxSize[0]?.blockSize ?? heights.get(row) ?? ROW_PX;
  heights.set(row, px);
  return px;
}
const list = useTemplateRef<HTMLElement>('list');
const virtual = useWindowVirtualizer(
  computed(() => {
    // Asked for ten thousand keys at once.
    const all = found.value;
    return {
      count: all.length,
      estimateSize: () => ROW_PX,
      overscan: 6,
      scrollMargin: list.value?.offsetTop ?? 0,
      getItemKey: (index: number) => all[index]?.digest.id ?? index,
      measureElement: heightOf,
    };
  }),
);
const rows = computed(() =>
  virtual.value.getVirtualItems().flatMap(({ index, start }) => {
    const one = found.value[index];
    return one
      ? [{ index, top: start - virtual.value.options.scrollMargin, told: toldOf(one) }]
      : [];
  }),
);
/** Rows that stood for so long are looked at, ms: a search goes by quicker. */
const LOOKED_AT_MS = 200;
/** The record of a past one is read when its row stays in sight: one reading for all that came together. */
watchDebounced(
  rows,
  (seen) => void workshop.loadBatches(seen.flatMap(({ told }) => (told.batch ? [] : [told.id]))),
  { immediate: true, debounce: LOOKED_AT_MS },
);
function measure(row: Element | ComponentPublicInstance | null): void {
  if (row instanceof Element) virtual.value.measureElement(row);
}
</script>

<template>
  <section aria-label="Batches">
    <BatchFilters />
    <p v-if="found.length === 0" class="quiet">
      No batch matches. <button type="button" class="link" @click="almanac.clear">Show all</button>
    </p>
    <ul ref="list" class="plain-list" :style="{ height: `${virtual.getTotalSize()}px` }">
      <!-- Another search puts other batches into the same rows: that is quicker than making rows. -->
      <li
        v-for="{ told, index, top } in rows"
        :key="index"
        :ref="measure"
        :data-index="index"
        :aria-setsize="found.length"
        :aria-posinset="index + 1"
        :style="{ transform: `translateY(${top}px)` }"
      >
        <AlmanacRow :told="told" />
      </li>
    </ul>
  </section>
</template>

<style scoped>
ul {
  position: relative;
}
li {
  position: absolute;
  inset: 0 0 auto;
}
</style>
