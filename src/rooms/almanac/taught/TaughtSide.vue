<script setup lang="ts">
import { computed, onBeforeUnmount, ref, watch } from 'vue';
import { counted, formatFixed, formatPercent, formatRange } from '@/core/basics/format/numbers';
import { FAMILY_WORDS, METHOD_WORDS } from '@/core/formula/model/messages';
import { LEARNED_IDS, type LearnedId } from '@/core/results/learning/exclusions';
import { teachesMost } from '@/core/workshop/taught/workshopRows';
import { useAddress } from '@/shared/useAddress';
import { useTaughtStore } from '@/stores/taught';
import { useWorkshopStore } from '@/stores/workshop';
import ProblemLine from '@/ui/kit/ProblemLine.vue';
import OwnMeasures from './OwnMeasures.vue';
import TaughtDetail from './TaughtDetail.vue';
import YearLine from './YearLine.vue';
import { QUANTITY_WORDS, sayBand, sayEstimate } from './taughtMessages';

/** One row a quantity: what Rovack came with, what own batches and tests made of it, and how it moved over the year. */
const taught = useTaughtStore();
const workshop = useWorkshopStore();
watch(
  () => [workshop.batches, workshop.trials, workshop.exclusions, taught.place],
  () => taught.ask(),
  { immediate: true },
);
onBeforeUnmount(() => taught.stop());

const openId = ref<LearnedId | null>(null);
useAddress({
  names: ['almanac', 'taught'],
  param: 'item',
  to: 'taught',
  beside: () => ({ view: 'taught' }),
  current: () => openId.value,
  keyOf: (id) => id,
  find: (key) => LEARNED_IDS.find((id) => id === key) ?? null,
  choose: (id) => (openId.value = LEARNED_IDS.find((one) => one === id) ?? null),
});
const toggle = (id: LearnedId) => (openId.value = openId.value === id ? null : id);

const rows = computed(() => taught.answer?.rows ?? []);
/** Loose salts are not squeezed: a batch of them says nothing of moisture. */
const most = computed(() =>
  teachesMost(rows.value.filter(({ id }) => id !== 'damp' || taught.place.method !== 'loose')),
);
const slope = computed(() => {
  const of = taught.answer?.dampSlope;
  if (!of) return '';
  const { estimate, low, high } = of.yours;
  return `For each 10 points more humidity your hand wants ${formatFixed(estimate, 2)} times (${formatRange(low, high, 2)}) the moisture, on top of the shipped slope.`;
});
</script>

<template>
  <section aria-label="What it taught">
    <p class="quiet">
      For {{ FAMILY_WORDS[taught.place.family] }}, {{ METHOD_WORDS[taught.place.method] }}, at
      {{ formatPercent(taught.place.humidityPct, 0) }} humidity.
    </p>
    <ProblemLine :problem="taught.problem" />
    <p v-if="!taught.answer && !taught.problem" role="status">Learning from your batches.</p>
    <div v-if="most" class="most">
      <div>
        <h2>What would teach most</h2>
        <p>
          {{ QUANTITY_WORDS[most.row.id].more }}
          {{ QUANTITY_WORDS[most.row.id].name }} would then have a range about
          {{ formatPercent(100 * most.gain, 0) }} narrower.
        </p>
      </div>
      <v-btn variant="flat" :to="QUANTITY_WORDS[most.row.id].way.to">{{
        QUANTITY_WORDS[most.row.id].way.name
      }}</v-btn>
    </div>
    <ul v-if="rows.length" class="plain-list rows">
      <li v-for="row in rows" :key="row.id">
        <button
          type="button"
          class="row"
          :aria-expanded="openId === row.id"
          @click="toggle(row.id)"
        >
          <span class="what"
            ><b>{{ QUANTITY_WORDS[row.id].name }}</b
            ><span class="quiet">{{ QUANTITY_WORDS[row.id].what }}</span></span
          >
          <span class="value"
            ><span class="quiet">Estimate</span>
            <span class="tabular">{{ sayEstimate(row.id, row.shipped) }}</span>
            <span class="quiet tabular">{{ sayBand(row.id, row.shipped) }}</span></span
          >
          <span class="value"
            ><span class="quiet">Yours</span>
            <template v-if="row.yours"
              ><b class="tabular">{{ sayEstimate(row.id, row.yours) }}</b>
              <span class="quiet tabular">{{ sayBand(row.id, row.yours) }}</span></template
            ><span v-else>–</span></span
          >
          <span class="quiet count">{{
            row.excluded.length
              ? `${counted(row.records, 'record')}, ${row.excluded.length} excluded`
              : counted(row.records, 'record')
          }}</span>
          <YearLine
            v-if="row.moved.length > 1"
            :row="row"
            :label="`${QUANTITY_WORDS[row.id].name} over the year`"
          />
          <span v-else class="quiet line">not enough records</span>
        </button>
        <TaughtDetail v-if="openId === row.id" :row="row" />
      </li>
    </ul>
    <p v-if="slope" class="quiet">{{ slope }}</p>
    <OwnMeasures v-if="taught.answer" />
  </section>
</template>

<style scoped>
.most {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 24px;
  align-items: center;
  justify-content: space-between;
  margin: 8px 0 14px;
  padding: 12px 16px;
  border: 1px solid var(--verdigris);
  border-radius: var(--radius);
}
.most p {
  margin: 2px 0 0;
}
.rows > li {
  border-bottom: 1px solid var(--hairline);
}
.row {
  display: grid;
  grid-template-columns: minmax(0, 1.7fr) minmax(0, 1fr) minmax(0, 1fr) 120px 150px;
  gap: 18px;
  align-items: center;
  width: 100%;
  min-height: 64px;
  padding: 6px 0;
  border: 0;
  background: none;
  color: inherit;
  font: inherit;
  text-align: left;
  cursor: pointer;
}
.row:hover b:first-child {
  color: var(--verdigris);
}
.what,
.value {
  display: grid;
  line-height: 1.3;
}
.what .quiet,
.value .quiet,
.count,
.line {
  font-size: var(--text-small);
}
@media (max-width: 820px) {
  .row {
    grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
    gap: 4px 14px;
  }
  .what {
    grid-column: 1 / -1;
  }
}
</style>
