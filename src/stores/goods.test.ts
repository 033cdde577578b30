import { beforeEach, describe, expect, it } from 'vitest';
import type { MoveOf } from '@/core/goods/products/schema';
import { sampleUnit } from '../../tests/fixtures/sample';
import { openShop } from '../../tests/fixtures/shop';
import { useGoodsStore } from './goods';
import { today } from './now';
import { sayOverdrafts } from './overdrafts';
import { useSavingStore } from './saving';

const SOLD = { how: 'sold', to: 'Quay stall', orderId: null, each: 7 } as const;
const CRUMBLED = { how: 'crumbled', to: '', orderId: null, each: null } as const;

let workshop: ReturnType<typeof openShop>;
let goods: ReturnType<typeof useGoodsStore>;

beforeEach(() => {
  workshop = openShop();
  goods = useGoodsStore();
});

/** The sale unit with most on hand, and how many that are. */
function stocked(): { id: string; name: string; here: number } {
  const [id, here] = [...goods.onHand].sort(([, a], [, b]) => b - a)[0] ?? ['', 0];
  return { id, name: workshop.units.find((one) => one.id === id)?.name ?? '', here };
}
/** The batch with most good pieces unwrapped. */
function lying() {
  const most = goods.loose.toSorted((a, b) => b.left.good - a.left.good)[0];
  if (!most || most.left.good < 3) throw new Error('the sample has pieces that lie unwrapped');
  return { batch: most.batch, here: most.left.good };
}
const leftOf = (batchId: string) => goods.loose.find(({ batch }) => batch.id === batchId)?.left;

describe('wrapped goods', () => {
  it('go as long as there are any, what was wrapped first first, and come back when it is taken back', () => {
    const { id, here } = stocked();
    const first = goods.wrapped.find(({ run, left }) => run.unitId === id && left > 0);
    expect(goods.giveOut(id, here, SOLD)).toEqual({ ok: true });
    expect(goods.onHand.get(id) ?? 0).toBe(0);
    const move = workshop.goods.at(-1);
    expect(move).toMatchObject({ kind: 'gone', to: 'Quay stall', each: 7, voidedAt: null });
    expect(move?.kind === 'gone' && move.taken[0]?.wrappedId).toBe(first?.run.id);
    expect(goods.strike(move?.id ?? '')).toEqual({ ok: true });
    expect(goods.onHand.get(id)).toBe(here);
  });

  it('are not more than there are: the sentence names both figures, and nothing is written', () => {
    const { id, name, here } = stocked();
    const before = workshop.goods;
    expect(goods.giveOut(id, here + 1, SOLD)).toEqual({
      ok: false,
      problem: `There are only ${here} of ${name}. Use fewer.`,
    });
    for (const count of [0, 1.5, Number.NaN])
      expect(goods.giveOut(id, count, SOLD)).toEqual({
        ok: false,
        problem: 'Type at least 1.',
      });
    expect(workshop.goods).toBe(before);
  });

  it('are not unwrapped while some of them are away, and are once those are back', () => {
    const { id } = stocked();
    const run = goods.wrapped.find(({ run: of, left }) => of.unitId === id && left > 0)?.run;
    goods.giveOut(id, 1, SOLD);
    const gone = workshop.goods.at(-1);
    const away = workshop.goods.filter(
      (move) =>
        move.kind === 'gone' &&
        move.voidedAt === null &&
        move.taken.some(({ wrappedId }) => wrappedId === run?.id),
    );
    expect(away).toContain(gone);
    expect(goods.strike(run?.id ?? '')).toMatchObject({ ok: false });
    for (const move of away) goods.strike(move.id);
    expect(goods.strike(run?.id ?? '')).toEqual({ ok: true });
    // A second time there is nothing to take back.
    expect(goods.strike(run?.id ?? '')).toEqual({ ok: true });
    expect(goods.codes()).toContain(run?.code);
  });
});

