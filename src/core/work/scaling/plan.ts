import { isInside, partG } from '@/core/formula/model/parts';
import { totalMassG } from '@/core/formula/model/edit';
import type { FormulaBody, Method, Part } from '@/core/formula/model/schema';
import type { Spread } from '@/core/basics/units/spread';
import { bowlHoldsG, largestShare } from './bowls';
import type { Means } from './means';
import { NO_MEANS } from './means';
import type { MixReadings } from '@/core/results/binder/mixReadings';
import { moldVolumeMl, LEAST_G_PER_ML, MOST_G_PER_ML, canBePacked } from './molds';
import type { Mold } from './moldSchema';
import { packedDensityGMl } from '@/core/results/fizz/packedDensity';
import { planLines, type PlannedLine } from './planLines';
import type { MoldSet, ScaleRequest } from './requestSchema';
import { materialsUsed } from './used';
import { formatCount, formatFixed } from '@/core/basics/format/numbers';
import { formatMass, formatMilliliters } from '@/core/basics/format/quantities';
import {
  amountsOf,
  othersG,
  ownTopsG,
  piecesAt,
  pouredG,
  topG,
  wantedFactor,
  type Ask,
  type WantProblem,
} from './wanted';

/** So many pieces of one mold. */
export interface PlannedSet {
  readonly mold: Mold;
  /** The mold of the shelf; null for one by its measures. */
  readonly moldId: string | null;
  readonly pieces: number;
  readonly pieceG: number;
  /** What a finished piece weighs with what is on it; drying takes the alcohol off. */
  readonly netG: number;
  /** Made of what is left after the others. */
  readonly isSampler: boolean;
  /** Samplers that were asked for, where what is left does not give so many. */
  readonly askedPieces?: number;
}

