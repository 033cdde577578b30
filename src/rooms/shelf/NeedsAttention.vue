<script setup lang="ts">
import { computed } from 'vue';
import { formatMass } from '@/core/basics/format/quantities';
import {
  findLots,
  findable,
  type FindableLot,
  type LotFilter,
} from '@/core/workshop/shelf/findLots';
import { shelfLifeOf } from '@/core/workshop/shelf/watch';
import { today } from '@/stores/now';
import { useGoodsStore } from '@/stores/goods';
import { useShelfStore } from '@/stores/shelf';
import { useWorkshopStore } from '@/stores/workshop';
import { useMaterials } from '@/ui/fields/materials';
import { slugOf, toLot } from '@/shared/addresses';
import { sayKeptUntil } from './lotMessages';
import { counted } from '@/core/basics/format/numbers';

/** What asks for a hand on the shelf: to reorder, to use soon, on hold. It stands where no lot is open. */
const workshop = useWorkshopStore();
const shelf = useShelfStore();
const goods = useGoodsStore();
const { nameOf } = useMaterials();

/** A lot that is used up asks for nothing any more. */
const lots = computed(() => findable(workshop.lots, workshop.catalog));
const lotsThat = (filter: LotFilter) =>
  findLots(lots.value, '', filter, shelf.left, today()).filter(
    ({ id }) => (shelf.left.get(id) ?? 0) > 0,
  );
const day = (a: FindableLot) => a.lot.expiresOn ?? '';
const expiring = computed(() => lotsThat('expiring').sort((a, b) => (day(a) < day(b) ? -1 : 1)));
const onHold = computed(() => lotsThat('on hold'));
const groups = computed(() => [
  { title: 'Expiring', lots: expiring.value },
  { title: 'On hold', lots: onHold.value },
]);
const isQuiet = computed(
  () => shelf.low.length + goods.low.length + expiring.value.length + onHold.value.length === 0,
);
</script>

<template>
  <section aria-label="Needs attention" class="asking">
    <p v-if="isQuiet" class="quiet">
      Nothing is low, expiring or on hold. Choose a lot to see where it was used.
    </p>
    <template v-if="shelf.low.length + goods.low.length">
      <h2>To reorder</h2>
      <ul class="plain-list">
        <li v-for="one in shelf.low" :key="one.materialId">
          <router-link
            class="link"
            :to="{ name: 'shelf', params: { side: 'materials', item: one.materialId } }"
            >{{ nameOf(one.materialId) }}</router-link
          >
          <span class="tabular">{{ formatMass(one.leftG) }}</span>
          <span class="quiet">reorder below {{ formatMass(one.lowG) }}</span>
        </li>
        <li v-for="{ packaging, left } in goods.low" :key="packaging.id">
          <router-link
            class="link"
            :to="{ name: 'shelf', params: { side: 'packaging', item: slugOf(packaging) } }"
            >{{ packaging.name }}</router-link
          >
          <span class="tabular">{{ counted(left, 'piece') }}</span>
          <span class="quiet">packaging</span>
        </li>
      </ul>
      <v-btn size="small" :to="{ name: 'shelf', params: { side: 'shopping' } }"
        >Open the shopping list</v-btn
      >
    </template>
    <template v-for="{ title, lots: standing } in groups" :key="title">
      <template v-if="standing.length">
        <h2>{{ title }}</h2>
        <ul class="plain-list">
          <li v-for="{ id, lot, name } in standing" :key="id">
            <router-link class="link" :to="toLot(lot.code)">{{ name }}, {{ lot.code }}</router-link>
            <span class="tabular">{{ formatMass(shelf.left.get(id) ?? 0) }}</span>
            <span class="quiet" :class="shelfLifeOf(lot, today())">{{ sayKeptUntil(lot) }}</span>
          </li>
        </ul>
      </template>
    </template>
  </section>
</template>

<style scoped>
h2 {
  margin: 0 0 2px;
}
ul + h2,
.v-btn + h2 {
  margin-top: 18px;
}
li {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 84px 150px;
  gap: 12px;
  align-items: center;
  min-height: 44px;
  border-bottom: 1px solid var(--hairline);
}
li .tabular {
  text-align: right;
  font-weight: 700;
}
li .past {
  color: var(--rust);
}
li .quiet {
  font-size: var(--text-small);
}
.v-btn {
  margin-top: 8px;
}
@media (max-width: 560px) {
  li {
    grid-template-columns: minmax(0, 1fr) 84px;
  }
  li .quiet {
    grid-column: 1 / -1;
  }
}
</style>
