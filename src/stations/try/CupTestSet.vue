<script setup lang="ts">
import ProblemLine from '@/ui/kit/ProblemLine.vue';
import { typedIn } from '@/ui/fields/typedIn';
import { useIntervalFn } from '@vueuse/core';
import { computed, ref } from 'vue';
import { totalMassG } from '@/core/formula/model/edit';
import { RESPONSE_WORDS } from '@/core/batches/trials/cup-test/responses';
import { baseOf, valueOf } from '@/core/batches/trials/cup-test/cups';
import type { CupTest } from '@/core/batches/trials/cup-test/schema';
import { decimalsOf } from '@/core/work/weighing/rounding';
import { parseNumber } from '@/core/basics/units/parseNumber';
import { stopwatch } from '@/core/basics/format/durations';
import { formatPercent } from '@/core/basics/format/numbers';
import { formatLiters, formatMass, formatTemp } from '@/core/basics/format/quantities';
import { nowIso } from '@/stores/now';
import { useTrialsStore } from '@/stores/trials';
import { useMaterials } from '@/ui/fields/materials';
import CupTestVerdict from './CupTestVerdict.vue';

/** One set: its base mix and cups as a sheet, what each showed, and what that says so far. */
const props = defineProps<{ ladder: CupTest }>();
const trialStore = useTrialsStore();
const { nameOf } = useMaterials();
const typed = ref<Readonly<Record<string, string>>>({});
const problem = ref('');
/** Nothing that is seen in a cup is larger. */
const MOST_VALUE = 100_000;

const words = computed(() => RESPONSE_WORDS[props.ladder.response]);
const decimals = computed(() => decimalsOf(props.ladder.stepG));
const base = computed(() => baseOf(props.ladder.body, props.ladder.factors));
/** Weights of so few steps are shown finer: they go in as drops or a premix. */
const FINE_STEPS = 10;
/** A little over, for what stays in the bowl. */
const OVER = 1.05;
const baseG = computed(() => OVER * props.ladder.cups.reduce((sum, cup) => sum + cup.baseG, 0));
const baseLines = computed(() => {
  const totalG = totalMassG(base.value);
  return (base.value.parts[0]?.lines ?? []).map(({ id, materialId, massG }) => ({
    id,
    name: nameOf(materialId),
    massG: (massG * baseG.value) / totalG,
    decimals:
      (massG * baseG.value) / totalG < FINE_STEPS * props.ladder.stepG
        ? decimals.value + 1
        : decimals.value,
  }));
});

/** A cup under the stopwatch. */
const timing = ref<{ readonly cupId: string; readonly fromMs: number } | null>(null);
const nowMs = ref(0);
useIntervalFn(() => (nowMs.value = Date.parse(nowIso())), 200);
const timedS = computed(() =>
  timing.value ? Math.max(0, (nowMs.value - timing.value.fromMs) / 1000) : 0,
);

/** Pressed when it touches the water, and again when it is gone. */
function time(cupId: string): void {
  const atMs = Date.parse(nowIso());
  const running = timing.value;
  nowMs.value = atMs;
  timing.value = running?.cupId === cupId ? null : { cupId, fromMs: atMs };
  if (running?.cupId === cupId)
    trialStore.seenInCup(props.ladder, cupId, Math.round((atMs - running.fromMs) / 1000));
}

const print = () => window.print();

function write(cupId: string): void {
  const value = parseNumber(typed.value[cupId] ?? '');
  const isFine =
    value !== null &&
    value >= 0 &&
    value <= MOST_VALUE &&
    (props.ladder.response !== 'gone-s' || value > 0);
  problem.value = isFine ? '' : `${words.value.ask}: type a number.`;
  if (!isFine) return;
  trialStore.seenInCup(props.ladder, cupId, value);
  typed.value = { ...typed.value, [cupId]: '' };
}
</script>

