<script setup lang="ts">
import { computed, ref } from 'vue';
import { useMaterials } from './materials';

const { findById, search } = useMaterials();

/** Finds a material by any name people write. The model is a material id. */
const materialId = defineModel<string | null>({ required: true });
const props = defineProps<{ label: string; first?: readonly string[] }>();

const query = ref('');
const shownName = computed(() =>
  materialId.value === null ? '' : (findById(materialId.value)?.name ?? ''),
);
const items = computed(() => {
  const isSearch = query.value !== '' && query.value !== shownName.value;
  const found = search(isSearch ? query.value : '');
  const first = isSearch ? [] : (props.first ?? []);
  return [...found]
    .sort((a, b) => Number(first.includes(b.id)) - Number(first.includes(a.id)))
    .map(({ id, name, inci }) => ({ id, name, inci }));
});
</script>

<template>
  <v-autocomplete
    v-model="materialId"
    v-model:search="query"
    :items="items"
    :label="label"
    item-title="name"
    item-value="id"
    no-filter
    auto-select-first
    no-data-text="Nothing on file by that name"
  >
    <template #item="{ props: item, item: { inci } }">
      <v-list-item v-bind="item" :subtitle="inci" />
    </template>
  </v-autocomplete>
</template>
