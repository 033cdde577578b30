import { describe, expect, it } from 'vitest';
import { labelFigure } from './labelFigure';
import { leastLetterMm, leastNetHeightMm, netWeightText } from './netWeightText';
import { tolerableErrorG } from '@/core/work/weighing/netWeight';

describe('tolerableErrorG (Council Directive 76/211/EEC)', () => {
  it.each([
    [10, 0.9],
    [50, 4.5],
    [75, 4.5],
    [120, 5.4],
    [123, 5.6],
    [200, 9],
    [250, 9],
    [400, 12],
    [800, 15],
    [2000, 30],
  ])('a nominal %d g may be %d g short', (nominalG, errorG) => {
    expect(tolerableErrorG(nominalG)).toBeCloseTo(errorG, 9);
  });

  it('refuses a pack the directive does not know', () => {
    expect(() => tolerableErrorG(2)).toThrow(/nominalG must be 5 to 10000, got 2/);
  });
});

describe('netWeightText (US 21 CFR 701.13, EU practice)', () => {
  it.each([
    [120, '120 g', 'Net wt 4.2 oz (120 g)'],
    [56.7, '56 g', 'Net wt 2 oz (56 g)'],
    [7.25, '7.2 g', 'Net wt 0.25 oz (7.2 g)'],
    [453.5, '453 g', 'Net wt 15.9 oz (453 g)'],
    [454, '454 g', 'Net wt 16 oz (1 lb) 454 g'],
    [999, '999 g', 'Net wt 35.2 oz (2.2 lb) 999 g'],
    [1000, '1 kg', 'Net wt 35.2 oz (2.2 lb) 1 kg'],
    [1814, '1.81 kg', 'Net wt 63.9 oz (3.99 lb) 1.81 kg'],
    [1815, '1.81 kg', 'Net wt 4 lb (1.81 kg)'],
  ])('%d g is "%s" and "%s", never rounded up', (nominalG, eu, us) => {
    expect(netWeightText(nominalG, 'eu')).toBe(eu);
    expect(netWeightText(nominalG, 'us')).toBe(us);
  });

  it('has letters as high as the rules want (76/211/EEC, annex I 3.1; 21 CFR 701.13)', () => {
    const heights = [50, 50.1, 200, 200.1, 1000, 1000.1].map((g) => leastNetHeightMm(g, 1, 'eu'));
    expect(heights).toEqual([2, 3, 3, 4, 4, 6]);
    const inch2 = 25.4 ** 2;
    expect(leastNetHeightMm(100, 5 * inch2, 'us')).toBeCloseTo(25.4 / 16, 9);
    expect(leastNetHeightMm(100, 5.1 * inch2, 'us')).toBeCloseTo(25.4 / 8, 9);
    expect(leastLetterMm(11.9 * inch2, 'us')).toBeCloseTo(25.4 / 32, 9);
    expect(leastLetterMm(12 * inch2, 'us')).toBeCloseTo(25.4 / 16, 9);
  });
});

describe('labelFigure (Council Directive 76/211/EEC)', () => {
  it('is held by the mean when the fills are even', () => {
    expect(labelFigure([120.4, 121, 120.9, 120.2]).nominalG).toBe(120);
  });

  it('is pulled down by one piece that is far too light', () => {
    // 120 g may be 5.4 g short, and no piece twice that.
    const fills = [...Array.from({ length: 19 }, () => 122), 108];
    const { nominalG } = labelFigure(fills);
    expect(nominalG).toBeLessThan(115);
    expect(108).toBeGreaterThanOrEqual((nominalG ?? 0) - tolerableErrorG(nominalG ?? 0));
  });

  it('asks for at least one fill', () => {
    expect(() => labelFigure([])).toThrow(/at least one mass/);
    expect(() => labelFigure([NaN])).toThrow(/each over 0/);
  });
});
