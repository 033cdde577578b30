import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { LANTERN, bodyFrom, shipped } from '../../../../tests/fixtures/bodies';
import { addLine, totalMassG } from '@/core/formula/model/edit';
import { addPart } from '@/core/formula/model/parts';
import { exactly } from '@/core/basics/units/spread';
import { inSpoons, sayCounted } from '../weighing/counted';
import { NO_MEANS, type Means } from './means';
import { USUAL_REQUEST } from './request';
import { bowlHoldsG, piecesByBowl } from './bowls';
import { materialsUsed } from './used';
import { moldHolding, moldVolumeMl } from './molds';
import { planScale } from './plan';
import { needsTogether } from './together';
import { useOfLeftover } from './leftover';
import type { ScaleRequest } from './requestSchema';
import { SHIPPED } from '@/core/matter/materials/catalog';

const body = bodyFrom(LANTERN);
const SCALES: Means = {
  ...NO_MEANS,
  scales: [
    { name: 'bench', stepG: 1, capacityG: 10_000, minimumG: null },
    { name: 'small', stepG: 0.1, capacityG: 500, minimumG: null },
  ],
};

function plan(request: Partial<ScaleRequest>, means: Means = SCALES, of = body) {
  const result = planScale(of, { ...USUAL_REQUEST, ...request }, means);
  if (!result.ok) throw new Error(result.problem.message);
  return result.plan;
}

function lineOf(materialId: string, of: ReturnType<typeof plan>) {
  const found = of.lines.find((line) => line.materialId === materialId);
  if (!found) throw new Error(`no ${materialId}`);
  return found;
}

it('what several take together leaves out what nobody takes, however little of it there is', () => {
  const needs = [
    { materialId: 'kaolin', massG: 0.02 },
    { materialId: 'cornstarch', massG: 0 },
    { materialId: 'epsom-salt', massG: 3 },
  ];
  expect(needsTogether([{ needs, times: 2 }])).toEqual([
    { materialId: 'epsom-salt', massG: 6 },
    { materialId: 'kaolin', massG: 0.04 },
  ]);
});

