import type { Fault } from '@/core/batches/records/kinds';
import type { MaterialMass } from '@/core/matter/materials/portion';
import type { Felt } from '@/core/results/binder/correction';
import type { DampWindow } from '@/core/results/binder/windows';
import type { HandSeen } from './hand';
import type { BowlLesson } from './lessons';
import type { Move } from './play';
import type { Truth } from './truth';

/** One step of the way: moisture after it, and what was done. */
export interface BowlStep {
  readonly indexPct: number;
  /** Where that lies in the range of the mix as it then is: 0 at the low end, 1 at the high end. */
  readonly place: number;
  /** Which run of additions it belongs to, from 1; 0 for the start. */
  readonly round: number;
  readonly move: Move | null;
}

export interface BowlState {
  readonly lesson: BowlLesson;
  readonly truth: Truth;
  readonly contents: readonly MaterialMass[];
  readonly acidIn: boolean;
  /** Moisture now, with the acid in, and the range this mix wants. */
  readonly indexPct: number;
  readonly freeWaterPct: number;
  readonly window: DampWindow;
  /** The last squeeze, until something goes in. */
  readonly hand: HandSeen | null;
  /** What it was said to tell; null while nothing was said. */
  readonly said: Felt | null;
  readonly squeezes: number;
  readonly readRight: number;
  /** Runs of additions between two squeezes. */
  readonly rounds: number;
  readonly steps: readonly BowlStep[];
  /** Grams of a squirt, once they were weighed. */
  readonly weighedSquirtG: number | null;
  /** Grams that were added in all. */
  readonly addedG: number;
  /** Grams of water that went in after the acid. */
  readonly lateWaterG: number;
  readonly isPressed: boolean;
  /** The pieces as they were taken off the tray; null before. */
  readonly pieces: readonly Piece[] | null;
  readonly liftedAfterH: number | null;
  readonly wasInTub: boolean;
}

/** A piece as it is found; null for one that is right. */
export interface Piece {
  readonly fault: Fault | null;
}

/** A piece of this bowl in the water, by the models and its hidden wear. */
export interface TubSeen {
  readonly kind: 'dropped' | 'scattered' | 'showered';
  /** Seconds until it is gone, or showers of eight minutes. */
  readonly lasts: number;
  readonly buoyancy: 'floats' | 'sinks' | 'either' | null;
  readonly waterHex: string;
}
