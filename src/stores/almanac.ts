import { defineStore } from 'pinia';
import { computed, shallowRef } from 'vue';
import { weighedDampPct } from '@/core/batches/records/bowl';
import type { Batch } from '@/core/batches/records/schema';
import { digestOf, type BatchDigest } from '@/core/goods/archive/batchDigest';
import {
  NO_FILTER,
  findBatches,
  findableBatch,
  type BatchFilter,
  type FindableBatch,
} from '@/core/goods/archive/findBatches';
import type { Catalog } from '@/core/matter/materials/catalog';
import { useShelfStore } from './shelf';
import { useWorkshopStore } from './workshop';

/** A past batch never changes: the same is told of it, however often the list is made. */
const ofPast = new WeakMap<BatchDigest, FindableBatch>();
/** A batch at hand changes by becoming another record. */
const ofHand = new WeakMap<Batch, { readonly catalog: Catalog; readonly found: FindableBatch }>();

/** Every batch, and which of them are looked for: one filter for the list and the weather map. */
export const useAlmanacStore = defineStore('almanac', () => {
  const workshop = useWorkshopStore();
  const shelf = useShelfStore();
  const filter = shallowRef<BatchFilter>(NO_FILTER);

  function past(digest: BatchDigest): FindableBatch {
    const known = ofPast.get(digest) ?? findableBatch(digest);
    ofPast.set(digest, known);
    return known;
  }
  /** Of a batch at hand the moisture is what was weighed, corrections and all. */
  function atHand(batch: Batch, catalog: Catalog): FindableBatch {
    const known = ofHand.get(batch);
    if (known?.catalog === catalog) return known.found;
    const digest = digestOf(batch);
    const dampPct = weighedDampPct(batch, catalog) ?? digest.dampPct;
    const found = findableBatch({ ...digest, dampPct });
    ofHand.set(batch, { catalog, found });
    return found;
  }

  /** Newest first. */
  const all = computed(() =>
    [
      ...workshop.past.map(past),
      ...workshop.batches.map((batch) => atHand(batch, workshop.catalog)),
    ].sort((a, b) => b.startMs - a.startMs),
  );

  const byLot = computed(() => {
    const codes = new Map(workshop.lots.map(({ id, code }) => [id, code.toLowerCase()]));
    const found = new Map<string, Set<string>>();
    for (const { lotId, into } of shelf.moves) {
      const code = codes.get(lotId);
      if (code === undefined || into.kind !== 'batch') continue;
      const ids = found.get(code) ?? new Set();
      found.set(code, ids.add(into.id));
    }
    return found;
  });
  const found = computed(() =>
    findBatches(all.value, filter.value, (code) => byLot.value.get(code)),
  );
  const isFiltered = computed(() => filter.value !== NO_FILTER);

  function ask(part: Partial<BatchFilter>): void {
    const next = { ...filter.value, ...part };
    const isNone = Object.values(next).every((value) => value === null || value === '');
    filter.value = isNone ? NO_FILTER : next;
  }
  const clear = (): void => void (filter.value = NO_FILTER);
  /** What the first search would wait for at ten thousand batches: which lots went where. */
  const prepare = (): void => void byLot.value;

  /** Of the whole list, for what can be chosen. */
  const formulas = computed(() => {
    const names = new Map<string, string>();
    for (const { digest } of all.value)
      if (!names.has(digest.formulaId)) names.set(digest.formulaId, digest.formulaName);
    return [...names].map(([id, name]) => ({ id, name }));
  });
  const months = computed(() => [
    ...new Set(all.value.map(({ digest }) => digest.startedAt.slice(0, 7))),
  ]);
  const faults = computed(() => [...new Set(all.value.flatMap(({ digest }) => digest.faults))]);
  return { all, found, filter, isFiltered, formulas, months, faults, ask, clear, prepare };
});
