<script setup lang="ts">
import ProblemLine from '@/ui/kit/ProblemLine.vue';
import AppForm from '@/ui/kit/AppForm.vue';
import { reactive, ref } from 'vue';
import { PACKAGING_KINDS, type PackagingKind } from '@/core/goods/products/kinds';
import { PACKAGING_WORDS } from '@/core/goods/products/messages';
import { piecesOf } from '@/core/goods/products/packaging';
import { packagingSchema, type Packaging } from '@/core/goods/products/schema';
import { BARRIERS, type BarrierId } from '@/core/batches/shelf-life/barriers';
import { newId } from '@/core/basics/newId';
import { shortDate } from '@/core/basics/format/dates';
import { counted, formatCount, formatPlain } from '@/core/basics/format/numbers';
import { useMoney } from '@/shared/useMoney';
import { useGoodsStore } from '@/stores/goods';
import { nowIso, today } from '@/stores/now';
import { useWorkshopStore } from '@/stores/workshop';
import NumberField from '@/ui/fields/NumberField.vue';
import DraftField from '@/ui/fields/DraftField.vue';

/** One packaging: what it is, its lots, a delivery, and a count. */
const props = defineProps<{ of: Packaging }>();
const emit = defineEmits<{ close: [] }>();
const workshop = useWorkshopStore();
const goods = useGoodsStore();
const { money } = useMoney();

const delivery = reactive({ code: '', supplier: '', pieces: 100, cost: 0 });
const found = reactive({ pieces: piecesOf(props.of, goods.left), why: '' });
const problem = ref('');

const kinds = PACKAGING_KINDS.map((value) => ({ value, title: PACKAGING_WORDS[value] }));
const NOTHING = 'nothing';
const barriers = [
  { value: NOTHING, title: 'No barrier' },
  ...BARRIERS.filter(({ id }) => id !== 'bare').map(({ id, name, gM2Day }) => ({
    value: id,
    title: gM2Day === 0 ? name : `${name}, ${formatPlain(gM2Day ?? 0)} g/m² a day`,
  })),
];
/** What does not fit its schema is said and not kept. */
function change(part: Partial<Packaging>): boolean {
  const parsed = packagingSchema.safeParse({ ...props.of, ...part });
  problem.value = parsed.success ? '' : 'Couldn’t save this value, so nothing changed. Check it.';
  if (parsed.success) workshop.put('packaging', [parsed.data]);
  return parsed.success;
}
function receive(): void {
  const pieces = Math.round(delivery.pieces);
  if (pieces < 1) {
    problem.value = 'Type at least 1 piece.';
    return;
  }
  const lot = {
    id: newId(),
    code: delivery.code.trim() || `${props.of.name.slice(0, 20)} ${props.of.lots.length + 1}`,
    supplier: delivery.supplier.trim(),
    receivedOn: today(),
    pieces,
    cost: delivery.cost > 0 ? delivery.cost : null,
  };
  if (change({ lots: [...props.of.lots, lot] })) Object.assign(delivery, { code: '', cost: 0 });
}
function lotFacts({ id, receivedOn, supplier, pieces, cost }: Packaging['lots'][number]): string {
  return [
    ...(receivedOn ? [shortDate(receivedOn)] : []),
    ...(supplier ? [supplier] : []),
    `${formatCount(goods.left.get(id) ?? 0)} of ${counted(pieces, 'piece')}`,
    ...(cost === null ? [] : [money(cost)]),
  ].join(' · ');
}
function countAgain(): void {
  const last = [...props.of.lots].sort((a, b) =>
    (b.receivedOn ?? '').localeCompare(a.receivedOn ?? ''),
  )[0];
  if (!last) return;
  const by = Math.round(found.pieces) - piecesOf(props.of, goods.left);
  if (by === 0) return;
  const counts = [
    ...props.of.counts,
    { at: nowIso(), lotId: last.id, change: by, why: found.why.trim() },
  ];
  if (change({ counts })) found.why = '';
}
function archive(): void {
  const isUsed =
    workshop.units.some(({ packaging }) =>
      packaging.some((one) => one.packagingId === props.of.id),
    ) ||
    workshop.goods.some(
      (move) =>
        move.kind === 'wrapped' &&
        move.packaging.some(({ packagingId }) => packagingId === props.of.id),
    );
  if (isUsed) change({ isArchived: true });
  else workshop.remove('packaging', [props.of.id]);
  emit('close');
}
</script>

<template>
  <div class="detail" role="group" :aria-label="of.name">
    <div class="fields">
      <DraftField
        :model-value="of.name"
        label="Name"
        maxlength="80"
        @update:model-value="(text: string) => change({ name: text.trim() || of.name })"
      />
      <v-select
        :model-value="of.kind"
        :items="kinds"
        label="Kind"
        @update:model-value="(kind: PackagingKind) => change({ kind })"
      />
      <v-select
        :model-value="of.barrier ?? NOTHING"
        :items="barriers"
        label="Moisture barrier"
        @update:model-value="
          (barrier: string) =>
            change({ barrier: barrier === NOTHING ? null : (barrier as BarrierId) })
        "
      />
      <NumberField
        :model-value="of.lowPieces ?? 0"
        label="Reorder below (0 for never)"
        suffix="pieces"
        :min="0"
        :max="1000000"
        :decimals="0"
        @update:model-value="(value) => change({ lowPieces: value > 0 ? Math.round(value) : null })"
      />
    </div>
    <h3>Lots</h3>
    <ul class="plain-list lots">
      <li v-for="lot in of.lots" :key="lot.id">
        <b>{{ lot.code }}</b> {{ lotFacts(lot) }}
      </li>
    </ul>
    <AppForm class="fields" @submit="receive">
      <v-text-field v-model="delivery.code" label="Lot code" maxlength="60" />
      <v-text-field v-model="delivery.supplier" label="Supplier" maxlength="120" />
      <NumberField v-model="delivery.pieces" label="Pieces" :min="1" :max="1000000" :decimals="0" />
      <NumberField
        v-model="delivery.cost"
        label="Total cost"
        :min="0"
        :max="10000000"
        :decimals="2"
      />
      <v-btn type="submit">Receive</v-btn>
    </AppForm>
    <AppForm v-if="of.lots.length > 0" class="fields" @submit="countAgain">
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
    <v-btn variant="text" color="error" @click="archive"
      >Archive<span class="visually-hidden"> {{ of.name }}</span></v-btn
    >
  </div>
</template>

<style scoped>
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
</style>
