import type { RouteLocationRaw } from 'vue-router';
import {
  formatFixed,
  formatPercent,
  formatPercentRange,
  formatRange,
} from '@/core/basics/format/numbers';
import type { Spread } from '@/core/basics/units/spread';
import type { OwnMeasureId } from '@/core/goods/planning/ownMeasures';
import type { LearnedId } from '@/core/results/learning/exclusions';
import type { Estimate } from '@/core/results/learning/quantityRow';

/** How a quantity is called and said, what one more record of it would be, and where that is done. */
interface Words {
  readonly name: string;
  readonly what: string;
  /** A factor on what is shipped, a share, or a density. */
  readonly unit: 'times' | 'percent' | 'density';
  readonly more: string;
  readonly way: { readonly name: string; readonly to: RouteLocationRaw };
}
const AT_TRY = { name: 'Start a test', to: { name: 'try' } };
const A_BATCH = { name: 'Plan a batch', to: { name: 'scale' } };

export const QUANTITY_WORDS: Readonly<Record<LearnedId, Words>> = {
  damp: {
    name: 'Moisture wanted',
    what: 'How damp your hand wants a mix, against the estimate for this room.',
    unit: 'times',
    more: 'Make a batch and squeeze it before and after each correction.',
    way: A_BATCH,
  },
  drying: {
    name: 'Drying speed',
    what: 'How fast pieces dry in your drying room, against the estimate.',
    unit: 'times',
    more: 'Weigh the marked piece of your next batch twice or more.',
    way: { name: 'Open Dry', to: { name: 'dry' } },
  },
  loss: {
    name: 'Press loss',
    what: 'What stays in the bowl, on the table and in the press.',
    unit: 'percent',
    more: 'Make a batch, count its pieces and weigh what is left.',
    way: A_BATCH,
  },
  wear: {
    name: 'Speed in water',
    what: 'How fast your pieces dissolve, against the estimate.',
    unit: 'times',
    more: 'Test a piece in the tub until it is gone.',
    way: AT_TRY,
  },
  floats: {
    name: 'Density that floats',
    what: 'Lighter pieces of yours float, heavier ones sink.',
    unit: 'density',
    more: 'Test a piece in the tub and note whether it floats.',
    way: AT_TRY,
  },
  showers: {
    name: 'Showers',
    what: 'How many showers your steamers last, against the estimate.',
    unit: 'times',
    more: 'Test a steamer in the shower until it is gone.',
    way: AT_TRY,
  },
  foam: {
    name: 'Foam',
    what: 'How much foam stands on your water, against the estimate.',
    unit: 'times',
    more: 'Test a piece with a foaming powder in the tub, and note the foam after a minute.',
    way: AT_TRY,
  },
  share: {
    name: 'Fizz kept for four weeks',
    what: 'How much of its fizz a piece still has after four weeks.',
    unit: 'percent',
    more: 'Put a piece that is some weeks old on the scale.',
    way: AT_TRY,
  },
};

/** `1.08 times`, `2.4%`, `0.99 g/mL`. */
export function sayEstimate(id: LearnedId, { estimate }: Pick<Estimate, 'estimate'>): string {
  switch (QUANTITY_WORDS[id].unit) {
    case 'times':
      return `${formatFixed(estimate, 2)} times`;
    case 'percent':
      return formatPercent(100 * estimate, 1);
    case 'density':
      return `${formatFixed(estimate, 2)} g/mL`;
  }
}

/** The band of an estimate, in its unit. */
export function sayBand(id: LearnedId, { low, high }: Estimate): string {
  switch (QUANTITY_WORDS[id].unit) {
    case 'times':
      return `${formatRange(low, high, 2)} times`;
    case 'percent':
      return formatPercentRange(100 * low, 100 * high);
    case 'density':
      return `${formatRange(low, high, 2)} g/mL`;
  }
}

/** How a measure is called, said, and where it is taken. */
interface MeasureWords {
  readonly name: string;
  readonly say: (value: Spread) => string;
  readonly way: { readonly name: string; readonly to: RouteLocationRaw };
}
const AT_TOOLS = { name: 'Open Tools', to: { name: 'shelf', params: { side: 'tools' } } };
const range = ({ low, best, high }: Spread, decimals: number) =>
  low === high
    ? formatFixed(best, decimals)
    : `${formatFixed(best, decimals)} (${formatRange(low, high, decimals)})`;

export const MEASURE_WORDS: Readonly<Record<OwnMeasureId, MeasureWords>> = {
  squirt: { name: 'One squirt of water', say: (of) => `${range(of, 2)} g`, way: AT_TOOLS },
  drop: { name: 'Drops of oil in a milliliter', say: (of) => range(of, 0), way: AT_TOOLS },
  packed: {
    name: 'Packed density',
    say: (of) => `${range(of, 2)} g/mL`,
    way: { name: 'Open Molds', to: { name: 'shelf', params: { side: 'molds' } } },
  },
  press: {
    name: 'One piece at the press',
    say: (of) => `${range(of, 1)} min`,
    way: { name: 'Open Make', to: { name: 'make' } },
  },
  mixing: {
    name: 'Mixing, against the usual minutes',
    say: (of) => `${range(of, 2)} times`,
    way: { name: 'Open Make', to: { name: 'make' } },
  },
  keeping: {
    name: 'Retained samples kept',
    say: ({ low, high }) =>
      high === Infinity
        ? `good at ${formatFixed(low, 0)} months`
        : `good at ${formatFixed(low, 0)} months, not at ${formatFixed(high, 0)}`,
    way: { name: 'Open Retained samples', to: { name: 'try', params: { view: 'retained' } } },
  },
};