describe('a plan', () => {
  it('weighs each line on the finest scale that carries it', () => {
    const made = plan({ want: { kind: 'total', massG: 2000 } });
    expect(lineOf('sodium-bicarbonate', made)).toMatchObject({ scaleName: 'bench', stepG: 1 });
    expect(lineOf('cornstarch', made)).toMatchObject({ scaleName: 'small', stepG: 0.1 });
  });

  it('holds ratio, damp and scent at least as well as rounding line by line, and better on a coarse scale', () => {
    const coarse: Means = {
      ...NO_MEANS,
      scales: [{ name: 'kitchen', stepG: 5, capacityG: 5000, minimumG: 0 }],
    };
    let closer = 0;
    for (let massG = 700; massG < 1700; massG += 50) {
      const { readings } = plan({ want: { kind: 'total', massG } }, coarse);
      const off = (of: typeof readings.wanted) =>
        Math.abs((of.sodaToAcidByMass ?? 0) / (readings.wanted.sodaToAcidByMass ?? 1) - 1) / 0.003 +
        Math.abs((of.dampIndexPct ?? 0) - (readings.wanted.dampIndexPct ?? 0)) / 0.05;
      if (off(readings.planned) < off(readings.roundedAlone)) closer += 1;
    }
    expect(closer).toBeGreaterThanOrEqual(16);
  });

  it('uses a material up: by hand, 90 g of starch at a tenth of the mix is 900 g', () => {
    const plain = bodyFrom('600 g baking soda\n300 g citric acid\n100 g cornstarch');
    const want = { kind: 'use-up', materialId: 'cornstarch', massG: 90 } as const;
    expect(plan({ want }, SCALES, plain).totalG).toBeCloseTo(900, 0);
    const none = planScale(
      plain,
      { ...USUAL_REQUEST, want: { ...want, materialId: 'kaolin' } },
      SCALES,
    );
    expect(none).toMatchObject({ ok: false, problem: { code: 'not-in-it' } });
  });

  it('fills the mixer as often as it takes, every bowl alike', () => {
    const means = { ...SCALES, bowlL: 1 };
    const holdsG = bowlHoldsG(body, 1, SHIPPED);
    const made = plan({ want: { kind: 'total', massG: 2.5 * holdsG } }, means);
    expect(made.bowlCount).toBe(3);
    expect(made.bowlG).toBeLessThanOrEqual(holdsG);
    expect(made.totalG).toBeCloseTo(2.5 * holdsG, -1);
    expect(plan({ want: { kind: 'bowls', count: 2 } }, means).bowlCount).toBe(2);
    expect(piecesByBowl({ pieces: 14, bowlCount: 4 })).toEqual([4, 4, 3, 3]);
    expect(planScale(body, { ...USUAL_REQUEST, want: { kind: 'bowls', count: 1 } })).toMatchObject({
      problem: { code: 'no-mixer' },
    });
  });

  it('gives each color its own bowl on wish, so that the mixer is filled less often', () => {
    const split = addPart(body, 'split');
    const half = split.parts.find(({ kind }) => kind === 'split');
    if (!half) throw new Error('it was split');
    const means = { ...SCALES, bowlL: 1 };
    const want = { kind: 'total', massG: 1.8 * bowlHoldsG(split, 1, SHIPPED) } as const;
    const dyed = addLine(split, half.id, shipped('blue-mica'), exactly(2));
    expect(plan({ want, bowls: 'equal' }, means, dyed).bowlCount).toBe(2);
    expect(plan({ want, bowls: 'by-color' }, means, dyed).bowlCount).toBe(1);
  });

  it('fills by weight where a weight is said', () => {
    const made = plan({ want: { kind: 'pieces', count: 10 }, fillG: 120, lossPct: 0 });
    expect(made.pieceG).toBe(120);
    expect(made.totalG).toBeCloseTo(1200, 0);
  });

  it('packs as densely as own fills say', () => {
    const packedGMl = { low: 1.18, best: 1.2, high: 1.22 };
    const made = plan({}, { ...SCALES, packedGMl });
    expect(made.pieceG).toBeCloseTo(1.2 * moldVolumeMl(USUAL_REQUEST.mold), 9);
  });

  it('keeps every material’s share under scaling, whatever is wanted', () => {
    fc.assert(
      fc.property(fc.double({ min: 300, max: 100_000, noNaN: true }), (massG) => {
        const made = plan({ want: { kind: 'total', massG } });
        const exactG = made.lines.reduce((sum, line) => sum + line.exactG, 0);
        expect(exactG * made.bowlCount).toBeCloseTo(massG, 6);
        for (const line of body.parts.flatMap((part) => part.lines)) {
          const share = (made.lines.find(({ lineId }) => lineId === line.id)?.exactG ?? 0) / exactG;
          expect(share).toBeCloseTo(line.massG / totalMassG(body), 9);
        }
      }),
      { seed: 73, numRuns: 60 },
    );
  });
});

describe('a line too small for its scale', () => {
  const dye = body.parts
    .flatMap(({ lines }) => lines)
    .find(({ materialId }) => materialId === 'water-soluble-dye');
  const starch = body.parts[0]?.lines.find(({ materialId }) => materialId === 'cornstarch');
  if (!dye || !starch) throw new Error('the fixture has a dye and starch');
  const premix = {
    lotId: '11111111-1111-4111-8111-111111111111',
    code: 'PX-001',
    materialId: dye.materialId,
    carrierId: 'cornstarch',
    strengthFraction: 0.02,
    leftG: 500,
  };
  const coarse: Means = {
    ...NO_MEANS,
    scales: [{ name: 'kitchen', stepG: 1, capacityG: 5000, minimumG: null }],
    premixes: [premix],
  };
  const want = { kind: 'total', massG: 1000 } as const;

  it('comes as a premix: weighable, the carrier making room in its own line', () => {
    const plainly = plan({ want }, coarse);
    expect(lineOf(dye.materialId, plainly).needsFinerScale).toBe(true);
    const ways = { [dye.id]: { kind: 'premix', lotId: premix.lotId } as const };
    const made = plan({ want, ways }, coarse);
    const dyed = lineOf(dye.materialId, made);
    expect(dyed).toMatchObject({ needsFinerScale: false, premix: { code: 'PX-001' } });
    expect(dyed.weighG).toBe(Math.round(dyed.exactG / 0.02));
    expect(dyed.targetG).toBeCloseTo(dyed.weighG * 0.02, 12);
    // Mass balance: the starch of the premix and of its own line make the formula's starch.
    const used = materialsUsed(made)
      .filter(({ materialId }) => materialId === 'cornstarch')
      .reduce((sum, { massG }) => sum + massG, 0);
    expect(Math.abs(used - lineOf('cornstarch', made).exactG)).toBeLessThanOrEqual(2.5);
    expect(made.carrierOverG).toBe(0);
    expect(made.totalG).toBeCloseTo(1000, -1);
  });

  it('says how much carrier has no line to make room in', () => {
    const foreign = { ...premix, carrierId: 'sodium-chloride' };
    const ways = { [dye.id]: { kind: 'premix', lotId: premix.lotId } as const };
    const made = plan({ want, ways }, { ...coarse, premixes: [foreign] });
    expect(made.carrierOverG).toBeCloseTo(lineOf(dye.materialId, made).exactG * 49, 6);
  });

  it('comes in whole drops of the maker’s dropper', () => {
    const scent =
      body.parts[0]?.lines.find(({ materialId }) => materialId === 'cardamom-essential-oil') ??
      body.parts[0]?.lines.find(
        ({ phase, materialId }) => phase === 'wet' && /oil/.test(materialId),
      );
    if (!scent) throw new Error('the fixture has an oil');
    const made = plan({ want, ways: { [scent.id]: { kind: 'drops' } } }, coarse);
    const line = lineOf(scent.materialId, made);
    expect(line.counted).toMatchObject({ how: 'drops', count: expect.any(Number) });
    expect(Math.abs(line.targetG - line.exactG)).toBeLessThanOrEqual(0.03);
  });
});

