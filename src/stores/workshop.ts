import { defineStore } from 'pinia';
import { computed, ref, shallowRef } from 'vue';
import { newFormula } from '@/core/formula/model/create';
import type { DocumentFile } from '@/core/results/scent/documents';
import type { Formula, FormulaBody } from '@/core/formula/model/schema';
import { catalogWith } from '@/core/matter/materials/catalog';
import { idsAtHand } from '@/core/goods/archive/atHand';
import { digestOf, type BatchDigest } from '@/core/goods/archive/batchDigest';
import type { Batch } from '@/core/batches/records/schema';
import type { Trial } from '@/core/batches/trials/schema';
import { USUAL_SETTINGS } from '@/core/workshop/settings/settings';
import { scaleFor } from '@/core/workshop/settings/scaleFor';
import { smallMeasuresOf, squirtG } from '@/core/workshop/settings/smallMeasures';
import type { Settings } from '@/core/workshop/settings/settingsSchema';
import { COLLECTION_NAMES, isCollection, type CollectionName } from '@/storage/records/names';
import { NO_RECORDS, type RecordOf, type Records } from '@/storage/records/collections';
import type { Change, Session } from '@/storage/session/session';
import type { Refused } from '@/storage/validation/refused';
import { nowIso } from './now';
import { digestsOfWorkshop } from './archive';
import { everyRecord, overlaid, without } from './recordLists';
import { debounced } from './debounce';
import { sampleWays } from './sample';
import { useSavingStore } from './saving';
import { workshopFacts } from './workshopFacts';

/** One record as it was before a hand wrote it, and as it is after. */
export interface Write {
  readonly of: CollectionName;
  readonly id: string;
  /** Null where it was not there. */
  readonly before: RecordOf<CollectionName> | null;
  /** Null where it is gone. */
  readonly after: RecordOf<CollectionName> | null;
}

