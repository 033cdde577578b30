import { describe, expect, it } from 'vitest';
import { begun, workTo } from '../../../../tests/fixtures/bench';
import { addedDoubt, countDoubt, pieceDoubt, weightDoubt } from './doubts';
import { correctEntry } from './correct';
import { nextBatchCode } from './batchCode';
import { standing } from './summary';

describe('what is asked before it is written', () => {
  it('a tenth or ten times of a weight, and nothing nearer than three times', () => {
    expect(weightDoubt(410, 41)).toMatch(/410 g, and the step asks for 41 g/);
    expect(weightDoubt(4.1, 41)).not.toBeNull();
    expect(weightDoubt(123, 41)).toBeNull();
    expect(weightDoubt(123.1, 41)).not.toBeNull();
    expect(weightDoubt(13.7, 41)).toBeNull();
    expect(weightDoubt(13.6, 41)).not.toBeNull();
  });

  it('a piece half as heavy again, and a cure of more than a quarter of the bowl', () => {
    expect(pieceDoubt(150, 100)).toBeNull();
    expect(pieceDoubt(150.1, 100)).not.toBeNull();
    expect(pieceDoubt(66, 100)).not.toBeNull();
    expect(addedDoubt(250, 1000)).toBeNull();
    expect(addedDoubt(251, 1000)).not.toBeNull();
    expect(addedDoubt(4000, 0)).toBeNull();
  });

  it('1,200 pieces out of half a kilo', () => {
    expect(countDoubt(1200, 500, 120)).toMatch(/1,200 pieces .* enough for 6 pieces/);
    // 1.3 times 500 g over 120 g: six at the most.
    expect(countDoubt(6, 500, 120)).toBeNull();
    expect(countDoubt(7, 500, 120)).not.toBeNull();
  });
});

describe('a correction', () => {
  const NOW = '2026-05-02T09:00:00.000Z';
  const made = () => ({ ...workTo(begun(), () => false), outcome: 'made' as const });

  it('strikes the old figure, keeps it in sight and puts the new one beside it', () => {
    const batch = made();
    const [weighed] = standing(batch, 'weighed');
    if (!weighed) throw new Error('it was weighed');
    const after = correctEntry(batch, weighed.id, weighed.massG + 7, NOW);
    const at = after.entries.findIndex(({ id }) => id === weighed.id);
    expect(after.entries[at]).toMatchObject({ massG: weighed.massG, voidedAt: NOW });
    expect(after.entries[at + 1]).toMatchObject({
      kind: 'weighed',
      lineId: weighed.lineId,
      massG: weighed.massG + 7,
      voidedAt: null,
      at: NOW,
    });
    expect(after.entries).toHaveLength(batch.entries.length + 1);
  });

  it('leaves alone what has no figure, what is the same and what is not there', () => {
    const batch = made();
    const [squeezed] = standing(batch, 'squeezed');
    const [weighed] = standing(batch, 'weighed');
    expect(correctEntry(batch, squeezed?.id ?? '', 3, NOW)).toBe(batch);
    expect(correctEntry(batch, weighed?.id ?? '', weighed?.massG ?? 0, NOW)).toBe(batch);
    expect(correctEntry(batch, 'nobody', 3, NOW)).toBe(batch);
    expect(correctEntry(batch, weighed?.id ?? '', -1, NOW)).toBe(batch);
  });
});

describe('batch codes', () => {
  it('of two formulas with the same initials do not run on each other', () => {
    const mine = [{ code: 'QL-001', formulaId: 'quince' }];
    expect(nextBatchCode('Quince Lantern', 'quince', mine)).toBe('QL-002');
    expect(nextBatchCode('Quay Light', 'quay', mine)).toBe('QUL-001');
    const both = [...mine, { code: 'QUL-001', formulaId: 'quay' }];
    expect(nextBatchCode('Quay Light', 'quay', both)).toBe('QUL-002');
    expect(nextBatchCode('Quince Lantern', 'quince', both)).toBe('QL-002');
    expect(nextBatchCode('Quarry Ladder', 'quarry', both)).toBe('QAL-001');
  });
});
