import type { VesselKind } from '@/core/formula/model/kinds';
import type { FormulaBody, Line } from '@/core/formula/model/schema';
import { allLines } from '@/core/formula/model/edit';
import { materialById, type Catalog } from '@/core/matter/materials/catalog';
import type { Material } from '@/core/matter/materials/material';
import { laneOf } from './lane';
import { partedBowl } from './split';
import type { WorkFacts } from './types';
import { heldIn, vesselKey, walk, type Held } from './walk';
import { workOf } from './workOf';

/** So much of a material in a vessel. */
export interface InVessel {
  readonly material: Material;
  readonly massG: number;
}

/** What stands before the hands at one step. */
export interface VesselAt {
  readonly vessel: VesselKind;
  /** As the vessel is called: `bowl`, `Embed, dish`. */
  readonly name: string;
  /** What is poured into it; null where nothing is. */
  readonly from: VesselKind | null;
  /** Heaviest first. */
  readonly inside: readonly InVessel[];
  /** What goes in next, heaviest first. */
  readonly coming: readonly InVessel[];
  /** Of hands. */
  readonly minutes: number;
}

/**
 * The vessel of a step with what is in it and what goes in, in grams as weighed.
 * @param opId the step, by the name it has in the work
 * @returns null for a step that the work of this formula does not know, or with nothing in any vessel
 */
export function vesselAt(
  body: FormulaBody,
  facts: WorkFacts,
  opId: string,
  catalog: Catalog,
): VesselAt | null {
  const { moments } = walk(workOf(body, facts).operations, body, catalog);
  const at = moments.findIndex(({ operation }) => operation.id === opId);
  const moment = moments[at];
  if (!moment) return null;
  const { operation, before } = moment;
  // Of what lay in the bowl when it was parted, each bowl has its share.
  const partedAt = moments.findIndex(({ operation: { op } }) => op === 'part');
  const parting = moments[partedAt];
  const isAfter = parting !== undefined && partedAt < at;
  const shared = new Set(
    isAfter ? heldIn(parting.before, parting.operation.from).map(({ line }) => line.id) : [],
  );
  const share = partedBowl(body, facts)?.share ?? 0.5;
  const gramsOf = ({ id, massG }: Line) => facts.weighG.get(id) ?? massG;
  const sums = (held: readonly Held[], kind: VesselKind): readonly InVessel[] => {
    const own = kind === 'second-bowl' ? share : 1 - share;
    const grams = new Map<string, number>();
    for (const { line } of held)
      grams.set(
        line.materialId,
        (grams.get(line.materialId) ?? 0) + gramsOf(line) * (shared.has(line.id) ? own : 1),
      );
    return [...grams]
      .map(([materialId, massG]) => ({ material: materialById(catalog, materialId), massG }))
      .filter(({ massG }) => massG > 0)
      .sort((a, b) => b.massG - a.massG);
  };
  const { kind } = operation.vessel;
  const inside = sums(heldIn(before, operation.vessel), kind);
  const isPoured =
    operation.from !== null && vesselKey(operation.from) !== vesselKey(operation.vessel);
  const laid = allLines(body).filter(({ id }) => operation.lineIds.includes(id));
  const coming =
    operation.op === 'lay' || operation.op === 'top'
      ? sums(laid.map(asHeld(catalog)), kind)
      : isPoured && operation.from
        ? sums(heldIn(before, operation.from), operation.from.kind)
        : [];
  if (inside.length + coming.length === 0) return null;
  return {
    vessel: kind,
    name: laneOf(operation, body),
    from: isPoured ? (operation.from?.kind ?? null) : null,
    inside,
    coming,
    minutes: operation.minutes,
  };
}

const asHeld =
  (catalog: Catalog) =>
  (line: Line): Held => ({
    line,
    material: materialById(catalog, line.materialId),
    isMelted: false,
    isDissolved: false,
    isBloomed: false,
  });
