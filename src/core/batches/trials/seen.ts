import type { TrialKind } from './kinds';

interface Choice {
  readonly value: string;
  readonly word: string;
}

/** Something that is seen in a trial, and what may be seen of it. */
interface SeenShape {
  readonly what: string;
  readonly title: string;
  /** What is asked. */
  readonly ask: string;
  readonly kinds: readonly TrialKind[];
  /** Which drawing shows it. */
  readonly picture: 'foam' | 'steps' | 'ring' | 'plain';
  readonly choices: readonly Choice[];
  readonly source: string;
}

const practice = 'common practice';

const FINGERS: readonly Choice[] = [
  { value: '0', word: 'none' },
  { value: '1', word: '1 finger' },
  { value: '2', word: '2 fingers' },
  { value: '3', word: '3 fingers' },
  { value: '4', word: '4 and more' },
];
const ZERO_TO_FIVE: readonly Choice[] = ['0', '1', '2', '3', '4', '5'].map((value) => ({
  value,
  word: value === '0' ? 'nothing' : value === '5' ? '5, strong' : value,
}));
const HOW_MUCH: readonly Choice[] = [
  { value: 'none', word: 'none' },
  { value: 'faint', word: 'faint' },
  { value: 'clear', word: 'clear' },
];
const NO_YES: readonly Choice[] = [
  { value: 'no', word: 'no' },
  { value: 'yes', word: 'yes' },
];

