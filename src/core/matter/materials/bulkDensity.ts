import { recordOf } from '@/core/basics/records';
import { exactly, type Spread } from '@/core/basics/units/spread';
import { from, type Sourced } from './sources';
import { BULK_STATES, type BulkState, type MaterialRow } from './types';

const modelOfOurs = from('model');

/**
 * Factors on the level density, by how the measure is filled. Rovack estimate: a sieved cup holds about
 * a seventh less, a dug-in scoop some percent more, a pressed-down cup about a quarter more;
 * an unqualified cup may be any of the usual ways, so it is the widest.
 */
const PACKING: Readonly<Record<BulkState, Spread>> = {
  sifted: { low: 0.78, best: 0.86, high: 0.95 },
  level: { low: 0.9, best: 1, high: 1.14 },
  scooped: { low: 0.98, best: 1.08, high: 1.18 },
  packed: { low: 1.12, best: 1.24, high: 1.36 },
};

/** A level measure of liquid is right to about 3 % (spout, meniscus). Rovack estimate. */
const LIQUID_SPREAD: Spread = { low: 0.97, best: 1, high: 1.03 };

/** Density of a household measure for every state, from the row's own values where it has them. */
export function densitiesByState(row: MaterialRow): Readonly<Record<BulkState, Sourced<Spread>>> {
  return Object.freeze(recordOf(BULK_STATES, (state) => densityIn(row, state)));
}

function densityIn(row: MaterialRow, state: BulkState): Sourced<Spread> {
  const known = row.bulkDensityGMl?.[state];
  if (known) return known;
  const level = row.levelDensityGMl;
  if (!level) return { value: times(row.trueDensityGMl.value, LIQUID_SPREAD), source: 'model' };
  const spread = times(level.value, PACKING[state]);
  return state === 'level' ? { value: spread, source: level.source } : modelOfOurs(spread);
}

function times(density: number, factors: Spread): Spread {
  const { low, best, high } = factors;
  if (low === best && best === high) return exactly(density * best);
  return { low: density * low, best: density * best, high: density * high };
}
