<script setup lang="ts">
import { useWindowVirtualizer } from '@tanstack/vue-virtual';
import { computed, ref, useTemplateRef, type ComponentPublicInstance } from 'vue';
import { FAMILY_WORDS } from '@/core/formula';
import { useWorkshopStore } from '@/stores/workshop';
import PageHeader from '@/shared/PageHeader.vue';
import { counted } from '@/core/words';
import AlmanacRow from './AlmanacRow.vue';
import type { Told } from './told';

const workshop = useWorkshopStore();
const query = ref('');

/** Every batch, the newest first, and what it is found by. */
const all = computed(() =>
  [
    ...workshop.past.map((past): Told => ({ ...past, batch: null })),
    ...workshop.batches.map((batch): Told => ({
      ...batch,
      family: batch.body.family,
      totalG: batch.plan.totalG,
      batch,
    })),
  ]
    .map((told) => ({
      told,
      startMs: Date.parse(told.startedAt),
      text: `${told.code} ${told.formulaName} ${FAMILY_WORDS[told.family]}`.toLowerCase(),
    }))
    .sort((a, b) => b.startMs - a.startMs),
);
const found = computed(() => {
  const words = (query.value ?? '').toLowerCase().split(/\s+/);
  return all.value.filter(({ text }) => words.every((word) => text.includes(word)));
});

/** A workshop may have thousands: what is in sight is drawn. */
const ROW_PX = 66;
const list = useTemplateRef<HTMLElement>('list');
const virtual = useWindowVirtualizer(
  computed(() => ({
    count: found.value.length,
    estimateSize: () => ROW_PX,
    overscan: 6,
    scrollMargin: list.value?.offsetTop ?? 0,
    getItemKey: (index: number) => found.value[index]?.told.id ?? index,
  })),
);
const rows = computed(() =>
  virtual.value.getVirtualItems().flatMap(({ index, start }) => {
    const one = found.value[index];
    return one ? [{ index, top: start - virtual.value.options.scrollMargin, told: one.told }] : [];
  }),
);
function measure(row: Element | ComponentPublicInstance | null): void {
  if (row instanceof Element) virtual.value.measureElement(row);
}
</script>

<template>
  <div>
    <PageHeader>
      <template #title><h1>Almanac</h1></template>
      <template #sub>{{ counted(workshop.batchCount, 'batch', 'batches') }} on record</template>
    </PageHeader>
    <p v-if="workshop.batchCount === 0" class="blank">
      No batch yet. Every batch made at the bench is written here: what was planned, what was
      weighed, when, in which room.
    </p>
    <div v-else class="room">
      <v-text-field
        v-model="query"
        label="Find a batch by code, name or family"
        class="find"
        clearable
        @click:clear="query = ''"
      />
      <p v-if="found.length === 0" class="quiet">No batch fits “{{ query }}”.</p>
      <ul ref="list" class="plain-list" :style="{ height: `${virtual.getTotalSize()}px` }">
        <li
          v-for="{ told, index, top } in rows"
          :key="told.id"
          :ref="measure"
          :data-index="index"
          :aria-setsize="found.length"
          :aria-posinset="index + 1"
          :style="{ transform: `translateY(${top}px)` }"
        >
          <AlmanacRow :told="told" />
        </li>
      </ul>
    </div>
  </div>
</template>

<style scoped>
.blank {
  max-width: 520px;
  padding: 56px 24px;
  font-size: 16px;
}
.room {
  padding: 20px 24px;
}
.find {
  max-width: 420px;
  margin-bottom: 10px;
}
ul {
  position: relative;
}
li {
  position: absolute;
  inset: 0 0 auto;
}
</style>
