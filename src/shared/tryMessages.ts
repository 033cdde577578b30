import type { GasLossPlan } from '@/core/batches/trials/gas-loss/gasLossPlan';
import type { GasLossProblem } from '@/core/batches/trials/gas-loss/types';
import type { CupTestProblem } from '@/core/batches/trials/cup-test/cups';
import type { Phase, Verdict, Why } from '@/core/batches/trials/kinds';
import type { PhaseProblem } from '@/core/batches/trials/phases';
import type { StartProblem } from '@/core/batches/trials/startProblem';
import type { Trial, TrialEntry } from '@/core/batches/trials/schema';
import type { TrialStart } from '@/core/batches/trials/write';
import { PITCHER_TEMP_C } from '@/core/batches/trials/startProblem';
import { seenRow } from '@/core/batches/trials/seen';
import type { Spread } from '@/core/basics/units/spread';
import { formatFixed, formatRange } from '@/core/basics/format/numbers';
import type { Lasting } from '@/core/results/evaluation/types';
import { relativeDays } from '@/core/basics/format/dates';
import { formatSecondsSpread } from '@/core/basics/format/durations';
import {
  formatLiters,
  formatMass,
  formatTemp,
  formatTempRange,
} from '@/core/basics/format/quantities';

export const PHASE_WORDS: Readonly<Record<Phase, string>> = {
  touched: 'in the water',
  'first-fizz': 'first fizz',
  floats: 'floats',
  sinks: 'sinks',
  'came-up': 'came up',
  half: 'half gone',
  gone: 'gone',
  'last-bubbles': 'last bubbles',
};

/** What the large button says when that phase is next. */
export const PHASE_BUTTONS: Readonly<Partial<Record<Phase, string>>> = {
  touched: 'In the water',
  'first-fizz': 'First fizz',
  half: 'Half gone',
  gone: 'Gone',
  'last-bubbles': 'Last bubbles',
};

export const VERDICT_WORDS: Readonly<Record<Verdict, string>> = {
  sell: 'Sell it',
  again: 'Change it',
  no: 'Don’t sell it',
};

export const WHY_WORDS: Readonly<Record<Why, string>> = {
  'weak-fizz': 'weak fizz',
  'too-fast': 'gone too fast',
  'too-slow': 'lasts too long',
  sinks: 'sinks',
  'no-foam': 'no foam',
  'scent-weak': 'scent too weak',
  'scent-strong': 'scent too strong',
  'color-off': 'wrong color',
  ring: 'leaves a ring',
  slippery: 'slippery',
  skin: 'bad for the skin',
  'left-over': 'leaves residue',
  'does-not-clean': 'does not clean',
};

const PHASE_PROBLEMS: Readonly<Record<PhaseProblem, string>> = {
  'not-in-water': 'The piece is not in the water yet. Start the stopwatch first.',
  'out-of-order': 'That comes before what you pressed already. Undo that first.',
};

export function sayPhaseProblem(problem: PhaseProblem): string {
  return PHASE_PROBLEMS[problem];
}

const GAS_LOSS_PROBLEMS: Readonly<Record<GasLossProblem, string>> = {
  'nothing-fizzes':
    'All the gas of this sample stays in so much water. Use less water, or more of the piece.',
  'too-few': 'Keep reading for at least 45 seconds before it can say anything.',
  gains: 'The pitcher gets heavier. Something drips in, or the scale drifts. Start over.',
};

export function sayGasLossProblem(problem: GasLossProblem): string {
  return GAS_LOSS_PROBLEMS[problem];
}

const START_PROBLEMS: Readonly<Record<StartProblem, (asked: TrialStart) => string>> = {
  'no-name': () => 'Type a name for this piece.',
  'more-than-a-piece': ({ pieceG }) =>
    `You typed ${formatMass(pieceG)}, more than two pieces of this batch. Is it one piece?`,
  scalds: ({ water }) => `Water of ${formatTemp(water.tempC)} scalds. Is that right?`,
  steams: ({ water }) =>
    `Water of ${formatTemp(water.tempC)} steams more than the piece fizzes. Use ${formatTempRange(PITCHER_TEMP_C.low, PITCHER_TEMP_C.high)}.`,
  'too-cold': ({ water }) =>
    `Water of ${formatTemp(water.tempC)} keeps most of the gas. Use ${formatTempRange(PITCHER_TEMP_C.low, PITCHER_TEMP_C.high)}.`,
  'nothing-fizzes': () =>
    'All the gas of this stays in the water. Use less water, or more of the piece.',
  'more-than-water': () => 'There is more piece than water. Use a larger pitcher.',
};

