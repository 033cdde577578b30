import type { MaterialMass } from '../binder';
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
      step.kind === 'weigh' && step.vessel === 'second bowl' ? [step.id] : [],
    ),
  );
  const bowls: Record<BowlNumber, MaterialMass[]> = { 1: [], 2: [] };
  for (const entry of batch.entries.filter(({ struckAt }) => struckAt === null)) {
    if (entry.kind === 'split') partBowls(bowls, entry.share);
    else if (entry.kind === 'weighed' || entry.kind === 'added') {
      const into = bowlOf(entry, secondSteps, mainLines);
      if (into) bowls[into].push(...contentsOf(entry));
    }
  }
  return bowls[bowl];
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
