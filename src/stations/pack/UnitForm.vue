<script setup lang="ts">
import ProblemLine from '@/ui/kit/ProblemLine.vue';
import { computed, ref } from 'vue';
import { moldIdsOf } from '@/core/goods/products/byMold';
import { GRADES, UNIT_KINDS, type Grade } from '@/core/goods/products/kinds';
import { GRADE_WORDS, UNIT_WORDS } from '@/core/goods/products/messages';
import { eachCost, piecesOf } from '@/core/goods/products/packaging';
import { saleUnitSchema, type SaleUnit } from '@/core/goods/products/schema';
import { counted } from '@/core/basics/format/numbers';
import { useGoodsStore } from '@/stores/goods';
import { usePackStore } from '@/stores/pack';
import { useWorkshopStore } from '@/stores/workshop';
import MissingPrices from '@/shared/MissingPrices.vue';
import { useMoney } from '@/shared/useMoney';
import NumberField from '@/ui/fields/NumberField.vue';
import DraftField from '@/ui/fields/DraftField.vue';

/** What is in the pack, what is around it, and what it is sold for. */
const props = defineProps<{ unit: SaleUnit }>();
const pack = usePackStore();
const goods = useGoodsStore();
const workshop = useWorkshopStore();
const { money } = useMoney();
const problem = ref('');
const isPartial = computed(
  () =>
    pack.cost !== null &&
    pack.cost.unpricedMaterials.length + pack.cost.unpricedPackaging.length > 0,
);

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
const formulas = computed(() =>
  workshop.formulas.map((formula) => ({ value: formula.id, title: formula.name })),
);
const grades = GRADES.map((value) => ({ value, title: GRADE_WORDS[value] }));
const kinds = UNIT_KINDS.map((value) => ({ value, title: UNIT_WORDS[value] }));

/** What does not fit its schema is said and not kept. */
function change(part: Partial<SaleUnit>): void {
  const parsed = saleUnitSchema.safeParse({ ...props.unit, ...part });
  problem.value = parsed.success
    ? ''
    : part.contents?.length === 0
      ? 'A product holds at least one piece. Add another formula first.'
      : 'Couldn’t save this value, so nothing changed. Check it.';
  if (parsed.success) pack.putUnit(parsed.data);
}

const ANY_MOLD = 'any';
/** Molds that pieces of a formula were counted by, or that its product names. */
function moldsOf({ formulaId, moldId }: SaleUnit['contents'][number]) {
  const ids = [
    ...new Set([...moldIdsOf(formulaId, goods.loose), ...(moldId === undefined ? [] : [moldId])]),
  ];
  return ids.length < 2 && moldId === undefined
    ? []
    : [
        { value: ANY_MOLD, title: 'Any mold' },
        ...ids.map((value) => ({
          value,
          title:
            workshop.molds.find(({ id }) => id === value)?.name ?? 'A mold no longer on the shelf',
        })),
      ];
}
function takeMold(at: number, id: string): void {
  change({
    contents: props.unit.contents.map((line, i) => {
      if (i !== at) return line;
      const { moldId, ...rest } = line;
      return id === ANY_MOLD || id === moldId ? rest : { ...rest, moldId: id };
    }),
  });
}

const withLine = (at: number, part: Partial<SaleUnit['contents'][number]>) =>
  change({
    contents: props.unit.contents.map((line, i) => (i === at ? { ...line, ...part } : line)),
  });
const withoutLine = (at: number) =>
  change({ contents: props.unit.contents.filter((_, i) => i !== at) });
function addLine(): void {
  const formulaId = workshop.settings.formulaInHandId ?? workshop.formulas[0]?.id;
  if (formulaId)
    change({ contents: [...props.unit.contents, { formulaId, grade: 'good', pieces: 1 }] });
}
const withWrap = (at: number, pieces: number) =>
  change({
    packaging: props.unit.packaging.map((one, i) => (i === at ? { ...one, pieces } : one)),
  });
const withoutWrap = (at: number) =>
  change({ packaging: props.unit.packaging.filter((_, i) => i !== at) });
const addWrap = (packagingId: string | null) =>
  packagingId && change({ packaging: [...props.unit.packaging, { packagingId, pieces: 1 }] });

function wrapWords(id: string): string {
  const of = workshop.packaging.find((one) => one.id === id);
  if (!of) return 'no longer on the shelf';
  const each = eachCost(of, goods.left);
  const here = `${counted(piecesOf(of, goods.left), 'piece')} here`;
  return each === null ? `${here}, no price` : `${here}, ${money(each)} each`;
}
const nameOf = (id: string) =>
  workshop.packaging.find((one) => one.id === id)?.name ?? 'Removed packaging';
const price = (value: number): number | null => (value > 0 ? value : null);
</script>

