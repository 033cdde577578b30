import { describe, expect, it } from 'vitest';
import { deltaE2000, labOfHex, type Lab } from './difference';

describe('the difference of two colors', () => {
  // Pairs of Sharma, Wu and Dalal 2005, table 1, written down from memory and not looked up.
  it.each<[Lab, Lab, number]>([
    [[50, 2.6772, -79.7751], [50, 0, -82.7485], 2.0425],
    [[50, 3.1571, -77.2803], [50, 0, -82.7485], 2.8615],
    [[50, 2.8361, -74.02], [50, 0, -82.7485], 3.4412],
    [[50, 2.5, 0], [50, 0, -2.5], 4.3065],
    [[50, 2.5, 0], [73, 25, -18], 27.1492],
    [[50, 2.5, 0], [58, 24, 15], 19.4535],
    [[60.2574, -34.0099, 36.2677], [60.4626, -34.1751, 39.4387], 1.2644],
    [[63.0109, -31.0961, -5.8663], [62.8187, -29.7946, -4.0864], 1.263],
  ])('is as published for %j and %j', (a, b, published) => {
    expect(deltaE2000(a, b)).toBeCloseTo(published, 4);
    expect(deltaE2000(b, a)).toBeCloseTo(published, 4);
  });

  it('is nothing between a color and itself, and has white and black as CIE has them', () => {
    expect(deltaE2000(labOfHex('#3a7bd5'), labOfHex('#3a7bd5'))).toBe(0);
    const [white] = labOfHex('#ffffff');
    const [black] = labOfHex('#000000');
    expect(white).toBeCloseTo(100, 3);
    expect(black).toBeCloseTo(0, 9);
  });

  it('finds red of sRGB where CIE has it', () => {
    const [l, a, b] = labOfHex('#ff0000');
    expect(l).toBeCloseTo(53.24, 1);
    expect(a).toBeCloseTo(80.09, 1);
    expect(b).toBeCloseTo(67.2, 1);
  });
});
