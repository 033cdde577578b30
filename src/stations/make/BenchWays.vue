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
import { counted } from '@/core/basics/format/numbers';
import { formatMass } from '@/core/basics/format/quantities';
import { useBenchStore } from '@/stores/bench';
import { useActions } from '@/ui/actions/useActions';

/** What can be done at any step, by the same keys everywhere. */
const props = defineProps<{ batch: Batch; step: BenchStep }>();
const emit = defineEmits<{ add: []; room: []; leave: []; sound: [] }>();
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

const fullScreen = computed(() => (isFullscreen.value ? 'Leave full screen' : 'Full screen'));
const askAll = () => (isAskingAll.value = true);

function skip(): void {
  bench.settle({ kind: 'skipped' });
}

useActions(() => [
  { name: 'Previous step', key: 'b', run: bench.back, isOff: props.batch.currentStep === 0 },
  { name: 'Next step', run: bench.on, isOff: !isSettled.value },
  {
    name: last.value ? `Undo: ${sayDeed(last.value)}` : 'Undo',
    key: 'u',
    run: bench.undo,
    isOff: last.value === null,
  },
  { name: 'Add to the bowl', key: 'a', run: () => emit('add') },
  { name: 'Read the room', key: 'r', run: () => emit('room') },
  { name: 'Weighed as planned', key: 'j', run: asPlanned, isOff: props.step.kind !== 'weigh' },
  { name: 'All as planned', key: 'm', run: askAll, isOff: ahead.value <= 1 },
  { name: 'Skip this step', key: 'k', run: skip },
  { name: fullScreen.value, key: 'f', run: () => void toggle(), isOff: !isSupported.value },
  { name: 'Leave the bench', key: 'l', run: () => emit('leave') },
]);
</script>

<template>
  <nav class="ways" aria-label="Steps">
    <button type="button" :disabled="batch.currentStep === 0" @click="bench.back">
      Previous step <kbd>B</kbd>
    </button>
    <button v-if="isSettled" type="button" @click="bench.on">Next step</button>
    <button
      type="button"
      :disabled="last === null"
      :title="last ? sayDeed(last) : undefined"
      @click="bench.undo"
    >
      Undo<span v-if="last" class="visually-hidden">: {{ sayDeed(last) }}</span> <kbd>U</kbd>
    </button>
    <button type="button" @click="emit('add')">Add to the bowl <kbd>A</kbd></button>
    <button type="button" @click="emit('room')">Read the room <kbd>R</kbd></button>
    <button v-if="step.kind === 'weigh'" type="button" @click="asPlanned">
      Weighed as planned <kbd>J</kbd>
    </button>
    <button v-if="ahead > 1" type="button" @click="askAll">All as planned <kbd>M</kbd></button>
    <button type="button" @click="skip">Skip this step <kbd>K</kbd></button>
    <button v-if="isSupported" type="button" @click="toggle">{{ fullScreen }} <kbd>F</kbd></button>
    <button type="button" @click="emit('sound')">Sound and voice <kbd>Y</kbd></button>
    <button type="button" @click="emit('leave')">Leave the bench <kbd>L</kbd></button>
  </nav>
  <AppDialog
    v-model="isAskingAll"
    label="All as planned"
    title="Enter everything as planned?"
    :width="520"
    >This enters {{ counted(ahead, 'weight') }} as planned and every mix as done, up to the count.
    It skips squeeze tests, as only you know how they felt. You can undo each entry.
    <p v-for="one in doubts" :key="one.lotId" role="alert" class="doubt">
      {{
        one.isOnHold
          ? `Lot ${one.code} is on hold. Don’t weigh from it.`
          : `Lot ${one.code} has ${formatMass(Math.max(0, one.hasG))}, and this takes ${formatMass(one.takesG)}.`
      }}
    </p>
    <p v-if="doubts.length">
      If that is not what happened, count the lot on the Shelf, or choose another one.
    </p>
    <template #actions>
      <v-btn variant="text" @click="isAskingAll = false">Cancel</v-btn>
      <v-btn :variant="doubts.length ? 'outlined' : 'flat'" @click="allAsPlanned">{{
        doubts.length ? 'Enter anyway' : 'Enter as planned'
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
