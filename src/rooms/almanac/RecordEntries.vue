<script setup lang="ts">
import { computed, ref } from 'vue';
import { figureOf } from '@/core/batches/records/correct';
import type { Batch } from '@/core/batches/records/schema';
import { parseNumber } from '@/core/basics/units/parseNumber';
import { useBenchStore } from '@/stores/bench';
import { clockTime, shortDate, shortTime } from '@/core/basics/format/dates';
import { useMaterials } from '@/ui/fields/materials';
import { runsOf, sayRun } from './entryMessages';

const props = defineProps<{ batch: Batch }>();

const { nameOf } = useMaterials();
const bench = useBenchStore();
const note = ref('');

const titles = computed(() => new Map(props.batch.steps.map((step) => [step.id, step.title])));
const entries = computed(() =>
  runsOf(props.batch.entries).map((run) => ({
    id: run[0].id,
    day: shortDate(run[0].at),
    at: clockTime(run[0].at),
    struck: run[0].voidedAt
      ? run[0].voidedWhy === 'entered-twice'
        ? 'voided: entered on two sides'
        : `replaced ${clockTime(run[0].voidedAt)}`
      : null,
    who: run[0].who ?? '',
    figure: run.length === 1 && !run[0].voidedAt ? figureOf(run[0]) : null,
    said: sayRun(run, titles.value.get(run[0].stepId) ?? '', nameOf),
  })),
);

/** The entry whose figure is being put right, and what it is to be. */
const correcting = ref<string | null>(null);
const figure = ref('');
const problem = ref('');

function startCorrecting(id: string, was: number): void {
  correcting.value = id;
  figure.value = String(was);
  problem.value = '';
}

function correct(): void {
  const value = parseNumber(figure.value);
  if (value === null || value < 0) {
    problem.value = 'Type a number, 0 or more.';
    return;
  }
  if (correcting.value) bench.correct(props.batch, correcting.value, value);
  correcting.value = null;
}

function write(): void {
  const text = note.value.trim();
  if (text) bench.note(props.batch, text);
  note.value = '';
}
</script>

<template>
  <section aria-label="Log">
    <h2>Log</h2>
    <p class="quiet">
      {{
        batch.finishedAt
          ? `Started ${shortTime(batch.startedAt)}, closed ${shortTime(batch.finishedAt)}`
          : `Started ${shortTime(batch.startedAt)}`
      }}
    </p>
    <ol class="plain-list">
      <li v-for="(entry, i) in entries" :key="entry.id" :class="{ struck: entry.struck }">
        <b v-if="i > 0 && entry.day !== entries[i - 1]?.day" class="day">{{ entry.day }}</b>
        <span class="tabular quiet">{{ entry.at }}</span>
        <span class="said">{{ entry.said }}</span>
        <span class="quiet">{{ entry.struck ?? entry.who }}</span>
        <button
          v-if="
            entry.figure !== null && batch.outcome !== 'at-the-bench' && correcting !== entry.id
          "
          type="button"
          class="correct no-print"
          :aria-label="`Correct: ${entry.said}`"
          @click="startCorrecting(entry.id, entry.figure)"
        >
          Correct
        </button>
        <form
          v-if="correcting === entry.id"
          class="correction no-print"
          @submit.prevent="correct"
          @keydown.esc="correcting = null"
        >
          <v-text-field
            v-model="figure"
            label="Correct value"
            inputmode="decimal"
            autocomplete="off"
            autofocus
            :error-messages="problem"
          />
          <v-btn type="submit">Save</v-btn>
          <v-btn variant="text" @click="correcting = null">Cancel</v-btn>
        </form>
      </li>
    </ol>
    <form class="note no-print" @submit.prevent="write">
      <v-text-field v-model="note" label="Note on this batch" maxlength="2000" autocomplete="off" />
      <v-btn type="submit" :disabled="note.trim() === ''">Add note</v-btn>
    </form>
  </section>
</template>

<style scoped>
p {
  margin: 2px 0 10px;
  font-size: var(--text-plain);
}
li {
  display: grid;
  grid-template-columns: 46px minmax(0, 1fr) auto 58px;
  gap: 8px;
  align-items: baseline;
  padding: 3px 0;
  font-size: var(--text-plain);
}
.day {
  grid-column: 1 / -1;
  margin-top: 8px;
}
.note {
  display: flex;
  gap: 8px;
  margin-top: 16px;
}
/* Beside every figure, quiet until it is wanted. */
.correct {
  padding: 2px 0;
  line-height: 20px;
  border: 0;
  background: none;
  color: var(--verdigris);
  font: inherit;
  cursor: pointer;
}
.correction {
  display: flex;
  grid-column: 2 / -1;
  gap: 8px;
  align-items: flex-start;
}
.said {
  overflow-wrap: anywhere;
}
.struck .said {
  text-decoration: line-through;
}
</style>
