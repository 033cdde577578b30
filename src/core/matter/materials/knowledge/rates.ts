import { from, type Sourced } from '../sources';
import type { Role } from '../types';

const practice = from('practice');
const model = from('model');

/** Usual share of a mix by mass, %. */
export interface UsualRate {
  readonly lowPct: number;
  readonly highPct: number;
}

/** By role, where makers agree. Under the low end it does little; over the high end it spoils something else. */
export const RATE_BY_ROLE: Readonly<Partial<Record<Role, Sourced<UsualRate>>>> = {
  starch: practice({ lowPct: 2, highPct: 13 }),
  clay: practice({ lowPct: 0.5, highPct: 4 }),
  milk: practice({ lowPct: 0.5, highPct: 2.5 }),
  foamer: practice({ lowPct: 0.6, highPct: 5 }),
  'drying-powder': practice({ lowPct: 0.2, highPct: 3 }),
  gum: model({ lowPct: 0.1, highPct: 1 }),
  salt: practice({ lowPct: 1, highPct: 12 }),
  botanical: model({ lowPct: 0.05, highPct: 2 }),
};

/** By material, where it differs from its role. */
export const RATE_BY_ID: Readonly<Record<string, Sourced<UsualRate>>> = {
  'potassium-bitartrate': practice({ lowPct: 1, highPct: 6 }),
  'colloidal-oatmeal': model({ lowPct: 0.5, highPct: 5 }),
  glycerin: model({ lowPct: 0.1, highPct: 1.5 }),
  beeswax: practice({ lowPct: 0.05, highPct: 1 }),
  'candelilla-wax': practice({ lowPct: 0.05, highPct: 1 }),
  'activated-charcoal': model({ lowPct: 0.05, highPct: 1 }),
};
