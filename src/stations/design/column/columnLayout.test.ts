import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { newLine } from '@/core/formula/model/create';
import { layoutColumn, spreadOut } from './columnLayout';
import { shipped } from '../../../../tests/fixtures/bodies';

const lines = [
  newLine(shipped('sodium-bicarbonate'), 1000),
  newLine(shipped('kaolin'), 40),
  newLine(shipped('water-soluble-dye'), 0.6),
  newLine(shipped('water'), 8),
  newLine(shipped('citric-acid'), 520),
];

describe('layoutColumn', () => {
  it('makes thickness mass, from top to bottom without a gap', () => {
    const { strata, heightPx } = layoutColumn(lines, 600, 34);
    const total = lines.reduce((sum, { massG }) => sum + massG, 0);
    let y = 0;
    strata.forEach((stratum, i) => {
      expect(stratum.y).toBeCloseTo(y, 9);
      expect(stratum.height / heightPx).toBeCloseTo((lines[i]?.massG ?? 0) / total, 9);
      y += stratum.height;
    });
    expect(y).toBeCloseTo(heightPx, 9);
  });

  it('shows traces magnified, to one scale, and leads their rows there', () => {
    const { magnified, leaderStarts, strata } = layoutColumn(lines, 600, 34);
    expect(magnified?.strata.map(({ lineId }) => lineId)).toEqual([lines[2]?.id, lines[3]?.id]);
    magnified?.strata.forEach(({ lineId, height }) => {
      const plain = strata.find((stratum) => stratum.lineId === lineId)?.height ?? 0;
      expect(height / plain).toBeCloseTo(magnified.times, 6);
    });
    expect(leaderStarts.map(({ isTrace }) => isTrace)).toEqual([false, false, true, true, false]);
    expect(layoutColumn(lines.slice(0, 1), 600, 34).magnified).toBeNull();
  });

  it('grows when forty rows need more room than there is', () => {
    const many = Array.from({ length: 40 }, () => newLine(shipped('kaolin'), 10));
    expect(layoutColumn(many, 600, 34).heightPx).toBe(40 * 34);
  });

  it('stands even when nothing weighs anything', () => {
    const { strata, magnified } = layoutColumn(
      [newLine(shipped('kaolin'), 0), newLine(shipped('water'), 0)],
      600,
      34,
    );
    expect(strata.every(({ height }) => height === 0)).toBe(true);
    expect(magnified).toBeNull();
  });
});

describe('spreadOut', () => {
  it('leaves what has room where it is', () => {
    expect(spreadOut([50, 150, 400], 34, 600)).toEqual([50, 150, 400]);
  });

  it('keeps rows apart, in order and inside, wherever the strata are', () => {
    fc.assert(
      fc.property(
        fc.array(fc.double({ min: 0, max: 600, noNaN: true }), { minLength: 1, maxLength: 17 }),
        (wanted) => {
          const rows = spreadOut(
            [...wanted].sort((a, b) => a - b),
            34,
            600,
          );
          rows.forEach((row, i) => {
            expect(row).toBeGreaterThanOrEqual(17 - 1e-9);
            expect(row).toBeLessThanOrEqual(600 - 17 + 1e-9);
            if (i > 0) expect(row - (rows[i - 1] ?? 0)).toBeGreaterThanOrEqual(34 - 1e-9);
          });
        },
      ),
      { seed: 23, numRuns: 200 },
    );
  });
});
