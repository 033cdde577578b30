<script setup lang="ts">
import { computed, ref, watch } from 'vue';
import { longDate } from '@/core/basics/format/dates';
import { counted, formatFixed, formatPercent } from '@/core/basics/format/numbers';
import { capital } from '@/core/basics/format/phrases';
import { faultRow } from '@/core/batches/faults/faultTable';
import { versionHistory, type VersionStep } from '@/core/goods/archive/versionHistory';
import { useAlmanacStore } from '@/stores/almanac';
import { useWorkshopStore } from '@/stores/workshop';
import { useMaterials } from '@/ui/fields/materials';
import { changeSaid } from './compareMessages';

/** The versions of a formula on one line, each with what changed and what came of it. */
const props = defineProps<{ formulaId: string | null }>();
const workshop = useWorkshopStore();
const almanac = useAlmanacStore();
const { sentenceNameOf, findById } = useMaterials();

const chosen = ref(props.formulaId);
watch(
  () => props.formulaId,
  (id) => (chosen.value = id),
);
const formulas = computed(() =>
  almanac.formulas.map(({ id, name }) => ({ value: id, title: name })),
);
const formula = computed(() => workshop.formulas.find(({ id }) => id === chosen.value) ?? null);
const steps = computed(() =>
  chosen.value === null
    ? []
    : versionHistory(
        formula.value,
        almanac.all.flatMap(({ digest }) => (digest.formulaId === chosen.value ? [digest] : [])),
      ),
);
const MOST_CHANGES = 4;
const nameOf = (id: string) => capital(findById(id) ? sentenceNameOf(id) : 'a removed material');
const changesOf = ({ change }: VersionStep) =>
  (change?.lines ?? []).map((line) => changeSaid(line, nameOf(line.materialId)));
/** The gravest that came of it is the mark on the line. */
const markOf = ({ batches, outcomes }: VersionStep) =>
  batches === 0 ? 'none' : outcomes.faults > 0 ? 'faults' : outcomes.good > 0 ? 'good' : 'none';
</script>

<template>
  <section class="history" aria-labelledby="history-heading">
    <h2 id="history-heading">History of a formula</h2>
    <v-select v-model="chosen" :items="formulas" label="Formula" hide-details class="choose" />
    <p v-if="chosen && !formula" class="quiet">
      This formula was removed. Its batches are here, but what changed from version to version is no
      longer known.
    </p>
    <p v-if="steps.length === 0" class="quiet">
      No version of it was saved, and no batch was made of one.
    </p>
    <ol v-else class="plain-list line">
      <li v-for="step in steps" :key="step.number" :class="markOf(step)">
        <svg viewBox="0 0 20 20" aria-hidden="true" class="mark">
          <path v-if="markOf(step) === 'faults'" d="M10 2L19 18H1z" />
          <circle v-else cx="10" cy="10" r="8" />
        </svg>
        <h3>
          Version {{ step.number }}<template v-if="step.name">, {{ step.name }}</template>
        </h3>
        <p v-if="step.keptAt" class="quiet">{{ longDate(step.keptAt) }}</p>
        <ul v-if="changesOf(step).length" class="plain-list">
          <li v-for="change in changesOf(step).slice(0, MOST_CHANGES)" :key="change">
            {{ change }}
          </li>
          <li v-if="changesOf(step).length > MOST_CHANGES" class="quiet">
            {{ counted(changesOf(step).length - MOST_CHANGES, 'more change') }}
          </li>
        </ul>
        <p v-else-if="step.change?.isSame" class="quiet">The same as the version before.</p>
        <p v-if="step.batches === 0" class="quiet">No batch was made of it.</p>
        <template v-else>
          <p>
            <b
              >{{ counted(step.batches, 'batch', 'batches') }},
              {{ counted(step.pieces, 'good piece') }}, {{ counted(step.rejects, 'reject') }}</b
            >
          </p>
          <p v-if="step.faults.length">
            {{ step.faults.map((fault) => faultRow(fault).title).join(', ') }}
          </p>
          <p v-if="step.humidityPct !== null || step.dampPct !== null" class="quiet">
            <template v-if="step.humidityPct !== null"
              >Mean humidity {{ formatPercent(step.humidityPct, 0) }}.</template
            >
            <template v-if="step.dampPct !== null">
              Mean moisture {{ formatFixed(step.dampPct, 1) }}.</template
            >
          </p>
        </template>
      </li>
    </ol>
  </section>
</template>

<style scoped>
.history {
  margin-top: 30px;
}
.choose {
  max-width: 340px;
  margin: 8px 0 16px;
}
/* A line from left to right, as far as there is room; below one another on a phone. */
.line {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(200px, 260px));
  gap: 20px 0;
}
.line > li {
  position: relative;
  padding: 30px 20px 0 0;
  font-size: var(--text-plain);
}
.line > li::before {
  content: '';
  position: absolute;
  inset: 9px 0 auto;
  border-top: 2px solid var(--mid);
}
.mark {
  position: absolute;
  top: 0;
  left: 0;
  width: 20px;
  height: 20px;
  fill: var(--chalk);
  stroke: var(--ink);
  stroke-width: 2;
}
.good .mark {
  fill: var(--verdigris);
}
.faults .mark {
  fill: var(--ochre-mark);
}
h3 {
  margin: 0;
  font-size: var(--text-lead);
}
p {
  margin: 2px 0;
}
</style>
