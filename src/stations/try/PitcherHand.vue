<script setup lang="ts">
import HandButton from '@/ui/kit/HandButton.vue';
import ProblemLine from '@/ui/kit/ProblemLine.vue';
import { computed, ref } from 'vue';
import { WEAK_SHARE } from '@/core/batches/faults/causeTable';
import { portionsOf } from '@/core/matter/materials/portion';
import { expectedLoss } from '@/core/batches/trials/gas-loss/expectedLoss';
import { gasLossForecast } from '@/core/batches/trials/gas-loss/gasLossForecast';
import { gasLossPlan } from '@/core/batches/trials/gas-loss/gasLossPlan';
import { keptShare } from '@/core/batches/trials/taught';
import { phaseS } from '@/core/batches/trials/phases';
import { standingIn } from '@/core/batches/trials/write';
import type { Trial } from '@/core/batches/trials/schema';
import { parseNumber } from '@/core/basics/units/parseNumber';
import { withoutUnit } from '@/core/basics/units/withoutUnit';
import { decimalsOf } from '@/core/work/weighing/rounding';
import { formatFixed } from '@/core/basics/format/numbers';
import { nowIso } from '@/stores/now';
import { useTraysStore } from '@/stores/trays';
import { useTrialsStore } from '@/stores/trials';
import { useWorkshopStore } from '@/stores/workshop';
import CausesList from '@/ui/frame/CausesList.vue';
import { useBenchKeys } from '@/ui/fields/useBenchKeys';
import PracticeBand from '@/ui/frame/PracticeBand.vue';
import GasLossCurve from './GasLossCurve.vue';
import PitcherPicture from './PitcherPicture.vue';
import { sayGasLossProblem, sayTime, sayTimes, sayWhatDoes } from '@/shared/tryMessages';
import { usePitcherScale } from './usePitcherScale';

/** A jug of warm water on the scale: what the whole loses is gas, and the scale writes it down. */
const props = defineProps<{ trial: Trial }>();
const trialStore = useTrialsStore();
const trays = useTraysStore();
const workshop = useWorkshopStore();
const typed = ref('');
const problem = ref('');

const batch = computed(() => trialStore.batchOf(props.trial));
/** Sample and water stay what they are for a trial: reckoned once, not with each reading. */
const { pieceG, water, stepG } = props.trial;
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
const answer = computed(() => (result.value?.ok ? result.value.answer : null));
const isDone = computed(() => props.trial.finishedAt !== null);
const isWeak = computed(
  () => answer.value !== null && answer.value.isOver && answer.value.share.high < WEAK_SHARE,
);
const causes = computed(() =>
  isWeak.value && batch.value ? trays.causesOfWeakFizz(batch.value, Date.parse(nowIso())) : [],
);
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
    problem.value =
      scale.state.value === 'ready' ? '' : 'The scale says nothing: is it plugged in?';
    return scale.state.value === 'ready' ? (scale.reading.value?.massG ?? null) : null;
  }
  const massG = parseNumber(withoutUnit(typed.value, 'g'));
  problem.value = massG !== null && massG > 0 ? '' : 'Type what the scale shows, in grams.';
  return problem.value === '' ? massG : null;
}

