import type { FormulaBody, Line, Part } from '@/core/formula/model/schema';
import type { LotUse, WeighStep } from '../bench-steps/stepSchema';
import type { Catalog } from '@/core/matter/materials/catalog';
import type { Material } from '@/core/matter/materials/material';
import type { PlannedLine } from '../scaling/planLines';
import type { PlannedSet } from '../scaling/plan';
import { scaleFor, type BenchScale } from '../weighing/scales';
import { toleranceG } from '../weighing/tolerance';
import { laneOf } from './lane';
import { isSetFat } from './routes';
import type { Operation } from './types';

import { thePart } from '@/core/formula/model/messages';

/** Lots by line id, in the order they are taken from. */
export type LotsByLine = Readonly<Record<string, readonly (LotUse & { readonly code: string })[]>>;

/** What the bench has to know beside the lines: the materials, one piece as it leaves the press, and the scales that stand there. */
export interface BenchFacts {
  readonly catalog: Catalog;
  readonly pieceG: number;
  readonly pieces: number;
  /** Mold by mold, where there is more than one; else the pieces and grams above. */
  readonly sets?: readonly PlannedSet[];
  /** Step of the scale the pieces are filled on. */
  readonly stepG: number;
  /** For what is weighed for two bowls at once; left out, the coarser of the two planned steps. */
  readonly scales?: readonly BenchScale[];
  /** Name and cavities of a mold of the shelf; left out while none stands on it. */
  readonly shelfMold?: (moldId: string) => ShelvedMold | null;
  /** Grams a squirt of a liquid gives, from the maker's own sprayers. */
  readonly squirtG?: (materialId: string) => number;
}

/** What the bench knows of a mold of the shelf. */
export interface ShelvedMold {
  readonly name: string;
  readonly cavities: number;
}

export interface Weighing {
  readonly plans: ReadonlyMap<string, PlannedLine>;
  readonly lots: LotsByLine;
  readonly bench: BenchFacts;
  readonly materialOf: (line: Line) => Material;
  readonly body: FormulaBody;
}

type VesselKind = Operation['vessel']['kind'];

/** The screen that weighs a line, with the line of a second color where both are weighed at once. */
export function weighStep(
  operation: Operation,
  line: Line,
  twin: Line | undefined,
  { plans, lots, bench, materialOf, body }: Weighing,
): WeighStep {
  const plan = plans.get(line.id);
  const twinPlan = twin && plans.get(twin.id);
  const ownG = plan?.weighG ?? line.massG;
  const twinG = twin ? (twinPlan?.weighG ?? twin.massG) : 0;
  const targetG = ownG + twinG;
  const stepG = twinPlan
    ? stepFor(targetG, bench.scales ?? [], Math.max(plan?.stepG ?? 0.1, twinPlan.stepG))
    : (plan?.stepG ?? 0.1);
  const material = materialOf(line);
  const into = intoWords(operation, line, body);
  return {
    id: operation.id,
    lane: laneOf(operation, body),
    kind: 'weigh',
    title:
      isSetFat(material) && operation.vessel.kind !== 'pan'
        ? `${material.name}, melted`
        : material.name,
    note: plan?.premix ? `as premix ${plan.premix.code}, ${into}` : into,
    lineId: line.id,
    materialId: line.materialId,
    vessel: operation.vessel.kind,
    targetG,
    toleranceG: toleranceG(targetG, stepG),
    stepG,
    counted: plan?.counted ? { how: plan.counted.how, count: plan.counted.count } : null,
    premix: plan?.premix
      ? {
          lotId: plan.premix.lotId,
          code: plan.premix.code,
          strengthFraction: plan.premix.strengthFraction,
          carrierId: plan.premix.carrierId,
        }
      : null,
    lots: joined([...(lots[line.id] ?? []), ...(twin ? (lots[twin.id] ?? []) : [])]),
    ...(twin &&
      targetG > 0 && {
        shares: [
          { lineId: line.id, fraction: ownG / targetG },
          { lineId: twin.id, fraction: twinG / targetG },
        ],
      }),
  };
}

/** Where it goes, and for what. */
function intoWords(
  { vessel, partId, isLater }: Operation,
  { how }: Line,
  body: FormulaBody,
): string {
  const part = body.parts.find(({ id }) => id === partId);
  const isOwn = part && part !== body.parts[0];
  if (part && isOwn) return intoOwn(vessel.kind, part, isLater ?? false);
  if (vessel.kind !== 'dish') return INTO[vessel.kind];
  if (how === 'on-the-floor') return 'into a dish, for the floor of the mold';
  // The powders of loose salts wait in a dish until the salts have soaked.
  return body.method === 'loose' ? 'into a dish, to wait' : INTO.dish;
}

const INTO: Readonly<Record<VesselKind, string>> = {
  bowl: 'into the bowl',
  'second-bowl': 'into the second bowl',
  dish: 'into a dish, for the top',
  cup: 'into a cup',
  pan: 'into the pan',
  jar: 'into a jar, to wait',
  beaker: 'into the wet beaker',
  'spray-bottle': 'into the spray bottle',
  mold: 'into the mold',
  tray: 'onto the tray',
};

/** Where it goes for a section beside the main mix. */
function intoOwn(kind: VesselKind, part: Part, isLater: boolean): string {
  const name = thePart(part);
  switch (kind) {
    case 'dish': {
      const dish = part.kind === 'paint' ? 'into a jar with a lid' : 'into its own dish';
      return isLater ? `${dish}, for ${name}, when the pieces are ready` : `${dish}, for ${name}`;
    }
    case 'cup':
      return `into a cup, for ${name}`;
    case 'pan':
      return `into the pan, for ${name}`;
    case 'jar':
      return `into a jar, to wait, for ${name}`;
    case 'beaker':
      return `into a small beaker, for ${name}`;
    case 'spray-bottle':
      return `into the spray bottle, for ${name}`;
    default:
      return INTO[kind];
  }
}

/** Two lines on one pan may want a scale that carries more. */
function stepFor(targetG: number, scales: readonly BenchScale[], planned: number): number {
  return scales.length > 0 ? scaleFor(targetG, scales).stepG : planned;
}

/** Each lot once, with all that is taken off it. */
function joined(uses: LotsByLine[string]): WeighStep['lots'] {
  const byLot = new Map<string, WeighStep['lots'][number]>();
  for (const use of uses) {
    const known = byLot.get(use.lotId);
    byLot.set(use.lotId, { ...use, massG: use.massG + (known?.massG ?? 0) });
  }
  return [...byLot.values()];
}