export function sayStartProblem(problem: StartProblem, asked: TrialStart): string {
  return START_PROBLEMS[problem](asked);
}

const LADDER_PROBLEMS: Readonly<Record<CupTestProblem, string>> = {
  'no-base': 'Nothing is left of the mix without what you vary. Vary less.',
  twice: 'You chose the same material twice. Choose another.',
  'too-much': 'All of it is more than four fifths of a cup. Lower the highest amount.',
  'no-window':
    'Most of that range is too dry, too wet or unsafe. Narrow it, or first set the formula to its moisture target.',
  'too-coarse':
    'Lowest and highest are less than three scale steps apart. Use a finer scale, or larger cups.',
};

export function sayCupTestProblem(problem: CupTestProblem): string {
  return LADDER_PROBLEMS[problem];
}

/** `2.1 min (1.8–2.6 min)`, or in seconds. */
export function sayTimes({ low, best, high }: Spread): string {
  return formatSecondsSpread(low, best, high);
}

/** How long a piece should last, before it is in the water. */
export function sayShouldLast(lasting: Lasting): string {
  if (lasting.kind !== 'showered') return `It should be gone after ${sayTimes(lasting.goneS)}.`;
  const { low, best, high } = lasting.showers;
  return `It should last ${formatFixed(best, 1)} showers of eight minutes (${formatRange(low, high, 1)}).`;
}

const SHOULD_FLOAT: Readonly<Record<'floats' | 'sinks' | 'either', string>> = {
  floats: 'It should float.',
  sinks: 'It should sink.',
  either: 'It may float or sink.',
};
/** Whether it should float; nothing for what is not dropped in one piece. */
export const sayShouldFloat = (lasting: Lasting): string =>
  lasting.kind === 'dropped' ? SHOULD_FLOAT[lasting.buoyancy] : '';

/** What would do where a scale is too coarse. */
export function sayWhatDoes({ sampleThatDoesG, stepThatDoesG }: GasLossPlan): string {
  const ways = [
    ...(sampleThatDoesG === null ? [] : [`${formatMass(sampleThatDoesG)} of it on this scale`]),
    ...(stepThatDoesG === null ? [] : [`a scale with steps of ${formatMass(stepThatDoesG)}`]),
  ];
  return ways.length > 0 ? `Use ${ways.join(', or ')}.` : 'Use a finer scale.';
}

export function sayAge(days: number | null): string {
  return days === null ? 'age unknown' : `made ${relativeDays(-Math.floor(days))}`;
}

/** Entries of a trial as lines. */
export function sayTrialEntry(entry: TrialEntry): string {
  switch (entry.kind) {
    case 'phase':
      return PHASE_WORDS[entry.phase];
    case 'seen': {
      const row = seenRow(entry.what);
      const word = row.choices.find(({ value }) => value === entry.value)?.word ?? entry.value;
      return `${row.title}: ${word}`;
    }
    case 'color':
      return entry.by === 'eye'
        ? `Water color ${entry.hex}, by eye`
        : `Water color ${entry.hex}, by photo`;
    case 'jug':
      return `Pitcher and water ${formatMass(entry.massG, 1)}`;
    case 'verdict':
      return `${VERDICT_WORDS[entry.verdict]}${entry.whys.length > 0 ? `: ${entry.whys.map((why) => WHY_WORDS[why]).join(', ')}` : ''}`;
    case 'note':
      return entry.text;
  }
}

/** What is in hand, in a line under its name. */
export function sayPiece({ pieceG, isCrumbs, ageDays, water, kind }: Trial): string {
  const what = isCrumbs ? 'crumbs' : 'a piece';
  const where =
    kind === 'shower'
      ? ''
      : ` · ${formatLiters(water.volumeL, water.volumeL < 10 ? 1 : 0)} at ${formatTemp(water.tempC, 0)}`;
  return `${what} of ${formatMass(pieceG, 1)} · ${sayAge(ageDays)}${where}`;
}
