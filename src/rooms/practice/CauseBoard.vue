<script setup lang="ts">
import { computed } from 'vue';
import { CAUSES, type CauseId } from '@/core/batches/faults/causeTable';
import { shuffledChoices } from '@/core/practice/causeLesson';
import type { LessonState } from '@/core/practice/lessonState';
import type { Lesson } from '@/core/practice/lessons';
import { causeSaid, clockOf, recordSaid, wrongCauseSaid } from '@/core/practice/messages';
import { usePracticeStore } from '@/stores/practice';
import { useActions } from '@/ui/actions/useActions';
import HandButton from '@/ui/kit/HandButton.vue';
import FaultPicture from '@/ui/pictures/FaultPicture.vue';
import LessonEnd from './LessonEnd.vue';

const props = defineProps<{
  now: Extract<LessonState, { kind: 'cause' }>;
  seed: number;
  next: Lesson | null;
}>();
const practice = usePracticeStore();
const state = computed(() => props.now.state);
const record = computed(() => recordSaid(state.value.truth.facts));

const rowOf = (id: CauseId) => CAUSES.find((one) => one.id === id);
const asked = computed(() => {
  const { isFound, named, changes } = state.value;
  const tried = isFound ? changes : named;
  return shuffledChoices(isFound ? props.seed + 1 : props.seed).map((id, i) => ({
    id,
    key: String(i + 1),
    word: (isFound ? rowOf(id)?.change : rowOf(id)?.title) ?? '',
    isTried: tried.includes(id),
    run: () => practice.move({ kind: isFound ? 'change' : 'name-cause', causeId: id }),
  }));
});
/** The last wrong answer, told why. */
const wrong = computed(() => {
  const { isFound, named, changes, truth } = state.value;
  const last = (isFound ? changes : named).at(-1);
  return last ? wrongCauseSaid(truth, last, isFound) : '';
});
useActions(() =>
  state.value.isDone
    ? []
    : asked.value.map(({ word, key, isTried, run }) => ({ name: word, key, run, isOff: isTried })),
);
</script>

<template>
  <LessonEnd
    v-if="now.score"
    :score="now.score"
    :line="now.line"
    :said="causeSaid(state.truth)"
    :next="next"
  />
  <div class="board">
    <section aria-labelledby="record-heading">
      <h2 id="record-heading">The record</h2>
      <div class="seen">
        <FaultPicture fault="warts" /><FaultPicture fault="warts" /><FaultPicture fault="warts" />
      </div>
      <ol class="plain-list record">
        <li v-for="line in record" :key="line.said">
          <span class="figure">{{ clockOf(line.atMin) }}</span>
          <span>{{ line.said }}</span>
        </li>
      </ol>
    </section>
    <section v-if="!now.score" aria-labelledby="cause-heading">
      <h2 id="cause-heading">
        {{ state.isFound ? 'Yes. What do you change next time?' : 'What caused the warts?' }}
      </h2>
      <p v-if="wrong" role="status" class="wrong">{{ wrong }}</p>
      <div class="choices">
        <HandButton v-for="one in asked" :key="one.id" :disabled="one.isTried" @click="one.run">
          <span>{{ one.word }}</span> <kbd>{{ one.key }}</kbd>
        </HandButton>
      </div>
    </section>
  </div>
</template>

<style scoped>
.board {
  display: grid;
  grid-template-columns: repeat(2, minmax(0, 1fr));
  gap: 40px;
  margin-top: 18px;
}
h2 {
  margin: 0 0 8px;
  font-size: var(--text-title);
}
.seen {
  --ink: #f4f1e8;
}
.record li {
  display: grid;
  grid-template-columns: 92px minmax(0, 1fr);
  gap: 10px;
  padding: 7px 0;
  border-bottom: 1px solid #3a4a47;
  color: #c8d2cc;
  font-size: var(--text-body);
}
.figure {
  color: #f4f1e8;
}
.choices {
  display: grid;
  gap: 10px;
  --text-title: var(--text-lead);
}
.choices button {
  justify-content: space-between;
}
.wrong {
  margin: 0 0 10px;
  padding: 4px 12px;
  border-left: 5px solid #d79a2b;
  font-size: var(--text-lead);
}
@media (max-width: 820px) {
  .board {
    grid-template-columns: minmax(0, 1fr);
    gap: 20px;
  }
}
</style>
