import { describe, expect, it } from 'vitest';
import { SAMPLE, SAMPLE_CATALOG } from '../../../../tests/fixtures/sample';
import { packedDensityGMl } from '@/core/results/fizz/packedDensity';
import type { Tool } from '@/core/workshop/shelf/tool';
import { pressMinutesEach } from './learned';
import { OWN_MEASURE_IDS, ownMeasures, type OwnMeasureId } from './ownMeasures';

const NOTHING = {
  batches: [],
  tools: [],
  fills: [],
  method: 'press',
  catalog: SAMPLE_CATALOG,
} as const;
const measure = (id: OwnMeasureId, of: Partial<Parameters<typeof ownMeasures>[0]> = {}) =>
  ownMeasures({ ...NOTHING, ...of }).find((one) => one.id === id);

describe('what a workshop measures itself', () => {
  it('is nothing where nothing was measured, beside what Rovack came with', () => {
    const all = ownMeasures(NOTHING);
    expect(all.map(({ id }) => id)).toEqual([...OWN_MEASURE_IDS]);
    expect(all.every(({ yours, records }) => yours === null && records === 0)).toBe(true);
    expect(measure('squirt')?.shipped?.best).toBe(0.7);
    expect(measure('packed')?.shipped).toEqual(packedDensityGMl('press'));
  });

  it('takes squirts from the sprayer that was weighed', () => {
    const tools = SAMPLE.tools;
    const sprayer = tools.find(
      (tool): tool is Extract<Tool, { kind: 'sprayer' }> => tool.kind === 'sprayer',
    );
    if (!sprayer) throw new Error('the sample has a sprayer');
    expect(measure('squirt', { tools })?.yours?.best).toBeCloseTo(sprayer.tenSquirtsG / 10, 9);
    expect(measure('squirt', { tools: [] })?.yours).toBeNull();
  });

  it('packs by the fills of the method that is asked, and not by those of another', () => {
    const fills = Array.from({ length: 6 }, () => ({
      method: 'press' as const,
      volumeMl: 100,
      massG: 120,
    }));
    const packed = measure('packed', { fills });
    expect(packed?.records).toBe(6);
    expect(packed?.yours?.best).toBeGreaterThan(1.1);
    expect(measure('packed', { fills, method: 'hand' })?.yours).toBeNull();
  });

  it('has the minutes at the press as the plan has them', () => {
    const { batches } = SAMPLE;
    expect(measure('press', { batches })).toMatchObject({
      yours: { best: pressMinutesEach(batches)?.value },
      records: pressMinutesEach(batches)?.records,
    });
  });

  it('says to which month retained samples were good', () => {
    const { batches } = SAMPLE;
    const kept = measure('keeping', { batches });
    expect(kept?.shipped).toBeNull();
    expect(kept?.records).toBeGreaterThan(0);
    expect(kept?.yours?.low).toBeLessThan(kept?.yours?.high ?? 0);
  });
});
