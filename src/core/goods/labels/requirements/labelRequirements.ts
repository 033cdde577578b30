import type { ProductUse } from '@/core/matter/materials/knowledge';
import type { Material } from '@/core/matter/materials/material';
import { useOf } from '@/core/formula/model/messages';
import { claimsIn } from '../claims/claimsIn';
import type { ClaimVerdict } from '../claims/claimRow';
import { HAZARD_TEXT } from '../classification/statements';
import type { LabelContent, LabelQuestion } from '../content';
import { COLOR_WITHOUT_NUMBER } from '../ingredients/ingredients';
import { isKnownIngredient, partsOf, sharesAreGuessed } from '../ingredients/parts';
import { US_NAMES } from '../ingredients/usNames';
import { isEuropean, type Market } from '../market';
import { asksSoldAs, labelKind, type LabelKind } from '../soldAs';
import { FILING_ROWS, filingsFor, type Filing } from './filings';
import { californiaLists } from './prop65';
import { rulesFor, type RuleName } from './rules';
import { readUfi } from './ufi';

export type MustState = 'met' | 'look' | 'missing';

/** One thing that a rule wants on the label, as a code with what it speaks of. `messages.ts` says the sentence. */
export interface Must {
  readonly code: MustCode;
  readonly state: MustState;
  readonly names: readonly string[];
  readonly numbers: Readonly<Record<string, number>>;
  readonly rule: string;
}

export const MUST_CODES = [
  'identity',
  'sold-as',
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
  'telephone',
  'responsible-eu',
  'responsible-uk',
  'origin',
  'ufi',
  'filing',
  'label-size',
  'prop-65',
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
    readonly telephone: string;
    /** Name and address of who answers for it where the maker is not at home; empty for none. */
    readonly responsibleEu: string;
    readonly responsibleUk: string;
    readonly origin: string;
  };
  /** As the poison-center notification gave it; empty for none. */
  readonly ufi: string;
  /** What the maker says is filed. */
  readonly filings: readonly Filing[];
  /** Of one label; null while there is none. */
  readonly sizeMm: readonly [widthMm: number, heightMm: number] | null;
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

/** What is asked, read once for every rule. */
interface Case {
  readonly asked: LabelQuestion;
  readonly content: LabelContent;
  readonly facts: MustFacts;
  readonly markets: readonly Market[];
  readonly kinds: readonly LabelKind[];
  /** Every material of every product, once. */
  readonly materials: readonly Material[];
  /** Who asks for it here; empty where nobody does. */
  readonly cite: (name: RuleName) => string;
}

const PRACTICE = 'common practice';

/**
 * What the label must say, each met, to look at, or missing, with the rule of each market for each kind of product.
 * Claims are last. Rules not looked up: local rules and a qualified assessor have the last word.
 */
