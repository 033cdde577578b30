import { totalMassG, type FormulaBody, type Method } from '../formula';
import { materialById, type Catalog } from '../materials';
import type { Spread } from '../units';
import { bowlHoldsG, largestShare } from './bowls';
import type { Means } from './means';
import { NO_MEANS } from './means';
import type { MixReadings } from './mixReadings';
import { moldVolumeMl, type Mold } from './molds';
import { packedDensityGMl } from './packedDensity';
import { planLines, type PlannedLine } from './planLines';
import type { ScaleRequest } from './request';
import { formatCount } from '../words';

/** Grams of a piece in this mold by this way of forming, until own fills are weighed. */
export function usualPieceG(mold: Mold, method: Method): number {
  return moldVolumeMl(mold) * packedDensityGMl(method).best;
}

export interface ScalePlan {
  /** Of all bowls together against the formula. */
  readonly factor: number;
  /** What goes into one bowl. */
  readonly lines: readonly PlannedLine[];
  readonly bowlCount: number;
  readonly bowlG: number;
  /** Most the mixer's bowl holds of this mix; null without a mixer. */
  readonly bowlHoldsG: number | null;
  /** All bowls together. */
  readonly totalG: number;
  readonly pieceG: number;
  /** Lightest and heaviest piece this way of forming usually gives. */
  readonly pieceLowG: number;
  readonly pieceHighG: number;
  readonly pieces: number;
  readonly leftoverG: number;
  /** Grams that stay in the bowl, on the press and on the glove. */
  readonly lostG: number;
  readonly readings: {
    readonly wanted: MixReadings;
    readonly planned: MixReadings;
    readonly roundedAlone: MixReadings;
  };
  readonly carrierOverG: number;
}

export type PlanResult =
  | { readonly ok: true; readonly plan: ScalePlan }
  | {
      readonly ok: false;
      readonly problem: { readonly code: PlanProblem; readonly message: string };
    };
export type PlanProblem =
  | 'nothing-to-scale'
  | 'less-than-a-piece'
  | 'too-much'
  | 'no-mixer'
  | 'not-in-it'
  | 'too-many-bowls';

const MAX_BATCH_G = 1_000_000;
const MOST_BOWLS = 100;

/**
 * Scales a formula to what is wanted and plans its weights. Every part scales by the same factor.
 *
 * total for n pieces = n x grams a piece / (1 - loss); grams a piece = fill weight, or mold volume x packed density
 * @returns the plan, or why there is none
 */
export function planScale(
  body: FormulaBody,
  request: ScaleRequest,
  means: Means = NO_MEANS,
): PlanResult {
  const formulaG = totalMassG(body);
  if (!(formulaG > 0))
    return failed('nothing-to-scale', 'The formula weighs nothing yet: add a material first.');
  const piece = pieceOf(body.method, request, means.packedGMl);
  const kept = 1 - request.lossPct / 100;
  const holdsG = means.bowlL === null ? null : bowlHoldsG(body, means.bowlL, means.catalog);
  const wanted = wantedG(body, request, piece.best / kept, holdsG, means.catalog);
  if (typeof wanted !== 'number') return wanted;
  if (wanted > MAX_BATCH_G)
    return failed(
      'too-much',
      `That is ${formatCount(Math.round(wanted / 1000))} kg; one plan may hold 1,000 kg.`,
    );
  const share = largestShare(body, request.bowls);
  const bowlCount = holdsG === null ? 1 : Math.max(1, Math.ceil((wanted * share) / holdsG - 1e-9));
  if (bowlCount > MOST_BOWLS)
    return failed(
      'too-many-bowls',
      `That fills the mixer ${formatCount(bowlCount)} times; one plan may hold ${MOST_BOWLS} bowls.`,
    );
  const factor = wanted / formulaG;
  const { lines, carrierOverG, ...readings } = planLines(body, factor / bowlCount, request, means);
  const bowlG = lines.reduce((sum, { weighG }) => sum + weighG, 0);
  const totalG = bowlG * bowlCount;
  const pieces =
    request.want.kind === 'pieces'
      ? request.want.count
      : Math.floor((totalG * kept) / piece.best + 1e-9);
  if (pieces < 1)
    return failed(
      'less-than-a-piece',
      `${totalG.toFixed(0)} g of mix is less than one piece of ${piece.best.toFixed(0)} g in this mold: want more, or take a smaller mold.`,
    );
  return {
    ok: true,
    plan: {
      factor,
      lines,
      bowlCount,
      bowlG,
      bowlHoldsG: holdsG,
      totalG,
      pieceG: piece.best,
      pieceLowG: piece.low,
      pieceHighG: piece.high,
      pieces,
      leftoverG: Math.max(0, totalG * kept - pieces * piece.best),
      lostG: totalG * (1 - kept),
      readings,
      carrierOverG,
    },
  };
}

/** Grams of a piece: what it is filled to, or what the mold holds. */
function pieceOf(method: Method, { mold, fillG }: ScaleRequest, packedGMl: Spread | null): Spread {
  if (fillG !== null) return { low: fillG, best: fillG, high: fillG };
  const density = packedGMl ?? packedDensityGMl(method);
  const volumeMl = moldVolumeMl(mold);
  return {
    low: volumeMl * density.low,
    best: volumeMl * density.best,
    high: volumeMl * density.high,
  };
}

/** Grams of the whole mix, or why there are none. */
function wantedG(
  body: FormulaBody,
  { want, bowls }: ScaleRequest,
  mixPerPieceG: number,
  holdsG: number | null,
  catalog: Catalog,
): number | PlanResult {
  switch (want.kind) {
    case 'pieces':
      return want.count * mixPerPieceG;
    case 'total':
      return want.massG;
    case 'bowls':
      if (holdsG === null)
        return failed(
          'no-mixer',
          'No mixer stands on the shelf, so a bowl has no size: add one under Shelf, Tools.',
        );
      return (want.count * holdsG) / largestShare(body, bowls);
    case 'use-up': {
      const inIt = body.parts
        .flatMap((part) => part.lines)
        .reduce((sum, line) => (line.materialId === want.materialId ? sum + line.massG : sum), 0);
      return inIt > 0
        ? (totalMassG(body) * want.massG) / inIt
        : failed(
            'not-in-it',
            `There is no ${materialById(catalog, want.materialId).name.toLowerCase()} in this formula to use up.`,
          );
    }
  }
}

function failed(code: PlanProblem, message: string): PlanResult & { readonly ok: false } {
  return { ok: false, problem: { code, message } };
}
