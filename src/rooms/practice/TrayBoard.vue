<script setup lang="ts">
import { computed, nextTick, onMounted, useTemplateRef, watch } from 'vue';
import { formatMinutes } from '@/core/basics/format/durations';
import { tubSeen } from '@/core/practice/bowlEnd';
import type { LessonState } from '@/core/practice/lessonState';
import type { Lesson } from '@/core/practice/lessons';
import { didSaid, pieceSaid, smallestSaid, truthSaid, tubSaid } from '@/core/practice/messages';
import { LIFT_HOURS } from '@/core/practice/nextDay';
import { usePracticeStore } from '@/stores/practice';
import { useActions } from '@/ui/actions/useActions';
import HandButton from '@/ui/kit/HandButton.vue';
import FaultPicture from '@/ui/pictures/FaultPicture.vue';
import LessonEnd from './LessonEnd.vue';

const props = defineProps<{
  now: Extract<LessonState, { kind: 'bowl' }>;
  next: Lesson | null;
}>();
const practice = usePracticeStore();
const bowl = computed(() => props.now.state);
const isLoose = computed(() => bowl.value.truth.method === 'loose');

const lift = (hours: number) => practice.move({ kind: 'lift', hours });
const dropOne = () => practice.move({ kind: 'tub' });
const tub = computed(() => (bowl.value.wasInTub ? tubSeen(bowl.value) : null));
const said = computed(() => [
  ...truthSaid(bowl.value),
  didSaid(bowl.value),
  smallestSaid(props.now.way),
]);
useActions(() =>
  bowl.value.pieces === null
    ? LIFT_HOURS.map((hours, i) => ({
        name: `Lift them after ${formatMinutes(60 * hours)}`,
        key: String(i + 1),
        run: () => lift(hours),
      }))
    : [{ name: 'Drop one in the tub', key: 't', run: dropOne, isOff: bowl.value.wasInTub }],
);
const heading = useTemplateRef<HTMLElement>('heading');
const focusHeading = () => heading.value?.focus();
onMounted(focusHeading);
watch(
  () => bowl.value.pieces,
  () => void nextTick(focusHeading),
);
</script>

<template>
  <section v-if="bowl.pieces === null" class="wait">
    <h2 ref="heading" tabindex="-1">They are on the tray. When do you lift them?</h2>
    <div class="row">
      <HandButton v-for="(hours, i) in LIFT_HOURS" :key="hours" is-big @click="lift(hours)">
        After {{ formatMinutes(60 * hours) }} <kbd>{{ i + 1 }}</kbd>
      </HandButton>
    </div>
  </section>
  <LessonEnd v-else-if="now.score" :score="now.score" :line="now.line" :said="said" :next="next">
    <ul class="plain-list pieces">
      <li v-for="(piece, i) in bowl.pieces" :key="i">
        <FaultPicture v-if="piece.fault && !isLoose" :fault="piece.fault" />
        <svg v-else viewBox="0 0 96 72" aria-hidden="true">
          <template v-if="isLoose">
            <path d="M30 12h36v8h-36zM26 20h44v44q0 4-4 4H30q-4 0-4-4z" class="jar" />
            <path
              :d="piece.fault ? 'M29 66V38q8-6 12 0t10-3 8 5 9-2v28z' : 'M29 66V44q19-5 38 0v22z'"
              class="mix"
            />
          </template>
          <circle v-else cx="48" cy="36" r="27" class="mix" />
        </svg>
        <span>{{ pieceSaid(piece.fault, isLoose) }}</span>
      </li>
    </ul>
    <p class="tub">
      <template v-if="bowl.wasInTub">{{
        tub ? tubSaid(tub) : 'Nothing happens. There is nothing in it that fizzes.'
      }}</template>
      <span v-if="tub" class="water" :style="{ background: tub.waterHex }" aria-hidden="true" />
      <HandButton v-if="!bowl.wasInTub" @click="dropOne">
        {{ isLoose ? 'Strew some into the tub' : 'Drop one in the tub' }} <kbd>T</kbd>
      </HandButton>
    </p>
  </LessonEnd>
</template>

<style scoped>
.wait {
  margin-top: 24px;
}
h2 {
  margin: 0 0 14px;
  font-size: var(--text-headline);
}
h2:focus {
  outline: none;
}
.row {
  display: flex;
  flex-wrap: wrap;
  gap: 14px;
}
.pieces {
  display: grid;
  grid-template-columns: repeat(6, minmax(0, 1fr));
  gap: 10px;
  max-width: 900px;
  --ink: #f4f1e8;
}
.pieces li {
  display: grid;
  justify-items: center;
  gap: 4px;
  color: #c8d2cc;
  font-size: var(--text-body);
  text-align: center;
}
svg {
  width: 96px;
  max-width: 100%;
  height: 72px;
}
@media (max-width: 820px) {
  .pieces {
    grid-template-columns: repeat(3, minmax(0, 1fr));
  }
}
.mix {
  fill: #e6cfa0;
  stroke: var(--drawn-ink);
  stroke-width: 1.8;
}
.jar {
  fill: none;
  stroke: #c8d2cc;
  stroke-width: 2;
}
.tub {
  display: flex;
  align-items: center;
  gap: 14px;
  margin: 12px 0 0;
  font-size: var(--text-lead);
}
.water {
  width: 64px;
  height: 26px;
  border: 2px solid #c8d2cc;
  border-top: 0;
  border-radius: 0 0 var(--radius) var(--radius);
}
</style>
