<script setup lang="ts">
import EmptyState from '@/ui/kit/EmptyState.vue';
import { computed, ref } from 'vue';
import { PACKAGING_WORDS } from '@/core/goods/products/messages';
import { eachCost, piecesOf } from '@/core/goods/products/packaging';
import { newPackaging } from '@/core/goods/products/create';
import { type Packaging } from '@/core/goods/products/schema';
import { barrierById } from '@/core/batches/shelf-life/barriers';
import { findBySlug, slugOf } from '@/shared/addresses';
import { useAddress } from '@/shared/useAddress';
import { counted } from '@/core/basics/format/numbers';
import { useMoney } from '@/shared/useMoney';
import { useGoodsStore } from '@/stores/goods';
import { useWorkshopStore } from '@/stores/workshop';
import PackagingDetail from './PackagingDetail.vue';

/** Films, bags, boxes, jars, labels: by the piece, with their deliveries. */
const workshop = useWorkshopStore();
const goods = useGoodsStore();
const { money } = useMoney();

const openId = ref<string | null>(null);
useAddress({
  names: ['shelf'],
  param: 'item',
  beside: () => ({ side: 'packaging' }),
  current: () => openId.value,
  keyOf: (id) => {
    const packaging = workshop.packaging.find((one) => one.id === id);
    return packaging ? slugOf(packaging) : null;
  },
  find: (slug) => findBySlug(slug, workshop.packaging)?.id ?? null,
  choose: (id) => (openId.value = id),
});
const wraps = computed(() =>
  workshop.packaging
    .filter(({ isArchived }) => !isArchived)
    .sort((a, b) => a.name.localeCompare(b.name, 'en-US')),
);
const isLow = (id: string) => goods.low.some(({ packaging }) => packaging.id === id);

function add(): void {
  const made = newPackaging('New packaging', 'bag');
  workshop.put('packaging', [made]);
  openId.value = made.id;
}
function open(of: Packaging): void {
  openId.value = openId.value === of.id ? null : of.id;
}
function eachWords(of: Packaging): string {
  const each = eachCost(of, goods.left);
  return each === null ? 'no price yet' : `${money(each)} each`;
}
</script>

<template>
  <section aria-label="Packaging">
    <EmptyState v-if="wraps.length === 0" picture="box">
      There is no packaging yet. Add films, bags, boxes, jars and labels by the piece. Wrapping on
      Pack uses them up.
    </EmptyState>
    <ul class="plain-list">
      <li v-for="of in wraps" :key="of.id">
        <button type="button" class="row" :aria-expanded="openId === of.id" @click="open(of)">
          <span class="what"
            ><b>{{ of.name }}</b
            ><span class="quiet">{{
              of.barrier
                ? `${PACKAGING_WORDS[of.kind]}, ${barrierById(of.barrier).name}`
                : PACKAGING_WORDS[of.kind]
            }}</span></span
          >
          <span class="tabular" :class="{ low: isLow(of.id) }">{{
            isLow(of.id)
              ? `${counted(piecesOf(of, goods.left), 'piece')}, reorder`
              : counted(piecesOf(of, goods.left), 'piece')
          }}</span>
          <span class="quiet tabular">{{ eachWords(of) }}</span>
        </button>
        <PackagingDetail v-if="openId === of.id" :of="of" @close="openId = null" />
      </li>
    </ul>
    <v-btn class="add" @click="add">Add packaging</v-btn>
  </section>
</template>

<style scoped>
.row {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 160px 130px;
  gap: 12px;
  align-items: center;
  width: 100%;
  min-height: 48px;
  padding: 4px 0;
  border: 0;
  border-bottom: 1px solid var(--hairline);
  background: none;
  color: inherit;
  font: inherit;
  text-align: left;
  cursor: pointer;
}
.what {
  display: grid;
  line-height: 1.2;
}
.what .quiet {
  font-size: var(--text-small);
}
.low {
  color: var(--ochre);
  font-weight: 700;
}
.add {
  margin-top: 14px;
}
@media (max-width: 560px) {
  .row {
    grid-template-columns: minmax(0, 1fr) auto;
  }
  .row > :last-child {
    display: none;
  }
}
</style>
