import { describe, expect, it } from 'vitest';
import { compareToTarget, toleranceG } from './tolerance';
import { decimalsOf, isBelowHonestMinimum, roundToStep } from './rounding';

describe('roundToStep', () => {
  it.each([
    [18.26, 0.1, 18.3],
    [18.25, 0.1, 18.3],
    [18.24, 0.1, 18.2],
    [1234.4, 1, 1234],
    [0.15, 0.1, 0.2],
    [7.3, 0.5, 7.5],
    [0.3, 1, 0.3],
    [0, 1, 0],
  ])('%d g on %d g steps is %d', (massG, stepG, rounded) => {
    expect(roundToStep(massG, stepG)).toBe(rounded);
  });

  it('refuses what is no weight and no step', () => {
    expect(() => roundToStep(-1, 1)).toThrow(/massG must be 0 or more/);
    expect(() => roundToStep(1, 0)).toThrow(/stepG must be over 0/);
  });
});

describe('a reading against its target', () => {
  it('allows two percent, one from 100 g up, and a step at least', () => {
    expect(toleranceG(18, 0.1)).toBeCloseTo(0.36, 9);
    expect(toleranceG(1000, 1)).toBe(10);
    expect(toleranceG(2, 0.1)).toBe(0.1);
    // A coarse scale never has a band that reaches down to nothing.
    expect(toleranceG(0.2, 0.1)).toBe(0.1);
    expect(toleranceG(0.1, 0.1)).toBe(0.05);
    expect(toleranceG(0.03, 1)).toBe(0.015);
  });

  it.each([
    [17.6, 'under'],
    [17.64, 'within'],
    [18.36, 'within'],
    [18.4, 'over'],
  ] as const)('%d g of 18 is %s', (massG, against) => {
    expect(compareToTarget(massG, 18, 0.36)).toBe(against);
  });

  it('never takes an empty pan for weighed', () => {
    expect(compareToTarget(0, 0.1, 0.1)).toBe('under');
    expect(compareToTarget(0.1, 0.1, 0.1)).toBe('within');
  });

  it('knows what a scale can honestly weigh and show', () => {
    expect(isBelowHonestMinimum(0.9, 0.1)).toBe(true);
    expect(isBelowHonestMinimum(1, 0.1)).toBe(false);
    expect([1, 0.5, 0.1, 0.05, 0.001, 1e-7].map(decimalsOf)).toEqual([0, 1, 1, 2, 3, 7]);
  });
});
