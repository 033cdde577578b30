import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { bodyFrom, shipped } from '../../../../../tests/fixtures/bodies';
import { notANumber } from '../../../../../tests/fixtures/readings';
import { FAMILIES, METHODS } from '@/core/formula/model/kinds';
import { addMass } from '@/core/formula/model/edit';
import { emptyBody, newLine, newPart } from '@/core/formula/model/create';
import type { Family, FormulaBody, Line, Method, Part } from '@/core/formula/model/schema';
import { MATERIALS } from '@/core/matter/materials/catalog';
import { evaluate } from '../evaluate';
import { sayFinding } from '../messages';
import { USUAL_CONDITIONS, type Conditions } from '../../conditions/types';

function codes(body: FormulaBody, conditions: Partial<Conditions> = {}): string[] {
  return evaluate(body, { ...USUAL_CONDITIONS, ...conditions }).findings.map(({ code }) => code);
}

function codesOf(text: string, family: Family = 'bath-bomb', method: Method = 'press'): string[] {
  return codes(bodyFrom(text, family, method));
}

function mainOf(lines: Line[]): Part {
  return { ...newPart('main', 'Main mix'), lines };
}

const PLAIN =
  '200 g baking soda\n110 g citric acid\n20 g cornstarch\n22 g castor oil\n4 g polysorbate 80';

