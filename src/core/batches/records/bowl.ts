import { dampReading } from '@/core/results/binder/damp';
import type { StepOf } from '@/core/work/bench-steps/stepSchema';
import { portionsOf, type MaterialMass } from '@/core/matter/materials/portion';
import type { Catalog } from '@/core/matter/materials/catalog';
import type { Batch, BatchEntry } from './schema';
import { standing } from './summary';
import { contentsOf } from './weighed';

export type BowlNumber = 1 | 2;

/**
 * What lies in a bowl now: its lines as weighed and every correction, parted where the bowl was parted.
 * Dishes of other parts do not count. The second bowl is empty until there is one.
 */
export function bowlContents(batch: Batch, bowl: BowlNumber = 1): readonly MaterialMass[] {
  const mainLines = new Set(batch.body.parts[0]?.lines.map((line) => line.id) ?? []);
  const secondSteps = new Set(
    batch.steps.flatMap((step) =>
      step.kind === 'weigh' && step.vessel === 'second-bowl' ? [step.id] : [],
    ),
  );
  const bowls: Record<BowlNumber, MaterialMass[]> = { 1: [], 2: [] };
  for (const entry of batch.entries.filter(({ voidedAt }) => voidedAt === null)) {
    if (entry.kind === 'split') partBowls(bowls, entry.share);
    else if (entry.kind === 'weighed' || entry.kind === 'added') {
      const into = bowlOf(entry, secondSteps, mainLines);
      if (into) bowls[into].push(...contentsOf(entry));
    }
  }
  return bowls[bowl];
}

/** Damp index of the main mix as it was weighed and corrected; null while nothing is in the bowl. */
export function weighedDampPct(batch: Batch, catalog: Catalog): number | null {
  return dampReading(portionsOf(catalog, bowlContents(batch))).dampIndexPct;
}

/** Is there a second bowl? */
export function isParted(batch: Batch): boolean {
  return standing(batch, 'split').length > 0;
}

function bowlOf(
  entry: Extract<BatchEntry, { kind: 'weighed' | 'added' }>,
  secondSteps: ReadonlySet<string>,
  mainLines: ReadonlySet<string>,
): BowlNumber | null {
  if (entry.kind === 'added') return entry.bowl === 2 ? 2 : 1;
  if (secondSteps.has(entry.stepId)) return 2;
  return mainLines.has(entry.lineId) ? 1 : null;
}

function partBowls(bowls: Record<BowlNumber, MaterialMass[]>, share: number): void {
  const taken = bowls[1].map(({ materialId, massG }) => ({ materialId, massG: massG * share }));
  bowls[1] = bowls[1].map(({ materialId, massG }) => ({
    materialId,
    massG: massG * (1 - share),
  }));
  bowls[2].push(...taken);
}

/**
 * What is still to come into a bowl by the steps ahead: lines of the main mix not weighed yet, the acid among them.
 * What was skipped does not come.
 */
export function mixToCome(batch: Batch, bowl: BowlNumber = 1): readonly MaterialMass[] {
  const mainLines = new Set(batch.body.parts[0]?.lines.map((line) => line.id) ?? []);
  const settled = new Set(
    batch.entries
      .filter(
        ({ kind, voidedAt }) =>
          voidedAt === null && (kind === 'weighed' || kind === 'skipped' || kind === 'done'),
      )
      .map(({ stepId }) => stepId),
  );
  return batch.steps.flatMap((step) => {
    if (step.kind === 'spray') return settled.has(step.id) ? [] : stillSprayed(batch, step, bowl);
    if (step.kind !== 'weigh' || settled.has(step.id)) return [];
    const into = step.vessel === 'second-bowl' ? 2 : mainLines.has(step.lineId) ? 1 : null;
    if (into !== bowl) return [];
    const { premix, materialId, targetG } = step;
    const share = premix?.strengthFraction ?? 1;
    return [
      { materialId, massG: targetG * share },
      ...(premix ? [{ materialId: premix.carrierId, massG: targetG * (1 - share) }] : []),
    ];
  });
}

/** What the recipe sprays, less what was sprayed already. */
function stillSprayed(
  batch: Batch,
  { lineId, materialId, targetG = 0, bowl: into }: StepOf<'spray'>,
  bowl: BowlNumber,
): readonly MaterialMass[] {
  if (lineId === undefined || bowl !== (into ?? 1)) return [];
  const sprayedG = standing(batch, 'added').reduce(
    (sum, entry) => (entry.lineId === lineId ? sum + entry.massG : sum),
    0,
  );
  return sprayedG < targetG ? [{ materialId, massG: targetG - sprayedG }] : [];
}