describe('goods made from a lot that is on hold', () => {
  /** Puts a lot of a batch on hold. */
  function holdOf(batchId: string): string {
    const use = goods.books.lotMoves.find(({ into }) => into.id === batchId);
    const lot = workshop.lots.find(({ id }) => id === use?.lotId);
    if (!lot) throw new Error('the sample’s batches name their lots');
    workshop.put('lots', [{ ...lot, isQuarantined: true }]);
    return lot.code;
  }

  it('are flagged, no longer promised, and leave only when somebody says so', () => {
    const { id } = stocked();
    const first = goods.wrapped.find(({ run, left }) => run.unitId === id && left > 0);
    if (!first) throw new Error('something is wrapped');
    expect(goods.toPromise).toContainEqual(first);
    expect(goods.notPromised).not.toContain(first.run.code);
    const code = holdOf(first.run.from[0]?.batchId ?? '');
    expect(goods.concernsOfWrapped(first.run)).toContainEqual({
      code: 'lot-on-hold',
      goods: first.run.code,
      lots: expect.arrayContaining([code]),
    });
    expect(goods.toPromise.some(({ run }) => run.id === first.run.id)).toBe(false);
    expect(goods.notPromised).toContain(first.run.code);
    const before = workshop.goods.length;
    expect(goods.giveOut(id, 1, SOLD)).toMatchObject({ ok: false, problem: null });
    expect(workshop.goods).toHaveLength(before);
    expect(goods.giveOut(id, 1, SOLD, true)).toEqual({ ok: true });
  });

  it('or that lie unwrapped are asked about too, but not when they are thrown away', () => {
    const { batch } = lying();
    holdOf(batch.id);
    expect(goods.looseToPromise.some((one) => one.batch.id === batch.id)).toBe(false);
    expect(goods.useLoose(batch, 'good', 1, SOLD)).toMatchObject({ problem: null });
    expect(goods.useLoose(batch, 'good', 1, { ...SOLD, how: 'thrown-away' })).toEqual({ ok: true });
  });

  it('past their best before are asked about, and not promised', () => {
    const { id } = stocked();
    const first = goods.wrapped.find(({ run, left }) => run.unitId === id && left > 0);
    if (!first) throw new Error('something is wrapped');
    const dated = (bestBefore: string) => workshop.put('goods', [{ ...first.run, bestBefore }]);
    dated(today());
    expect(goods.concernsOfWrapped({ ...first.run, bestBefore: today() })).toEqual([]);
    dated('2020-01-01');
    expect(goods.giveOut(id, 1, SOLD)).toMatchObject({
      asks: [{ code: 'best-before-past', day: '2020-01-01' }],
    });
    expect(goods.toPromise.some(({ run }) => run.id === first.run.id)).toBe(false);
  });
});

