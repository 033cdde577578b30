<script setup lang="ts">
import type { StepOf } from '@/core/work/bench-steps/stepSchema';
import type { Batch } from '@/core/batches/records/schema';
import VesselNow from '../VesselNow.vue';
import StepClock from './StepClock.vue';

defineProps<{ batch: Batch; step: StepOf<'mix'> }>();
const WORDS = {
  start: 'Start the timer',
  early: 'Mixed early, next',
  over: 'Mixed, next',
  without: 'Mixed without the timer',
};
</script>

<template>
  <VesselNow :batch="batch" :step-id="step.id" is-low />
  <StepClock :batch="batch" :step-id="step.id" :seconds="step.seconds" :words="WORDS" />
</template>
