<script setup lang="ts">
import EmptyState from '@/ui/kit/EmptyState.vue';
import ProblemLine from '@/ui/kit/ProblemLine.vue';
import AppForm from '@/ui/kit/AppForm.vue';
import { computed, reactive, ref } from 'vue';
import { PACKAGING_KINDS, type PackagingKind } from '@/core/goods/products/kinds';
import { PACKAGING_WORDS } from '@/core/goods/products/messages';
import { eachCost, piecesOf } from '@/core/goods/products/packaging';
import { newPackaging } from '@/core/goods/products/create';
import { packagingSchema, type Packaging } from '@/core/goods/products/schema';
import { BARRIERS, barrierById, type BarrierId } from '@/core/batches/shelf-life/barriers';
import { newId } from '@/core/basics/newId';
import { findBySlug, slugOf } from '@/shared/addresses';
import { useAddress } from '@/shared/useAddress';
import { shortDate } from '@/core/basics/format/dates';
import { counted, formatCount, formatPlain } from '@/core/basics/format/numbers';
import { useMoney } from '@/shared/useMoney';
import { useGoodsStore } from '@/stores/goods';
import { nowIso, today } from '@/stores/now';
import { useWorkshopStore } from '@/stores/workshop';
import NumberField from '@/ui/fields/NumberField.vue';
import DraftField from '@/ui/fields/DraftField.vue';

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
const delivery = reactive({ code: '', supplier: '', pieces: 100, cost: 0 });
const found = reactive({ pieces: 0, why: '' });
const problem = ref('');

const wraps = computed(() =>
  workshop.packaging
    .filter(({ isArchived }) => !isArchived)
    .sort((a, b) => a.name.localeCompare(b.name, 'en-US')),
);
const kinds = PACKAGING_KINDS.map((value) => ({ value, title: PACKAGING_WORDS[value] }));
const NOTHING = 'nothing';
const barriers = [
  { value: NOTHING, title: 'No barrier' },
  ...BARRIERS.filter(({ id }) => id !== 'bare').map(({ id, name, gM2Day }) => ({
    value: id,
    title: gM2Day === 0 ? name : `${name}, ${formatPlain(gM2Day ?? 0)} g/m² a day`,
  })),
];
const isLow = (id: string) => goods.low.some(({ packaging }) => packaging.id === id);

