<script setup lang="ts">
import { computed } from 'vue';
import { stopwatch } from '@/core/basics/format/durations';
import { momentRows } from './filmMessages';
import type { Film } from './useFilm';

/** What the models say at the moment of the film, for one film or for two beside each other. */
const props = defineProps<{
  films: ReadonlyArray<{ readonly name: string; readonly film: Film }>;
  seconds: number;
  nameOf: (materialId: string) => string;
}>();

const columns = computed(() =>
  props.films.map(({ film }) => {
    const plan = film.plan.value;
    const moment = film.momentOf(props.seconds);
    return plan && moment ? momentRows(plan, moment, props.nameOf, Math.max(...plan.foamMm)) : [];
  }),
);
/** Every figure of either, in the order of the first. */
const rows = computed(() => {
  const names = [...new Set(columns.value.flatMap((rows) => rows.map(({ name }) => name)))];
  return names.map((name) => ({
    name,
    values: columns.value.map((rows) => rows.find((row) => row.name === name)?.value ?? '–'),
  }));
});
</script>

<template>
  <section aria-label="Figures of this moment">
    <h2>At {{ stopwatch(seconds) }}</h2>
    <table class="figures">
      <thead v-if="films.length > 1">
        <tr>
          <td></td>
          <th v-for="one in films" :key="one.name" scope="col">{{ one.name }}</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="row in rows" :key="row.name">
          <th scope="row">{{ row.name }}</th>
          <td v-for="(value, i) in row.values" :key="i">{{ value }}</td>
        </tr>
      </tbody>
    </table>
  </section>
</template>

<style scoped>
section {
  margin: 18px 0;
}
td {
  font-weight: 650;
}
tbody th {
  color: var(--mid);
}
</style>
