import { describe, expect, it } from 'vitest';
import { fillWatch } from './fillWatch';

describe('fills while pressing', () => {
  it('has mean and spread as by hand, and nothing before the first', () => {
    expect(fillWatch([], 100, 97, 0.97)).toBeNull();
    expect(fillWatch([98, 100, 102], 100, 97, 0.97)).toMatchObject({
      count: 3,
      meanG: 100,
      sdG: 2,
      adjustG: 0,
    });
  });

  it('is on target up to three percent off, where so few fills can prove nothing', () => {
    expect(fillWatch([103], 100, 95, 0.97)?.isOnTarget).toBe(true);
    expect(fillWatch([103.1], 100, 95, 0.97)?.isOnTarget).toBe(false);
    expect(fillWatch([97], 100, 95, 0.97)?.isOnTarget).toBe(true);
    expect(fillWatch([96.9], 100, 95, 0.97)?.isOnTarget).toBe(false);
  });

  it('says how much more when the newest are surely light, and holds its tongue for noise', () => {
    expect(fillWatch([97, 97.2, 96.9, 97.1], 100, 95, 0.97)?.adjustG).toBeCloseTo(2.95, 6);
    expect(fillWatch([97, 103], 100, 95, 0.97)?.adjustG).toBe(0);
    expect(fillWatch([99.8, 99.7, 99.8, 99.7], 100, 95, 0.97)?.adjustG).toBe(0);
    // A hand that drifts: the first dozen were right.
    const drifting = [
      ...Array<number>(12).fill(100),
      ...[103, 103.2, 103.1, 103, 103.2, 103.1, 103, 103.1],
    ];
    expect(fillWatch(drifting, 100, 95, 0.97)?.adjustG).toBeCloseTo(-3.0875, 6);
  });

  // Council Directive 76/211/EEC, annex I: 4.5% from 100 to 200 g, rounded up to a tenth; 120 g gives 5.4.
  it('counts what is short of the net weight once dry by more than the directive lets it be', () => {
    const watch = fillWatch([124, 118, 116.9, 111], 124, 120, 0.98);
    // Once dry: 121.5, 115.6, 114.6 and 108.8 of 120; 114.6 is the least that passes, 109.2 twice.
    expect(watch).toMatchObject({ tolerableG: 5.4, short: 2, farShort: 1 });
    expect(fillWatch([4], 4, 4, 1)).toMatchObject({ tolerableG: null, short: 0 });
    expect(() => fillWatch([1], 0, 0, 1)).toThrow(/targetG must be over 0/);
    expect(() => fillWatch([1], 1, 1, 0)).toThrow(/keptFraction/);
  });
});
