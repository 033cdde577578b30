import type { Catalog } from '@/core/matter/materials/catalog';
import { materialById } from '@/core/matter/materials/catalog';
import { remembered, type Remembered } from '@/core/basics/remembered';
import { comparableName, nameIndex } from '@/core/matter/materials/names/comparable';
import { recognizeMaterial, type Recognition } from '@/core/matter/materials/names/recognize';
import type { Much } from './phrases/types';

/** Names once looked up, by catalog. */
const looked = new WeakMap<Catalog, Remembered<Recognition>>();
const MOST_KEPT = 4000;

/** Perfume by any name is one: the words that say so. */
const FRAGRANCE =
  /(?:^| )(?:fragrance(?: oil)?|frag|fo|perfume(?: oil)?|parfum|scent oil|scented oil)(?: |$)/;
/** A plant that is eaten or brewed is no essential oil. */
const NO_OIL =
  /(?:^| )(?:ground|powder|powdered|spice|tea(?! tree)|juice|zest|peel|rind|fresh|dried|leaf|leaves|puree|syrup|pulp|crushed|stick)(?: |$)/;
/** By weight these may be the leaf, the peel or the spice. Of any other plant only the oil is used. */
const KITCHEN =
  /(?:^| )(?:mint|spearmint|peppermint|ginger|rosemary|chamomile|rose|cinnamon|clove|bergamot|orange|lemon|lime|grapefruit|basil|thyme|sage|jasmine|vanilla|lavender|cardamom|nutmeg|anise|fennel|oregano|coffee|cocoa|juniper|pepper|parsley|cumin|coriander|turmeric|carrot|aniseed|lemongrass)(?: |$)/;
const OIL_END = / (?:oil|eo|essential oil)$/;

/**
 * What a name means beside its amount: drops of a plain name are its essential oil, a fragrance by any name is one.
 * @param written words of the page @param much null where no amount is known
 */
export function nameIn(catalog: Catalog, written: string, much: Much | null): Recognition {
  const known = looked.get(catalog) ?? remembered<Recognition>(MOST_KEPT);
  looked.set(catalog, known);
  const byDrop = isByDrop(much);
  return known.of(`${written}|${byDrop}`, () => meantBy(catalog, written, much, byDrop));
}

function meantBy(
  catalog: Catalog,
  written: string,
  much: Much | null,
  byDrop: boolean,
): Recognition {
  const plain = recognizeMaterial(catalog, written);
  if (plain.kind === 'dangerous' || plain.kind === 'certain' || plain.kind === 'assumed')
    return plain;
  const name = comparableName(written);
  if (FRAGRANCE.test(name) && !/(?:^| )(?:free|water)(?: |$)/.test(name)) {
    const id = /vanilla/.test(name) ? 'vanilla-fragrance-oil' : 'fragrance-oil';
    return { kind: 'assumed', material: materialById(catalog, id) };
  }
  const full = withoutShortForms(written);
  if (full !== written) {
    const meant = nameIn(catalog, full, much);
    if ('material' in meant) return { kind: 'assumed', material: meant.material };
  }
  const carrier = plain.kind === 'unknown' ? nameIndex(catalog).get(`${name} oil`) : undefined;
  if (carrier?.role === 'oil') return { kind: 'assumed', material: carrier };
  const oil = NO_OIL.test(name) ? undefined : essentialOil(catalog, name, byDrop);
  if (oil) return { kind: 'assumed', material: oil };
  return plain;
}

/** What people shorten in their own notes. Common practice. */
const SHORT_FORMS: ReadonlyArray<readonly [RegExp, string]> = [
  [/^lavender 40\/42\b/gi, 'lavender essential oil'],
  [/^bs$/gi, 'baking soda'],
  [/^ca$/gi, 'citric acid'],
  [/^cs$/gi, 'corn starch'],
  [/^wh$/gi, 'witch hazel'],
  [/^sao$/gi, 'sweet almond oil'],
  [/^oil of (?:the )?(.+?)s?$/gi, '$1 oil'],
  [/\b(iso|ipa|isopropyl|alcohol)[ -]?([79]\d)(?!\d|%)/gi, '$1 $2%'],
  [/\bsw\.? /gi, 'sweet '],
  [/\banhyd(?:r)?\.?(?= |$)/gi, 'anhydrous'],
  [/\bmonohyd(?:r)?\.?(?= |$)/gi, 'monohydrate'],
  [/\bp(?:o?w)?dr?\.?(?= |$)/gi, 'powder'],
  [/\bti(?:tan)?\.? (?=(?:di)?ox)/gi, 'titanium '],
  [/\bess\.? /gi, 'essential '],
  [/\bfrac\.? /gi, 'fractionated '],
  [/\bcoc\.? /gi, 'coconut '],
  [/\bveg\.? /gi, 'vegetable '],
  [/\bmag\.? /gi, 'magnesium '],
  [/\bpolysorb(?:ate)?\.? ?(?=\d)/gi, 'polysorbate '],
  [/\b(?:lav)\.?(?= |$)/gi, 'lavender'],
  [/\beuc\.?(?= |$)/gi, 'eucalyptus'],
  [/\bpep(?:per)?m\.?(?= |$)/gi, 'peppermint'],
];

function withoutShortForms(written: string): string {
  return SHORT_FORMS.reduce((text, [short, full]) => text.replace(short, full), written);
}

function essentialOil(catalog: Catalog, name: string, byDrop: boolean) {
  if (!byDrop && !OIL_END.test(name) && KITCHEN.test(name)) return undefined;
  const bare = name.replace(OIL_END, '').replace(/^(?:a|of|the|pure|organic|natural) /, '');
  const index = nameIndex(catalog);
  for (const one of [bare, `sweet ${bare}`, `${bare} needle`, `${bare} bud`]) {
    const found = index.get(`${one} essential oil`) ?? index.get(`${one} eo`);
    if (found?.role === 'scent') return found;
  }
  return undefined;
}

function isByDrop(much: Much | null): boolean {
  return (
    much?.as === 'measured' &&
    much.measures.some(({ unit }) => unit.kind === 'drop' || unit.id === 'milliliter')
  );
}
