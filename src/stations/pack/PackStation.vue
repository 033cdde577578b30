<script setup lang="ts">
import { SIDES, valuesOf } from '@/shared/places';
import EmptyState from '@/ui/kit/EmptyState.vue';
import { computed, ref } from 'vue';
import { UNIT_WORDS } from '@/core/goods/products/messages';
import { counted, formatCount } from '@/core/basics/format/numbers';
import { findBySlug, slugOf } from '@/shared/addresses';
import { useAddress, useAddressTab } from '@/shared/useAddress';
import ActionButton from '@/ui/actions/ActionButton.vue';
import { useActions } from '@/ui/actions/useActions';
import PageHeader from '@/shared/PageHeader.vue';
import { useGoodsStore } from '@/stores/goods';
import { usePackStore } from '@/stores/pack';
import AppTabs from '@/ui/kit/AppTabs.vue';
import BooksSide from './BooksSide.vue';
import HandOverDialog from './HandOverDialog.vue';
import KeepsHard from './KeepsHard.vue';
import LabelSide from './LabelSide.vue';
import MustList from './MustList.vue';
import NewUnitDialog from './NewUnitDialog.vue';
import PapersSide from './PapersSide.vue';
import StockSide from './StockSide.vue';
import ProductInWater from './ProductInWater.vue';
import UnitForm from './UnitForm.vue';
import WhereTheyWent from './WhereTheyWent.vue';
import WrapPanel from './WrapPanel.vue';

/** From a dry piece to something that may be sold. */
const pack = usePackStore();
const goods = useGoodsStore();

const side = useAddressTab(['pack'], valuesOf(SIDES.pack), 'label');
useAddress({
  names: ['pack'],
  param: 'product',
  current: () => pack.unit?.id ?? null,
  keyOf: (id) => {
    const unit = pack.units.find((one) => one.id === id);
    return unit ? slugOf(unit) : null;
  },
  find: (slug) => findBySlug(slug, pack.units)?.id ?? null,
  choose: pack.choose,
});
const isNaming = ref(false);
const isHandingOver = ref(false);

const choices = computed(() =>
  pack.units.map(({ id, name, kind }) => ({
    value: id,
    title: name,
    subtitle: `${UNIT_WORDS[kind]}, ${formatCount(goods.onHand.get(id) ?? 0)} here`,
  })),
);
const here = computed(() => (pack.unit ? (goods.onHand.get(pack.unit.id) ?? 0) : 0));
const acts = computed(() => ({
  add: { name: 'New product', key: 'n', run: () => (isNaming.value = true) },
  handOver: {
    name: 'Hand over',
    key: 'h',
    run: () => (isHandingOver.value = true),
    isOff: here.value === 0,
  },
}));
useActions(() => Object.values(acts.value));
</script>

<template>
  <div>
    <PageHeader class="no-print" :thing="pack.unit?.name">
      <template #sub>
        <template v-if="pack.unit">
          {{ pack.unit.name }} · {{ pack.code || 'no batch yet' }} ·
          {{ formatCount(here) }} wrapped, {{ formatCount(pack.most) }} more possible
        </template>
        <template v-else>{{ counted(pack.units.length, 'product') }}</template>
      </template>
      <template #actions>
        <v-autocomplete
          v-if="pack.units.length > 0"
          class="choose"
          :model-value="pack.unit?.id"
          :items="choices"
          :item-props="({ subtitle }: { subtitle: string }) => ({ subtitle })"
          label="Product"
          @update:model-value="(id: string | null) => id && pack.choose(id)"
        />
        <ActionButton v-if="pack.unit" :action="acts.add" />
      </template>
    </PageHeader>
    <EmptyState v-if="!pack.unit" is-page picture="box" :act="acts.add">
      A product is what you sell: one piece, a pair of steamers, a box of three, a jar. Create one
      to get its label, packaging, price and stock.
    </EmptyState>
    <div v-else class="station" :class="{ wide: side !== 'label' && side !== 'product' }">
      <div class="middle">
        <AppTabs v-model="side" label="Pack" :items="SIDES.pack" class="sides no-print" />
        <LabelSide v-if="side === 'label'" :key="pack.unit.id" :unit="pack.unit" />
        <template v-else-if="side === 'product'">
          <UnitForm :key="pack.unit.id" :unit="pack.unit" />
          <ProductInWater :unit="pack.unit" />
        </template>
        <StockSide v-else-if="side === 'stock'" @hand-over="isHandingOver = true" />
        <PapersSide v-else-if="side === 'papers'" />
        <BooksSide v-else />
      </div>
      <div v-if="side === 'label' || side === 'product'" class="must no-print">
        <MustList v-if="side === 'label' && pack.label" :musts="pack.label.musts" />
        <KeepsHard :unit="pack.unit" />
      </div>
      <aside class="last no-print">
        <WhereTheyWent :unit="pack.unit" />
        <WrapPanel :unit="pack.unit" @hand-over="isHandingOver = true" @papers="side = 'papers'" />
      </aside>
    </div>
    <NewUnitDialog v-model="isNaming" />
    <HandOverDialog v-if="pack.unit" v-model="isHandingOver" :unit="pack.unit" />
  </div>
</template>

<style scoped>
.choose {
  width: 240px;
}
.station {
  display: grid;
  grid-template-columns: minmax(0, 1.25fr) minmax(0, 1fr) 300px;
}
.station.wide {
  grid-template-columns: minmax(0, 1fr) 300px;
}
.middle,
.must {
  padding: 8px 20px 28px 24px;
}
.must {
  padding: 14px 20px 28px 8px;
}
.sides {
  margin-bottom: 12px;
}
.last {
  padding: 14px 20px 28px;
  border-left: 1px solid var(--hairline);
}
@media print {
  .station.wide {
    display: block;
  }
  .middle {
    padding: 0;
  }
}
@media (max-width: 1150px) {
  .station,
  .station.wide {
    grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
  }
  .middle {
    grid-column: 1 / -1;
  }
  .station.wide .last {
    grid-column: 1 / -1;
  }
  .must {
    padding-left: 24px;
  }
}
@media (max-width: 820px) {
  .station,
  .station.wide {
    grid-template-columns: minmax(0, 1fr);
  }
  .middle,
  .must,
  .last {
    padding: 8px 14px 20px;
    border: 0;
  }
}
</style>
