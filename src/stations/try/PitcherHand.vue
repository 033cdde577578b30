<script setup lang="ts">
import HandButton from '@/ui/kit/HandButton.vue';
import ProblemLine from '@/ui/kit/ProblemLine.vue';
import { computed, ref } from 'vue';
import { portionsOf } from '@/core/matter/materials/portion';
import { expectedLoss } from '@/core/batches/trials/gas-loss/expectedLoss';
import { gasLossForecast } from '@/core/batches/trials/gas-loss/gasLossForecast';
import { gasLossPlan } from '@/core/batches/trials/gas-loss/gasLossPlan';
import { keptShare } from '@/core/batches/trials/taught';
import { phaseS } from '@/core/batches/trials/phases';
import { standingIn } from '@/core/batches/trials/write';
import type { Trial } from '@/core/batches/trials/schema';
import { formatPercent } from '@/core/basics/format/numbers';
import { formatMass } from '@/core/basics/format/quantities';
import { parseQuantity } from '@/core/basics/units/parseQuantity';
import { readoutOf } from '@/core/work/weighing/readout';
import { nowIso } from '@/stores/now';
import { useTrialsStore } from '@/stores/trials';
import { useWorkshopStore } from '@/stores/workshop';
import { useActions } from '@/ui/actions/useActions';
import PracticeBand from '@/ui/frame/PracticeBand.vue';
import GasLossSide from './GasLossSide.vue';
import PitcherPicture from './PitcherPicture.vue';
import { sayWhatDoes } from '@/shared/tryMessages';
import { usePitcherScale } from './usePitcherScale';

/** A jug of warm water on the scale: what the whole loses is gas, and the scale writes it down. */
const props = defineProps<{ trial: Trial }>();
const trialStore = useTrialsStore();
const workshop = useWorkshopStore();
const typed = ref('');
const problem = ref('');

const batch = computed(() => trialStore.batchOf(props.trial));
/** Sample and water stay what they are for a trial: computed once, not with each reading. */
const { pieceG, water, stepG } = props.trial;
const readout = readoutOf(stepG ?? 1);
const mix = portionsOf(
  workshop.catalog,
  batch.value?.body.parts.flatMap(({ lines }) => lines) ?? [],
);
const expected = mix.length > 0 ? expectedLoss(mix, pieceG, water) : null;
const plan = mix.length > 0 ? gasLossPlan(mix, pieceG, water, stepG ?? 1) : null;
const forecast = computed(() => trialStore.forecastOf(props.trial));
const goneS = computed(() => {
  const lasting = forecast.value?.lasting;
  return lasting && lasting.kind !== 'showered' ? lasting.goneS : { low: 60, best: 120, high: 240 };
});
const curve = computed(() =>
  expected
    ? gasLossForecast(
        expected.lossG,
        goneS.value,
        keptShare(workshop.facts.trials ?? {}, props.trial.ageDays ?? 0),
      )
    : [],
);

const touchedMs = computed(() => {
  const touched = standingIn(props.trial, 'phase').find(({ phase }) => phase === 'touched');
  return touched ? Date.parse(touched.at) : null;
});
const jugG = computed(() => standingIn(props.trial, 'jug').at(-1)?.massG ?? null);
const result = computed(() => (touchedMs.value === null ? null : trialStore.answerOf(props.trial)));
const answer = computed(() => (result.value?.ok ? result.value.value : null));
const isDone = computed(() => props.trial.finishedAt !== null);
const goneG = computed(() => Math.max(0, answer.value?.gone.at(-1)?.massG ?? 0));

/** By chance, but the same after a reload. */
const chance = (parseInt(props.trial.id.slice(0, 8), 16) % 1000) / 1000;
const EMPTY_JUG_G = 420;
const scale = usePitcherScale(
  {
    stepG: props.trial.stepG ?? 1,
    jugG: EMPTY_JUG_G + 1000 * props.trial.water.volumeL,
    sampleG: props.trial.pieceG,
    expectedG: expected?.lossG.best ?? 0,
    goneS: goneS.value.best,
    chance,
    droppedMs: touchedMs.value,
  },
  batch.value,
  heard,
);

function heard(massG: number): void {
  if (touchedMs.value === null || isDone.value) return;
  const seconds = (Date.parse(nowIso()) - touchedMs.value) / 1000;
  if (seconds >= 0) trialStore.reading(Math.round(seconds * 10) / 10, massG);
}

function weight(): number | null {
  if (scale.source !== 'typed') {
    problem.value = scale.state.value === 'ready' ? '' : 'The scale sends nothing. Plug it in.';
    return scale.state.value === 'ready' ? (scale.reading.value?.massG ?? null) : null;
  }
  const read = parseQuantity(typed.value, 'g', readout.shown);
  problem.value = read.ok && read.value > 0 ? '' : 'Type the weight that the scale shows.';
  return read.ok && read.value > 0 ? read.value : null;
}

