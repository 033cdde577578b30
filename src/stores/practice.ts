import { defineStore } from 'pinia';
import { computed, ref } from 'vue';
import type { LessonId } from '@/core/practice/lessons';
import { lessonState } from '@/core/practice/lessonState';
import { MOST_MOVES, type Move } from '@/core/practice/play';
import { progressSchema, type Progress } from '@/core/practice/playSchema';

const PLACE = 'rovack-practice';
/** What could not be read stays here. */
const UNREAD_PLACE = 'rovack-practice-unread';
const NOTHING: Progress = { plays: {}, best: {} };
/** Seeds are whole numbers below this. */
const SEEDS = 2 ** 31;

/** The practice bench: what is played in this browser. Nothing of it is in the workshop, its files or its folder. */
export const usePracticeStore = defineStore('practice', () => {
  const wasUnread = ref(false);
  const isUnsaved = ref(false);
  const progress = ref<Progress>(read());
  const lessonId = ref<LessonId>('first-bowl');

  function read(): Progress {
    const text = localStorage.getItem(PLACE);
    if (text === null) return NOTHING;
    try {
      return progressSchema.parse(JSON.parse(text));
    } catch {
      localStorage.setItem(UNREAD_PLACE, text);
      wasUnread.value = true;
      return NOTHING;
    }
  }

  function write(next: Progress): void {
    progress.value = next;
    try {
      localStorage.setItem(PLACE, JSON.stringify(next));
      isUnsaved.value = false;
    } catch {
      isUnsaved.value = true;
    }
  }

  /** Opens a lesson where it was left, or a new one. */
  function open(id: LessonId): void {
    lessonId.value = id;
    if (!progress.value.plays[id]) begin(id);
  }

  function begin(id: LessonId): void {
    const seed = Math.floor(Math.random() * SEEDS);
    const { plays } = progress.value;
    write({ ...progress.value, plays: { ...plays, [id]: { lessonId: id, seed, moves: [] } } });
  }

  const play = computed(() => progress.value.plays[lessonId.value] ?? null);
  const now = computed(() => (play.value ? lessonState(play.value) : null));

  /** Nothing more goes in: a lesson of so many moves is no lesson. */
  const isFull = computed(
    () => play.value !== null && play.value.moves.length >= MOST_MOVES && now.value?.score === null,
  );

  function move(...moves: readonly Move[]): void {
    const { value: was } = play;
    if (!was || was.moves.length + moves.length > MOST_MOVES) return;
    const wasOver = now.value !== null && now.value.score !== null;
    const next = { ...was, moves: [...was.moves, ...moves] };
    const { plays, best } = progress.value;
    const { score } = lessonState(next);
    const before = best[was.lessonId];
    const ended =
      score && !wasOver
        ? { won: Math.max(score.won, before?.won ?? 0), ended: (before?.ended ?? 0) + 1 }
        : before;
    write({
      plays: { ...plays, [was.lessonId]: next },
      best: { ...best, ...(ended && { [was.lessonId]: ended }) },
    });
  }

  return {
    lessonId,
    play,
    now,
    wasUnread,
    isFull,
    isUnsaved,
    bestOf: (id: LessonId) => progress.value.best[id] ?? null,
    isBegun: (id: LessonId) => (progress.value.plays[id]?.moves.length ?? 0) > 0,
    open,
    /** The same lesson with another bowl. */
    again: () => begin(lessonId.value),
    move,
  };
});
