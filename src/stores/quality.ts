import { defineStore } from 'pinia';
import { computed } from 'vue';
import { newId } from '@/core/basics/newId';
import { releaseOf } from '@/core/goods/quality/entries';
import type { LogbookEntry, NewLogbookEntry } from '@/core/goods/quality/logbook';
import { remindersBetween, remindersNow, type ReminderFacts } from '@/core/goods/quality/reminders';
import type { StabilityPlan, StabilityResult } from '@/core/goods/quality/stability';
import { nowIso, today } from './now';
import { useShelfStore } from './shelf';
import { useWorkshopStore } from './workshop';

/** The logbook, stability plans, and what they remind of. */
export const useQualityStore = defineStore('quality', () => {
  const workshop = useWorkshopStore();
  const shelf = useShelfStore();

  const facts = computed<ReminderFacts>(() => ({
    batches: workshop.batches,
    lots: workshop.lots,
    isHere: (lotId) => (shelf.left.get(lotId) ?? 0) > 0,
    documents: workshop.documents,
    tools: workshop.tools,
    logbook: workshop.logbook,
    plans: workshop.stabilityPlans,
    upkeep: upkeep.value,
  }));
  const upkeep = computed(() => workshop.settings.upkeep ?? { scaleCheckDays: 0, cleaningDays: 0 });
  const due = computed(() => remindersNow(facts.value, today()));
  /** @param from ISO day @param to ISO day, included */
  const dueBetween = (from: string, to: string) => remindersBetween(facts.value, from, to);

  /** Who is at the bench, for a form that asks for a name. */
  const whoNow = () => workshop.settings.makerInHand ?? '';

  function write(entry: NewLogbookEntry): void {
    workshop.put('logbook', [{ ...entry, id: newId(), origin: 'own', voidedAt: null }]);
  }
  const change = (entry: LogbookEntry) => workshop.put('logbook', [entry]);
  const strike = (entry: LogbookEntry) => change({ ...entry, voidedAt: nowIso() });

  const releaseFor = (batchId: string) => releaseOf(batchId, workshop.logbook);

  const putPlan = (plan: StabilityPlan) => workshop.put('stabilityPlans', [plan]);
  function addResult(
    plan: StabilityPlan,
    result: Omit<StabilityResult, 'id' | 'at' | 'who' | 'voidedAt'>,
  ): void {
    putPlan({
      ...plan,
      results: [
        ...plan.results,
        { ...result, id: newId(), at: nowIso(), who: whoNow(), voidedAt: null },
      ],
    });
  }
  function strikeResult(plan: StabilityPlan, resultId: string): void {
    putPlan({
      ...plan,
      results: plan.results.map((one) =>
        one.id === resultId ? { ...one, voidedAt: nowIso() } : one,
      ),
    });
  }

  return {
    due,
    dueBetween,
    upkeep,
    whoNow,
    write,
    change,
    strike,
    releaseFor,
    putPlan,
    addResult,
    strikeResult,
  };
});
