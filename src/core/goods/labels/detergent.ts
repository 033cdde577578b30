import { portionsG, type Portion } from '@/core/matter/materials/portion';
import type { DeclaredAllergen } from './ingredients/allergens';
import type { Ingredient } from './ingredients/ingredients';

interface ClassRow {
  readonly inci: readonly string[];
  readonly name: string;
}

/** Classes that a detergent’s label names with a range. Source: Regulation (EC) 648/2004, annex VII A, not looked up. */
const CLASSES = [
  {
    name: 'anionic surfactants',
    inci: [
      'Sodium Lauryl Sulfoacetate',
      'Sodium Lauryl Sulfate',
      'Sodium C14-16 Olefin Sulfonate',
      'Sodium Methyl Cocoyl Taurate',
      'Sodium Coco-Sulfate',
      'Sodium Cocoyl Isethionate',
      'Sodium Laureth Sulfate',
    ],
  },
  {
    name: 'non-ionic surfactants',
    inci: [
      'Decyl Glucoside',
      'Coco-Glucoside',
      'Polysorbate 80',
      'Polysorbate 20',
      'Polysorbate 60',
      'PEG-40 Hydrogenated Castor Oil',
      'PEG-7 Glyceryl Cocoate',
    ],
  },
  { name: 'amphoteric surfactants', inci: ['Cocamidopropyl Betaine'] },
  { name: 'oxygen-based bleaching agents', inci: ['Sodium Carbonate Peroxide'] },
] as const satisfies readonly ClassRow[];

/** Classes are named from this share on, %; perfumes always. */
const NAMED_FROM_PCT = 0.2;

/** Ranges of the annex, %. */
function rangeOf(pct: number): string {
  if (pct < 5) return 'less than 5%';
  if (pct < 15) return '5% or over but less than 15%';
  return pct < 30 ? '15% or over but less than 30%' : '30% and more';
}

/**
 * What the label of a detergent in the EU lists in place of a cosmetic’s ingredients: classes with their range, perfumes,
 * and allergens in them over 0.01%. The whole list stands on a data sheet that anyone may ask for.
 * Source: Regulation (EC) 648/2004, article 11 and annex VII, not looked up.
 */
export function detergentContent(
  ingredients: readonly Ingredient[],
  contents: readonly Portion[],
  allergens: readonly DeclaredAllergen[],
): readonly Ingredient[] {
  const plain = { color: false, allergen: false };
  const classes = CLASSES.flatMap((row: ClassRow) => {
    const massPct = ingredients
      .filter(({ name }) => row.inci.includes(name))
      .reduce((sum, one) => sum + one.massPct, 0);
    return massPct > NAMED_FROM_PCT
      ? [{ ...plain, name: `${rangeOf(massPct)} ${row.name}`, massPct }]
      : [];
  }).sort((a, b) => b.massPct - a.massPct);
  const totalG = portionsG(contents);
  const scentPct =
    (100 * portionsG(contents.filter(({ material }) => material.role === 'scent'))) / totalG;
  return [
    ...classes,
    ...(scentPct > 0 ? [{ ...plain, name: 'perfumes', massPct: scentPct }] : []),
    ...allergens.map(({ name, pct }) => ({
      name,
      massPct: pct,
      color: false,
      allergen: true,
    })),
  ];
}
