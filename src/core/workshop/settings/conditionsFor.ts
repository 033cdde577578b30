import { doseG } from '@/core/results/fizz/dose';
import type { FormulaBody } from '@/core/formula/model/schema';
import { learnedDamp } from '@/core/batches/records/fromBatches';
import { packedFromFills, type Fill } from '@/core/results/learning/fromFills';
import type { Catalog } from '@/core/matter/materials/catalog';
import { roomOf } from '@/core/batches/records/summary';
import { speaking, type Exclusion } from '@/core/results/learning/exclusions';
import type { Batch } from '@/core/batches/records/schema';
import { USUAL_SETTINGS } from './settings';
import type { SupplierDocument } from '@/core/results/scent/documents';
import { scentDocumentsFor } from '@/core/results/scent/scentDocuments';
import { waterFor } from './waterFor';
import type { Settings } from './settingsSchema';
import type { Conditions, OwnTrials } from '@/core/results/conditions/types';

/** What a workshop knows that bears on a judgement. */
export interface WorkshopFacts {
  readonly catalog: Catalog;
  readonly settings: Pick<Settings, 'humidityPct' | 'tempC' | 'tub' | 'basin'>;
  /** What suppliers say of scents; nothing when left out. */
  readonly documents?: readonly SupplierDocument[];
  /** Every batch: those that felt right teach how damp a mix wants to be. */
  readonly batches: readonly Batch[];
  /** What trials taught; nothing when left out. */
  readonly trials?: OwnTrials;
  /** Molds that were filled and weighed. */
  readonly fills?: readonly Fill[];
  /** Records that the maker took out of what is learned. */
  readonly exclusions?: readonly Exclusion[];
}

export type Made = Pick<FormulaBody, 'family' | 'method'>;

/**
 * The conditions of a mix in this workshop as it is now: the one place that makes them.
 * @param pieceG grams of a piece or a fill as it is made, over 0; null for the whole mix
 */
export function conditionsFor(
  workshop: WorkshopFacts,
  made: Made,
  pieceG: number | null,
): Conditions {
  return conditionsIn(workshop, made, pieceG, workshop.settings);
}

/** The air of a workroom. */
export interface Room {
  /** 0 to 100%. */
  readonly humidityPct: number;
  /** -10 to 50°C. */
  readonly tempC: number;
}

/**
 * The conditions of a batch: its own room where it was read, and what all other batches taught.
 * @param room to ask about in its place
 */
export function conditionsOfBatch(
  workshop: WorkshopFacts,
  batch: Batch,
  room: Room = roomOf(batch) ??
    (batch.outcome === 'at-the-bench' ? workshop.settings : USUAL_SETTINGS),
): Conditions {
  return conditionsIn(
    { ...workshop, batches: workshop.batches.filter(({ id }) => id !== batch.id) },
    batch.body,
    batch.plan.pieceG,
    room,
  );
}

function conditionsIn(
  {
    catalog,
    settings,
    documents = [],
    batches,
    trials = {},
    fills = [],
    exclusions = [],
  }: WorkshopFacts,
  { family, method }: Made,
  pieceG: number | null,
  { humidityPct, tempC }: Room,
): Conditions {
  const packed = packedFromFills(fills, method);
  const damp = learnedDamp(
    speaking(batches, 'damp', exclusions),
    { humidityPct, method, family },
    catalog,
  );
  return {
    catalog,
    humidityPct,
    roomTempC: tempC,
    tub: waterFor(family, settings),
    pieceG: pieceG === null ? null : doseG(family, pieceG),
    scentDocuments: scentDocumentsFor(family, documents),
    learned: { ...trials, ...(damp && { damp }), ...(packed && { packed }) },
  };
}