/** What is looked at after the piece has gone, in the order of the looking. One entry more is one more question. */
export const SEEN_ROWS = [
  {
    what: 'foam-1-min',
    title: 'Foam after 1 min',
    ask: 'How many fingers of foam are on the water after 1 minute?',
    kinds: ['tub', 'salts'],
    picture: 'foam',
    choices: FINGERS,
    source: practice,
  },
  {
    what: 'foam-5-min',
    title: 'Foam after 5 min',
    ask: 'How many fingers of foam after 5 minutes?',
    kinds: ['tub', 'salts'],
    picture: 'foam',
    choices: FINGERS,
    source: practice,
  },
  {
    what: 'scent-dry',
    title: 'Scent, dry',
    ask: 'How strong does the dry piece smell?',
    kinds: ['tub', 'salts', 'shower'],
    picture: 'steps',
    choices: ZERO_TO_FIVE,
    source: practice,
  },
  {
    what: 'scent-water',
    title: 'Scent over the water',
    ask: 'How strong is the scent over the water?',
    kinds: ['tub', 'salts'],
    picture: 'steps',
    choices: ZERO_TO_FIVE,
    source: practice,
  },
  {
    what: 'showers',
    title: 'Showers until gone',
    ask: 'How many showers did it last?',
    kinds: ['shower'],
    picture: 'steps',
    choices: ['0.5', '1', '1.5', '2', '3', '4', '6'].map((value) => ({ value, word: value })),
    source: practice,
  },
  {
    what: 'stood',
    title: 'Place in the shower',
    ask: 'Where was it?',
    kinds: ['shower'],
    picture: 'plain',
    choices: [
      { value: 'edge', word: 'at the edge of the spray' },
      { value: 'under', word: 'under the spray' },
      { value: 'dry', word: 'out of the spray' },
    ],
    source: practice,
  },
  {
    what: 'scent-head-1',
    title: 'Scent after 1 min',
    ask: 'How strong is the scent at head height after 1 minute?',
    kinds: ['shower'],
    picture: 'steps',
    choices: ZERO_TO_FIVE,
    source: practice,
  },
  {
    what: 'scent-head-5',
    title: 'Scent after 5 min',
    ask: 'How strong is the scent at head height after 5 minutes?',
    kinds: ['shower'],
    picture: 'steps',
    choices: ZERO_TO_FIVE,
    source: practice,
  },
  {
    what: 'eyes-stung',
    title: 'Stinging eyes',
    ask: 'Did it sting your eyes?',
    kinds: ['shower'],
    picture: 'plain',
    choices: NO_YES,
    source: practice,
  },
  {
    what: 'floor-slippery',
    title: 'Slippery floor',
    ask: 'Was the floor slippery?',
    kinds: ['shower'],
    picture: 'plain',
    choices: NO_YES,
    source: practice,
  },
  {
    what: 'ring',
    title: 'Ring after draining',
    ask: 'Is there a ring after the water drains?',
    kinds: ['tub', 'salts'],
    picture: 'ring',
    choices: HOW_MUCH,
    source: practice,
  },
  {
    what: 'slip',
    title: 'Slip',
    ask: 'Is the tub slippery?',
    kinds: ['tub', 'salts'],
    picture: 'plain',
    choices: [
      { value: 'none', word: 'no' },
      { value: 'some', word: 'a little' },
      { value: 'much', word: 'slippery' },
    ],
    source: practice,
  },
  {
    what: 'skin',
    title: 'Skin',
    ask: 'How does your skin feel afterward?',
    kinds: ['tub', 'salts'],
    picture: 'plain',
    choices: [
      { value: 'dry', word: 'dry' },
      { value: 'plain', word: 'no change' },
      { value: 'soft', word: 'soft' },
      { value: 'greasy', word: 'greasy' },
      { value: 'itches', word: 'itches' },
    ],
    source: practice,
  },
  {
    what: 'pours',
    title: 'Pouring',
    ask: 'Do they pour from the jar?',
    kinds: ['salts'],
    picture: 'plain',
    choices: [
      { value: 'pours', word: 'pour' },
      { value: 'lumps', word: 'a few lumps' },
      { value: 'clumps', word: 'clumped' },
    ],
    source: practice,
  },
  {
    what: 'left',
    title: 'Residue on the bottom',
    ask: 'What stays on the bottom?',
    kinds: ['tub', 'salts', 'shower', 'cleaning'],
    picture: 'plain',
    choices: [
      { value: 'nothing', word: 'nothing' },
      { value: 'petals', word: 'petals' },
      { value: 'glitter', word: 'glitter' },
      { value: 'grit', word: 'grit' },
      { value: 'lumps', word: 'lumps' },
    ],
    source: practice,
  },
  {
    what: 'drain',
    title: 'Drain',
    ask: 'Does the tub drain?',
    kinds: ['tub', 'salts'],
    picture: 'plain',
    choices: [
      { value: 'clear', word: 'as usual' },
      { value: 'slow', word: 'slowly' },
      { value: 'blocked', word: 'blocked' },
    ],
    source: practice,
  },
  {
    what: 'cleaned',
    title: 'Cleaned',
    ask: 'What did you clean?',
    kinds: ['cleaning'],
    picture: 'plain',
    choices: [
      { value: 'toilet', word: 'toilet' },
      { value: 'sink', word: 'sink' },
      { value: 'tub', word: 'tub' },
      { value: 'drain', word: 'drain' },
      { value: 'dishes', word: 'dishes, machine short' },
      { value: 'dishes-long', word: 'dishes, machine long' },
      { value: 'laundry', word: 'laundry' },
    ],
    source: practice,
  },
  {
    what: 'film-before',
    title: 'Film before',
    ask: 'How much film was there before?',
    kinds: ['cleaning'],
    picture: 'steps',
    choices: ZERO_TO_FIVE,
    source: practice,
  },
  {
    what: 'film-after',
    title: 'Film after',
    ask: 'How much is there after?',
    kinds: ['cleaning'],
    picture: 'steps',
    choices: ZERO_TO_FIVE,
    source: practice,
  },
  {
    what: 'lime-before',
    title: 'Lime before',
    ask: 'How much lime was there before?',
    kinds: ['cleaning'],
    picture: 'steps',
    choices: ZERO_TO_FIVE,
    source: practice,
  },
  {
    what: 'lime-after',
    title: 'Lime after',
    ask: 'How much is there after?',
    kinds: ['cleaning'],
    picture: 'steps',
    choices: ZERO_TO_FIVE,
    source: practice,
  },
  {
    what: 'smell',
    title: 'Smell',
    ask: 'How strong is the smell?',
    kinds: ['cleaning'],
    picture: 'steps',
    choices: ZERO_TO_FIVE,
    source: practice,
  },
  {
    what: 'residue',
    title: 'Residue',
    ask: 'Is there a residue when dry?',
    kinds: ['cleaning'],
    picture: 'ring',
    choices: HOW_MUCH,
    source: practice,
  },
] as const satisfies readonly SeenShape[];

export type SeenWhat = (typeof SEEN_ROWS)[number]['what'];
export type SeenRow = SeenShape & { readonly what: SeenWhat };

const ROWS: readonly SeenRow[] = SEEN_ROWS;
export const SEEN_WHATS = SEEN_ROWS.map(({ what }) => what) as [SeenWhat, ...SeenWhat[]];

/** What is asked in a trial of a kind. */
export function seenRowsOf(kind: TrialKind): readonly SeenRow[] {
  return ROWS.filter(({ kinds }) => kinds.includes(kind));
}

export function seenRow(what: SeenWhat): SeenRow {
  const row = ROWS.find((one) => one.what === what);
  if (!row) throw new RangeError(`what is seen must be in the table, got ${what}`);
  return row;
}
