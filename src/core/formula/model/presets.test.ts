import { describe, expect, it } from 'vitest';
import { evaluate } from '@/core/results/evaluation/evaluate';
import { PRESETS, bodyOfPreset } from './presets';
import { allLines, setLineLocked, totalMassG } from './edit';
import { setRatio } from './setRatio';
import { bodyFrom } from '../../../../tests/fixtures/bodies';
import { USUAL_CONDITIONS } from '@/core/results/conditions/types';
import { SHIPPED } from '@/core/matter/materials/catalog';

describe('a preset', () => {
  it.each(PRESETS.map(({ id, family }) => [id, family] as const))(
    '%s stands in its windows as it is, with nothing to warn of',
    (id, family) => {
      const body = bodyOfPreset(id);
      const { binder, scent, fizz, findings } = evaluate(body, {
        ...USUAL_CONDITIONS,
        pieceG: 100,
      });
      expect(body.family).toBe(family);
      expect(binder.verdict).toBe('in-window');
      expect(binder.freeWaterBand).toBe('easy');
      expect(fizz.co2L).toBeGreaterThan(0);
      expect(scent.loadPct).toBeLessThanOrEqual(scent.usualHighPct);
      expect(fizz.limiting).toBe('acid');
      expect(findings.filter(({ severity }) => /warning|stop/.test(severity))).toEqual([]);
    },
  );

  it('is of the school it names', () => {
    const ratio = (id: 'bomb-classic' | 'bomb-acid-forward') =>
      evaluate(bodyOfPreset(id), USUAL_CONDITIONS).fizz.sodaToAcidByMass;
    expect(ratio('bomb-classic')).toBeCloseTo(2, 9);
    expect(ratio('bomb-acid-forward')).toBeCloseTo(1.4, 9);
  });
});

describe('setRatio', () => {
  const body = bodyFrom(
    '300 g baking soda\n150 g citric acid\n50 g tartaric acid\n20 g cornstarch',
  );
  const ratioOf = (of: typeof body) => evaluate(of, USUAL_CONDITIONS).fizz.sodaToAcidByMass;

  it('moves soda and acids, keeps their sum and everything else', () => {
    const moved = setRatio(body, 2, SHIPPED);
    expect(ratioOf(moved)).toBeCloseTo(2, 12);
    expect(totalMassG(moved)).toBeCloseTo(totalMassG(body), 9);
    const grams = new Map(allLines(moved).map(({ materialId, massG }) => [materialId, massG]));
    expect(grams.get('sodium-bicarbonate')).toBeCloseTo(1000 / 3, 9);
    expect(grams.get('citric-acid')).toBeCloseTo(125, 9);
    expect(grams.get('tartaric-acid')).toBeCloseTo(125 / 3, 9);
    expect(grams.get('cornstarch')).toBe(20);
  });

  it('works around a locked line, and leaves a mix it cannot move', () => {
    const byId = (id: string) => allLines(body).find(({ materialId }) => materialId === id);
    const soda = byId('sodium-bicarbonate');
    const citric = byId('citric-acid');
    if (!soda || !citric) throw new Error('two lines are there');
    expect(ratioOf(setRatio(setLineLocked(body, citric.id, true), 2, SHIPPED))).toBeCloseTo(2, 12);
    expect(setRatio(setLineLocked(body, soda.id, true), 2, SHIPPED)).toEqual(
      setLineLocked(body, soda.id, true),
    );
    const noAcid = bodyFrom('300 g baking soda');
    expect(setRatio(noAcid, 2, SHIPPED)).toBe(noAcid);
    expect(() => setRatio(body, NaN, SHIPPED)).toThrow(/ratio must be over 0/);
  });
});
