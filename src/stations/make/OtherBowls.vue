<script setup lang="ts">
import { formatCount } from '@/core/basics/format/numbers';
import { useNow } from '@vueuse/core';
import { computed } from 'vue';
import { currentStep } from '@/core/batches/records/batch';
import { timerLeftS } from '@/core/batches/records/timer';
import type { Batch } from '@/core/batches/records/schema';
import { useWorkshopStore } from '@/stores/workshop';
import { countdown } from './countdown';
import { useActions } from '@/ui/actions/useActions';

/** The other bowls on the bench, with their step and their running timers: one key walks round them. */
const props = defineProps<{ batch: Batch }>();
const workshop = useWorkshopStore();
const now = useNow({ interval: 500 });

const others = computed(() =>
  workshop.batches
    .filter(({ id, outcome }) => outcome === 'at-the-bench' && id !== props.batch.id)
    .map((batch) => {
      const step = currentStep(batch);
      const leftS = step ? timerLeftS(batch, step.id, now.value.getTime()) : null;
      return {
        id: batch.id,
        code: batch.code,
        said: leftS === null ? (step?.title ?? '') : `Mixing ${countdown(leftS)}`,
        isOver: leftS !== null && leftS <= 0,
        isTimed: leftS !== null,
      };
    })
    .sort((a, b) => Number(b.isTimed) - Number(a.isTimed)),
);
/** More than these would crowd the step out; N still walks round all of them. */
const MOST_SHOWN = 2;

function take(id: string | undefined): void {
  if (id) workshop.changeSettings({ batchInHandId: id });
}

/** The next one round, so that two bowls swap and three go round. */
function next(): void {
  const all = workshop.batches.filter(({ outcome }) => outcome === 'at-the-bench');
  const here = all.findIndex(({ id }) => id === props.batch.id);
  take(all[(here + 1) % all.length]?.id);
}

useActions(() =>
  others.value.length > 0 ? [{ name: 'Open the next batch', key: 'n', run: next }] : [],
);
</script>

<template>
  <div v-if="others.length" class="bowls">
    <button
      v-for="(other, i) in others.slice(0, MOST_SHOWN)"
      :key="other.id"
      type="button"
      :class="{ over: other.isOver }"
      @click="take(other.id)"
    >
      {{ other.code }}: {{ other.said }} <kbd v-if="i === 0">N</kbd>
    </button>
    <span v-if="others.length > MOST_SHOWN"
      >and {{ formatCount(others.length - MOST_SHOWN) }} more</span
    >
  </div>
</template>

<style scoped>
.bowls {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 8px;
}
button {
  min-height: 64px;
  padding: 0 16px;
  border: 2px solid #55645f;
  border-radius: var(--radius);
  background: none;
  color: #f4f1e8;
  font: inherit;
  font-variant-numeric: tabular-nums;
  cursor: pointer;
}
.over {
  border-color: #70c2ad;
  background: #70c2ad;
  color: #14201f;
}
kbd {
  margin-left: 6px;
  font: 500 var(--text-plain) var(--font-body);
  opacity: 0.8;
}
</style>
