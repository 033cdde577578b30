import { describe, expect, it } from 'vitest';
import { parseNumber } from './parseNumber';
import { unitInLabel, withoutUnit, type FieldUnit } from './withoutUnit';

describe('a figure with the unit of its field', () => {
  it.each([
    ['12 g', 'g', 12],
    ['12g', 'g', 12],
    ['1,200 grams', 'g', 1200],
    ['45%', '%', 45],
    ['45 percent', '%', 45],
    ['21 °C', '°C', 21],
    ['21c', '°C', 21],
    ['150 liters', 'L', 150],
    ['7 min.', 'min', 7],
    ['12', 'g', 12],
  ] as const)('reads “%s” in a field of %s as %s', (typed, unit, number) => {
    expect(parseNumber(withoutUnit(typed, unit))).toBe(number);
  });

  it.each([
    ['12 oz', 'g'],
    ['12 kg', 'g'],
    ['12 mg', 'g'],
    ['g', 'g'],
    ['70 F', '°C'],
    ['12 g', null],
  ] as const)('takes no “%s” in a field of %s', (typed, unit: FieldUnit | null) => {
    expect(parseNumber(withoutUnit(typed, unit))).toBeNull();
  });

  it.each([
    ['Water it holds, mL', 'mL'],
    ['Humidity, %', '%'],
    ['Grams of it', 'g'],
    ['Water, liters', 'L'],
    ['Pieces', null],
    ['Soda to acid', null],
  ])('of a field that is called “%s” is %s', (label, unit) => {
    expect(unitInLabel(label)).toBe(unit);
  });
});
