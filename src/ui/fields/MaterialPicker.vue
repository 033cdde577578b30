<script setup lang="ts">
import { searchMaterials } from '@/core/matter/materials/names/search';
import { computed, ref } from 'vue';
import { dangerousNamed, isStop } from '@/core/matter/materials/names/dangers/find';
import { capital } from '@/core/basics/format/phrases';
import { useMaterials } from './materials';

const { findById, catalog } = useMaterials();

/** Finds a material by any name people write. The model is a material id. */
const materialId = defineModel<string | null>({ required: true });
const props = defineProps<{
  label: string;
  first?: readonly string[];
  /** Offers to make a material of a name that is not on file. */
  canMake?: boolean;
}>();
const emit = defineEmits<{ make: [name: string] }>();

const query = ref('');
const shownName = computed(() =>
  materialId.value === null ? '' : (findById(materialId.value)?.name ?? ''),
);
/** Why a name that was searched for is on no shelf and will not be. */
const danger = computed(() => {
  const named = dangerousNamed(query.value);
  return named && isStop(named) ? named : null;
});
const items = computed(() => {
  if (danger.value) return [];
  const isSearch = query.value !== '' && query.value !== shownName.value;
  const found = searchMaterials(catalog.value, isSearch ? query.value : '');
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
    no-data-text="No material by that name"
  >
    <template v-if="danger || canMake" #no-data>
      <v-list-item v-if="danger" class="danger">
        {{ capital(danger.name) }} must not be in a fizzing product: {{ danger.why }}.
      </v-list-item>
      <v-list-item
        v-else
        title="No material by that name"
        :subtitle="`Add “${query.trim()}” as a material`"
        @click="emit('make', query.trim())"
      />
    </template>
    <template #item="{ props: item, item: { inci } }">
      <v-list-item v-bind="item" :subtitle="inci" />
    </template>
  </v-autocomplete>
</template>

<style scoped>
.danger {
  max-width: 420px;
  color: var(--rust);
}
</style>
