import type { Catalog } from '../catalog';
import type { Material } from '../material';
import { comparableName, nameIndex } from './comparable';
import { dangerousNamed, dangerousNear, isStop } from './dangers/find';
import { editDistance, slipsAllowed } from './editDistance';
import { colorByHue } from './hues';
import { sharedWords } from './score';
import { materialByStrength } from './strengths';

/**
 * Words that say how a material is, not what it is; they may stand around a known name. No figure, no hue and no
 * chemical word is among them.
 */
const QUALIFIERS = new Set(
  (
    'a an and of the in for plus some more extra fresh dried dry fine pure raw organic natural unrefined refined ' +
    'virgin cold pressed melted soft softened sifted sieved packed scooped leveled level heaping heaped scant rounded ' +
    'cosmetic food pharmaceutical technical grade optional your choice favorite favourite distilled hot warm ' +
    'approximately about roughly ground each or so'
  ).split(/\s+/),
);
/** Words that fit a powder, and change what a liquid is. */
const SOLID_WORDS = new Set(['powder', 'powdered', 'granular', 'granulated', 'crystal', 'coarse']);
/** How pure a thing is that comes in no strengths. */
const PURITY = /^(?:9[89](?:\.\d+)?|100)%$/;
/** Words that fit a liquid, and change what a powder is. */
const LIQUID_WORDS = new Set(['liquid', 'wet']);

/** Names that fit several materials: these are asked, never guessed. */
const AMBIGUOUS: ReadonlyMap<string, readonly string[]> = new Map([
  ['salt', ['sodium-chloride', 'sea-salt', 'magnesium-sulfate-heptahydrate', 'dendritic-salt']],
  ['bath salt', ['magnesium-sulfate-heptahydrate', 'sea-salt', 'dendritic-salt']],
  ['oil', ['sweet-almond-oil', 'sunflower-oil', 'coconut-oil', 'fragrance-oil']],
  ['vegetable oil', ['sunflower-oil', 'canola-oil', 'soybean-oil', 'olive-oil']],
  ['cooking oil', ['sunflower-oil', 'canola-oil', 'soybean-oil', 'olive-oil']],
  ['carrier oil', ['sweet-almond-oil', 'sunflower-oil', 'fractionated-coconut-oil']],
  [
    'essential oil',
    ['lavender-essential-oil', 'sweet-orange-essential-oil', 'peppermint-essential-oil'],
  ],
  ['eo', ['lavender-essential-oil', 'sweet-orange-essential-oil', 'peppermint-essential-oil']],
  ['bergamot', ['bergamot-essential-oil', 'bergamot-fcf-essential-oil']],
  ['lime', ['lime-essential-oil', 'lime-distilled-essential-oil']],
  ['cinnamon', ['cinnamon-leaf-essential-oil', 'cinnamon-bark-essential-oil']],
  ['birch', ['sweet-birch-essential-oil']],
  ['patchouli', ['patchouli-essential-oil', 'patchouli-blend-essential-oil']],
  ['rose', ['rose-petals', 'rose-water', 'fragrance-oil']],
  ['lavender', ['lavender-essential-oil', 'lavender-flowers']],
  ['clay', ['kaolin', 'bentonite', 'pink-clay', 'green-clay']],
  ['french clay', ['pink-clay', 'green-clay', 'red-clay']],
  ['butter', ['shea-butter', 'cocoa-butter', 'mango-butter']],
  ['milk', ['whole-milk-powder', 'goat-milk-powder', 'coconut-milk-powder']],
  ['color', ['water-soluble-dye', 'mica', 'lake-color', 'liquid-food-color']],
  ['colorant', ['water-soluble-dye', 'mica', 'lake-color', 'liquid-food-color']],
  ['coloring', ['water-soluble-dye', 'mica', 'lake-color', 'liquid-food-color']],
  ['pigment', ['mica', 'iron-oxide', 'ultramarine-blue']],
  ['petal', ['rose-petals', 'calendula-petals']],
  ['isopropanol', ['isopropyl-alcohol-99', 'isopropyl-alcohol-91', 'isopropyl-alcohol-70']],
  ['kosher salt', ['sea-salt-coarse', 'sodium-chloride']],
  ['kosher', ['sea-salt-coarse', 'sodium-chloride']],
  // How strong they are, only the bottle says.
  ['vodka', ['vodka', 'ethanol-95']],
  ['lemon juice', ['lemon-juice', 'citric-acid']],
  ['acid', ['citric-acid', 'tartaric-acid', 'malic-acid']],
  ['betaine', ['cocamidopropyl-betaine', 'betaine-powder', 'trimethylglycine']],
  ['aloe', ['aloe-juice', 'aloe-powder']],
  ['aloe vera', ['aloe-juice', 'aloe-powder']],
  ['glucoside', ['decyl-glucoside', 'coco-glucoside']],
  ['taurate', ['taurate-paste', 'sodium-methyl-cocoyl-taurate']],
  ['magnesium', ['magnesium-sulfate-heptahydrate', 'magnesium-chloride', 'magnesium-carbonate']],
  ['carbonate', ['sodium-carbonate', 'calcium-carbonate', 'magnesium-carbonate']],
  ['polysorbate', ['polysorbate-80', 'polysorbate-20']],
  ['extract', ['plant-extract-in-oil', 'vanilla-extract', 'calendula-water-extract']],
]);

