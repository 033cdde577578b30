import { describe, expect, it } from 'vitest';
import type { Portion } from '@/core/matter/materials/portion';
import { shipped } from '../../../../tests/fixtures/bodies';
import { NO_WORDS, labelContent, type LabelQuestion } from './content';
import { labelCautions } from './cautions';
import { labelRequirements, type MustFacts } from './requirements/labelRequirements';
import { FILINGS } from './requirements/filings';
import { MARKETS, type Market } from './market';
import { SOLD_AS, labelKind } from './soldAs';
import { sayLabelRequirement } from './requirements/messages';

const mix = (grams: Readonly<Record<string, number>>): readonly Portion[] =>
  Object.entries(grams).map(([id, massG]) => ({ material: shipped(id), massG }));

describe('cautions', () => {
  const foamer = mix({ 'sodium-bicarbonate': 95, 'sodium-lauryl-sulfoacetate': 5 });
  const foaming = (family: 'bath-bomb' | 'shower-steamer', forWhom?: 'children' | 'adults') =>
    labelCautions({
      family,
      kind: 'cosmetic',
      market: 'us',
      contents: foamer,
      ...(forWhom && { forWhom }),
    }).find(({ code }) => code === 'foaming-bath')?.text;

  it('puts the foaming caution first where there is a foamer in a bath, in its variants (21 CFR 740.17)', () => {
    const [first] = labelCautions({
      family: 'bath-bomb',
      kind: 'cosmetic',
      market: 'us',
      contents: foamer,
    });
    expect(first?.text).toMatch(/urinary tract.*Keep out of reach of children\.$/);
    expect(first?.source).toMatch(/740\.17/);
    expect(foaming('bath-bomb', 'children')).toMatch(/children except under adult supervision\.$/);
    expect(foaming('bath-bomb', 'adults')).toMatch(/if irritation persists\.$/);
    // A steamer stands under the shower: no bath, no foaming bath.
    expect(foaming('shower-steamer')).toBeUndefined();
    const oil = labelCautions({
      family: 'bath-bomb',
      kind: 'cosmetic',
      market: 'us',
      contents: mix({ 'castor-oil': 5, 'polysorbate-80': 2 }),
    });
    expect(oil.map(({ code }) => code)).not.toContain('foaming-bath');
  });

  it('speaks of bleach and never of bathing for a cleaning piece', () => {
    const said = labelCautions({
      family: 'cleaning-fizzy',
      kind: 'cleaner',
      market: 'eu',
      contents: mix({ 'sodium-carbonate': 100 }),
    })
      .map(({ text }) => text)
      .join(' ');
    expect(said).toMatch(/^Warning\. Causes serious eye irritation\./);
    expect(said).toMatch(/bleach/);
    expect(said).not.toMatch(/skin reddens|tub|pregnancy/);
  });
});

const FACTS: MustFacts = {
  batchCodes: ['QL-011'],
  maker: {
    name: 'Orrin Quay',
    address: 'Quay 1',
    contact: 'bath@example',
    dataSheet: '',
    telephone: '117',
    responsibleEu: 'Lee Side 2, Far Quay',
    responsibleUk: 'Weir House 3, Upper Quay',
    origin: 'Orrin',
  },
  ufi: 'N1QV-R02N-J00M-WQD5',
  filings: FILINGS,
  sizeMm: [64, 74],
  keepsMonths: 12,
  fills: { count: 24, short: 0 },
  ownTexts: [],
  unread: [],
  hasSafetyReport: true,
};
const question = (
  grams: Readonly<Record<string, number>>,
  change: Partial<LabelQuestion> & { family?: LabelQuestion['products'][number]['family'] } = {},
): LabelQuestion => ({
  markets: ['eu'],
  soldAs: null,
  products: [
    {
      name: 'Quince Lantern',
      family: change.family ?? 'bath-bomb',
      method: 'press',
      contents: mix(grams),
      documentFor: () => null,
    },
  ],
  netG: 120,
  forWhom: 'everyone',
  own: NO_WORDS,
  ...change,
});
const states = (asked: LabelQuestion, facts: Partial<MustFacts> = {}) =>
  Object.fromEntries(
    labelRequirements(asked, labelContent(asked), { ...FACTS, ...facts }).map((must) => [
      must.code,
      must.state,
    ]),
  );
const PLAIN = { 'sodium-bicarbonate': 600, 'citric-acid': 300 };
const CLEANER = { family: 'cleaning-fizzy' } as const;

