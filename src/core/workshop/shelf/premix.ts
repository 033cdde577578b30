import type { PremixStock } from '@/core/work/scaling/means';
import type { Lot } from './lot';

/** Shares of the active material a premix is usually made with, most first. Common practice. */
const STRENGTHS = [0.25, 0.2, 0.1, 0.05, 0.02, 0.01, 0.005, 0.002] as const;
const WEAKEST = 0.001;
/** A scale is honest from so many steps up. Common practice. */
const HONEST_STEPS = 10;
/** A premix is made for some batches ahead. */
const BATCHES_AHEAD = 5;
/** Steps are rounded up to whole tens of grams. */
const ROUND_UP_G = 10;

export interface PremixPlan {
  readonly strengthFraction: number;
  /** Grams of premix that bring what one batch wants. */
  readonly perBatchG: number;
  readonly makeG: number;
  readonly activeG: number;
  readonly carrierG: number;
}

/**
 * A premix that a coarse scale can weigh: the strongest usual one of which a batch needs ten steps, made large
 * enough that the active material itself is ten steps too.
 * @param wantedG active material for a batch, over 0
 * @param stepG step of the scale, over 0
 * @throws RangeError outside these ranges
 * @example planPremix(0.3, 1) // 2% strong, 15 g a batch, 10 g in 500 g
 */
export function planPremix(wantedG: number, stepG: number): PremixPlan {
  if (!(wantedG > 0)) throw new RangeError(`wantedG must be over 0, got ${wantedG}`);
  if (!(stepG > 0)) throw new RangeError(`stepG must be over 0, got ${stepG}`);
  const leastG = HONEST_STEPS * stepG;
  const strengthFraction = STRENGTHS.find((strength) => wantedG / strength >= leastG) ?? WEAKEST;
  const perBatchG = wantedG / strengthFraction;
  const leastMadeG = Math.max(perBatchG * BATCHES_AHEAD, leastG / strengthFraction);
  const makeG = Math.ceil(leastMadeG / ROUND_UP_G - 1e-9) * ROUND_UP_G;
  return { strengthFraction, perBatchG, makeG, ...premixParts(strengthFraction, makeG) };
}

/** What a premix of a strength is made of. @param strengthFraction over 0 to 1 @param makeG over 0 */
export function premixParts(
  strengthFraction: number,
  makeG: number,
): { readonly activeG: number; readonly carrierG: number } {
  if (!(strengthFraction > 0 && strengthFraction <= 1))
    throw new RangeError(`strengthFraction must be over 0 to 1, got ${strengthFraction}`);
  if (!(makeG > 0)) throw new RangeError(`makeG must be over 0, got ${makeG}`);
  const activeG = makeG * strengthFraction;
  return { activeG, carrierG: makeG - activeG };
}

/** Premixes on the shelf that may be used, as a plan takes them. @param today ISO day */
export function premixStock(
  lots: readonly Lot[],
  left: ReadonlyMap<string, number>,
  today: string,
): readonly PremixStock[] {
  return lots.flatMap(({ id, code, materialId, premix, isQuarantined, expiresOn, isRetest }) =>
    premix && !isQuarantined && (isRetest || expiresOn === null || expiresOn >= today)
      ? [
          {
            lotId: id,
            code,
            materialId,
            carrierId: premix.carrierId,
            strengthFraction: premix.strengthPct / 100,
            leftG: left.get(id) ?? 0,
          },
        ]
      : [],
  );
}

/** `PX-004`: the next free number. @param codes of every lot there is */
export function nextPremixCode(codes: readonly string[]): string {
  const numbers = codes.flatMap((code) => /^PX-(\d+)$/.exec(code)?.[1] ?? []).map(Number);
  return `PX-${String(Math.max(0, ...numbers) + 1).padStart(3, '0')}`;
}
