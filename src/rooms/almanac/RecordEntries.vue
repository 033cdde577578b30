<script setup lang="ts">
import { computed, ref } from 'vue';
import type { Batch } from '@/core/records';
import { useBenchStore } from '@/stores/bench';
import { clockTime, shortTime } from '@/ui/format';
import { sayEntry } from './entryWords';

const props = defineProps<{ batch: Batch }>();

const bench = useBenchStore();
const note = ref('');

const titles = computed(() => new Map(props.batch.steps.map((step) => [step.id, step.title])));
const entries = computed(() =>
  props.batch.entries.map((entry) => ({
    id: entry.id,
    at: clockTime(entry.at),
    struck: entry.struckAt ? clockTime(entry.struckAt) : null,
    said: sayEntry(entry, titles.value.get(entry.stepId) ?? ''),
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
      <li v-for="entry in entries" :key="entry.id" :class="{ struck: entry.struck }">
        <span class="tabular quiet">{{ entry.at }}</span>
        <span class="said">{{ entry.said }}</span>
        <span v-if="entry.struck" class="quiet">struck {{ entry.struck }}</span>
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
