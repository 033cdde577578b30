<script setup lang="ts">
import HandButton from '@/ui/kit/HandButton.vue';
import { useNow } from '@vueuse/core';
import { computed, watch } from 'vue';
import type { BenchStep } from '@/core/work/bench-steps/stepSchema';
import { timerLeftS } from '@/core/batches/records/timer';
import type { Batch } from '@/core/batches/records/schema';
import { useBenchStore } from '@/stores/bench';
import { countdown } from '../countdown';
import { useBenchKeys } from '@/ui/fields/useBenchKeys';
import { useChime } from '../useChime';

const props = defineProps<{ batch: Batch; step: Extract<BenchStep, { kind: 'mix' }> }>();
const bench = useBenchStore();
const now = useNow({ interval: 250 });

/** From the record, so that it runs on through a reload. Null before it is started. */
const leftS = computed(() => timerLeftS(props.batch, props.step.id, now.value.getTime()));
const isRunning = computed(() => leftS.value !== null);
const shown = computed(() => countdown(leftS.value ?? props.step.seconds));
const said = computed(() => {
  if (leftS.value === null) return 'Start the timer';
  return leftS.value > 0 ? 'Mixed early, next' : 'Mixed, next';
});

/** Heard over a mixer, once, when the time is up while somebody is here. */
const chime = useChime();
watch(
  () => leftS.value !== null && leftS.value <= 0,
  (isOver, was) => {
    if (isOver && !was) chime();
  },
);

function next(): void {
  if (isRunning.value) bench.settle({ kind: 'done' });
  else bench.write({ kind: 'timer', seconds: props.step.seconds });
}

useBenchKeys({ space: next });
</script>

<template>
  <p class="clock" role="timer" :class="{ over: leftS !== null && leftS <= 0 }">
    <b class="figure">{{ shown }}</b>
    <span>{{ !isRunning ? 'not started' : (leftS ?? 0) > 0 ? 'left' : 'time is up' }}</span>
  </p>
  <div class="hands">
    <HandButton is-main is-big @click="next">{{ said }} <kbd>space</kbd></HandButton>
    <HandButton v-if="!isRunning" is-big @click="bench.settle({ kind: 'done' })">
      Mixed without the timer
    </HandButton>
  </div>
</template>

<style scoped>
.clock {
  margin: auto 0 0;
  color: #c8d2cc;
  font-size: var(--text-figure);
  line-height: 1;
}
.figure {
  margin-right: 18px;
  color: #f4f1e8;
  font-size: var(--text-bench);
  font-weight: 750;
}
.over .figure {
  color: #70c2ad;
}
</style>
