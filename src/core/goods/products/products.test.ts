import { describe, expect, it } from 'vitest';
import fc from 'fast-check';
import { USUAL_MONEY } from '@/core/work/cost/usual';
import { newId } from '@/core/basics/newId';
import { lotMoves } from '@/core/workshop/shelf/stock';
import { SAMPLE, SAMPLE_CATALOG, sampleBatch, sampleUnit } from '../../../../tests/fixtures/sample';
import { changedAfter } from './contents';
import { crumbledMaterial } from './crumble';
import { looseStock, piecesTested, overdrawn, unitsOnHand, wrappedStock } from './stock';
import { lowPackaging, packagingFor, packagingLeft } from './packaging';
import { mostUnits, wrapCode, wrapFrom } from './wrap';
import { newSaleUnit } from './create';
import type { Trial } from '@/core/batches/trials/schema';
import { originOf, recallBatch, recallLot, type Books } from './recall';
import { madeCostOfBatch, unitCost } from './unitCost';
import { pieceNet } from './net';
import { saleUnitSchema, type GoodsMove, type NewMove, type Packaging } from './schema';
import { standsOn } from './moves';
import { takeUnits } from './take';
import { correctEntry } from '@/core/batches/records/correct';
import { catalogWith } from '@/core/matter/materials/catalog';
import { portionsOf } from '@/core/matter/materials/portion';

let minute = 0;
/** A move, each a minute after the one before. */
function move<M extends NewMove>(of: M, voidedAt: string | null = null): GoodsMove {
  const at = new Date(Date.UTC(2026, 9, 1, 8, minute++)).toISOString();
  return { ...of, id: newId(), origin: 'own', at, voidedAt };
}
const QL = sampleBatch('QL-011');
const EG = sampleBatch('EG-006');
const UNIT = sampleUnit('Quince Lantern');
const wrapped = (count: number, batch = QL, voidedAt: string | null = null) =>
  move(
    {
      kind: 'wrapped',
      unitId: UNIT.id,
      code: batch.code,
      count,
      from: [{ batchId: batch.id, grade: 'good', pieces: count }],
      packaging: [],
      bestBefore: null,
    },
    voidedAt,
  );
const gone = (taken: { wrappedId: string; count: number }[], orderId: string | null = null) =>
  move({
    kind: 'gone',
    how: 'sold',
    taken,
    loose: [],
    orderId,
    to: 'somebody',
    each: null,
    lotId: null,
  });
const left = (moves: readonly GoodsMove[], batch = QL) =>
  looseStock([batch], moves, [])[0]?.left.good;

