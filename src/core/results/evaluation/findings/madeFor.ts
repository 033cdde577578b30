import { isForSkin } from '@/core/formula/model/messages';
import type { FindingFacts } from '../facts';
import type { Finding, Rule, Severity } from '../types';

type Whom = FindingFacts['made-for']['whom'];

/** Words by which a page says for whom or what it is made. */
const WORDS: readonly (readonly [Whom, RegExp])[] = [
  ['babies', /\b(?:bab(?:y|ies)|infants?|newborns?|toddlers?)\b/i],
  ['children', /\b(?:kids?|child(?:ren)?|little ones|school ?(?:class|party)|birthday party)\b/i],
  ['pregnancy', /\b(?:pregnan\w*|mom-to-be|mother-to-be|expecting)\b/i],
  ['pets', /\bfor (?:my |your |the )?(?:dogs?|pupp(?:y|ies)|cats?|kittens?|pets?|horses?)\b/i],
  ['jetted-tub', /\b(?:jetted (?:tubs?|baths?)|hot tubs?|whirlpools?|spa tubs?)\b/i],
  [
    'toy',
    /\b(?:(?:toys?|rings?|charms?|figurines?|surprises?|coins?) (?:inside|in the middle|in it|hidden)|hidden (?:toy|ring|charm|surprise))\b/i,
  ],
  [
    'food',
    /\b(?:(?:shaped|looks?|look) like (?:an? )?(?:cupcake|donut|doughnut|cookie|cake|candy|sweet|ice cream|fruit|macaron)s?|(?:cupcake|donut|doughnut|cookie|ice cream|candy|macaron) (?:bomb|shape|mold)s?)\b/i,
  ],
];
/** A line that warns of them is not made for them. */
const KEPT_FROM = /\b(?:not|never|keep (?:away|out)|out of reach|away from|except|unless|no)\b/i;
/** What a child’s bath is scented with at most, % of the mix: half of the usual. Common practice. */
const CHILD_SCENT_PCT = 1;

/** Whom the maker’s own words say it is for, and what that changes in limits, cautions and label. */
export const madeForRules: Rule = ({ body, measured }): readonly Finding[] => {
  const texts = [
    ...(body.notes ?? []),
    body.labelNote ?? '',
    ...body.parts.map(({ name }) => name),
  ];
  const meant = texts.filter((text) => !KEPT_FROM.test(text));
  const scentPct = measured.scent.loadPct;
  const severityOf = (whom: Whom): Severity => {
    if (whom === 'babies' || whom === 'pets') return 'warning';
    return whom === 'children' && scentPct > CHILD_SCENT_PCT ? 'warning' : 'advice';
  };
  return WORDS.filter(
    ([whom, words]) =>
      (isForSkin(body.family) || whom === 'food' || whom === 'toy') &&
      meant.some((text) => words.test(text)),
  ).map(([whom]) => ({
    code: 'made-for',
    severity: severityOf(whom),
    facts: { whom, scentPct },
    source:
      'common practice; toys: EU 2009/48 and US 16 CFR 1501, not checked against the current rule',
  }));
};
