import { entryAt } from '@/core/basics/entryAt';
import { SHIPPED, materialById } from '@/core/matter/materials/catalog';
import { mostColorG } from '@/core/results/color/rate';
import { deltaE2000, labOfHex } from '@/core/results/color/difference';
import { waterHex } from '@/core/results/color/water';
import type { LessonLine, Move, Score } from './play';
import { scoreOf } from './play';
import { randomFor } from './truth';

const DYES = ['red-40-dye', 'red-33-dye', 'violet-2-dye', 'orange-4-dye', 'yellow-6-dye'] as const;
/** A piece, and the tub it goes into. */
const PIECE_G = 170;
const TUB_L = 150;
/** What a kilo may hold and what a hand weighs it to, grams. */
export const MOST_G_PER_KG = 3;
export const DOSE_STEP_G = 0.05;
/** A color further off than this is seen as another one. Rovack estimate; 1 is just seen side by side. */
export const SAME_COLOR = 4;
/** A little over the limit the ring is faint, from here it is clear. Rovack estimate. */
const CLEAR_RING_TIMES = 1.25;

export type Ring = 'none' | 'faint' | 'clear';

export interface DyeTruth {
  readonly dyeId: (typeof DYES)[number];
  /** What this lot colors over what the model has it, and where this tub stains over the usual rate. */
  readonly strength: number;
  readonly staining: number;
  /** The dose that colors the water as ordered, and where it begins to stain, grams in a kilo. */
  readonly rightGPerKg: number;
  readonly stainsFromGPerKg: number;
  readonly wantedHex: string;
  /** What the last bowl held. */
  readonly lastGPerKg: number;
}

/** A lot of dye, a tub and an order, the same for the same seed. */
export function dyeTruth(seed: number): DyeTruth {
  const random = randomFor('dye', seed);
  const within = (from: number, to: number) => from + random() * (to - from);
  const dyeId = entryAt(DYES, Math.floor(random() * DYES.length));
  const strength = Math.exp(within(-0.45, 0.45));
  const staining = within(0.75, 1.25);
  const stainsFromGPerKg = staining * mostColorG(materialById(SHIPPED, dyeId), 1000);
  const rightGPerKg = toStep(within(0.35, 0.7) * stainsFromGPerKg);
  const lot = { dyeId, strength };
  return {
    ...lot,
    staining,
    rightGPerKg,
    stainsFromGPerKg,
    wantedHex: colorOf(lot, rightGPerKg),
    lastGPerKg: toStep(within(1.3, 1.6) * stainsFromGPerKg),
  };
}

const toStep = (grams: number) => Math.round(grams / DOSE_STEP_G) * DOSE_STEP_G;

/** Color of the water after a piece of a bowl with so much dye. @returns `#rrggbb` */
export function colorOf(
  { dyeId, strength }: Pick<DyeTruth, 'dyeId' | 'strength'>,
  gPerKg: number,
): string {
  const massG = (PIECE_G / 1000) * gPerKg * strength;
  return waterHex([{ material: materialById(SHIPPED, dyeId), massG }], TUB_L);
}

/** What one test shows. */
export interface DyeSeen {
  readonly gPerKg: number;
  readonly hex: string;
  readonly ring: Ring;
  /** How far from the color that was ordered, as it is seen: ΔE2000. */
  readonly difference: number;
  /** Darker than what was ordered. */
  readonly isDeeper: boolean;
}

export function seeDye(truth: DyeTruth, gPerKg: number): DyeSeen {
  const over = gPerKg / truth.stainsFromGPerKg;
  const hex = colorOf(truth, gPerKg);
  const [seen, wanted] = [labOfHex(hex), labOfHex(truth.wantedHex)];
  return {
    gPerKg,
    hex,
    isDeeper: seen[0] < wanted[0],
    ring: over <= 1 ? 'none' : over < CLEAR_RING_TIMES ? 'faint' : 'clear',
    difference: deltaE2000(seen, wanted),
  };
}

export interface DyeState {
  readonly truth: DyeTruth;
  /** The bowl that stained, then each cup, then the bowl. */
  readonly seen: readonly DyeSeen[];
  readonly cups: number;
  readonly bowl: DyeSeen | null;
}

/** Cups and bowl after all of these moves. */
export function playDye(seed: number, moves: readonly Move[]): DyeState {
  const truth = dyeTruth(seed);
  const seen: DyeSeen[] = [seeDye(truth, truth.lastGPerKg)];
  let cups = 0;
  let bowl: DyeSeen | null = null;
  for (const move of moves) {
    if (bowl || (move.kind !== 'cup' && move.kind !== 'color')) continue;
    if (!(move.gPerKg >= 0 && move.gPerKg <= MOST_G_PER_KG)) continue;
    const one = seeDye(truth, move.gPerKg);
    seen.push(one);
    if (move.kind === 'cup') cups += 1;
    else bowl = one;
  }
  return { truth, seen, cups, bowl };
}

const isRight = ({ ring, difference }: DyeSeen) => ring === 'none' && difference <= SAME_COLOR;

const CUPS_FOR_A_POINT = 2;
/** Within this share of the right dose nothing is wasted. */
const CLOSE = 0.15;

export function dyeScore({ truth, cups, bowl }: DyeState): Score {
  const off = bowl ? Math.abs(bowl.gPerKg / truth.rightGPerKg - 1) : Infinity;
  return scoreOf(
    { right: bowl !== null && isRight(bowl), few: cups <= CUPS_FOR_A_POINT, small: off <= CLOSE },
    {
      right: 'The water has the ordered color, and no ring stays.',
      few: 'Two cups or fewer.',
      small: 'The dose is within 15% of the least that does it.',
    },
  );
}

/** Doses on one line, with those that color the water as ordered and leave no ring. */
export function dyeLine({ truth, seen }: DyeState): LessonLine {
  const steps = Array.from({ length: MOST_G_PER_KG / DOSE_STEP_G + 1 }, (_, i) => i * DOSE_STEP_G);
  const fine = steps.filter((gPerKg) => isRight(seeDye(truth, gPerKg)));
  return {
    axis: 'Dye in a kilo, g',
    points: seen.map(({ gPerKg }, i) => ({
      at: gPerKg,
      said: i === 0 ? 'the last bowl' : i === seen.length - 1 ? 'your bowl' : `cup ${i}`,
    })),
    low: Math.min(truth.rightGPerKg, ...fine),
    high: Math.max(truth.rightGPerKg, ...fine),
    rangeSaid: 'Right color, no ring',
    smallest: [{ at: truth.rightGPerKg, said: 'the right dose' }],
  };
}
