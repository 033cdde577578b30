import { beforeEach, describe, expect, it } from 'vitest';
import { standing } from '@/core/batches/records/summary';
import { sampleUnit } from '../../tests/fixtures/sample';
import { openShop } from '../../tests/fixtures/shop';
import { useGoodsStore, type Done } from './goods';
import { nowIso } from './now';
import { usePackStore } from './pack';

let workshop: ReturnType<typeof openShop>;
let goods: ReturnType<typeof useGoodsStore>;
let pack: ReturnType<typeof usePackStore>;

beforeEach(() => {
  workshop = openShop();
  goods = useGoodsStore();
  pack = usePackStore();
});

/** A sale unit of one piece of which some can be wrapped; taken in hand. */
function wrappable() {
  for (const unit of pack.units) {
    pack.choose(unit.id);
    if (unit.contents.length === 1 && pack.most > 1) return unit;
  }
  throw new Error('the sample has pieces to wrap');
}

describe('the sale unit in hand', () => {
  it('is the one that was chosen, else one of the formula in hand alone, else one that holds it', () => {
    const lantern = sampleUnit('Quince Lantern');
    const box = sampleUnit('Harbor Box');
    workshop.changeSettings({ formulaInHandId: lantern.contents[0]?.formulaId ?? null });
    expect(pack.unit?.id).toBe(lantern.id);
    pack.choose(box.id);
    expect(pack.unit?.id).toBe(box.id);
    pack.choose('nowhere');
    workshop.remove('units', [lantern.id]);
    expect(pack.unit?.id).toBe(box.id);
  });

  it('that was ever wrapped or ordered is laid away and keeps its name; any other goes', () => {
    const lantern = sampleUnit('Quince Lantern');
    pack.dropUnit(lantern.id);
    expect(workshop.units.find(({ id }) => id === lantern.id)?.isArchived).toBe(true);
    expect(pack.units.map(({ id }) => id)).not.toContain(lantern.id);
    pack.putUnit({ ...lantern, id: 'new', name: 'Lantern, twelve', isArchived: false });
    expect(pack.unit?.id).toBe('new');
    pack.dropUnit('new');
    expect(workshop.units.map(({ id }) => id)).not.toContain('new');
    pack.dropUnit('nowhere');
  });

  it('stand by name', () => {
    const names = pack.units.map(({ name }) => name);
    expect(names).toEqual([...names].sort((a, b) => a.localeCompare(b, 'en-US')));
  });
});

describe('wrapping', () => {
  it('takes its pieces off what lies there and its wraps off the shelf, under a code that no label bears yet', () => {
    const unit = wrappable();
    const before = goods.onHand.get(unit.id) ?? 0;
    const most = pack.most;
    const codes = goods.codes();
    const { code } = pack;
    const wraps = goods.left;
    expect(pack.wrap(1, '2027-05-01')).toEqual({ ok: true });
    const run = workshop.goods.at(-1);
    if (run?.kind !== 'wrapped') throw new Error('a wrapping was written');
    expect(run).toMatchObject({ unitId: unit.id, count: 1, bestBefore: '2027-05-01', code });
    expect(codes).not.toContain(run.code);
    expect(run.from.reduce((sum, { pieces }) => sum + pieces, 0)).toBe(unit.contents[0]?.pieces);
    expect(goods.onHand.get(unit.id)).toBe(before + 1);
    expect(pack.most).toBe(most - 1);
    const used = run.packaging.reduce((sum, { pieces }) => sum + pieces, 0);
    expect(used).toBe(unit.packaging.reduce((sum, { pieces }) => sum + pieces, 0));
    expect(goods.left).not.toEqual(wraps);
  });

  it('of more than there are is refused with both figures, of none too', () => {
    const unit = wrappable();
    const before = workshop.goods;
    const each = unit.contents[0]?.pieces ?? 1;
    const refused = pack.wrap(pack.most + 1, null);
    expect(refused).toMatchObject({ ok: false });
    const name = workshop.formulas.find(({ id }) => id === unit.contents[0]?.formulaId)?.name;
    expect(!refused.ok && refused.problem).toMatch(
      new RegExp(`^This needs ${(pack.most + 1) * each} pieces of ${name}, and`),
    );
    for (const count of [0, 0.5]) expect(pack.wrap(count, null)).toMatchObject({ ok: false });
    expect(workshop.goods).toBe(before);
  });

  it('of pieces that still dry asks first, and wraps them when it is meant', () => {
    wrappable();
    const plan = pack.planFor(1);
    const batch = workshop.batches.find(({ id }) => plan?.ok && plan.from[0]?.batchId === id);
    if (!batch) throw new Error('the next wrapping is of a batch');
    const at = nowIso();
    workshop.put('batches', [
      {
        ...batch,
        entries: batch.entries
          .filter(({ kind }) => kind !== 'tended' && kind !== 'dried')
          .map((entry) => ({ ...entry, at })),
      },
    ]);
    const before = workshop.goods.length;
    const codes = (done: Done) =>
      !done.ok && done.problem === null ? done.asks.map(({ code }) => code) : [];
    expect(codes(pack.wrap(1, null))).toContain('too-early');
    expect(workshop.goods).toHaveLength(before);
    expect(pack.wrap(1, null, true)).toEqual({ ok: true });
    expect(workshop.goods).toHaveLength(before + 1);
  });

  it('of the last piece of a batch takes it off its tray, of one before does not', () => {
    wrappable();
    const plan = pack.planFor(1);
    const batchId = plan?.ok ? (plan.from[0]?.batchId ?? '') : '';
    pack.firstId = batchId;
    const tended = () => {
      const batch = workshop.batches.find(({ id }) => id === batchId);
      return batch ? standing(batch, 'tended').filter(({ what }) => what === 'wrap').length : -1;
    };
    const left = () => goods.loose.find(({ batch }) => batch.id === batchId)?.left.good ?? 0;
    const before = tended();
    const most = left();
    for (let wrapped = 0; left() > 0 && wrapped < most; wrapped++) {
      expect(tended()).toBe(before);
      expect(pack.wrap(1, null)).toEqual({ ok: true });
    }
    expect(left()).toBe(0);
    expect(tended()).toBe(Math.max(1, before));
  });

  it('proposes what one batch gives, so that the label bears one code', () => {
    wrappable();
    const plan = pack.planFor(pack.proposed);
    expect(pack.proposed).toBeGreaterThan(0);
    expect(plan?.ok && plan.from).toHaveLength(1);
  });
});

