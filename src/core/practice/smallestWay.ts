import { remembered } from '@/core/basics/remembered';
import { freeWaterLimitsPct, gasShare } from '@/core/results/binder/freeWater';
import { SHIPPED } from '@/core/matter/materials/catalog';
import { portionsOf } from '@/core/matter/materials/portion';
import { afterMove, bowlOf } from './bowl';
import type { BowlState } from './bowlState';
import type { BowlLesson, Dose } from './lessons';
import { LIFT_HOURS, handleHours, isOverfilled, lateSwellShare } from './nextDay';
import type { Move } from './play';
import { drawTruth, placeIn } from './truth';

/** So far inside the range every piece is safe from the small differences between pieces. Rovack estimate. */
const INSIDE = 0.15;
/** Loose water stays a little under its easy limit, for the same reason. Rovack estimate. */
const SWELLS_NEAR = 0.97;
/** Nobody adds a gram more often than this. */
const MOST_DOSES = 25;
/** So many truths of a seed are tried until one has a way. */
const MOST_DRAWS = 200;

/** The smallest way that would have done it. */
export interface SmallestWay {
  readonly start: BowlState;
  readonly moves: readonly Move[];
  /** The bowl when it is pressed. */
  readonly bowl: BowlState;
  /** Points of the index it moved, and grams that went in. */
  readonly travelPct: number;
  readonly addedG: number;
}

/** What was dealt last: a lesson is replayed at each move. */
const dealt = remembered<SmallestWay>(250);

/**
 * The bowl of a seed with its smallest way: of one thing alone, in one round, the least that brings it safely into what it
 * wants, and of all that do, the one of fewest grams. Who knows the truth would do this. A bowl that nothing at hand
 * brings there is not dealt.
 * @param seed a whole number, 0 or more
 * @throws RangeError where no truth of this seed has a way
 */
export function dealBowl(lesson: BowlLesson, seed: number): SmallestWay {
  return dealt.of(`${lesson.id} ${seed}`, () => {
    for (let draw = 0; draw < MOST_DRAWS; draw++) {
      const truth = drawTruth(lesson, seed, draw);
      const way = truth && smallestOf(bowlOf(lesson, truth), seed);
      if (way) return way;
    }
    throw new RangeError(`lesson ${lesson.id} has no bowl for seed ${seed}`);
  });
}

/** The bowl after all of these moves; what cannot be done then is passed over. */
export function playBowl(lesson: BowlLesson, seed: number, moves: readonly Move[]): BowlState {
  return moves.reduce((bowl, move) => afterMove(bowl, move, seed), dealBowl(lesson, seed).start);
}

function smallestOf(start: BowlState, seed: number): SmallestWay | null {
  const ways = [...start.lesson.doses.map(moveOf), ...airOf(start)].flatMap((move) => {
    const way = leastOf(start, move, seed);
    return way ? [way] : [];
  });
  return ways.reduce<SmallestWay | null>(
    (best, way) => (best === null || way.addedG < best.addedG ? way : best),
    null,
  );
}

/** The whole lesson by the smallest way, to the pieces off the tray. */
export function smallestMoves(lesson: BowlLesson, seed: number): readonly Move[] {
  const way = dealBowl(lesson, seed);
  const hours = LIFT_HOURS.find((one) => one >= handleHours(way.bowl)) ?? LIFT_HOURS[3];
  const lift: readonly Move[] = way.bowl.truth.method === 'loose' ? [] : [{ kind: 'lift', hours }];
  return [...way.moves, { kind: 'press' }, ...lift];
}

/** One press of a button as a move. */
export function moveOf(dose: Dose): Move {
  return 'squirts' in dose
    ? { kind: 'spray', materialId: dose.materialId, squirts: dose.squirts }
    : { kind: 'add', materialId: dose.materialId, massG: dose.massG };
}

/** Moving dry air is a way for what is too wet. */
export function airOf({ lesson, acidIn }: Pick<BowlState, 'lesson' | 'acidIn'>): readonly Move[] {
  return !acidIn || lesson.family === 'fizzing-salts' ? [{ kind: 'air' }] : [];
}

function leastOf(start: BowlState, move: Move, seed: number): SmallestWay | null {
  let bowl = start;
  for (let doses = 1; doses <= MOST_DOSES; doses++) {
    bowl = afterMove(bowl, move, seed);
    const moves = Array.from({ length: doses }, () => move);
    const whole = afterMove(bowl, { kind: 'acid' }, seed);
    if (isSafe(whole)) {
      const acid: readonly Move[] = bowl.acidIn ? [] : [{ kind: 'acid' }];
      return {
        start,
        moves: [...moves, ...acid],
        bowl: whole,
        travelPct: Math.abs(whole.indexPct - start.indexPct),
        addedG: whole.addedG,
      };
    }
  }
  return null;
}

/** Does every piece of it come out right? */
function isSafe(bowl: BowlState): boolean {
  const { window, indexPct, freeWaterPct, truth, contents } = bowl;
  const place = placeIn(window, indexPct);
  const { easyPct } = freeWaterLimitsPct(
    truth.humidityPct,
    gasShare(portionsOf(SHIPPED, contents)),
  );
  const isHigh = place > 1 - INSIDE;
  const isLow = place < INSIDE && truth.method !== 'loose';
  const swells = freeWaterPct > easyPct * SWELLS_NEAR || lateSwellShare(bowl) > 0;
  return !isHigh && !isLow && !swells && !isOverfilled(contents);
}