export interface ScalePlan {
  /** Of all bowls together against the formula, for what is a share of the mix. */
  readonly factor: number;
  /** What goes into one bowl. */
  readonly lines: readonly PlannedLine[];
  readonly bowlCount: number;
  readonly bowlG: number;
  /** Most the mixer's bowl holds of this mix; null without a mixer. */
  readonly bowlHoldsG: number | null;
  /** All bowls together. */
  readonly totalG: number;
  /** Of it, what goes on the pieces and not into the mold: icing, topping, paint. */
  readonly outsideG: number;
  readonly pieceG: number;
  /** Lightest and heaviest piece this way of forming usually gives. */
  readonly pieceLowG: number;
  readonly pieceHighG: number;
  /** Of all molds together, samplers left out. */
  readonly pieces: number;
  /** Mold by mold; the first is the one the request names. */
  readonly sets: readonly PlannedSet[];
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
  WantProblem | 'less-than-a-piece' | 'too-much' | 'too-many-bowls' | 'cannot-be-packed';

const MAX_BATCH_G = 1_000_000;
const MOST_BOWLS = 100;
/** Rounds of asking again; the mix moves further each time, as spoons and steps may round back. */
const MOST_ROUNDS = 8;
/** Two weights this near are the same. */
const SAME = 1e-9;

/**
 * Scales a formula to what is wanted and plans its weights. What is a share of the mix scales together; parts in grams
 * a piece go by the pieces; icing, toppings and paint are outside the mold and outside the pressed weight.
 *
 * inside for n pieces = n x grams a piece / (1 - loss); grams a piece = fill weight, or mold volume x packed density
 * @returns the plan, or why there is none
 */
export function planScale(
  body: FormulaBody,
  request: ScaleRequest,
  means: Means = NO_MEANS,
): PlanResult {
  if (!(totalMassG(body) > 0))
    return failed('nothing-to-scale', 'The formula is empty. Add a material first.');
  const unfit = packingProblem(request);
  if (unfit !== null) return failed('cannot-be-packed', unfit);
  const piece = pieceOf(body.method, request, means.packedGMl);
  const kept = 1 - request.lossPct / 100;
  const others = (request.more ?? []).map((set) => ({
    ...set,
    pieceG: pieceOf(body.method, set, means.packedGMl).best,
  }));
  const paid = others.filter(({ isSampler }) => !isSampler);
  const ask = { body, request, means, amounts: amountsOf(body), kept, pieceG: piece.best, paid };
  const holdsG = means.bowlL === null ? null : bowlHoldsG(body, means.bowlL, means.catalog);
  const wanted = wantedFactor(ask, holdsG);
  if (!wanted.ok) return failed(wanted.code, wanted.message);
  const wantedG = pouredG(ask, wanted.factor);
  if (wantedG > MAX_BATCH_G)
    return failed(
      'too-much',
      `That is ${formatCount(Math.round(wantedG / 1000))} kg. A plan holds up to 1,000 kg. Plan less.`,
    );
  const share = largestShare(body, request.bowls);
  const bowls = holdsG === null ? 1 : Math.max(1, Math.ceil((wantedG * share) / holdsG - 1e-9));
  if (bowls > MOST_BOWLS)
    return failed(
      'too-many-bowls',
      `That fills the mixer ${formatCount(bowls)} times. A plan holds up to ${MOST_BOWLS} bowls. Plan less.`,
    );
  const mostG = holdsG === null ? Infinity : holdsG / share;
  const { poured, factor } = settled(ask, wanted.factor, bowls, mostG);
  const first = firstPieces(ask, poured.insideG);
  if (first < 1)
    return failed(
      'less-than-a-piece',
      `${formatMass(poured.insideG)} of mix is less than one piece of ${formatMass(piece.best)} in this mold. Plan more, or choose a smaller mold.`,
    );
  const leftG = poured.insideG * kept - first * piece.best - othersG(ask);
  const filled = [
    {
      mold: request.mold,
      moldId: request.moldId,
      pieces: first,
      pieceG: piece.best,
      isSampler: false,
    },
    ...fromTheRest(others, leftG),
  ];
  const sets = withNet(body, filled, poured.outsideShareG);
  const pressedG = sets.reduce((sum, { pieces, pieceG }) => sum + pieces * pieceG, 0);
  const { lines, carrierOverG, bowlCount, bowlG, totalG, insideG } = poured;
  return {
    ok: true,
    plan: {
      factor,
      lines,
      bowlCount,
      bowlG,
      bowlHoldsG: holdsG,
      totalG,
      outsideG: totalG - insideG,
      pieceG: piece.best,
      pieceLowG: piece.low,
      pieceHighG: piece.high,
      pieces: sets.reduce((sum, { pieces, isSampler }) => (isSampler ? sum : sum + pieces), 0),
      sets,
      leftoverG: Math.max(0, insideG * kept - pressedG),
      lostG: insideG * (1 - kept),
      readings: {
        wanted: poured.wanted,
        planned: poured.planned,
        roundedAlone: poured.roundedAlone,
      },
      carrierOverG,
    },
  };
}

/** What lies on each piece: by the piece as that mold has it, and an even share of what is a share of the mix. */
function withNet(
  body: FormulaBody,
  sets: ReadonlyArray<Omit<PlannedSet, 'netG'> & Pick<MoldSet, 'tops'>>,
  outsideShareG: number,
): readonly PlannedSet[] {
  const finished = sets.reduce((sum, { pieces, isSampler }) => (isSampler ? sum : sum + pieces), 0);
  const outside = body.parts.filter((part) => !isInside(part));
  return sets.map(({ tops, ...set }) => {
    const ownG = outside.reduce((sum, part) => sum + topG(part, { tops }), 0);
    const onItG = set.isSampler ? 0 : ownG + outsideShareG / Math.max(1, finished);
    return { ...set, netG: set.pieceG + onItG };
  });
}

/** Molds beside the first; samplers get what is left, in their order. */
function fromTheRest(
  others: ReadonlyArray<MoldSet & { readonly pieceG: number }>,
  leftG: number,
): ReadonlyArray<Omit<PlannedSet, 'netG'> & Pick<MoldSet, 'tops'>> {
  let restG = leftG;
  return others.map(({ mold, moldId, count, pieceG, isSampler, tops }) => {
    const fits = isSampler
      ? Math.min(count, Math.max(0, Math.floor(restG / pieceG + SAME)))
      : count;
    if (isSampler) restG -= fits * pieceG;
    return {
      mold,
      moldId,
      pieces: fits,
      pieceG,
      isSampler,
      ...(fits < count && { askedPieces: count }),
      ...(tops && { tops }),
    };
  });
}

/** A fill that no mix of powders can have. */
function packingProblem({ mold, fillG, more = [] }: ScaleRequest): string | null {
  for (const set of [{ mold, fillG }, ...more]) {
    if (set.fillG === null) continue;
    const volumeMl = moldVolumeMl(set.mold);
    const density = set.fillG / volumeMl;
    if (!canBePacked(set.mold, set.fillG))
      return `${formatMass(set.fillG, 1)} in a mold of ${formatMilliliters(volumeMl)} is ${formatFixed(density, 2)} g/mL (a mix packs to ${LEAST_G_PER_ML}–${MOST_G_PER_ML}). Check the mold and the weight.`;
  }
  return null;
}

interface Poured extends ReturnType<typeof planLines> {
  readonly bowlCount: number;
  readonly bowlG: number;
  readonly totalG: number;
  readonly insideG: number;
  /** Of what lies on the pieces, what is a share of the mix. */
  readonly outsideShareG: number;
}

/** Weights come in the scale's steps: what they bring too much or too little is asked for again. */
function settled(
  ask: Ask,
  wanted: number,
  bowls: number,
  bowlMostG: number,
): { readonly poured: Poured; readonly factor: number } {
  let factor = wanted;
  let bowlCount = bowls;
  let poured = pour(ask, factor, bowlCount);
  const isByBowl = ask.request.want.kind === 'bowls' || ask.request.want.kind === 'use-up';
  for (let round = 1; round <= MOST_ROUNDS; round++) {
    const isTooFull = poured.bowlG > bowlMostG * (1 + SAME);
    if (isTooFull && bowlCount < MOST_BOWLS && !isByBowl) bowlCount++;
    else {
      const off = offBy(ask, poured, bowlMostG);
      if (off === 0) break;
      const stepG = Math.max(...poured.lines.map((line) => line.stepG));
      const moveG = Math.max(Math.abs(off) * poured.totalG, (round * stepG) / 2);
      factor += (Math.sign(off) * moveG) / ask.amounts.sharedG;
    }
    poured = pour(ask, factor, bowlCount);
  }
  return { poured, factor };
}

/** The weights of so much mix in so many bowls. */
function pour(ask: Ask, factor: number, bowlCount: number): Poured {
  const { body, request, means } = ask;
  const pieces = Math.floor(piecesAt(ask, factor) + 1e-6);
  const planned = planLines(
    body,
    (part) => {
      if (part.perPieceG === undefined) return factor / bowlCount;
      const wantedG = part.perPieceG * pieces + ownTopsG(part, ask);
      return partG(part) > 0 ? Math.max(0, wantedG) / partG(part) / bowlCount : 0;
    },
    request,
    means,
  );
  const sumOf = (wanted: (part: Part) => boolean) => {
    const ids = new Set(body.parts.filter(wanted).map(({ id }) => id));
    return planned.lines.reduce((all, line) => (ids.has(line.partId) ? all + line.weighG : all), 0);
  };
  const bowlG = sumOf(() => true);
  return {
    ...planned,
    bowlCount,
    bowlG,
    totalG: bowlG * bowlCount,
    insideG: sumOf(isInside) * bowlCount,
    outsideShareG: sumOf((part) => !isInside(part) && part.perPieceG === undefined) * bowlCount,
  };
}

/** Pieces of the first mold that so much mix gives beside the others. */
function firstPieces(ask: Ask, insideG: number): number {
  const { request, kept, pieceG } = ask;
  if (request.want.kind === 'pieces') return request.want.count;
  return Math.floor((insideG * kept - othersG(ask)) / pieceG + 1e-9);
}

/**
 * Share by which the mix must grow or shrink, so that promised pieces are whole, no bowl runs over and no more is used
 * up than there is; 0 when it holds.
 */
function offBy(ask: Ask, poured: Poured, bowlMostG: number): number {
  const { want } = ask.request;
  switch (want.kind) {
    case 'pieces':
      return short(want.count * ask.pieceG + othersG(ask), poured.insideG * ask.kept);
    case 'bowls':
      return -short(poured.bowlG, bowlMostG);
    case 'use-up': {
      const usedG = materialsUsed(poured).reduce(
        (sum, { materialId, massG }) => (materialId === want.materialId ? sum + massG : sum),
        0,
      );
      return -short(usedG, want.massG);
    }
    case 'times':
    case 'total':
      return 0;
  }
}

/** Share by which there is less than there must be; 0 when there is enough. */
function short(mustG: number, isG: number): number {
  return mustG > isG * (1 + SAME) ? mustG / isG - 1 : 0;
}

/** Grams of a piece: what it is filled to, or what the mold holds. */
function pieceOf(
  method: Method,
  { mold, fillG }: Pick<ScaleRequest, 'mold' | 'fillG'>,
  packedGMl: Spread | null,
): Spread {
  if (fillG !== null) return { low: fillG, best: fillG, high: fillG };
  const density = packedGMl ?? packedDensityGMl(method);
  const volumeMl = moldVolumeMl(mold);
  return {
    low: volumeMl * density.low,
    best: volumeMl * density.best,
    high: volumeMl * density.high,
  };
}

function failed(code: PlanProblem, message: string): PlanResult & { readonly ok: false } {
  return { ok: false, problem: { code, message } };
}
