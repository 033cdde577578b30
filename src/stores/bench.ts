import { defineStore } from 'pinia';
import { computed } from 'vue';
import { learnedDamp } from '@/core/learning';
import { evaluate, freezeReadings } from '@/core/evaluation';
import { keepVersion } from '@/core/formula';
import {
  currentStep,
  giveUp,
  goBack,
  goOn,
  nextBatchCode,
  record,
  settleStep,
  startBatch,
  strikeEntry,
  type Batch,
  type NewEntry,
} from '@/core/records';
import type { ScalePlan, ScaleRequest } from '@/core/scaling';
import { nowIso } from './now';
import { useWorkshopStore } from './workshop';

/** The batch in hand: every call writes the record and saves it. */
export const useBenchStore = defineStore('bench', () => {
  const workshop = useWorkshopStore();
  const batch = computed(() => workshop.batchInHand);
  const step = computed(() => (batch.value ? currentStep(batch.value) : null));

  /** Keeps the version that is made, opens the record and takes the batch in hand. */
  function start(request: ScaleRequest, plan: ScalePlan): Batch | null {
    const formula = workshop.formulaInHand;
    if (!formula) return null;
    const now = nowIso();
    const kept = keepVersion(formula, now);
    if (kept !== formula) workshop.putFormula(kept);
    const { humidityPct, tub } = workshop.settings;
    const { method, family } = kept.body;
    const damp = learnedDamp(workshop.batches, { humidityPct, method, family });
    const evaluation = evaluate(kept.body, {
      humidityPct,
      tub,
      pieceG: plan.pieceG,
      scentDocuments: workshop.settings.scentDocuments,
      ...(damp && { learned: { damp } }),
    });
    const started = startBatch({
      formula: kept,
      request,
      plan,
      readings: freezeReadings(evaluation, plan.factor),
      code: nextBatchCode(
        kept.name,
        workshop.batches.map(({ code }) => code),
      ),
      now,
    });
    workshop.putBatch(started);
    workshop.changeSettings({ batchInHandId: started.id });
    return started;
  }

  const settle = (entry: NewEntry) => apply((current) => settleStep(current, entry, nowIso()));
  const write = (entry: NewEntry) => apply((current) => record(current, entry, nowIso()));
  const strike = (entryId: string) => apply((current) => strikeEntry(current, entryId, nowIso()));
  const back = () => apply(goBack);
  const on = () => apply(goOn);

  /** Of any batch, at the bench or long closed: the Almanac writes these. */
  const note = (of: Batch, text: string) =>
    workshop.putBatch(record(of, { kind: 'note', text }, nowIso()));
  const abandon = (of: Batch) => workshop.putBatch(giveUp(of, nowIso()));

  function apply(change: (current: Batch) => Batch): void {
    if (!batch.value) return;
    const next = change(batch.value);
    if (next !== batch.value) workshop.putBatch(next);
  }

  return { batch, step, start, settle, write, strike, back, on, note, abandon };
});