/** Everything stored, in memory: the lists all screens read, and the few ways to change them. */
export const useWorkshopStore = defineStore('workshop', () => {
  const saving = useSavingStore();
  const records = shallowRef<Records>(NO_RECORDS);
  const settings = shallowRef<Settings>(USUAL_SETTINGS);
  /** Records that are stored but not whole. */
  const refused = shallowRef<readonly Refused[]>([]);
  const isLoaded = ref(false);
  /** Nothing has ever been stored here: the first visit. */
  const isFirstVisit = ref(false);
  /** How often another tab, another device or a file changed the goods. */
  const goodsCame = ref(0);

  const formulas = computed(() => records.value.formulas);
  const batches = computed(() => records.value.batches);
  const { digests, uses, past, pastUses, batchCount, codeOfBatch, idOfBatch, tell, forget } =
    digestsOfWorkshop(batches);
  const materials = computed(() => records.value.materials);
  /** What ships, with what this maker knows better and has beside it. */
  const catalog = computed(() => catalogWith(materials.value));
  const lots = computed(() => records.value.lots);
  const moldRecords = computed(() => records.value.molds);
  // Sorted again only when a mold was changed: all that is judged by fills would be judged again with each edit.
  const molds = computed(() =>
    [...moldRecords.value].sort((a, b) => a.name.localeCompare(b.name, 'en-US')),
  );
  const tools = computed(() => records.value.tools);
  const formulaInHand = computed(
    () => formulas.value.find(({ id }) => id === settings.value.formulaInHandId) ?? null,
  );
  const batchInHand = computed(
    () => batches.value.find(({ id }) => id === settings.value.batchInHandId) ?? null,
  );
  const smallMeasures = computed(() => smallMeasuresOf(tools.value));
  const gramsOfSquirt = (materialId: string) => squirtG(tools.value, materialId);
  const trials = computed(() => records.value.trials);
  const packaging = computed(() => records.value.packaging);
  const units = computed(() => records.value.units);
  const goods = computed(() => records.value.goods);
  const orders = computed(() => records.value.orders);
  const documents = computed(() => records.value.documents);
  const logbook = computed(() => records.value.logbook);
  const stabilityPlans = computed(() => records.value.stabilityPlans);
  const ladders = computed(() => records.value.ladders);
  const { exclusions, fills, facts } = workshopFacts({
    settings,
    catalog,
    batches,
    trials,
    molds,
    documents,
  });
  /** Does a batch come of the sample: by itself, or by the formula it was made from? */
  const isOfSample = (batch: Batch | null): boolean =>
    batch !== null &&
    (batch.origin === 'sample' ||
      formulas.value.some(({ id, origin }) => id === batch.formulaId && origin === 'sample'));
  /** Is a batch weighed on the simulated scale, or was it? */
  const usesPracticeScale = (batch: Batch): boolean =>
    batch.entries.some((entry) => 'by' in entry && entry.by === 'simulated-scale') ||
    (batch.outcome === 'at-the-bench' &&
      scaleFor(settings.value, isOfSample(batch)) === 'simulated');
  let session: Session | null = null;

  /** @param onAbsent told early that nothing was ever stored here */
  async function load(onAbsent?: () => void): Promise<void> {
    session = await saving.open({
      onAbsent,
      onChanges: applyChanges,
      onSettings: applySettings,
      onPast: applyDigests,
    });
    const { loaded } = session;
    settings.value = loaded.settings ?? USUAL_SETTINGS;
    records.value = loaded.records;
    refused.value = loaded.refused;
    tell(loaded.digests);
    quarantine();
    isFirstVisit.value = loaded.settings === null && everyRecord(loaded.records).length === 0;
    await loadBatches([settings.value.batchInHandId ?? '']);
    isLoaded.value = true;
    if (past.value.length > 0) setTimeout(() => void loadUses());
  }

  /** What a screen failed on is on none. */
  function quarantine(): void {
    const aside = settings.value.setAside ?? [];
    records.value = aside.reduce(
      (all, { of, id }) => (isCollection(of) ? without(all, of, [id]) : all),
      records.value,
    );
    forget(aside.map(({ id }) => id));
  }

  /** What another tab wrote, or what both came to: shown here, and stored already. */
  function applyChanges(changes: readonly Change[]): void {
    const { formulaInHandId, batchInHandId } = settings.value;
    for (const { id, record } of changes)
      if (record === null && (id === formulaInHandId || id === batchInHandId)) {
        const name =
          formulaInHand.value?.id === id ? formulaInHand.value.name : batchInHand.value?.code;
        saving.say([
          name
            ? `${name} was removed elsewhere, so it is closed here.`
            : 'The open record was removed elsewhere, so it is closed here.',
        ]);
      }
    for (const name of COLLECTION_NAMES) {
      const own = changes.filter(({ store }) => store === name);
      if (own.length === 0) continue;
      const gone = own.filter(({ record }) => record === null).map(({ id }) => id);
      if (name === 'batches') forget(gone);
      const there = own.flatMap(({ record }) => record ?? []) as RecordOf<typeof name>[];
      records.value = overlaid(without(records.value, name, gone), name, there);
    }
    isFirstVisit.value = false;
    if (wanted.isWaiting()) wanted.heard();
    if (changes.some(({ store }) => store === 'goods')) goodsCame.value++;
  }

  /** Batches that another device or a file brought by the thousand: what is worked with is read. */
  function applyDigests(told: readonly BatchDigest[]): void {
    tell(told);
    isFirstVisit.value = false;
    wanted.heard();
  }

  /** What is worked with is told by the goods too, and those come last: half of them would bring what is long sold. */
  const wanted = debounced(() => void loadNear());
  async function loadNear(): Promise<void> {
    const near = idsAtHand(
      [...past.value, ...batches.value.map(digestOf)],
      records.value.goods,
      Date.parse(nowIso()),
    );
    await loadBatches([...near]);
    await loadUses();
  }

  async function loadUses(): Promise<void> {
    uses.value = (await session?.loadUses()) ?? [];
  }

  /** Reads past batches that somebody looks at: from then on they are among all others. */
  async function loadBatches(ids: readonly string[]): Promise<void> {
    const here = new Set(batches.value.map(({ id }) => id));
    const missing = ids.filter((id) => digests.value.has(id) && !here.has(id));
    if (missing.length === 0 || !session) return;
    const own = new Set(materials.value.map(({ id }) => id));
    const brought = await session.loadBatches(missing, own);
    // What is not whole is said, and told no more.
    if (brought.refused.length > 0) {
      refused.value = [...refused.value, ...brought.refused];
      const whole = new Set(brought.batches.map(({ id }) => id));
      forget(missing.filter((id) => !whole.has(id)));
    }
    records.value = overlaid(records.value, 'batches', brought.batches);
  }

  /** Reads the photos of a batch: they are too big to be held before somebody looks. */
  async function loadPhotos(batchId: string): Promise<void> {
    const photos = (await session?.loadPhotos(batchId)) ?? [];
    if (photos.length > 0) records.value = overlaid(records.value, 'photos', photos);
  }

  /** Reads the attached files of these documents: they are as big as photos. */
  async function loadDocumentFiles(ids: readonly string[]): Promise<readonly DocumentFile[]> {
    const here = records.value.documentFiles.filter(({ id }) => ids.includes(id));
    const missing = ids.filter((id) => !here.some((file) => file.id === id));
    const read = missing.length > 0 ? ((await session?.loadDocumentFiles(missing)) ?? []) : [];
    return [...here, ...read];
  }

  /** What this tab has in hand stays in hand. */
  function applySettings(next: Settings): void {
    const { formulaInHandId, batchInHandId } = settings.value;
    settings.value = {
      ...next,
      formulaInHandId: formulaInHandId ?? next.formulaInHandId,
      batchInHandId: batchInHandId ?? next.batchInHandId,
    };
  }

  /** Told of every record that a hand writes or removes, before it is. */
  let written: ((write: Write) => void) | null = null;
  const onWrite = (listener: (write: Write) => void) => (written = listener);
  const find = <K extends CollectionName>(name: K, id: string): RecordOf<K> | null =>
    (records.value[name] as readonly RecordOf<K>[]).find((one) => one.id === id) ?? null;

  /** Adds records or puts them in place of those with their ids. */
  function put<K extends CollectionName>(name: K, changed: readonly RecordOf<K>[]): void {
    if (changed.length === 0) return;
    for (const after of changed)
      written?.({ of: name, id: after.id, before: find(name, after.id), after });
    // Given to the database first: it works while the screen is drawn again.
    session?.put(name, changed);
    records.value = overlaid(records.value, name, changed);
  }

  /** Off every screen, and still stored: what a screen failed on. */
  function setAside(of: CollectionName, id: string): void {
    const { formulaInHandId, batchInHandId, setAside: before = [] } = settings.value;
    changeSettings({
      setAside: [...before, { of, id }],
      ...(formulaInHandId === id && { formulaInHandId: null }),
      ...(batchInHandId === id && { batchInHandId: null }),
    });
    records.value = without(records.value, of, [id]);
    if (of === 'batches') forget([id]);
  }

  function remove(name: CollectionName, ids: readonly string[]): void {
    if (ids.length === 0) return;
    for (const id of ids) {
      const before = find(name, id);
      if (before) written?.({ of: name, id, before, after: null });
    }
    records.value = without(records.value, name, ids);
    if (name === 'batches') forget(ids);
    session?.remove(name, ids);
    const { formulaInHandId, batchInHandId } = settings.value;
    if (ids.includes(formulaInHandId ?? '')) changeSettings({ formulaInHandId: null });
    if (ids.includes(batchInHandId ?? '')) changeSettings({ batchInHandId: null });
  }

  const putFormula = (formula: Formula) => put('formulas', [formula]);
  /** A formula that a hand is still pulling at: shown at once, written soon. */
  function pullFormula(formula: Formula): void {
    records.value = overlaid(records.value, 'formulas', [formula]);
    session?.putSoon('formulas', formula);
  }
  /** A trial that the scale is still writing: shown at once, written soon. */
  function pullTrial(trial: Trial): void {
    records.value = overlaid(records.value, 'trials', [trial]);
    session?.putSoon('trials', trial);
  }
  const putBatch = (batch: Batch) => put('batches', [batch]);
  const removeFormula = (id: string) => remove('formulas', [id]);

  function changeSettings(change: Partial<Settings>): void {
    settings.value = { ...settings.value, ...change };
    isFirstVisit.value = false;
    session?.putSettings(settings.value);
  }

  function startFormula(name: string, body: FormulaBody): Formula {
    const formula = newFormula(name, body, nowIso());
    putFormula(formula);
    changeSettings({ formulaInHandId: formula.id });
    return formula;
  }

  /** Everything as one file, piece by piece: what is stored, and over it what is here, saved or not. */
  function pieces(now: string, onProgress: (share: number) => void): AsyncIterable<string> {
    const overlay = { records: records.value, settings: settings.value };
    if (!session) throw new Error('the workshop is not open yet: load it first');
    return session.pieces({ now, overlay, onProgress });
  }

  const sample = sampleWays({
    records,
    settings,
    past,
    isFirstVisit,
    put,
    remove,
    changeSettings,
    hold: () => session?.hold(),
  });

  return {
    ...sample,
    records,
    formulas,
    batches,
    past,
    pastUses,
    batchCount,
    codeOfBatch,
    idOfBatch,
    loadBatches,
    loadPhotos,
    loadDocumentFiles,
    materials,
    catalog,
    facts,
    lots,
    molds,
    tools,
    trials,
    exclusions,
    ladders,
    packaging,
    units,
    goods,
    orders,
    documents,
    logbook,
    stabilityPlans,
    fills,
    settings,
    refused,
    isLoaded,
    isFirstVisit,
    goodsCame,
    formulaInHand,
    batchInHand,
    smallMeasures,
    squirtG: gramsOfSquirt,
    isOfSample,
    usesPracticeScale,
    load,
    put,
    onWrite,
    find,
    remove,
    putFormula,
    pullFormula,
    pullTrial,
    putBatch,
    changeSettings,
    setAside,
    startFormula,
    removeFormula,
    pieces,
  };
});
