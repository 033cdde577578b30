import { editDistance } from './editDistance';
import { comparableName, nameIndex } from './names';
import type { Catalog } from './catalog';
import type { Material } from './material';

/** Words that say how a material is, not what it is; they may stand around a known name. */
const QUALIFIERS = new Set(
  (
    'a an and of the in for plus some more extra fresh dried dry wet fine coarse pure raw organic natural unrefined refined ' +
    'virgin cold pressed melted soft softened sifted sieved packed scooped leveled level heaping heaped scant rounded ' +
    'cosmetic food pharmaceutical technical grade white black blue red pink purple violet green yellow orange teal gold ' +
    'golden silver brown light dark bright pale powder powdered granular crystal liquid optional your choice favorite ' +
    'favourite distilled hot warm cold approximately about roughly ground each or so'
  ).split(/\s+/),
);

/** Names that fit several materials: these are asked, never guessed. */
const AMBIGUOUS: ReadonlyMap<string, readonly string[]> = new Map([
  ['salt', ['sodium-chloride', 'sea-salt', 'magnesium-sulfate-heptahydrate', 'dendritic-salt']],
  ['bath salt', ['magnesium-sulfate-heptahydrate', 'sea-salt', 'dendritic-salt']],
  ['oil', ['sweet-almond-oil', 'sunflower-oil', 'coconut-oil', 'fragrance-oil']],
  ['carrier oil', ['sweet-almond-oil', 'sunflower-oil', 'fractionated-coconut-oil']],
  [
    'essential oil',
    ['lavender-essential-oil', 'sweet-orange-essential-oil', 'peppermint-essential-oil'],
  ],
  ['eo', ['lavender-essential-oil', 'sweet-orange-essential-oil', 'peppermint-essential-oil']],
  ['clay', ['kaolin', 'bentonite']],
  ['butter', ['shea-butter', 'cocoa-butter', 'mango-butter']],
  ['milk', ['whole-milk-powder', 'goat-milk-powder', 'coconut-milk-powder']],
  ['color', ['water-soluble-dye', 'mica', 'lake-color', 'liquid-food-color']],
  ['colorant', ['water-soluble-dye', 'mica', 'lake-color', 'liquid-food-color']],
  ['coloring', ['water-soluble-dye', 'mica', 'lake-color', 'liquid-food-color']],
  ['petal', ['rose-petals', 'calendula-petals']],
  ['acid', ['citric-acid', 'tartaric-acid', 'malic-acid']],
]);

export type Recognition =
  /** `certain` names the material; `assumed` is a default worth saying; `spelling` is a near miss. */
  | { readonly kind: 'certain' | 'assumed' | 'spelling'; readonly material: Material }
  | { readonly kind: 'ambiguous' | 'unknown'; readonly choices: readonly string[] };

/** Short names that have a usual meaning; taken, and said. */
const ASSUMED = new Set([
  'citric',
  'alcohol',
  'isopropyl alcohol',
  'isopropyl',
  'soda',
  'milk powder',
]);

/**
 * Finds the material a maker means by a name as written.
 * Tries the whole name, then a known name among words that only qualify it, then one or two typing slips.
 * @param written any text, as `organic baking soda (sifted)`
 */
export function recognizeMaterial(catalog: Catalog, written: string): Recognition {
  const name = comparableName(written);
  const whole = nameIndex(catalog).get(name);
  if (whole) return { kind: ASSUMED.has(name) ? 'assumed' : 'certain', material: whole };
  const bare = withoutQualifiers(name);
  const ambiguous = AMBIGUOUS.get(name) ?? AMBIGUOUS.get(bare);
  if (ambiguous) return { kind: 'ambiguous', choices: ambiguous };
  const inside = nameIndex(catalog).get(bare) ?? knownNameAmongQualifiers(catalog, name);
  if (inside) return { kind: ASSUMED.has(bare) ? 'assumed' : 'certain', material: inside };
  const near = nearest(catalog, bare || name);
  if (near && near.slips <= slipsAllowed(bare || name))
    return { kind: 'spelling', material: near.material };
  return { kind: 'unknown', choices: choicesFor(catalog, name) };
}

/** The catalog's nearest name, for "did you mean"; undefined when nothing is near. */
export function closestMaterial(catalog: Catalog, written: string): Material | undefined {
  return nearest(catalog, comparableName(written))?.material;
}

function withoutQualifiers(name: string): string {
  return name
    .split(' ')
    .filter((word) => !QUALIFIERS.has(word) && !/^\d/.test(word))
    .join(' ');
}

function knownNameAmongQualifiers(catalog: Catalog, name: string): Material | undefined {
  const words = name.split(' ');
  for (let length = words.length - 1; length >= 1; length--) {
    for (let start = 0; start + length <= words.length; start++) {
      const material = nameIndex(catalog).get(words.slice(start, start + length).join(' '));
      const rest = [...words.slice(0, start), ...words.slice(start + length)];
      if (material && rest.every((word) => QUALIFIERS.has(word))) return material;
    }
  }
  return undefined;
}

const FARTHEST_SLIPS = 2;

function nearest(
  catalog: Catalog,
  name: string,
): { material: Material; slips: number } | undefined {
  if (name.length < 4 || name.length > 60) return undefined;
  let best: { material: Material; slips: number } | undefined;
  for (const [key, material] of nameIndex(catalog)) {
    const slips = editDistance(name, key, FARTHEST_SLIPS);
    if (slips <= FARTHEST_SLIPS && slips < (best?.slips ?? Infinity)) best = { material, slips };
  }
  return best;
}

function slipsAllowed(name: string): number {
  return name.length >= 9 ? 2 : name.length >= 6 ? 1 : 0;
}

/** Materials that share a telling word with the name, at most four. */
function choicesFor(catalog: Catalog, name: string): readonly string[] {
  const words = new Set(
    withoutQualifiers(name)
      .split(' ')
      .filter((word) => word.length > 3),
  );
  const ids = new Set<string>();
  for (const [key, material] of nameIndex(catalog))
    if (key.split(' ').some((word) => words.has(word) && word !== 'essential'))
      ids.add(material.id);
  return [...ids].slice(0, 4);
}
