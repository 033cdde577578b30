<script setup lang="ts">
import HandButton from '@/ui/kit/HandButton.vue';
import ProblemLine from '@/ui/kit/ProblemLine.vue';
import { computed, ref } from 'vue';
import { parseNumber } from '@/core/basics/units/parseNumber';
import { countDoubt } from '@/core/batches/records/doubts';
import {
  meanPieceG,
  plannedSamplers,
  pressedPieces,
  weighedTotalG,
} from '@/core/batches/records/summary';
import type { Batch } from '@/core/batches/records/schema';
import { counted } from '@/core/basics/format/numbers';
import { useBenchStore } from '@/stores/bench';
import { useBenchKeys } from '@/ui/fields/useBenchKeys';
import { useConfirmTwice } from '@/ui/fields/useConfirmTwice';

defineOptions({ inheritAttrs: false });
const props = defineProps<{ batch: Batch }>();
const bench = useBenchStore();
/** As many as were pressed one by one, else as many as were planned. */
const pieces = ref(String(pressedPieces(props.batch) || props.batch.plan.pieces));
const rejects = ref('0');
/** Mini pieces of the plan: a count of their own. */
const planned = computed(() => plannedSamplers(props.batch));
const samplers = ref(String(planned.value));
const problem = ref('');
const { isSure } = useConfirmTwice(problem);

function wholeNumber(text: string): number | null {
  const value = parseNumber(text);
  return value !== null && Number.isInteger(value) && value >= 0 && value <= 100_000 ? value : null;
}

function next(): void {
  const whole = wholeNumber(pieces.value);
  const wrong = wholeNumber(rejects.value);
  const minis = planned.value > 0 ? wholeNumber(samplers.value) : 0;
  if (whole === null || wrong === null || minis === null) {
    problem.value = 'Type whole numbers, 0 or more.';
    return;
  }
  const doubt = countDoubt(
    whole + wrong + minis,
    weighedTotalG(props.batch),
    meanPieceG(props.batch),
  );
  if (!isSure(doubt)) return;
  bench.settle({
    kind: 'counted',
    pieces: whole,
    rejects: wrong,
    ...(planned.value > 0 && { samplers: minis }),
  });
}

useBenchKeys({ space: next });
</script>

<template>
  <div class="fields">
    <div class="field">
      <label for="pieces">Whole pieces</label>
      <input
        id="pieces"
        v-model="pieces"
        inputmode="numeric"
        autocomplete="off"
        @keydown.enter="next"
      />
    </div>
    <div class="field">
      <label for="rejects">Rejects</label>
      <input
        id="rejects"
        v-model="rejects"
        inputmode="numeric"
        autocomplete="off"
        @keydown.enter="next"
      />
    </div>
    <div v-if="planned > 0" class="field">
      <label for="samplers">Minis</label>
      <input
        id="samplers"
        v-model="samplers"
        inputmode="numeric"
        autocomplete="off"
        @keydown.enter="next"
      />
    </div>
  </div>
  <p class="planned">
    The plan has {{ counted(batch.plan.pieces, 'piece')
    }}<template v-if="planned > 0"
      >, and {{ counted(planned, 'mini') }} from the rest. Count the minis separately</template
    >.
  </p>
  <ProblemLine :problem="problem" />
  <div class="hands">
    <HandButton is-main is-big @click="next">Close the batch <kbd>space</kbd></HandButton>
  </div>
</template>

<style scoped>
.planned {
  color: #c8d2cc;
  font-size: var(--text-title);
}
</style>
