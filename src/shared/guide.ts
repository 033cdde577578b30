/** The chapters of the guide in the order of the work; each stands in docs/guide under its number and slug. */
export const CHAPTERS = [
  { slug: 'paste', title: 'Paste a recipe' },
  { slug: 'results', title: 'Read the results' },
  { slug: 'rebalance', title: 'Bring it into range' },
  { slug: 'plan', title: 'Plan a batch' },
  { slug: 'make', title: 'Make it' },
  { slug: 'squeeze', title: 'Squeeze' },
  { slug: 'dry', title: 'Dry' },
  { slug: 'test', title: 'Test a piece' },
  { slug: 'label', title: 'Label and wrap' },
  { slug: 'sell', title: 'Sell, recall, keep the file' },
  { slug: 'learn', title: 'Learn from your batches' },
  { slug: 'practice', title: 'Practice' },
] as const;
export type Chapter = (typeof CHAPTERS)[number]['slug'];

/** What a screen is for, and what to do on it first; a minute to read. */
export interface PlaceNote {
  readonly what: string;
  readonly first: string;
  readonly chapter: Chapter;
}

/** By the route of the place. */
export const NOTES: Readonly<Record<string, PlaceNote>> = {
  design: {
    what: 'Design holds a formula: what is in it, by weight. It shows how hard it fizzes, whether it holds, and what would go wrong.',
    first:
      'First paste a recipe, or type a weight. Then read the checks, the most important first. Save a version before you try something else.',
    chapter: 'results',
  },
  scale: {
    what: 'Scale turns a formula into a batch. It says how many pieces, in which mold, and what each line weighs.',
    first:
      'First say how many pieces you want and which mold you use. Look at the lots each line comes from. Then start the batch.',
    chapter: 'plan',
  },
  make: {
    what: 'Make leads your hands, one step a screen: weigh, mix, squeeze, press, count. What you weigh goes into the record and comes off the shelf.',
    first: 'First start a batch on Scale. Then press the space bar after each step.',
    chapter: 'make',
  },
  dry: {
    what: 'Dry shows the pieces on the trays, how dry they are, and when to turn, paint or wrap them.',
    first:
      'First weigh the marked piece once a day, and read the drying room when the weather changes.',
    chapter: 'dry',
  },
  try: {
    what: 'Try tests a piece in water: how long it fizzes, what it leaves, what you saw. The next forecast uses it.',
    first: 'First choose a piece. Drop it in and press the space bar for each thing you see.',
    chapter: 'test',
  },
  pack: {
    what: 'Pack makes a product of dry pieces: its label, its packaging, its price, and where each one went.',
    first: 'First create a product. Then go through the label checks, and wrap.',
    chapter: 'label',
  },
  shelf: {
    what: 'Shelf holds what you work with: lots with their codes and dates, materials, molds, tools and packaging.',
    first:
      'First receive a lot of each thing you bought. Every weight at the bench then comes off it.',
    chapter: 'plan',
  },
  calendar: {
    what: 'Calendar works back from what is due: who mixes, presses and wraps when, and what to buy before.',
    first: 'First add an order and the hours that people work. Then follow Today.',
    chapter: 'sell',
  },
  almanac: {
    what: 'The Almanac keeps every batch: what was planned, what was weighed, the room, the drying, the faults and the tests.',
    first:
      'First look for a batch and open its record. Then see on the weather map and in what it taught how your own hands differ.',
    chapter: 'learn',
  },
  practice: {
    what: 'Practice deals made-up bowls with a hidden truth. You squeeze, correct and press, and see the pieces the next day. Nothing enters your records.',
    first: 'First open a lesson and squeeze. Then correct by little, and squeeze again.',
    chapter: 'practice',
  },
  workshop: {
    what: 'Workshop holds your files, units, people, scale and water. Everything stays in this browser until you export it.',
    first: 'First set your scale and your units. Then export everything once a week.',
    chapter: 'sell',
  },
};