<template>
  <section aria-label="Product" class="unit">
    <div class="fields">
      <DraftField
        :model-value="unit.name"
        label="Name"
        maxlength="300"
        @update:model-value="(text: string) => change({ name: text.trim() || unit.name })"
      />
      <v-select
        :model-value="unit.kind"
        :items="kinds"
        label="Sold as"
        @update:model-value="(kind: SaleUnit['kind']) => change({ kind })"
      />
    </div>
    <h2>Contents</h2>
    <div
      v-for="(line, i) in unit.contents"
      :key="i"
      class="line"
      role="group"
      :aria-label="`Content ${i + 1}`"
    >
      <v-autocomplete
        :model-value="line.formulaId"
        :items="formulas"
        label="Formula"
        @update:model-value="(formulaId: string | null) => formulaId && withLine(i, { formulaId })"
      />
      <NumberField
        :model-value="line.pieces"
        label="Pieces"
        :min="1"
        :max="1000"
        :decimals="0"
        @update:model-value="(pieces) => withLine(i, { pieces: Math.round(pieces) })"
      />
      <v-select
        :model-value="line.grade"
        :items="grades"
        label="Grade"
        @update:model-value="(grade: Grade) => withLine(i, { grade })"
      />
      <v-select
        v-if="moldsOf(line).length > 0"
        :model-value="line.moldId ?? ANY_MOLD"
        :items="moldsOf(line)"
        label="Mold"
        @update:model-value="(id: string) => takeMold(i, id)"
      />
      <v-btn variant="text" @click="withoutLine(i)"
        >Remove<span class="visually-hidden"> content {{ i + 1 }}</span></v-btn
      >
    </div>
    <v-btn size="small" @click="addLine">Add a formula</v-btn>
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
    <h2>Cost and price</h2>
    <dl v-if="pack.cost" class="cost">
      <div>
        <dt>Pieces, made</dt>
        <dd>{{ money(pack.cost.made) }}</dd>
      </div>
      <div>
        <dt>Packaging</dt>
        <dd>{{ money(pack.cost.around) }}</dd>
      </div>
      <div>
        <dt>Labor to wrap</dt>
        <dd>{{ money(pack.cost.hands) }}</dd>
      </div>
      <div v-if="pack.cost.overhead > 0">
        <dt>Overhead</dt>
        <dd>{{ money(pack.cost.overhead) }}</dd>
      </div>
      <div class="sum">
        <dt>{{ isPartial ? 'At least' : 'Total' }}</dt>
        <dd>{{ money(pack.cost.all) }}</dd>
      </div>
      <div>
        <dt>Wholesale by your margin</dt>
        <dd>{{ money(pack.cost.wholesale) }}</dd>
      </div>
      <div>
        <dt>Retail by your margin</dt>
        <dd>{{ money(pack.cost.retail) }}</dd>
      </div>
    </dl>
    <MissingPrices
      v-if="pack.cost"
      :material-ids="pack.cost.unpricedMaterials"
      :packaging="pack.cost.unpricedPackaging"
    />
    <div class="fields">
      <NumberField
        :model-value="unit.wholesale ?? 0"
        label="Wholesale price"
        :min="0"
        :max="1000000"
        :decimals="2"
        @update:model-value="(value) => change({ wholesale: price(value) })"
      />
      <NumberField
        :model-value="unit.retail ?? 0"
        label="Retail price"
        :min="0"
        :max="1000000"
        :decimals="2"
        @update:model-value="(value) => change({ retail: price(value) })"
      />
      <NumberField
        :model-value="unit.minutes"
        label="Packing time for one"
        unit="min"
        :min="0"
        :max="1000"
        :decimals="1"
        @update:model-value="(minutes) => change({ minutes })"
      />
      <NumberField
        :model-value="unit.ruleMonths ?? 0"
        label="Best-before rule (0 for none)"
        suffix="months"
        :min="0"
        :max="120"
        :decimals="1"
        @update:model-value="(months) => change({ ruleMonths: months >= 0.25 ? months : null })"
      />
    </div>
    <ProblemLine :problem="problem" />
    <v-btn variant="text" color="error" @click="pack.dropUnit(unit.id)">Archive product</v-btn>
  </section>
</template>

<style scoped>
h2 {
  margin: 16px 0 8px;
}
.fields {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(170px, 1fr));
  gap: 10px;
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
.line > :deep(.v-autocomplete) {
  flex: 2 1 170px;
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
.cost {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(110px, 1fr));
  gap: 6px 18px;
  margin: 0 0 10px;
}
.cost dt {
  color: var(--mid);
  font-size: var(--text-small);
}
.cost dd {
  margin: 0;
  font-variant-numeric: tabular-nums;
}
.cost .sum dd {
  font-weight: 700;
}
.advice {
  color: var(--ochre);
}
</style>