describe('finished stock', () => {
  it('is what was counted less what was wrapped, made a second, used and kept', () => {
    expect(left([])).toBe(24);
    const run = wrapped(10);
    const moves = [
      run,
      move({ kind: 'graded', batchId: QL.id, from: 'good', to: 'second', pieces: 2, why: 'seam' }),
      move({ kind: 'graded', batchId: QL.id, from: 'good', to: 'rejected', pieces: 1, why: '' }),
      move({
        kind: 'counted',
        of: { kind: 'loose', batchId: QL.id, grade: 'good' },
        change: -1,
        why: 'one was missing',
      }),
      gone([{ wrappedId: run.id, count: 3 }]),
    ];
    expect(looseStock([QL], moves, [])[0]?.left).toEqual({ good: 10, second: 2, sampler: 0 });
    expect(wrappedStock(moves)[0]?.left).toBe(7);
    expect(unitsOnHand(wrappedStock(moves)).get(UNIT.id)).toBe(7);
    // Kept back: two of the sample's.
    expect(left([], sampleBatch('QL-010'))).toBe(16);
  });

  it('does not take off twice the rejects of the count that were looked at again', () => {
    // Counted: 9 whole, 3 not; looked over: 12, of them 3 not.
    expect(left([], sampleBatch('QL-001'))).toBe(9);
    // Two of the rejects became samplers.
    expect(looseStock([sampleBatch('EG-002')], [], [])[0]?.left.sampler).toBe(2);
  });

  it('keeps every piece: what came in is what is here and what went, whatever happened', () => {
    fc.assert(
      fc.property(
        fc.array(fc.tuple(fc.integer({ min: 0, max: 3 }), fc.integer({ min: 1, max: 6 })), {
          maxLength: 25,
        }),
        (deeds) => {
          const moves: GoodsMove[] = [];
          let away = 0;
          for (const [deed, n] of deeds) {
            const loose = left(moves) ?? 0;
            const stock = wrappedStock(moves);
            if (deed === 0 && loose >= n) moves.push(wrapped(n));
            if (deed === 1) {
              const taken = takeUnits(UNIT.id, n, stock);
              if (taken.ok) {
                moves.push(gone([...taken.taken]));
                away += n;
              }
            }
            if (deed === 2 && loose >= n) {
              moves.push(
                move({
                  kind: 'gone',
                  how: 'embed',
                  taken: [],
                  loose: [{ batchId: QL.id, grade: 'good', pieces: n }],
                  orderId: null,
                  to: '',
                  each: null,
                  lotId: null,
                }),
              );
              away += n;
            }
            if (deed === 3) moves.push(wrapped(n, QL, '2026-10-02T08:00:00Z'));
          }
          const here = wrappedStock(moves).reduce((sum, one) => sum + one.left, 0);
          expect((left(moves) ?? 0) + here + away).toBe(24);
          expect(wrappedStock(moves).every((one) => one.left >= 0)).toBe(true);
        },
      ),
      { seed: 20261126, numRuns: 80 },
    );
  });

  it('goes oldest first, and says how many there are when it is not enough', () => {
    const [first, second] = [wrapped(4), wrapped(5)];
    const stock = wrappedStock([second, first]);
    expect(takeUnits(UNIT.id, 6, stock)).toEqual({
      ok: true,
      taken: [
        { wrappedId: first.id, count: 4 },
        { wrappedId: second.id, count: 2 },
      ],
    });
    expect(takeUnits(UNIT.id, 9, stock).ok).toBe(true);
    expect(takeUnits(UNIT.id, 10, stock)).toEqual({ ok: false, here: 9 });
  });

  it('shows what went below zero after a batch was corrected, and hides nothing', () => {
    const run = wrapped(24);
    const count = QL.entries.find(({ kind }) => kind === 'counted');
    const fewer = correctEntry(QL, count?.id ?? '', 20, '2026-10-20T08:00:00Z');
    expect(overdrawn(looseStock([fewer], [run], []), wrappedStock([run]))).toEqual([
      { code: 'QL-011', short: 4 },
    ]);
    const weighing = QL.entries.find(({ kind }) => kind === 'weighed');
    const heavier = correctEntry(QL, weighing?.id ?? '', 99, '2026-10-20T08:00:00Z');
    expect(changedAfter(QL, '2026-10-15T00:00:00Z')).toBe(false);
    expect(changedAfter(heavier, '2026-10-15T00:00:00Z')).toBe(true);
    expect(changedAfter(heavier, '2026-10-21T00:00:00Z')).toBe(false);
  });

  it('lets a wrapping be taken back only before what stands on it', () => {
    const run = wrapped(5);
    const away = gone([{ wrappedId: run.id, count: 1 }]);
    expect(standsOn(run, [run, away])).toEqual([away]);
    expect(standsOn(run, [run, { ...away, voidedAt: '2026-10-03T08:00:00Z' }])).toEqual([]);
  });
});

describe('wrapping', () => {
  const box = newSaleUnit('Harbor Box', 'box', [{ id: QL.formulaId }, { id: EG.formulaId }]);
  const stock = looseStock([QL, EG], [], []);

  it('takes pieces of each formula, of the batch in hand first, or says what is short', () => {
    expect(wrapFrom(box, 12, stock, null)).toEqual({
      ok: true,
      from: [
        { batchId: QL.id, grade: 'good', pieces: 12 },
        { batchId: EG.id, grade: 'good', pieces: 12 },
      ],
    });
    expect(wrapFrom(box, 13, stock, null)).toMatchObject({
      ok: false,
      formulaId: EG.formulaId,
      wanted: 13,
      here: 12,
    });
    expect(mostUnits(box, stock, null)).toBe(12);
    const pair = newSaleUnit('A pair', 'pair', [{ id: QL.formulaId }]);
    expect(mostUnits(pair, stock, null)).toBe(12);
    const older = sampleBatch('QL-010');
    const both = looseStock([older, QL], [], []);
    const first = (id: string | null) => {
      const plan = wrapFrom(pair, 1, both, id);
      return plan.ok ? plan.from[0]?.batchId : null;
    };
    expect(first(null)).toBe(older.id);
    expect(first(QL.id)).toBe(QL.id);
  });

  it('counts a formula that stands in it twice once for each', () => {
    const twice = newSaleUnit('Twice', 'box', [{ id: EG.formulaId }, { id: EG.formulaId }]);
    expect(mostUnits(twice, stock, null)).toBe(6);
  });

  it('bears the batch’s code, or one of its own where several are in it', () => {
    const one = [{ batchId: QL.id, grade: 'good' as const, pieces: 1 }];
    const two = [...one, { batchId: EG.id, grade: 'good' as const, pieces: 1 }];
    expect(wrapCode('Quince Lantern', one, SAMPLE.batches, [])).toBe('QL-011');
    expect(wrapCode('Harbor Box', two, SAMPLE.batches, ['HB-P001', 'HB-P007'])).toBe('HB-P008');
  });

  it('refuses a unit of nothing, and one of half a piece', () => {
    expect(saleUnitSchema.safeParse({ ...UNIT, contents: [] }).success).toBe(false);
    const [line] = UNIT.contents;
    expect(
      saleUnitSchema.safeParse({ ...UNIT, contents: [{ ...line, pieces: 0.5 }] }).success,
    ).toBe(false);
  });
});

