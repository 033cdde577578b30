import { MINUTE_MS } from '@/core/basics/time';
import { defineStore } from 'pinia';
import { computed } from 'vue';
import { conditionsFor, conditionsOfBatch } from '@/core/workshop/settings/conditionsFor';
import { evaluate } from '@/core/results/evaluation/evaluate';
import { freezeReadings } from '@/core/batches/records/freeze';
import { keepVersion } from '@/core/formula/model/versions';
import type { WeighStep } from '@/core/work/bench-steps/stepSchema';
import { correctEntry } from '@/core/batches/records/correct';
import {
  currentStep,
  giveUp,
  goBack,
  goOn,
  goTo,
  record,
  settleStep,
  startBatch,
} from '@/core/batches/records/batch';
import { lotDoubtsAhead, restAsPlanned } from '@/core/batches/records/asPlanned';
import { nextBatchCode } from '@/core/batches/records/batchCode';
import { rescale } from '@/core/batches/records/rescale';
import { voidEntry } from '@/core/batches/records/voidEntry';
import { undoLast } from '@/core/batches/records/undoLast';
import type { AddedWhy, WeighedBy } from '@/core/batches/records/kinds';
import type { Batch, NewEntry } from '@/core/batches/records/schema';
import type { BowlNumber } from '@/core/batches/records/bowl';
import { piecesByBowl } from '@/core/work/scaling/bowls';
import type { ScalePlan } from '@/core/work/scaling/plan';
import type { ScaleRequest } from '@/core/work/scaling/requestSchema';
import { nowIso } from './now';
import { useShelfStore } from './shelf';
import { useWorkshopStore } from './workshop';

/** A bench nobody touched for so long was left. */
const AWAY_MS = 30 * MINUTE_MS;

