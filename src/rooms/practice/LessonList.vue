<script setup lang="ts">
import { LESSONS, type LessonId } from '@/core/practice/lessons';
import { usePracticeStore } from '@/stores/practice';

const practice = usePracticeStore();

function standOf(id: LessonId): string {
  const best = practice.bestOf(id);
  if (best) return `${best.won} of 3`;
  return practice.isBegun(id) ? 'begun' : '';
}
</script>

<template>
  <aside class="lessons" aria-labelledby="lessons-heading">
    <h2 id="lessons-heading">Lessons</h2>
    <ol class="plain-list">
      <li v-for="(lesson, i) in LESSONS" :key="lesson.id">
        <router-link
          :to="{ name: 'practice', params: { lesson: lesson.id } }"
          :aria-current="lesson.id === practice.lessonId ? 'page' : undefined"
          :class="{ won: (practice.bestOf(lesson.id)?.won ?? 0) > 0 }"
        >
          <span>{{ i + 1 }}. {{ lesson.title }}</span>
          <span>{{ standOf(lesson.id) }}</span>
        </router-link>
      </li>
    </ol>
    <p>
      Each lesson gives up to three points: for right pieces, for few corrections, for small ones.
      Your best result counts. Every new bowl is different.
    </p>
  </aside>
</template>

<style scoped>
.lessons {
  padding: 44px 26px;
  background: #17211f;
}
h2 {
  margin: 0 0 10px;
  font-size: var(--text-title);
}
a {
  display: flex;
  justify-content: space-between;
  align-items: center;
  gap: 12px;
  min-height: 44px;
  border-bottom: 1px solid #3a4a47;
  color: #b9c5bf;
  text-decoration: none;
}
a:hover {
  color: #f4f1e8;
}
a.won {
  color: var(--mint);
}
a[aria-current] {
  color: #f4f1e8;
  font-weight: 700;
}
p {
  margin: 22px 0 0;
  color: #b9c5bf;
  font-size: var(--text-body);
}
@media (max-width: 820px) {
  .lessons {
    padding: 18px 16px 24px;
  }
}
</style>
