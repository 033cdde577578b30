import { meanOf } from '@/core/basics/numeric/meanOf';
import { batchFacts, NOTHING_OUTSIDE } from '@/core/batches/faults/facts';
import type { Fault } from '@/core/batches/records/kinds';
import type { Batch } from '@/core/batches/records/schema';
import {
  countOf,
  roomOf,
  standing,
  weighedRatio,
  weighedTotalG,
} from '@/core/batches/records/summary';
import { contentsOf } from '@/core/batches/records/weighed';
import { phaseS } from '@/core/batches/trials/phases';
import type { Trial } from '@/core/batches/trials/schema';
import { standingIn } from '@/core/batches/trials/write';
import type { Felt } from '@/core/results/binder/correction';
import type { Conditions } from '@/core/results/conditions/types';
import { peopleOf } from './batchDigest';

/** What a figure of a batch is, in the order it is shown, and from which difference on two of them differ. Rovack estimates. */
export const COMPARED = [
  { id: 'version', group: 'mix', differsFrom: 1 },
  { id: 'totalG', group: 'mix', differsFrom: 1 },
  { id: 'ratio', group: 'mix', differsFrom: 0.02 },
  { id: 'dampPct', group: 'mix', differsFrom: 0.5 },
  { id: 'freeWaterPct', group: 'mix', differsFrom: 0.1 },
  { id: 'humidityPct', group: 'room', differsFrom: 3 },
  { id: 'tempC', group: 'room', differsFrom: 2 },
  { id: 'addedG', group: 'bench', differsFrom: 0.5 },
  { id: 'acidToLastMin', group: 'bench', differsFrom: 10 },
  { id: 'dryHumidityPct', group: 'drying', differsFrom: 3 },
  { id: 'dryH', group: 'drying', differsFrom: 4 },
  { id: 'lostPct', group: 'drying', differsFrom: 0.2 },
  { id: 'pieces', group: 'pieces', differsFrom: 1 },
  { id: 'rejects', group: 'pieces', differsFrom: 1 },
  { id: 'meanFillG', group: 'pieces', differsFrom: 1 },
  { id: 'tests', group: 'tests', differsFrom: 1 },
  { id: 'goneS', group: 'tests', differsFrom: 20 },
] as const;
export type ComparedId = (typeof COMPARED)[number]['id'];
export type CompareGroup = (typeof COMPARED)[number]['group'];

/** One figure of each batch, null where its record has none. */
export interface ComparedFigure {
  readonly id: ComparedId;
  readonly group: CompareGroup;
  readonly values: readonly (number | null)[];
  readonly differs: boolean;
}

/** One material of each batch as it was weighed, corrections with it; null where it is not in it. */
export interface ComparedMaterial {
  readonly materialId: string;
  readonly massesG: readonly (number | null)[];
  readonly differs: boolean;
}

/** Squeezes, people, faults, verdicts: what each batch has of them, in its own order. */
export interface ComparedList<T> {
  readonly lists: readonly (readonly T[])[];
  readonly differs: boolean;
}

export interface Comparison {
  readonly materials: readonly ComparedMaterial[];
  readonly figures: readonly ComparedFigure[];
  readonly squeezes: ComparedList<{ readonly acidIn: boolean; readonly felt: Felt }>;
  readonly people: ComparedList<string>;
  readonly faults: ComparedList<Fault>;
  readonly verdicts: ComparedList<string>;
}

/** What else is known of a batch. */
export interface CompareQuestion {
  readonly conditionsOf: (batch: Batch) => Conditions;
  readonly trialsOf: (batch: Batch) => readonly Trial[];
  /** Hours until it is dry by the forecast that its weigh-ins refit, and the air it dried in; null where nobody knows. */
  readonly dryingOf: (
    batch: Batch,
  ) => { readonly dryH: number | null; readonly humidityPct: number } | null;
}

/** A material differs when its share of the mix does: by so much of itself, and by so much of the mix. Rovack estimates. */
const SHARE_TIMES = 0.02;
const SHARE_OF_MIX = 0.0002;

/**
 * Batches side by side, in the order given. What differs is marked against the first that has it.
 * @param batches one or more
 */