/** The batch in hand: every call writes the record and saves it. */
export const useBenchStore = defineStore('bench', () => {
  const workshop = useWorkshopStore();
  const shelf = useShelfStore();
  const batch = computed(() => workshop.batchInHand);
  const step = computed(() => (batch.value ? currentStep(batch.value) : null));

  /** What the batch in hand is judged in: its own room, and what all others taught. */
  const conditions = computed(() =>
    batch.value ? conditionsOfBatch(workshop.facts, batch.value) : null,
  );

  /** Keeps the version that is made, opens a record for each bowl and takes the first in hand. */
  function start(request: ScaleRequest, plan: ScalePlan, isOwnUse = false): readonly Batch[] {
    const formula = workshop.formulaInHand;
    if (!formula) return [];
    const now = nowIso();
    const kept = keepVersion(formula, now);
    if (kept !== formula) workshop.putFormula(kept);
    const evaluation = evaluate(kept.body, conditionsFor(workshop.facts, kept.body, plan.pieceG));
    const coded = [...workshop.past, ...workshop.batches].map(({ code, formulaId }) => ({
      code,
      formulaId,
    }));
    const { bowls } = shelf.assign(plan.lines, plan.bowlCount);
    const started = piecesByBowl(plan).map((pieces, bowl) => {
      const code = nextBatchCode(kept.name, kept.id, coded);
      coded.push({ code, formulaId: kept.id });
      return startBatch({
        catalog: workshop.catalog,
        formula: kept,
        request,
        plan,
        pieces,
        bowl,
        lots: bowls[bowl] ?? {},
        scales: shelf.scales,
        squirtG: workshop.squirtG,
        shelfMold: shelf.shelfMold,
        readings: freezeReadings(evaluation, plan.factor / plan.bowlCount),
        code,
        isOwnUse,
        now,
      });
    });
    workshop.put('batches', started);
    workshop.changeSettings({ batchInHandId: started[0]?.id ?? null });
    return started;
  }

  /** The batch in hand as it stands in the formula, judged: what its weighings have to say. */
  const judged = computed(() =>
    batch.value && conditions.value ? evaluate(batch.value.body, conditions.value) : null,
  );

  const settle = (entry: NewEntry) =>
    apply((current) => settleStep(current, signed(entry), nowIso()));
  const write = (entry: NewEntry) => apply((current) => record(current, signed(entry), nowIso()));
  /** Everything ahead as the paper sheet had it, up to the count. */
  const allAsPlanned = () => apply((current) => restAsPlanned(current, nowIso(), shelf.takeOff));
  /** What has to be asked before that. */
  const lotDoubts = () =>
    batch.value ? lotDoubtsAhead(batch.value, shelf.left, shelf.isOnHold) : [];
  const undo = () => apply((current) => undoLast(current, nowIso()));
  /** Keeps an over-pour and makes the rest of its part match. */
  const scaleUp = (of: WeighStep, massG: number, by: WeighedBy) =>
    apply((current) =>
      rescale(current, of, { massG, by, who: workshop.settings.makerInHand }, nowIso()),
    );

  /** One squirt of the sprayer, written at once: a page that dies has lost none. */
  function squirt(materialId: string, bowl: BowlNumber, lineId?: string): void {
    const massG = workshop.squirtG(materialId);
    add(materialId, massG, 'sprayed', bowl, {
      squirts: 1,
      ...(lineId !== undefined && { lineId }),
    });
  }

  /** Anything that goes into the bowl beside the plan. */
  function add(
    materialId: string,
    massG: number,
    why: AddedWhy,
    bowl: BowlNumber,
    {
      squirts = null,
      said = '',
      lineId,
    }: { squirts?: number | null; said?: string; lineId?: string } = {},
  ): void {
    write({
      kind: 'added',
      materialId,
      massG,
      squirts,
      why,
      ...(said && { said }),
      lots: shelf.takeOff(materialId, massG),
      ...(lineId !== undefined && { lineId }),
      ...(bowl === 2 && { bowl }),
    });
  }

  /** The hands that are at the bench sign what they do. */
  function signed<E extends NewEntry>(entry: E): E {
    const who = workshop.settings.makerInHand;
    return who ? { ...entry, who } : entry;
  }

  /** Hands away from the bench: written once, and again when they are back. */
  function pause(): void {
    if (batch.value?.outcome === 'at-the-bench' && batch.value.entries.at(-1)?.kind !== 'paused')
      write({ kind: 'paused' });
  }
  /** Also after a page that was closed without a word, once that was a while ago. */
  function resume(): void {
    const last = batch.value?.entries.at(-1);
    if (!last || batch.value?.outcome !== 'at-the-bench') return;
    const awayMs = Date.parse(nowIso()) - Date.parse(last.at);
    if (last.kind === 'paused' || awayMs > AWAY_MS) write({ kind: 'resumed' });
  }
  const strike = (entryId: string) => apply((current) => voidEntry(current, entryId, nowIso()));
  const back = () => apply(goBack);
  const on = () => apply(goOn);
  const toStep = (index: number) => apply((current) => goTo(current, index));

  /** Of any batch, at the bench or long closed: the Almanac writes these. */
  const note = (of: Batch, text: string) =>
    workshop.putBatch(record(of, signed({ kind: 'note', text }), nowIso()));
  /** Of a batch on the tray or long gone: what was weighed, tended, inspected. */
  const writeTo = (of: Batch, entry: NewEntry) =>
    workshop.putBatch(record(of, signed(entry), nowIso()));
  const writeAllTo = (of: Batch, entries: readonly NewEntry[]) =>
    workshop.putBatch(entries.reduce((batch, entry) => record(batch, signed(entry), nowIso()), of));
  /** Of a batch long closed: the old figure is struck and stays in sight. */
  const correct = (of: Batch, entryId: string, figure: number) =>
    workshop.putBatch(correctEntry(of, entryId, figure, nowIso()));
  const abandon = (of: Batch) => workshop.putBatch(giveUp(of, nowIso()));

  function apply(change: (current: Batch) => Batch): void {
    if (!batch.value) return;
    const next = change(batch.value);
    if (next !== batch.value) workshop.putBatch(next);
  }

  return {
    batch,
    step,
    conditions,
    judged,
    start,
    settle,
    write,
    writeTo,
    writeAllTo,
    strike,
    undo,
    allAsPlanned,
    lotDoubts,
    scaleUp,
    squirt,
    add,
    pause,
    resume,
    back,
    on,
    toStep,
    note,
    correct,
    abandon,
  };
});
