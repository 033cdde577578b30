import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { MATERIALS } from '@/core/matter/materials/catalog';
import type { Portion } from '@/core/matter/materials/portion';
import { shipped } from '../../../../../tests/fixtures/bodies';
import { classify } from './classify';
import { CLASSED } from './substances';
import { usSignal } from './usWords';

/** So many grams of each, made up to 100 with table salt. */
const mix = (grams: Readonly<Record<string, number>>): readonly Portion[] => {
  const sum = Object.values(grams).reduce((all, one) => all + one, 0);
  return Object.entries({ ...grams, 'sodium-chloride': 100 - sum }).map(([id, massG]) => ({
    material: shipped(id),
    massG,
  }));
};
const codesOf = (contents: readonly Portion[]) =>
  classify(contents).hazards.map(({ code }) => code);
/** A scent whose supplier names one substance, so that it is just so much of the mix. */
const withScent = (name: string, pct: number) =>
  classify(mix({ 'fragrance-oil': 10 }), () => ({ allergens: [{ name, pct: pct * 10 }] }));

describe('a household mixture (Regulation (EC) 1272/2008, annex I, not looked up)', () => {
  it.each([
    [{ 'sodium-carbonate': 9.9 }, [], null],
    [{ 'sodium-carbonate': 10 }, ['H319'], 'Warning'],
    [{ 'citric-acid': 19.9 }, ['H319'], 'Warning'],
    [{ 'citric-acid': 20 }, ['H319', 'H335'], 'Warning'],
    // A limit of its own goes before the generic one.
    [{ 'sodium-percarbonate': 7.4 }, [], null],
    [{ 'sodium-percarbonate': 7.5 }, ['H319'], 'Warning'],
    [{ 'sodium-percarbonate': 24.9 }, ['H319'], 'Warning'],
    [{ 'sodium-percarbonate': 25 }, ['H318'], 'Danger'],
    [{ 'sodium-percarbonate': 49.9 }, ['H318'], 'Danger'],
    [{ 'sodium-percarbonate': 50 }, ['H272', 'H318'], 'Danger'],
    // 1034 mg/kg over 2000 mg/kg: from 51.7% on.
    [{ 'sodium-percarbonate': 51.6 }, ['H272', 'H318'], 'Danger'],
    [{ 'sodium-percarbonate': 51.8 }, ['H272', 'H302', 'H318'], 'Danger'],
    [{ 'tartaric-acid': 0.9 }, [], null],
    [{ 'tartaric-acid': 1 }, ['H319'], 'Warning'],
    [{ 'tartaric-acid': 2.9 }, ['H319'], 'Warning'],
    [{ 'tartaric-acid': 3 }, ['H318'], 'Danger'],
    // Lactic acid at 80% of what is poured: 1, 3 and 5% of it.
    [{ 'lactic-acid-80': 1.24 }, [], null],
    [{ 'lactic-acid-80': 1.25 }, ['H319', 'H315'], 'Warning'],
    [{ 'lactic-acid-80': 3.75 }, ['H318', 'H315'], 'Danger'],
    [{ 'lactic-acid-80': 6.24 }, ['H318', 'H315'], 'Danger'],
    [{ 'lactic-acid-80': 6.25 }, ['H314'], 'Danger'],
    [{ 'sulfamic-acid': 9.9, 'sodium-bicarbonate': 20 }, [], null],
    [{ 'sulfamic-acid': 10, 'sodium-bicarbonate': 20 }, ['H319', 'H315'], 'Warning'],
    [{ borax: 0.29 }, [], null],
    [{ borax: 0.3 }, ['H360FD'], 'Danger'],
    // Additivity: half of the limit of each.
    [{ 'tartaric-acid': 0.5, 'sodium-carbonate': 5 }, ['H319'], 'Warning'],
    [{ 'tartaric-acid': 0.49, 'sodium-carbonate': 5 }, [], null],
  ] as const)('of %o is %j, %s', (grams, codes, signal) => {
    expect(codesOf(mix(grams))).toEqual(codes);
    expect(classify(mix(grams)).signal).toBe(signal);
  });

  it('of an extreme pH is corrosive: a strong acid alone, and not beside soda', () => {
    expect(codesOf([{ material: shipped('sodium-bisulfate'), massG: 100 }])).toContain('H314');
    expect(codesOf(mix({ 'sodium-bisulfate': 40, 'sodium-bicarbonate': 60 }))).not.toContain(
      'H314',
    );
  });

  it.each([
    ['Limonene', 0.09, [], ''],
    ['Limonene', 0.1, [], 'limonene'],
    ['Limonene', 0.9, [], 'limonene'],
    ['Limonene', 1, ['H317'], ''],
    ['Citronellol', 1.1, ['H317'], ''],
    ['Cinnamal', 0.0019, [], ''],
    ['Cinnamal', 0.002, [], 'cinnamal'],
    ['Cinnamal', 0.019, [], 'cinnamal'],
    ['Cinnamal', 0.02, ['H317'], ''],
    ['Isoeugenol', 0.01, ['H317'], ''],
    ['Vanillin', 5, [], ''],
  ] as const)('with %s at %d%% is %j and may elicit by %j', (name, pct, codes, elicits) => {
    const { hazards, supplemental, contains } = withScent(name, pct);
    expect(hazards.map(({ code }) => code)).toEqual(codes);
    expect(supplemental.map(({ text }) => text)).toEqual(
      elicits === '' ? [] : [`Contains ${elicits}. May produce an allergic reaction.`],
    );
    expect(contains).toEqual(codes.length > 0 ? [name.toLowerCase()] : []);
  });

  it('names pinene in the water by steps of ten', () => {
    const at = (pct: number) => withScent('Pinene', pct).hazards.map(({ code }) => code);
    expect(at(0.24)).not.toContain('H412');
    expect(at(0.25)).toContain('H412');
    expect(at(2.4)).toContain('H412');
    expect(at(2.5)).toContain('H411');
  });

  it('says whose substances nobody knows', () => {
    expect(classify(mix({ 'fragrance-oil': 2 })).unknown).toEqual(['Fragrance oil']);
    expect(classify(mix({ 'lemon-essential-oil': 2 })).unknown).toEqual([]);
  });

  it.each([
    [{ 'sodium-carbonate': 30 }, ['GHS07']],
    // Corrosion leaves the exclamation mark out for eyes, and not for what is swallowed.
    [{ 'tartaric-acid': 5 }, ['GHS05']],
    [{ 'tartaric-acid': 5, 'citric-acid': 25 }, ['GHS05', 'GHS07']],
    [{ 'sodium-percarbonate': 60 }, ['GHS03', 'GHS05', 'GHS07']],
    [{ borax: 10 }, ['GHS07', 'GHS08']],
  ] as const)('of %o shows %j (article 26)', (grams, pictograms) => {
    expect(classify(mix(grams)).pictograms).toEqual(pictograms);
  });

  it('gives advice for the gravest hazard first, and six sentences at most', () => {
    const { precautions } = classify(mix({ 'sodium-percarbonate': 60, 'citric-acid': 30 }));
    const codes = precautions.map(({ code }) => code);
    expect(codes).toHaveLength(6);
    expect(codes).toEqual(expect.arrayContaining(['P102', 'P280', 'P305+P351+P338', 'P310']));
    expect(classify(mix({})).precautions).toEqual([]);
  });

  it('has no word in the US for water and the unborn, and danger only for burns', () => {
    expect(usSignal(['H412'])).toBeNull();
    expect(usSignal(['H360FD'])).toBeNull();
    expect(usSignal(['H319', 'H315'])).toBe('CAUTION');
    expect(usSignal(['H318', 'H302'])).toBe('DANGER');
  });

  it('never gets milder by more of what is classed', () => {
    const RANK = { none: 0, Warning: 1, Danger: 2 };
    // A base takes the extreme pH of these two away, and with it what that brings.
    const ids = Object.keys(CLASSED).filter((id) => !/bisulfate|sulfamic/.test(id));
    const anId = fc.constantFrom(...ids);
    const aShare = fc.double({ min: 0.1, max: 40, noNaN: true });
    fc.assert(
      fc.property(anId, anId, aShare, aShare, (one, other, pct, more) => {
        const rank = (share: number) =>
          RANK[classify(mix({ [other]: 10, [one]: share })).signal ?? 'none'];
        expect(rank(pct + more)).toBeGreaterThanOrEqual(rank(pct));
      }),
      { seed: 11, numRuns: 300 },
    );
  });

  it('classes only materials of the catalog', () => {
    for (const id of Object.keys(CLASSED))
      expect(
        MATERIALS.some((one) => one.id === id),
        id,
      ).toBe(true);
  });
});
