import type { Trait } from '../types';

/** What to say of a material on screen and on paper, by what it is like. Common practice. */
export const CAUTION_BY_TRAIT: Readonly<Partial<Record<Trait, string>>> = {
  phototoxic: 'Can burn the skin in the sun when cold pressed: keep to the supplier’s limit.',
  menthol: 'Hard on eyes and airways: gloves; not near infants, small children, pets or asthma.',
  'methyl-salicylate': 'Acts like aspirin through the skin: traces only, never for children.',
  clumps: 'Clumps: sift it.',
  hygroscopic: 'Draws water from the air: keep it closed.',
  magnesium: 'Gives a white film with washing soda.',
  'sulfide-with-acid': 'Smells of bad eggs with acid.',
  'skin-oil': 'Makes tubs and floors slippery.',
  'sets-when-cool': 'Melt it before it goes in.',
  detergent: 'Irritates with long or heavy use: the label carries a caution.',
  'not-for-skin': 'Household only: gloves, and never in a bath product.',
  'strong-alkali': 'Strongly alkaline: gloves and eye protection.',
  'needs-bloom': 'Bloom it in a little water first; that water counts.',
  'irritating-dust': 'The dust irritates nose, eyes and lungs: mask, goggles, gloves.',
  flammable: 'The vapor burns: no flame, no oven, air the room.',
  drain: 'Clogs drains: a bag or a strainer.',
  'weak-alcohol': 'Brings water along; it is counted.',
  oxidizer: 'Gives off oxygen when damp: never closed tight with acid, never with bleach.',
  'fine-dust': 'Fine dust: a mask, and no fan across the bowl.',
  'for-the-top': 'Bleeds when damp: on top of the dry piece only.',
};
