import type { Family, Part } from '../model/schema';
import { materialById, type Catalog } from '@/core/matter/materials/catalog';
import { sentenceNameOf } from '@/core/matter/materials/knowledge/sentenceNames';
import type { Material } from '@/core/matter/materials/material';
import { listed } from '@/core/basics/format/names';

/** What a recipe reads like, and by what. */
export interface FamilyGuess {
  readonly family: Family;
  /** Words of the page, or materials, that say so; empty where nothing does. */
  readonly by: readonly string[];
  /** Is it the page's own words? */
  readonly isByWords: boolean;
}

const WORDS: ReadonlyArray<readonly [RegExp, Family]> = [
  [
    /\b(?:shower )?(?:steamers?|melts? for the shower|shower floor|for the shower|shower (?:bombs?|tablets?|fizz(?:y|ies)?))\b/i,
    'shower-steamer',
  ],
  [
    /\b(?:dishwasher|toilet|loo|bin|bathroom cleaner|nappy|diaper|stain|sink|drain|laundry|kettle|descal\w*|clean(?:ing|er)|bilge|scrub(?:bing)? tablets?)\b/i,
    'cleaning-fizzy',
  ],
  [
    /\b(?:(?:bath|fizzing|fizzy|soaking|milk) salts?|bath dust|(?:salt|foot|milk|bath|tub) soaks?|(?:milk|oat|oatmeal) bath)\b/i,
    'fizzing-salts',
  ],
  [/\b(?:bath bombs?|bath balls?|bath fizz(?:y|ies)|tub bombs?)\b/i, 'bath-bomb'],
];
/** Words of a piece that is bathed in, where nothing says it plainer. */
const BATHED = /\b(?:bombs?|tubs?|bath)\b/i;
/** From this share of salts on it is loose salts. Common practice: bombs hold up to 12%. */
const SALTS_FROM = 0.3;
/** A little washing soda is in some bath salts too. */
const CLEANING_FROM = 0.1;

/** Family of a recipe: what its page calls it, else by what is in it. Common practice. */
export function guessFamily(
  texts: readonly string[],
  parts: readonly Part[],
  catalog: Catalog,
): FamilyGuess {
  const named = WORDS.flatMap(([pattern, family]) => {
    const found = texts.flatMap((text) => pattern.exec(text)?.[0] ?? [])[0];
    return found === undefined ? [] : [{ family, by: [found.toLowerCase()], isByWords: true }];
  })[0];
  if (named) return named;
  const guess = byMaterials(parts, catalog);
  // Menthol makes no steamer of what its own page calls a bomb.
  const bathed = texts.flatMap((text) => BATHED.exec(text)?.[0] ?? [])[0];
  return guess.family === 'shower-steamer' && bathed !== undefined
    ? { family: 'bath-bomb', by: [bathed.toLowerCase()], isByWords: true }
    : guess;
}

function byMaterials(parts: readonly Part[], catalog: Catalog): FamilyGuess {
  const lines = parts
    .flatMap((part) => part.lines)
    .map(({ materialId, massG }) => ({ material: materialById(catalog, materialId), massG }));
  const totalG = lines.reduce((sum, { massG }) => sum + massG, 0);
  const where = (wanted: (material: Material) => boolean) =>
    lines.filter(({ material }) => wanted(material));
  const share = (some: typeof lines) =>
    totalG > 0 ? some.reduce((sum, { massG }) => sum + massG, 0) / totalG : 0;
  const namesOf = (some: typeof lines) => [
    ...new Set(some.map(({ material }) => sentenceNameOf(material))),
  ];
  const builders = where(
    ({ traits, role }) =>
      role === 'builder' || traits.includes('not-for-skin') || traits.includes('strong-alkali'),
  );
  if (share(builders) > CLEANING_FROM)
    return { family: 'cleaning-fizzy', by: namesOf(builders), isByWords: false };
  const salts = where(({ role }) => role === 'salt');
  if (share(salts) > SALTS_FROM)
    return { family: 'fizzing-salts', by: namesOf(salts), isByWords: false };
  const crystals = where(({ likeId }) => likeId === 'menthol' || likeId === 'camphor');
  const skinOils = where(({ traits, role }) => traits.includes('skin-oil') || role === 'butter');
  if (crystals.length > 0 && share(skinOils) < 0.05)
    return { family: 'shower-steamer', by: namesOf(crystals), isByWords: false };
  return { family: 'bath-bomb', by: [], isByWords: false };
}

/** Why it is taken for that, in a sentence: `The page says “dishwasher”.` */
export function sayGuess({ by, isByWords }: FamilyGuess): string {
  if (by.length === 0) return 'Nothing on the page says otherwise.';
  return isByWords ? `The page says “${by.join('”, “')}”.` : `It has ${listed(by)}.`;
}