describe('findings', () => {
  it.each([
    ['no-acid', '200 g baking soda', 'bath-bomb'],
    ['no-base', '100 g citric acid', 'bath-bomb'],
    ['acid-excess', '100 g baking soda\n100 g citric acid', 'bath-bomb'],
    ['soda-excess-high', '300 g baking soda\n100 g citric acid', 'bath-bomb'],
    ['too-dry', '200 g baking soda\n100 g citric acid', 'bath-bomb'],
    ['too-wet', `${PLAIN}\n60 g castor oil`, 'bath-bomb'],
    ['free-water-high', `${PLAIN}\n9 g water`, 'bath-bomb'],
    ['scent-load-high', `${PLAIN}\n9 g fragrance oil`, 'bath-bomb'],
    ['scent-over-limit', `${PLAIN}\n4 g clove bud oil`, 'bath-bomb'],
    ['vanillin-browning', `${PLAIN}\n2 g vanilla fragrance oil`, 'bath-bomb'],
    ['scent-limit-unknown', `${PLAIN}\n1 g fragrance oil`, 'bath-bomb'],
    ['oil-without-emulsifier', PLAIN.replace('4 g polysorbate 80', ''), 'bath-bomb'],
    ['borax-in-bath-product', `${PLAIN}\n10 g borax`, 'bath-bomb'],
    ['alkali-in-bath-product', `${PLAIN}\n10 g washing soda`, 'shower-steamer'],
    [
      'magnesium-carbonate-scale',
      '100 g washing soda\n100 g epsom salt\n20 g citric acid',
      'cleaning-fizzy',
    ],
    ['ultramarine-with-acid', `${PLAIN}\n0.5 g ultramarine`, 'bath-bomb'],
    ['menthol-caution', `${PLAIN}\n2 g menthol`, 'shower-steamer'],
    ['methyl-salicylate-caution', `${PLAIN}\n1 g wintergreen oil`, 'bath-bomb'],
    ['phototoxic-oil', `${PLAIN}\n1 g bergamot oil`, 'bath-bomb'],
    ['weak-alcohol-water', `${PLAIN}\n3 g rubbing alcohol`, 'bath-bomb'],
    ['detergent-bath-caution', `${PLAIN}\n5 g slsa`, 'bath-bomb'],
    ['volume-measure-uncertain', '2 cups baking soda\n1 cup citric acid', 'bath-bomb'],
    ['color-over-rate', `${PLAIN}\n3 g water soluble dye`, 'bath-bomb'],
    ['hygroscopic-salt', `${PLAIN}\n20 g epsom salt`, 'bath-bomb'],
    ['botanical-drain', `${PLAIN}\n1 g rose petals`, 'bath-bomb'],
    ['slip-caution', PLAIN, 'bath-bomb'],
    ['dust-caution', PLAIN, 'bath-bomb'],
    ['unread-lines', `${PLAIN}\n10 g salt`, 'bath-bomb'],
    ['bath-acid', '20 g baking soda\n400 g citric acid', 'bath-bomb'],
    ['bath-alkaline', '300 g washing soda\n10 g citric acid', 'bath-bomb'],
    ['alkaline-solution', '300 g washing soda\n10 g citric acid', 'cleaning-fizzy'],
    ['acid-on-surface', '20 g baking soda\n400 g citric acid', 'cleaning-fizzy'],
    ['not-for-skin', `${PLAIN}\n5 g dish soap`, 'bath-bomb'],
    ['external-use-color', `${PLAIN}\n0.3 g violet dye`, 'bath-bomb'],
    ['not-for-this-use', '200 g washing soda\n9 g goat milk powder', 'cleaning-fizzy'],
    ['oil-in-steamer', PLAIN, 'shower-steamer'],
    ['oil-in-cleaning-piece', PLAIN, 'cleaning-fizzy'],
    ['oxidizer-with-acid', '200 g percarbonate\n60 g citric acid', 'cleaning-fizzy'],
    ['glycerin-with-borax', '200 g borax\n9 g glycerin', 'cleaning-fizzy'],
    ['crystal-water-melts', '200 g soda crystals\n60 g citric acid', 'cleaning-fizzy'],
    ['wet-acid-reacts', '200 g washing soda\n60 g citric acid\n30 g vinegar', 'cleaning-fizzy'],
    ['over-usual-rate', `${PLAIN}\n60 g cornstarch`, 'bath-bomb'],
    ['foam-high', `${PLAIN}\n60 g slsa`, 'bath-bomb'],
    ['melt-before-alcohol', `${PLAIN}\n5 g shea butter\n3 g 99% alcohol`, 'bath-bomb'],
    ['menthol-undissolved', '200 g baking soda\n9 g menthol\n5 g 99% alcohol', 'shower-steamer'],
    ['pregnancy-caution', `${PLAIN}\n1 g clary sage oil`, 'bath-bomb'],
    ['declare-allergens', `${PLAIN}\n1 g sweet orange oil`, 'bath-bomb'],
    ['food-allergen', `${PLAIN}\n5 g almond oil`, 'bath-bomb'],
    ['flammable-vapor', `${PLAIN}\n3 g 99% alcohol`, 'bath-bomb'],
    ['never-with-bleach', '200 g washing soda\n60 g citric acid', 'cleaning-fizzy'],
    ['dust-caution', '200 g washing soda\n60 g citric acid', 'cleaning-fizzy'],
  ] as const)('%s', (code, text, family) => {
    expect(codesOf(text, family)).toContain(code);
  });

  it('warns of gas in a pack that is closed damp', () => {
    const salts = '200 g baking soda\n110 g citric acid\n4 g water';
    expect(codesOf(salts, 'fizzing-salts', 'loose')).toContain('closed-pack-gas');
    expect(codesOf(salts, 'bath-bomb', 'press')).not.toContain('closed-pack-gas');
  });

  it('takes the supplier’s document for a limit', () => {
    const body = bodyFrom(`${PLAIN}\n3 g fragrance oil`);
    const scentDocuments = [
      {
        materialId: 'fragrance-oil',
        maxPct: 0.5,
        vanillinPct: 6,
        flashPointC: 90,
        dated: '2026-02-01',
      },
    ];
    expect(codes(body)).toContain('scent-limit-unknown');
    const documented = codes(body, { scentDocuments });
    expect(documented).not.toContain('scent-limit-unknown');
    expect(documented).toContain('scent-over-limit');
    expect(documented).toContain('vanillin-browning');
  });

  it('says of every one what to do, with its numbers and its source', () => {
    const all = MATERIALS.map(({ id }) => id);
    fc.assert(
      fc.property(
        fc.array(fc.tuple(fc.constantFrom(...all), fc.double({ min: 0, max: 900, noNaN: true })), {
          maxLength: 12,
        }),
        fc.constantFrom(...FAMILIES),
        fc.constantFrom(...METHODS),
        fc.integer({ min: 0, max: 100 }),
        (entries, family, method, humidityPct) => {
          const lines = entries.map(([id, massG]) => newLine(shipped(id), massG));
          const body = { ...emptyBody(family), method, parts: [mainOf(lines)] };
          const evaluation = evaluate(body, { ...USUAL_CONDITIONS, humidityPct });
          expect(notANumber(evaluation)).toEqual([]);
          for (const finding of evaluation.findings) {
            const { message, todo } = sayFinding(finding);
            expect(message).toMatch(/[.!]$/);
            expect(todo).toMatch(/[.!]$/);
            expect(finding.source).not.toBe('');
          }
        },
      ),
      { seed: 311, numRuns: 250 },
    );
  });

  it('stops borax on skin and welcomes it in a dishwasher', () => {
    const text = '200 g washing soda\n200 g borax\n60 g citric acid\n30 g vinegar';
    const stops = (family: Family) =>
      evaluate(bodyFrom(text, family, 'silicone'), USUAL_CONDITIONS).findings.filter(
        (f) => f.severity === 'stop',
      );
    expect(stops('bath-bomb').map(({ code }) => code)).toEqual([
      'borax-in-bath-product',
      'alkali-in-bath-product',
    ]);
    expect(stops('cleaning-fizzy')).toEqual([]);
  });

  it('has no cosmetic caution for a cleaning piece', () => {
    const found = codesOf(
      '200 g washing soda\n60 g citric acid\n2 g lemon oil\n5 g slsa',
      'cleaning-fizzy',
    );
    for (const code of ['phototoxic-oil', 'detergent-bath-caution', 'slip-caution'])
      expect(found).not.toContain(code);
  });

  it('speaks of the room only outside its working range', () => {
    expect(codes(bodyFrom(PLAIN), { humidityPct: 36 })).toContain('humidity-low');
    expect(codes(bodyFrom(PLAIN), { humidityPct: 60 })).toContain('humidity-high');
    for (const humidityPct of [40, 45, 50, 55])
      expect(
        codes(bodyFrom(PLAIN), { humidityPct }).filter((code) => code.startsWith('humidity')),
      ).toEqual([]);
  });

  it('says the same thing once: the graver finding speaks for both', () => {
    const oil = codesOf(`200 g baking soda\n100 g citric acid\n2 g peppermint eo`, 'bath-bomb');
    expect(oil).toContain('neat-strong-oil');
    expect(oil).not.toContain('scent-floats');
    const foam = codesOf(`${PLAIN}\n20 g slsa`, 'bath-bomb');
    expect(foam).toContain('foam-high');
    expect(foam).not.toContain('detergent-bath-caution');
    // Where the foamer is told to go down, the label is told of by itself.
    const muchFoam = codesOf(`${PLAIN}\n60 g slsa`, 'bath-bomb');
    expect(muchFoam).toEqual(expect.arrayContaining(['foam-high', 'detergent-bath-caution']));
  });

  it('puts what is gravest first', () => {
    const severities = evaluate(
      bodyFrom(`${PLAIN}\n10 g borax\n9 g water`),
      USUAL_CONDITIONS,
    ).findings.map((f) => f.severity);
    const ranks = severities.map((s) => ['stop', 'warning', 'advice', 'info'].indexOf(s));
    expect(ranks).toEqual([...ranks].sort((a, b) => a - b));
  });

  it.each([
    ['acid-excess', '100 g baking soda\n100 g citric acid'],
    ['soda-excess-high', '300 g baking soda\n100 g citric acid monohydrate'],
    ['soda-excess-high', '400 g baking soda\n80 g citric acid\n60 g malic acid'],
    ['too-dry', '200 g baking soda\n110 g citric acid\n5 g castor oil'],
    ['too-wet', `${PLAIN}\n30 g castor oil`],
    ['oil-without-emulsifier', PLAIN.replace('4 g polysorbate 80', '')],
  ])('offers a cure for %s that cures it', (code, text) => {
    const body = bodyFrom(text);
    const fix = evaluate(body, USUAL_CONDITIONS).findings.find(
      (finding) => finding.code === code,
    )?.fix;
    if (!fix) throw new Error(`no cure for ${code}`);
    expect(codes(addMass(body, shipped(fix.materialId), fix.massG * 1.001))).not.toContain(code);
    expect(codes(addMass(body, shipped(fix.materialId), fix.massG * 0.8))).toContain(code);
  });
});
