<script setup lang="ts">
import HandButton from '@/ui/kit/HandButton.vue';
import { computed } from 'vue';
import type { StepOf } from '@/core/work/bench-steps/stepSchema';
import { bowlContents } from '@/core/batches/records/bowl';
import type { Batch } from '@/core/batches/records/schema';
import { useBenchStore } from '@/stores/bench';
import { formatMass } from '@/core/basics/format/quantities';
import { useActions } from '@/ui/actions/useActions';

const props = defineProps<{ batch: Batch; step: StepOf<'split'> }>();
const bench = useBenchStore();

const bowlG = computed(() => bowlContents(props.batch).reduce((sum, { massG }) => sum + massG, 0));
const name = computed(
  () => props.batch.body.parts.find(({ kind }) => kind === 'split')?.name ?? 'second color',
);

function next(): void {
  bench.settle({ kind: 'split', share: props.step.share, name: name.value });
}

useActions(() => [{ name: 'Split, next', key: 'space', run: next }]);
</script>

<template>
  <p class="big">
    <b class="figure">{{ formatMass(bowlG * step.share) }}</b>
    <span>of {{ formatMass(bowlG) }} in the bowl</span>
  </p>
  <div class="hands">
    <HandButton is-main is-big @click="next">Split, next <kbd>space</kbd></HandButton>
  </div>
</template>
