import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { LANTERN, bodyFrom } from '../../../../tests/fixtures/bodies';
import { emptyBody } from '@/core/formula/model/create';
import { NO_MEANS } from './means';
import { USUAL_REQUEST } from './request';
import { materialsUsed } from './used';
import { moldVolumeMl } from './molds';
import { packedDensityGMl } from '@/core/results/fizz/packedDensity';
import { planScale } from './plan';
import type { ScaleRequest } from './requestSchema';

const REQUEST: ScaleRequest = {
  ...USUAL_REQUEST,
  want: { kind: 'total', massG: 1000 },
  mold: { shape: 'sphere', diameterMm: 70 },
  scaleStepG: 0.1,
  lossPct: 2,
};

function plan(text: string, request: Partial<ScaleRequest> = {}) {
  const result = planScale(bodyFrom(text), { ...REQUEST, ...request });
  if (!result.ok) throw new Error(result.problem.message);
  return result.plan;
}

describe('moldVolumeMl', () => {
  // Elementary solids, worked by hand.
  it.each([
    [{ shape: 'sphere', diameterMm: 70 } as const, 179.594],
    [{ shape: 'half-sphere', diameterMm: 60 } as const, 56.549],
    [{ shape: 'cylinder', diameterMm: 40, heightMm: 25 } as const, 31.416],
    [{ shape: 'box', lengthMm: 30, widthMm: 30, heightMm: 30 } as const, 27],
    [{ shape: 'own-volume', volumeMl: 45 } as const, 45],
  ])('%o holds %d mL', (mold, volumeMl) => {
    expect(moldVolumeMl(mold)).toBeCloseTo(volumeMl, 3);
  });
});

describe('planScale', () => {
  it('scales two to one to a kilo, by hand', () => {
    const { lines, totalG, readings } = plan('200 g baking soda\n100 g citric acid', {
      scaleStepG: 1,
    });
    expect(lines.map(({ targetG }) => targetG)).toEqual([667, 333]);
    expect(lines.map(({ exactG }) => exactG)).toEqual([
      expect.closeTo(666.667, 3),
      expect.closeTo(333.333, 3),
    ]);
    expect(totalG).toBe(1000);
    expect(readings.wanted.sodaToAcidByMass).toBeCloseTo(2, 12);
    expect(readings.planned.sodaToAcidByMass).toBeCloseTo(667 / 333, 12);
  });

  it('makes enough mix for the pieces wanted, with the loss on top', () => {
    const pieceG = moldVolumeMl(REQUEST.mold) * packedDensityGMl('press').best;
    const { totalG, pieces, lines } = plan(LANTERN, {
      want: { kind: 'pieces', count: 12 },
      scaleStepG: 0.01,
    });
    expect(pieces).toBe(12);
    expect(totalG).toBeCloseTo((12 * pieceG) / 0.98, 1);
    expect(lines.filter(({ partId }) => partId !== lines[0]?.partId)).toHaveLength(2);
  });

  it('says how many whole pieces a total makes, and what is left', () => {
    const { pieces, leftoverG, pieceG, totalG } = plan(LANTERN, {
      want: { kind: 'total', massG: 1000 },
    });
    expect(pieces).toBe(Math.floor((totalG * 0.98) / pieceG));
    expect(leftoverG).toBeCloseTo(totalG * 0.98 - pieces * pieceG, 9);
  });

  it('marks what this scale cannot weigh, and never rounds it to nothing', () => {
    const dye = (scaleStepG: number) =>
      plan(LANTERN, { scaleStepG }).lines.find(
        ({ materialId }) => materialId === 'water-soluble-dye',
      );
    expect(dye(1)).toMatchObject({ needsFinerScale: true, targetG: expect.closeTo(0.327, 2) });
    expect(dye(0.01)?.needsFinerScale).toBe(false);
  });

  it('refuses with a sentence what cannot be scaled', () => {
    const refused = (result: ReturnType<typeof planScale>) =>
      result.ok ? '' : result.problem.message;
    expect(refused(planScale(emptyBody('bath-bomb'), REQUEST))).toMatch(/formula is empty/);
    expect(
      refused(planScale(bodyFrom(LANTERN), { ...REQUEST, want: { kind: 'total', massG: 20 } })),
    ).toMatch(/20 g of mix is less than one piece of 198 g/);
    expect(
      refused(
        planScale(bodyFrom(LANTERN), {
          ...REQUEST,
          want: { kind: 'pieces', count: 10_000 },
          mold: { shape: 'sphere', diameterMm: 300 },
        }),
      ),
    ).toMatch(/A plan holds up to 1,000 kg/);
  });

  it('promises whole pieces, fills no bowl over and uses up no more than there is, on any scale', () => {
    const ways = (lines: readonly { readonly id: string }[]) =>
      Object.fromEntries(lines.map(({ id }) => [id, { kind: 'spoons' as const }]));
    const body = bodyFrom(LANTERN);
    const soda = body.parts[0]?.lines[0];
    if (!soda) throw new Error('the sample has a first line');
    fc.assert(
      fc.property(
        fc.constantFrom(0.1, 0.5, 1, 5),
        fc.integer({ min: 1, max: 60 }),
        fc.double({ min: 300, max: 4000, noNaN: true }),
        fc.boolean(),
        (scaleStepG, count, massG, inSpoons) => {
          const scaled = (want: ScaleRequest['want'], bowlL: number | null) => {
            const request = { ...REQUEST, want, scaleStepG, ways: inSpoons ? ways([soda]) : {} };
            const result = planScale(body, request, { ...NO_MEANS, bowlL });
            if (!result.ok) throw new Error(result.problem.message);
            return result.plan;
          };
          const pieces = scaled({ kind: 'pieces', count }, null);
          expect(pieces.totalG - pieces.lostG).toBeGreaterThanOrEqual(
            count * pieces.pieceG * (1 - 1e-9),
          );
          for (const want of [
            { kind: 'bowls', count: 2 },
            { kind: 'total', massG },
          ] as const) {
            const bowl = scaled(want, 1.5);
            expect(bowl.bowlG).toBeLessThanOrEqual((bowl.bowlHoldsG ?? 0) * (1 + 1e-9));
          }
          const used = materialsUsed(
            scaled({ kind: 'use-up', materialId: soda.materialId, massG }, null),
          ).reduce((sum, one) => sum + (one.materialId === soda.materialId ? one.massG : 0), 0);
          expect(used).toBeLessThanOrEqual(massG * (1 + 1e-9));
          expect(used).toBeGreaterThan(massG * 0.93 - 5 * scaleStepG);
        },
      ),
      { seed: 31, numRuns: 120 },
    );
  });

  it('rounds every line to a whole number of steps and keeps the mass within half a step a line', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(0.01, 0.1, 0.5, 1),
        fc.double({ min: 300, max: 50_000, noNaN: true }),
        (scaleStepG, massG) => {
          const { lines, totalG } = plan(LANTERN, { scaleStepG, want: { kind: 'total', massG } });
          expect(Math.abs(totalG - massG)).toBeLessThanOrEqual(
            (lines.length * scaleStepG) / 2 + 1e-6,
          );
          for (const { targetG } of lines)
            if (targetG >= scaleStepG)
              expect(
                Math.abs(targetG / scaleStepG - Math.round(targetG / scaleStepG)),
              ).toBeLessThan(1e-6);
        },
      ),
      { seed: 13, numRuns: 200 },
    );
  });
});