function next(): void {
  if (isDone.value) return;
  if (jugG.value === null) {
    const massG = weight();
    if (massG === null) return;
    if (massG < props.trial.pieceG) {
      problem.value = `${readout.say(massG)} is less than the sample. Put the pitcher of water on the scale first.`;
      return;
    }
    trialStore.write({ kind: 'jug', massG });
    typed.value = '';
  } else if (touchedMs.value === null) {
    scale.dropIn();
    trialStore.write({ kind: 'phase', phase: 'touched' });
  } else if (scale.source === 'typed') {
    const massG = weight();
    if (massG === null) return;
    heard(massG);
    typed.value = '';
  } else if (phaseS(props.trial, 'gone') === null) gone();
}

function gone(): void {
  if (touchedMs.value === null) return;
  if (answer.value?.isOver !== true) {
    problem.value =
      'Leave it on the scale for a minute after the last bubbles. The slope after the fizz is still missing.';
    return;
  }
  problem.value = '';
  trialStore.finish();
}
const word = computed(() => {
  if (jugG.value === null) return 'The pitcher is on the scale';
  if (touchedMs.value === null) return 'The sample is in';
  return scale.source === 'typed' ? 'Add the weight' : 'Gone, finish';
});

/** What the scale says now. */
const scaleSaid = computed(() => {
  if (isDone.value) return 'This test is closed';
  if (scale.reading.value) return `The scale shows ${readout.say(scale.reading.value.massG)}`;
  return scale.source === 'typed' ? 'You type the weights' : 'The scale sends nothing yet';
});
useActions(() => [
  { name: 'Next', key: 'space', run: next },
  { name: 'Undo', key: 'u', run: trialStore.undo, isOff: isDone.value },
]);
</script>

<template>
  <PracticeBand v-if="scale.source === 'simulated'" />
  <div class="jug">
    <section aria-label="Pitcher on the scale">
      <p class="big">
        <b class="figure">{{ formatMass(goneG, 1) }}</b> <span class="quiet">of gas gone</span>
      </p>
      <p v-if="expected" class="of">
        of {{ formatMass(expected.lossG.best, 1) }} that can leave the water
        <span class="quiet"
          >(of {{ formatMass(expected.stoichiometricG, 1) }} in all; the water keeps the rest)</span
        >
      </p>
      <p class="quiet small">
        {{ scaleSaid }} · {{ readout.say(trial.stepG ?? 1) }} steps<template v-if="jugG !== null">
          · pitcher and water {{ readout.say(jugG) }}</template
        >
      </p>
      <PitcherPicture
        :fizz="touchedMs !== null && !isDone && answer?.isOver !== true"
        :has-piece="touchedMs !== null"
      />
      <p v-if="plan && plan.halfShare > 0.1" class="problem" role="alert">
        This scale is too coarse. It measures the fizz to ±{{
          formatPercent(100 * plan.halfShare, 0)
        }}. {{ sayWhatDoes(plan) }}
      </p>
      <p v-else-if="plan" class="quiet small">
        This scale measures the fizz to about ±{{ formatPercent(100 * plan.halfShare, 0) }}.
      </p>
      <p class="quiet small">
        Use a lid with a hole to keep the spray in. Never close the vessel, or the gas bursts it.
        Leave it for a minute after the last bubbles, to see what the warm water loses by itself.
      </p>
      <v-text-field
        v-if="scale.source === 'typed' && !isDone"
        v-model="typed"
        :label="`Weight on the scale, ${readout.unit}`"
        inputmode="decimal"
        autocomplete="off"
        @keydown.enter="next"
      />
      <div v-if="!isDone" class="ways">
        <HandButton is-main class="main" @click="next">{{ word }} <kbd>space</kbd></HandButton>
        <HandButton v-if="scale.source === 'typed' && touchedMs !== null" @click="gone">
          Gone, finish
        </HandButton>
        <HandButton @click="trialStore.undo">Undo <kbd>U</kbd></HandButton>
        <HandButton @click="trialStore.again">Start over</HandButton>
      </div>
      <ProblemLine :problem="problem" />
    </section>
    <GasLossSide :trial="trial" :forecast="curve" :gone-s="goneS" :touched-ms="touchedMs" />
  </div>
</template>

<style scoped>
.jug {
  display: grid;
  grid-template-columns: minmax(260px, 350px) minmax(0, 1fr);
  gap: 16px 32px;
}
.big {
  margin: 0;
}
.figure {
  font-size: var(--text-figure);
  line-height: 1.05;
}
.of,
.quiet {
  margin: 2px 0 6px;
}
.small {
  font-size: var(--text-small);
}
.ways {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 8px;
}
.main {
  grid-column: 1 / -1;
  font-size: var(--text-title);
}
kbd {
  margin-left: 6px;
  font: inherit;
  font-size: var(--text-small);
}
.problem {
  color: var(--rust);
}
@media (max-width: 820px) {
  .jug {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
