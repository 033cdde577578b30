<script setup lang="ts">
import DetailList from '@/ui/kit/DetailList.vue';
import { computed } from 'vue';
import { goodPieces } from '@/core/work/cost/costOf';
import type { Formula } from '@/core/formula/model/schema';
import { planScale, type ScalePlan } from '@/core/work/scaling/plan';
import type { Means } from '@/core/work/scaling/means';
import type { ScaleRequest } from '@/core/work/scaling/requestSchema';
import MissingPrices from '@/shared/MissingPrices.vue';
import { useCostsStore } from '@/stores/costs';
import { useWorkshopStore } from '@/stores/workshop';
import { formatMinutes } from '@/core/basics/format/durations';
import { counted, formatCount, formatPercent } from '@/core/basics/format/numbers';
import { formatMass } from '@/core/basics/format/quantities';
import { useMoney } from '@/shared/useMoney';
import CostTerms from './CostTerms.vue';
import { useMaterials } from '@/ui/fields/materials';

const { nameOf } = useMaterials();

const props = defineProps<{
  formula: Formula;
  plan: ScalePlan;
  request: ScaleRequest;
  means: Means;
}>();

const workshop = useWorkshopStore();
const costs = useCostsStore();
const { money } = useMoney();

const MOST_DRIVERS = 8;

const costing = computed(() => costs.costingOf(props.formula.id));
const workMinutes = computed(() => costs.stepMinutes(props.formula, props.plan));
const minutes = computed(() => costs.makingMinutes(props.formula, props.plan));
const terms = computed(() => workshop.settings.money);
const cost = computed(() => costs.pieceOfPlan(props.formula, props.plan));
/** Good pieces of the batch. */
const pieces = computed(() => goodPieces(props.plan.pieces, costing.value.rejectPct));
const total = computed(() => cost.value.all * pieces.value);
const drivers = computed(() => {
  const { of, around, hands, overhead } = cost.value;
  const each = `${formatCount(Math.round(pieces.value))} ×`;
  const all = [
    ...of.materials.flatMap(({ materialId, cost: amount, massG }) =>
      amount === null ? [] : [{ name: nameOf(materialId), amount, detail: formatMass(massG) }],
    ),
    { name: 'Labor to make it', amount: of.laborCost, detail: formatMinutes(minutes.value) },
    { name: 'Packaging', amount: around * pieces.value, detail: each },
    { name: 'Labor to wrap it', amount: hands * pieces.value, detail: each },
    {
      name: 'Overhead',
      amount: overhead * pieces.value,
      detail: formatPercent(terms.value.overheadPct ?? 0),
    },
  ].filter(({ amount }) => amount > 0);
  return all.sort((a, b) => b.amount - a.amount).slice(0, MOST_DRIVERS);
});
const most = computed(() => Math.max(...drivers.value.map(({ amount }) => amount), 1e-9));

/** The newest kept version that is not what stands in the column now. */
const before = computed(() => {
  const now = JSON.stringify(props.formula.body);
  const version = props.formula.versions.findLast(({ body }) => JSON.stringify(body) !== now);
  if (!version) return null;
  // Ways belong to the lines of the column as it is; an older version is weighed plainly.
  const planned = planScale(version.body, { ...props.request, ways: {} }, props.means);
  if (!planned.ok) return null;
  const then = { ...props.formula, body: version.body };
  return { number: version.number, cost: costs.pieceOfPlan(then, planned.plan) };
});

const isPartial = computed(
  () => cost.value.of.unpriced.length + cost.value.unpricedPackaging.length > 0,
);
const atLeast = (amount: number) => (isPartial.value ? `at least ${money(amount)}` : money(amount));
function changed(now: number, then: number, version: number): string {
  const by = now - then;
  if (Math.abs(by) < 0.005) return `the same as version ${version}`;
  return by > 0
    ? `${money(by)} more than version ${version}`
    : `${money(-by)} less than version ${version}`;
}
</script>

<template>
  <section aria-label="Cost" class="cost">
    <DetailList>
      <div>
        <dt>Cost a piece</dt>
        <dd class="figure">{{ atLeast(cost.all) }}</dd>
        <dd v-if="before" class="quiet">
          {{ changed(cost.all, before.cost.all, before.number) }}
        </dd>
      </div>
      <div>
        <dt>Wholesale</dt>
        <dd class="figure">{{ money(cost.wholesale) }}</dd>
        <dd class="quiet">{{ formatPercent(terms.wholesaleMarginPct) }} margin</dd>
      </div>
      <div>
        <dt>Retail</dt>
        <dd class="figure">{{ money(cost.retail) }}</dd>
        <dd class="quiet">{{ formatPercent(terms.retailMarginPct) }} margin</dd>
      </div>
      <div>
        <dt>Cost of the batch</dt>
        <dd class="figure">{{ atLeast(total) }}</dd>
        <dd class="quiet">{{ counted(plan.pieces, 'piece') }}</dd>
      </div>
    </DetailList>
    <MissingPrices :material-ids="cost.of.unpriced" :packaging="cost.unpricedPackaging" />
    <p v-if="cost.product" class="quiet">
      With the packaging and wrapping of {{ cost.product.name }}. Pack counts the same way, by what
      each batch gave.
    </p>
    <h2>Largest costs</h2>
    <ol class="plain-list drivers">
      <li v-for="driver in drivers" :key="driver.name">
        <span>{{ driver.name }}</span>
        <span class="quiet tabular">{{ driver.detail }}</span>
        <span class="bar"><span :style="{ width: `${(100 * driver.amount) / most}%` }" /></span>
        <b class="tabular">{{ money(driver.amount) }}</b>
      </li>
    </ol>
    <CostTerms
      :formula-id="formula.id"
      :costing="costing"
      :minutes="minutes"
      :work-minutes="workMinutes"
      :has-product="cost.product !== null"
    />
  </section>
</template>

<style scoped>
.cost {
  max-width: 780px;
}
.drivers {
  margin: 6px 0 22px;
}
.drivers li {
  display: grid;
  grid-template-columns: minmax(0, 15em) 70px 1fr 80px;
  align-items: center;
  gap: 10px;
  min-height: 30px;
}
.drivers .quiet {
  font-size: var(--text-small);
}
.drivers b {
  text-align: right;
}
.bar {
  height: 12px;
}
.bar span {
  display: block;
  height: 100%;
  background: var(--verdigris);
}
</style>