describe('pieces that lie unwrapped', () => {
  it('become crumbs: a lot of as many grams as the pieces had, of one material however often', () => {
    const { batch, here } = lying();
    expect(goods.useLoose(batch, 'good', 1, CRUMBLED)).toEqual({ ok: true });
    expect(goods.useLoose(batch, 'good', 2, CRUMBLED)).toEqual({ ok: true });
    expect(leftOf(batch.id)?.good).toBe(here - 3);
    const [one, two] = workshop.lots.slice(-2);
    expect(one).toMatchObject({ receivedG: batch.plan.pieceG, code: `${batch.code}-crumbs` });
    expect(two).toMatchObject({
      receivedG: 2 * batch.plan.pieceG,
      materialId: one?.materialId,
      code: `${batch.code}-crumbs-2`,
    });
    const gone = workshop.goods.at(-1);
    expect(gone).toMatchObject({ how: 'crumbled', lotId: two?.id });
    expect(workshop.catalog.byId.get(one?.materialId ?? '')?.name).toContain(batch.formulaName);
  });

  it('of two batches of one formula are two materials, each made of its own batch', () => {
    const { batch } = lying();
    const [first, ...others] = batch.body.parts;
    if (!first) throw new Error('a batch has a part');
    const other = {
      ...batch,
      id: crypto.randomUUID(),
      code: 'QL-777',
      body: { ...batch.body, parts: [{ ...first, lines: first.lines.slice(0, 2) }, ...others] },
      entries: batch.entries.filter(({ kind }) => kind === 'counted'),
    };
    workshop.put('batches', [other]);
    goods.useLoose(batch, 'good', 1, CRUMBLED);
    goods.useLoose(other, 'good', 1, CRUMBLED);
    const [one, two] = workshop.lots.slice(-2).map(({ materialId }) => materialId);
    expect(one).not.toBe(two);
    const madeOf = (id = '') => workshop.materials.find((own) => own.id === id)?.madeOf;
    expect(madeOf(one)).not.toEqual(madeOf(two));
    expect(workshop.catalog.byId.get(two ?? '')?.name).toContain('QL-777');
    // Crumbs of a batch that was put right since are another material.
    const corrected = {
      ...other,
      entries: batch.entries.map((entry) =>
        entry.kind === 'weighed'
          ? { ...entry, massG: entry.massG * (entry.massG > 50 ? 2 : 1) }
          : entry,
      ),
    };
    workshop.put('batches', [corrected]);
    expect(goods.useLoose(corrected, 'good', 1, CRUMBLED)).toEqual({ ok: true });
    expect(workshop.lots.at(-1)?.materialId).not.toBe(two);
  });

  it('given away make no lot', () => {
    const { batch } = lying();
    const before = workshop.lots.length;
    goods.useLoose(batch, 'good', 1, { ...CRUMBLED, how: 'given', to: 'a neighbor' });
    expect(workshop.lots).toHaveLength(before);
    expect(workshop.goods.at(-1)).toMatchObject({ lotId: null, to: 'a neighbor' });
  });

  it('are never more than lie there, whatever is done with them', () => {
    const { batch, here } = lying();
    const problem = `There are only ${here} of ${batch.code}. Use fewer.`;
    const before = workshop.goods;
    expect(goods.useLoose(batch, 'good', here + 1, SOLD)).toEqual({ ok: false, problem });
    expect(goods.grade(batch, 'good', 'second', here + 1, 'chipped')).toEqual({
      ok: false,
      problem,
    });
    expect(goods.useLoose(batch, 'good', 0, SOLD)).toMatchObject({ ok: false });
    expect(goods.grade(batch, 'good', 'second', 0.5, '')).toMatchObject({ ok: false });
    expect(workshop.goods).toBe(before);
  });

  it('turn into seconds, or into none', () => {
    const { batch, here } = lying();
    const seconds = leftOf(batch.id)?.second ?? 0;
    goods.grade(batch, 'good', 'second', 2, 'chipped');
    expect(leftOf(batch.id)).toMatchObject({ good: here - 2, second: seconds + 2 });
    goods.grade(batch, 'second', 'rejected', 1, 'broke');
    expect(leftOf(batch.id)).toMatchObject({ good: here - 2, second: seconds + 1 });
  });
});

describe('counted by hand', () => {
  it('writes the difference, and nothing where the books are right', () => {
    const { batch, here } = lying();
    const of = { kind: 'loose', batchId: batch.id, grade: 'good' } as const;
    const before = workshop.goods;
    expect(goods.count(of, here, '')).toEqual({ ok: true });
    expect(workshop.goods).toBe(before);
    expect(goods.count(of, here - 2, 'two broke')).toEqual({ ok: true });
    expect(workshop.goods.at(-1)).toMatchObject({ kind: 'counted', change: -2, why: 'two broke' });
    expect(leftOf(batch.id)?.good).toBe(here - 2);
    const run = goods.wrapped.find(({ left }) => left > 0);
    goods.count({ kind: 'wrapped', wrappedId: run?.run.id ?? '' }, 0, 'gone');
    expect(goods.wrapped.find((one) => one.run.id === run?.run.id)?.left ?? 0).toBe(0);
  });

  it('wants whole numbers of what is here', () => {
    const { batch } = lying();
    const of = { kind: 'loose', batchId: batch.id, grade: 'good' } as const;
    for (const there of [-1, 0.5, Number.NaN])
      expect(goods.count(of, there, '')).toEqual({
        ok: false,
        problem: 'Type a whole number.',
      });
    expect(goods.count({ kind: 'wrapped', wrappedId: 'nowhere' }, 1, '')).toEqual({
      ok: false,
      problem: 'That is no longer in stock.',
    });
  });
});

