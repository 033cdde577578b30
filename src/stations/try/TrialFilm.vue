<script setup lang="ts">
import { computed, ref } from 'vue';
import { stopwatch } from '@/core/basics/format/durations';
import { phaseS } from '@/core/batches/trials/phases';
import type { Phase } from '@/core/batches/trials/kinds';
import type { Trial } from '@/core/batches/trials/schema';
import { EVENT_WORDS, sayNoFilm } from '@/core/tub/messages';
import type { FilmEvent } from '@/core/tub/plan';
import FilmCanvas from '@/shared/film/FilmCanvas.vue';
import { momentLabel } from '@/shared/film/filmMessages';
import { useFilm, type FilmSubject } from '@/shared/film/useFilm';
import { useTrialsStore } from '@/stores/trials';

/** The film of the piece in hand, run by the stopwatch of its test, with what was forecast beside what was pressed. */
const props = defineProps<{ trial: Trial; seconds: number }>();
const trialStore = useTrialsStore();

const subject = computed<FilmSubject | null>(() => {
  const tried = props.trial.kind === 'scale' ? null : trialStore.triedIn(props.trial);
  return tried && { ...tried, shape: 'ball' };
});
const film = useFilm(subject, ref('coarse'));
const moment = computed(() => film.momentOf(props.seconds));

const PRESSED: Readonly<Record<FilmEvent['what'], readonly Phase[]>> = {
  touch: [],
  floats: ['floats', 'came-up'],
  half: ['half'],
  'embed-opens': [],
  gone: ['gone'],
};
const events = computed(() =>
  (film.plan.value?.events ?? []).flatMap(({ what, seconds }) => {
    if (what === 'touch') return [];
    const own = PRESSED[what]
      .map((phase) => phaseS(props.trial, phase))
      .find((one) => one !== null);
    return [{ word: EVENT_WORDS[what], forecast: stopwatch(seconds), own: own ?? null }];
  }),
);
</script>

<template>
  <section v-if="subject" class="film" aria-label="Film of the piece">
    <h3>As it should look now</h3>
    <p v-if="film.problem.value" class="quiet">{{ sayNoFilm(film.problem.value) }}</p>
    <template v-else-if="film.plan.value && moment">
      <FilmCanvas
        :film="film"
        :seconds="seconds"
        view="top"
        :label="momentLabel(moment, film.plan.value)"
        class="picture"
      />
      <table class="figures">
        <thead>
          <tr>
            <th scope="col">Moment</th>
            <th scope="col">Forecast</th>
            <th scope="col">Your test</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="event in events" :key="event.word">
            <th scope="row">{{ event.word }}</th>
            <td>{{ event.forecast }}</td>
            <td>{{ event.own === null ? '–' : stopwatch(event.own) }}</td>
          </tr>
        </tbody>
      </table>
    </template>
  </section>
</template>

<style scoped>
.film {
  margin-top: 16px;
}
.picture {
  height: 230px;
}
table {
  max-width: 420px;
  margin-top: 8px;
}
</style>
