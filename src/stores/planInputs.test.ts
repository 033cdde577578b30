import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { openShop } from '../../tests/fixtures/shop';
import { planScale } from '@/core/work/scaling/plan';
import { needsTogether } from '@/core/work/scaling/together';
import { materialsUsed } from '@/core/work/scaling/used';
import { useBowlsStore } from './bowls';
import { useGoodsStore } from './goods';
import { useShelfStore } from './shelf';
import { NO_WHAT_IF, usePlanInputsStore } from './planInputs';

/** A Thursday noon of the sample's last week, a moment past the five minutes. */
const NOW = '2026-10-15T12:01:00.000Z';
let workshop: ReturnType<typeof openShop>;
let planInputs: ReturnType<typeof usePlanInputsStore>;

beforeEach(() => {
  vi.useFakeTimers({ now: Date.parse(NOW), toFake: ['Date'] });
  workshop = openShop();
  planInputs = usePlanInputsStore();
});
afterEach(() => {
  vi.useRealTimers();
});

describe('the problem a plan has to solve', () => {
  it('begins at the next five minutes, and stands still until it is asked to begin now', () => {
    expect(new Date(planInputs.startMs).toISOString()).toBe('2026-10-15T12:05:00.000Z');
    vi.setSystemTime(Date.parse(NOW) + 600_000);
    expect(new Date(planInputs.startMs).toISOString()).toBe('2026-10-15T12:05:00.000Z');
    planInputs.fromNow();
    expect(new Date(planInputs.startMs).toISOString()).toBe('2026-10-15T12:15:00.000Z');
  });

  it('counts on one pair of hands on weekdays where nobody has said who works when', () => {
    workshop.changeSettings({ plan: { hours: [], locks: [], humidityPct: null } });
    expect(planInputs.problem.people).toEqual([
      { id: 'Someone', from: '08:00', to: '17:00', days: [1, 2, 3, 4, 5], away: [] },
    ]);
  });

  it('has a machine more where one is asked about, and nothing of it is kept', () => {
    const mixers = workshop.tools.filter(({ kind }) => kind === 'mixer').length;
    const asked = planInputs.problemIf({ ...NO_WHAT_IF, secondMixer: true });
    expect(asked.machines.mixer).toBe(mixers + 1);
    expect(planInputs.problem.machines.mixer ?? 0).toBe(mixers);
  });

  it('has nobody of the one who is away for the seven days from its start, and all of the others', () => {
    const [first, ...others] = planInputs.problem.people;
    if (!first) throw new Error('the sample has people');
    const asked = planInputs.problemIf({ ...NO_WHAT_IF, away: first.id });
    const away = asked.people.find(({ id }) => id === first.id)?.away ?? [];
    expect(away.filter((day) => !first.away.includes(day))).toEqual([
      '2026-10-15',
      '2026-10-16',
      '2026-10-17',
      '2026-10-18',
      '2026-10-19',
      '2026-10-20',
      '2026-10-21',
    ]);
    expect(asked.people.filter(({ id }) => id !== first.id)).toEqual(others);
  });

  it('has as many places to dry as its drying room holds of its trays, four trays where nobody said', () => {
    const places = (trays: number | null) => {
      const other = workshop.tools.filter(({ kind }) => kind !== 'drying-room');
      const room = workshop.tools.find(({ kind }) => kind === 'drying-room');
      if (room?.kind !== 'drying-room') throw new Error('the sample has a drying room');
      workshop.remove('tools', [room.id]);
      workshop.put('tools', trays === null ? other : [{ ...room, trays }]);
      const { loftPlaces } = planInputs;
      workshop.put('tools', [room]);
      return loftPlaces;
    };
    expect(places(3)).toBe(3 * places(1));
    expect(places(1)).toBeGreaterThan(0);
    expect(places(null)).toBe(4 * places(1));
  });

  it('lets pieces dry longer in air that is more humid', () => {
    const pressed = workshop.formulas.find(({ name }) => name === 'Quince Lantern');
    if (!pressed) throw new Error('the sample has a lantern');
    const at = (pct: number) => planInputs.dryHours(pressed, pct)?.high ?? Infinity;
    expect(at(60)).toBeGreaterThan(at(40));
    const longest = (pct: number | null) =>
      Math.max(
        ...planInputs
          .problemIf({ ...NO_WHAT_IF, humidityPct: pct })
          .jobs.flatMap(({ steps }) => steps.map(({ minutes }) => minutes)),
      );
    expect(longest(60)).toBeGreaterThan(longest(40));
  });
});

