<script setup lang="ts">
import { computed, ref } from 'vue';
import type { Batch } from '@/core/records';
import { useBenchStore } from '@/stores/bench';
import { clockTime, shortDate, shortTime } from '@/ui/frame/format';
import { useMaterials } from '@/ui/fields/materials';
import { runsOf, sayRun } from './entryWords';

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
    struck: run[0].struckAt ? clockTime(run[0].struckAt) : null,
    who: run[0].who ?? '',
    said: sayRun(run, titles.value.get(run[0].stepId) ?? '', nameOf),
  })),
);

function write(): void {
  const text = note.value.trim();
  if (text) bench.note(props.batch, text);
  note.value = '';
}
</script>

<template>
  <section aria-label="As it happened">
    <h2>As it happened</h2>
    <p class="quiet">
      Begun {{ shortTime(batch.startedAt)
      }}{{ batch.finishedAt ? `, closed ${shortTime(batch.finishedAt)}` : '' }}
    </p>
    <ol class="plain-list">
      <li v-for="(entry, i) in entries" :key="entry.id" :class="{ struck: entry.struck }">
        <b v-if="i > 0 && entry.day !== entries[i - 1]?.day" class="day">{{ entry.day }}</b>
        <span class="tabular quiet">{{ entry.at }}</span>
        <span class="said">{{ entry.said }}</span>
        <span class="quiet">{{ entry.struck ? `struck ${entry.struck}` : entry.who }}</span>
      </li>
    </ol>
    <form class="note no-print" @submit.prevent="write">
      <v-text-field
        v-model="note"
        label="A note to this batch"
        maxlength="2000"
        autocomplete="off"
      />
      <v-btn type="submit" :disabled="note.trim() === ''">Write it down</v-btn>
    </form>
  </section>
</template>

<style scoped>
p {
  margin: 2px 0 10px;
  font-size: 14px;
}
li {
  display: grid;
  grid-template-columns: 46px minmax(0, 1fr) auto;
  gap: 8px;
  padding: 3px 0;
  font-size: 14px;
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
.said {
  overflow-wrap: anywhere;
}
.struck .said {
  text-decoration: line-through;
}
</style>
