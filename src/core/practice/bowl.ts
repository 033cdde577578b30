import { SHIPPED, materialById } from '@/core/matter/materials/catalog';
import type { MaterialMass } from '@/core/matter/materials/portion';
import { inAir } from '@/core/results/binder/bowlDrift';
import type { Felt } from '@/core/results/binder/correction';
import type { BowlState } from './bowlState';
import { drawNormal } from '@/core/basics/numeric/random';
import { handSeen } from './hand';
import type { BowlLesson } from './lessons';
import { LIFT_HOURS, nextDay } from './nextDay';
import type { Move } from './play';
import { dampTruth, placeIn, randomFor, type Truth } from './truth';

/** Minutes that each deed takes at the bench; the air takes its share meanwhile. Common practice. */
const REMIX_MIN = 2;
const SQUEEZE_MIN = 0.5;
/** A turn in moving dry air, and how much faster it takes than still air. Common practice; a Rovack estimate. */
export const AIR_MIN = 15;
const MOVING_AIR = 5;
/** One squeeze differs from the next by so much of the index. Rovack estimate. */
const SQUEEZE_SD = 0.015;

/** The bowl as the lesson gives it. */
export function bowlOf(lesson: BowlLesson, truth: Truth): BowlState {
  const bowl: BowlState = {
    lesson,
    truth,
    contents: truth.contents,
    acidIn: truth.toCome.length === 0,
    indexPct: 0,
    freeWaterPct: 0,
    window: { lowPct: 0, aimPct: 0, highPct: 0 },
    hand: null,
    said: null,
    squeezes: 0,
    readRight: 0,
    rounds: 0,
    steps: [],
    weighedSquirtG: null,
    addedG: 0,
    lateWaterG: lesson.lateWaterG ?? 0,
    isPressed: false,
    pieces: null,
    liftedAfterH: null,
    wasInTub: false,
  };
  return withStep(bowl, null);
}

/** @param seed of the play: the same one squeezes the same */
export function afterMove(bowl: BowlState, move: Move, seed: number): BowlState {
  if (bowl.isPressed) return afterPress(bowl, move, seed);
  switch (move.kind) {
    case 'squeeze':
      return squeezed(bowl, seed);
    case 'say':
      return said(bowl, move.felt);
    case 'add':
      return added(bowl, move, move);
    case 'spray':
      return added(bowl, move, {
        materialId: move.materialId,
        massG: sprayG(bowl.truth, move.materialId, move.squirts),
      });
    case 'weigh-squirts':
      return { ...bowl, weighedSquirtG: bowl.truth.squirtG };
    case 'air':
      return withStep({ ...counted(bowl), ...after(bowl, AIR_MIN, MOVING_AIR) }, move);
    case 'acid':
      return bowl.acidIn
        ? bowl
        : withStep(
            {
              ...bowl,
              contents: [...bowl.contents, ...bowl.truth.toCome],
              acidIn: true,
              hand: null,
              said: null,
            },
            move,
          );
    case 'press':
      return bowl.acidIn ? pressed(bowl, seed) : bowl;
    default:
      return bowl;
  }
}

/** Grams of so many squirts: each the same volume, whatever is in the sprayer. */
function sprayG({ squirtG }: Truth, materialId: string, squirts: number): number {
  return squirts * squirtG * materialById(SHIPPED, materialId).trueDensityGMl.value;
}

function squeezed(bowl: BowlState, seed: number): BowlState {
  const { truth, lesson } = bowl;
  const random = randomFor(`${lesson.id} hand`, seed, bowl.squeezes);
  const felt = bowl.indexPct * truth.handTimes * Math.exp(drawNormal(0, SQUEEZE_SD, random));
  return {
    ...measured({ ...bowl, ...after(bowl, SQUEEZE_MIN, 1) }),
    hand: handSeen(placeIn(bowl.window, felt), truth.method, bowl.acidIn),
    said: null,
    squeezes: bowl.squeezes + 1,
  };
}

function said(bowl: BowlState, felt: Felt): BowlState {
  if (!bowl.hand || bowl.said) return bowl;
  return { ...bowl, said: felt, readRight: bowl.readRight + (felt === bowl.hand.felt ? 1 : 0) };
}

function added(bowl: BowlState, move: Move, portion: MaterialMass): BowlState {
  if (!(portion.massG > 0)) return bowl;
  const base = counted(bowl);
  const contents = [...bowl.contents, portion];
  const { waterFraction } = materialById(SHIPPED, portion.materialId);
  const lateWaterG = bowl.lateWaterG + (bowl.acidIn ? portion.massG * waterFraction.value : 0);
  const addedG = bowl.addedG + portion.massG;
  return withStep(
    { ...base, lateWaterG, addedG, ...after({ ...bowl, contents }, REMIX_MIN, 1) },
    move,
  );
}

/** Additions in a row are one round; the first after a squeeze, or of all, begins one. */
function counted(bowl: BowlState): BowlState {
  const last = bowl.steps.at(-1)?.move;
  const goesOn = bowl.hand === null && last !== null && last !== undefined && last.kind !== 'acid';
  return { ...bowl, hand: null, said: null, rounds: bowl.rounds + (goesOn ? 0 : 1) };
}

/** What is still in the bowl after some minutes in the air of the room, or in air that takes so many times as fast. */
function after(
  { contents, truth }: Pick<BowlState, 'contents' | 'truth'>,
  spentMin: number,
  times: number,
): Pick<BowlState, 'contents'> {
  const { humidityPct, tempC } = truth;
  const left = contents.map(({ materialId, massG }) => ({
    materialId,
    massG: inAir(materialById(SHIPPED, materialId), massG, spentMin * times, humidityPct, tempC),
  }));
  return { contents: left };
}

/** Moisture of what is in the bowl, with the acid that is still to come. */
function measured(bowl: BowlState): BowlState {
  const { truth, contents, acidIn } = bowl;
  const mix = acidIn ? contents : [...contents, ...truth.toCome];
  const { indexPct, window, freeWaterPct } = dampTruth(truth, mix);
  return { ...bowl, indexPct, window, freeWaterPct };
}

function withStep(bowl: BowlState, move: Move | null): BowlState {
  const now = measured(bowl);
  const { indexPct, window, rounds: round } = now;
  const place = placeIn(window, indexPct);
  return { ...now, steps: [...now.steps, { indexPct, place, round, move }] };
}

/** Salts go into the jar and are looked at there; pieces go to the tray. */
function pressed(bowl: BowlState, seed: number): BowlState {
  const base = { ...bowl, isPressed: true };
  return bowl.truth.method === 'loose' ? { ...base, pieces: nextDay(base, seed, 0) } : base;
}

function afterPress(bowl: BowlState, move: Move, seed: number): BowlState {
  if (move.kind === 'lift' && bowl.pieces === null && LIFT_HOURS.some((h) => h === move.hours))
    return {
      ...bowl,
      pieces: nextDay(bowl, seed, move.hours),
      liftedAfterH: move.hours,
    };
  if (move.kind === 'tub' && bowl.pieces) return { ...bowl, wasInTub: true };
  return bowl;
}
