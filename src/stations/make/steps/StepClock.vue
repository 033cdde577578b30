<script setup lang="ts">
import HandButton from '@/ui/kit/HandButton.vue';
import { useNow } from '@vueuse/core';
import { computed, watch } from 'vue';
import { timerLeftS } from '@/core/batches/records/timer';
import type { Batch } from '@/core/batches/records/schema';
import { useBenchStore } from '@/stores/bench';
import { useActions } from '@/ui/actions/useActions';
import { countdown } from '../countdown';
import { useChime } from '../useChime';

/** A clock that runs on through a reload: it is in the record. */
const props = defineProps<{
  batch: Batch;
  stepId: string;
  seconds: number;
  /** What the buttons say. */
  words: { start: string; early: string; over: string; without: string };
}>();
const bench = useBenchStore();
const now = useNow({ interval: 250 });

/** Null before it is started. */
const leftS = computed(() => timerLeftS(props.batch, props.stepId, now.value.getTime()));
const isRunning = computed(() => leftS.value !== null);
const isOver = computed(() => leftS.value !== null && leftS.value <= 0);
const shown = computed(() => countdown(leftS.value ?? props.seconds));
const said = computed(() => {
  if (!isRunning.value) return props.words.start;
  return isOver.value ? props.words.over : props.words.early;
});

/** Heard over a mixer, once, when the time is up while somebody is here. */
const chime = useChime();
watch(isOver, (is, was) => {
  if (is && !was) chime();
});

function next(): void {
  if (isRunning.value) bench.settle({ kind: 'done' });
  else bench.write({ kind: 'timer', seconds: props.seconds });
}

useActions(() => [{ name: said.value, key: 'space', run: next }]);
</script>

<template>
  <p class="clock" role="timer" :class="{ over: isOver }">
    <b class="figure">{{ shown }}</b>
    <span>{{ !isRunning ? 'not started' : isOver ? 'time is up' : 'left' }}</span>
  </p>
  <div class="hands">
    <HandButton is-main is-big @click="next">{{ said }} <kbd>space</kbd></HandButton>
    <HandButton v-if="!isRunning" is-big @click="bench.settle({ kind: 'done' })">
      {{ words.without }}
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
