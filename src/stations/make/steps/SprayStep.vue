<script setup lang="ts">
import HandButton from '@/ui/kit/HandButton.vue';
import { computed } from 'vue';
import { dampReading } from '@/core/results/binder/damp';
import { bowlDamp } from '@/core/batches/cures/benchCures';
import type { StepOf } from '@/core/work/bench-steps/stepSchema';
import { bowlContents } from '@/core/batches/records/bowl';
import type { Batch } from '@/core/batches/records/schema';
import { useBenchStore } from '@/stores/bench';
import { formatFixed, formatPercent, formatRange } from '@/core/basics/format/numbers';
import { useMaterials } from '@/ui/fields/materials';
import SquirtCounter from '../SquirtCounter.vue';
import { useActions } from '@/ui/actions/useActions';

const props = defineProps<{ batch: Batch; step: StepOf<'spray'> }>();
const { portionsOf } = useMaterials();
const bench = useBenchStore();

const damp = computed(() => dampReading(portionsOf(bowlContents(props.batch))));
const window = computed(() => bench.conditions && bowlDamp(props.batch, bench.conditions).window);
const next = () => bench.settle({ kind: 'done' });
useActions(() => [{ name: 'Remixed, next', key: 'space', run: next }]);
</script>

<template>
  <p class="big">
    <b class="figure">{{ damp.dampIndexPct === null ? '–' : formatFixed(damp.dampIndexPct, 1) }}</b>
    <span v-if="window">moisture (range {{ formatRange(window.lowPct, window.highPct, 1) }})</span>
  </p>
  <p v-if="damp.dampIndexPct === null" class="water">There is nothing dry in the bowl on record.</p>
  <p v-else class="water">Loose water is {{ formatPercent(damp.freeWaterPct, 2) }} of the mix.</p>
  <SquirtCounter
    :batch="batch"
    :step-id="step.id"
    :own-id="step.materialId"
    :line-id="step.lineId"
    :into="step.bowl"
    :spoon-g="step.spoonG"
  />
  <div class="hands">
    <HandButton is-main is-big @click="next">Remixed, next <kbd>space</kbd></HandButton>
  </div>
</template>

<style scoped>
.water {
  margin: 0;
  color: #c8d2cc;
  font-size: var(--text-title);
}
</style>
