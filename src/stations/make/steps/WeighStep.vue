<script setup lang="ts">
import { useEventListener } from '@vueuse/core';
import { scaleLinear } from 'd3-scale';
import { computed, ref } from 'vue';
import type { WeighStep } from '@/core/making';
import { weighedEntry } from '@/core/records';
import { parseNumber } from '@/core/units';
import { compareToTarget, decimalsOf } from '@/core/weighing';
import { useBenchStore } from '@/stores/bench';
import { useWorkshopStore } from '@/stores/workshop';
import { formatFixed } from '@/ui/format';
import { useBenchKeys } from '../useBenchKeys';
import { useSimulatedScale } from '../useSimulatedScale';

const props = defineProps<{ step: WeighStep }>();
const bench = useBenchStore();
const workshop = useWorkshopStore();

const stepG = props.step.stepG;
/** Counted drops and spoons never go over a scale. */
const isCounted = computed(() => props.step.counted !== null);
const isSimulated = computed(
  () => workshop.settings.scaleSource === 'simulated' && !isCounted.value,
);
const { reading, pour, stopPouring, takeOut, tare } = useSimulatedScale(stepG);
const typed = ref('');
const vFocus = { mounted: (field: HTMLElement) => field.focus() };
const problem = ref('');

/** Too small for this scale: shown with as many decimals as it takes. */
const decimals = computed(() =>
  props.step.targetG < stepG ? Math.max(3, decimalsOf(stepG)) : decimalsOf(stepG),
);
const shownG = computed(() => {
  const typedG = parseNumber(typed.value);
  return isSimulated.value ? reading.value.massG : (typedG ?? 0);
});
const against = computed(() =>
  compareToTarget(shownG.value, props.step.targetG, props.step.toleranceG),
);
const x = computed(() => scaleLinear([0, props.step.targetG * 1.33], [0, 100]).clamp(true));
const said = computed(() => {
  if (against.value === 'within') return 'Weighed, next';
  return shownG.value > 0
    ? `Keep ${formatFixed(shownG.value, decimals.value)} g, next`
    : 'Weighed, next';
});
const state = computed(() => {
  const { massG, isSteady } = reading.value;
  if (isCounted.value) return 'counted, not weighed';
  if (!isSimulated.value) return 'typed by hand';
  if (against.value === 'over') return 'too much: take some out, or keep it as it is';
  return `${isSteady ? 'scale steady' : 'scale moving'} · tared with the ${props.step.vessel} · ${stepG} g steps${massG < 0 ? ' · below zero: tare' : ''}`;
});

function next(): void {
  if (props.step.counted) {
    bench.settle(weighedEntry(props.step, props.step.targetG, props.step.counted.how));
    return;
  }
  const massG = isSimulated.value ? reading.value.massG : parseNumber(typed.value);
  if (massG === null || !(massG > 0)) {
    problem.value = isSimulated.value
      ? 'Nothing is on the scale yet.'
      : 'Type the grams the scale shows.';
    return;
  }
  bench.settle(weighedEntry(props.step, massG, isSimulated.value ? 'simulated scale' : 'typed'));
}

function startPour(): void {
  problem.value = '';
  if (isSimulated.value) pour(props.step.targetG);
}

// A key let go over another window is never heard here: the pour ends with the sight of the page.
useEventListener(window, 'blur', stopPouring);

function lessen(): void {
  takeOut(Math.max(stepG, shownG.value - props.step.targetG));
}

useBenchKeys(
  {
    space: next,
    p: startPour,
    t: tare,
    o: lessen,
    b: bench.back,
  },
  { p: stopPouring },
);
</script>

<template>
  <p
    v-if="isSimulated"
    class="big"
    role="meter"
    aria-label="On the scale"
    aria-valuemin="0"
    :aria-valuemax="step.targetG * 1.33"
    :aria-valuenow="shownG"
    :aria-valuetext="`${formatFixed(shownG, decimals)} g of ${formatFixed(step.targetG, decimals)}`"
    :data-against="against"
  >
    <b class="figure">{{ formatFixed(shownG, decimals) }}</b>
    <span>g of {{ formatFixed(step.targetG, decimals) }}</span>
  </p>
  <p v-else-if="isCounted" class="big">
    <b class="figure counted">{{ step.counted?.text }}</b>
  </p>
  <p v-else class="big">to reach: {{ formatFixed(step.targetG, decimals) }} g</p>
  <div v-if="!isSimulated && !isCounted" class="field">
    <label for="weighed">Grams on the scale</label>
    <input
      id="weighed"
      v-model="typed"
      v-focus
      inputmode="decimal"
      autocomplete="off"
      @keydown.enter="next"
    />
  </div>
  <div v-if="!isCounted" class="bar" aria-hidden="true">
    <span class="fill" :class="against" :style="{ width: `${x(Math.max(0, shownG))}%` }" />
    <span
      class="band"
      :style="{
        left: `${x(step.targetG - step.toleranceG)}%`,
        width: `${x(step.targetG + step.toleranceG) - x(step.targetG - step.toleranceG)}%`,
      }"
    />
    <span class="aim" :style="{ left: `${x(step.targetG)}%` }" />
  </div>
  <div class="legend">
    <span role="status">{{ state }}</span>
    <span v-if="step.lots.length">lot {{ step.lots.map(({ code }) => code).join(', then ') }}</span>
    <span v-if="!isCounted"
      >{{ formatFixed(step.targetG - step.toleranceG, decimals) }} to
      {{ formatFixed(step.targetG + step.toleranceG, decimals) }}</span
    >
  </div>
  <p v-if="problem" class="problem" role="alert">{{ problem }}</p>
  <div class="hands">
    <button type="button" class="hand main" @click="next">
      {{ isCounted ? 'Counted, next' : said }}
      <kbd>{{ isSimulated || isCounted ? 'space' : 'enter' }}</kbd>
    </button>
    <template v-if="isSimulated">
      <button
        type="button"
        class="hand"
        @pointerdown="startPour"
        @pointerup="stopPouring"
        @pointerleave="stopPouring"
      >
        Pour <kbd>hold P</kbd>
      </button>
      <button type="button" class="hand" :disabled="against !== 'over'" @click="lessen">
        Take out <kbd>O</kbd>
      </button>
      <button type="button" class="hand" @click="tare">Tare <kbd>T</kbd></button>
    </template>
  </div>
</template>

<style scoped>
.big {
  margin: auto 0 10px;
  padding-top: 10px;
  line-height: 1;
  color: #c8d2cc;
  font-size: 50px;
}
.big .figure {
  margin-right: 12px;
  color: #f4f1e8;
  font-size: clamp(90px, 17vw, 190px);
  font-weight: 750;
}
.big .counted {
  font-size: clamp(48px, 8vw, 96px);
}
.bar {
  position: relative;
  height: 62px;
  margin-top: 14px;
  border: 2px solid #8f9f98;
}
.bar span {
  position: absolute;
  top: 0;
  bottom: 0;
}
.fill {
  left: 0;
  background: #70c2ad;
}
.fill.over {
  background: #d9673f;
}
.bar .band {
  top: -10px;
  bottom: -10px;
  min-width: 6px;
  background: #f4f1e8;
  opacity: 0.3;
}
.bar .aim {
  top: -16px;
  bottom: -16px;
  width: 4px;
  margin-left: -2px;
  background: #f4f1e8;
}
.legend {
  display: flex;
  justify-content: space-between;
  gap: 20px;
  margin-top: 20px;
  color: #c8d2cc;
  font-size: 18px;
}
</style>