describe('spoons', () => {
  // A US teaspoon holds 4.92892 mL (NIST Handbook 44): at 0.6 g/mL half of one is 1.479 g.
  it.each([
    [1.5, 0.6, '1/2 tsp', 1.4787],
    [6.6, 1, '1 tsp + 1/4 tsp + 1/16 tsp + 1/32 tsp', 6.6232],
    [0.001, 1, 'half a pinch (1/32 tsp)', 0.154],
  ])('%d g at %d g/mL is %s', (massG, densityGMl, text, ofG) => {
    const spoons = inSpoons(massG, densityGMl);
    expect(sayCounted(spoons)).toBe(text);
    expect(spoons).toMatchObject({ massG: expect.closeTo(ofG, 3) });
  });

  it('stand in for a weight on wish', () => {
    const starch = body.parts[0]?.lines.find(({ materialId }) => materialId === 'cornstarch');
    const made = plan({ ways: { [starch?.id ?? '']: { kind: 'spoons' } } });
    const line = lineOf('cornstarch', made);
    expect(line.counted).toMatchObject({ how: 'spoons', massG: line.targetG });
    expect(line.needsFinerScale).toBe(false);
  });
});

describe('what is left over', () => {
  it('goes into the mold of the shelf that leaves least', () => {
    const mold = (id: string, volumeMl: number) => ({
      id,
      name: id,
      mold: { shape: 'own-volume', volumeMl } as const,
      waterFillMl: null,
    });
    // 50 g at 1 g/mL: one of 40 leaves 10, two of 24 leave 2, one of 60 does not fit.
    expect(useOfLeftover(50, [mold('a', 40), mold('b', 24), mold('c', 60)], 1)).toMatchObject({
      moldId: 'b',
      pieces: 2,
      leftG: 2,
    });
    expect(useOfLeftover(10, [mold('a', 40)], 1)).toBeNull();
  });
});

describe('moldHolding', () => {
  it('keeps the shape and holds what water said', () => {
    const mold = moldHolding({ shape: 'cylinder', diameterMm: 40, heightMm: 20 }, 30);
    expect(moldVolumeMl(mold)).toBeCloseTo(30, 9);
    expect(mold.shape === 'cylinder' && mold.diameterMm / mold.heightMm).toBeCloseTo(2, 12);
    expect(() => moldHolding(mold, 0)).toThrow(/over 0/);
  });
});

describe('needsTogether', () => {
  it('adds what several formulas take, as often as they are made', () => {
    const of = (soda: number, acid: number) => [
      { materialId: 'sodium-bicarbonate', massG: soda },
      { materialId: 'citric-acid', massG: acid },
    ];
    expect(
      needsTogether([
        { needs: of(200, 90), times: 2 },
        { needs: of(100, 50), times: 1 },
        { needs: of(900, 900), times: 0 },
      ]),
    ).toEqual([
      { materialId: 'sodium-bicarbonate', massG: 500 },
      { materialId: 'citric-acid', massG: 230 },
    ]);
  });
});
