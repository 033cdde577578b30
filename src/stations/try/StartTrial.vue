<script setup lang="ts">
import ProblemLine from '@/ui/kit/ProblemLine.vue';
import AppForm from '@/ui/kit/AppForm.vue';
import { computed, ref, watch } from 'vue';
import { doseG } from '@/core/results/fizz/dose';
import { portionsOf } from '@/core/matter/materials/portion';
import { KIND_WORDS, usualKind, type TrialKind } from '@/core/batches/trials/kinds';
import { gasLossPlan } from '@/core/batches/trials/gas-loss/gasLossPlan';
import { startProblem } from '@/core/batches/trials/startProblem';
import type { TrialStart } from '@/core/batches/trials/write';
import { USUAL_CONDITIONS } from '@/core/results/conditions/types';
import { meanPieceG } from '@/core/batches/records/summary';
import { formatPercent } from '@/core/basics/format/numbers';
import { formatMass } from '@/core/basics/format/quantities';
import { nowIso } from '@/stores/now';
import { useShelfStore } from '@/stores/shelf';
import { useTrialsStore } from '@/stores/trials';
import { useWorkshopStore } from '@/stores/workshop';
import ChoiceRow from '@/ui/kit/ChoiceRow.vue';
import NumberField from '@/ui/fields/NumberField.vue';
import TestPreview from './TestPreview.vue';
import { sayStartProblem, sayWhatDoes } from '@/shared/tryMessages';

/** What goes into the water: a piece of a batch or one from elsewhere, how it is tried, and in what. */
const trialStore = useTrialsStore();
const workshop = useWorkshopStore();
const shelf = useShelfStore();

const ELSEWHERE = 'Piece from elsewhere';
const chosenId = ref<string | null>(null);
/** The newest batch until the maker says otherwise: on a first visit it comes a moment later. */
const batchId = computed({
  get: () => chosenId.value ?? trialStore.madeBatches[0]?.id ?? ELSEWHERE,
  set: (id: string) => (chosenId.value = id),
});
const name = ref('');
const kind = ref<TrialKind>('tub');
const pieceG = ref(100);
const isCrumbs = ref(false);
const ageDays = ref(0);
const knowsAge = ref(true);
const volumeL = ref(150);
const tempC = ref(38);
const alkalinityMgL = ref(100);
const flowLMin = ref(8);
const stepG = ref(0.1);
const problem = ref('');

const choices = computed(() => [
  ...trialStore.madeBatches.map((batch) => ({
    value: batch.id,
    title: `${batch.code}, ${batch.formulaName}`,
  })),
  { value: ELSEWHERE, title: ELSEWHERE },
]);
const batch = computed(() => trialStore.madeBatches.find(({ id }) => id === batchId.value) ?? null);
const kinds = computed(() => {
  const usual = batch.value
    ? [usualKind(batch.value.body)]
    : (['tub', 'shower', 'salts', 'cleaning'] as const);
  return [...usual, ...(batch.value ? (['scale'] as const) : [])].map((value) => ({
    value,
    word: KIND_WORDS[value],
  }));
});

/** A whole piece in two liters: what a kitchen has. */
const JUG_L = 2;
watch(
  batch,
  (of) => {
    if (!of) {
      kind.value = 'tub';
      return;
    }
    kind.value = usualKind(of.body);
    pieceG.value = Math.round(10 * doseG(of.body.family, meanPieceG(of))) / 10;
    ageDays.value = Math.round(trialStore.ageOf(of, Date.parse(nowIso())));
    isCrumbs.value = false;
  },
  { immediate: true },
);
watch(
  kind,
  (of) => {
    const { tub, basin } = workshop.settings;
    const water = of === 'cleaning' ? basin : tub;
    volumeL.value = of === 'scale' ? JUG_L : water.volumeL;
    tempC.value = of === 'scale' ? USUAL_CONDITIONS.tub.tempC : water.tempC;
    alkalinityMgL.value = water.alkalinityMgL;
    const scales = [...shelf.scales].sort((a, b) => a.stepG - b.stepG);
    const carries = scales.find(({ capacityG }) => capacityG >= 1000 * JUG_L + 1000);
    if (of === 'scale' && carries) stepG.value = carries.stepG;
  },
  { immediate: true },
);

