import { HAZARD_TEXT } from './classification/statements';
import { isForSkin, useOf } from '@/core/formula/model/messages';
import type { ProductUse } from '@/core/matter/materials/knowledge';
import type { Material } from '@/core/matter/materials/material';
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

/** What is asked, read once for every rule. */
interface Case {
  readonly asked: LabelQuestion;
  readonly content: LabelContent;
  readonly facts: MustFacts;
  readonly isEu: boolean;
  readonly isUs: boolean;
  readonly isForSkin: boolean;
  readonly isForHome: boolean;
  /** Every material of every product, once. */
  readonly materials: readonly Material[];
  /** A rule as each asked market calls it. */
  readonly rule: (of: keyof typeof RULES) => string;
}

/**
 * What the label must say, each met, to look at, or missing. Claims are last. Rules not looked up: local rules and a
 * qualified assessor have the last word.
 */
export function labelRequirements(
  asked: LabelQuestion,
  content: LabelContent,
  facts: MustFacts,
): readonly Must[] {
  const markets = marketsOf(asked.market);
  const materials = asked.products.flatMap(({ contents }) =>
    contents.flatMap(({ material, massG }) => (massG > 0 ? [material] : [])),
  );
  const of: Case = {
    asked,
    content,
    facts,
    isEu: markets.includes('eu'),
    isUs: markets.includes('us'),
    isForSkin: asked.products.some(({ family }) => isForSkin(family)),
    isForHome: asked.products.some(({ family }) => !isForSkin(family)),
    materials: [...new Map(materials.map((one) => [one.id, one])).values()],
    rule: (name) => markets.map((market) => RULES[name][market]).join('; '),
  };
  return [
    ...identityMusts(of),
    ...ingredientMusts(of),
    ...netWeightMusts(of),
    ...allergenMusts(of),
    ...hazardMusts(of),
    ...barredMusts(of),
    ...makerMusts(of),
    ...cosmeticMusts(of),
    ...claimMusts(of),
  ];
}

function must(
  code: MustCode,
  state: MustState,
  rule: string,
  about: readonly string[] = [],
  numbers: Must['numbers'] = {},
): Must {
  return { code, state, names: code === 'claim' ? about : [...new Set(about)], numbers, rule };
}

const when = (holds: boolean, make: () => Must): readonly Must[] => (holds ? [make()] : []);
const namesOf = (materials: readonly Material[]) => materials.map(({ name }) => name);
const isBlank = (text: string) => text.trim() === '';
const written = (...texts: readonly string[]) => texts.filter((text) => !isBlank(text));

function identityMusts({ content, facts, rule }: Case): readonly Must[] {
  return [
    ...when(facts.unread.length > 0, () =>
      must('unread-line', 'missing', 'every ingredient is on the label', facts.unread),
    ),
    must('identity', isBlank(content.identity) ? 'missing' : 'met', rule('identity'), [
      content.identity,
    ]),
  ];
}

function ingredientMusts(of: Case): readonly Must[] {
  const { content, materials, rule } = of;
  const noInci = namesOf(materials.filter(({ inci }) => isBlank(inci)));
  const names = materials.flatMap((material) => partsOf(material).map(({ name }) => name));
  const unknown = names.filter((name) => name !== '' && !isKnownIngredient(name));
  const guessed = namesOf(materials.filter(sharesAreGuessed));
  const openColors = namesOf(
    materials.filter((material) =>
      partsOf(material).some(({ name }) => name === COLOR_WITHOUT_NUMBER),
    ),
  );
  const count = content.products.reduce((sum, { ingredients }) => sum + ingredients.length, 0);
  return [
    must(
      'ingredients',
      count === 0 ? 'missing' : 'met',
      of.isForSkin ? rule('ingredients') : rule('detergent'),
      [],
      { count },
    ),
    ...when(noInci.length > 0, () => must('no-inci', 'missing', rule('ingredients'), noInci)),
    ...when(unknown.length > 0, () =>
      must('unknown-inci', 'look', 'the common ingredient names', unknown),
    ),
    ...when(guessed.length > 0, () => must('guessed-shares', 'look', rule('ingredients'), guessed)),
    ...when(openColors.length > 0, () =>
      must('color-number', 'missing', rule('ingredients'), openColors),
    ),
  ];
}

function netWeightMusts({ content: { netWeight }, facts: { fills }, rule }: Case): readonly Must[] {
  const isSure = fills !== null && fills.short === 0;
  return [
    must(
      'net-weight',
      netWeight === null ? 'missing' : isSure ? 'met' : 'look',
      `${rule('net')}; 76/211/EEC`,
      netWeight ? [netWeight.text] : [],
      fills ? { count: fills.count, short: fills.short } : {},
    ),
  ];
}