it('a batch that was corrected after its wrapping is named, as its labels may say something else', () => {
  const unit = sampleUnit('Quince Lantern');
  const run = goods.wrapped.find(({ run: of }) => of.unitId === unit.id)?.run;
  const batch = workshop.batches.find(({ id }) => id === run?.from[0]?.batchId);
  if (!run || !batch) throw new Error('the sample has wrapped lanterns');
  expect(goods.correctedSince(run)).toEqual([]);
  const weighed = batch.entries.find(({ kind }) => kind === 'weighed');
  workshop.putBatch({
    ...batch,
    entries: batch.entries.map((entry) =>
      entry.id === weighed?.id ? { ...entry, voidedAt: new Date().toISOString() } : entry,
    ),
  });
  expect(goods.correctedSince(run)).toEqual([batch.code]);
});

it('the hands that are at work sign what goes', () => {
  const { id } = stocked();
  workshop.changeSettings({ makerInHand: 'Maud' });
  goods.giveOut(id, 1, SOLD);
  expect(workshop.goods.at(-1)?.who).toBe('Maud');
});

describe('pieces that two sides took at one moment', () => {
  it('are said when the other side’s move comes, once', () => {
    const { batch, here } = lying();
    const told = () => {
      sayOverdrafts();
      return useSavingStore().said.join(' ');
    };
    const gone = (id: string) => ({
      ...(workshop.goods.find(({ kind }) => kind === 'wrapped') as MoveOf<'wrapped'>),
      id,
      code: id,
      from: [{ batchId: batch.id, grade: 'good' as const, pieces: here }],
    });
    workshop.put('goods', [gone('here')]);
    expect(told()).not.toContain('more left than there were');
    workshop.put('goods', [gone('there')]);
    const sentence = `${batch.code}: ${here} pieces more left than there were`;
    expect(told()).toContain(sentence);
    expect(told().split(sentence)).toHaveLength(2);
  });
});

describe('a day at the stall', () => {
  it('sells all of it at once and keeps prices and cash, or nothing of it', () => {
    const here = [...goods.onHand].filter(([, count]) => count > 0);
    const [[first, most] = ['', 0], [second] = ['']] = here;
    if (!first || !second) throw new Error('the sample has two products wrapped');
    const day = (count: number) => ({
      who: 'Quay stall',
      note: 'Cash 20, sold for 20.',
      lines: [
        { unitId: second, count: 1, each: 4 },
        { unitId: first, count, each: null },
      ],
    });
    const before = workshop.goods.length;
    expect(goods.sellAtStall(day(most + 1), true)).toMatchObject({ ok: false });
    expect(goods.sellAtStall({ ...day(0), lines: [] }, true)).toMatchObject({ ok: false });
    expect(workshop.goods).toHaveLength(before);
    expect(goods.sellAtStall(day(most), true)).toEqual({ ok: true });
    expect(goods.onHand.get(first)).toBe(0);
    const moves = workshop.goods.slice(before);
    expect(moves.map((move) => move.kind === 'gone' && move.each)).toEqual([4, null]);
    const order = workshop.orders.at(-1);
    expect(order).toMatchObject({
      kind: 'stall',
      who: 'Quay stall',
      note: 'Cash 20, sold for 20.',
    });
    expect(moves.every((move) => move.kind === 'gone' && move.orderId === order?.id)).toBe(true);
  });
});
