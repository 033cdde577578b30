import { isForSkin, useOf } from '@/core/formula/model/messages';
import type { ProductUse } from '@/core/matter/materials/knowledge';
import { claimsIn } from './claims/claimsIn';
import type { ClaimVerdict } from './claims/lexicon';
import { marketsOf, type LabelContent, type LabelQuestion } from './content';
import { COLOR_WITHOUT_NUMBER } from './ingredients/ingredients';
import { isKnownIngredient, partsOf, sharesAreGuessed } from './ingredients/parts';
import { US_NAMES } from './ingredients/usNames';

export type MustState = 'met' | 'look' | 'missing';

/** One thing that a rule wants on the label, as a code with what it speaks of. `words.ts` says the sentence. */
export interface Must {
  readonly code: MustCode;
  readonly state: MustState;
  readonly names: readonly string[];
  readonly numbers: Readonly<Record<string, number>>;
  readonly rule: string;
}

export const MUST_CODES = [
  'identity',
  'net-weight',
  'ingredients',
  'no-inci',
  'unknown-inci',
  'guessed-shares',
  'color-number',
  'color-listing',
  'certified-color',
  'allergens',
  'allergen-document',
  'foaming-caution',
  'hazard-wording',
  'borax',
  'directions',
  'batch',
  'maker',
  'contact',
  'data-sheet',
  'best-before',
  'claim',
  'unread-line',
  'material-barred',
  'safety-report',
  'letters',
] as const;
export type MustCode = (typeof MUST_CODES)[number];

/** What a label knows beside its content. */
export interface MustFacts {
  readonly batchCodes: readonly string[];
  readonly maker: {
    readonly name: string;
    readonly address: string;
    readonly contact: string;
    readonly dataSheet: string;
  };
  /** Months that the best-before day stands for; null for none. */
  readonly keepsMonths: number | null;
  /** Weighed fills behind the net weight and how many of them are short; null while it is only planned. */
  readonly fills: { readonly count: number; readonly short: number } | null;
  /** Every text of the maker’s own. */
  readonly ownTexts: readonly string[];
  /** Lines of the formula that were not read. */
  readonly unread: readonly string[];
  readonly hasSafetyReport: boolean;
}

const COSMETICS = 'EU 1223/2009, article 19';
const RULES = {
  identity: { eu: COSMETICS, us: 'US 21 CFR 701.11' },
  net: { eu: COSMETICS, us: 'US 21 CFR 701.13' },
  ingredients: { eu: COSMETICS, us: 'US 21 CFR 701.3' },
  maker: { eu: 'EU 1223/2009, article 4 and 19', us: 'US 21 CFR 701.12' },
  detergent: { eu: 'EU 648/2004, article 11 and annex VII', us: 'US 16 CFR 1500' },
} as const;

/**
 * What the label must say, each met, to look at, or missing. Claims are last. Rules from memory: local rules and a
 * qualified assessor have the last word.
 */
