import { isInside, partG } from '@/core/formula/model/parts';
import type { FormulaBody, Part } from '@/core/formula/model/schema';
import { materialById } from '@/core/matter/materials/catalog';
import { largestShare } from './bowls';
import type { Means } from './means';
import type { MoldSet, ScaleRequest } from './requestSchema';

/** How much of a formula lies inside the pieces and beside them, as shares of the mix and in grams a piece. */
export interface Amounts {
  /** Of one formula. */
  readonly insideG: number;
  readonly sharedG: number;
  /** In grams a piece. */
  readonly insideEachG: number;
  readonly eachG: number;
}

/** What is asked for, with what it is computed from. */
export interface Ask {
  readonly body: FormulaBody;
  readonly request: ScaleRequest;
  readonly means: Means;
  readonly amounts: Amounts;
  /** Share that does not stay in the bowl and on the press. */
  readonly kept: number;
  readonly pieceG: number;
  /** Other molds that are mixed for. */
  readonly paid: readonly PaidSet[];
}
export type PaidSet = Pick<MoldSet, 'count' | 'tops'> & { readonly pieceG: number };

export type WantProblem = 'nothing-to-scale' | 'no-mixer' | 'not-in-it';
export type Wanted =
  | { readonly ok: true; readonly factor: number }
  | { readonly ok: false; readonly code: WantProblem; readonly message: string };

export function amountsOf({ parts }: FormulaBody): Amounts {
  const sum = (wanted: (part: Part) => boolean, grams: (part: Part) => number) =>
    parts.filter(wanted).reduce((total, part) => total + grams(part), 0);
  const isShare = ({ perPieceG }: Part) => perPieceG === undefined;
  const each = ({ perPieceG = 0, lines }: Part) => (lines.length > 0 ? perPieceG : 0);
  return {
    insideG: sum((part) => isShare(part) && isInside(part), partG),
    sharedG: sum(isShare, partG),
    insideEachG: sum((part) => !isShare(part) && isInside(part), each),
    eachG: sum((part) => !isShare(part), each),
  };
}

/** Grams that all molds beside the first take, of those that are mixed for. */
export function othersG({ paid }: Pick<Ask, 'paid'>): number {
  return paid.reduce((sum, { count, pieceG }) => sum + count * pieceG, 0);
}

/** Grams of a part on each piece of a mold: the mold's own where it has one, else the formula's. */
export function topG(part: Part, { tops = {} }: Pick<MoldSet, 'tops'>): number {
  if (part.perPieceG === undefined || part.lines.length === 0) return 0;
  return isInside(part) ? part.perPieceG : (tops[part.id] ?? part.perPieceG);
}

/** Grams of a part that molds with tops of their own take more, or less, than the formula has it. */
export function ownTopsG(part: Part, { paid }: Pick<Ask, 'paid'>): number {
  return paid.reduce((sum, set) => sum + set.count * (topG(part, set) - topG(part, {})), 0);
}

const LEAST = 1e-9;

/** Pieces, unrounded, of so many formulas: those of the first mold and all others that are mixed for. */
export function piecesAt(ask: Ask, factor: number): number {
  const { amounts, kept, pieceG, paid, request } = ask;
  const others = paid.reduce((sum, { count }) => sum + count, 0);
  if (request.want.kind === 'pieces') return request.want.count + others;
  const { insideG, insideEachG } = amounts;
  // Each piece takes what it weighs, and brings what lies in it by the piece.
  const first =
    (kept * (insideG * factor + insideEachG * others) - othersG(ask)) /
    Math.max(pieceG - kept * insideEachG, LEAST);
  return Math.max(0, first) + others;
}

/** Grams of the whole at so many formulas. */
export function pouredG(ask: Ask, factor: number): number {
  const ownG = ask.body.parts.reduce((sum, part) => sum + ownTopsG(part, ask), 0);
  return ask.amounts.sharedG * factor + ask.amounts.eachG * piecesAt(ask, factor) + ownG;
}

/** How many times the shared parts of the formula are wanted, or why they are not. */
export function wantedFactor(ask: Ask, holdsG: number | null): Wanted {
  const { body, request, means, amounts, kept, pieceG, paid } = ask;
  const { want, bowls } = request;
  switch (want.kind) {
    case 'pieces': {
      const pieces = paid.reduce((sum, { count }) => sum + count, want.count);
      const mixG = (want.count * pieceG + othersG(ask)) / kept - amounts.insideEachG * pieces;
      return amounts.insideG > 0 && mixG > 0
        ? { ok: true, factor: mixG / amounts.insideG }
        : {
            ok: false,
            code: 'nothing-to-scale',
            message:
              'What goes into each piece is heavier than the piece. Use less of it, or a larger mold.',
          };
    }
    case 'times':
      return { ok: true, factor: want.times };
    case 'total':
      return { ok: true, factor: factorOfTotal(ask, want.massG) };
    case 'bowls':
      return holdsG === null
        ? {
            ok: false,
            code: 'no-mixer',
            message:
              'There is no mixer on the shelf, so a bowl has no size. Add one under Shelf, Tools.',
          }
        : {
            ok: true,
            factor: factorOfTotal(ask, (want.count * holdsG) / largestShare(body, bowls)),
          };
    case 'use-up': {
      const one = usedByOne(body, want.materialId);
      return one > 0
        ? { ok: true, factor: want.massG / one }
        : {
            ok: false,
            code: 'not-in-it',
            message: `There is no ${materialById(means.catalog, want.materialId).sentenceName} in this formula to use up.`,
          };
    }
  }
}

const HALVINGS = 60;

/** Solved for the total: grams a piece grow with the pieces, and those with the mix. Bisection. */
function factorOfTotal(ask: Ask, totalG: number): number {
  const { sharedG, eachG } = ask.amounts;
  if (!(sharedG > 0)) return 0;
  if (eachG === 0) return totalG / sharedG;
  let [low, high] = [0, totalG / sharedG];
  for (let round = 0; round < HALVINGS; round++) {
    const middle = (low + high) / 2;
    if (pouredG(ask, middle) < totalG) low = middle;
    else high = middle;
  }
  return (low + high) / 2;
}

/** Grams of a material in one formula, in grams a piece where it is nowhere else. */
function usedByOne({ parts }: FormulaBody, materialId: string): number {
  return parts
    .flatMap((part) => (part.perPieceG === undefined ? part.lines : []))
    .reduce((sum, line) => (line.materialId === materialId ? sum + line.massG : sum), 0);
}
