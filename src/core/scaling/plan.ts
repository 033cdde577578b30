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
import { materialsUsed } from './used';
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
/** Rounds of asking anew; the mix moves further each time, as spoons and steps may round back. */
const MOST_ROUNDS = 8;
/** Two weights this near are the same. */
const SAME = 1e-9;

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
  let bowlCount = holdsG === null ? 1 : Math.max(1, Math.ceil((wanted * share) / holdsG - 1e-9));
  if (bowlCount > MOST_BOWLS)
    return failed(
      'too-many-bowls',
      `That fills the mixer ${formatCount(bowlCount)} times; one plan may hold ${MOST_BOWLS} bowls.`,
    );
  let askedG = wanted;
  let poured = pour(body, askedG, bowlCount, request, means);
  // Weights come in the scale's steps: what they bring too much or too little is asked for anew.
  for (let round = 1; round <= MOST_ROUNDS; round++) {
    const tooFull = holdsG !== null && poured.bowlG * share > holdsG * (1 + SAME);
    if (tooFull && bowlCount < MOST_BOWLS && !isByBowl(request)) bowlCount++;
    else {
      const off = offBy(request, poured, {
        pieceG: piece.best,
        kept,
        bowlMostG: holdsG === null ? Infinity : holdsG / share,
      });
      if (off === 0) break;
      const stepG = Math.max(...poured.lines.map((line) => line.stepG));
      askedG += Math.sign(off) * Math.max(Math.abs(off) * askedG, (round * stepG) / 2);
    }
    poured = pour(body, askedG, bowlCount, request, means);
  }
  const factor = askedG / formulaG;
  const { lines, carrierOverG, bowlG, totalG, ...readings } = poured;
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

interface Poured extends ReturnType<typeof planLines> {
  readonly bowlCount: number;
  readonly bowlG: number;
  readonly totalG: number;
}

/** The weights of so much mix in so many bowls. */
function pour(
  body: FormulaBody,
  askedG: number,
  bowlCount: number,
  request: ScaleRequest,
  means: Means,
): Poured {
  const planned = planLines(body, askedG / totalMassG(body) / bowlCount, request, means);
  const bowlG = planned.lines.reduce((sum, { weighG }) => sum + weighG, 0);
  return { ...planned, bowlCount, bowlG, totalG: bowlG * bowlCount };
}

/** Is it the mix that gives way, and not the number of bowls? */
function isByBowl({ want }: ScaleRequest): boolean {
  return want.kind === 'bowls' || want.kind === 'use-up';
}

/** Share by which the mix must grow or shrink, so that promised pieces are whole, no bowl runs over and no more is used up than there is; 0 when it holds. */
function offBy(
  { want }: ScaleRequest,
  poured: Poured,
  {
    pieceG,
    kept,
    bowlMostG,
  }: { readonly pieceG: number; readonly kept: number; readonly bowlMostG: number },
): number {
  switch (want.kind) {
    case 'pieces':
      return short(want.count * pieceG, poured.totalG * kept);
    case 'bowls':
      return -short(poured.bowlG, bowlMostG);
    case 'use-up': {
      const usedG = materialsUsed(poured).reduce(
        (sum, { materialId, massG }) => (materialId === want.materialId ? sum + massG : sum),
        0,
      );
      return -short(usedG, want.massG);
    }
    case 'total':
      return 0;
  }
}

/** Share by which there is less than there must be; 0 when there is enough. */
function short(mustG: number, isG: number): number {
  return mustG > isG * (1 + SAME) ? mustG / isG - 1 : 0;
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
