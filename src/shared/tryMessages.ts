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
import { formatFixed } from '@/core/basics/format/numbers';

export const PHASE_WORDS: Readonly<Record<Phase, string>> = {
  touched: 'touched the water',
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
  touched: 'It touches the water',
  'first-fizz': 'First fizz',
  half: 'Half gone',
  gone: 'Gone',
  'last-bubbles': 'Last bubbles',
};

export const VERDICT_WORDS: Readonly<Record<Verdict, string>> = {
  sell: 'Sell it',
  again: 'Make it again',
  no: 'Not like this',
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
  'left-over': 'leaves things behind',
  'does-not-clean': 'does not clean',
};

const PHASE_PROBLEMS: Readonly<Record<PhaseProblem, string>> = {
  'not-in-water': 'It has not touched the water yet.',
  'out-of-order': 'That comes before what was pressed already: take that back first.',
};

export function sayPhaseProblem(problem: PhaseProblem): string {
  return PHASE_PROBLEMS[problem];
}

const JUG_PROBLEMS: Readonly<Record<GasLossProblem, string>> = {
  'nothing-fizzes':
    'Nothing of this sample leaves so much water as gas: take less water, or more of the piece.',
  'too-few': 'Three quarters of a minute of readings are needed before anything can be said.',
  gains:
    'The jug gets heavier: something drips in, or the scale drifts. Stand it still and start again.',
};

export function sayGasLossProblem(problem: GasLossProblem): string {
  return JUG_PROBLEMS[problem];
}

const START_PROBLEMS: Readonly<Record<StartProblem, (asked: TrialStart) => string>> = {
  'no-name': () => 'Say what it is: a name for this piece.',
  'more-than-a-piece': ({ pieceG }) =>
    `${formatFixed(pieceG, 0)} g is more than two pieces of this batch: is it one?`,
  scalds: ({ water }) => `Nobody bathes in water of ${formatFixed(water.tempC, 0)} °C: is it so?`,
  steams: ({ water }) =>
    `Water of ${formatFixed(water.tempC, 0)} °C steams more than the piece fizzes: take ${PITCHER_TEMP_C.low} to ${PITCHER_TEMP_C.high} °C.`,
  'too-cold': ({ water }) =>
    `Water of ${formatFixed(water.tempC, 0)} °C keeps most of the gas: take ${PITCHER_TEMP_C.low} to ${PITCHER_TEMP_C.high} °C.`,
  'nothing-fizzes': () =>
    'Nothing of this leaves the water as gas: take less water, or more of the piece.',
  'more-than-water': () => 'That is more piece than water: a larger jug.',
};

export function sayStartProblem(problem: StartProblem, asked: TrialStart): string {
  return START_PROBLEMS[problem](asked);
}

const LADDER_PROBLEMS: Readonly<Record<CupTestProblem, string>> = {
  'no-base': 'Nothing is left of the mix without what is varied.',
  twice: 'The same material is named twice.',
  'too-much': 'All of it together is more than four fifths of a cup: lower the highest.',
  'no-window':
    'The mix leaves its damp window nearly everywhere in that range, or something stops it: narrow the range, or set the damp of the formula in the middle of its window first.',
  'too-coarse':
    'Lowest and highest are less than three steps of this scale apart: a finer scale, or larger cups.',
};

export function sayCupTestProblem(problem: CupTestProblem): string {
  return LADDER_PROBLEMS[problem];
}

/** `1:05` */
export function clockOf(seconds: number): string {
  const whole = Math.floor(seconds);
  const minutes = Math.floor(whole / 60);
  const hours = Math.floor(minutes / 60);
  const rest = String(whole % 60).padStart(2, '0');
  return hours > 0
    ? `${hours}:${String(minutes % 60).padStart(2, '0')}:${rest}`
    : `${minutes}:${rest}`;
}

/** Short times in seconds, long ones in minutes. */
export function sayTime(seconds: number): string {
  return seconds < SHORT_S ? `${formatFixed(seconds, 0)} s` : `${formatFixed(seconds / 60, 1)} min`;
}
const SHORT_S = 100;

/** `2.1 min (1.8 to 2.6)`, or in seconds. */
export function sayTimes({ low, best, high }: Spread): string {
  return high < SHORT_S
    ? `${formatFixed(best, 0)} s (${formatFixed(low, 0)} to ${formatFixed(high, 0)})`
    : `${formatFixed(best / 60, 1)} min (${formatFixed(low / 60, 1)} to ${formatFixed(high / 60, 1)})`;
}

/** What would do where a scale is too coarse. */
export function sayWhatDoes({ sampleThatDoesG, stepThatDoesG }: GasLossPlan): string {
  const ways = [
    ...(sampleThatDoesG === null ? [] : [`${sampleThatDoesG} g of it on this scale`]),
    ...(stepThatDoesG === null ? [] : [`a scale with steps of ${stepThatDoesG} g`]),
  ];
  return ways.length > 0 ? `What would do: ${ways.join(', or ')}.` : 'Take a finer scale.';
}

export function sayAge(days: number | null): string {
  if (days === null) return 'age not known';
  if (days < 1) return 'made today';
  if (days < 14)
    return `made ${formatFixed(days, 0)} ${Math.round(days) === 1 ? 'day' : 'days'} ago`;
  return days < 60
    ? `made ${formatFixed(days / 7, 0)} weeks ago`
    : `made ${formatFixed(days / 30.44, 0)} months ago`;
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
      return `Water ${entry.hex}, by ${entry.by === 'eye' ? 'eye' : 'photo'}`;
    case 'jug':
      return `Jug and water ${formatFixed(entry.massG, 1)} g`;
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
      : ` · ${formatFixed(water.volumeL, water.volumeL < 10 ? 1 : 0)} L at ${formatFixed(water.tempC, 0)} °C`;
  return `${what} of ${formatFixed(pieceG, 1)} g · ${sayAge(ageDays)}${where}`;
}
