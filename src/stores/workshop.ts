import { defineStore } from 'pinia';
import { computed, ref, shallowRef } from 'vue';
import { newFormula, type Formula, type FormulaBody } from '@/core/formula';
import type { Batch } from '@/core/records';
import { USUAL_SETTINGS, smallMeasuresOf, type Settings } from '@/core/workshop';
import { loadWorkshop, type WorkshopDb } from '@/storage/db';
import {
  readWorkshopFile,
  writeWorkshopFile,
  type FileResult,
  type WorkshopFile,
} from '@/storage/file';
import { nowIso } from './now';
import { useSavingStore } from './saving';

const DATABASE_NAME = 'rovack';

/** Everything stored, in memory: the lists all screens read, and the few ways to change them. */
export const useWorkshopStore = defineStore('workshop', () => {
  const saving = useSavingStore();
  const formulas = shallowRef<readonly Formula[]>([]);
  const batches = shallowRef<readonly Batch[]>([]);
  const settings = shallowRef<Settings>(USUAL_SETTINGS);
  const unreadable = shallowRef<readonly string[]>([]);
  const isLoaded = ref(false);
  /** Nothing has ever been stored here: the first visit. */
  const isFirstVisit = ref(false);

  const formulaInHand = computed(
    () => formulas.value.find(({ id }) => id === settings.value.formulaInHandId) ?? null,
  );
  const batchInHand = computed(
    () => batches.value.find(({ id }) => id === settings.value.batchInHandId) ?? null,
  );
  const smallMeasures = computed(() => smallMeasuresOf(settings.value));
  const sampleCount = computed(
    () => [...formulas.value, ...batches.value].filter(({ origin }) => origin === 'sample').length,
  );

  async function load(): Promise<void> {
    const db = await saving.open(DATABASE_NAME);
    saving.onOtherTab(() => void followOtherTab(db));
    await take(db);
    isLoaded.value = true;
  }

  /** What another tab wrote comes in; what this tab has in hand stays in hand, and nothing unsaved is overwritten. */
  async function followOtherTab(db: WorkshopDb): Promise<void> {
    if (saving.status.kind !== 'saved') return;
    const { formulaInHandId, batchInHandId } = settings.value;
    await take(db);
    settings.value = { ...settings.value, formulaInHandId, batchInHandId };
  }

  async function take(db: WorkshopDb): Promise<void> {
    const stored = await loadWorkshop(db);
    formulas.value = stored.formulas;
    batches.value = stored.batches;
    settings.value = stored.settings ?? USUAL_SETTINGS;
    unreadable.value = stored.unreadable;
    isFirstVisit.value =
      stored.settings === null && stored.formulas.length + stored.batches.length === 0;
  }

  function putFormula(formula: Formula): void {
    formulas.value = replaced(formulas.value, formula);
    saving.saveFormula(formula);
  }

  function putBatch(batch: Batch): void {
    batches.value = replaced(batches.value, batch);
    saving.saveBatch(batch);
  }

  function changeSettings(change: Partial<Settings>): void {
    settings.value = { ...settings.value, ...change };
    isFirstVisit.value = false;
    saving.saveSettings(settings.value);
  }

  function startFormula(name: string, body: FormulaBody): Formula {
    const formula = newFormula(name, body, nowIso());
    putFormula(formula);
    changeSettings({ formulaInHandId: formula.id });
    return formula;
  }

  function removeFormula(id: string): void {
    formulas.value = formulas.value.filter((formula) => formula.id !== id);
    saving.remove('formulas', [id]);
    if (settings.value.formulaInHandId === id) changeSettings({ formulaInHandId: null });
  }

  /** Loads the sample workshop that ships with the application. Nothing already here is replaced. */
  async function openSample(): Promise<FileResult> {
    const text = (await import('../../demo/orrin-quay.rovack.json?raw')).default;
    const result = readWorkshopFile(text);
    if (!result.ok) return result;
    const known = new Set([...formulas.value, ...batches.value].map(({ id }) => id));
    const { workshop } = result;
    for (const formula of workshop.formulas) if (!known.has(formula.id)) putFormula(formula);
    for (const batch of workshop.batches) if (!known.has(batch.id)) putBatch(batch);
    changeSettings({
      formulaInHandId: workshop.formulas[0]?.id ?? null,
      requests: { ...workshop.settings?.requests, ...settings.value.requests },
    });
    return result;
  }

  /** Takes the sample workshop out as a whole; the maker's own records stay. */
  function removeSample(): void {
    const isSample = ({ origin }: Formula | Batch) => origin === 'sample';
    const formulaIds = formulas.value.filter(isSample).map(({ id }) => id);
    const batchIds = batches.value.filter(isSample).map(({ id }) => id);
    formulas.value = formulas.value.filter((formula) => !isSample(formula));
    batches.value = batches.value.filter((batch) => !isSample(batch));
    saving.remove('formulas', formulaIds);
    saving.remove('batches', batchIds);
    changeSettings({
      formulaInHandId: kept(settings.value.formulaInHandId, formulas.value),
      batchInHandId: kept(settings.value.batchInHandId, batches.value),
    });
  }

  function exportText(now: string): string {
    return writeWorkshopFile(
      { formulas: [...formulas.value], batches: [...batches.value], settings: settings.value },
      now,
    );
  }

  /** Takes records in from a file; settings only where this workshop has none of its own yet. */
  function takeIn(
    records: { readonly formulas: readonly Formula[]; readonly batches: readonly Batch[] },
    fileSettings: WorkshopFile['settings'],
  ): void {
    const wasFirstVisit = isFirstVisit.value;
    for (const formula of records.formulas) putFormula(formula);
    for (const batch of records.batches) putBatch(batch);
    changeSettings(wasFirstVisit && fileSettings ? fileSettings : {});
  }

  return {
    formulas,
    batches,
    settings,
    unreadable,
    isLoaded,
    isFirstVisit,
    formulaInHand,
    batchInHand,
    smallMeasures,
    sampleCount,
    load,
    putFormula,
    putBatch,
    changeSettings,
    startFormula,
    removeFormula,
    openSample,
    removeSample,
    exportText,
    takeIn,
  };
});

function replaced<T extends { readonly id: string }>(list: readonly T[], record: T): readonly T[] {
  return list.some(({ id }) => id === record.id)
    ? list.map((other) => (other.id === record.id ? record : other))
    : [...list, record];
}

function kept(id: string | null, list: readonly { readonly id: string }[]): string | null {
  return list.some((record) => record.id === id) ? id : null;
}
