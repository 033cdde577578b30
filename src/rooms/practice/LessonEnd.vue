<script setup lang="ts">
import { computed } from 'vue';
import { useRouter } from 'vue-router';
import type { Lesson } from '@/core/practice/lessons';
import type { LessonLine, Score } from '@/core/practice/play';
import { usePracticeStore } from '@/stores/practice';
import { useActions } from '@/ui/actions/useActions';
import HandButton from '@/ui/kit/HandButton.vue';
import PathLine from './PathLine.vue';

/** What it was, what was done, and how few would have done it. */
const props = defineProps<{
  score: Score;
  line: LessonLine;
  /** What was hidden, a sentence each. */
  said: readonly string[];
  next: Lesson | null;
}>();
const practice = usePracticeStore();
const router = useRouter();
const verdict = computed(() =>
  props.score.passed ? `Passed: ${props.score.won} of 3 points` : 'Not passed: no point',
);
const openNext = () =>
  props.next && void router.push({ name: 'practice', params: { lesson: props.next.id } });
useActions(() => [
  { name: 'Play again with a new bowl', key: 'n', run: practice.again },
  { name: 'Next lesson', key: 'l', run: openNext, isOff: props.next === null },
]);
</script>

<template>
  <section class="end" aria-labelledby="end-heading">
    <h2 id="end-heading" tabindex="-1">{{ verdict }}</h2>
    <ul class="plain-list points">
      <li v-for="point in score.points" :key="point.id" :class="{ won: point.isWon }">
        <span aria-hidden="true">{{ point.isWon ? '●' : '○' }}</span>
        <span class="visually-hidden">{{ point.isWon ? 'Won:' : 'Not won:' }}</span>
        {{ point.said }}
      </li>
    </ul>
    <slot />
    <PathLine :line="line" is-over />
    <ul class="said">
      <li v-for="sentence in said" :key="sentence">{{ sentence }}</li>
    </ul>
    <div class="hands">
      <HandButton @click="practice.again">Play again with a new bowl <kbd>N</kbd></HandButton>
      <HandButton v-if="next" is-main @click="openNext"
        >Next: {{ next.title }} <kbd>L</kbd></HandButton
      >
    </div>
  </section>
</template>

<style scoped>
.end {
  margin-top: 18px;
}
h2 {
  margin: 0;
  font-size: var(--text-headline);
}
h2:focus {
  outline: none;
}
.points {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 24px;
  margin: 6px 0 12px;
  color: #b9c5bf;
  font-size: var(--text-lead);
}
.points .won {
  color: #f4f1e8;
}
.points .won span {
  color: var(--mint);
}
.said {
  margin: 12px 0 0;
  padding-left: 20px;
  color: #c8d2cc;
  font-size: var(--text-lead);
}
</style>