function allergenMusts({ content, isEu }: Case): readonly Must[] {
  const rule = 'EU 1223/2009, annex III, with 2023/1545';
  const declared = content.products.flatMap(({ allergens }) => allergens.declared);
  const unknown = content.products.flatMap(({ allergens }) => allergens.unknown);
  const typical = content.products.flatMap(({ allergens }) => allergens.typical);
  return [
    ...when(isEu, () =>
      must(
        'allergens',
        unknown.length > 0 ? 'missing' : typical.length > 0 ? 'look' : 'met',
        rule,
        declared.map(({ name }) => name),
        { count: declared.length },
      ),
    ),
    ...when(unknown.length > 0, () =>
      must('allergen-document', isEu ? 'missing' : 'look', rule, unknown),
    ),
  ];
}

function hazardMusts({ asked, content: { cautions }, isEu, isForHome }: Case): readonly Must[] {
  const hazards = cautions.filter(({ code }) => HAZARD_CODES.has(code)).map(({ text }) => text);
  const foaming = foamingCaution(cautions);
  return [
    ...when(foaming !== undefined, () =>
      must('foaming-caution', 'met', foaming?.source ?? '', [asked.forWhom]),
    ),
    ...when(isForHome, () =>
      must(
        'hazard-wording',
        hazards.length > 0 ? 'met' : 'look',
        isEu ? 'EU 1272/2008' : 'US 16 CFR 1500',
        hazards,
      ),
    ),
    ...when(
      cautions.some(({ code }) => code === 'borax-not-for-sale'),
      () => must('borax', 'missing', 'EU 1907/2006, annex XVII, entry 30'),
    ),
  ];
}

function barredMusts({ asked, materials, isUs }: Case): readonly Must[] {
  const uses: readonly ProductUse[] = asked.products.map(({ family }) => useOf(family));
  const barred = materials.filter(({ notFor }) =>
    notFor?.value.uses.some((use) => uses.includes(use)),
  );
  const colors = barred.filter(({ role }) => role === 'color');
  const others = barred.filter(({ role }) => role !== 'color');
  const certified = materials.filter(({ needsCertifiedBatch }) => needsCertifiedBatch);
  return [
    ...when(colors.length > 0, () =>
      must(
        'color-listing',
        'look',
        'US 21 CFR 73, 74, 82; EU 1223/2009, annex IV',
        namesOf(colors),
      ),
    ),
    ...when(others.length > 0, () =>
      must('material-barred', 'look', 'rules for this use', namesOf(others)),
    ),
    ...when(isUs && certified.length > 0, () =>
      must(
        'certified-color',
        'look',
        'US 21 CFR 74 and 80',
        certified.map(({ name }) => US_NAMES[name] ?? name),
      ),
    ),
  ];
}

function makerMusts({ content, facts, isEu, isUs, isForHome, rule }: Case): readonly Must[] {
  const { maker, batchCodes } = facts;
  return [
    must(
      'directions',
      isBlank(content.directions) ? 'missing' : 'met',
      foamingCaution(content.cautions) ? 'US 21 CFR 740.17: adequate directions' : COSMETICS,
    ),
    must('batch', batchCodes.length === 0 ? 'missing' : 'met', COSMETICS, batchCodes),
    must(
      'maker',
      isBlank(maker.name) || isBlank(maker.address) ? 'missing' : 'met',
      rule('maker'),
      written(maker.name, maker.address),
    ),
    must(
      'contact',
      isBlank(maker.contact) ? (isUs ? 'missing' : 'look') : 'met',
      isUs ? 'US FD&C Act 609: where reactions are reported' : 'common practice',
      written(maker.contact),
    ),
    ...when(isEu && isForHome, () =>
      must(
        'data-sheet',
        isBlank(maker.dataSheet) ? 'missing' : 'met',
        RULES.detergent.eu,
        written(maker.dataSheet),
      ),
    ),
  ];
}

function cosmeticMusts({ facts, isEu, isForSkin: isCosmetic }: Case): readonly Must[] {
  const { keepsMonths, hasSafetyReport } = facts;
  return [
    ...when(isCosmetic, () =>
      must(
        'best-before',
        keepsMonths === null ? (isEu ? 'missing' : 'look') : 'met',
        'EU 1223/2009, article 19 (1) c',
        [],
        keepsMonths === null ? {} : { months: keepsMonths },
      ),
    ),
    ...when(isEu && isCosmetic, () =>
      must(
        'safety-report',
        hasSafetyReport ? 'met' : 'missing',
        'EU 1223/2009, article 10 and annex I',
      ),
    ),
  ];
}

function claimMusts({ facts }: Case): readonly Must[] {
  return facts.ownTexts.flatMap((text) =>
    claimsIn(text).map(({ verdict, words, instead, why }) =>
      must('claim', verdict === 'look' ? 'look' : 'missing', CLAIM_RULES[verdict], [
        words,
        instead,
        why,
      ]),
    ),
  );
}

function foamingCaution(cautions: LabelContent['cautions']) {
  return cautions.find(({ code }) => code === 'foaming-bath');
}

const CLAIM_RULES: Readonly<Record<ClaimVerdict, string>> = {
  drug: 'US FD&C Act 201 (g); EU 1223/2009, article 20',
  pesticide: 'US FIFRA; EU 528/2012',
  look: 'EU 655/2013: legal, true, supported',
};

const HAZARD_CODES: ReadonlySet<string> = new Set(Object.keys(HAZARD_TEXT));
