import { startOfDayMs } from '@/core/basics/time';
import { portionsOf, type MaterialMass, type Portion } from '@/core/matter/materials/portion';
import type { Catalog } from '@/core/matter/materials/catalog';
import { allLines } from '@/core/formula/model/edit';
import { isStrained } from '@/core/formula/model/ways';
import { contentsOf } from '@/core/batches/records/weighed';
import { standing, weighedLines } from '@/core/batches/records/summary';
import type { Batch } from '@/core/batches/records/schema';
import type { AllergenDocument } from '@/core/results/scent/declarable';
import type { AllergenShare } from '@/core/results/scent/documents';
import type { ScentDocument } from '@/core/results/scent/scentDocuments';
import type { Lot } from '@/core/workshop/shelf/lot';

/**
 * What a batch is made of: every weighing and correction, and for lines that nobody weighed what was planned. Skipped
 * lines are left out once the batch is made.
 */
export function batchContents(batch: Batch, catalog: Catalog): readonly Portion[] {
  const strained = new Set(
    allLines(batch.body)
      .filter(isStrained)
      .map(({ id }) => id),
  );
  const weighed = [
    ...standing(batch, 'weighed').filter(({ lineId }) => !strained.has(lineId)),
    ...standing(batch, 'added'),
  ].flatMap(contentsOf);
  const skipped = new Set(standing(batch, 'skipped').map(({ stepId }) => stepId));
  const skippedLines = new Set(
    batch.steps.flatMap((step) =>
      step.kind === 'weigh' && skipped.has(step.id) ? [step.lineId] : [],
    ),
  );
  const planned: readonly MaterialMass[] = weighedLines(batch)
    .filter(
      ({ massG, lineId }) => massG === null && !skippedLines.has(lineId) && !strained.has(lineId),
    )
    .map(({ materialId, targetG }) => ({ materialId, massG: targetG }));
  return portionsOf(catalog, [...weighed, ...planned]).filter(({ massG }) => massG > 0);
}

/** Which allergen list speaks for a material of a batch: of the lots that were used, by their grams, else the supplier’s. */
export function allergenDocuments(
  batch: Batch,
  lots: readonly Lot[],
  documents: readonly ScentDocument[],
): (materialId: string) => AllergenDocument | null {
  const uses = [...standing(batch, 'weighed'), ...standing(batch, 'added')].flatMap(
    (entry) => entry.lots ?? [],
  );
  return (materialId) => {
    const own = uses.flatMap(({ lotId, massG }) => {
      const lot = lots.find(({ id }) => id === lotId && materialId === lotsMaterial(lots, id));
      return lot?.allergens && lot.allergens.length > 0
        ? [{ massG, allergens: lot.allergens }]
        : [];
    });
    if (own.length > 0) return { allergens: mean(own) };
    const allergens = documents.find((one) => one.materialId === materialId)?.allergens;
    return allergens && allergens.length > 0 ? { allergens } : null;
  };
}

function lotsMaterial(lots: readonly Lot[], lotId: string): string | undefined {
  return lots.find(({ id }) => id === lotId)?.materialId;
}

function mean(
  of: readonly { readonly massG: number; readonly allergens: readonly AllergenShare[] }[],
): readonly AllergenShare[] {
  const totalG = of.reduce((sum, { massG }) => sum + massG, 0);
  const sums = new Map<string, number>();
  for (const { massG, allergens } of of)
    for (const { name, pct } of allergens)
      sums.set(name, (sums.get(name) ?? 0) + pct * (totalG > 0 ? massG / totalG : 1 / of.length));
  return [...sums].map(([name, pct]) => ({ name, pct }));
}

/** Day on which the first lot of each material in a batch goes over, milliseconds since 1970. */
export function lotExpiries(batch: Batch, lots: readonly Lot[]): ReadonlyMap<string, number> {
  const days = new Map<string, number>();
  for (const { lots: uses = [] } of [...standing(batch, 'weighed'), ...standing(batch, 'added')])
    for (const { lotId } of uses) {
      const lot = lots.find(({ id }) => id === lotId);
      // A day to look again is no day on which it is over.
      if (!lot?.expiresOn || lot.isRetest) continue;
      const atMs = startOfDayMs(lot.expiresOn);
      days.set(lot.materialId, Math.min(days.get(lot.materialId) ?? Infinity, atMs));
    }
  return days;
}

/** Has what is in the batch been changed after a moment: weighed, added, or taken back? */
export function changedAfter(batch: Batch, atIso: string): boolean {
  const at = Date.parse(atIso);
  return batch.entries.some(
    ({ kind, at: when, voidedAt }) =>
      (kind === 'weighed' || kind === 'added' || kind === 'filled') &&
      (Date.parse(when) > at || (voidedAt !== null && Date.parse(voidedAt) > at)),
  );
}
