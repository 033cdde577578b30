import { describe, expect, it } from 'vitest';
import fc from 'fast-check';
import { bodyFrom } from '../../../../tests/fixtures/bodies';
import { allLines, totalMassG } from '@/core/formula/model/edit';
import { canBeMadeAhead } from '@/core/formula/model/parts';
import { catalogWith, SHIPPED } from '@/core/matter/materials/catalog';
import { portionsOf } from '@/core/matter/materials/portion';
import { withAheadSteps, stepsFor } from '@/core/goods/planning/steps';
import { workOf } from '@/core/work/flow/workOf';
import { usableLots } from './assignLots';
import { isReady, madeFrom } from './made';
import {
  aheadJobs,
  aheadLot,
  aheadMaterial,
  aheadOfInfusion,
  aheadOfPart,
  asBought,
  keptG,
  makingOf,
  nextAheadCode,
  withAhead,
} from './madeAhead';

const NOW = '2026-11-02T09:00:00Z';
const INFUSED = bodyFrom(
  '600 g baking soda\n300 g citric acid\n40 g olive oil\n10 g calendula petals, infused in the oil for 2 days\n5 g polysorbate 80',
);
const WITH_EMBED = bodyFrom(
  '600 g baking soda\n300 g citric acid\n20 g almond oil\nEmbed:\n50 g baking soda\n36 g citric acid\n0.4 g red dye',
);
const draftOf = (body: typeof INFUSED, part = 0) => {
  const of = body.parts[part];
  const draft = of && (aheadOfInfusion(of, SHIPPED) ?? aheadOfPart(of, 'Quince Lantern'));
  if (!draft) throw new Error('there is something to make ahead');
  return draft;
};
const oil = aheadMaterial(draftOf(INFUSED), SHIPPED, 'own-oil');
const powder = aheadMaterial(draftOf(WITH_EMBED, 1), SHIPPED, 'own-powder');
const contents = (body: typeof INFUSED, catalog = SHIPPED) => {
  const sums = new Map<string, number>();
  const lines = allLines(body).filter(({ how }) => how !== 'infused');
  for (const { material, massG } of portionsOf(catalog, lines))
    sums.set(material.id, (sums.get(material.id) ?? 0) + massG);
  return sums;
};

describe('what is made ahead', () => {
  it('is the herbs with their oils, or a section of its own; never the main mix', () => {
    expect(INFUSED.parts.map(canBeMadeAhead)).toEqual([true]);
    expect(WITH_EMBED.parts.map(canBeMadeAhead)).toEqual([false, true]);
    const [main] = WITH_EMBED.parts;
    expect(main && aheadOfPart(main, '')).toBeNull();
  });

  it('holds no herb that was strained off, neither as mass nor on a label', () => {
    expect(keptG(draftOf(INFUSED).ahead)).toBe(40);
    expect(oil.madeOf).toEqual([{ materialId: 'olive-oil', pct: 100 }]);
    expect(oil.inci).toBe('');
    expect(makingOf(draftOf(INFUSED).ahead, 200)).toEqual([
      { materialId: 'olive-oil', massG: 200, isStrained: false },
      { materialId: 'calendula-petals', massG: 50, isStrained: true },
    ]);
  });

  it.each([
    ['an infusion', INFUSED, 0, oil],
    ['an embed', WITH_EMBED, 1, powder],
  ])('changes nothing of what is in the formula: %s', (_name, body, part, own) => {
    const next = withAhead(body, body.parts[part]?.id ?? '', own, catalogWith([own]));
    expect(next.parts[part]?.lines.map(({ materialId }) => materialId)).toContain(own.id);
    const [before, after] = [contents(body), contents(next, catalogWith([own]))];
    expect([...after.keys()].sort()).toEqual([...before.keys()].sort());
    for (const [id, massG] of before) expect(after.get(id)).toBeCloseTo(massG, 9);
    const strainedG = part === 0 ? 10 : 0;
    expect(totalMassG(next)).toBeCloseTo(totalMassG(body) - strainedG, 9);
  });

  it('stands until it is ready, and keeps so long', () => {
    const { ahead } = draftOf(INFUSED);
    const lot = aheadLot({ id: oil.id, ahead }, 200, [{ lotId: 'a', massG: 200 }], {
      code: 'MA-001',
      now: NOW,
    });
    expect(isReady(lot, '2026-11-04T08:59:59Z')).toBe(false);
    expect(isReady(lot, '2026-11-04T09:00:00Z')).toBe(true);
    expect(lot.expiresOn).toBe('2027-05-01');
    expect(usableLots(oil.id, [lot], '2026-11-03')).toEqual([]);
    expect(usableLots(oil.id, [lot], '2026-11-04')).toEqual([lot]);
    expect(madeFrom(lot)).toEqual([{ lotId: 'a', massG: 200 }]);
    expect(nextAheadCode(['MA-001', 'PX-009', 'MA-x'])).toBe('MA-002');
  });

  it('refuses to be made of nothing that stays', () => {
    const { ahead } = draftOf(INFUSED);
    const lines = ahead.lines.map((line) => ({ ...line, isStrained: true }));
    expect(() => aheadMaterial({ name: 'x', ahead: { ...ahead, lines } }, SHIPPED)).toThrow(
      'what is made ahead must keep something in it',
    );
  });
});