export type Recognition =
  /** `certain` names the material; `assumed` is a default worth saying. */
  | { readonly kind: 'certain' | 'assumed'; readonly material: Material }
  /** A near spelling: offered, never taken, as one letter can be another substance. */
  | { readonly kind: 'guess'; readonly choices: readonly string[] }
  /** Known, but not at this strength. */
  | { readonly kind: 'strength'; readonly choices: readonly string[] }
  /** Must not be in a fizzing product. */
  | { readonly kind: 'dangerous'; readonly choices: readonly [] }
  | { readonly kind: 'ambiguous' | 'unknown'; readonly choices: readonly string[] };

/** Short names that have a usual meaning; taken, and said. */
const ASSUMED = new Set([
  'citric',
  'alcohol',
  'isopropyl alcohol',
  'isopropyl',
  'isopropanol',
  'ipa',
  'rubbing alcohol',
  'soda',
  'washing soda',
  'milk powder',
  'starch',
]);

/**
 * Finds the material a maker means by a name as written: the whole name, a color by its hue, a liquid by its
 * strength, a known name among words that only qualify it. A near spelling is only ever offered.
 * @param written any text, as `organic baking soda (sifted)`
 */
export function recognizeMaterial(catalog: Catalog, written: string): Recognition {
  const name = comparableName(written);
  const whole = nameIndex(catalog).get(name);
  if (whole && !AMBIGUOUS.has(name))
    return { kind: ASSUMED.has(name) ? 'assumed' : 'certain', material: whole };
  const danger = dangerousNamed(written);
  if (danger) return { kind: isStop(danger) ? 'dangerous' : 'unknown', choices: [] };
  const bare = withoutQualifiers(name);
  return (
    bySpecialty(catalog, name, bare) ??
    byKnownName(catalog, name, bare) ??
    byNearness(catalog, bare || name) ?? { kind: 'unknown', choices: choicesFor(catalog, name) }
  );
}

/** The catalog's nearest name, for "did you mean"; undefined when nothing is near, or something dangerous is nearer. */
export function closestMaterial(catalog: Catalog, written: string): Material | undefined {
  const name = comparableName(written);
  const near = nearest(catalog, name);
  if (!near || dangerousNamed(written) || dangerousNear(name, near.slips)) return undefined;
  return near.material;
}

/** Colors by hue, liquids by strength, and names that are several things. */
function bySpecialty(catalog: Catalog, name: string, bare: string): Recognition | null {
  const hue = colorByHue(name) ?? colorByHue(bare);
  const strength = materialByStrength(name) ?? materialByStrength(bare);
  const found = strength ?? hue;
  if (found?.kind === 'material') {
    const material = catalog.byId.get(found.id);
    if (material) return { kind: 'certain', material };
  }
  if (strength?.kind === 'which') return { kind: 'strength', choices: strength.ids };
  const choices =
    AMBIGUOUS.get(name) ?? AMBIGUOUS.get(bare) ?? (hue?.kind === 'which' ? hue.ids : null);
  return choices ? { kind: 'ambiguous', choices } : null;
}

function byKnownName(catalog: Catalog, name: string, bare: string): Recognition | null {
  const inside = nameIndex(catalog).get(bare) ?? knownNameAmongQualifiers(catalog, name);
  return inside ? { kind: ASSUMED.has(bare) ? 'assumed' : 'certain', material: inside } : null;
}

