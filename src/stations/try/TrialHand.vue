<script setup lang="ts">
import { formatSeconds, stopwatch } from '@/core/basics/format/durations';
import { parseQuantity } from '@/core/basics/units/parseQuantity';
import HandButton from '@/ui/kit/HandButton.vue';
import ProblemLine from '@/ui/kit/ProblemLine.vue';
import { useIntervalFn } from '@vueuse/core';
import { computed, ref } from 'vue';
import { gasTrace } from '@/core/results/evaluation/gasTrace';
import { PHASES, type Phase } from '@/core/batches/trials/kinds';
import {
  isForgotten,
  nextPhase,
  phaseProblem,
  phaseS,
  runningS,
} from '@/core/batches/trials/phases';
import { keptShare } from '@/core/batches/trials/taught';
import type { Trial } from '@/core/batches/trials/schema';
import { nowIso } from '@/stores/now';
import { useTrialsStore } from '@/stores/trials';
import { useWorkshopStore } from '@/stores/workshop';
import { useActions } from '@/ui/actions/useActions';
import TrialFilm from './TrialFilm.vue';
import TryTrace from './TryTrace.vue';
import {
  PHASE_BUTTONS,
  PHASE_WORDS,
  sayPhaseProblem,
  sayShouldLast,
  sayTimes,
} from '@/shared/tryMessages';

/** A piece in water with the stopwatch: the space bar says what comes next, the forecast runs beside it. */
const props = defineProps<{ trial: Trial }>();
const trialStore = useTrialsStore();
const workshop = useWorkshopStore();
const nowMs = ref(Date.parse(nowIso()));
useIntervalFn(() => (nowMs.value = Date.parse(nowIso())), 200);
const problem = ref('');
const typedMin = ref('');

const seconds = computed(() => runningS(props.trial, nowMs.value));
const next = computed(() => nextPhase(props.trial));
const isRunning = computed(
  () => seconds.value !== null && phaseS(props.trial, 'gone') === null && !props.trial.finishedAt,
);
const isDone = computed(() => props.trial.finishedAt !== null);
const forgotten = computed(() => isForgotten(props.trial, nowMs.value));
const forecast = computed(() => trialStore.forecastOf(props.trial));
const share = computed(() => keptShare(workshop.facts.trials ?? {}, props.trial.ageDays ?? 0));
const trace = computed(() =>
  forecast.value ? gasTrace(forecast.value, props.trial.pieceG, share.value) : [],
);
const events = computed(() =>
  PHASES.flatMap((phase) => {
    const at = phaseS(props.trial, phase);
    return at === null || phase === 'touched' ? [] : [{ word: PHASE_WORDS[phase], seconds: at }];
  }),
);
const goneSentence = computed(() => {
  const lasting = forecast.value?.lasting;
  if (!lasting) return '';
  const goneS = phaseS(props.trial, 'gone');
  if (lasting.kind === 'showered' || goneS === null) return sayShouldLast(lasting);
  const { low, high } = lasting.goneS;
  const range = sayTimes(lasting.goneS);
  const gone = formatSeconds(goneS);
  if (goneS < low) return `Gone after ${gone}, faster than the forecast of ${range}.`;
  return goneS > high
    ? `Gone after ${gone}, slower than the forecast of ${range}.`
    : `Gone after ${gone}, within the forecast of ${range}.`;
});

function press(phase: Phase): void {
  if (isDone.value) return;
  const found = phaseProblem(props.trial, phase);
  problem.value = found ? sayPhaseProblem(found) : '';
  if (found) return;
  nowMs.value = Date.parse(nowIso());
  trialStore.write({ kind: 'phase', phase });
}

function goneTyped(): void {
  const read = parseQuantity(typedMin.value, 'min');
  const minutes = read.ok ? read.value : 0;
  if (!(minutes > 0 && minutes <= 60)) {
    problem.value = 'Type minutes, up to 60.';
    return;
  }
  problem.value = '';
  trialStore.goneAt(minutes * 60);
  typedMin.value = '';
}