<template>
  <article class="set" :aria-label="ladder.name">
    <h2>
      {{ ladder.name }}
      <v-btn class="no-print" size="small" @click="print">Print</v-btn>
    </h2>
    <div class="parts">
      <div>
        <h3>Base mix, {{ formatMass(baseG, 0) }}</h3>
        <ul class="plain-list lines">
          <li v-for="line in baseLines" :key="line.id">
            <span>{{ line.name }}</span><b class="tabular">{{
              formatMass(line.massG, line.decimals)
            }}</b>
          </li>
        </ul>
        <table>
          <thead>
            <tr>
              <th scope="col">Cup</th>
              <th scope="col">Base</th>
              <th v-for="factor in ladder.factors" :key="factor.materialId" scope="col">
                {{ nameOf(factor.materialId) }}
              </th>
              <th scope="col">{{ words.ask }}</th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="(cup, i) in ladder.cups" :key="cup.id">
              <th scope="row">{{ i + 1 }}</th>
              <td class="tabular">{{ formatMass(cup.baseG, decimals) }}</td>
              <td v-for="(massG, k) in cup.addedG" :key="k" class="tabular">
                {{ formatMass(massG, decimals) }}
                <span class="quiet">{{ formatPercent(cup.pcts[k] ?? 0, 1) }}</span>
              </td>
              <td class="act">
                <button
                  v-if="ladder.response === 'gone-s'"
                  type="button"
                  class="time no-print"
                  @click="time(cup.id)"
                >
                  {{ timing?.cupId === cup.id ? `Gone, ${stopwatch(timedS)}` : 'Drop in'
                  }}<span class="visually-hidden"> cup {{ i + 1 }}</span>
                </button>
                <form class="seen no-print" @submit.prevent="write(cup.id)">
                  <b v-if="valueOf(ladder, cup.id) !== null" class="tabular">{{
                    valueOf(ladder, cup.id)
                  }}</b>
                  <input
                    :value="typed[cup.id] ?? ''"
                    inputmode="decimal"
                    autocomplete="off"
                    :aria-label="`${words.ask}, cup ${i + 1}`"
                    @input="typed = { ...typed, [cup.id]: typedIn($event) }"
                  />
                  <button type="submit">
                    Save<span class="visually-hidden"> cup {{ i + 1 }}</span>
                  </button>
                </form>
              </td>
            </tr>
          </tbody>
        </table>
        <p class="quiet small">
          Press or pack all cups the same way and dry them alike. Drop one after the other into
          {{ formatLiters(1) }} of water at {{ formatTemp(38) }}, in random order.
        </p>
        <ProblemLine :problem="problem" />
      </div>
      <CupTestVerdict :ladder="ladder" />
    </div>
  </article>
</template>

<style scoped>
h2 {
  margin: 0 0 8px;
  font-size: var(--text-title);
}
h3 {
  margin: 0 0 4px;
  font-size: var(--text-lead);
}
.parts {
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
  gap: 24px;
}
.lines li {
  display: flex;
  justify-content: space-between;
  max-width: 320px;
}
td.tabular {
  white-space: nowrap;
}
.act {
  white-space: nowrap;
}
/* As wide before its seconds run as after. */
.act .time {
  min-width: 116px;
  font-variant-numeric: tabular-nums;
}
.seen b {
  min-width: 5ch;
  text-align: right;
}
.act .time {
  float: left;
  margin-right: 8px;
}
.seen {
  display: flex;
  gap: 6px;
  align-items: center;
}
.seen input {
  width: 74px;
  min-height: 44px;
  padding: 0 6px;
  border: 1px solid var(--mid);
  border-radius: var(--radius-small);
  background: var(--paper);
  color: var(--ink);
  font: inherit;
}
.seen button,
.time {
  min-height: 44px;
  padding: 0 10px;
  border: 1px solid var(--verdigris);
  border-radius: var(--radius-small);
  background: none;
  color: var(--verdigris);
  font: inherit;
  cursor: pointer;
}
.small {
  font-size: var(--text-small);
}
@media (max-width: 560px) {
  .act {
    white-space: normal;
  }
  .act .time {
    float: none;
    margin: 0 0 6px;
  }
}
@media (max-width: 1150px) {
  .parts {
    grid-template-columns: minmax(0, 1fr);
  }
}
table {
  width: auto;
  margin-top: 14px;
}
</style>