const FILM: Packaging = {
  id: newId(),
  origin: 'own',
  name: 'Film',
  kind: 'film',
  barrier: 'polyolefin-shrink-19',
  lots: [
    { id: newId(), code: 'new', supplier: '', receivedOn: '2026-05-01', pieces: 50, cost: 10 },
    { id: newId(), code: 'old', supplier: '', receivedOn: '2026-01-01', pieces: 10, cost: 1 },
  ],
  counts: [],
  lowPieces: 20,
  note: '',
  isArchived: false,
};
const [NEW_LOT, OLD_LOT] = FILM.lots;
const IN_FILM = { ...UNIT, packaging: [{ packagingId: FILM.id, pieces: 2 }] };

describe('wraps', () => {
  it('go oldest delivery first; what is not there has no delivery', () => {
    const all = packagingLeft([FILM], []);
    expect(packagingFor(IN_FILM, 8, [FILM], all)).toEqual([
      { packagingId: FILM.id, lotId: OLD_LOT?.id, pieces: 10 },
      { packagingId: FILM.id, lotId: NEW_LOT?.id, pieces: 6 },
    ]);
    expect(packagingFor(IN_FILM, 31, [FILM], all).at(-1)).toEqual({
      packagingId: FILM.id,
      lotId: null,
      pieces: 2,
    });
  });

  it('are low just under what the maker wants to have', () => {
    const used = (pieces: number) => {
      const run = wrapped(1);
      const by = {
        ...run,
        packaging: [{ packagingId: FILM.id, lotId: NEW_LOT?.id ?? null, pieces }],
      } as GoodsMove;
      return lowPackaging([FILM], packagingLeft([FILM], [by])).length;
    };
    expect(used(40)).toBe(0);
    expect(used(41)).toBe(1);
  });

  it('cost what the delivery cost that is used first', () => {
    const all = packagingLeft([FILM], []);
    const cost = unitCost(
      { ...IN_FILM, minutes: 2, retail: 4, wholesale: null },
      [{ perPiece: 1.2, unpriced: [] }],
      [FILM],
      all,
      USUAL_MONEY,
    );
    // 1.20 of pieces, two films at 0.10, two minutes of 18 an hour.
    expect(cost).toMatchObject({ around: 0.2, hands: 0.6, retailLeavesPct: 50 });
    expect(cost.all).toBeCloseTo(2, 9);
    expect(cost.wholesale).toBeCloseTo(3.35, 9);
    expect(cost.wholesaleLeavesPct).toBeNull();
    const none = unitCost(IN_FILM, [{ perPiece: 1, unpriced: ['borax'] }], [], all, USUAL_MONEY);
    expect(none.unpricedMaterials).toEqual(['borax']);
    expect(none.unpricedPackaging).toEqual(['packaging that was removed']);
  });

  it('share the materials of a batch among its counted pieces', () => {
    const grams = QL.entries.reduce(
      (sum, one) => (one.kind === 'weighed' || one.kind === 'added' ? sum + one.massG : sum),
      0,
    );
    // Forty minutes of 18 an hour are 12.
    const cost = madeCostOfBatch(QL, () => 0.01, 40, USUAL_MONEY);
    expect(cost.perPiece).toBeCloseTo((grams * 0.01 + 12) / 24, 6);
    expect(madeCostOfBatch(QL, () => null, 0, USUAL_MONEY).unpriced.length).toBeGreaterThan(5);
  });
});

describe('net weight of a piece', () => {
  it('is what the weighed fills bear out once dry', () => {
    const net = pieceNet(QL, 'good', SAMPLE_CATALOG);
    expect(net?.fills).toEqual({ count: 24, short: 0 });
    expect(net?.netG).toBeGreaterThan(190);
    expect(net?.netG).toBeLessThan(QL.plan.pieceG);
  });

  it('is as planned where no fill was weighed, and nothing for samplers nobody made', () => {
    expect(pieceNet(sampleBatch('SW-003'), 'good', SAMPLE_CATALOG)?.fills).toBeNull();
    expect(pieceNet(QL, 'sampler', SAMPLE_CATALOG)).toBeNull();
  });
});

