<script setup lang="ts">
import DetailList from '@/ui/kit/DetailList.vue';
import { computed } from 'vue';
import { NO_COSTING } from '@/core/work/cost/usual';
import { costOf } from '@/core/work/cost/costOf';
import type { Formula } from '@/core/formula/model/schema';
import { materialsUsed } from '@/core/work/scaling/used';
import { planScale, type ScalePlan } from '@/core/work/scaling/plan';
import type { Means } from '@/core/work/scaling/means';
import type { ScaleRequest } from '@/core/work/scaling/requestSchema';
import { useShelfStore } from '@/stores/shelf';
import { useWorkshopStore } from '@/stores/workshop';
import { formatMinutes } from '@/core/basics/format/durations';
import { listed } from '@/core/basics/format/names';
import { counted, formatCount, formatPercent } from '@/core/basics/format/numbers';
import { formatMass } from '@/core/basics/format/quantities';
import { useMoney } from '@/shared/useMoney';
import { handsMinutes } from '@/core/work/flow/workOf';
import CostTerms from './CostTerms.vue';
import { useMaterials } from '@/ui/fields/materials';

const { nameOf, sentenceNameOf } = useMaterials();

const props = defineProps<{
  formula: Formula;
  plan: ScalePlan;
  request: ScaleRequest;
  means: Means;
}>();

const workshop = useWorkshopStore();
const shelf = useShelfStore();
const { money } = useMoney();

const MOST_DRIVERS = 8;

/** What the work of this formula takes, until the maker's own minutes stand. */
const workMinutes = computed(() =>
  Math.round(
    handsMinutes(props.formula.body, { catalog: props.means.catalog, pieces: props.plan.pieces }),
  ),
);
const costing = computed(
  () =>
    workshop.settings.costings[props.formula.id] ?? {
      ...NO_COSTING,
      laborMinutes: workMinutes.value,
    },
);
const terms = computed(() => workshop.settings.money);
const cost = computed(() => costFor(props.plan));
const drivers = computed(() => {
  const all = [
    ...cost.value.materials.flatMap(({ materialId, cost: amount, massG }) =>
      amount === null ? [] : [{ name: nameOf(materialId), amount, detail: formatMass(massG) }],
    ),
    {
      name: 'Labor',
      amount: cost.value.laborCost,
      detail: formatMinutes(costing.value.laborMinutes),
    },
    {
      name: 'Packaging',
      amount: cost.value.packagingCost,
      detail: `${formatCount(props.plan.pieces)} ×`,
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
  return planned.ok ? { number: version.number, cost: costFor(planned.plan) } : null;
});

function costFor(plan: ScalePlan) {
  return costOf(materialsUsed(plan), plan.pieces, shelf.pricePerG, costing.value, terms.value);
}

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
        <dd class="figure">{{ money(cost.perPiece) }}</dd>
        <dd v-if="before" class="quiet">
          {{ changed(cost.perPiece, before.cost.perPiece, before.number) }}
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
        <dd class="figure">{{ money(cost.total) }}</dd>
        <dd class="quiet">{{ counted(plan.pieces, 'piece') }}</dd>
      </div>
    </DetailList>
    <p v-if="cost.unpriced.length" class="caution">
      No price yet for {{ listed(cost.unpriced.map((id) => sentenceNameOf(id))) }}. Add a price or a
      lot on the Shelf.
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
    <CostTerms :formula-id="formula.id" :costing="costing" :work-minutes="workMinutes" />
  </section>
</template>

<style scoped>
.cost {
  max-width: 780px;
}
.caution {
  padding-left: 12px;
  border-left: 4px solid var(--ochre-mark);
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
