import type { LabelKind } from '../soldAs';
import type { Market } from '../market';

/** When the rules here were written down. None was checked against its current text. */
export const RULES_WRITTEN = 'November 2026';

type Row = Readonly<Record<LabelKind, Readonly<Record<Market, string | null>>>>;
type ByMarket = readonly [eu: string | null, uk: string | null, us: string | null];

const NONE: ByMarket = [null, null, null];
const EU_COSMETICS = 'EU 1223/2009';
const UK_COSMETICS = 'UK Cosmetics Regulation (1223/2009 as kept)';
const EU_CLP = 'EU 1272/2008';
const GB_CLP = 'GB CLP (1272/2008 as kept)';
const EU_DETERGENTS = 'EU 648/2004 or its successor';
const UK_DETERGENTS = 'UK detergents rules (648/2004 as kept)';

const of = ([eu, uk, us]: ByMarket) => ({ eu, uk, us });
const row = (cosmetic: ByMarket, cleaner: ByMarket, airCare: ByMarket = cleaner): Row => ({
  cosmetic: of(cosmetic),
  cleaner: of(cleaner),
  'air-care': of(airCare),
});
/** The same place in the EU’s rule and in the one that the UK kept. */
const cosmetics = (place: string, us: string | null): ByMarket => [
  `${EU_COSMETICS}, ${place}`,
  `${UK_COSMETICS}, ${place}`,
  us,
];
const clp = (place: string, us: string | null): ByMarket => [
  `${EU_CLP}, ${place}`,
  `${GB_CLP}, ${place}`,
  us,
];
const detergents = (place: string, us: string | null): ByMarket => [
  `${EU_DETERGENTS}, ${place}`,
  `${UK_DETERGENTS}, ${place}`,
  us,
];

/** Who asks for what, by market and kind of product; null where nobody does. Not checked against the current rules. */
const RULES = {
  identity: row(
    cosmetics('article 19 (1) f', 'US 21 CFR 701.11'),
    clp('article 18', 'US 16 CFR 500.4'),
  ),
  'net-weight': row(
    [
      `${EU_COSMETICS}, article 19 (1) b; 76/211/EEC`,
      `${UK_COSMETICS}, article 19 (1) b; Packaged Goods Regulations 2006`,
      'US 21 CFR 701.13',
    ],
    [
      `${EU_CLP}, article 17 (1) b; 76/211/EEC`,
      `${GB_CLP}, article 17 (1) b; Packaged Goods Regulations 2006`,
      'US 16 CFR 500.7',
    ],
  ),
  ingredients: row(
    cosmetics('article 19 (1) g', 'US 21 CFR 701.3'),
    detergents('annex VII A', 'California Health and Safety Code 108954'),
    [null, null, 'California Health and Safety Code 108954'],
  ),
  allergens: row(
    [`${EU_COSMETICS}, annex III, with 2023/1545`, `${UK_COSMETICS}, annex III`, null],
    detergents('annex VII A', null),
    clp('annex II, 2.8', null),
  ),
  maker: row(
    cosmetics('article 19 (1) a', 'US 21 CFR 701.12'),
    clp('article 17 (1) a', 'US 16 CFR 500.5'),
  ),
  'responsible-eu': row(
    [`${EU_COSMETICS}, article 4`, null, null],
    ['EU 2023/988, article 16', null, null],
  ),
  'responsible-uk': row(
    [null, `${UK_COSMETICS}, article 4`, null],
    [null, `${GB_CLP}, article 17 (1) a`, null],
  ),
  contact: row(
    ['EU 2023/988, article 9 (6)', null, 'US FD&C Act 609'],
    ['EU 2023/988, article 9 (6)', null, null],
  ),
  telephone: row(NONE, clp('article 17 (1) a', null)),
  batch: row(cosmetics('article 19 (1) e', null), [
    'EU 2023/988, article 9 (5)',
    'General Product Safety Regulations 2005',
    null,
  ]),
  directions: row(cosmetics('article 19 (1) d', null), detergents('annex VII B', null), NONE),
  hazards: row(NONE, [EU_CLP, GB_CLP, 'US 16 CFR 1500']),
  'label-size': row(NONE, clp('annex I, 1.2.1', null)),
  ufi: row(NONE, [`${EU_CLP}, annex VIII, part A, 5`, null, null]),
  'data-sheet': row(NONE, detergents('annex VII C', 'California Health and Safety Code 108954.5'), [
    null,
    null,
    'California Health and Safety Code 108954.5',
  ]),
  'best-before': row(cosmetics('article 19 (1) c', null), NONE),
  'safety-report': row(cosmetics('article 10 and annex I', 'US FD&C Act 608'), NONE),
  'color-listing': row(
    [`${EU_COSMETICS}, annex IV`, `${UK_COSMETICS}, annex IV`, 'US 21 CFR 73, 74, 82'],
    NONE,
  ),
  'certified-color': row([null, null, 'US 21 CFR 74 and 80'], NONE),
  'drug-claim': row(cosmetics('article 20', 'US FD&C Act 201 (g)'), [
    'EU 2001/83, article 1',
    'UK Human Medicines Regulations 2012',
    'US FD&C Act 201 (g)',
  ]),
  'pesticide-claim': row(
    ['EU 528/2012', 'GB Biocidal Products Regulation', 'US FIFRA'],
    ['EU 528/2012', 'GB Biocidal Products Regulation', 'US FIFRA'],
  ),
  'green-claim': row(
    [
      'EU 2005/29, with 2024/825',
      'UK Digital Markets, Competition and Consumers Act 2024; Green Claims Code',
      'US 16 CFR 260',
    ],
    [
      'EU 2005/29, with 2024/825',
      'UK Digital Markets, Competition and Consumers Act 2024; Green Claims Code',
      'US 16 CFR 260',
    ],
  ),
  'weighed-claim': row(
    [`EU 655/2013`, 'UK 655/2013 as kept', 'US 15 USC 45'],
    ['EU 2005/29', 'UK Digital Markets, Competition and Consumers Act 2024', 'US 15 USC 45'],
  ),
  'prop-65': row(
    [null, null, 'California Health and Safety Code 25249.6'],
    [null, null, 'California Health and Safety Code 25249.6'],
  ),
  origin: row(
    [
      'EU 1223/2009, article 19 (1) a',
      'UK Cosmetics Regulation (1223/2009 as kept), article 19 (1) a',
      'US 19 CFR 134',
    ],
    [null, null, 'US 19 CFR 134'],
  ),
} as const satisfies Readonly<Record<string, Row>>;
export type RuleName = keyof typeof RULES;

/** The rule in each of these markets for each of these kinds, once; empty where none asks for it. */
export function rulesFor(
  name: RuleName,
  markets: readonly Market[],
  kinds: readonly LabelKind[],
): readonly string[] {
  const found = markets.flatMap((market) =>
    kinds.flatMap((kind) => RULES[name][kind][market] ?? []),
  );
  return [...new Set(found)];
}
