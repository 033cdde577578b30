import { portionsOf, type MaterialMass } from '@/core/matter/materials/portion';
import { reactantsOf } from '@/core/matter/materials/reactants';
import type { Catalog } from '@/core/matter/materials/catalog';
import { fizzBalance } from '@/core/matter/chemistry/stoichiometry';
import type { LotUse } from '@/core/work/bench-steps/stepSchema';
import { contentsOf, sharesOf } from './weighed';
import type { Batch, BatchEntry, EntryKind, EntryOf } from './schema';
import type { WeighedBy } from './kinds';

/** Entries of one kind that have not been struck, oldest first. */
export function standing<K extends EntryKind>(batch: Batch, kind: K): readonly EntryOf<K>[] {
  return batch.entries.filter(
    (entry: BatchEntry): entry is EntryOf<K> => entry.kind === kind && entry.voidedAt === null,
  );
}

export interface WeighedLine {
  readonly lineId: string;
  readonly partId: string;
  readonly materialId: string;
  readonly exactG: number;
  readonly targetG: number;
  /** What was really weighed, or null when it was not. */
  readonly massG: number | null;
  readonly at: string | null;
  readonly by: WeighedBy | null;
  readonly lots: readonly LotUse[];
  /** Step of the scale it was planned for. */
  readonly stepG: number;
}

/** Planned beside weighed, line by line in the order of the formula; what was weighed twice counts together. */
export function weighedLines(batch: Batch): readonly WeighedLine[] {
  const weighed = standing(batch, 'weighed').flatMap((entry) =>
    sharesOf(entry).map(({ lineId, fraction }) => ({ entry, lineId, fraction })),
  );
  const sprayed = standing(batch, 'added').flatMap((entry) => {
    const step = batch.steps.find(({ id }) => id === entry.stepId);
    const shares = step?.kind === 'spray' ? step.shares : undefined;
    const isOfStep = shares?.some(({ lineId }) => lineId === entry.lineId) ?? false;
    const of = isOfStep && shares ? shares : [{ lineId: entry.lineId, fraction: 1 }];
    return of.map(({ lineId, fraction }) => ({
      lineId,
      at: entry.at,
      massG: entry.massG * fraction,
      lots: (entry.lots ?? []).map((use) => ({ ...use, massG: use.massG * fraction })),
    }));
  });
  return batch.plan.lines.map(({ lineId, partId, materialId, exactG, targetG, stepG }) => {
    const own = weighed.filter((one) => one.lineId === lineId);
    const sprays = sprayed.flatMap((one) => (one.lineId === lineId ? [one] : []));
    const last = own.at(-1)?.entry;
    const lastSpray = sprays.at(-1);
    return {
      lineId,
      partId,
      materialId,
      exactG,
      targetG,
      massG:
        last || lastSpray
          ? own.reduce((sum, { entry, fraction }) => sum + entry.massG * fraction, 0) +
            sprays.reduce((sum, { massG }) => sum + massG, 0)
          : null,
      at: last?.at ?? lastSpray?.at ?? null,
      by: last?.by ?? null,
      lots: [
        ...own.flatMap(({ entry, fraction }) =>
          (entry.lots ?? []).map(({ lotId, massG }) => ({ lotId, massG: massG * fraction })),
        ),
        ...sprays.flatMap(({ lots }) => lots),
      ],
      stepG,
    };
  });
}

const ROOM_TEMP_C = 20;

/** Soda to acid by mass as it was weighed; null without acid. */
export function weighedRatio(batch: Batch, catalog: Catalog): number | null {
  const contents = portionsOf(catalog, everythingIn(batch));
  return fizzBalance(reactantsOf(contents), ROOM_TEMP_C).sodaToAcidByMass;
}

/** Everything weighed and added, in grams. */
export function weighedTotalG(batch: Batch): number {
  return everythingIn(batch).reduce((sum, { massG }) => sum + massG, 0);
}

function everythingIn(batch: Batch): readonly MaterialMass[] {
  return [...standing(batch, 'weighed'), ...standing(batch, 'added')].flatMap(contentsOf);
}

/** Grams of a piece on the mean over all molds of the batch. */
export function meanPieceG({
  plan,
}: {
  readonly plan: Pick<Batch['plan'], 'sets' | 'pieces' | 'pieceG'>;
}): number {
  const sets = plan.sets ?? [{ pieces: plan.pieces, pieceG: plan.pieceG }];
  const pieces = sets.reduce((sum, set) => sum + set.pieces, 0);
  return pieces > 0
    ? sets.reduce((sum, set) => sum + set.pieces * set.pieceG, 0) / pieces
    : plan.pieceG;
}

/** Mini pieces the plan presses from what is left. */
export function plannedSamplers({ plan }: Batch): number {
  return (plan.sets ?? []).reduce((sum, set) => (set.isSampler ? sum + set.pieces : sum), 0);
}

/** Pieces pressed one by one, samplers left out: those come from screens of their own. */
export function pressedPieces(batch: Batch): number {
  const minis = new Set(
    batch.steps.flatMap((step) => (step.kind === 'press' && step.isSampler ? [step.id] : [])),
  );
  return standing(batch, 'filled').filter(({ stepId }) => !minis.has(stepId)).length;
}

/** The newest room reading of the batch. */
export function roomOf(batch: Batch): EntryOf<'room'> | null {
  return standing(batch, 'room').at(-1) ?? null;
}

/** Whole pieces counted, or null before the count. */
export function countOf(batch: Batch): EntryOf<'counted'> | null {
  return standing(batch, 'counted').at(-1) ?? null;
}

/** The newest squeeze of a step that was too dry or too wet and that nothing was added for since; null when none waits. */
export function openSqueeze(batch: Batch, stepId: string): EntryOf<'squeezed'> | null {
  const here = batch.entries.filter(
    (entry) =>
      entry.stepId === stepId &&
      entry.voidedAt === null &&
      (entry.kind === 'squeezed' || entry.kind === 'added'),
  );
  const last = here.at(-1);
  return last?.kind === 'squeezed' && last.felt !== 'right' ? last : null;
}
