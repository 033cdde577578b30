<script setup lang="ts">
import { computed, ref } from 'vue';
import { SHIPPED, materialById } from '@/core/matter/materials/catalog';
import { capital } from '@/core/basics/format/phrases';
import { formatMass } from '@/core/basics/format/quantities';
import { DOSE_STEP_G, MOST_G_PER_KG } from '@/core/practice/dyeLesson';
import type { LessonState } from '@/core/practice/lessonState';
import type { Lesson } from '@/core/practice/lessons';
import { dyeSaid, dyeTruthSaid } from '@/core/practice/messages';
import { usePracticeStore } from '@/stores/practice';
import { useActions } from '@/ui/actions/useActions';
import HandButton from '@/ui/kit/HandButton.vue';
import LessonEnd from './LessonEnd.vue';

const props = defineProps<{
  now: Extract<LessonState, { kind: 'dye' }>;
  next: Lesson | null;
}>();
const practice = usePracticeStore();
const state = computed(() => props.now.state);
const name = computed(() => capital(materialById(SHIPPED, state.value.truth.dyeId).sentenceName));

/** Steps of a twentieth of a gram, so that a hand that counts and a hand that types meet. */
const steps = ref(Math.round(1 / DOSE_STEP_G));
const gPerKg = computed(() => steps.value * DOSE_STEP_G);
const MOST_STEPS = Math.round(MOST_G_PER_KG / DOSE_STEP_G);
const byMany = 4;
const change = (by: number) => (steps.value = Math.min(MOST_STEPS, Math.max(1, steps.value + by)));

const cup = () => practice.move({ kind: 'cup', gPerKg: gPerKg.value });
const color = () => practice.move({ kind: 'color', gPerKg: gPerKg.value });
const CHANGES = [
  { by: -byMany, key: 'a' },
  { by: -1, key: 's' },
  { by: 1, key: 'd' },
  { by: byMany, key: 'f' },
].map(({ by, key }) => ({
  name: `${by > 0 ? 'Add' : 'Take off'} ${formatMass(Math.abs(by) * DOSE_STEP_G, 2)}`,
  key,
  run: () => change(by),
}));
useActions(() =>
  state.value.bowl
    ? []
    : [
        ...CHANGES,
        { name: 'Test a cup', key: 't', run: cup },
        { name: 'Color the bowl', key: 'p', run: color },
      ],
);
const nameOf = (i: number) =>
  i === 0
    ? 'The last bowl'
    : i === state.value.seen.length - 1 && state.value.bowl
      ? 'Your bowl'
      : `Cup ${i}`;
const RINGS = { none: 0, faint: 3, clear: 7 } as const;
</script>

<template>
  <div class="tubs">
    <figure>
      <svg viewBox="0 0 150 84" aria-hidden="true">
        <path d="M10 8v46q0 22 22 22h86q22 0 22-22V8z" :fill="state.truth.wantedHex" />
        <path d="M10 2v52q0 22 22 22h86q22 0 22-22V2" class="tub" />
      </svg>
      <figcaption><b>As ordered</b></figcaption>
    </figure>
    <figure v-for="(one, i) in state.seen" :key="i">
      <svg viewBox="0 0 150 84" aria-hidden="true">
        <path d="M10 18v36q0 22 22 22h86q22 0 22-22V18z" :fill="one.hex" />
        <path v-if="RINGS[one.ring]" d="M10 14h130" class="ring" :stroke-width="RINGS[one.ring]" />
        <path d="M10 2v52q0 22 22 22h86q22 0 22-22V2" class="tub" />
      </svg>
      <figcaption>
        <b>{{ nameOf(i) }}: {{ formatMass(one.gPerKg, 2) }} in a kilo</b>
        {{ dyeSaid(one) }}
      </figcaption>
    </figure>
  </div>
  <section v-if="!now.score" aria-labelledby="dose-heading" class="dose">
    <h2 id="dose-heading">{{ name }} in a kilo of mix</h2>
    <p class="figure" role="status">{{ formatMass(gPerKg, 2) }}</p>
    <div class="row">
      <HandButton v-for="one in CHANGES" :key="one.key" @click="one.run">
        {{ one.name }} <kbd>{{ capital(one.key) }}</kbd>
      </HandButton>
    </div>
    <div class="row">
      <HandButton is-big @click="cup">Test a cup <kbd>T</kbd></HandButton>
      <HandButton is-big is-main @click="color">Color the bowl <kbd>P</kbd></HandButton>
    </div>
  </section>
  <LessonEnd
    v-else
    :score="now.score"
    :line="now.line"
    :said="dyeTruthSaid(state.truth)"
    :next="next"
  />
</template>

<style scoped>
.tubs {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(170px, 1fr));
  gap: 16px;
  margin-top: 20px;
}
figure {
  margin: 0;
}
svg {
  width: 100%;
  max-width: 190px;
}
.tub {
  fill: none;
  stroke: #c8d2cc;
  stroke-width: 3;
}
.ring {
  fill: none;
  stroke: #d79a2b;
}
figcaption {
  color: #c8d2cc;
  font-size: var(--text-body);
}
figcaption b {
  display: block;
  color: #f4f1e8;
}
.dose {
  display: grid;
  gap: 12px;
  margin-top: 20px;
}
h2 {
  margin: 0;
  font-size: var(--text-title);
}
.figure {
  margin: 0;
  font: 700 var(--text-figure) var(--font-heading);
}
.row {
  display: flex;
  flex-wrap: wrap;
  gap: 12px;
}
</style>