describe('what a label must say', () => {
  it('is met throughout for a plain piece with all its papers', () => {
    expect(new Set(Object.values(states(question(PLAIN))))).toEqual(new Set(['met']));
  });

  it.each([
    ['net-weight', 'missing', PLAIN, { netG: null }, {}],
    ['net-weight', 'look', PLAIN, {}, { fills: { count: 24, short: 1 } }],
    ['net-weight', 'look', PLAIN, {}, { fills: null }],
    ['batch', 'missing', PLAIN, {}, { batchCodes: [] }],
    ['maker', 'missing', PLAIN, {}, { maker: { ...FACTS.maker, address: ' ' } }],
    ['contact', 'look', PLAIN, {}, { maker: { ...FACTS.maker, contact: '' } }],
    ['contact', 'missing', PLAIN, { markets: ['us'] }, { maker: { ...FACTS.maker, contact: '' } }],
    ['safety-report', 'missing', PLAIN, {}, { hasSafetyReport: false }],
    ['best-before', 'missing', PLAIN, {}, { keepsMonths: null }],
    ['best-before', undefined, PLAIN, { markets: ['us'] }, { keepsMonths: null }],
    ['safety-report', 'look', PLAIN, { markets: ['us'] }, { hasSafetyReport: false }],
    ['responsible-eu', 'look', PLAIN, {}, { maker: { ...FACTS.maker, responsibleEu: '' } }],
    ['responsible-uk', undefined, PLAIN, {}, {}],
    ['responsible-uk', 'met', PLAIN, { markets: ['uk'] }, {}],
    ['filing', 'missing', PLAIN, { markets: ['uk'] }, { filings: [] }],
    ['filing', 'look', PLAIN, { markets: ['us'] }, { filings: [] }],
    ['prop-65', 'look', { ...PLAIN, kaolin: 20 }, { markets: ['us'] }, {}],
    ['prop-65', undefined, { ...PLAIN, kaolin: 20 }, {}, {}],
    ['sold-as', 'missing', PLAIN, { family: 'shower-steamer' }, {}],
    ['sold-as', undefined, PLAIN, { family: 'shower-steamer', soldAs: 'household' }, {}],
    ['telephone', undefined, PLAIN, {}, {}],
    ['telephone', 'missing', PLAIN, CLEANER, { maker: { ...FACTS.maker, telephone: '' } }],
    ['ufi', 'met', PLAIN, CLEANER, {}],
    // O is no letter of such a number.
    ['ufi', 'missing', PLAIN, CLEANER, { ufi: 'O1QV-R02N-J00M-WQD5' }],
    ['ufi', undefined, PLAIN, { ...CLEANER, markets: ['uk'] }, {}],
    ['ufi', undefined, { 'sodium-bicarbonate': 100 }, CLEANER, {}],
    ['label-size', undefined, PLAIN, CLEANER, { sizeMm: [74, 52] }],
    ['label-size', 'look', PLAIN, CLEANER, { sizeMm: [73.9, 52] }],
    ['label-size', 'look', PLAIN, CLEANER, { sizeMm: [74, 51.9] }],
    ['unread-line', 'missing', PLAIN, {}, { unread: ['a splash of something'] }],
    ['claim', 'missing', PLAIN, {}, { ownTexts: ['calms aching muscles'] }],
    ['claim', 'look', PLAIN, {}, { ownTexts: ['Dermatologist tested'] }],
    ['allergens', 'look', { ...PLAIN, 'lavender-essential-oil': 5 }, {}, {}],
    ['allergen-document', 'missing', { ...PLAIN, 'fragrance-oil': 5 }, {}, {}],
    ['color-number', 'missing', { ...PLAIN, 'water-soluble-dye': 1 }, {}, {}],
    ['no-inci', 'missing', { ...PLAIN, 'dish-soap': 1 }, {}, {}],
    ['color-listing', 'look', { ...PLAIN, 'orange-4-dye': 1 }, {}, {}],
    ['certified-color', 'look', { ...PLAIN, 'red-40-dye': 1 }, { markets: ['us'] }, {}],
    ['borax', 'missing', { ...PLAIN, borax: 100 }, { family: 'cleaning-fizzy' }, {}],
    ['data-sheet', 'missing', PLAIN, { family: 'cleaning-fizzy' }, {}],
  ] as const)('%s is %s', (code, state, grams, change, facts) => {
    expect(states(question(grams, change), facts)[code]).toBe(state);
  });

  it('has a sentence for each, and never a cosmetic’s for a cleaning piece', () => {
    const asked = question(
      { 'sodium-carbonate': 400, 'sodium-percarbonate': 60, 'lemon-essential-oil': 4 },
      { family: 'cleaning-fizzy' },
    );
    const content = labelContent(asked);
    expect(content.products[0]?.ingredientText).toBe(
      '5% or over but less than 15% oxygen-based bleaching agents, perfumes, Citrus Limon Peel Oil, Limonene, Pinene, Citral.',
    );
    for (const must of labelRequirements(asked, content, FACTS)) {
      const { title, detail } = sayLabelRequirement(must);
      expect(title).not.toBe('');
      expect(`${title} ${detail}`).not.toMatch(/undefined|NaN|cosmetic/);
    }
  });

  it('names the shares of a range just inside and just outside (648/2004, annex VII)', () => {
    const range = (pct: number) =>
      labelContent(
        question(
          { 'sodium-percarbonate': pct, 'sodium-carbonate': 100 - pct },
          { family: 'cleaning-fizzy' },
        ),
      ).products[0]?.ingredients[0]?.name.replace(/ oxygen.*/, '');
    expect([0.2, 0.21, 4.99, 5, 14.99, 15, 29.99, 30].map(range)).toEqual([
      undefined,
      'less than 5%',
      'less than 5%',
      '5% or over but less than 15%',
      '5% or over but less than 15%',
      '15% or over but less than 30%',
      '15% or over but less than 30%',
      '30% and more',
    ]);
  });

  it('says one caution once on a label for both markets', () => {
    const { cautions, netWeight } = labelContent(
      question({ ...PLAIN, 'sodium-lauryl-sulfoacetate': 20 }, { markets: ['eu', 'us'] }),
    );
    expect(new Set(cautions.map(({ code }) => code)).size).toBe(cautions.length);
    expect(netWeight?.text).toBe('Net wt 4.2 oz (120 g)');
  });
});

