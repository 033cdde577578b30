<script setup lang="ts">
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
import { parseNumber } from '@/core/basics/units/parseNumber';
import { withoutUnit } from '@/core/basics/units/withoutUnit';
import { compareToTarget, toleranceG } from '@/core/work/weighing/tolerance';
import { decimalsOf } from '@/core/work/weighing/rounding';
import { useBenchStore } from '@/stores/bench';
import { counted, formatFixed, formatGrams } from '@/core/basics/format/numbers';
import { useMaterials } from '@/ui/fields/materials';
import FillStrip from '../FillStrip.vue';
import PourBar from '../PourBar.vue';
import SquirtCounter from '../SquirtCounter.vue';
import { sayScale } from '../scaleMessages';
import { useBenchKeys } from '@/ui/fields/useBenchKeys';
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
const decimals = decimalsOf(props.step.stepG);

const fills = computed(() =>
  batchFills(props.batch, catalog.value, props.step.targetG, props.step.id),
);
const watch = computed(() => fills.value.watch);
const bandG = computed(() => toleranceG(props.step.targetG, props.step.stepG));
const shownG = computed(() =>
  scale.isLive.value ? reading.value.massG : (parseNumber(withoutUnit(typed.value, 'g')) ?? 0),
);
const against = computed(() => compareToTarget(shownG.value, props.step.targetG, bandG.value));

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
  return last ? Math.max(0, (now.value.getTime() - Date.parse(last)) / 60_000) : null;
});

function filled(massG: number | null): void {
  problem.value = '';
  bench.write({ kind: 'filled', massG, by: scale.by });
  typed.value = '';
  // The piece is lifted off: the pan is empty again.
  scale.takeOut(Infinity);
}

function next(): void {
  const massG = scale.isLive.value
    ? reading.value.massG
    : parseNumber(withoutUnit(typed.value, 'g'));
  if (scale.isLive.value && state.value !== 'ready') {
    problem.value = 'The scale does not read: plug it in, or press E for a piece without a weight.';
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
useBenchKeys(
  {
    space: next,
    e: () => filled(null),
    d: done,
    p: () => scale.pour(props.step.targetG),
    t: scale.tare,
    q: () => squeezed('right'),
  },
  { p: scale.stopPouring },
);
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
        Mean <b class="figure">{{ formatFixed(watch.meanG, 1) }} g</b>, spread
        {{ formatFixed(watch.sdG, 1) }} g.
        <b v-if="watch.adjustG !== 0" class="adjust"
          >{{ watch.adjustG > 0 ? 'Fill' : 'Take' }} {{ formatFixed(Math.abs(watch.adjustG), 1) }} g
          {{ watch.adjustG > 0 ? 'more' : 'off' }}.</b
        >
        <template v-else-if="watch.isOnTarget">On target.</template>
        <template v-else
          >{{ watch.meanG < step.targetG ? 'Light' : 'Heavy' }} so far: weigh on, it is not sure
          yet.</template
        >
      </p>
      <p v-if="watch?.tolerableG">
        {{ formatGrams(fills.nominalG) }} g net once dry; the law lets a piece lack
        {{ formatFixed(watch.tolerableG, 1) }} g:
        <b :class="{ adjust: watch.short > 0 }">{{
          watch.short === 0
            ? 'none does'
            : `${watch.short} too light${watch.farShort ? `, ${watch.farShort} by more than twice: never sell these at that weight` : ''}`
        }}</b>.
      </p>
      <p :class="{ adjust: sinceMin !== null && sinceMin > againMin }">
        {{
          sinceMin === null
            ? 'Not squeezed yet.'
            : `Squeezed ${counted(Math.round(sinceMin), 'minute')} ago; squeeze every ${againMin}: it dries while you press.`
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
    <label for="fill">Grams of this piece</label>
    <input id="fill" v-model="typed" inputmode="decimal" autocomplete="off" @keydown.enter="next" />
  </div>
  <PourBar :mass-g="shownG" :target-g="step.targetG" :tolerance-g="bandG" :against="against" />
  <p class="scale" role="status">
    {{ formatFixed(shownG, decimals) }} g of {{ formatFixed(step.targetG, decimals) }} ·
    {{ scale.isLive.value ? sayScale(state, reading, 'mold', step.stepG) : 'typed by hand' }}
  </p>
  <SquirtCounter :batch="batch" :step-id="step.id">
    <HandButton @click="filled(null)">Not weighed <kbd>E</kbd></HandButton>
    <HandButton @click="squeezed('right')"> Squeezed, right <kbd>Q</kbd> </HandButton>
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
