<script setup lang="ts">
import { computed } from 'vue';
import { LESSONS, LESSON_IDS, type LessonId } from '@/core/practice/lessons';
import { useAddress } from '@/shared/useAddress';
import ScreenNote from '@/shared/ScreenNote.vue';
import { useScreenTitle } from '@/shared/useScreenTitle';
import { usePracticeStore } from '@/stores/practice';
import BenchSurface from '@/ui/frame/BenchSurface.vue';
import BowlBoard from './BowlBoard.vue';
import CauseBoard from './CauseBoard.vue';
import DyeBoard from './DyeBoard.vue';
import LessonList from './LessonList.vue';

const practice = usePracticeStore();
const isLesson = (id: string): id is LessonId => LESSON_IDS.some((one) => one === id);
useAddress({
  names: ['practice'],
  param: 'lesson',
  to: 'practice',
  current: () => practice.lessonId,
  keyOf: (id) => id,
  find: (id) => (isLesson(id) ? id : null),
  choose: (id) => isLesson(id) && practice.open(id),
});
practice.open(practice.lessonId);
const lesson = computed(() => LESSONS.find(({ id }) => id === practice.lessonId));
const next = computed(
  () => LESSONS[LESSONS.findIndex(({ id }) => id === practice.lessonId) + 1] ?? null,
);
useScreenTitle(() => lesson.value?.title ?? '');
</script>

<template>
  <BenchSurface class="practice">
    <div v-if="practice.now && practice.play" class="lesson">
      <p class="quiet-line">
        Practice. Nothing here enters your records, stock or learning.
        <ScreenNote place="practice" />
      </p>
      <p v-if="practice.wasUnread" role="status" class="said">
        Couldn’t read your practice progress, so it starts over. The old text stays in this browser.
      </p>
      <p v-if="practice.isUnsaved" role="status" class="said">
        Couldn’t save your practice progress. This browser has no room left. Keep this page open, or
        it starts over.
      </p>
      <p v-if="practice.isFull" role="status" class="said">
        This bowl has had all the moves a lesson takes.
        <button type="button" class="link" @click="practice.again">
          Play again with a new bowl
        </button>
      </p>
      <h1>{{ lesson?.title }}</h1>
      <p v-if="!practice.now.score" class="task">{{ lesson?.task }}</p>
      <!-- Each bowl is a fresh board. -->
      <BowlBoard
        v-if="practice.now.kind === 'bowl'"
        :key="`${practice.lessonId} ${practice.play.seed}`"
        :now="practice.now"
        :next="next"
      />
      <CauseBoard
        v-else-if="practice.now.kind === 'cause'"
        :key="practice.play.seed"
        :now="practice.now"
        :seed="practice.play.seed"
        :next="next"
      />
      <DyeBoard v-else :key="practice.play.seed" :now="practice.now" :next="next" />
    </div>
    <LessonList class="list" />
  </BenchSurface>
</template>

<style scoped>
.practice {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 320px;
  min-height: 100vh;
}
.lesson {
  display: flex;
  flex-direction: column;
  padding: 24px 40px 32px;
}
.quiet-line {
  margin: 0;
  color: #b9c5bf;
  font-size: var(--text-body);
}
/* The note is dark as the bench is. */
.quiet-line :deep(.note) {
  border-color: #8f9f98;
  background: #17211f;
  color: #f4f1e8;
}
h1 {
  margin: 10px 0 0;
  font-size: var(--text-figure);
  line-height: 1.1;
}
.task {
  max-width: 760px;
  margin: 6px 0 0;
  color: #c8d2cc;
  font-size: var(--text-title);
}
.said {
  margin: 10px 0 0;
  padding: 6px 14px;
  border-left: 5px solid #d79a2b;
  font-size: var(--text-lead);
}
@media (max-width: 1150px) {
  .practice {
    grid-template-columns: minmax(0, 1fr);
  }
}
@media (max-width: 820px) {
  .lesson {
    padding: 14px 16px 20px;
  }
  h1 {
    font-size: var(--text-headline);
  }
  .task {
    font-size: var(--text-lead);
  }
}
</style>
