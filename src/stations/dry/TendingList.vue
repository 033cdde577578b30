<script setup lang="ts">
import { computed, ref } from 'vue';
import { timeFrom } from '@/core/basics/format/dates';
import { concernsOfWrapping, sayConcern } from '@/core/goods/products/concerns';
import { countOf } from '@/core/batches/records/summary';
import { stepsFor } from '@/core/batches/records/batch';
import type { Batch } from '@/core/batches/records/schema';
import type { TendingNow } from '@/core/batches/trays/tending';
import type { TrayForecast } from '@/core/batches/trays/trayForecast';
import { useBenchStore } from '@/stores/bench';
import { useTraysStore } from '@/stores/trays';
import { useConfirmTwice } from '@/ui/fields/useConfirmTwice';
import ProblemLine from '@/ui/kit/ProblemLine.vue';
import DressDialog from './DressDialog.vue';
import { sayTending } from './trayMessages';

/** What is done to pieces on a tray, in order; what is early or has a concern is asked about once. */
const props = defineProps<{ batch: Batch; forecast: TrayForecast; nowMs: number }>();
const bench = useBenchStore();
const trays = useTraysStore();
const problem = ref('');
const isDressing = ref(false);
const dressing = ref<TendingNow | null>(null);
const { isSure } = useConfirmTwice(problem);
const steps = computed(() => trays.tendingsOf(props.batch, props.forecast, props.nowMs));

function tend(step: TendingNow): void {
  const isEarly = step.state !== 'now' && step.state !== 'done';
  problem.value = '';
  const doubts =
    step.what === 'wrap'
      ? concernsOfWrapping(props.batch.code, steps.value).map(sayConcern)
      : isEarly
        ? [`It is early (${sayTending(step, props.nowMs)}).`]
        : [];
  if (!isSure(doubts.length > 0 ? `${doubts.join(' ')} Is it done?` : null)) return;
  if (asksMore(step)) {
    dressing.value = step;
    isDressing.value = true;
  } else bench.writeTo(props.batch, { kind: 'tended', what: step.what, step: step.stepId });
}

/** Is something weighed for it now, or are there jars to count? */
function asksMore({ what, stepId }: TendingNow): boolean {
  const isJarred =
    what === 'wrap' && props.batch.body.method === 'loose' && countOf(props.batch) === null;
  return isJarred || stepsFor(props.batch, stepId).some(({ kind }) => kind === 'weigh');
}
</script>

<template>
  <div>
    <ProblemLine :problem="problem" />
    <ul class="plain-list tend" aria-label="Next steps">
      <li v-for="one in steps" :key="one.stepId" :class="one.state">
        <span>
          <b>{{ one.state === 'done' ? one.title : sayTending(one, nowMs) }}</b>
          <span class="quiet">{{
            one.doneAtMs === null ? one.note : `Done ${timeFrom(one.doneAtMs, nowMs)}`
          }}</span>
        </span>
        <v-btn
          v-if="one.state !== 'done'"
          size="small"
          :variant="one.state === 'now' ? 'flat' : 'outlined'"
          @click="tend(one)"
          >Done</v-btn
        >
      </li>
    </ul>
    <DressDialog
      v-if="dressing"
      v-model="isDressing"
      :batch="batch"
      :what="dressing.what"
      :step-id="dressing.stepId"
      :title="dressing.title"
      :note="dressing.note"
    />
  </div>
</template>

<style scoped>
.tend {
  margin: 14px 0;
}
.tend li {
  display: flex;
  justify-content: space-between;
  align-items: center;
  gap: 10px;
  padding: 8px 0 8px 12px;
  border-left: 4px solid var(--hairline);
}
.tend li > span {
  display: grid;
}
.quiet {
  font-size: var(--text-plain);
  margin: 0;
}
.tend .now {
  border-color: var(--verdigris);
}
.tend .never {
  border-color: var(--rust);
}
.tend b::first-letter {
  text-transform: uppercase;
}
</style>