describe('where orders come from', () => {
  it('is what is wrapped first: goods that come back make bowls needless', () => {
    const bowls = planInputs.cover.toMake.length;
    expect(bowls).toBeGreaterThan(0);
    const goods = useGoodsStore();
    const { unitId } = workshop.orders
      .filter(({ due, isCalledOff }) => !isCalledOff && Date.parse(due) > Date.parse(NOW))
      .flatMap(({ lines }) => lines)
      .find(({ unitId: id }) => goods.wrapped.some(({ run }) => run.unitId === id)) ?? {
      unitId: '',
    };
    const run = goods.wrapped.find((one) => one.run.unitId === unitId)?.run;
    goods.count({ kind: 'wrapped', wrappedId: run?.id ?? '' }, 500, 'a shelf nobody had seen');
    expect(planInputs.cover.toMake.length).toBeLessThanOrEqual(bowls);
    for (const { id } of workshop.orders.filter(({ lines }) =>
      lines.some((line) => line.unitId !== unitId),
    ))
      workshop.remove('orders', [id]);
    expect(planInputs.cover.toMake).toEqual([]);
  });

  it('a bowl is named by its formula, the second of it by its number, a batch by its code, an order by who', () => {
    const [bowl] = planInputs.cover.toMake;
    if (!bowl) throw new Error('the sample has something to make');
    expect(planInputs.nameOfJob(bowl.id)).toEqual({
      name: bowl.formula.name,
      formula: bowl.formula,
    });
    const second = planInputs.cover.toMake.find(({ id }) => Number(id.split(' ').at(-1)) === 2);
    if (second) expect(planInputs.nameOfJob(second.id).name).toBe(`${second.formula.name} 2`);
    const [batch] = workshop.batches;
    expect(planInputs.nameOfJob(batch?.id ?? '').name).toBe(batch?.code);
    const [order] = workshop.orders;
    expect(planInputs.nameOfJob(order?.id ?? '')).toEqual({ name: order?.who, formula: null });
    expect(planInputs.nameOfJob('nothing').name).toBe('an order');
  });
});

describe('what is to be bought for the plan', () => {
  it('is what its bowls weigh, to the gram, however many pieces a formula was last planned for', () => {
    const bowls = useBowlsStore();
    const order = workshop.orders.find(({ lines }) => lines.length > 0);
    const [line] = order?.lines ?? [];
    if (!order || !line) throw new Error('the sample has an order');
    for (const count of [12, 36, 240]) {
      const unit = workshop.units.find(({ id }) => id === line.unitId);
      const formulaId = unit?.contents[0]?.formulaId ?? '';
      const formula = workshop.formulas.find(({ id }) => id === formulaId);
      if (!formula) throw new Error('its formula is here');
      workshop.changeSettings({
        requests: {
          ...workshop.settings.requests,
          [formulaId]: { ...bowls.requestOf(formula), want: { kind: 'pieces', count } },
        },
      });
      const { toMake } = planInputs.cover;
      const perFormula = new Map<string, number>();
      for (const bowl of toMake)
        perFormula.set(bowl.formula.id, (perFormula.get(bowl.formula.id) ?? 0) + 1);
      const needs = needsTogether(
        [...perFormula].map(([id, times]) => {
          const of = workshop.formulas.find((one) => one.id === id);
          const found = of && bowls.bowlFor(of);
          return { times, needs: found?.ok ? found.value.needs : [] };
        }),
      );
      // Each bowl planned by itself for just its pieces, weighed on the same scales.
      const sodaG = toMake.reduce((sum, bowl) => {
        const request = bowls.requestOf(bowl.formula);
        const means = useShelfStore().meansFor(bowl.formula.body.method);
        const planned = planScale(
          bowl.formula.body,
          { ...request, want: { kind: 'pieces', count: bowl.pieces } },
          means,
        );
        if (!planned.ok) throw new Error(planned.problem.message);
        expect(planned.plan.bowlCount).toBe(1);
        return (
          sum +
          materialsUsed(planned.plan)
            .filter(({ materialId }) => materialId === 'sodium-bicarbonate')
            .reduce((grams, { massG }) => grams + massG, 0)
        );
      }, 0);
      const bought = needs.find(({ materialId }) => materialId === 'sodium-bicarbonate')?.massG;
      // A gram of rounding by the bench scale a line and bowl.
      expect(Math.abs((bought ?? 0) - sodaG)).toBeLessThanOrEqual(2 * toMake.length);
      expect(toMake.length).toBeGreaterThan(0);
    }
  });
});
