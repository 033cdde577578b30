import { dayOf } from '@/core/basics/time';
import { counted, formatCount } from '@/core/basics/format/numbers';
import { defineStore } from 'pinia';
import { computed, ref } from 'vue';
import { batchFileOf, type BatchFile, type TestOnFile } from '@/core/goods/quality/batchFile';
import { safetyFileOf, type SafetyFile } from '@/core/goods/quality/safetyFile';
import { labeledLines, unitLabel, type LabelBooks } from '@/core/goods/products/labelOf';
import { mostUnits, wrapCode, wrapFrom, type WrapPlan } from '@/core/goods/products/wrap';
import { concernsOfDay, concernsOfWrapping, type Concern } from '@/core/goods/products/concerns';
import { packagingFor } from '@/core/goods/products/packaging';
import { standingMoves } from '@/core/goods/products/moves';
import { unitKeeps } from '@/core/goods/products/ownLooks';
import type { SaleUnit } from '@/core/goods/products/schema';
import type { Market } from '@/core/goods/labels/market';
import { countOf, standing } from '@/core/batches/records/summary';
import type { Batch } from '@/core/batches/records/schema';
import { useBenchStore } from './bench';
import { useCostsStore } from './costs';
import { DONE, ask, not, useGoodsStore, type Done } from './goods';
import { nowIso, today } from './now';
import { useShelfStore } from './shelf';
import { useTraysStore } from './trays';
import { useTrialsStore } from './trials';
import { useWorkshopStore } from './workshop';

