<script setup lang="ts">
import ActionButton from '@/ui/actions/ActionButton.vue';
import { useActions } from '@/ui/actions/useActions';
import { searchMaterials } from '@/core/matter/materials/names/search';
import { computed, ref } from 'vue';
import { findMaterial } from '@/core/matter/materials/catalog';
import { useAddress } from '@/shared/useAddress';
import { useShelfStore } from '@/stores/shelf';
import { useWorkshopStore } from '@/stores/workshop';
import ChoiceRow from '@/ui/kit/ChoiceRow.vue';
import MineralHatches from '@/ui/pictures/MineralHatches.vue';
import VirtualList from '@/ui/frame/VirtualList.vue';
import { counted } from '@/core/basics/format/numbers';
import { formatMass } from '@/core/basics/format/quantities';
import MaterialDetail from './MaterialDetail.vue';
import MakeAheadDialog from '@/shared/MakeAheadDialog.vue';
import NewMaterialDialog from '@/shared/NewMaterialDialog.vue';
import TablePanel from './TablePanel.vue';
import NeedsAttention from './NeedsAttention.vue';
import SideBySide from './SideBySide.vue';
import { useMaterials } from '@/ui/fields/materials';

const { catalog } = useMaterials();

const workshop = useWorkshopStore();
const shelf = useShelfStore();

const ROW_PX = 44;
const SHOWN = [
  { value: 'all', word: 'all' },
  { value: 'here', word: 'on the shelf' },
  { value: 'low', word: 'low' },
  { value: 'own', word: 'my own' },
] as const;

const query = ref('');
const shown = ref<(typeof SHOWN)[number]['value']>('all');
const chosenId = ref<string | null>(null);
useAddress({
  names: ['shelf'],
  param: 'item',
  current: () => chosenId.value,
  keyOf: (id) => id,
  find: (key) => (findMaterial(workshop.catalog, key) ? key : null),
  choose: (id) => (chosenId.value = id),
});
const isAdding = ref(false);
const isAhead = ref(false);

const ownIds = computed(() => new Set(workshop.materials.map(({ id }) => id)));
const lowIds = computed(() => new Set(shelf.low.map(({ materialId }) => materialId)));
const found = computed(() => {
  // The shelf's materials are what the search reads: a change there is another search.
  void workshop.materials;
  return searchMaterials(catalog.value, query.value).filter(({ id, likeId }) => {
    if (shown.value === 'here') return (shelf.usable.get(id) ?? 0) > 0;
    if (shown.value === 'low') return lowIds.value.has(id);
    return shown.value === 'all' || (ownIds.value.has(id) && id !== likeId);
  });
});
const acts = {
  ahead: { name: 'Make ahead', key: 'm', run: () => (isAhead.value = true) },
  add: { name: 'Add a material', key: 'n', run: () => (isAdding.value = true) },
};
useActions(() => Object.values(acts));
</script>

<template>
  <SideBySide>
    <template #list
      ><section aria-label="Materials">
        <div class="find">
          <v-text-field v-model="query" label="Search materials" />
          <ActionButton :action="acts.ahead" />
          <ActionButton :action="acts.add" is-main />
        </div>
        <ChoiceRow v-model="shown" :items="SHOWN" />
        <p class="quiet small" role="status">{{ counted(found.length, 'material') }}</p>
        <svg width="0" height="0" aria-hidden="true"><MineralHatches prefix="shelf" /></svg>
        <VirtualList
          v-slot="{ item }"
          v-model="chosenId"
          :items="found"
          :row-px="ROW_PX"
          label="Materials"
          height="min(58vh, 640px)"
        >
          <div class="row">
            <svg width="22" height="22" aria-hidden="true">
              <rect width="22" height="22" :fill="`url(#shelf-${item.role})`" class="swatch" />
            </svg>
            <span class="what"
              ><b>{{ item.name }}</b> <span class="quiet">{{ item.inci }}</span></span
            >
            <span class="here tabular" :class="{ low: lowIds.has(item.id) }">{{
              shelf.usable.has(item.id) ? `${formatMass(shelf.usable.get(item.id) ?? 0)}` : ''
            }}</span>
            <span class="quiet flag">{{
              lowIds.has(item.id)
                ? 'low'
                : ownIds.has(item.id) && item.id !== item.likeId
                  ? 'own'
                  : ''
            }}</span>
          </div>
        </VirtualList>
        <TablePanel kind="materials" /></section
    ></template>
    <template #detail>
      <MaterialDetail
        v-if="chosenId"
        :key="chosenId"
        :material-id="chosenId"
        @removed="chosenId = null"
      />
      <NeedsAttention v-else />
    </template>
  </SideBySide>
  <MakeAheadDialog v-model="isAhead" @made="({ id }) => (chosenId = id)" />
  <NewMaterialDialog v-model="isAdding" @added="(id) => (chosenId = id)" />
</template>

<style scoped>
.row {
  display: grid;
  grid-template-columns: 24px minmax(0, 1fr) 80px 34px;
  align-items: center;
  gap: 12px;
  height: 100%;
  padding: 0 6px 0 4px;
}
.swatch {
  stroke: var(--drawn-ink);
}
.flag {
  font-size: var(--text-small);
}
.here {
  text-align: right;
}
.low {
  color: var(--ochre);
  font-weight: 700;
}
.small {
  margin: 4px 0;
  font-size: var(--text-small);
}
</style>