describe('whose rules are cited', () => {
  const WORN = {
    ...PLAIN,
    'red-40-dye': 1,
    'fragrance-oil': 5,
    borax: 20,
    'orange-4-dye': 1,
    'sodium-lauryl-sulfoacetate': 20,
  };
  const OF_MARKET: Readonly<Record<Market, RegExp>> = {
    eu: /\bEU\b|76\/211/,
    uk: /\bUK\b|\bGB\b|General Product Safety|Packaged Goods/,
    us: /\bUS\b|California/,
  };
  const OF_COSMETICS = /1223\/2009|Cosmetics|21 CFR|FD&C Act 60|655\/2013/;
  const OF_HOUSEHOLD = /1272\/2008|CLP|648\/2004|16 CFR 500|16 CFR 1500|1907\/2006|REACH/;
  const cited = (
    markets: readonly Market[],
    family: LabelQuestion['products'][number]['family'],
    soldAs: LabelQuestion['soldAs'],
  ) => {
    const asked = question(WORN, { family, markets, soldAs });
    const content = labelContent(asked);
    const bare: MustFacts = {
      ...FACTS,
      filings: [],
      ufi: '',
      keepsMonths: null,
      hasSafetyReport: false,
      ownTexts: ['Cures eczema', 'Kills germs', 'Dermatologist tested'],
      sizeMm: [40, 40],
    };
    return [
      ...labelRequirements(asked, content, bare).map(({ rule }) => rule),
      ...content.cautions.map(({ source }) => source),
    ].join(' ; ');
  };

  it.each(MARKETS.flatMap((market) => SOLD_AS.map((soldAs) => [market, soldAs] as const)))(
    'in the %s, sold as %s: no other market’s rule and no other kind’s',
    (market, soldAs) => {
      for (const family of [
        'bath-bomb',
        'shower-steamer',
        'fizzing-salts',
        'cleaning-fizzy',
      ] as const) {
        const text = cited([market], family, soldAs);
        for (const other of MARKETS) {
          if (other === market) expect(text).toMatch(OF_MARKET[other]);
          else expect(text).not.toMatch(OF_MARKET[other]);
        }
        const isCosmetic = labelKind(family, soldAs) === 'cosmetic';
        expect(text).toMatch(isCosmetic ? OF_COSMETICS : OF_HOUSEHOLD);
        expect(text).not.toMatch(isCosmetic ? OF_HOUSEHOLD : OF_COSMETICS);
      }
    },
  );

  it('several at once cite each of them, and each rule once', () => {
    const text = cited(['eu', 'uk', 'us'], 'bath-bomb', null);
    for (const market of MARKETS) expect(text).toMatch(OF_MARKET[market]);
    const asked = question(WORN, { markets: ['eu', 'uk', 'us'] });
    for (const { rule } of labelRequirements(asked, labelContent(asked), FACTS)) {
      const parts = rule.split('; ');
      expect(new Set(parts).size).toBe(parts.length);
    }
  });

  it('a steamer sold as a household product has its hazards and symbols, and no word for skin', () => {
    const steamer = { ...PLAIN, menthol: 30 };
    const as = (soldAs: LabelQuestion['soldAs']) =>
      labelContent(question(steamer, { family: 'shower-steamer', soldAs }));
    expect(as('household').pictograms).toEqual(['GHS07']);
    expect(as(null).pictograms).toEqual([]);
    const text = as('household')
      .cautions.map((one) => one.text)
      .join(' ');
    expect(text).toMatch(/^Warning\..*serious eye irritation.*Not for infants/);
    expect(text).not.toMatch(/skin reddens|external use/);
  });

  it('names in the UK the shorter list of allergens', () => {
    const oil = { ...PLAIN, 'lavender-essential-oil': 20 };
    const names = (markets: readonly Market[]) =>
      labelContent(question(oil, { markets })).products[0]?.ingredientText ?? '';
    expect(names(['eu'])).toMatch(/Lavandula Oil\/Extract.*Linalyl Acetate/);
    expect(names(['uk'])).toMatch(/Lavandula Angustifolia Oil.*Linalool/);
    expect(names(['uk'])).not.toMatch(/Linalyl Acetate|Oil\/Extract/);
  });
});