/** The sale unit in hand: what its label says, how long it keeps, what it costs, and the next wrapping. */
export const usePackStore = defineStore('pack', () => {
  const workshop = useWorkshopStore();
  const shelf = useShelfStore();
  const bench = useBenchStore();
  const trialStore = useTrialsStore();
  const goods = useGoodsStore();
  const costs = useCostsStore();
  const trays = useTraysStore();
  const chosenId = ref<string | null>(null);
  /** Batch that goes first; null for the oldest. */
  const firstId = ref<string | null>(null);

  const units = computed(() =>
    workshop.units
      .filter(({ isArchived }) => !isArchived)
      .sort((a, b) => a.name.localeCompare(b.name, 'en-US')),
  );
  const labelBooks = computed<LabelBooks>(() => ({
    catalog: workshop.catalog,
    formulas: workshop.formulas,
    batches: workshop.batches,
    lots: workshop.lots,
    documents: workshop.documents,
    packagings: workshop.packaging,
    maker: workshop.settings.maker,
  }));

  const unit = computed<SaleUnit | null>(
    () =>
      units.value.find(({ id }) => id === chosenId.value) ??
      ofFormulaInHand(({ contents }) => contents.length === 1) ??
      ofFormulaInHand(() => true) ??
      units.value[0] ??
      null,
  );
  /** The first unit that holds the formula in hand. */
  function ofFormulaInHand(isSuch: (of: SaleUnit) => boolean): SaleUnit | undefined {
    return units.value.find(
      (of) =>
        isSuch(of) &&
        of.contents.some(({ formulaId }) => formulaId === workshop.settings.formulaInHandId),
    );
  }

  const most = computed(() => (unit.value ? mostUnits(unit.value, goods.loose, firstId.value) : 0));

  /** What is proposed to be wrapped: of one batch, so that the label bears its code, where one batch is enough. */
  const proposed = computed(() => {
    const of = unit.value;
    const [line] = of?.contents ?? [];
    if (!of || !line || of.contents.length > 1) return most.value;
    const first = wrapFrom(of, 1, goods.loose, firstId.value);
    const batchId = first.ok ? first.from[0]?.batchId : undefined;
    const own = goods.loose.filter(({ batch }) => batch.id === batchId);
    return mostUnits(of, own, batchId ?? null) || most.value;
  });

  /** Pieces for so many of the unit in hand. */
  function planFor(count: number): WrapPlan | null {
    return unit.value ? wrapFrom(unit.value, count, goods.loose, firstId.value) : null;
  }

  /** Batches whose label is shown: of the next wrapping, else of the one before. */
  const labelBatchIds = computed<readonly string[]>(() => {
    const of = unit.value;
    if (!of) return [];
    const plan = wrapFrom(of, Math.max(1, proposed.value), goods.loose, firstId.value);
    if (plan.ok) return plan.from.map(({ batchId }) => batchId);
    const last = standingMoves(workshop.goods, 'wrapped')
      .filter(({ unitId }) => unitId === of.id)
      .at(-1);
    return last?.from.map(({ batchId }) => batchId) ?? [];
  });
  const lines = computed(() =>
    unit.value ? labeledLines(unit.value, labelBatchIds.value, labelBooks.value) : [],
  );
  const keeps = computed(() =>
    unit.value ? unitKeeps(unit.value, lines.value, labelBooks.value) : { hard: null, own: null },
  );
  const labelIn = (markets?: readonly Market[]) =>
    unit.value
      ? unitLabel(unit.value, lines.value, labelBooks.value, markets, keeps.value.hard)
      : null;
  const label = computed(() => labelIn());
  /** The code of the next wrapping, else of the one before. */
  const code = computed(() => {
    const of = unit.value;
    if (!of || labelBatchIds.value.length === 0) return '';
    const last = standingMoves(workshop.goods, 'wrapped')
      .filter(({ unitId }) => unitId === of.id)
      .at(-1);
    if (most.value === 0 && last) return last.code;
    const from = labelBatchIds.value.map((batchId) => ({
      batchId,
      grade: 'good' as const,
      pieces: 1,
    }));
    return wrapCode(of.name, from, workshop.batches, goods.codes());
  });
  const batches = computed(() => lines.value.flatMap((line) => line.batches));

  const cost = computed(() =>
    unit.value
      ? costs.ofUnit(
          unit.value,
          (formulaId, i) => lines.value[i]?.batches[0] ?? newestOf(formulaId) ?? null,
        )
      : null,
  );

  function newestOf(formulaId: string): Batch | undefined {
    return [...workshop.batches]
      .filter((batch) => batch.formulaId === formulaId && countOf(batch) !== null)
      .sort((a, b) => Date.parse(b.startedAt) - Date.parse(a.startedAt))[0];
  }

  function choose(id: string): void {
    chosenId.value = id;
    firstId.value = null;
  }

  function putUnit(next: SaleUnit): void {
    workshop.put('units', [next]);
    chosenId.value = next.id;
  }

  /** A unit that was ever wrapped is laid away, so that its goods keep their name; others go. */
  function dropUnit(id: string): void {
    const of = workshop.units.find((one) => one.id === id);
    if (!of) return;
    const isUsed =
      workshop.goods.some((move) => move.kind === 'wrapped' && move.unitId === id) ||
      workshop.orders.some((order) => order.lines.some(({ unitId }) => unitId === id));
    if (isUsed) workshop.put('units', [{ ...of, isArchived: true }]);
    else workshop.remove('units', [id]);
    chosenId.value = null;
  }

  function wrap(count: number, bestBefore: string | null, isSure = false): Done {
    const of = unit.value;
    const plan = planFor(count);
    if (!of || !plan) return not('Choose a product first.');
    if (!(Number.isInteger(count) && count >= 1)) return not('Type at least 1.');
    if (!plan.ok) {
      const name = workshop.formulas.find(({ id }) => id === plan.formulaId)?.name ?? 'a formula';
      return not(
        `This needs ${counted(plan.wanted, 'piece')} of ${name}, and there are ${formatCount(plan.here)}. Wrap fewer.`,
      );
    }
    const code = wrapCode(of.name, plan.from, workshop.batches, goods.codes());
    const ids = plan.from.map(({ batchId }) => batchId);
    const concerns = [
      ...goods.concernsOf(ids),
      ...concernsNow(ids),
      ...(bestBefore === null ? [] : concernsOfDay(code, bestBefore, today(), readyOn(ids))),
    ];
    if (concerns.length > 0 && !isSure) return ask(concerns);
    goods.write({
      kind: 'wrapped',
      unitId: of.id,
      code,
      count,
      from: [...plan.from],
      packaging: [...packagingFor(of, count, workshop.packaging, goods.left)],
      bestBefore,
    });
    for (const { batchId } of plan.from) leaveTray(batchId);
    return DONE;
  }

  /** What speaks against wrapping these batches at this moment. */
  const concernsNow = (ids: readonly string[]): readonly Concern[] =>
    lying(ids).flatMap(({ batch, steps }) => concernsOfWrapping(batch.code, steps));

  /** Day on which the last of these batches may be wrapped, ISO. */
  function readyOn(ids: readonly string[]): string {
    const fromMs = lying(ids).flatMap(({ steps }) =>
      steps.flatMap((step) => (step.what === 'wrap' ? [step.fromMs ?? 0] : [])),
    );
    return dayOf(Math.max(0, ...fromMs));
  }

  /** Those of these batches that lie on trays, with what their pieces ask for. */
  function lying(ids: readonly string[]) {
    const nowMs = Date.parse(nowIso());
    return trays.onTrays.flatMap((batch) => {
      const forecast = ids.includes(batch.id) ? trays.forecastOf(batch, nowMs) : null;
      return forecast ? [{ batch, steps: trays.tendingsOf(batch, forecast, nowMs) }] : [];
    });
  }

  /** What is wrapped lies on no tray. */
  function leaveTray(batchId: string): void {
    const batch = workshop.batches.find(({ id }) => id === batchId);
    if (!batch || standing(batch, 'tended').some(({ what }) => what === 'wrap')) return;
    const rest = goods.loose.find((one) => one.batch.id === batchId);
    if (!rest || rest.left.good <= 0) bench.writeTo(batch, { kind: 'tended', what: 'wrap' });
  }

  /** Net weight of any unit, of what was wrapped last of it; null where nothing was. */
  function netOf(unitId: string): number | null {
    const of = workshop.units.find(({ id }) => id === unitId);
    const last = standingMoves(workshop.goods, 'wrapped')
      .filter((move) => move.unitId === unitId)
      .at(-1);
    if (!of || !last) return null;
    const ids = last.from.map(({ batchId }) => batchId);
    return unitLabel(of, labeledLines(of, ids, labelBooks.value), labelBooks.value).netG;
  }

  type SayTest = (trial: (typeof trialStore.trials)[number]) => TestOnFile;
  const askBatch = (said: SayTest) => ({
    books: labelBooks.value,
    facts: workshop.facts,
    lotMoves: shelf.moves,
    trialsOf: (batch: Batch) =>
      trialStore.trials
        .filter(({ batchId, voidedAt }) => batchId === batch.id && !voidedAt)
        .map(said),
    writtenAt: nowIso(),
  });
  /** A batch as an assessor reads it. */
  const batchFile = (batch: Batch, said: SayTest): BatchFile => batchFileOf(batch, askBatch(said));

  function safetyFile(bestBefore: string | null, said: SayTest): SafetyFile | null {
    const of = unit.value;
    const shown = label.value;
    if (!of || !shown) return null;
    return safetyFileOf({
      ...askBatch(said),
      unit: of,
      label: shown,
      batches: batches.value,
      bestBefore,
      logbook: workshop.logbook,
      plans: workshop.stabilityPlans,
      goods: goods.books,
    });
  }

  return {
    units,
    unit,
    labelBooks,
    most,
    proposed,
    firstId,
    lines,
    batches,
    label,
    labelIn,
    keeps,
    code,
    cost,
    choose,
    putUnit,
    dropUnit,
    planFor,
    concernsNow,
    wrap,
    netOf,
    batchFile,
    safetyFile,
  };
});