export function compareBatches(batches: readonly Batch[], question: CompareQuestion): Comparison {
  const facts = batches.map((batch) => figuresOf(batch, question));
  return {
    materials: materialsOf(batches),
    figures: COMPARED.map(({ id, group, differsFrom }) => {
      const values = facts.map((one) => one[id]);
      return { id, group, values, differs: differs(values, differsFrom) };
    }),
    squeezes: listsOf(batches, (batch) =>
      standing(batch, 'squeezed').map(({ acidIn, felt }) => ({ acidIn, felt })),
    ),
    people: listsOf(batches, peopleOf),
    faults: listsOf(batches, (batch) => [
      ...new Set(
        standing(batch, 'inspected').flatMap(({ faults }) => faults.map(({ fault }) => fault)),
      ),
    ]),
    verdicts: listsOf(batches, (batch) =>
      question
        .trialsOf(batch)
        .flatMap((trial) => standingIn(trial, 'verdict').map(({ verdict }) => verdict)),
    ),
  };
}

function figuresOf(
  batch: Batch,
  { conditionsOf, trialsOf, dryingOf }: CompareQuestion,
): Readonly<Record<ComparedId, number | null>> {
  const conditions = conditionsOf(batch);
  const facts = batchFacts(batch, conditions, NOTHING_OUTSIDE);
  const room = roomOf(batch);
  const count = countOf(batch);
  const drying = dryingOf(batch);
  const trials = trialsOf(batch);
  const fillsG = standing(batch, 'filled').flatMap(({ massG }) => massG ?? []);
  const goneS = trials.flatMap((trial) => phaseS(trial, 'gone') ?? []);
  const weighedG = weighedTotalG(batch);
  const isWeighed = weighedG > 0;
  return {
    version: batch.versionNumber,
    totalG: isWeighed ? weighedG : null,
    ratio: isWeighed ? weighedRatio(batch, conditions.catalog) : null,
    dampPct: facts.dampIndexPct,
    freeWaterPct: isWeighed ? facts.freeWaterPct : null,
    humidityPct: room?.humidityPct ?? null,
    tempC: room?.tempC ?? null,
    addedG: standing(batch, 'added').reduce((sum, { massG }) => sum + massG, 0),
    acidToLastMin: facts.acidToLastMin,
    dryHumidityPct: drying?.humidityPct ?? null,
    dryH: drying?.dryH ?? null,
    lostPct: lostPct(batch),
    pieces: count?.pieces ?? null,
    rejects: count?.rejects ?? null,
    meanFillG: meanOf(fillsG),
    tests: trials.length,
    goneS: meanOf(goneS),
  };
}

/** What the marked piece lost from its first weigh-in to its last, % of the first. */
function lostPct(batch: Batch): number | null {
  const dried = standing(batch, 'dried');
  const [first, last] = [dried[0], dried.at(-1)];
  return first && last && dried.length > 1 ? 100 * (1 - last.massG / first.massG) : null;
}

function materialsOf(batches: readonly Batch[]): readonly ComparedMaterial[] {
  const inEach = batches.map(gramsIn);
  const totals = inEach.map((grams) => [...grams.values()].reduce((sum, one) => sum + one, 0));
  const ids = new Set(inEach.flatMap((grams) => [...grams.keys()]));
  return [...ids].map((materialId) => {
    const massesG = inEach.map((grams) => grams.get(materialId) ?? null);
    const shares = massesG.map((massG, i) => (massG ?? 0) / Math.max(1e-9, totals[i] ?? 0));
    const most = Math.max(...shares);
    const apart = most - Math.min(...shares);
    return { materialId, massesG, differs: apart > Math.max(SHARE_TIMES * most, SHARE_OF_MIX) };
  });
}

/** Grams of each material, in the order they went in. */
function gramsIn(batch: Batch): ReadonlyMap<string, number> {
  const grams = new Map<string, number>();
  for (const entry of batch.entries)
    if (entry.voidedAt === null && (entry.kind === 'weighed' || entry.kind === 'added'))
      for (const { materialId, massG } of contentsOf(entry))
        grams.set(materialId, (grams.get(materialId) ?? 0) + massG);
  return grams;
}

/** Do two that are known lie apart, or is one known and another not? */
function differs(values: readonly (number | null)[], from: number): boolean {
  const known = values.filter((value) => value !== null);
  if (known.length === 0) return false;
  return known.length < values.length || Math.max(...known) - Math.min(...known) >= from;
}

function listsOf<T>(
  batches: readonly Batch[],
  of: (batch: Batch) => readonly T[],
): ComparedList<T> {
  const lists = batches.map(of);
  const said = lists.map((list) => JSON.stringify(list));
  return { lists, differs: new Set(said).size > 1 };
}
