<script setup lang="ts">
import { useFullscreen } from '@vueuse/core';
import { computed } from 'vue';
import type { BenchStep } from '@/core/making';
import { lastDeed, settlingEntries, type Batch } from '@/core/records';
import { useBenchStore } from '@/stores/bench';
import { useBenchKeys } from './useBenchKeys';

/** What can be done at any step, by the same keys everywhere. */
const props = defineProps<{ batch: Batch; step: BenchStep }>();
const emit = defineEmits<{ add: []; room: []; leave: [] }>();
const bench = useBenchStore();
const { isFullscreen, isSupported, toggle } = useFullscreen();

const isSettled = computed(() => settlingEntries(props.batch, props.step.id).length > 0);
const canUndo = computed(() => lastDeed(props.batch) !== null);

function skip(): void {
  bench.settle({ kind: 'skipped' });
}

useBenchKeys({
  b: bench.back,
  a: () => emit('add'),
  r: () => emit('room'),
  u: bench.undo,
  k: skip,
  f: () => void toggle(),
  l: () => emit('leave'),
});
</script>

<template>
  <nav class="ways" aria-label="Steps">
    <button type="button" :disabled="batch.currentStep === 0" @click="bench.back">
      Back a step <kbd>B</kbd>
    </button>
    <button v-if="isSettled" type="button" @click="bench.on">On again</button>
    <button type="button" :disabled="!canUndo" @click="bench.undo">Take back <kbd>U</kbd></button>
    <button type="button" @click="emit('add')">Add something <kbd>A</kbd></button>
    <button type="button" @click="emit('room')">Read the room <kbd>R</kbd></button>
    <button type="button" @click="skip">Skip this step <kbd>K</kbd></button>
    <button v-if="isSupported" type="button" @click="toggle">
      {{ isFullscreen ? 'Leave full screen' : 'Full screen' }} <kbd>F</kbd>
    </button>
    <button type="button" @click="emit('leave')">Leave the bench <kbd>L</kbd></button>
  </nav>
</template>

<style scoped>
.ways {
  display: flex;
  flex-wrap: wrap;
  gap: 0 4px;
  margin: 10px -12px 0;
}
button {
  min-height: 64px;
  padding: 0 12px;
  border: 0;
  background: none;
  color: #c8d2cc;
  font: inherit;
  font-size: 16px;
  cursor: pointer;
}
kbd {
  margin-left: 3px;
  font: 500 13px var(--font-body);
  opacity: 0.8;
}
button:hover {
  color: #f4f1e8;
}
button:disabled {
  opacity: 0.5;
}
</style>
