import { isForSkin, type Family } from '../formula';
import type { Portion } from '../materials';
import { cautionedInPregnancy } from '../scent';

/** One sentence for the label and who asks for it. */
export interface LabelCaution {
  readonly text: string;
  readonly source: string;
}

const practice = 'common practice';

/** The wording of 21 CFR 740.17, from memory: check it against the rule before printing. */
const FOAMING: LabelCaution = {
  text: 'Caution: Use only as directed. Excessive use or prolonged exposure may cause irritation to skin and urinary tract. Discontinue use if rash, redness, or itching occurs. Consult your physician if irritation persists. Keep out of reach of children.',
  source: 'US 21 CFR 740.17, from memory: check the wording',
};

/** Sentences a label of this family and these contents should carry, gravest first. Local rules have the last word. */
export function labelCautions(
  family: Family,
  contents: readonly Portion[],
): readonly LabelCaution[] {
  const materials = contents.filter(({ massG }) => massG > 0).map(({ material }) => material);
  const say = (holds: boolean, text: string) => (holds ? [{ text, source: practice }] : []);
  const has = (trait: (typeof materials)[number]['traits'][number]) =>
    materials.some(({ traits }) => traits.includes(trait));
  if (!isForSkin(family))
    return [
      ...say(
        true,
        'Household cleaner. Keep away from children and pets. Not a sweet, not for the bath.',
      ),
      ...say(true, 'Never mix with bleach or other cleaners: dangerous gas.'),
      ...say(
        has('strong-alkali') || has('not-for-skin'),
        'Irritates eyes and skin: gloves and eye protection. In eyes: rinse with plenty of water.',
      ),
      ...say(true, 'Keep dry, in a pack that can breathe.'),
    ];
  const pregnancy = materials.some(cautionedInPregnancy);
  return [
    ...(has('detergent') ? [FOAMING] : []),
    ...say(true, 'For outside use only. Not for eating. Keep away from children.'),
    ...say(
      has('menthol'),
      'Not for infants, small children, pets, or with asthma. Keep away from eyes and face.',
    ),
    ...say(
      has('methyl-salicylate'),
      'Not for children, nor with blood thinners or aspirin allergy.',
    ),
    ...say(has('phototoxic'), 'Keep bathed skin out of the sun for twelve hours.'),
    ...say(pregnancy, 'In pregnancy ask a doctor or midwife first.'),
    ...say(has('skin-oil') || has('detergent'), 'Makes tub and floor slippery: step with care.'),
    ...say(has('drain'), 'Use a strainer: plant parts clog the drain.'),
    ...say(
      true,
      'Stop if skin reddens or itches. With broken skin, infection or after childbirth ask a doctor first.',
    ),
    ...say(true, 'Keep dry.'),
  ];
}
