<script setup lang="ts">
import { computed } from 'vue';
import type { BenchStep } from '@/core/making';
import { benchSteps, type Batch } from '@/core/records';

const props = defineProps<{ batch: Batch }>();

/** Weighing is what takes the eye: those steps are drawn narrower than mixing, as the hours go. */
const WIDTHS: Readonly<Partial<Record<BenchStep['kind'], number>>> = {
  mix: 3,
  press: 3,
  squeeze: 1.4,
};
const segments = computed(() =>
  benchSteps(props.batch).map((step, i) => ({
    id: step.id,
    grow: WIDTHS[step.kind] ?? 1,
    state: i < props.batch.currentStep ? 'done' : i === props.batch.currentStep ? 'now' : 'ahead',
  })),
);
</script>

<template>
  <div
    class="progress"
    role="progressbar"
    aria-label="Steps of this batch"
    :aria-valuenow="batch.currentStep"
    aria-valuemin="0"
    :aria-valuemax="segments.length"
  >
    <span
      v-for="segment in segments"
      :key="segment.id"
      :class="segment.state"
      :style="{ flexGrow: segment.grow }"
    />
  </div>
</template>

<style scoped>
.progress {
  display: flex;
  gap: 4px;
  height: 26px;
}
span {
  flex: 1 1 0;
  border: 1.5px solid #8f9f98;
}
.done {
  border-color: #70c2ad;
  background: #70c2ad;
}
.now {
  background: #f4f1e8;
}
</style>
