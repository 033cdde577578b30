<script setup lang="ts">
import EmptyState from '@/ui/kit/EmptyState.vue';
import { computed, ref } from 'vue';
import { useAddress } from '@/shared/useAddress';
import { LOT_FILTERS, findLots, findable, type LotFilter } from '@/core/workshop/shelf/findLots';
import { shelfLifeOf } from '@/core/workshop/shelf/watch';
import { isReady } from '@/core/workshop/shelf/made';
import { nowIso, today } from '@/stores/now';
import { useShelfStore } from '@/stores/shelf';
import { useWorkshopStore } from '@/stores/workshop';
import ActionButton from '@/ui/actions/ActionButton.vue';
import { useActions } from '@/ui/actions/useActions';
import ChoiceRow from '@/ui/kit/ChoiceRow.vue';
import VirtualList from '@/ui/frame/VirtualList.vue';
import { weekdayTime } from '@/core/basics/format/dates';
import { counted, formatCount } from '@/core/basics/format/numbers';
import { formatMass } from '@/core/basics/format/quantities';
import { sayKeptUntil } from './lotMessages';
import JarLevel from './JarLevel.vue';
import LotDetail from './LotDetail.vue';
import NewLotDialog from './NewLotDialog.vue';
import TablePanel from './TablePanel.vue';
import NeedsAttention from './NeedsAttention.vue';
import SideBySide from './SideBySide.vue';

const workshop = useWorkshopStore();
const shelf = useShelfStore();

const ROW_PX = 48;
const FILTERS = LOT_FILTERS.map((value) => ({ value, word: value }));

const query = ref('');
const filter = ref<LotFilter>('all');
const chosenId = ref<string | null>(null);
const isAdding = ref(false);
const day = computed(() => today());

const all = computed(() =>
  [...findable(workshop.lots, workshop.catalog)].sort((a, b) =>
    a.name < b.name ? -1 : a.name > b.name ? 1 : 0,
  ),
);
const found = computed(() => findLots(all.value, query.value, filter.value, shelf.left, day.value));
const chosen = computed(() => workshop.lots.find(({ id }) => id === chosenId.value) ?? null);

useAddress({
  names: ['shelf'],
  param: 'item',
  beside: () => ({ side: 'lots' }),
  current: () => chosenId.value,
  keyOf: (id) => workshop.lots.find((lot) => lot.id === id)?.code ?? null,
  find: (key) => workshop.lots.find(({ id, code }) => id === key || code === key)?.id ?? null,
  choose: (id) => (chosenId.value = id),
});

function leftOf(id: string): number {
  return shelf.left.get(id) ?? 0;
}

/** Made here: a premix, or something made ahead that may still stand. */
function sayMade(lot: (typeof workshop.lots)[number]): string {
  if (lot.premix) return ' · premix';
  if (!lot.made) return '';
  return isReady(lot, nowIso())
    ? ' · made ahead'
    : ` · ready ${weekdayTime(Date.parse(lot.made.readyAt))}`;
}

function keptUntil(lot: (typeof workshop.lots)[number]): string {
  return lot.isQuarantined ? 'on hold' : sayKeptUntil(lot);
}
const receive = { name: 'Receive a lot', key: 'n', run: () => (isAdding.value = true) };
useActions(() => [receive]);
</script>

<template>
  <SideBySide>
    <template #list
      ><section aria-label="Lots" class="lots">
        <div v-if="all.length" class="find">
          <v-text-field v-model="query" label="Search lots" />
          <ActionButton :action="receive" is-main />
        </div>
        <ChoiceRow v-if="all.length" v-model="filter" :items="FILTERS" />
        <p v-if="all.length" class="quiet small" role="status">
          {{
            found.length === all.length
              ? counted(found.length, 'lot')
              : `${formatCount(found.length)} of ${counted(all.length, 'lot')}`
          }}
        </p>
        <EmptyState v-if="workshop.lots.length === 0" picture="jar" :act="receive">
          There are no lots yet. Receive what you bought, with its code, amount and cost. Every
          weight at the bench then comes off it.
        </EmptyState>
        <VirtualList
          v-else
          v-slot="{ item }"
          v-model="chosenId"
          :items="found"
          :row-px="ROW_PX"
          label="Lots"
          height="min(58vh, 640px)"
        >
          <div class="row">
            <JarLevel
              :share="item.lot.receivedG > 0 ? leftOf(item.id) / item.lot.receivedG : 0"
              :is-set-aside="item.lot.isQuarantined"
              :is-past="shelfLifeOf(item.lot, day) === 'past'"
            />
            <span class="what"
              ><b>{{ item.name }}</b>
              <span class="quiet">{{ item.lot.code }}{{ sayMade(item.lot) }}</span></span
            >
            <span class="left tabular" :class="{ below: leftOf(item.id) < 0 }">{{
              formatMass(leftOf(item.id))
            }}</span>
            <span class="until quiet" :class="shelfLifeOf(item.lot, day)">{{
              keptUntil(item.lot)
            }}</span>
          </div>
        </VirtualList>
        <TablePanel kind="lots" /></section
    ></template>
    <template #detail>
      <LotDetail v-if="chosen" :key="chosen.id" :lot="chosen" @go="(id) => (chosenId = id)" />
      <NeedsAttention v-else />
    </template>
  </SideBySide>
  <NewLotDialog v-model="isAdding" @added="(id) => (chosenId = id)" />
</template>

<style scoped>
.row {
  display: grid;
  grid-template-columns: 24px minmax(0, 1fr) 84px 150px;
  align-items: center;
  gap: 12px;
  height: 100%;
  padding: 0 8px 0 4px;
}
.until {
  font-size: var(--text-small);
}
.left {
  text-align: right;
  font-weight: 700;
}
.below,
.until.past {
  color: var(--rust);
}
.until.soon {
  color: var(--ochre);
}
.small {
  margin: 4px 0;
  font-size: var(--text-small);
}
@media (max-width: 560px) {
  .row {
    grid-template-columns: 24px minmax(0, 1fr) 76px;
    gap: 8px;
  }
  .until {
    display: none;
  }
}
</style>
