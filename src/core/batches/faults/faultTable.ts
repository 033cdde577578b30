import type { Fault } from '../records/kinds';
import type { CauseId } from './causeTable';

/** A fault as it is seen, with how often each cause is behind it before this batch is looked at. */
export interface FaultRow {
  readonly fault: Fault;
  readonly title: string;
  readonly seen: string;
  /** Weights, not shares: what matters is how they compare. */
  readonly causes: Readonly<Partial<Record<CauseId, number>>>;
  readonly source: string;
}

const practice = 'common practice; the weights are a Rovack estimate';

export const FAULT_ROWS = [
  {
    fault: 'warts',
    title: 'Warts',
    seen: 'It has bumps, or swelled out of the tray seat.',
    causes: { 'too-much-water': 4, 'room-too-damp': 3, 'acid-met-water': 2, 'not-sieved': 2 },
    source: practice,
  },
  {
    fault: 'seam-cracks',
    title: 'Cracks along the seam',
    seen: 'A line runs around the middle, where the halves met.',
    causes: { underfilled: 3, 'too-dry': 3, 'uneven-damp': 2, 'wet-core': 2 },
    source: practice,
  },
  {
    fault: 'top-cracks',
    title: 'Cracks on top',
    seen: 'They opened the next day.',
    causes: { 'too-much-water': 4, 'room-too-damp': 2, 'wet-core': 2, 'acid-met-water': 2 },
    source: practice,
  },
  {
    fault: 'crumbling',
    title: 'Crumbles',
    seen: 'The edge comes off, and there is dust in the pack.',
    causes: {
      'too-dry': 4,
      'dried-in-bowl': 3,
      underfilled: 2,
      'too-much-coarse-salt': 2,
      'room-too-dry': 2,
    },
    source: practice,
  },
  {
    fault: 'split-in-half',
    title: 'Splits in half',
    seen: 'It splits when you lift it.',
    causes: { 'lifted-early': 4, underfilled: 2, 'uneven-damp': 2, 'too-dry': 1 },
    source: practice,
  },
  {
    fault: 'flat-bottom',
    title: 'Flat bottom',
    seen: 'It is flat where it sat on the tray.',
    causes: { 'flat-seat': 3, 'too-wet': 3, 'too-heavy': 2 },
    source: practice,
  },
  {
    fault: 'soft',
    title: 'Stays soft',
    seen: 'It dents under a thumb, days or weeks later.',
    causes: { 'drew-moisture': 3, 'room-too-damp': 3, 'no-hardener': 2, 'too-wet': 2 },
    source: practice,
  },
  {
    fault: 'weak-fizz',
    title: 'Weak fizz',
    seen: 'It fizzes weakly in the tub.',
    causes: {
      'acid-met-water': 3,
      'too-little-acid': 3,
      'too-much-filler': 2,
      'old-stock': 2,
      'drew-moisture': 1,
    },
    source: practice,
  },
  {
    fault: 'browning',
    title: 'Yellow or brown',
    seen: 'It discolored after some days.',
    causes: { vanillin: 8, 'old-stock': 1 },
    source: practice,
  },
  {
    fault: 'bad-eggs',
    title: 'Smells of rotten eggs',
    seen: 'It smells in the bowl or in the pack.',
    causes: { ultramarine: 10 },
    source: practice,
  },
  {
    fault: 'ring-in-tub',
    title: 'Ring, slippery tub',
    seen: 'There is a ring or a slippery tub after the bath.',
    causes: { 'too-little-emulsifier': 5, 'mica-floats': 2 },
    source: practice,
  },
  {
    fault: 'specks',
    title: 'Specks',
    seen: 'There are specks of color, or white ones.',
    causes: { 'dye-not-bloomed': 4, 'not-sieved': 3 },
    source: practice,
  },
  {
    fault: 'uneven-water-color',
    title: 'Water colors unevenly',
    seen: 'Flecks float, and the water stays clear.',
    causes: { 'mica-floats': 4, 'dye-not-bloomed': 2 },
    source: practice,
  },
  {
    fault: 'stuck',
    title: 'Stuck in the mold',
    seen: 'It left skin or half of itself behind.',
    causes: { 'too-dry': 2, 'too-wet': 3, 'dried-in-bowl': 2, underfilled: 1 },
    source: practice,
  },
  {
    fault: 'icing-cracked',
    title: 'Icing cracks or flakes',
    seen: 'It has cracks, or comes off the piece in plates.',
    causes: { 'icing-too-dry': 3, 'iced-too-early': 3, 'room-too-dry': 2, 'icing-unbound': 2 },
    source: practice,
  },
  {
    fault: 'icing-slid',
    title: 'Icing runs',
    seen: 'It slid down the side, or lost its peaks.',
    causes: { 'icing-too-wet': 4, 'icing-unbound': 2, 'room-too-damp': 1 },
    source: practice,
  },
  {
    fault: 'icing-soft',
    title: 'Icing stays soft',
    seen: 'It dents or sticks after three days.',
    causes: { 'room-too-damp': 3, 'icing-too-wet': 3, 'icing-unbound': 2, 'iced-too-early': 1 },
    source: practice,
  },
] as const satisfies readonly FaultRow[];

export function faultRow(fault: Fault): FaultRow {
  const row = FAULT_ROWS.find((candidate) => candidate.fault === fault);
  if (!row) throw new RangeError(`fault ${fault} is not in the table`);
  return row;
}
