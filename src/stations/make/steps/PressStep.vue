<script setup lang="ts">
import { MINUTE_MS } from '@/core/basics/time';
import HandButton from '@/ui/kit/HandButton.vue';
import ProblemLine from '@/ui/kit/ProblemLine.vue';
import { useEventListener, useNow } from '@vueuse/core';
import { computed, ref } from 'vue';
import { SOONEST_MIN, testAgainMin } from '@/core/results/binder/bowlDrift';
import { bowlDamp } from '@/core/batches/cures/benchCures';
import type { StepOf } from '@/core/work/bench-steps/stepSchema';
import { pieceDoubt } from '@/core/batches/records/doubts';
import { standing } from '@/core/batches/records/summary';
import type { Batch } from '@/core/batches/records/schema';
import { batchFills } from '@/core/batches/trays/fills';
import { pressedMix } from '@/core/batches/trays/volatile';
import { formatMinutes } from '@/core/basics/format/durations';
import { counted, formatCount } from '@/core/basics/format/numbers';
import { formatMass } from '@/core/basics/format/quantities';
import { parseQuantity } from '@/core/basics/units/parseQuantity';
import { readoutOf } from '@/core/work/weighing/readout';
import { compareToTarget, toleranceG } from '@/core/work/weighing/tolerance';
import { useBenchStore } from '@/stores/bench';
import { useMaterials } from '@/ui/fields/materials';
import FillStrip from '../FillStrip.vue';
import PourBar from '../PourBar.vue';
import SquirtCounter from '../SquirtCounter.vue';
import { sayScale } from '../scaleMessages';
import { useActions } from '@/ui/actions/useActions';
import { useConfirmTwice } from '@/ui/fields/useConfirmTwice';
import { useScale } from '../useScale';

const props = defineProps<{ batch: Batch; step: StepOf<'press'> }>();
const bench = useBenchStore();
const { catalog } = useMaterials();
const now = useNow({ interval: 5000 });

const scale = useScale(props.step.stepG);
const { reading, state } = scale;
const typed = ref('');
const problem = ref('');
const { isSure } = useConfirmTwice(problem);
const readout = computed(() => readoutOf(props.step.stepG));
const typedG = computed(() => {
  const read = parseQuantity(typed.value, 'g', readout.value.shown);
  return read.ok ? read.value : null;
});

const fills = computed(() =>
  batchFills(props.batch, catalog.value, props.step.targetG, props.step.id),
);
const watch = computed(() => fills.value.watch);
const bandG = computed(() => toleranceG(props.step.targetG, props.step.stepG));
const shownG = computed(() => (scale.isLive.value ? reading.value.massG : (typedG.value ?? 0)));
const against = computed(() => compareToTarget(shownG.value, props.step.targetG, bandG.value));

/** How many pieces are lighter than the law allows. */
const shortSaid = computed(() => {
  const { short = 0, farShort = 0 } = watch.value ?? {};
  if (short === 0) return 'No piece is too light.';
  return farShort > 0
    ? `Too light: ${counted(short, 'piece')}, ${formatCount(farShort)} by more than twice. Never sell those at that weight.`
    : `Too light: ${counted(short, 'piece')}.`;
});
const againMin = computed(() => {
  const { conditions } = bench;
  if (!conditions) return SOONEST_MIN;
  return testAgainMin(
    pressedMix(props.batch, catalog.value),
    bowlDamp(props.batch, conditions).window,
    conditions.humidityPct,
    conditions.roomTempC,
  );
});
/** Minutes since the hand last felt the mix. */
const sinceMin = computed(() => {
  const last = standing(props.batch, 'squeezed').at(-1)?.at;
  return last ? Math.max(0, (now.value.getTime() - Date.parse(last)) / MINUTE_MS) : null;
});

function filled(massG: number | null): void {
  problem.value = '';
  bench.write({ kind: 'filled', massG, by: scale.by });
  typed.value = '';
  // The piece is lifted off: the pan is empty again.
  scale.takeOut(Infinity);
}

function next(): void {
  const massG = scale.isLive.value ? reading.value.massG : typedG.value;
  if (scale.isLive.value && state.value !== 'ready') {
    problem.value =
      'The scale sends no weight. Plug it in, or press E for a piece without a weight.';
    return;
  }
  if (massG === null || !(massG > props.step.targetG * 0.2)) {
    problem.value = 'Fill the piece on the scale first, or press E for a piece without a weight.';
    return;
  }
  if (!isSure(pieceDoubt(massG, props.step.targetG))) return;
  filled(massG);
}

function squeezed(felt: 'too-dry' | 'right' | 'too-wet'): void {
  bench.write({ kind: 'squeezed', acidIn: true, felt });
}

const done = () => bench.settle({ kind: 'done' });

