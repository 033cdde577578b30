<script setup lang="ts">
import { computed, ref } from 'vue';
import { counted } from '@/core/basics/format/numbers';
import { stopwatch } from '@/core/basics/format/durations';
import { conditionsFor } from '@/core/workshop/settings/conditionsFor';
import { requestFor } from '@/core/work/scaling/request';
import { usualPieceG } from '@/core/work/scaling/usualPiece';
import type { SaleUnit } from '@/core/goods/products/schema';
import FilmCanvas from '@/shared/film/FilmCanvas.vue';
import { momentLabel } from '@/shared/film/filmMessages';
import { useFilm, type FilmSubject } from '@/shared/film/useFilm';
import { toFormula } from '@/shared/addresses';
import { useWorkshopStore } from '@/stores/workshop';

/** The first piece of a product in its water, as a picture, when half of it is gone. */
const props = defineProps<{ unit: SaleUnit }>();
const workshop = useWorkshopStore();

const formula = computed(() =>
  workshop.formulas.find(({ id }) => id === props.unit.contents[0]?.formulaId),
);
const subject = computed<FilmSubject | null>(() => {
  if (!formula.value) return null;
  const { id, body } = formula.value;
  const { mold, fillG } = workshop.settings.requests[id] ?? requestFor(body);
  return {
    body,
    conditions: conditionsFor(workshop.facts, body, fillG ?? usualPieceG(mold, body.method)),
    shape: mold.shape === 'box' ? 'cube' : 'ball',
  };
});
const film = useFilm(subject, ref('coarse'));
const moment = computed(() => {
  const half = film.plan.value?.events.find(({ what }) => what === 'half');
  return half ? film.momentOf(half.seconds) : null;
});
</script>

<template>
  <section v-if="formula && film.plan.value && moment" aria-label="In the water" class="water">
    <h2>In the water</h2>
    <FilmCanvas
      :film="film"
      :seconds="moment.seconds"
      view="top"
      :label="`${formula.name}, ${momentLabel(moment, film.plan.value)}`"
      class="picture"
    />
    <p class="quiet">
      {{ formula.name }} after {{ stopwatch(moment.seconds) }}, computed.
      <template v-if="unit.contents.length > 1"
        >One of {{ counted(unit.contents.length, 'formula') }} in this product.</template
      >
      <router-link class="link" :to="toFormula(formula, 'tub')">Play it on Design</router-link>
    </p>
  </section>
</template>

<style scoped>
.water {
  max-width: 560px;
  margin-top: 22px;
}
.picture {
  height: 240px;
}
</style>
