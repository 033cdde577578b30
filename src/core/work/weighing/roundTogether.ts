import { roundToStep } from './rounding';

/** One line to round. */
export interface LineToRound {
  readonly exactG: number;
  /** What its scale's last digit counts, grams, over 0. */
  readonly stepG: number;
  /** Grams either way that still count as weighed, over 0. */
  readonly toleranceG: number;
  /** Change of each reading for a gram more of this line. */
  readonly slopes: readonly number[];
}

export interface RoundedTogether {
  readonly targetsG: readonly number[];
  /** Joint error of the targets, and of each line rounded for itself. */
  readonly jointError: number;
  readonly aloneError: number;
}

/** A line may end this many steps from its exact weight: one further than rounding alone would take it. */
const FARTHEST_STEPS = 1.5;
/** A pass changes one or two lines; the search ends long before this many. */
const MOST_PASSES = 200;

/**
 * Rounds all lines to their scales' steps so that the readings hold best together, not line by line.
 *
 * joint error = sum((e_i / tolerance_i)^2) + sum((sum_i(slope_ik x e_i) / allowed_k)^2), e_i = target - exact
 *
 * Method: steepest descent from the nearest steps over all moves of one line or of two lines by one step,
 * within 1.5 steps of the exact weight, until no move lowers the error. Readings are taken as linear over a step.
 * A local search: never worse than rounding alone, and on small formulas checked against every combination.
 * @param allowed change of each reading that counts as much as one line at the edge of its tolerance, over 0
 */
export function roundTogether(
  lines: readonly LineToRound[],
  allowed: readonly number[],
): RoundedTogether {
  const targets = lines.map(({ exactG, stepG }) => roundToStep(exactG, stepG));
  const weights = lines.map(({ slopes, toleranceG }) => ({
    own: 1 / toleranceG ** 2,
    readings: allowed.map((most, k) => (slopes[k] ?? 0) / most),
  }));
  const errors = targets.map((target, i) => target - (lines[i]?.exactG ?? 0));
  const offs = allowed.map((_, k) =>
    errors.reduce((sum, error, i) => sum + error * (weights[i]?.readings[k] ?? 0), 0),
  );
  const aloneError = errorOf(errors, offs, weights);
  const moves = lines.flatMap(({ stepG, exactG }, line) =>
    // What is too small for its step stays as it is: roundToStep left it alone.
    exactG >= stepG / 2 ? [stepG, -stepG].map((byG) => ({ line, byG })) : [],
  );
  const isNear = (line: number, byG: number) => {
    const at = lines[line] as LineToRound;
    const error = (errors[line] as number) + byG;
    return Math.abs(error) <= FARTHEST_STEPS * at.stepG && at.exactG + error > at.stepG / 2;
  };
  let current = aloneError;
  for (let pass = 0; pass < MOST_PASSES; pass++) {
    const best = bestMove(moves.filter(({ line, byG }) => isNear(line, byG)));
    if (best.gain <= current * 1e-12) break;
    for (const { line, byG } of best.moves) {
      errors[line] = (errors[line] as number) + byG;
      weights[line]?.readings.forEach((slope, k) => {
        offs[k] = (offs[k] as number) + byG * slope;
      });
    }
    current = errorOf(errors, offs, weights);
  }
  return {
    targetsG: lines.map(({ exactG, stepG }, i) =>
      exactG >= stepG / 2
        ? roundToStep(exactG + (errors[i] as number), stepG)
        : (targets[i] as number),
    ),
    jointError: current,
    aloneError,
  };

  function bestMove(near: typeof moves): { gain: number; moves: typeof moves } {
    const alone = near.map((move) => gainAlone(move));
    let best: { gain: number; moves: typeof moves } = { gain: 0, moves: [] };
    near.forEach((a, i) => {
      if ((alone[i] as number) > best.gain) best = { gain: alone[i] as number, moves: [a] };
      for (let j = i + 1; j < near.length; j++) {
        const b = near[j] as (typeof moves)[number];
        if (a.line === b.line) continue;
        const gain = (alone[i] as number) + (alone[j] as number) - crossed(a, b);
        if (gain > best.gain) best = { gain, moves: [a, b] };
      }
    });
    return best;
  }

  /** How much one move lowers the error. */
  function gainAlone({ line, byG }: (typeof moves)[number]): number {
    const { own, readings } = weights[line] as (typeof weights)[number];
    const error = errors[line] as number;
    let change = own * (2 * error * byG + byG * byG);
    for (let k = 0; k < offs.length; k++) {
      const shift = byG * (readings[k] as number);
      change += 2 * (offs[k] as number) * shift + shift * shift;
    }
    return -change;
  }

  /** What two moves cost together beyond what each costs alone. */
  function crossed(a: (typeof moves)[number], b: (typeof moves)[number]): number {
    const one = weights[a.line]?.readings ?? [];
    const other = weights[b.line]?.readings ?? [];
    let sum = 0;
    for (let k = 0; k < offs.length; k++) sum += (one[k] as number) * (other[k] as number);
    return 2 * a.byG * b.byG * sum;
  }
}

function errorOf(
  errors: readonly number[],
  offs: readonly number[],
  weights: ReadonlyArray<{ readonly own: number }>,
): number {
  const own = errors.reduce((sum, error, i) => sum + error * error * (weights[i]?.own ?? 0), 0);
  return own + offs.reduce((sum, off) => sum + off * off, 0);
}
