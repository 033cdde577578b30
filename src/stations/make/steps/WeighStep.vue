<script setup lang="ts">
import HandButton from '@/ui/kit/HandButton.vue';
import ProblemLine from '@/ui/kit/ProblemLine.vue';
import { useEventListener } from '@vueuse/core';
import { computed, ref } from 'vue';
import type { WeighStep } from '@/core/work/bench-steps/stepSchema';
import { settlingEntries } from '@/core/batches/records/settled';
import { weighedEntry } from '@/core/batches/records/weighed';
import { weightDoubt } from '@/core/batches/records/doubts';
import type { Batch } from '@/core/batches/records/schema';
import type { WeighedBy } from '@/core/batches/records/kinds';
import { shortened } from '@/core/basics/format/names';
import { parseQuantity } from '@/core/basics/units/parseQuantity';
import { readoutOf } from '@/core/work/weighing/readout';
import { compareToTarget } from '@/core/work/weighing/tolerance';
import { readable } from '@/core/work/weighing/readable';
import { sayCounted } from '@/core/work/weighing/counted';
import { useBenchStore } from '@/stores/bench';
import PourBar from '../PourBar.vue';
import { sayScale } from '../scaleMessages';
import { pourBeep } from '@/devices/pourBeep';
import { usePourTone } from '../sound/useSound';
import { useActions } from '@/ui/actions/useActions';
import { useConfirmTwice } from '@/ui/fields/useConfirmTwice';
import { useScale } from '../useScale';
import OverPour from './OverPour.vue';

const props = defineProps<{ batch: Batch; step: WeighStep }>();
const bench = useBenchStore();

const stepG = props.step.stepG;
const scale = useScale(stepG);
const { reading, state } = scale;
/** Counted drops and spoons never go over a scale. */
const isCounted = computed(() => props.step.counted !== null);
const isLive = computed(() => scale.isLive.value && !isCounted.value);
/** The cable is out: the weight may be typed on the spot. */
const isTyping = computed(
  () =>
    !isCounted.value && (!isLive.value || state.value === 'unplugged' || state.value === 'busy'),
);
const typed = ref('');
/** What was typed counts; a dead scale's own sentence stands while nothing was. */
const isTyped = computed(() => isTyping.value && (!isLive.value || typed.value.trim() !== ''));
const vFocus = {
  mounted: (field: HTMLElement, { value }: { value: boolean }) => value && field.focus(),
};
const problem = ref('');
const MOST_HEARD = 40;
const { isSure } = useConfirmTwice(problem);
/** Over-pours are asked about once the hand has stopped. */
const isAsking = ref(false);

/** As this scale shows it. */
const readout = computed(() => readoutOf(stepG, props.step.targetG));
/** A band narrower than the scale’s step never shows as one down to nothing. */
const band = computed(() => readoutOf(stepG, props.step.toleranceG));
const typedG = computed(() => parseQuantity(typed.value, 'g', readout.value.shown));
const shownG = computed(() =>
  isTyped.value ? (typedG.value.ok ? typedG.value.value : 0) : reading.value.massG,
);
/** In the person's own unit, where the scale has another. */
const besideTarget = computed(() => readout.value.beside(props.step.targetG));
const against = computed(() =>
  compareToTarget(shownG.value, props.step.targetG, props.step.toleranceG),
);
const said = computed(() =>
  against.value === 'within' || !(shownG.value > 0)
    ? 'Weighed, next'
    : `Keep ${readout.value.say(shownG.value)}, next`,
);
const line = computed(() => {
  if (isCounted.value) return 'Counted, not weighed';
  if (isTyped.value) return 'Typed by hand';
  if (state.value === 'ready' && scale.unread.value)
    return `The scale sent a line without a weight: “${shortened(scale.unread.value, MOST_HEARD)}”`;
  if (against.value === 'over') return 'Too much. Press O to see what you can do.';
  return sayScale(state.value, reading.value, props.step.vessel, stepG);
});

function next(): void {
  if (props.step.counted) {
    bench.settle(weighedEntry(props.step, props.step.targetG, props.step.counted.how));
    return;
  }
  const massG = massOnScale();
  if (massG !== null && isTyped.value && !isSure(weightDoubt(massG, props.step.targetG))) return;
  if (massG !== null) bench.settle(weighedEntry(props.step, massG, by()));
}

/** How this weight came to be known. */
function by(): WeighedBy {
  return isTyped.value ? 'typed' : scale.by;
}

const WHY_NOT = {
  overload: 'The scale is overloaded. Take something off.',
  unplugged: 'The scale is unplugged. Plug it in, or type the weight it showed.',
  busy: 'Another program uses the scale’s port. Close it there.',
  empty: 'There is nothing on the scale yet.',
  'not-typed': 'Type the weight that the scale shows.',
} as const;

/** What may be written, or a sentence why not. */
function massOnScale(): number | null {
  const read = isTyped.value
    ? readable(typedG.value.ok ? typedG.value.value : null, null)
    : readable(reading.value.massG, state.value);
  const isUnread = isTyped.value && typed.value.trim() !== '' && !typedG.value.ok;
  problem.value = read.ok
    ? ''
    : isUnread && !typedG.value.ok
      ? typedG.value.problem
      : WHY_NOT[read.code];
  return read.ok ? read.massG : null;
}

