import { describe, expect, it } from 'vitest';
import { elementCounts, molarMassGMol } from './molarMass';

describe('molarMassGMol', () => {
  it('reads counts of one and of many digits', () => {
    expect(Object.fromEntries(elementCounts('Na2B4H20O17'))).toEqual({ Na: 2, B: 4, H: 20, O: 17 });
    expect(molarMassGMol('C6H8O7')).toBeCloseTo(192.12, 2);
  });

  it.each(['', 'c6', 'Ca(OH)2', 'H2O!'])('refuses %j with what it wants', (formula) => {
    expect(() => molarMassGMol(formula)).toThrow(/symbols and counts/);
  });

  it('names an element it has no weight for', () => {
    expect(() => molarMassGMol('XeF2')).toThrow(/no atomic weight is on file for Xe/);
  });
});