const BOOKS: Books = {
  lots: SAMPLE.lots,
  lotMoves: lotMoves(SAMPLE.batches, SAMPLE.lots),
  batches: SAMPLE.batches,
  past: [],
  goods: SAMPLE.goods,
  orders: SAMPLE.orders,
  trials: SAMPLE.trials,
};
const rosemary = SAMPLE.lots.find(({ code }) => code === 'REO-251026');

describe('tested pieces', () => {
  const trial = (over: object = {}) =>
    ({ batchId: QL.id, voidedAt: null, isCrumbs: false, pieceG: 150, ...over }) as Trial;
  const crumbs = (pieces: number) => trial({ isCrumbs: true, pieceG: pieces * QL.plan.pieceG });
  const good = (...trials: readonly Trial[]) => looseStock([QL], [], trials)[0]?.left.good ?? 0;

  it('are gone from the stock, crumbs by their weight', () => {
    const all = good();
    expect(good(trial(), trial())).toBe(all - 2);
    expect(good(crumbs(0.19))).toBe(all);
    expect(good(crumbs(0.21))).toBe(all - 1);
    expect(good(crumbs(1.19))).toBe(all - 1);
    expect(good(crumbs(1.21))).toBe(all - 2);
    expect(good(trial({ voidedAt: QL.startedAt }), trial({ batchId: EG.id }))).toBe(all);
  });

  it('never make more of a batch missing than there was, and take no pack of loose salts', () => {
    const many = Array.from({ length: good() + 5 }, () => trial());
    expect(good(...many)).toBe(0);
    const loose = { ...QL, body: { ...QL.body, method: 'loose' as const } };
    expect(piecesTested(loose, [trial()])).toBe(0);
  });
});

describe('recall', () => {
  it('leads from a lot to every batch, wrapping and order that holds it, and back', () => {
    const recall = recallLot(rosemary?.id ?? '', BOOKS);
    const codes = recall.batches.map(({ batch }) => batch.code).sort();
    expect(codes).toEqual([
      'EG-001',
      'EG-002',
      'EG-003',
      'EG-004',
      'EG-005',
      'EG-006',
      'FS-001',
      'FS-002',
    ]);
    // A box of three holds Ebb Glass too.
    expect(recall.runs.map(({ run }) => run.code)).toContain('HB-P001');
    for (const { move: away, order } of recall.handedOver) {
      if (!order) continue;
      const origin = originOf(order.id, BOOKS);
      expect(origin.lots.map(({ lotId }) => lotId)).toContain(rosemary?.id);
      expect(origin.runs.length).toBeGreaterThan(0);
      expect(away.orderId).toBe(order.id);
    }
    expect(recall.handedOver.some(({ order }) => order?.who === 'Night ferry cabins')).toBe(true);
  });

  it('leaves alone what holds none of it', () => {
    const recall = recallBatch(sampleBatch('SAD-002'), BOOKS);
    expect(recall.runs.every(({ codes }) => codes.includes('SAD-002'))).toBe(true);
    expect(recallLot(newId(), BOOKS)).toMatchObject({ batches: [], runs: [], handedOver: [] });
  });

  it('goes through pieces that were crumbled into embed powder', () => {
    const crumbs = {
      ...SAMPLE.lots[0],
      id: newId(),
      code: 'EG-crumbs',
    } as (typeof SAMPLE.lots)[number];
    const crumbled = move({
      kind: 'gone',
      how: 'crumbled',
      taken: [],
      loose: [{ batchId: EG.id, grade: 'good', pieces: 2 }],
      orderId: null,
      to: '',
      each: null,
      lotId: crumbs.id,
    });
    const into = { kind: 'batch' as const, id: QL.id, code: QL.code };
    const recall = recallLot(rosemary?.id ?? '', {
      ...BOOKS,
      lots: [...BOOKS.lots, crumbs],
      lotMoves: [...BOOKS.lotMoves, { lotId: crumbs.id, massG: 40, into, at: QL.startedAt }],
      goods: [...BOOKS.goods, crumbled],
    });
    expect(recall.batches.find(({ batch }) => batch.id === QL.id)?.through).toEqual(['EG-crumbs']);
  });
});

describe('crumbled pieces', () => {
  it('become a material that stands for what they were made of', () => {
    const id = newId();
    const material = crumbledMaterial(EG, SAMPLE_CATALOG, id);
    const catalog = catalogWith([...SAMPLE.materials, material]);
    const portions = portionsOf(catalog, [{ materialId: id, massG: 100 }]);
    expect(portions.reduce((sum, { massG }) => sum + massG, 0)).toBeCloseTo(100, 6);
    expect(portions.map(({ material: of }) => of.id)).toEqual(
      expect.arrayContaining(['sodium-bicarbonate', 'citric-acid', 'lavender-essential-oil']),
    );
  });
});
