import { z } from 'zod';
import { fizzBalance } from '../chemistry';
import { allLines, totalMassG, type FormulaBody, type Line, type Method } from '../formula';
import { reactantsOf } from '../materials';
import { moldSchema, moldVolumeMl, type Mold } from './molds';
import { packedDensityGMl } from './packedDensity';
import { isBelowHonestMinimum, roundToStep } from '../weighing';

export const wantSchema = z.discriminatedUnion('kind', [
  z.object({ kind: z.literal('pieces'), count: z.int().min(1).max(10_000) }),
  z.object({ kind: z.literal('total'), massG: z.number().min(1).max(1_000_000) }),
]);
export type Want = z.infer<typeof wantSchema>;

export const scaleRequestSchema = z.object({
  want: wantSchema,
  mold: moldSchema,
  /** Step of the scale in grams. */
  scaleStepG: z.number().min(0.001).max(100),
  /** Share of the mix that stays in the bowl, on the press and on the glove, in %. */
  lossPct: z.number().min(0).max(50),
});
export type ScaleRequest = z.infer<typeof scaleRequestSchema>;

/** What is asked for until the maker asks for something else: a dozen 70 mm spheres on a 0.1 g scale. */
export const USUAL_REQUEST: ScaleRequest = {
  want: { kind: 'pieces', count: 12 },
  mold: { shape: 'sphere', diameterMm: 70 },
  scaleStepG: 0.1,
  lossPct: 2,
};

/** Grams of a piece in this mold by this way of forming, until own fills are weighed. */
export function usualPieceG(mold: Mold, method: Method): number {
  return moldVolumeMl(mold) * packedDensityGMl(method).best;
}

export interface PlannedLine {
  readonly lineId: string;
  readonly partId: string;
  readonly materialId: string;
  /** What the scaling asks for, unrounded. */
  readonly exactG: number;
  /** What the scale can show. */
  readonly targetG: number;
  /** (target - exact) / exact in %. */
  readonly errorPct: number;
  /** Too small for this scale: a finer one, drops or a premix. */
  readonly needsFinerScale: boolean;
}

export interface ScalePlan {
  readonly factor: number;
  readonly lines: readonly PlannedLine[];
  readonly totalG: number;
  readonly pieceG: number;
  /** Lightest and heaviest piece this way of forming usually gives. */
  readonly pieceLowG: number;
  readonly pieceHighG: number;
  readonly pieces: number;
  readonly leftoverG: number;
  readonly ratioBefore: number | null;
  readonly ratioAfter: number | null;
}

export type PlanResult =
  | { readonly ok: true; readonly plan: ScalePlan }
  | {
      readonly ok: false;
      readonly problem: { readonly code: PlanProblem; readonly message: string };
    };
export type PlanProblem = 'nothing-to-scale' | 'less-than-a-piece' | 'too-much';

const MAX_BATCH_G = 1_000_000;

/**
 * Scales a formula to pieces or to a total, and rounds each line to the scale's step.
 * Total for n pieces = n x mold volume x packed density / (1 - loss); every part scales by the same factor.
 * @returns the plan, or why there is none
 */
export function planScale(body: FormulaBody, request: ScaleRequest): PlanResult {
  const formulaG = totalMassG(body);
  if (!(formulaG > 0))
    return failed('nothing-to-scale', 'The formula weighs nothing yet: add a material first.');
  const density = packedDensityGMl(body.method);
  const volumeMl = moldVolumeMl(request.mold);
  const pieceG = usualPieceG(request.mold, body.method);
  const kept = 1 - request.lossPct / 100;
  const wantedG =
    request.want.kind === 'total' ? request.want.massG : (request.want.count * pieceG) / kept;
  if (wantedG > MAX_BATCH_G)
    return failed(
      'too-much',
      `That is ${Math.round(wantedG / 1000).toLocaleString('en-US')} kg; one plan may hold 1,000 kg.`,
    );
  const factor = wantedG / formulaG;
  const lines = body.parts.flatMap((part) =>
    part.lines.map((line) => planLine(line, part.id, factor, request.scaleStepG)),
  );
  const totalG = lines.reduce((sum, line) => sum + line.targetG, 0);
  const pieces =
    request.want.kind === 'pieces'
      ? request.want.count
      : Math.floor((totalG * kept) / pieceG + 1e-9);
  if (pieces < 1)
    return failed(
      'less-than-a-piece',
      `${totalG.toFixed(0)} g of mix is less than one piece of ${pieceG.toFixed(0)} g in this mold: want more, or take a smaller mold.`,
    );
  return {
    ok: true,
    plan: {
      factor,
      lines,
      totalG,
      pieceG,
      pieceLowG: volumeMl * density.low,
      pieceHighG: volumeMl * density.high,
      pieces,
      leftoverG: Math.max(0, totalG * kept - pieces * pieceG),
      ratioBefore: ratioOf(allLines(body)),
      ratioAfter: ratioOf(
        lines.map((line) => ({ materialId: line.materialId, massG: line.targetG })),
      ),
    },
  };
}

function planLine(line: Line, partId: string, factor: number, stepG: number): PlannedLine {
  const exactG = line.massG * factor;
  const targetG = roundToStep(exactG, stepG);
  return {
    lineId: line.id,
    partId,
    materialId: line.materialId,
    exactG,
    targetG,
    errorPct: exactG > 0 ? (100 * (targetG - exactG)) / exactG : 0,
    needsFinerScale: exactG > 0 && isBelowHonestMinimum(exactG, stepG),
  };
}

const ROOM_TEMP_C = 20;

function ratioOf(lines: ReadonlyArray<{ materialId: string; massG: number }>): number | null {
  return fizzBalance(reactantsOf(lines), ROOM_TEMP_C).sodaToAcidByMass;
}

function failed(code: PlanProblem, message: string): PlanResult {
  return { ok: false, problem: { code, message } };
}
