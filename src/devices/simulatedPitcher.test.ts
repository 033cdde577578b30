import { describe, expect, it } from 'vitest';
import { readGasLoss } from '@/core/batches/trials/gas-loss/readGasLoss';
import type { GasLossReading } from '@/core/batches/trials/gas-loss/types';
import { simulatedPitcher } from './simulatedPitcher';

describe('the simulated jug', () => {
  it('plays a piece whose share of fizz the readings find again', () => {
    for (const chance of [0, 0.3, 0.9]) {
      let nowMs = 0;
      let tick = () => {};
      const expectedG = 20;
      const jug = simulatedPitcher({
        stepG: 0.1,
        jugG: 2311,
        sampleG: 100,
        expectedG,
        goneS: 200,
        chance,
        nowMs: () => nowMs,
        every: (one) => {
          tick = one;
          return () => {};
        },
      });
      const readings: GasLossReading[] = [];
      let seconds = -1;
      jug.listen({ reading: ({ massG }) => readings.push({ seconds, massG }) });
      tick();
      jug.dropIn();
      for (seconds = 1; seconds < 480; seconds++) {
        nowMs = 1000 * seconds;
        tick();
      }
      jug.close();
      const band = { low: expectedG, best: expectedG, high: expectedG };
      const result = readGasLoss({ readings, sampleG: 100, stepG: 0.1, expectedG: band });
      if (!result.ok) throw new Error(result.problem);
      expect(result.value.share.low).toBeLessThanOrEqual(0.78 + 0.22 * chance);
      expect(result.value.share.high).toBeGreaterThanOrEqual(0.78 + 0.22 * chance);
    }
  });
});
