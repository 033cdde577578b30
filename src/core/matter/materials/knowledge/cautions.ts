import type { Trait } from '../types';

/** What to say of a material on screen and on paper, by what it is like. Common practice. */
export const CAUTION_BY_TRAIT: Readonly<Partial<Record<Trait, string>>> = {
  phototoxic: 'Can burn the skin in the sun when cold pressed. Keep to the supplier’s limit.',
  menthol:
    'Hard on eyes and airways. Wear gloves. Keep away from infants, small children, pets and asthma.',
  'methyl-salicylate': 'Acts like aspirin through the skin. Use traces only, never for children.',
  clumps: 'Clumps: sift it.',
  hygroscopic: 'Draws water from the air. Keep it closed.',
  magnesium: 'Leaves a white film with washing soda.',
  'sulfide-with-acid': 'Smells of rotten eggs with acid.',
  'skin-oil': 'Makes tubs and floors slippery.',
  'sets-when-cool': 'Melt it before it goes in.',
  detergent: 'Irritates with long or heavy use. The label needs a caution.',
  'not-for-skin': 'Household only. Wear gloves. Never use it in a bath product.',
  'strong-alkali': 'Strongly alkaline. Wear gloves and eye protection.',
  'needs-bloom': 'Bloom it in a little water first. That water counts.',
  'irritating-dust': 'The dust irritates nose, eyes and lungs. Wear a mask, goggles and gloves.',
  flammable: 'The vapor burns. Use no flame and no oven, and air the room.',
  drain: 'Clogs drains. Use a bag or a strainer.',
  'weak-alcohol': 'Brings water along, which is counted.',
  oxidizer: 'Gives off oxygen when damp. Never close it tight with acid, never use it with bleach.',
  'fine-dust': 'Fine dust. Wear a mask. Use no fan across the bowl.',
  'for-the-top': 'Bleeds when damp. Use it on top of the dry piece only.',
};
