import type { Batch, EntryOf } from './schema';
import type { Fate, KeptColor, LeftFate, WeighedBy } from './kinds';

export const OUTCOME_WORDS: Readonly<Record<Batch['outcome'], string>> = {
  'at-the-bench': 'at the bench',
  made: 'made',
  'given-up': 'abandoned',
};

export const WEIGHED_BY_WORDS: Readonly<Record<WeighedBy, string>> = {
  'simulated-scale': 'practice scale',
  'serial-scale': 'scale on a cable',
  typed: 'typed',
  drops: 'drops',
  spoons: 'spoons',
  'as-planned': 'as planned',
};

export const FATE_WORDS: Readonly<Record<Fate, string>> = {
  'embed-powder': 'embed powder',
  'bath-dust': 'bath dust',
  samplers: 'minis',
  seconds: 'seconds',
  'thrown-away': 'thrown away',
};

/** What becomes of a mix that is in no piece. */
export const LEFT_WORDS: Readonly<Record<LeftFate, string>> = {
  'next-batch': 'kept for the next batch',
  'embed-powder': 'kept as embed powder',
  'thrown-away': 'thrown away',
};

const WHY_WORDS: Readonly<Record<EntryOf<'added'>['why'], string>> = {
  'too-dry': 'squeezed too dry',
  'too-wet': 'squeezed too wet',
  sprayed: 'sprayed',
  unplanned: 'not in the plan',
};

/** Why something was added: in the maker's own words where there are any. */
export function sayWhyAdded({ why, said }: Pick<EntryOf<'added'>, 'why' | 'said'>): string {
  return said ?? WHY_WORDS[why];
}

export const KEPT_COLOR_WORDS: Readonly<Record<KeptColor, string>> = {
  'as-made': 'as made',
  faded: 'faded',
  browned: 'browned',
  spotted: 'spotted',
};