describe('what the label and the price are of', () => {
  it('is the next wrapping; where nothing can be wrapped, the one before', () => {
    const unit = wrappable();
    const plan = pack.planFor(Math.max(1, pack.proposed));
    const ids = plan?.ok ? plan.from.map(({ batchId }) => batchId) : [];
    expect(pack.batches.map(({ id }) => id)).toEqual(ids);
    expect(pack.label?.netG).toBeGreaterThan(0);
    for (const { batch, left } of goods.loose)
      if (batch.formulaId === unit.contents[0]?.formulaId)
        for (const grade of ['good', 'second', 'sampler'] as const)
          if (left[grade] > 0) goods.count({ kind: 'loose', batchId: batch.id, grade }, 0, 'gone');
    expect(pack.most).toBe(0);
    const last = workshop.goods
      .filter((move) => move.kind === 'wrapped' && move.voidedAt === null)
      .filter((move) => move.kind === 'wrapped' && move.unitId === unit.id)
      .at(-1);
    if (last?.kind !== 'wrapped') throw new Error('the sample has wrapped it before');
    expect(pack.code).toBe(last.code);
    expect(pack.batches.map(({ id }) => id)).toEqual(last.from.map(({ batchId }) => batchId));
    expect(pack.netOf(unit.id)).toBe(pack.label?.netG);
  });

  it('costs more where labor costs more, by the minutes of a batch over its pieces', () => {
    const unit = wrappable();
    const formulaId = unit.contents[0]?.formulaId ?? '';
    const { costings, money } = workshop.settings;
    const costing = costings[formulaId];
    const withMinutes = (laborMinutes: number) => {
      workshop.changeSettings({
        costings: { ...costings, [formulaId]: { ...costing, laborMinutes } as typeof costing & {} },
        money: { ...money, laborPerHour: 30 },
      });
      return pack.cost?.made ?? 0;
    };
    const [batch] = pack.batches;
    const counted = batch && standing(batch, 'counted').at(-1);
    const pieces = counted?.pieces ?? 1;
    expect(withMinutes(60) - withMinutes(0)).toBeCloseTo(
      (30 / pieces) * (unit.contents[0]?.pieces ?? 1),
      6,
    );
  });

  it('is nothing of a unit that was never wrapped', () => {
    pack.putUnit({ ...sampleUnit('Quince Lantern'), id: 'new', name: 'Lantern, twelve' });
    expect(pack.netOf('new')).toBeNull();
    expect(pack.netOf('nowhere')).toBeNull();
  });
});
