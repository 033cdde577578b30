<script setup lang="ts">
import { computed } from 'vue';
import { WEAK_SHARE } from '@/core/batches/faults/causeTable';
import type { Trial } from '@/core/batches/trials/schema';
import { formatSeconds } from '@/core/basics/format/durations';
import { listed } from '@/core/basics/format/names';
import { formatPercent, formatPercentRange } from '@/core/basics/format/numbers';
import { formatMass } from '@/core/basics/format/quantities';
import type { Spread } from '@/core/basics/units/spread';
import { sayGasLossProblem, sayTimes } from '@/shared/tryMessages';
import { nowIso } from '@/stores/now';
import { useTraysStore } from '@/stores/trays';
import { useTrialsStore } from '@/stores/trials';
import CausesList from '@/ui/frame/CausesList.vue';
import GasLossCurve from './GasLossCurve.vue';

/** The gas that left a pitcher as the scale saw it, and what that says of the batch. */
const props = defineProps<{
  trial: Trial;
  forecast: ReadonlyArray<{ readonly at: number } & Spread>;
  goneS: Spread;
  /** When the sample met the water; null before. */
  touchedMs: number | null;
}>();
const trialStore = useTrialsStore();
const trays = useTraysStore();

const batch = computed(() => trialStore.batchOf(props.trial));
const result = computed(() => (props.touchedMs === null ? null : trialStore.answerOf(props.trial)));
const answer = computed(() => (result.value?.ok ? result.value.value : null));
const isWeak = computed(
  () => answer.value !== null && answer.value.isOver && answer.value.share.high < WEAK_SHARE,
);
const causes = computed(() =>
  isWeak.value && batch.value ? trays.causesOfWeakFizz(batch.value, Date.parse(nowIso())) : [],
);
</script>

<template>
  <section aria-label="Gas that left, by weight">
    <h2>Gas that left, by weight</h2>
    <p class="quiet">
      {{
        trial.isCrumbs
          ? 'Weight of gas gone, with the forecast of a whole piece'
          : 'Weight of gas gone, with the forecast'
      }}
    </p>
    <GasLossCurve
      :gone="answer?.gone ?? []"
      :forecast="forecast"
      :running="touchedMs !== null && trial.finishedAt === null"
    />
    <p v-if="answer && answer.isOver" class="answer">
      <b>{{ formatPercent(100 * answer.share.best, 0) }} of its fizz is still in it.</b> The scale,
      thermometer and pitcher allow
      {{ formatPercentRange(100 * answer.share.low, 100 * answer.share.high) }}.
      <template v-if="isWeak">This batch is weak.</template>
      <template v-else-if="answer.share.best > 1.05"
        >That is more than it can give. It may have splashed, or there was more of it.</template
      >
    </p>
    <p v-else-if="answer" class="answer">
      At this pace it has
      {{ formatPercentRange(100 * answer.share.low, 100 * answer.share.high) }} of its fizz, and is
      gone after {{ formatSeconds(answer.goneS.best) }}. The forecast is {{ sayTimes(goneS) }}.
    </p>
    <p v-if="answer && answer.bumpedAtS.length" class="quiet">
      The scale was bumped after {{ listed(answer.bumpedAtS.map(formatSeconds)) }}. That is left
      out.
    </p>
    <p v-if="answer && answer.isOver" class="quiet small">
      The warm water’s own loss, {{ formatMass(answer.ownLossGMin) }} a minute, is left out. Gone
      after {{ formatSeconds(answer.goneS.best) }}.
    </p>
    <p v-if="result && !result.ok && touchedMs !== null" class="quiet">
      {{ sayGasLossProblem(result.problem) }}
    </p>
    <template v-if="causes.length">
      <h3>Likely causes</h3>
      <CausesList :causes="causes" />
    </template>
  </section>
</template>

<style scoped>
.quiet {
  margin: 2px 0 6px;
}
.small {
  font-size: var(--text-small);
}
h2 {
  margin: 0;
  font-size: var(--text-title);
}
h3 {
  margin: 14px 0 4px;
  font-size: var(--text-lead);
}
.answer b {
  font-family: var(--font-heading);
  font-size: var(--text-title);
}
</style>
