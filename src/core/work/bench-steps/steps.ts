import type { WeighStep } from './stepSchema';

export type Vessel = WeighStep['vessel'];

/** What a vessel is called inside a sentence. */
export const VESSEL_WORDS: Readonly<Record<Vessel, string>> = {
  bowl: 'bowl',
  beaker: 'beaker',
  'bloom-cup': 'bloom cup',
  dish: 'dish',
  'second-bowl': 'second bowl',
  pan: 'pan',
  cup: 'cup',
  jar: 'jar',
  'spray-bottle': 'spray bottle',
  mold: 'mold',
  tray: 'tray',
};
