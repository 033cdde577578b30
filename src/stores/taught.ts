import { defineStore } from 'pinia';
import { computed, ref, shallowRef } from 'vue';
import type { Exclusion, LearnedId } from '@/core/results/learning/exclusions';
import type { WorkshopRows } from '@/core/workshop/taught/workshopRows';
import { reasonOf } from '@/core/basics/format/reason';
import { startTaught } from '@/workers/startTaught';
import { nowIso, nowMs } from './now';
import { useRoomStore } from './room';
import { useWorkshopStore } from './workshop';

/** What batches and tests taught, and which of them do not count. */
export const useTaughtStore = defineStore('taught', () => {
  const workshop = useWorkshopStore();
  const room = useRoomStore();
  const answer = shallowRef<WorkshopRows | null>(null);
  const problem = ref('');
  let run: ReturnType<typeof startTaught> | null = null;

  /** The mix that is asked about: the formula in hand, else what was made last. */
  const place = computed(() => {
    const newest = workshop.batches.reduce<(typeof workshop.batches)[number] | null>(
      (last, one) => (last === null || one.startedAt > last.startedAt ? one : last),
      null,
    );
    const { family, method } = workshop.formulaInHand?.body ??
      newest?.body ?? { family: 'bath-bomb' as const, method: 'hand' as const };
    return { family, method, humidityPct: workshop.settings.humidityPct };
  });

  /** Asks again; an answer to an older question is let go. */
  function ask(): void {
    run?.cancel();
    problem.value = '';
    const mine = startTaught(
      {
        batches: [...workshop.batches],
        trials: [...workshop.trials],
        days: [...room.days],
        exclusions: [...workshop.exclusions],
        place: { ...place.value },
        nowMs: nowMs(),
      },
      [...workshop.materials],
    );
    run = mine;
    mine.result.then(
      (rows) => {
        if (run === mine) answer.value = rows;
      },
      (error: unknown) => {
        if (run === mine)
          problem.value = `Couldn’t work out what your batches taught (${reasonOf(error)}). Open the tab again.`;
      },
    );
  }
  function stop(): void {
    run?.cancel();
    run = null;
  }

  const isSame =
    (quantity: LearnedId, id: string) =>
    (one: Exclusion): boolean =>
      one.quantity === quantity && one.id === id;
  function exclude(quantity: LearnedId, id: string, reason: string): void {
    workshop.changeSettings({
      exclusions: [
        ...workshop.exclusions.filter((one) => !isSame(quantity, id)(one)),
        { quantity, id, reason: reason.trim(), at: nowIso() },
      ],
    });
  }
  function include(quantity: LearnedId, id: string): void {
    workshop.changeSettings({
      exclusions: workshop.exclusions.filter((one) => !isSame(quantity, id)(one)),
    });
  }
  return { answer, problem, place, ask, stop, exclude, include };
});
