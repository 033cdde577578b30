<script setup lang="ts">
import AppDialog from '@/ui/kit/AppDialog.vue';
import { useFullscreen } from '@vueuse/core';
import { computed, ref } from 'vue';
import type { BenchStep } from '@/core/work/bench-steps/stepSchema';
import { lastDeed, sayDeed } from '@/core/batches/records/undoLast';
import { settlingEntries } from '@/core/batches/records/settled';
import { weighedEntry } from '@/core/batches/records/weighed';
import { weighingsAhead } from '@/core/batches/records/asPlanned';
import type { Batch } from '@/core/batches/records/schema';
import { counted, formatGrams } from '@/core/basics/format/numbers';
import { useBenchStore } from '@/stores/bench';
import { useBenchKeys } from '@/ui/fields/useBenchKeys';

/** What can be done at any step, by the same keys everywhere. */
const props = defineProps<{ batch: Batch; step: BenchStep }>();
const emit = defineEmits<{ add: []; room: []; leave: [] }>();
const bench = useBenchStore();
const { isFullscreen, isSupported, toggle } = useFullscreen();

const isSettled = computed(() => settlingEntries(props.batch, props.step.id).length > 0);
const last = computed(() => lastDeed(props.batch));
const ahead = computed(() => weighingsAhead(props.batch));
const isAskingAll = ref(false);
/** Lots that would be taken beyond what they hold, or that are on hold: said before it is entered. */
const doubts = computed(() => (isAskingAll.value ? bench.lotDoubts() : []));

/** Worked from paper: what the sheet says is what was weighed. */
function asPlanned(): void {
  const { step } = props;
  if (step.kind === 'weigh') bench.settle(weighedEntry(step, step.targetG, 'as-planned'));
}

function allAsPlanned(): void {
  bench.allAsPlanned();
  isAskingAll.value = false;
}

function skip(): void {
  bench.settle({ kind: 'skipped' });
}

useBenchKeys({
  b: bench.back,
  a: () => emit('add'),
  r: () => emit('room'),
  u: bench.undo,
  k: skip,
  j: asPlanned,
  m: () => (isAskingAll.value = ahead.value > 1),
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
    <button
      type="button"
      :disabled="last === null"
      :title="last ? sayDeed(last) : undefined"
      @click="bench.undo"
    >
      Undo<span v-if="last" class="visually-hidden">: {{ sayDeed(last) }}</span> <kbd>U</kbd>
    </button>
    <button type="button" @click="emit('add')">Add something <kbd>A</kbd></button>
    <button type="button" @click="emit('room')">Read the room <kbd>R</kbd></button>
    <button v-if="step.kind === 'weigh'" type="button" @click="asPlanned">
      Weighed as planned <kbd>J</kbd>
    </button>
    <button v-if="ahead > 1" type="button" @click="isAskingAll = true">
      All as planned <kbd>M</kbd>
    </button>
    <button type="button" @click="skip">Skip this step <kbd>K</kbd></button>
    <button v-if="isSupported" type="button" @click="toggle">
      {{ isFullscreen ? 'Leave full screen' : 'Full screen' }} <kbd>F</kbd>
    </button>
    <button type="button" @click="emit('leave')">Leave the bench <kbd>L</kbd></button>
  </nav>
  <AppDialog
    v-model="isAskingAll"
    label="All as planned"
    title="All that is ahead, as the sheet had it?"
    :width="520"
    >{{ counted(ahead, 'weighing') }} up to the count {{ ahead === 1 ? 'is' : 'are' }} written as
    planned, and every mix as done. Squeezes are left out: nobody said how they felt. Each entry can
    be taken back.
    <p v-for="one in doubts" :key="one.lotId" role="alert" class="doubt">
      {{
        one.isOnHold
          ? `Lot ${one.code} is on hold: nothing should be weighed from it.`
          : `Lot ${one.code} holds ${formatGrams(Math.max(0, one.hasG))} g, and ${formatGrams(one.takesG)} g would be taken.`
      }}
    </p>
    <p v-if="doubts.length">
      Count the lot on the Shelf, or choose another one, if that is not what happened.
    </p>
    <template #actions>
      <v-btn variant="text" @click="isAskingAll = false">Weigh on</v-btn>
      <v-btn :variant="doubts.length ? 'outlined' : 'flat'" @click="allAsPlanned">{{
        doubts.length ? 'Enter it all the same' : 'All as planned'
      }}</v-btn>
    </template></AppDialog
  >
</template>

<style scoped>
.ways {
  display: flex;
  flex-wrap: wrap;
  margin: 10px -9px 0;
}
button {
  min-height: 64px;
  padding: 0 9px;
  border: 0;
  background: none;
  color: #c8d2cc;
  font: inherit;
  font-size: var(--text-body);
  cursor: pointer;
}
.doubt {
  margin: 10px 0 0;
  padding-left: 12px;
  border-left: 4px solid var(--rust);
}
kbd {
  margin-left: 3px;
  font: 500 var(--text-small) var(--font-body);
  opacity: 0.8;
}
button:hover {
  color: #f4f1e8;
}
button:disabled {
  opacity: 0.5;
}
</style>