export function labelRequirements(
  asked: LabelQuestion,
  content: LabelContent,
  facts: MustFacts,
): readonly Must[] {
  const { markets, soldAs } = asked;
  const materials = asked.products.flatMap(({ contents }) =>
    contents.flatMap(({ material, massG }) => (massG > 0 ? [material] : [])),
  );
  const kinds = [...new Set(asked.products.map(({ family }) => labelKind(family, soldAs)))];
  const of: Case = {
    asked,
    content,
    facts,
    markets,
    kinds,
    materials: [...new Map(materials.map((one) => [one.id, one])).values()],
    cite: (name) => rulesFor(name, markets, kinds).join('; '),
  };
  return [
    ...identityMusts(of),
    ...ingredientMusts(of),
    ...netWeightMusts(of),
    ...allergenMusts(of),
    ...hazardMusts(of),
    ...barredMusts(of),
    ...makerMusts(of),
    ...responsibleMusts(of),
    ...filingMusts(of),
    ...timeMusts(of),
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

function identityMusts({ asked, content, facts, cite }: Case): readonly Must[] {
  return [
    ...when(facts.unread.length > 0, () =>
      must('unread-line', 'missing', 'every ingredient is on the label', facts.unread),
    ),
    must('identity', isBlank(content.identity) ? 'missing' : 'met', cite('identity'), [
      content.identity,
    ]),
    ...when(
      asked.products.some(({ family }) => asksSoldAs(family, asked.soldAs)),
      () => must('sold-as', 'missing', 'cosmetic rules or those for household goods'),
    ),
  ];
}

function ingredientMusts({ content, materials, cite }: Case): readonly Must[] {
  const rule = cite('ingredients') || PRACTICE;
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
    must('ingredients', materials.length === 0 ? 'missing' : 'met', rule, [], { count }),
    ...when(noInci.length > 0, () => must('no-inci', 'missing', rule, noInci)),
    ...when(unknown.length > 0, () =>
      must('unknown-inci', 'look', 'the common ingredient names', unknown),
    ),
    ...when(guessed.length > 0, () => must('guessed-shares', 'look', rule, guessed)),
    ...when(openColors.length > 0, () => must('color-number', 'missing', rule, openColors)),
  ];
}

function netWeightMusts({ content: { netWeight }, facts: { fills }, cite }: Case): readonly Must[] {
  const isSure = fills !== null && fills.short === 0;
  return [
    must(
      'net-weight',
      netWeight === null ? 'missing' : isSure ? 'met' : 'look',
      cite('net-weight'),
      netWeight ? [netWeight.text] : [],
      fills ? { count: fills.count, short: fills.short } : {},
    ),
  ];
}

function allergenMusts({ content, cite }: Case): readonly Must[] {
  const rule = cite('allergens');
  const isAsked = rule !== '';
  const declared = content.products.flatMap(({ allergens }) => allergens.declared);
  const unknown = content.products.flatMap(({ allergens }) => allergens.unknown);
  const typical = content.products.flatMap(({ allergens }) => allergens.typical);
  return [
    ...when(isAsked, () =>
      must(
        'allergens',
        unknown.length > 0 ? 'missing' : typical.length > 0 ? 'look' : 'met',
        rule,
        declared.map(({ name }) => name),
        { count: declared.length },
      ),
    ),
    ...when(unknown.length > 0, () =>
      must('allergen-document', isAsked ? 'missing' : 'look', rule || PRACTICE, unknown),
    ),
  ];
}

function hazardMusts({ asked, content, facts, cite }: Case): readonly Must[] {
  const { cautions, pictograms } = content;
  const hazards = cautions
    .filter(({ code }) => HAZARD_CODES.has(code))
    .map(({ text }) => text.replace(/\.$/, ''));
  const foaming = foamingCaution(cautions);
  const household = cite('hazards');
  const isSmall = facts.sizeMm !== null && !isLargeEnough(facts.sizeMm);
  return [
    ...when(foaming !== undefined, () =>
      must('foaming-caution', 'met', foaming?.source ?? '', [asked.forWhom]),
    ),
    ...when(household !== '', () =>
      must('hazard-wording', hazards.length > 0 ? 'met' : 'look', household, hazards),
    ),
    ...when(pictograms.length > 0 && isSmall, () => must('label-size', 'look', cite('label-size'))),
    ...cautions
      .filter(({ code }) => code === 'borax-not-for-sale')
      .map(({ source }) => must('borax', 'missing', source)),
  ];
}

/** Least label of a pack of up to three liters, if it fits on it, mm. Annex I, 1.2.1.4. Not looked up. */
const LEAST_LABEL_MM = [52, 74] as const;

function isLargeEnough([widthMm, heightMm]: readonly [number, number]): boolean {
  const [short, long] = LEAST_LABEL_MM;
  return Math.min(widthMm, heightMm) >= short && Math.max(widthMm, heightMm) >= long;
}

function barredMusts({ asked, materials, kinds, cite }: Case): readonly Must[] {
  const uses: readonly ProductUse[] = asked.products.map(({ family }) => useOf(family));
  const barred = materials.filter(({ notFor }) =>
    notFor?.value.uses.some((use) => uses.includes(use)),
  );
  const colors = barred.filter(({ role }) => role === 'color');
  const others = barred.filter(({ role }) => role !== 'color');
  const certified = materials.filter(({ needsCertifiedBatch }) => needsCertifiedBatch);
  const listedInUs = new Map(
    materials.flatMap((material) =>
      partsOf(material).flatMap(({ name }) => {
        const why = californiaLists(name);
        return why === null ? [] : [[`${material.name} (${why})`, why] as const];
      }),
    ),
  );
  return [
    ...when(colors.length > 0 && kinds.includes('cosmetic'), () =>
      must('color-listing', 'look', cite('color-listing'), namesOf(colors)),
    ),
    ...when(others.length > 0, () =>
      must('material-barred', 'look', 'rules for this use', namesOf(others)),
    ),
    ...when(cite('certified-color') !== '' && certified.length > 0, () =>
      must(
        'certified-color',
        'look',
        cite('certified-color'),
        certified.map(({ name }) => US_NAMES[name] ?? name),
      ),
    ),
    ...when(cite('prop-65') !== '' && listedInUs.size > 0, () =>
      must('prop-65', 'look', cite('prop-65'), [...listedInUs.keys()]),
    ),
  ];
}

function makerMusts({ content, facts, markets, kinds, cite }: Case): readonly Must[] {
  const { maker, batchCodes } = facts;
  const isUsCosmetic = markets.includes('us') && kinds.includes('cosmetic');
  const contact = cite('contact');
  const foaming = foamingCaution(content.cautions);
  return [
    must(
      'directions',
      isBlank(content.directions) ? 'missing' : 'met',
      [
        cite('directions'),
        foaming && markets.includes('us') ? 'US 21 CFR 740.17: adequate directions' : '',
      ]
        .filter((rule) => rule !== '')
        .join('; ') || PRACTICE,
    ),
    must(
      'batch',
      batchCodes.length === 0 ? 'missing' : 'met',
      cite('batch') || PRACTICE,
      batchCodes,
    ),
    must(
      'maker',
      isBlank(maker.name) || isBlank(maker.address) ? 'missing' : 'met',
      cite('maker'),
      written(maker.name, maker.address),
    ),
    must(
      'contact',
      isBlank(maker.contact) ? (isUsCosmetic ? 'missing' : 'look') : 'met',
      contact || PRACTICE,
      written(maker.contact),
    ),
    ...when(cite('telephone') !== '', () =>
      must(
        'telephone',
        isBlank(maker.telephone) ? 'missing' : 'met',
        cite('telephone'),
        written(maker.telephone),
      ),
    ),
    ...when(kinds.includes('cleaner') && cite('data-sheet') !== '', () =>
      must(
        'data-sheet',
        isBlank(maker.dataSheet) ? 'missing' : 'met',
        cite('data-sheet'),
        written(maker.dataSheet),
      ),
    ),
  ];
}

/** Who answers for it where the maker is not at home: that, nobody but the maker knows. */
function responsibleMusts({ facts: { maker }, cite }: Case): readonly Must[] {
  const asked = [
    ['responsible-eu', maker.responsibleEu],
    ['responsible-uk', maker.responsibleUk],
    ['origin', maker.origin],
  ] as const;
  return asked.flatMap(([code, said]) =>
    when(cite(code) !== '', () =>
      must(code, isBlank(said) ? 'look' : 'met', cite(code), written(said)),
    ),
  );
}

/** Is it classified as hazardous to health or by its physics, not to waters alone? */
export function harms({ cautions }: LabelContent): boolean {
  return cautions.some(({ code }) => HAZARD_CODES.has(code) && !code.startsWith('H4'));
}

function filingMusts({ content, facts, markets, kinds, cite }: Case): readonly Must[] {
  const isHazardous = harms(content);
  const ufi = readUfi(facts.ufi);
  return [
    ...filingsFor(markets, kinds, isHazardous).map((one) => {
      const { title, rule, isMaybe } = FILING_ROWS[one];
      const state = facts.filings.includes(one) ? 'met' : isMaybe ? 'look' : 'missing';
      return must('filing', state, rule, [title]);
    }),
    ...when(isHazardous && cite('ufi') !== '', () =>
      must('ufi', ufi === null ? 'missing' : 'met', cite('ufi'), written(ufi ?? '')),
    ),
  ];
}

function timeMusts({ facts, markets, cite }: Case): readonly Must[] {
  const { keepsMonths, hasSafetyReport } = facts;
  const european = markets.some(isEuropean);
  return [
    ...when(cite('best-before') !== '', () =>
      must(
        'best-before',
        keepsMonths === null ? 'missing' : 'met',
        cite('best-before'),
        [],
        keepsMonths === null ? {} : { months: keepsMonths },
      ),
    ),
    ...when(cite('safety-report') !== '', () =>
      must(
        'safety-report',
        hasSafetyReport ? 'met' : european ? 'missing' : 'look',
        cite('safety-report'),
      ),
    ),
  ];
}

function claimMusts({ facts, cite }: Case): readonly Must[] {
  return facts.ownTexts.flatMap((text) =>
    claimsIn(text).map(({ verdict, topic, words, instead, why }) =>
      must(
        'claim',
        verdict === 'look' ? 'look' : 'missing',
        cite(topic === 'green' ? 'green-claim' : CLAIM_RULES[verdict]),
        [words, instead, why],
      ),
    ),
  );
}

function foamingCaution(cautions: LabelContent['cautions']) {
  return cautions.find(({ code }) => code === 'foaming-bath');
}

const CLAIM_RULES: Readonly<Record<ClaimVerdict, RuleName>> = {
  drug: 'drug-claim',
  pesticide: 'pesticide-claim',
  look: 'weighed-claim',
};

const HAZARD_CODES: ReadonlySet<string> = new Set(Object.keys(HAZARD_TEXT));
