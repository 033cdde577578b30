import { sameData } from '@/core/basics/sameData';
import { counted } from '@/core/basics/format/numbers';
import { emptyBody, newLine } from '@/core/formula/model/create';
import { SHIPPED, materialById } from '@/core/matter/materials/catalog';
import { portionsG, portionsOf } from '@/core/matter/materials/portion';
import { USUAL_CONDITIONS } from '@/core/results/conditions/types';
import { evaluate } from '@/core/results/evaluation/evaluate';
import { WETTING_S } from '@/core/results/fizz/wetting';
import type { BowlState, BowlStep, TubSeen } from './bowlState';
import { doseSaid } from './messages';
import { RIGHT_FROM } from './nextDay';
import { scoreOf, type LessonLine, type LinePoint, type Score } from './play';
import type { SmallestWay } from './smallestWay';

/** Moving it so much further than the smallest way, and a little more, is still small. Rovack estimate. */
const SMALL_TIMES = 1.6;
const SMALL_MORE_PCT = 0.8;
/** And so many times as many grams, and a little more. Rovack estimate. */
const SMALL_TIMES_G = 3;
const SMALL_MORE_G = 10;

/** Points of the index that the whole way went, back and forth. */
export function travelPct(steps: readonly BowlStep[]): number {
  return steps.reduce((sum, step, i) => {
    const before = steps[i - 1];
    return before ? sum + Math.abs(step.indexPct - before.indexPct) : sum;
  }, 0);
}

/** Pieces without a fault; 0 before they are seen. */
export function rightPieces({ pieces }: BowlState): number {
  return (pieces ?? []).filter(({ fault }) => fault === null).length;
}

/** Right: the pieces. Few: rounds of additions. Small: how far it was moved against the smallest way. */
export function bowlScore(bowl: BowlState, way: SmallestWay): Score {
  const { roundsForAPoint } = bowl.lesson;
  const mostPct = SMALL_TIMES * way.travelPct + SMALL_MORE_PCT;
  const mostG = SMALL_TIMES_G * way.addedG + SMALL_MORE_G;
  return scoreOf(
    {
      right: rightPieces(bowl) >= RIGHT_FROM,
      few: bowl.rounds <= roundsForAPoint,
      small: travelPct(bowl.steps) <= mostPct && bowl.addedG <= mostG,
    },
    {
      right: bowl.truth.method === 'loose' ? 'The jar pours.' : 'The pieces are right.',
      few: `${counted(roundsForAPoint, 'round')} of corrections or fewer.`,
      small: 'You added little more than the smallest way does.',
    },
  );
}

/**
 * The way on one line. While it is played by the moisture of what is in the bowl, which anyone may know; at the end by where
 * that lay in what the mix wanted, as that moves with what goes in.
 */
export function bowlLine(bowl: BowlState, way: SmallestWay): LessonLine {
  const isOver = bowl.pieces !== null;
  const placePct = ({ place }: BowlStep) => 100 * place;
  return {
    axis: isOver
      ? 'Moisture in what the mix wanted, 0% at the dry end and 100% at the wet end'
      : 'Moisture',
    points: roundPoints(bowl.steps, isOver ? placePct : ({ indexPct }) => indexPct),
    low: 0,
    high: 100,
    rangeSaid: 'What this mix wanted',
    smallest: roundPoints(way.bowl.steps, placePct),
  };
}

/** Like additions of one round as one point: its place after the last of them. */
function roundPoints(
  steps: readonly BowlStep[],
  at: (step: BowlStep) => number,
): readonly LinePoint[] {
  const runs: { readonly last: BowlStep; readonly times: number }[] = [];
  for (const step of steps) {
    const run = runs.at(-1);
    if (run && isLike(run.last, step)) runs[runs.length - 1] = { last: step, times: run.times + 1 };
    else runs.push({ last: step, times: 1 });
  }
  return runs.map(({ last, times }) => ({
    at: at(last),
    said: last.move ? doseSaid(last.move, times) : 'as mixed',
  }));
}

function isLike(a: BowlStep, b: BowlStep): boolean {
  return a.move !== null && a.round === b.round && sameData(a.move, b.move);
}

/** Grams of one piece, or of a handful of salts. Common practice. */
const PIECE_G = 170;

/** @returns null where nothing fizzes */
export function tubSeen({ lesson, truth, contents }: BowlState): TubSeen | null {
  const empty = emptyBody(lesson.family);
  const [main] = empty.parts;
  if (!main) return null;
  const lines = contents.map(({ materialId, massG }) =>
    newLine(materialById(SHIPPED, materialId), massG),
  );
  const body = { ...empty, method: truth.method, parts: [{ ...main, lines }] };
  const { lasting, color } = evaluate(body, {
    ...USUAL_CONDITIONS,
    humidityPct: truth.humidityPct,
    pieceG: Math.min(PIECE_G, portionsG(portionsOf(SHIPPED, contents))),
  });
  if (!lasting) return null;
  return {
    kind: lasting.kind,
    lasts:
      lasting.kind === 'showered'
        ? lasting.showers.best / truth.wear
        : WETTING_S + lasting.goneS.best / truth.wear,
    buoyancy: lasting.kind === 'dropped' ? lasting.buoyancy : null,
    waterHex: color?.waterHex ?? '#ffffff',
  };
}
