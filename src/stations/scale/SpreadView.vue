<script setup lang="ts">
import { computed, onScopeDispose, ref, shallowRef, toRaw, watch } from 'vue';
import type { FormulaBody } from '@/core/formula/model/schema';
import type { ScalePlan } from '@/core/work/scaling/plan';
import type { ScaleRequest } from '@/core/work/scaling/requestSchema';
import { useDesignStore } from '@/stores/design';
import { useWorkshopStore } from '@/stores/workshop';
import type { SpreadPair } from '@/workers/spreadApi';
import { startSpread } from '@/workers/startSpread';
import SpreadHistogram from './SpreadHistogram.vue';
import { formatCount, formatFixed } from '@/core/basics/format/numbers';
import { reasonOf } from '@/core/basics/format/reason';

const props = defineProps<{ body: FormulaBody; plan: ScalePlan; request: ScaleRequest }>();

const DRAWS = 20_000;
const SEED = 20260418;

const workshop = useWorkshopStore();
const design = useDesignStore();
const done = ref<number | null>(null);
const problem = ref('');
const result = shallowRef<SpreadPair | null>(null);
let run: ReturnType<typeof startSpread> | null = null;

function start(): void {
  run?.cancel();
  done.value = 0;
  problem.value = '';
  const { plan } = props;
  const mine = startSpread(
    {
      body: toRaw(props.body),
      lines: plan.lines.map((line) => ({ ...line })),
      small: workshop.smallMeasures,
      pieceG: { low: plan.pieceLowG, best: plan.pieceG, high: plan.pieceHighG },
      bowlCount: plan.bowlCount,
      lossPct: props.request.lossPct,
      draws: DRAWS,
      seed: SEED,
    },
    [...workshop.materials],
    (share) => {
      if (run === mine) done.value = share;
    },
  );
  run = mine;
  mine.result.then(
    (pair) => {
      if (run !== mine) return;
      result.value = pair;
      done.value = null;
    },
    (error: unknown) => {
      if (run !== mine) return;
      problem.value = `Couldn’t finish the simulation (${reasonOf(error)}). Open the tab again.`;
      done.value = null;
    },
  );
}

function stop(): void {
  run?.cancel();
  run = null;
  done.value = null;
}

watch(() => props.plan, start, { immediate: true });
onScopeDispose(stop);

const damp = computed(() => {
  const window = design.evaluation?.binder.window;
  return window ? { low: window.lowPct, high: window.highPct } : null;
});
const ratio = computed(() => {
  const fizz = design.evaluation?.fizz;
  return fizz ? { low: fizz.usualLow, high: fizz.usualHigh } : null;
});
/** How much wider a cup makes the ratio. */
const wider = computed(() => {
  const { weighed, byCup } = result.value ?? {};
  if (!weighed?.ratio || !byCup?.ratio) return null;
  const width = weighed.ratio.high - weighed.ratio.low;
  return width > 0 ? (byCup.ratio.high - byCup.ratio.low) / width : null;
});
</script>

<template>
  <section aria-label="Why weigh">
    <p class="lead">
      This simulates the batch {{ formatCount(DRAWS) }} times. Above the line it is weighed on these
      scales, below it is measured by cup and spoon.
      <template v-if="wider !== null && wider > 1.5"
        >Cups make soda to acid {{ formatFixed(wider, 0) }} times as uncertain.</template
      >
    </p>
    <p v-if="done !== null" class="progress">
      <v-progress-linear
        :model-value="done * 100"
        color="primary"
        aria-label="Simulation progress"
        height="6"
      />
      <v-btn size="small" @click="stop">Stop</v-btn>
    </p>
    <p v-if="problem" role="alert">{{ problem }}</p>
    <div v-if="result" class="pictures" :class="{ old: done !== null }">
      <SpreadHistogram
        v-if="result.weighed.ratio && result.byCup.ratio"
        title="Soda to acid"
        :weighed="result.weighed.ratio"
        :by-cup="result.byCup.ratio"
        :decimals="2"
        :window="ratio"
      />
      <SpreadHistogram
        v-if="result.weighed.dampIndexPct && result.byCup.dampIndexPct"
        title="Moisture"
        :weighed="result.weighed.dampIndexPct"
        :by-cup="result.byCup.dampIndexPct"
        :decimals="1"
        :window="damp"
      />
      <SpreadHistogram
        v-if="result.weighed.scentLoadPct && result.byCup.scentLoadPct?.high"
        title="Scent, %"
        :weighed="result.weighed.scentLoadPct"
        :by-cup="result.byCup.scentLoadPct"
        :decimals="2"
      />
      <SpreadHistogram
        v-if="result.weighed.pieces && result.byCup.pieces"
        title="Pieces"
        :weighed="result.weighed.pieces"
        :by-cup="result.byCup.pieces"
        :decimals="1"
      />
    </div>
    <p class="quiet small">
      Nine of ten batches are within these figures. The range is shaded. Pieces also differ by how
      firmly you pack.
    </p>
  </section>
</template>

<style scoped>
.lead {
  max-width: 640px;
  margin: 0 0 12px;
  font-size: var(--text-lead);
}
.progress {
  display: flex;
  align-items: center;
  gap: 14px;
  max-width: 640px;
}
.pictures {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(300px, 1fr));
  gap: 22px 32px;
  max-width: 800px;
}
.old {
  opacity: 0.5;
}
.small {
  font-size: var(--text-small);
}
</style>