export function labelRequirements(
  asked: LabelQuestion,
  content: LabelContent,
  facts: MustFacts,
): readonly Must[] {
  const markets = marketsOf(asked.market);
  const isEu = markets.includes('eu');
  const isUs = markets.includes('us');
  const rule = (of: keyof typeof RULES) => markets.map((market) => RULES[of][market]).join('; ');
  const skin = asked.products.filter(({ family }) => isForSkin(family));
  const home = asked.products.filter(({ family }) => !isForSkin(family));
  const materials = asked.products.flatMap(({ contents }) =>
    contents.flatMap(({ material, massG }) => (massG > 0 ? [material] : [])),
  );
  const unique = [...new Map(materials.map((one) => [one.id, one])).values()];
  const declared = content.products.flatMap(({ allergens }) => allergens.declared);
  const unknownScents = content.products.flatMap(({ allergens }) => allergens.unknown);
  const typicalScents = content.products.flatMap(({ allergens }) => allergens.typical);
  const noInci = unique.filter(({ inci }) => inci.trim() === '').map(({ name }) => name);
  const names = unique.flatMap((material) => partsOf(material).map(({ name }) => name));
  const unknown = names.filter((name) => name !== '' && !isKnownIngredient(name));
  const openColors = unique.filter((material) =>
    partsOf(material).some(({ name }) => name === COLOR_WITHOUT_NUMBER),
  );
  const certified = unique.filter(({ needsCertifiedBatch }) => needsCertifiedBatch);
  const barredFor = (uses: readonly ProductUse[]) =>
    unique.filter(({ notFor }) => notFor?.value.uses.some((use) => uses.includes(use)));
  const uses = asked.products.map(({ family }) => useOf(family));
  const barred = barredFor(uses);
  const barredColors = barred.filter(({ role }) => role === 'color');
  const hazard = content.cautions.filter(({ code }) => HAZARD_CODES.has(code));
  const foaming = content.cautions.find(({ code }) => code === 'foaming-bath');
  const must = (
    code: MustCode,
    state: MustState,
    ruleText: string,
    about: readonly string[] = [],
    numbers: Must['numbers'] = {},
  ): Must => ({
    code,
    state,
    names: code === 'claim' ? about : [...new Set(about)],
    numbers,
    rule: ruleText,
  });
  const when = (holds: boolean, make: () => Must): readonly Must[] => (holds ? [make()] : []);
  const count = content.products.reduce((sum, { ingredients }) => sum + ingredients.length, 0);
  return [
    ...when(facts.unread.length > 0, () =>
      must('unread-line', 'missing', 'every ingredient is on the label', facts.unread),
    ),
    must('identity', content.identity.trim() === '' ? 'missing' : 'met', rule('identity'), [
      content.identity,
    ]),
    must(
      'ingredients',
      count === 0 ? 'missing' : 'met',
      skin.length > 0 ? rule('ingredients') : rule('detergent'),
      [],
      { count },
    ),
    ...when(noInci.length > 0, () => must('no-inci', 'missing', rule('ingredients'), noInci)),
    ...when(unknown.length > 0, () =>
      must('unknown-inci', 'look', 'the common ingredient names', unknown),
    ),
    ...when(unique.some(sharesAreGuessed), () =>
      must(
        'guessed-shares',
        'look',
        rule('ingredients'),
        unique.filter(sharesAreGuessed).map(({ name }) => name),
      ),
    ),
    ...when(openColors.length > 0, () =>
      must(
        'color-number',
        'missing',
        rule('ingredients'),
        openColors.map(({ name }) => name),
      ),
    ),
    must(
      'net-weight',
      content.netWeight === null
        ? 'missing'
        : facts.fills === null || facts.fills.short > 0
          ? 'look'
          : 'met',
      `${rule('net')}; 76/211/EEC`,
      content.netWeight ? [content.netWeight.text] : [],
      facts.fills ? { count: facts.fills.count, short: facts.fills.short } : {},
    ),
    ...when(isEu, () =>
      must(
        'allergens',
        unknownScents.length > 0 ? 'missing' : typicalScents.length > 0 ? 'look' : 'met',
        'EU 1223/2009, annex III, with 2023/1545',
        declared.map(({ name }) => name),
        { count: declared.length },
      ),
    ),
    ...when(unknownScents.length > 0, () =>
      must(
        'allergen-document',
        isEu ? 'missing' : 'look',
        'EU 1223/2009, annex III, with 2023/1545',
        unknownScents,
      ),
    ),
    ...when(foaming !== undefined, () =>
      must('foaming-caution', 'met', foaming?.source ?? '', [asked.forWhom]),
    ),
    ...when(home.length > 0, () =>
      must(
        'hazard-wording',
        hazard.length > 0 ? 'met' : 'look',
        isEu ? 'EU 1272/2008' : 'US 16 CFR 1500',
        hazard.map(({ text }) => text),
      ),
    ),
    ...when(
      content.cautions.some(({ code }) => code === 'borax-not-for-sale'),
      () => must('borax', 'missing', 'EU 1907/2006, annex XVII, entry 30'),
    ),
    ...when(barredColors.length > 0, () =>
      must(
        'color-listing',
        'look',
        'US 21 CFR 73, 74, 82; EU 1223/2009, annex IV',
        barredColors.map(({ name }) => name),
      ),
    ),
    ...when(barred.length > barredColors.length, () =>
      must(
        'material-barred',
        'look',
        'rules for this use',
        barred.filter(({ role }) => role !== 'color').map(({ name }) => name),
      ),
    ),
    ...when(isUs && certified.length > 0, () =>
      must(
        'certified-color',
        'look',
        'US 21 CFR 74 and 80',
        certified.map(({ name }) => US_NAMES[name] ?? name),
      ),
    ),
    must(
      'directions',
      content.directions.trim() === '' ? 'missing' : 'met',
      foaming ? 'US 21 CFR 740.17: adequate directions' : COSMETICS,
    ),
    must('batch', facts.batchCodes.length === 0 ? 'missing' : 'met', COSMETICS, facts.batchCodes),
    must(
      'maker',
      facts.maker.name.trim() === '' || facts.maker.address.trim() === '' ? 'missing' : 'met',
      rule('maker'),
      [facts.maker.name, facts.maker.address].filter((text) => text.trim() !== ''),
    ),
    must(
      'contact',
      facts.maker.contact.trim() === '' ? (isUs ? 'missing' : 'look') : 'met',
      isUs ? 'US FD&C Act 609: where reactions are reported' : 'common practice',
      [facts.maker.contact].filter((text) => text.trim() !== ''),
    ),
    ...when(isEu && home.length > 0, () =>
      must(
        'data-sheet',
        facts.maker.dataSheet.trim() === '' ? 'missing' : 'met',
        RULES.detergent.eu,
        [facts.maker.dataSheet].filter((text) => text.trim() !== ''),
      ),
    ),
    ...when(skin.length > 0, () =>
      must(
        'best-before',
        facts.keepsMonths === null ? (isEu ? 'missing' : 'look') : 'met',
        'EU 1223/2009, article 19 (1) c',
        [],
        facts.keepsMonths === null ? {} : { months: facts.keepsMonths },
      ),
    ),
    ...when(isEu && skin.length > 0, () =>
      must(
        'safety-report',
        facts.hasSafetyReport ? 'met' : 'missing',
        'EU 1223/2009, article 10 and annex I',
      ),
    ),
    ...facts.ownTexts.flatMap((text) =>
      claimsIn(text).map((claim) =>
        must('claim', claim.verdict === 'look' ? 'look' : 'missing', CLAIM_RULES[claim.verdict], [
          claim.words,
          claim.instead,
          claim.why,
        ]),
      ),
    ),
  ];
}

const CLAIM_RULES: Readonly<Record<ClaimVerdict, string>> = {
  drug: 'US FD&C Act 201 (g); EU 1223/2009, article 20',
  pesticide: 'US FIFRA; EU 528/2012',
  look: 'EU 655/2013: legal, true, supported',
};

const HAZARD_CODES: ReadonlySet<string> = new Set([
  'eye-damage',
  'eye-irritant',
  'skin-irritant',
  'airway-irritant',
]);
