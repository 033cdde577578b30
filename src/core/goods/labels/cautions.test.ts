import { describe, expect, it } from 'vitest';
import type { Portion } from '@/core/matter/materials/portion';
import { shipped } from '../../../../tests/fixtures/bodies';
import { NO_WORDS, labelContent, type LabelQuestion } from './content';
import { labelCautions } from './cautions';
import { labelRequirements, type MustFacts } from './labelRequirements';
import { sayLabelRequirement } from './messages';

const mix = (grams: Readonly<Record<string, number>>): readonly Portion[] =>
  Object.entries(grams).map(([id, massG]) => ({ material: shipped(id), massG }));

describe('cautions', () => {
  const foamer = mix({ 'sodium-bicarbonate': 95, 'sodium-lauryl-sulfoacetate': 5 });
  const foaming = (family: 'bath-bomb' | 'shower-steamer', forWhom?: 'children' | 'adults') =>
    labelCautions({ family, market: 'us', contents: foamer, ...(forWhom && { forWhom }) }).find(
      ({ code }) => code === 'foaming-bath',
    )?.text;

  it('puts the foaming caution first where there is a foamer in a bath, in its variants (21 CFR 740.17)', () => {
    const [first] = labelCautions({ family: 'bath-bomb', market: 'us', contents: foamer });
    expect(first?.text).toMatch(/urinary tract.*Keep out of reach of children\.$/);
    expect(first?.source).toMatch(/740\.17/);
    expect(foaming('bath-bomb', 'children')).toMatch(/children except under adult supervision\.$/);
    expect(foaming('bath-bomb', 'adults')).toMatch(/if irritation persists\.$/);
    // A steamer stands under the shower: no bath, no foaming bath.
    expect(foaming('shower-steamer')).toBeUndefined();
    const oil = labelCautions({
      family: 'bath-bomb',
      market: 'us',
      contents: mix({ 'castor-oil': 5, 'polysorbate-80': 2 }),
    });
    expect(oil.map(({ code }) => code)).not.toContain('foaming-bath');
  });

  it('speaks of bleach and never of bathing for a cleaning piece', () => {
    const said = labelCautions({
      family: 'cleaning-fizzy',
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
  maker: { name: 'Orrin Quay', address: 'Quay 1', contact: 'bath@example', dataSheet: '' },
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
  market: 'eu',
  products: [
    {
      name: 'Quince Lantern',
      family: change.family ?? 'bath-bomb',
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
    ['contact', 'missing', PLAIN, { market: 'us' }, { maker: { ...FACTS.maker, contact: '' } }],
    ['safety-report', 'missing', PLAIN, {}, { hasSafetyReport: false }],
    ['best-before', 'missing', PLAIN, {}, { keepsMonths: null }],
    ['best-before', 'look', PLAIN, { market: 'us' }, { keepsMonths: null }],
    ['unread-line', 'missing', PLAIN, {}, { unread: ['a splash of something'] }],
    ['claim', 'missing', PLAIN, {}, { ownTexts: ['calms aching muscles'] }],
    ['claim', 'look', PLAIN, {}, { ownTexts: ['Dermatologist tested'] }],
    ['allergens', 'look', { ...PLAIN, 'lavender-essential-oil': 5 }, {}, {}],
    ['allergen-document', 'missing', { ...PLAIN, 'fragrance-oil': 5 }, {}, {}],
    ['color-number', 'missing', { ...PLAIN, 'water-soluble-dye': 1 }, {}, {}],
    ['no-inci', 'missing', { ...PLAIN, 'dish-soap': 1 }, {}, {}],
    ['color-listing', 'look', { ...PLAIN, 'orange-4-dye': 1 }, {}, {}],
    ['certified-color', 'look', { ...PLAIN, 'red-40-dye': 1 }, { market: 'us' }, {}],
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
      question({ ...PLAIN, 'sodium-lauryl-sulfoacetate': 20 }, { market: 'both' }),
    );
    expect(new Set(cautions.map(({ code }) => code)).size).toBe(cautions.length);
    expect(netWeight?.text).toBe('Net wt 4.2 oz (120 g)');
  });
});