/** The steps of a bowl of eight as the calendar plans them. */
function planned(body: typeof INFUSED) {
  const facts = { catalog: SHIPPED, pieces: 8, weighG: new Map(), counted: new Set<string>() };
  return stepsFor(workOf(body, facts).operations, {
    places: 8,
    dryHours: 20,
    pressMinEach: null,
    pieces: 8,
    wrapMinutes: 8,
    mixFactor: 1,
    mold: null,
    hasMixer: false,
    hasPress: false,
  });
}

describe('a batch that needs it', () => {
  it('has it made before where the shelf has not enough, and not otherwise', () => {
    const needs = [
      { materialId: oil.id, massG: 30 },
      { materialId: oil.id, massG: 10 },
    ];
    const jobs = (massG: number) => aheadJobs(needs, [oil, powder], new Map([[oil.id, massG]]));
    expect(jobs(40)).toEqual([]);
    expect(jobs(39)).toEqual([{ materialId: oil.id, massG: 1, minutes: 15, readyH: 48 }]);
  });

  it('waits in the plan until it is ready', () => {
    const steps = planned(WITH_EMBED);
    expect(withAheadSteps(steps, [])).toEqual(steps);
    const later = withAheadSteps(steps, [
      { minutes: 15, readyH: 48 },
      { minutes: 10, readyH: 12 },
    ]);
    expect(later[0]).toMatchObject({ id: 'ahead made', minutes: 25, person: true });
    expect(later[1]).toMatchObject({ id: 'mix', waitMinMin: 48 * 60, waitMaxMin: null });
  });

  it('buys what it is made of, to the gram, and only for what is missing', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0, max: 500, noNaN: true }),
        fc.double({ min: 0, max: 500, noNaN: true }),
        (wantedG, hereG) => {
          const bought = asBought(
            [
              { materialId: powder.id, massG: wantedG },
              { materialId: 'kaolin', massG: 5 },
            ],
            [powder],
            new Map([[powder.id, hereG]]),
          );
          const powderG = bought
            .filter(({ materialId }) => materialId !== 'kaolin')
            .reduce((sum, { massG }) => sum + massG, 0);
          expect(powderG).toBeCloseTo(Math.max(0, wantedG - hereG), 6);
          expect(bought.some(({ materialId }) => materialId === powder.id)).toBe(false);
        },
      ),
      { seed: 33, numRuns: 100 },
    );
  });

  it('has an infusion of its own as a step of its own, days before the mix', () => {
    const [first, second] = planned(INFUSED);
    expect(first?.id).toBe('ahead');
    expect(second).toMatchObject({ id: 'mix', waitMinMin: 2880 });
  });
});
