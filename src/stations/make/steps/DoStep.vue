<script setup lang="ts">
import HandButton from '@/ui/kit/HandButton.vue';
import type { StepOf } from '@/core/work/bench-steps/stepSchema';
import type { Batch } from '@/core/batches/records/schema';
import { useBenchStore } from '@/stores/bench';
import { useActions } from '@/ui/actions/useActions';
import VesselNow from '../VesselNow.vue';
import StepClock from './StepClock.vue';

const props = defineProps<{ batch: Batch; step: StepOf<'do' | 'later'> }>();
const bench = useBenchStore();
const waitS = props.step.kind === 'do' ? props.step.waitS : undefined;
const next = () => bench.settle({ kind: 'done' });
const WORDS = {
  start: 'Start the clock',
  early: 'Ready early, next',
  over: 'Ready, next',
  without: 'Ready already, next',
};
if (waitS === undefined) useActions(() => [{ name: 'Done, next', key: 'space', run: next }]);
</script>

<template>
  <VesselNow :batch="batch" :step-id="step.id" :is-low="waitS !== undefined" />
  <StepClock
    v-if="waitS !== undefined"
    :batch="batch"
    :step-id="step.id"
    :seconds="waitS"
    :words="WORDS"
  />
  <div v-else class="hands">
    <HandButton is-main is-big @click="next">Done, next <kbd>space</kbd></HandButton>
  </div>
</template>
