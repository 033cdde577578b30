<script setup lang="ts">
import { dayOf } from '@/core/basics/time';
import ProblemLine from '@/ui/kit/ProblemLine.vue';
import AppForm from '@/ui/kit/AppForm.vue';
import { computed, ref, watch } from 'vue';
import { sayConcern } from '@/core/goods/products/concerns';
import type { SaleUnit } from '@/core/goods/products/schema';
import { standing } from '@/core/batches/records/summary';
import { listed } from '@/core/basics/format/names';
import { counted, formatCount, formatPercent } from '@/core/basics/format/numbers';
import { useMoney } from '@/shared/useMoney';
import { useGoodsStore } from '@/stores/goods';
import { usePackStore } from '@/stores/pack';
import { useTrialsStore } from '@/stores/trials';
import { useWorkshopStore } from '@/stores/workshop';
import MissingPrices from '@/shared/MissingPrices.vue';
import { useConcerns } from './useConcerns';
import NumberField from '@/ui/fields/NumberField.vue';

/** What one costs, the next wrapping, and the paper behind it. */
const props = defineProps<{ unit: SaleUnit }>();
const emit = defineEmits<{ handOver: []; papers: [] }>();
const pack = usePackStore();
const goods = useGoodsStore();
const trialStore = useTrialsStore();
const workshop = useWorkshopStore();
const { money } = useMoney();

const count = ref(Math.max(1, pack.proposed));
const problem = ref('');
const { sureDone } = useConcerns(problem);
const said = ref('');
watch(
  () => [props.unit.id, pack.proposed],
  () => (count.value = Math.max(1, pack.proposed)),
);

const here = computed(() => goods.onHand.get(props.unit.id) ?? 0);
/** What the pieces of the next wrapping still wait for. */
const early = computed(() => {
  const plan = pack.planFor(Math.max(1, Math.round(count.value)));
  return plan?.ok ? pack.concernsNow(plan.from.map(({ batchId }) => batchId)).map(sayConcern) : [];
});
/** What speaks against the next wrapping: it is asked when it is wrapped. */
const concerns = computed(() => {
  const plan = pack.planFor(Math.max(1, Math.round(count.value)));
  if (!plan?.ok) return [];
  return goods.concernsOf(plan.from.map(({ batchId }) => batchId)).map(sayConcern);
});
const shortOf = computed(() => {
  const each = Math.max(1, Math.round(count.value));
  return props.unit.packaging.flatMap(({ packagingId, pieces }) => {
    const of = workshop.packaging.find(({ id }) => id === packagingId);
    if (!of) return [];
    const left = of.lots.reduce((sum, { id }) => sum + Math.max(0, goods.left.get(id) ?? 0), 0);
    return left < pieces * each
      ? [`${of.name} (${formatCount(left)} of ${formatCount(pieces * each)})`]
      : [];
  });
});
const corrected = computed(() => [
  ...new Set(
    goods.wrapped
      .filter(({ run }) => run.unitId === props.unit.id)
      .flatMap(({ run }) => goods.correctedSince(run)),
  ),
]);

function wrapNow(): void {
  const best = pack.label?.bestBefore;
  const done = sureDone((isSure) =>
    pack.wrap(Math.round(count.value), best ? dayOf(best.atMs) : null, isSure),
  );
  said.value = done.ok ? 'Wrapped. The packaging came off the shelf.' : '';
}

