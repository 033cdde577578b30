import { corrections } from '@/core/results/binder/correction';
import { dampWindow } from '@/core/results/binder/windows';
import { SHIPPED } from '@/core/matter/materials/catalog';
import { portionsOf } from '@/core/matter/materials/portion';
import { USUAL_SMALL_MEASURES } from '@/core/formula/reading/massOfMeasures';
import { usualOilId } from '@/core/results/evaluation/fixes';
import type { Correction, Felt } from '@/core/results/binder/correction';
import { afterMove } from './bowl';
import type { BowlState } from './bowlState';
import type { BowlLesson } from './lessons';
import type { Move } from './play';
import { dealBowl } from './smallestWay';

/**
 * What Rovack would say at the bench after this squeeze: from what is in the bowl, the meter on the wall and the hand, as
 * for a real batch, and with nothing of the truth.
 */
export function benchSays(bowl: BowlState, felt: Felt): readonly Correction[] {
  const { lesson, truth, contents, acidIn } = bowl;
  const { method, readHumidityPct } = truth;
  const mix = portionsOf(SHIPPED, acidIn ? contents : [...contents, ...truth.toCome]);
  return corrections({
    felt,
    acidIn,
    contents: mix,
    catalog: SHIPPED,
    windowOf: (reading) => dampWindow(method, readHumidityPct, reading),
    humidityPct: readHumidityPct,
    gramsPerSquirt: bowl.weighedSquirtG ?? USUAL_SMALL_MEASURES.gramsPerSquirt.best,
    allowsSkinOil: lesson.family === 'bath-bomb',
    oilId: usualOilId(mix),
    sprayId: lesson.family === 'shower-steamer' ? 'witch-hazel' : 'water',
  });
}

/** More rounds than this, and the bowl is given up. */
const MOST_ROUNDS = 30;

/** The moves of someone who squeezes, believes the hand and does what the bench says, until it holds. */
export function carefulMoves(lesson: BowlLesson, seed: number): readonly Move[] {
  const moves: Move[] = [];
  let bowl = dealBowl(lesson, seed).start;
  const go = (move: Move) => {
    moves.push(move);
    bowl = afterMove(bowl, move, seed);
  };
  if (lesson.family === 'shower-steamer') go({ kind: 'weigh-squirts' });
  for (let round = 0; round < MOST_ROUNDS; round++) {
    go({ kind: 'squeeze' });
    const felt = bowl.hand?.felt ?? 'right';
    if (felt === 'right') break;
    const move = firstMove(bowl, felt);
    if (!move) break;
    go(move);
  }
  if (!bowl.acidIn) go({ kind: 'acid' });
  go({ kind: 'press' });
  if (bowl.truth.method !== 'loose') go({ kind: 'lift', hours: 48 });
  return moves;
}

function firstMove(bowl: BowlState, felt: Felt): Move | null {
  const cure = benchSays(bowl, felt)[0];
  if (!cure) return felt === 'too-wet' ? { kind: 'air' } : null;
  // Far out, the least that it may take in all goes in at once.
  const massG = bowl.hand?.isFar ? Math.max(cure.firstG, cure.inAllSpread.low) : cure.firstG;
  return cure.firstSquirts === null
    ? { kind: 'add', materialId: cure.materialId, massG: Math.round(massG * 10) / 10 }
    : { kind: 'spray', materialId: cure.materialId, squirts: cure.firstSquirts };
}