/** What stands weighed already, after a step back. */
const stands = computed(() =>
  settlingEntries(props.batch, props.step.id).flatMap((entry) =>
    entry.kind === 'weighed' ? [entry.massG + (entry.carrier?.massG ?? 0)] : [],
  ),
);
function startPour(): void {
  problem.value = '';
  isAsking.value = false;
  if (isLive.value) scale.pour(props.step.targetG);
}

// A key let go over another window is never heard here: the pour ends with the sight of the page.
useEventListener(window, 'blur', scale.stopPouring);

function ask(): void {
  if (against.value === 'over') isAsking.value = true;
}

function takeOut(): void {
  scale.takeOut(Math.max(stepG, shownG.value - props.step.targetG));
  isAsking.value = false;
}

function scaleUp(): void {
  const massG = massOnScale();
  if (massG !== null) bench.scaleUp(props.step, massG, by());
}

usePourTone(() =>
  isLive.value && !isTyped.value
    ? pourBeep(reading.value.massG, props.step.targetG, props.step.toleranceG)
    : null,
);
useActions(() => [
  { name: said.value, key: 'space', run: next },
  { name: 'Pour', key: 'p', run: startPour, release: scale.stopPouring },
  { name: 'Set the scale to zero', key: 't', run: scale.tare },
  { name: 'Too much', key: 'o', run: ask },
  { name: 'Unplug or plug in the scale', key: 'x', run: scale.togglePlug },
  { name: 'Take some out', key: '1', run: takeOut, isOff: !isAsking.value },
  { name: 'Scale up the rest', key: '2', run: scaleUp, isOff: !isAsking.value },
  { name: 'Use this weight', key: '3', run: next, isOff: !isAsking.value },
]);
</script>

<template>
  <p
    v-if="isLive"
    class="big"
    :class="{ low: isAsking }"
    role="meter"
    aria-label="On the scale"
    aria-valuemin="0"
    :aria-valuemax="step.targetG * 1.33"
    :aria-valuenow="shownG"
    :aria-valuetext="`${readout.say(shownG)} of ${readout.say(step.targetG)}`"
    :data-against="against"
    :data-state="state"
  >
    <b class="figure">{{ state === 'ready' ? readout.figure(shownG) : '– –' }}</b>
    <span
      >{{ readout.unit }} of {{ readout.figure(step.targetG) }}
      <small v-if="besideTarget">· {{ besideTarget }}</small></span
    >
  </p>
  <p v-else-if="isCounted" class="big">
    <b class="figure counted">{{ step.counted && sayCounted(step.counted) }}</b>
  </p>
  <p v-else class="big">
    Weigh {{ readout.say(step.targetG) }} <small v-if="besideTarget">{{ besideTarget }}</small>
  </p>
  <div v-if="isTyping" class="field">
    <label for="weighed">Weight on the scale, {{ readout.unit }}</label>
    <input
      id="weighed"
      v-model="typed"
      v-focus="!isLive"
      inputmode="decimal"
      autocomplete="off"
      @keydown.enter="against === 'over' && !isAsking ? ask() : next()"
    />
  </div>
  <PourBar
    v-if="!isCounted"
    :mass-g="shownG"
    :target-g="step.targetG"
    :tolerance-g="step.toleranceG"
    :against="against"
  />
  <div class="legend">
    <span role="status">{{ line }}</span>
    <span v-if="stands.length" role="note"
      >Weighed {{ readout.say(stands[0] ?? 0) }}. Weighing again replaces it.</span
    >
    <span v-if="step.lots.length">Lot {{ step.lots.map(({ code }) => code).join(', then ') }}</span>
    <span v-if="!isCounted"
      >OK {{ band.figure(step.targetG - step.toleranceG) }}–{{
        band.say(step.targetG + step.toleranceG)
      }}</span
    >
  </div>
  <ProblemLine :problem="problem" />
  <OverPour
    v-if="isAsking && against === 'over'"
    :batch="batch"
    :step="step"
    :mass-g="shownG"
    @take-out="takeOut"
    @scale-up="scaleUp"
    @keep="next"
  />
  <div v-else class="hands">
    <HandButton is-main is-big @click="next">
      {{ isCounted ? 'Counted, next' : said }}
      <kbd>{{ isLive || isCounted ? 'space' : 'enter' }}</kbd>
    </HandButton>
    <HandButton
      v-if="isLive && scale.isSimulated"
      is-big
      @pointerdown="startPour"
      @pointerup="scale.stopPouring"
      @pointerleave="scale.stopPouring"
    >
      Pour <kbd>hold P</kbd>
    </HandButton>
    <HandButton v-if="!isCounted" is-big :disabled="against !== 'over'" @click="ask">
      Too much <kbd>O</kbd>
    </HandButton>
    <HandButton v-if="isLive" is-big @click="scale.tare">Tare <kbd>T</kbd></HandButton>
    <HandButton v-if="isLive && scale.isSimulated" class="plug" @click="scale.togglePlug">
      {{ state === 'unplugged' ? 'Plug in' : 'Unplug' }} <kbd>X</kbd>
    </HandButton>
  </div>
</template>

<style scoped>
.big .counted {
  font-size: var(--text-figure);
}
.big.low .figure {
  font-size: var(--text-figure);
}
.plug {
  align-self: center;
  border-color: #55645f;
}
.legend {
  display: flex;
  justify-content: space-between;
  gap: 20px;
  margin-top: 20px;
  color: #c8d2cc;
  font-size: var(--text-lead);
}
</style>