const costWords = computed(() => {
  const cost = pack.cost;
  if (!cost) return '';
  const said = `${money(cost.all)}, with ${money(cost.around)} packaging`;
  return cost.unpricedMaterials.length + cost.unpricedPackaging.length > 0
    ? `Cost at least ${said}`
    : `Cost ${said}`;
});
/** What it sells for: what was set, else by the margins. */
const prices = computed(() => {
  const { retail, wholesale } = props.unit;
  const all = [
    ...(retail === null ? [] : [`Retail ${money(retail)}`]),
    ...(wholesale === null ? [] : [`Wholesale ${money(wholesale)}`]),
  ];
  if (all.length > 0 || !pack.cost) return all.join(', ');
  return `By your margins: retail ${money(pack.cost.retail)}, wholesale ${money(pack.cost.wholesale)}`;
});
const behind = computed(() => {
  const batches = pack.batches;
  const signed = batches.reduce(
    (sum, batch) => sum + standing(batch, 'done').filter(({ who }) => who).length,
    0,
  );
  const steps = batches.reduce((sum, { steps: of }) => sum + of.length, 0);
  const trials = trialStore.trials.filter(({ batchId }) =>
    batches.some(({ id }) => id === batchId),
  );
  const lots = new Set(
    batches.flatMap((batch) =>
      [...standing(batch, 'weighed'), ...standing(batch, 'added')].flatMap(({ lots: uses }) =>
        (uses ?? []).map(({ lotId }) => lotId),
      ),
    ),
  );
  const open = (pack.label?.musts ?? []).filter(({ state }) => state !== 'met').length;
  return [
    `${counted(batches.length, 'batch record')}, ${formatCount(signed)} of ${counted(steps, 'step')} signed`,
    counted(lots.size, 'lot'),
    `${counted(trials.length, 'test')} in water`,
    open === 0 ? 'Label complete' : `${counted(open, 'open item')} on the label`,
  ];
});
</script>

<template>
  <section aria-labelledby="one-title" class="panel">
    <template v-if="pack.cost">
      <h2 id="one-title">Cost and price of one</h2>
      <p>
        {{ costWords }}<br />
        {{ prices }}
        <template v-if="pack.cost.retailLeavesPct !== null"
          ><br /><span :class="{ loss: pack.cost.retailLeavesPct < 0 }"
            >Retail margin {{ formatPercent(pack.cost.retailLeavesPct, 0) }}</span
          ></template
        >
      </p>
      <MissingPrices
        :material-ids="pack.cost.unpricedMaterials"
        :packaging="pack.cost.unpricedPackaging"
      />
    </template>
    <v-select
      v-if="pack.lines.length === 1 && goods.loose.length > 0"
      v-model="pack.firstId"
      :items="[
        { value: null, title: 'Oldest first' },
        ...goods.loose
          .filter(
            ({ batch, left }) =>
              batch.formulaId === unit.contents[0]?.formulaId &&
              left[unit.contents[0]?.grade ?? 'good'] > 0,
          )
          .map(({ batch, left }) => ({
            value: batch.id,
            title: `${batch.code}, ${left[unit.contents[0]?.grade ?? 'good']} loose`,
          })),
      ]"
      label="Batch"
    />
    <AppForm class="wrap" @submit="wrapNow">
      <NumberField v-model="count" label="Count" :min="1" :max="100000" :decimals="0" />
      <p v-for="one in early" :key="one" class="advice">{{ one }}</p>
      <p v-for="concern in concerns" :key="concern" role="alert" class="problem">
        {{ concern }} Find out why before you sell it.
      </p>
      <p v-if="shortOf.length > 0" class="advice">
        Not enough packaging: {{ shortOf.join(', ') }}.
      </p>
      <v-btn block type="submit" variant="flat" size="large"
        >Wrap {{ formatCount(Math.round(count)) }}</v-btn
      >
    </AppForm>
    <v-btn block :disabled="here === 0" @click="emit('handOver')">Hand over</v-btn>
    <ProblemLine :problem="problem" />
    <p v-if="said" role="status" class="quiet">{{ said }}</p>
    <p v-if="corrected.length > 0" role="alert" class="problem">
      Corrected after wrapping: {{ listed(corrected) }}. The label may have changed. Check what you
      handed out.
    </p>
    <h2>Records</h2>
    <ul class="plain-list behind">
      <li v-for="line in behind" :key="line">{{ line }}</li>
    </ul>
    <v-btn block @click="emit('papers')">Open papers</v-btn>
  </section>
</template>

<style scoped>
.panel,
.wrap {
  display: grid;
  gap: 8px;
}
.panel {
  margin-top: 18px;
}
.panel p {
  margin: 0;
  font-size: var(--text-plain);
}
h2 {
  margin-top: 6px;
}
.behind li {
  padding: 2px 0;
  font-size: var(--text-plain);
}
.advice {
  color: var(--ochre);
}
.problem,
.loss {
  color: var(--rust);
}
</style>