function next(): void {
  if (isDone.value) return;
  if (jugG.value === null) {
    const massG = weight();
    if (massG === null) return;
    if (massG < props.trial.pieceG) {
      problem.value = `${formatFixed(massG, 1)} g is no jug of water: stand it on the scale first.`;
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
      'The slope after the fizz is not seen yet: leave it on the scale for a minute after the last bubbles.';
    return;
  }
  problem.value = '';
  trialStore.finish();
}
const word = computed(() => {
  if (jugG.value === null) return 'Jug and water stand on it';
  if (touchedMs.value === null) return 'The sample goes in';
  return scale.source === 'typed' ? 'It shows that now' : 'Gone: keep it';
});

useBenchKeys({ space: next, u: () => isDone.value || trialStore.undo() });
</script>

<template>
  <PracticeBand v-if="scale.source === 'simulated'" />
  <div class="jug">
    <section aria-label="The jug on the scale">
      <p class="big">
        <b class="figure">{{ formatFixed(goneG, 1) }} g</b> <span class="quiet">of gas gone</span>
      </p>
      <p v-if="expected" class="of">
        of {{ formatFixed(expected.lossG.best, 1) }} g that this sample can give up here
        <span class="quiet"
          >({{ formatFixed(expected.stoichiometricG, 1) }} g is made in all; the water keeps the
          rest)</span
        >
      </p>
      <p class="quiet small">
        {{
          isDone
            ? 'this trial is closed'
            : scale.reading.value
              ? `the scale shows ${formatFixed(scale.reading.value.massG, decimalsOf(trial.stepG ?? 1))} g`
              : scale.source === 'typed'
                ? 'weights are typed'
                : 'the scale says nothing yet'
        }}
        · steps of {{ trial.stepG }} g<template v-if="jugG !== null">
          · jug and water {{ formatFixed(jugG, decimalsOf(trial.stepG ?? 1)) }} g</template
        >
      </p>
      <PitcherPicture
        :fizz="touchedMs !== null && !isDone && answer?.isOver !== true"
        :has-piece="touchedMs !== null"
      />
      <p v-if="plan && plan.halfShare > 0.1" class="problem" role="alert">
        This scale cannot tell: its steps leave the share open by
        {{ formatFixed(100 * plan.halfShare, 0) }} % either way. {{ sayWhatDoes(plan) }}
      </p>
      <p v-else-if="plan" class="quiet small">
        This scale will tell the share to about {{ formatFixed(100 * plan.halfShare, 0) }} % either
        way.
      </p>
      <p class="quiet small">
        A lid with a hole keeps the spray in. Never a closed vessel: the gas would burst it. Leave
        it standing for a minute after the last bubbles: the slope is what the warm water loses by
        itself.
      </p>
      <v-text-field
        v-if="scale.source === 'typed' && !isDone"
        v-model="typed"
        label="The scale shows, g"
        inputmode="decimal"
        autocomplete="off"
        @keydown.enter="next"
      />
      <div v-if="!isDone" class="ways">
        <HandButton is-main class="main" @click="next">{{ word }} <kbd>space</kbd></HandButton>
        <HandButton v-if="scale.source === 'typed' && touchedMs !== null" @click="gone">
          Gone: keep it
        </HandButton>
        <HandButton @click="trialStore.undo">Take back <kbd>U</kbd></HandButton>
        <HandButton @click="trialStore.again">Start again</HandButton>
      </div>
      <ProblemLine :problem="problem" />
    </section>
    <section aria-label="The fizz, as it was weighed">
      <h2>The fizz, as it was weighed</h2>
      <p class="quiet">
        grams of gas gone, written down by the scale; the forecast with its band{{
          trial.isCrumbs ? ' is that of a whole piece' : ''
        }}
      </p>
      <GasLossCurve
        :gone="answer?.gone ?? []"
        :forecast="curve"
        :running="touchedMs !== null && !isDone"
      />
      <p v-if="answer && answer.isOver" class="answer">
        <b>{{ formatFixed(100 * answer.share.best, 0) }} % of its fizz is still in it.</b>
        {{ formatFixed(100 * answer.share.low, 0) }} to
        {{ formatFixed(100 * answer.share.high, 0) }} % by the scale’s step, the slope, and what
        thermometer and jug leave open.
        {{
          isWeak
            ? 'That is a weak batch.'
            : answer.share.best > 1.05
              ? 'More than it can give: did it splash, or was there more of it?'
              : ''
        }}
      </p>
      <p v-else-if="answer" class="answer">
        If it goes on like this: {{ formatFixed(100 * answer.share.low, 0) }} to
        {{ formatFixed(100 * answer.share.high, 0) }} % of its fizz, gone after
        {{ sayTime(answer.goneS.best) }}; forecast {{ sayTimes(goneS) }}.
      </p>
      <p v-if="answer && answer.bumpedAtS.length" class="quiet">
        The scale was bumped after
        {{ answer.bumpedAtS.map((at) => `${formatFixed(at, 0)} s`).join(' and ') }}: taken out.
      </p>
      <p v-if="answer && answer.isOver" class="quiet small">
        The warm water’s own loss, {{ formatFixed(answer.ownLossGMin, 2) }} g a minute, is taken
        out. Gone after {{ sayTime(answer.goneS.best) }}.
      </p>
      <p v-if="result && !result.ok && touchedMs !== null" class="quiet">
        {{ sayGasLossProblem(result.problem) }}
      </p>
      <template v-if="causes.length">
        <h3>Where it may have gone</h3>
        <CausesList :causes="causes" />
      </template>
    </section>
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
h2 {
  margin: 0;
  font-size: var(--text-title);
}
h3 {
  margin: 14px 0 4px;
  font-size: var(--text-lead);
}
.answer b {
  font-family: var(--font-heading);
  font-size: var(--text-title);
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
