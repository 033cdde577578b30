import type { Result } from '@/core/basics/result';
import type { Spread } from '@/core/basics/units/spread';

/** What the whole weighed at a moment: jug, water and all. */
export interface GasLossReading {
  /** Since the sample touched the water, s; below 0 for a reading of the jug before. */
  readonly seconds: number;
  readonly massG: number;
}

export interface GasLossQuestion {
  readonly readings: readonly GasLossReading[];
  /** Of the sample, weighed by itself; over 0. */
  readonly sampleG: number;
  /** Step of the scale, g; over 0. */
  readonly stepG: number;
  /** What a sample with all of its fizz would lose here, with its range; from {@link expectedLoss}. */
  readonly expectedG: Spread;
}

export interface GasLossAnswer {
  /** Grams of gas that have left or will have, with the 90 % interval. */
  readonly lossG: Spread;
  /** Over what was expected: 1 for all of its fizz. */
  readonly share: Spread;
  /** The warm water's own loss that was taken out, g a minute. */
  readonly ownLossGMin: number;
  /** Seconds until the fizz had ended. */
  readonly goneS: Spread;
  /** Is the fizz over, and the slope after it seen? Else it is what would come if it goes on like this. */
  readonly isOver: boolean;
  /** Where the scale was bumped, s; taken out. */
  readonly bumpedAtS: readonly number[];
  /** Gas gone by the readings, the water's own loss taken out. */
  readonly gone: ReadonlyArray<{ readonly seconds: number; readonly massG: number }>;
}

/** Why there is no answer. */
export type GasLossProblem =
  | 'nothing-fizzes'
  /** Fewer than eight readings, or no minute of them yet. */
  | 'too-few'
  /** More in the jug than at the start: something dripped in, or the scale drifts. */
  | 'gains';

export type GasLossResult = Result<GasLossAnswer, GasLossProblem>;
