<script setup lang="ts">
import { computed, ref } from 'vue';
import { goneSecondsOf } from '@/core/batches/trials/taught';
import { stopwatch } from '@/core/basics/format/durations';
import { counted } from '@/core/basics/format/numbers';
import { evaluate } from '@/core/results/evaluation/evaluate';
import type { FormulaBody } from '@/core/formula/model/schema';
import { VESSEL_WORDS } from '@/core/tub/messages';
import { VESSELS_OF } from '@/core/tub/vessel';
import { useDesignStore } from '@/stores/design';
import { useWorkshopStore } from '@/stores/workshop';
import BathItLeaves from '@/shared/film/BathItLeaves.vue';
import FilmView from '@/shared/film/FilmView.vue';
import type { FilmSubject } from '@/shared/film/useFilm';
import {
  HARDNESSES,
  warmths,
  waterAs,
  waterSentence,
  type Hardness,
  type Warmth,
} from '@/shared/film/waters';

/** The formula's piece in its water, played before anything is weighed. */
const props = defineProps<{ body: FormulaBody }>();
const design = useDesignStore();
const workshop = useWorkshopStore();

const warmth = ref<Warmth>('set');
const hardness = ref<Hardness>('set');
const vessels = computed(() =>
  VESSELS_OF[props.body.family].map((value) => ({ value, title: VESSEL_WORDS[value] })),
);
const chosenVessel = ref<string | null>(null);
const vessel = computed(
  () => vessels.value.find(({ value }) => value === chosenVessel.value) ?? vessels.value[0],
);
const isShower = computed(() => vessel.value?.value === 'tray');
const conditions = computed(() => ({
  ...design.conditions,
  tub: waterAs(design.conditions.tub, warmth.value, hardness.value),
}));
/** A cube is drawn as one; all else wears as a ball does. */
const shape = computed(() => (design.mold.shape === 'box' ? ('cube' as const) : ('ball' as const)));

function subjectOf(body: FormulaBody): FilmSubject {
  return {
    body,
    conditions: conditions.value,
    shape: shape.value,
    ...(vessel.value && { vessel: vessel.value.value }),
  };
}
const subject = computed(() => subjectOf(props.body));

/** Versions of this formula, newest first, and every other formula. */
const NONE = 'none';
const others = computed(() => [
  { value: NONE, title: 'Nothing' },
  ...[...(design.formula?.versions ?? [])].reverse().map(({ number, name }) => ({
    value: `v${number}`,
    title: name ? `Version ${number}, ${name}` : `Version ${number}`,
  })),
  ...workshop.formulas
    .filter(({ id, archivedAt }) => id !== design.formula?.id && archivedAt === null)
    .map(({ id, name }) => ({ value: id, title: name })),
]);
const chosenOther = ref(NONE);
const other = computed(() => {
  const found = others.value.find(({ value }) => value === chosenOther.value);
  if (!found || found.value === NONE) return null;
  const body =
    design.formula?.versions.find(({ number }) => `v${number}` === found.value)?.body ??
    workshop.formulas.find(({ id }) => id === found.value)?.body;
  return body ? { name: found.title, subject: subjectOf(body) } : null;
});
const evaluation = computed(() => evaluate(props.body, conditions.value));
const tried = computed(() => {
  const seconds = goneSecondsOf(design.formula?.id ?? '', workshop.trials, workshop.batches);
  if (seconds.length === 0) return 'Real water differs. Test a piece, and the film learns from it.';
  const [first, last] = [Math.min(...seconds), Math.max(...seconds)];
  return seconds.length === 1
    ? `Real water differs: your test ended at ${stopwatch(first)}.`
    : `Real water differs: ${counted(seconds.length, 'test')} of yours ended between ${stopwatch(first)} and ${stopwatch(last)}.`;
});
</script>

<template>
  <FilmView :name="design.formula?.name ?? ''" :subject="subject" :other="other">
    <template #controls>
      <v-select v-model="chosenOther" :items="others" label="Compare with" class="field" />
      <v-select v-if="!isShower" v-model="warmth" :items="warmths()" label="Water" class="field" />
      <v-select
        v-if="!isShower"
        v-model="hardness"
        :items="HARDNESSES"
        label="Hardness"
        class="field"
      />
      <v-select
        v-if="vessels.length > 1"
        :model-value="vessel?.value"
        :items="vessels"
        label="Into"
        class="field"
        @update:model-value="(value: string) => (chosenVessel = value)"
      />
    </template>
    <template #leaves>
      <BathItLeaves :subject="subject" :evaluation="evaluation" />
      <p v-if="evaluation.lasting" class="quiet small">
        <template v-if="isShower">Computed from this formula at the edge of the spray.</template>
        <template v-else>Computed from this formula {{ waterSentence(conditions.tub) }}.</template>
        {{ tried }}
      </p>
    </template>
  </FilmView>
</template>

<style scoped>
.field {
  flex: 0 1 126px;
}
.small {
  font-size: var(--text-plain);
}
</style>