const plan = computed(() => {
  if (kind.value !== 'scale' || !batch.value || !(pieceG.value > 0)) return null;
  const mix = portionsOf(
    workshop.catalog,
    batch.value.body.parts.flatMap(({ lines }) => lines),
  );
  return mix.length > 0
    ? gasLossPlan(
        mix,
        pieceG.value,
        {
          volumeL: volumeL.value,
          tempC: tempC.value,
          alkalinityMgL: alkalinityMgL.value,
        },
        stepG.value,
      )
    : null;
});

const asked = computed((): TrialStart => ({
  kind: kind.value,
  batchId: batch.value?.id ?? null,
  name: batch.value ? '' : name.value.trim().slice(0, 80),
  pieceG: pieceG.value,
  isCrumbs: kind.value === 'scale' && isCrumbs.value,
  ageDays: knowsAge.value || batch.value ? ageDays.value : null,
  water: { volumeL: volumeL.value, tempC: tempC.value, alkalinityMgL: alkalinityMgL.value },
  flowLMin: kind.value === 'shower' ? flowLMin.value : null,
  stepG: kind.value === 'scale' ? stepG.value : null,
}));

function start(): void {
  const of = batch.value && { pieceG: meanPieceG(batch.value) };
  const found = startProblem(asked.value, of, plan.value?.expectedG ?? null);
  problem.value = found ? sayStartProblem(found, asked.value) : '';
  if (problem.value === '') trialStore.start(asked.value);
}
</script>

<template>
  <div class="start">
    <AppForm class="asked" aria-label="New test" @submit="start">
      <h2>New test</h2>
      <div class="fields">
        <v-autocomplete v-model="batchId" :items="choices" label="Piece" />
        <v-text-field v-if="!batch" v-model="name" label="Name" maxlength="80" autocomplete="off" />
      </div>
      <ChoiceRow v-model="kind" :items="kinds" />
      <div class="fields">
        <NumberField
          v-model="pieceG"
          :label="kind === 'scale' ? 'Sample' : 'Weight'"
          unit="g"
          :min="0.1"
          :max="20000"
          :decimals="1"
        />
        <NumberField
          v-model="ageDays"
          label="Age"
          suffix="days"
          :min="0"
          :max="20000"
          :decimals="0"
        />
        <template v-if="kind !== 'shower'">
          <NumberField
            v-model="volumeL"
            label="Water"
            unit="L"
            :min="0.1"
            :max="2000"
            :decimals="1"
          />
          <NumberField
            v-model="tempC"
            label="Water temperature"
            unit="°C"
            :min="5"
            :max="100"
            :decimals="0"
          />
          <NumberField
            v-model="alkalinityMgL"
            label="Alkalinity"
            unit="mg/L"
            :min="0"
            :max="2000"
            :decimals="0"
          />
        </template>
        <NumberField
          v-else
          v-model="flowLMin"
          label="Flow"
          unit="L/min"
          :min="1"
          :max="30"
          :decimals="0"
        />
        <template v-if="kind === 'scale'">
          <NumberField v-model="stepG" label="Scale step" unit="g" :min="0.001" :max="100" />
          <v-switch v-model="isCrumbs" label="Crumbled" hide-details />
        </template>
        <v-switch v-if="!batch" v-model="knowsAge" label="Age is known" hide-details />
      </div>
      <p v-if="plan" :class="plan.halfShare > 0.1 ? 'warn' : 'quiet'">
        It can lose {{ formatMass(plan.expectedG, 1) }} of gas. This scale tells its fizz to ±{{
          formatPercent(100 * plan.halfShare, 0)
        }}.
        <template v-if="plan.halfShare > 0.1">That is too coarse. {{ sayWhatDoes(plan) }}</template>
      </p>
      <ProblemLine :problem="problem" />
      <v-btn variant="flat" type="submit">Start the test</v-btn>
    </AppForm>
    <TestPreview :asked="asked" />
  </div>
</template>

<style scoped>
.start {
  display: grid;
  grid-template-columns: minmax(0, 1.2fr) minmax(0, 1fr);
  gap: 24px 48px;
  align-items: start;
}
.asked {
  display: grid;
  gap: 14px;
}
@media (max-width: 820px) {
  .start {
    grid-template-columns: minmax(0, 1fr);
  }
}
h2 {
  margin: 0;
  font-size: var(--text-title);
}
.fields {
  display: grid;
  align-items: start;
  grid-template-columns: repeat(auto-fill, minmax(200px, 1fr));
  gap: 10px 14px;
}
p {
  margin: 0;
  font-size: var(--text-body);
}
.warn {
  color: var(--ochre);
}
.asked > .v-btn {
  justify-self: start;
}
</style>
