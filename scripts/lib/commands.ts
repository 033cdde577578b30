import { answerFor } from './answerFor';
import type { Command } from './command';
import { colorFor } from './colorFor';
import { labelFor } from './labelFor';
import { planFor } from './planFor';
import { readFor } from './readFor';
import { rebalancedFor } from './rebalancedFor';
import { tubFor } from './tubFor';
import { workFor } from './workFor';

const text = { type: 'string' } as const;
const WATER_OPTIONS = { 'water-l': text, 'alkalinity-mg-l': text, 'temp-c': text } as const;
const PIECE_OPTIONS = { pieces: text, 'piece-g': text } as const;

/** Each reads a recipe, an exported Rovack file or a problem, and answers with one object. */
export const COMMANDS = {
  /** Every reading and finding. */
  evaluate: {
    options: {
      family: text,
      method: text,
      ...WATER_OPTIONS,
      'humidity-pct': text,
      ...PIECE_OPTIONS,
      'sample-g': text,
      'vessel-l': text,
      wrap: text,
      'store-humidity-pct': text,
      'store-temp-c': text,
    },
    answerFor,
  },
  /** What every word of a written page became. */
  read: { options: { family: text }, answerFor: readFor },
  /** The smallest change that meets its windows and wishes. */
  rebalance: {
    options: {
      family: text,
      method: text,
      'humidity-pct': text,
      wish: { type: 'string', multiple: true },
      'total-g': text,
      ratio: text,
      spread: text,
    },
    answerFor: rebalancedFor,
  },
  /** The order of the work, with what breaks a rule. */
  work: { options: { family: text, method: text, school: text, pieces: text }, answerFor: workFor },
  /** Of people, machines, places and jobs with their steps: a plan with a bound of its lateness. */
  plan: { options: { seconds: text }, answerFor: planFor },
  /** The film of a piece in its water, frame by frame. */
  tub: {
    options: {
      family: text,
      method: text,
      ...WATER_OPTIONS,
      ...PIECE_OPTIONS,
      seconds: text,
    },
    answerFor: tubFor,
  },
  /** Colorants that bring it to a wanted color, of the dry piece or of the water. */
  color: {
    options: {
      family: text,
      method: text,
      tub: text,
      dry: text,
      have: text,
      market: text,
      ...WATER_OPTIONS,
      'humidity-pct': text,
      ...PIECE_OPTIONS,
    },
    answerFor: colorFor,
  },
  /** What its label says in a market, and what is missing. */
  label: {
    options: {
      market: text,
      family: text,
      'net-g': text,
      claims: text,
      'for-whom': text,
      'sold-as': text,
    },
    answerFor: labelFor,
  },
} as const satisfies Readonly<Record<string, Command>>;
export type CommandName = keyof typeof COMMANDS;
