import { GRAMS_PER_OUNCE } from '@/core/basics/units/mass';
import { habits } from '@/core/basics/format/habits';
import { formatFixed, formatGrams } from '@/core/basics/format/numbers';
import { formatMass, type ShownUnit } from '@/core/basics/format/quantities';
import { decimalsOf } from './rounding';

/** How a scale shows a mass: in its own unit, to its own last digit. */
export interface Readout {
  readonly unit: 'g' | 'oz';
  readonly decimals: number;
  /** A bare figure that is typed is in this unit. */
  readonly shown: ShownUnit;
  /** `2.45`. */
  readonly figure: (massG: number) => string;
  /** `2.45 oz`. */
  readonly say: (massG: number) => string;
  /** The same in the person's unit where that is another one, to stand beside it in small; empty where it is not. */
  readonly beside: (massG: number) => string;
}

/** A step of more decimals than this is no round number. */
const ROUND_DECIMALS = 4;

function roundStep(step: number): number | null {
  const round = Number(step.toFixed(ROUND_DECIMALS));
  return Math.abs(round - step) < 1e-9 ? round : null;
}

/**
 * The unit of a scale is the one in which its step is a round number: a step of 0.05 oz is 1.41747615625 g.
 * @param stepG step of the scale, over 0
 * @param targetG what is to be weighed; less than a step is shown with as many decimals as it takes
 */
export function readoutOf(stepG: number, targetG = Infinity): Readout {
  const stepOz = roundStep(stepG) === null ? roundStep(stepG / GRAMS_PER_OUNCE) : null;
  const unit = stepOz === null ? 'g' : 'oz';
  const factor = stepOz === null ? 1 : 1 / GRAMS_PER_OUNCE;
  const own = decimalsOf(stepOz ?? stepG);
  const decimals = targetG < stepG ? Math.max(3, own) : own;
  const figure = (massG: number) => formatFixed(massG * factor, decimals);
  return {
    unit,
    decimals,
    shown: { unit, factor, shift: 0, moreDecimals: 0 },
    figure,
    say: (massG) => `${figure(massG)} ${unit}`,
    beside: (massG) => {
      if (unit === 'oz') return `${formatGrams(massG)} g`;
      return habits().units === 'us' ? formatMass(massG) : '';
    },
  };
}
