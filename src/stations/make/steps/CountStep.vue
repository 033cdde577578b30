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
import { moldName } from '@/core/work/scaling/moldNames';
import { asksWhatIsLeft, leftInBowlG } from '@/core/batches/records/leftInBowl';
import { formatMass } from '@/core/basics/format/quantities';
import CountField from './CountField.vue';
import { useActions } from '@/ui/actions/useActions';
import { useConfirmTwice } from '@/ui/fields/useConfirmTwice';

defineOptions({ inheritAttrs: false });
const props = defineProps<{ batch: Batch }>();
const bench = useBenchStore();
/** As many as were pressed one by one; where only some of them were weighed, as many as were planned. */
const pieces = ref(String(Math.max(pressedPieces(props.batch), props.batch.plan.pieces)));
const rejects = ref('0');
/** Mini pieces of the plan: a count of their own. */
const planned = computed(() => plannedSamplers(props.batch));
const samplers = ref(String(planned.value));
/** Pieces of several molds are counted mold by mold. */
const molds = (props.batch.plan.sets ?? []).filter(({ isSampler }) => !isSampler);
const isByMold = molds.length > 1;
const byMold = ref(molds.map((set) => ({ pieces: String(set.pieces), rejects: '0' })));
const problem = ref('');
const { isSure } = useConfirmTwice(problem);

function wholeNumber(text: string): number | null {
  const value = parseNumber(text);
  return value !== null && Number.isInteger(value) && value >= 0 && value <= 100_000 ? value : null;
}

/** What is typed, as far as it reads. */
const count = computed(() => {
  const rows = (isByMold ? byMold.value : [{ pieces: pieces.value, rejects: rejects.value }]).map(
    (row) => ({ pieces: wholeNumber(row.pieces), rejects: wholeNumber(row.rejects) }),
  );
  const read = rows.flatMap((row) =>
    row.pieces === null || row.rejects === null
      ? []
      : [{ pieces: row.pieces, rejects: row.rejects }],
  );
  const minis = planned.value > 0 ? wholeNumber(samplers.value) : 0;
  if (read.length < rows.length || minis === null) return null;
  return {
    pieces: read.reduce((sum, row) => sum + row.pieces, 0),
    rejects: read.reduce((sum, row) => sum + row.rejects, 0),
    samplers: minis,
    molds: read,
  };
});
const leftG = computed(() => (count.value ? leftInBowlG(props.batch, count.value) : 0));
const asksLeft = computed(() => asksWhatIsLeft(props.batch, leftG.value));
const LOST = 'lost';
const LEFT = [
  { value: LOST, word: 'Lost on tools' },
  { value: 'next-batch', word: 'Next batch' },
  { value: 'embed-powder', word: 'Embed powder' },
  { value: 'thrown-away', word: 'Thrown away' },
] as const;
const fate = ref<(typeof LEFT)[number]['value']>(LOST);

function next(): void {
  if (count.value === null) {
    problem.value = 'Type whole numbers, 0 or more.';
    return;
  }
  const { samplers: minis, molds: rows, ...whole } = count.value;
  const doubt = countDoubt(
    whole.pieces + whole.rejects + minis,
    weighedTotalG(props.batch),
    meanPieceG(props.batch),
  );
  if (!isSure(doubt)) return;
  bench.settle({
    kind: 'counted',
    ...whole,
    ...(isByMold && { molds: rows }),
    ...(planned.value > 0 && { samplers: minis }),
    ...(asksLeft.value &&
      fate.value !== LOST && { left: { massG: leftG.value, fate: fate.value } }),
  });
}

useActions(() => [{ name: 'Save the count', key: 'space', run: next }]);
</script>

<template>
  <div v-for="(set, i) in isByMold ? molds : []" :key="i" class="fields by-mold">
    <p>{{ moldName(set) }}</p>
    <CountField
      :id="`pieces-${i}`"
      v-model="byMold[i]!.pieces"
      label="Whole pieces"
      :of="moldName(set)"
      @done="next"
    />
    <CountField
      :id="`rejects-${i}`"
      v-model="byMold[i]!.rejects"
      label="Rejects"
      :of="moldName(set)"
      @done="next"
    />
  </div>
  <div v-if="!isByMold || planned > 0" class="fields">
    <template v-if="!isByMold">
      <CountField id="pieces" v-model="pieces" label="Whole pieces" @done="next" />
      <CountField id="rejects" v-model="rejects" label="Rejects" @done="next" />
    </template>
    <CountField v-if="planned > 0" id="samplers" v-model="samplers" label="Minis" @done="next" />
  </div>
  <p class="planned">
    The plan has {{ counted(batch.plan.pieces, 'piece')
    }}<template v-if="planned > 0"
      >, and {{ counted(planned, 'mini') }} from the rest. Count the minis separately</template
    >.
  </p>
  <div v-if="asksLeft" role="group" aria-label="What is left in the bowl" class="left">
    <p>About {{ formatMass(leftG, 0) }} of the mix is in no piece. What became of it?</p>
    <div class="fates">
      <HandButton
        v-for="{ value, word } in LEFT"
        :key="value"
        :aria-pressed="fate === value"
        @click="fate = value"
        >{{ word }}</HandButton
      >
    </div>
  </div>
  <ProblemLine :problem="problem" />
  <div class="hands">
    <HandButton is-main is-big @click="next">Close the batch <kbd>space</kbd></HandButton>
  </div>
</template>

<style scoped>
.fields.fields.by-mold {
  grid-template-columns: minmax(0, 280px) 200px 200px;
  align-items: end;
  gap: 8px 20px;
  margin-top: 8px;
}
.by-mold p {
  margin: 0 0 10px;
  font-size: var(--text-title);
}
.by-mold .field input {
  width: 100%;
  padding-block: 4px;
}
@media (max-width: 820px) {
  .fields.fields.by-mold {
    grid-template-columns: repeat(2, minmax(0, 1fr));
  }
  .by-mold p {
    grid-column: 1 / -1;
    margin: 0;
  }
}
.left p {
  margin: 0 0 6px;
  font-size: var(--text-title);
}
.fates {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
}
.planned {
  color: #c8d2cc;
  font-size: var(--text-title);
}
</style>
