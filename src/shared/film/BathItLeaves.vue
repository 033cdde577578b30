<script setup lang="ts">
import { computed } from 'vue';
import { formatRange } from '@/core/basics/format/numbers';
import type { Evaluation } from '@/core/results/evaluation/types';
import { filmPlan, momentAt } from '@/core/tub/plan';
import { filmNotes, leavesSentence, leavesTitle } from './filmMessages';
import type { FilmSubject } from './useFilm';

/** The water when all is over: its color, its pH, and what stays on it and in it. */
const props = defineProps<{ subject: FilmSubject; evaluation: Evaluation }>();

const end = computed(() => {
  const { body, conditions, vessel } = props.subject;
  const film = filmPlan(body, conditions, props.evaluation, vessel);
  return film.ok ? { plan: film.value, moment: momentAt(film.value, film.value.settledS) } : null;
});
const ph = computed(() => {
  const water = props.evaluation.water;
  return water ? `pH ${formatRange(water.phFresh, water.phAir, 1)}, rising as gas leaves it.` : '';
});
</script>

<template>
  <section v-if="end" aria-label="What it leaves">
    <h2>{{ leavesTitle(end.plan) }}</h2>
    <div class="leaves">
      <i
        v-if="end.plan.vessel.kind !== 'tray'"
        :style="{ background: end.moment.waterHex }"
        role="img"
        :aria-label="`Water ${end.moment.waterHex}`"
      />
      <p>
        <template v-if="end.plan.vessel.kind !== 'tray'">{{ ph }}<br /></template
        >{{ leavesSentence(end.plan, end.moment) }}
      </p>
    </div>
    <p
      v-for="note in filmNotes(end.plan, subject.conditions.tub.tempC)"
      :key="note"
      class="quiet note"
    >
      {{ note }}
    </p>
  </section>
  <section v-else-if="evaluation.color" aria-label="What it leaves">
    <h2>The water, with all of it in</h2>
    <div class="leaves">
      <i
        :style="{ background: evaluation.color.waterHex }"
        role="img"
        :aria-label="`Water ${evaluation.color.waterHex}`"
      />
      <p>{{ ph }}</p>
    </div>
  </section>
</template>

<style scoped>
.leaves {
  display: flex;
  gap: 14px;
  align-items: center;
  margin: 8px 0;
}
i {
  flex: none;
  width: 84px;
  height: 64px;
  border: 1px solid var(--ink);
}
p {
  margin: 0;
}
.note {
  margin-bottom: 6px;
  font-size: var(--text-plain);
}
</style>