/** Space is for what comes next. */
const nextOne = () => next.value && press(next.value);
useActions(() => [
  {
    name: (next.value && PHASE_BUTTONS[next.value]) ?? 'Next',
    key: 'space',
    run: nextOne,
    isOff: !next.value,
  },
  ...(props.trial.kind === 'tub'
    ? [
        { name: 'Floats', key: 'f', run: () => press('floats') },
        { name: 'Sinks', key: 's', run: () => press('sinks') },
        { name: 'Came up', key: 'c', run: () => press('came-up') },
      ]
    : []),
  { name: 'Gone', key: 'g', run: () => press('gone') },
  { name: 'Undo', key: 'u', run: trialStore.undo, isOff: isDone.value },
]);
</script>

<template>
  <div class="hand-of-trial">
    <section class="watch" aria-label="Stopwatch">
      <p class="clock" role="timer" :aria-label="`Stopwatch ${stopwatch(seconds ?? 0)}`">
        {{ stopwatch(seconds ?? 0) }}
      </p>
      <p class="quiet">{{ goneSentence }}</p>
      <p v-if="isDone" class="quiet">
        This test is closed.
        <button type="button" class="link" @click="trialStore.reopen">Reopen</button>
      </p>
      <HandButton v-if="next && !isDone" is-main class="main" @click="nextOne">
        {{ PHASE_BUTTONS[next] }} <kbd>space</kbd>
      </HandButton>
      <div v-if="!isDone" class="ways">
        <template v-if="trial.kind === 'tub'">
          <HandButton @click="press('floats')">Floats <kbd>F</kbd></HandButton>
          <HandButton @click="press('sinks')">Sinks <kbd>S</kbd></HandButton>
          <HandButton @click="press('came-up')">Came up <kbd>C</kbd></HandButton>
        </template>
        <HandButton @click="press('gone')">Gone <kbd>G</kbd></HandButton>
        <HandButton @click="trialStore.undo">Undo <kbd>U</kbd></HandButton>
        <HandButton @click="trialStore.again">Start over</HandButton>
      </div>
      <ProblemLine :problem="problem" />
      <form v-if="forgotten" class="forgotten" role="alert" @submit.prevent="goneTyped">
        <p>
          The stopwatch has been running for {{ stopwatch(seconds ?? 0) }}. If you forgot it, type
          when the piece was gone, or start over.
        </p>
        <v-text-field
          v-model="typedMin"
          label="Gone after"
          suffix="min"
          inputmode="decimal"
          autocomplete="off"
        />
        <v-btn type="submit">Save</v-btn>
      </form>
    </section>
    <section class="trace" aria-label="Fizz over time">
      <h2>Fizz over time</h2>
      <p class="quiet">
        {{
          trace.length
            ? 'Gas per second, as forecast, with the moments you press'
            : 'There is no forecast for this piece. The moments you press are saved.'
        }}
      </p>
      <TryTrace :points="trace" :events="events" :now-s="isRunning ? seconds : null" />
      <TrialFilm :trial="trial" :seconds="seconds ?? 0" />
    </section>
  </div>
</template>

<style scoped>
.hand-of-trial {
  display: grid;
  grid-template-columns: minmax(240px, 340px) minmax(0, 1fr);
  gap: 20px 32px;
}
.clock {
  margin: 0;
  font: 750 var(--text-figure) / 1 var(--font-heading);
  font-variant-numeric: tabular-nums;
}
.quiet {
  margin: 4px 0 12px;
  font-size: var(--text-plain);
}
h2 {
  margin: 0;
  font-size: var(--text-title);
}
.main {
  width: 100%;
  min-height: 72px;
  font-size: var(--text-title);
}
.ways {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 8px;
  margin-top: 8px;
}
kbd {
  margin-left: 6px;
  font: inherit;
  font-size: var(--text-small);
}
.problem,
.forgotten p {
  color: var(--rust);
}
.forgotten {
  display: grid;
  gap: 8px;
}
@media (max-height: 480px) {
  .clock {
    font-size: var(--text-figure);
  }
  .main {
    min-height: 64px;
  }
}
@media (max-width: 820px) {
  .hand-of-trial {
    grid-template-columns: minmax(0, 1fr);
  }
  .clock {
    font-size: var(--text-figure);
  }
}
</style>