/** What does not fit its schema is said and not kept. */
function change(of: Packaging, part: Partial<Packaging>): boolean {
  const parsed = packagingSchema.safeParse({ ...of, ...part });
  problem.value = parsed.success ? '' : 'Couldn’t save this value, so nothing changed. Check it.';
  if (parsed.success) workshop.put('packaging', [parsed.data]);
  return parsed.success;
}
function add(): void {
  const made = newPackaging('New packaging', 'bag');
  workshop.put('packaging', [made]);
  openId.value = made.id;
}
function receive(of: Packaging): void {
  const pieces = Math.round(delivery.pieces);
  if (pieces < 1) {
    problem.value = 'Type at least 1 piece.';
    return;
  }
  const lot = {
    id: newId(),
    code: delivery.code.trim() || `${of.name.slice(0, 20)} ${of.lots.length + 1}`,
    supplier: delivery.supplier.trim(),
    receivedOn: today(),
    pieces,
    cost: delivery.cost > 0 ? delivery.cost : null,
  };
  if (change(of, { lots: [...of.lots, lot] })) Object.assign(delivery, { code: '', cost: 0 });
}
function lotFacts({ id, receivedOn, supplier, pieces, cost }: Packaging['lots'][number]): string {
  return [
    ...(receivedOn ? [shortDate(receivedOn)] : []),
    ...(supplier ? [supplier] : []),
    `${formatCount(goods.left.get(id) ?? 0)} of ${counted(pieces, 'piece')}`,
    ...(cost === null ? [] : [money(cost)]),
  ].join(' · ');
}
function countAgain(of: Packaging): void {
  const last = [...of.lots].sort((a, b) =>
    (b.receivedOn ?? '').localeCompare(a.receivedOn ?? ''),
  )[0];
  if (!last) return;
  const by = Math.round(found.pieces) - piecesOf(of, goods.left);
  if (by === 0) return;
  const counts = [
    ...of.counts,
    { at: nowIso(), lotId: last.id, change: by, why: found.why.trim() },
  ];
  if (change(of, { counts })) found.why = '';
}
function layAway(of: Packaging): void {
  const isUsed =
    workshop.units.some(({ packaging }) => packaging.some((one) => one.packagingId === of.id)) ||
    workshop.goods.some(
      (move) =>
        move.kind === 'wrapped' && move.packaging.some(({ packagingId }) => packagingId === of.id),
    );
  if (isUsed) change(of, { isArchived: true });
  else workshop.remove('packaging', [of.id]);
  openId.value = null;
}
function open(of: Packaging): void {
  openId.value = openId.value === of.id ? null : of.id;
  found.pieces = piecesOf(of, goods.left);
  problem.value = '';
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
        <div v-if="openId === of.id" class="detail" role="group" :aria-label="of.name">
          <div class="fields">
            <DraftField
              :model-value="of.name"
              label="Name"
              maxlength="80"
              @update:model-value="(text: string) => change(of, { name: text.trim() || of.name })"
            />
            <v-select
              :model-value="of.kind"
              :items="kinds"
              label="Kind"
              @update:model-value="(kind: PackagingKind) => change(of, { kind })"
            />
            <v-select
              :model-value="of.barrier ?? NOTHING"
              :items="barriers"
              label="Moisture barrier"
              @update:model-value="
                (barrier: string) =>
                  change(of, { barrier: barrier === NOTHING ? null : (barrier as BarrierId) })
              "
            />
            <NumberField
              :model-value="of.lowPieces ?? 0"
              label="Reorder below (0 for never)"
              suffix="pieces"
              :min="0"
              :max="1000000"
              :decimals="0"
              @update:model-value="
                (value) => change(of, { lowPieces: value > 0 ? Math.round(value) : null })
              "
            />
          </div>
          <h3>Lots</h3>
          <ul class="plain-list lots">
            <li v-for="lot in of.lots" :key="lot.id">
              <b>{{ lot.code }}</b> {{ lotFacts(lot) }}
            </li>
          </ul>
          <AppForm class="fields" @submit="receive(of)">
            <v-text-field v-model="delivery.code" label="Lot code" maxlength="60" />
            <v-text-field v-model="delivery.supplier" label="Supplier" maxlength="120" />
            <NumberField
              v-model="delivery.pieces"
              label="Pieces"
              :min="1"
              :max="1000000"
              :decimals="0"
            />
            <NumberField
              v-model="delivery.cost"
              label="Total cost"
              :min="0"
              :max="10000000"
              :decimals="2"
            />
            <v-btn type="submit">Receive</v-btn>
          </AppForm>
          <AppForm v-if="of.lots.length > 0" class="fields" @submit="countAgain(of)">
            <NumberField
              v-model="found.pieces"
              label="Counted"
              suffix="pieces"
              :min="0"
              :max="1000000"
              :decimals="0"
            />
            <v-text-field v-model="found.why" label="Reason for the difference" maxlength="200" />
            <v-btn type="submit">Save count</v-btn>
          </AppForm>
          <ProblemLine :problem="problem" />
          <v-btn variant="text" color="error" @click="layAway(of)"
            >Archive<span class="visually-hidden"> {{ of.name }}</span></v-btn
          >
        </div>
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
.detail {
  padding: 12px 0 18px 16px;
}
.fields {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(180px, 1fr));
  gap: 10px;
  align-items: center;
  max-width: 900px;
}
h3 {
  margin: 14px 0 4px;
  font-size: var(--text-lead);
}
.lots {
  margin-bottom: 10px;
  font-size: var(--text-plain);
}
.detail form {
  margin-bottom: 10px;
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
