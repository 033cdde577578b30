<script setup lang="ts">
import { computed } from 'vue';
import { counted } from '@/core/basics/format/numbers';
import { eachCost, piecesOf } from '@/core/goods/products/packaging';
import type { SaleUnit } from '@/core/goods/products/schema';
import { useMoney } from '@/shared/useMoney';
import { useGoodsStore } from '@/stores/goods';
import { useWorkshopStore } from '@/stores/workshop';
import NumberField from '@/ui/fields/NumberField.vue';

/** What is around a product, from the inside out. */
const props = defineProps<{ unit: SaleUnit }>();
const emit = defineEmits<{ change: [part: Partial<SaleUnit>] }>();
const goods = useGoodsStore();
const workshop = useWorkshopStore();
const { money } = useMoney();

const packagings = computed(() =>
  workshop.packaging
    .filter(({ isArchived }) => !isArchived)
    .map((one) => ({ value: one.id, title: one.name })),
);
const addable = computed(() =>
  packagings.value.filter(
    ({ value }) => !props.unit.packaging.some(({ packagingId }) => packagingId === value),
  ),
);
const withWrap = (at: number, pieces: number) =>
  emit('change', {
    packaging: props.unit.packaging.map((one, i) => (i === at ? { ...one, pieces } : one)),
  });
const withoutWrap = (at: number) =>
  emit('change', { packaging: props.unit.packaging.filter((_, i) => i !== at) });
const addWrap = (packagingId: string | null) =>
  packagingId &&
  emit('change', { packaging: [...props.unit.packaging, { packagingId, pieces: 1 }] });

function wrapWords(id: string): string {
  const of = workshop.packaging.find((one) => one.id === id);
  if (!of) return 'no longer on the shelf';
  const each = eachCost(of, goods.left);
  const here = `${counted(piecesOf(of, goods.left), 'piece')} here`;
  return each === null ? `${here}, no price` : `${here}, ${money(each)} each`;
}
const nameOf = (id: string) =>
  workshop.packaging.find((one) => one.id === id)?.name ?? 'Removed packaging';
</script>

<template>
  <div>
    <h2>Packaging, from the inside out</h2>
    <div
      v-for="(wrap, i) in unit.packaging"
      :key="wrap.packagingId"
      class="line"
      role="group"
      :aria-label="nameOf(wrap.packagingId)"
    >
      <span class="what"
        >{{ nameOf(wrap.packagingId)
        }}<span class="quiet">{{ wrapWords(wrap.packagingId) }}</span></span
      >
      <NumberField
        :model-value="wrap.pieces"
        label="Each"
        :min="1"
        :max="1000"
        :decimals="0"
        @update:model-value="(pieces) => withWrap(i, Math.round(pieces))"
      />
      <v-btn variant="text" @click="withoutWrap(i)"
        >Remove<span class="visually-hidden"> {{ nameOf(wrap.packagingId) }}</span></v-btn
      >
    </div>
    <v-select
      v-if="addable.length > 0"
      class="add"
      :model-value="null"
      :items="addable"
      label="Add packaging"
      @update:model-value="addWrap"
    />
    <p v-if="packagings.length === 0" class="quiet">
      There is no packaging on the
      <router-link :to="{ name: 'shelf', params: { side: 'packaging' } }">Shelf</router-link> yet.
    </p>
  </div>
</template>

<style scoped>
h2 {
  margin: 16px 0 8px;
}
.line {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  align-items: center;
  margin-bottom: 8px;
}
.line > :deep(.v-input) {
  flex: 1 1 110px;
}
.what {
  display: grid;
  flex: 2 1 180px;
  line-height: 1.2;
}
.what .quiet {
  font-size: var(--text-small);
}
.add {
  max-width: 260px;
}
</style>
