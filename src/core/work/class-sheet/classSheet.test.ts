import { describe, expect, it } from 'vitest';
import { bodyFrom } from '../../../../tests/fixtures/bodies';
import { SHIPPED } from '@/core/matter/materials/catalog';
import { balloonCm, classSheet } from './classSheet';

describe('a class sheet', () => {
  const body = bodyFrom(
    '400 g baking soda\n200 g citric acid\n4 g almond oil\n3 g lavender essential oil',
  );
  const sheet = (children: number, eachG: number) => classSheet(body, SHIPPED, 91, children, eachG);

  it('parts the formula by child, and the sum is what all weigh', () => {
    const { lines, acids, hasSoda, hasScent } = sheet(12, 60.7);
    expect(lines.map(({ name, eachG }) => [name, eachG])).toEqual([
      ['Baking soda', expect.closeTo(40, 9)],
      ['Citric acid, anhydrous', expect.closeTo(20, 9)],
      ['Sweet almond oil', expect.closeTo(0.4, 9)],
      ['Lavender essential oil', expect.closeTo(0.3, 9)],
    ]);
    expect(lines.reduce((sum, { allG }) => sum + allG, 0)).toBeCloseTo(12 * 60.7, 9);
    expect([acids, hasSoda, hasScent]).toEqual([['citric acid'], true, true]);
  });

  it('leaves to the leader what is under 0.3 g a child', () => {
    const forLeader = (eachG: number) =>
      sheet(12, eachG).lines.flatMap(({ name, isForLeader }) => (isForLeader ? name : []));
    expect(forLeader(61)).toEqual([]);
    expect(forLeader(60)).toEqual(['Lavender essential oil']);
  });

  it('gives each piece its share of the gas, and a balloon of that size', () => {
    // A tenth of the formula: 9.1 L, a ball of 25.9 cm (V = pi d^3 / 6).
    const { gasL, balloonCm: cm } = sheet(10, 60.7);
    expect(gasL).toBeCloseTo(9.1, 9);
    expect(cm).toBeCloseTo(25.9, 1);
    expect((Math.PI / 6) * balloonCm(9.1) ** 3).toBeCloseTo(9100, 6);
    expect(() => classSheet(bodyFrom('0 g baking soda'), SHIPPED, 0, 3, 60)).toThrow(/weigh/);
  });
});