useEventListener(window, 'blur', scale.stopPouring);
const pour = () => scale.pour(props.step.targetG);
useActions(() => [
  { name: 'Filled, next piece', key: 'space', run: next },
  { name: 'Not weighed', key: 'e', run: () => filled(null) },
  { name: 'All pressed', key: 'd', run: done },
  { name: 'Pour', key: 'p', run: pour, release: scale.stopPouring },
  { name: 'Set the scale to zero', key: 't', run: scale.tare },
  { name: 'Squeeze is right', key: 'q', run: () => squeezed('right') },
]);
</script>

<template>
  <div class="now">
    <p
      class="big"
      role="meter"
      aria-label="On the scale"
      aria-valuemin="0"
      :aria-valuemax="step.targetG * 1.33"
      :aria-valuenow="shownG"
      :data-against="against"
      :data-state="state"
    >
      <b class="figure">{{ fills.pressed }}</b>
      <span>of {{ step.pieces }} pressed</span>
    </p>
    <div class="said">
      <p v-if="watch" role="status">
        Mean <b class="figure">{{ formatMass(watch.meanG, 1) }}</b>, spread
        {{ formatMass(watch.sdG, 1) }}.
        <b v-if="watch.adjustG !== 0" class="adjust">{{
          watch.adjustG > 0
            ? `Fill ${formatMass(watch.adjustG, 1)} more.`
            : `Fill ${formatMass(-watch.adjustG, 1)} less.`
        }}</b>
        <template v-else-if="watch.isOnTarget">On target.</template>
        <template v-else>{{
          watch.meanG < step.targetG
            ? 'Light so far. Weigh more to be sure.'
            : 'Heavy so far. Weigh more to be sure.'
        }}</template>
      </p>
      <p v-if="watch?.tolerableG">
        Net {{ formatMass(fills.nominalG) }} when dry. By law a piece may lack
        {{ formatMass(watch.tolerableG, 1) }}.
        <b :class="{ adjust: watch.short > 0 }">{{ shortSaid }}</b>
      </p>
      <p :class="{ adjust: sinceMin !== null && sinceMin > againMin }">
        {{
          sinceMin === null
            ? 'Not squeezed yet.'
            : `Squeezed ${formatMinutes(sinceMin)} ago. Squeeze every ${formatMinutes(againMin)}, as it dries while you press.`
        }}
      </p>
    </div>
  </div>
  <FillStrip
    :fills-g="fills.fillsG"
    :target-g="step.targetG"
    :tolerable-g="watch?.tolerableG ?? null"
  />
  <div v-if="!scale.isLive.value" class="field">
    <label for="fill">Weight of this piece, {{ readout.unit }}</label>
    <input id="fill" v-model="typed" inputmode="decimal" autocomplete="off" @keydown.enter="next" />
  </div>
  <PourBar :mass-g="shownG" :target-g="step.targetG" :tolerance-g="bandG" :against="against" />
  <p class="scale" role="status">
    {{ readout.say(shownG) }} of {{ readout.say(step.targetG) }}
    <small>{{ readout.beside(step.targetG) }}</small> ·
    {{ scale.isLive.value ? sayScale(state, reading, 'mold', step.stepG) : 'Typed by hand' }}
  </p>
  <SquirtCounter :batch="batch" :step-id="step.id">
    <HandButton @click="filled(null)">Not weighed <kbd>E</kbd></HandButton>
    <HandButton @click="squeezed('right')"> Squeeze is right <kbd>Q</kbd> </HandButton>
  </SquirtCounter>
  <ProblemLine :problem="problem" />
  <div class="hands">
    <HandButton is-main is-big @click="next">
      Filled, next piece <kbd>{{ scale.isLive.value ? 'space' : 'enter' }}</kbd>
    </HandButton>
    <HandButton
      v-if="scale.isSimulated"
      is-big
      @pointerdown="scale.pour(step.targetG)"
      @pointerup="scale.stopPouring"
      @pointerleave="scale.stopPouring"
    >
      Pour <kbd>hold P</kbd>
    </HandButton>
    <HandButton is-big @click="done">All pressed <kbd>D</kbd></HandButton>
  </div>
</template>

<style scoped>
.now {
  display: grid;
  grid-template-columns: auto minmax(0, 1fr);
  gap: 40px;
  align-items: center;
  margin-top: 6px;
}
.now .big {
  margin: 0;
  font-size: var(--text-figure);
}
.now .big .figure {
  font-size: var(--text-bench);
}
.said p {
  margin: 3px 0;
  font-size: var(--text-title);
}
.said .figure {
  font-size: var(--text-headline);
}
.adjust {
  color: #f0c069;
}
.scale {
  margin: 14px 0 0;
  color: #c8d2cc;
  font-size: var(--text-lead);
}
@media (max-width: 820px) {
  .now {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
