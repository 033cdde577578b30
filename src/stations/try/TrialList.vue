<script setup lang="ts">
import EmptyState from '@/ui/kit/EmptyState.vue';
import { KIND_WORDS } from '@/core/batches/trials/kinds';
import { phaseS } from '@/core/batches/trials/phases';
import { standingIn } from '@/core/batches/trials/write';
import type { Trial } from '@/core/batches/trials/schema';
import { shortTime } from '@/core/basics/format/dates';
import { formatSeconds } from '@/core/basics/format/durations';
import { formatPercent } from '@/core/basics/format/numbers';
import { useTrialsStore } from '@/stores/trials';
import { VERDICT_WORDS } from '@/shared/tryMessages';

/** All trials, newest first: any opens again. */
const trialStore = useTrialsStore();
const emit = defineEmits<{ open: [trial: Trial] }>();

function nameOf(trial: Trial): string {
  const batch = trialStore.batchOf(trial);
  if (batch) return `${batch.code}, ${batch.formulaName}`;
  return trial.batchId === null ? trial.name : 'Removed batch';
}

function said(trial: Trial): string {
  const verdict = standingIn(trial, 'verdict').at(-1);
  const goneS = phaseS(trial, 'gone');
  const answer = trial.kind === 'scale' ? trialStore.answerOf(trial) : null;
  return [
    ...(answer?.ok && answer.value.isOver
      ? [`${formatPercent(100 * answer.value.share.best, 0)} of its fizz`]
      : []),
    ...(goneS !== null ? [`gone after ${formatSeconds(goneS)}`] : []),
    ...(verdict ? [VERDICT_WORDS[verdict.verdict]] : []),
    ...(trial.finishedAt === null ? ['open'] : []),
    ...(trial.voidedAt ? ['not counted'] : []),
  ].join(' · ');
}
</script>

<template>
  <section aria-label="All tests">
    <EmptyState
      v-if="trialStore.trials.length === 0"
      picture="tub"
      :elsewhere="{ name: 'New test', to: { name: 'try' } }"
    >
      There is no test yet. Start one, and Rovack remembers what you saw.
    </EmptyState>
    <ul class="plain-list">
      <li v-for="trial in trialStore.trials" :key="trial.id">
        <button type="button" @click="emit('open', trial)">
          <span class="quiet tabular">{{ shortTime(trial.startedAt) }}</span>
          <b>{{ nameOf(trial) }}</b>
          <span class="quiet">{{ KIND_WORDS[trial.kind] }}</span>
          <span>{{ said(trial) }}</span>
        </button>
      </li>
    </ul>
  </section>
</template>

<style scoped>
li {
  border-bottom: 1px solid var(--hairline);
}
button {
  display: grid;
  grid-template-columns: 130px minmax(0, 1fr) 140px minmax(0, 1fr);
  gap: 12px;
  width: 100%;
  min-height: 44px;
  padding: 6px 0;
  border: 0;
  background: none;
  color: inherit;
  font: inherit;
  text-align: left;
  cursor: pointer;
}
@media (max-width: 820px) {
  button {
    grid-template-columns: minmax(0, 1fr);
    gap: 0;
  }
}
</style>
