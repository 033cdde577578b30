<script setup lang="ts">
import { computed } from 'vue';
import { stopwatch } from '@/core/basics/format/durations';
import { stillMoments } from './exportFilm';
import FilmCanvas from './FilmCanvas.vue';
import { momentLabel } from './filmMessages';
import type { Film } from './useFilm';

/** A film as eight pictures that stand still: for who does not want things to move. */
const props = defineProps<{ film: Film }>();
const moments = computed(() => {
  const plan = props.film.plan.value;
  return plan
    ? stillMoments(plan.goneS, plan.settledS).flatMap((seconds) => {
        const moment = props.film.momentOf(seconds);
        return moment ? [{ seconds, label: momentLabel(moment, plan) }] : [];
      })
    : [];
});
</script>

<template>
  <ol class="stills">
    <li v-for="{ seconds, label } in moments" :key="seconds">
      <FilmCanvas :film="film" :seconds="seconds" view="top" :label="label" class="still" />
      <span>{{ stopwatch(seconds) }}</span>
    </li>
  </ol>
</template>

<style scoped>
.stills {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(170px, 1fr));
  gap: 8px 12px;
  padding: 0;
  margin: 0;
  list-style: none;
}
.still {
  height: 110px;
}
span {
  display: block;
  color: var(--mid);
  font-size: var(--text-small);
  text-align: center;
}
</style>