/** What it is nearly spelled like: something dangerous goes before something harmless as near. */
function byNearness(catalog: Catalog, name: string): Recognition | null {
  const limit = slipsAllowed(name);
  const near = nearest(catalog, name);
  const danger = limit > 0 ? dangerousNear(name, limit) : null;
  if (danger && danger.slips <= (near?.slips ?? Infinity))
    return { kind: 'dangerous', choices: [] };
  if (near && near.slips <= limit) return { kind: 'guess', choices: [near.material.id] };
  return null;
}

/** `fine`, `cold pressed`: words that say how a material is, and none that names one. */
export function isOnlyQualifiers(written: string): boolean {
  const words = comparableName(written).split(' ');
  return words.every((word) => QUALIFIERS.has(word) || SOLID_WORDS.has(word) || word === 'ish');
}

function withoutQualifiers(name: string): string {
  return name
    .split(' ')
    .filter((word) => !QUALIFIERS.has(word))
    .join(' ');
}

const MOST_WORDS = 14;

function knownNameAmongQualifiers(catalog: Catalog, name: string): Material | undefined {
  const words = name.split(' ');
  // Nobody puts more words beside a name; every stretch of them would be looked up.
  if (words.length > MOST_WORDS) return undefined;
  for (let length = words.length - 1; length >= 1; length--) {
    for (let start = 0; start + length <= words.length; start++) {
      const material = nameIndex(catalog).get(words.slice(start, start + length).join(' '));
      const rest = [...words.slice(0, start), ...words.slice(start + length)];
      if (material && rest.every((word) => isBeside(word, material))) return material;
    }
  }
  return undefined;
}

/** May this word stand beside the material's name without making it another one? */
function isBeside(word: string, { isLiquid, phase }: Material): boolean {
  if (QUALIFIERS.has(word) || PURITY.test(word)) return true;
  if (SOLID_WORDS.has(word)) return !isLiquid && phase !== 'wet';
  return LIQUID_WORDS.has(word) && isLiquid;
}

const FARTHEST_SLIPS = 2;

/** Names with another figure in them are other things, however near they are spelled. */
function nearest(
  catalog: Catalog,
  name: string,
): { material: Material; slips: number } | undefined {
  if (name.length < 4 || name.length > 60) return undefined;
  const figures = figuresIn(name);
  let best: { material: Material; slips: number } | undefined;
  for (const [key, material] of nameIndex(catalog)) {
    const slips = editDistance(name, key, FARTHEST_SLIPS);
    if (slips <= FARTHEST_SLIPS && slips < (best?.slips ?? Infinity) && figuresIn(key) === figures)
      best = { material, slips };
  }
  return best;
}

function figuresIn(name: string): string {
  return (name.match(/\d+/g) ?? []).join(' ');
}

/** Words that too many names share: what has only one of these in common is no neighbor. */
const DULL = new Set(
  (
    'powder salt oil flake cream sugar acid soda sodium potassium calcium magnesium essential butter water extract liquid ' +
    'flower petal leaf root seed crystal granule grain bead ball spirit milk color free ' +
    'dye chloride sulfate carbonate oxide hydroxide nitrate phosphate acetate tablet cleaner solution gel paste lemon ' +
    'bath baking washing cooking natural plant herb scent balm wax'
  ).split(' '),
);
const MOST_CHOICES = 4;

/** A whole known name of several words inside what is written says more than single words. */
const WHOLE_NAME = 10;

/** Materials that share telling words with the name, at most four; for a name nobody knows at all there are none. */
function choicesFor(catalog: Catalog, name: string): readonly string[] {
  const bare = withoutQualifiers(name);
  const words = bare.split(' ').filter((word) => word.length > 3 && !DULL.has(word));
  const score = new Map<string, number>();
  for (const [key, material] of nameIndex(catalog)) {
    const own = key.split(' ');
    const shared = sharedWords(words, own);
    const whole = own.length > 1 && ` ${bare} `.includes(` ${key} `) ? WHOLE_NAME : 0;
    if (shared + whole > (score.get(material.id) ?? 0)) score.set(material.id, shared + whole);
  }
  return [...score]
    .sort(([, a], [, b]) => b - a)
    .slice(0, MOST_CHOICES)
    .map(([id]) => id);
}
