import { describe, expect, it } from 'vitest';
import { newId } from '@/core/basics/newId';
import type { Batch } from '@/core/batches/records/schema';
import { sampleBatch, SAMPLE_CATALOG, sampleUnit } from '../../../../tests/fixtures/sample';
import { givenByMold, moldIdsOf, withMolds } from './byMold';
import { pieceNet } from './net';
import { looseStock } from './stock';
import { mostUnits, wrapFrom } from './wrap';
import type { GoodsMove } from './schema';

const [SPHERE, CUBE] = [newId(), newId()];
const QL = sampleBatch('QL-011');
const set = (moldId: string, pieces: number, pieceG: number) => ({
  mold: { shape: 'sphere' as const, diameterMm: 60 },
  moldId,
  name: moldId === SPHERE ? 'Large sphere' : 'Small cube',
  pieces,
  pieceG,
  isSampler: false,
});
/** Eight of this and five of that, counted mold by mold: one cube broke. */
const BATCH: Batch = {
  ...QL,
  plan: { ...QL.plan, pieces: 13, sets: [set(SPHERE, 8, 150), set(CUBE, 5, 60)] },
  entries: [
    ...QL.entries.filter(({ kind }) => kind === 'room'),
    {
      id: newId(),
      at: QL.startedAt,
      stepId: 'count',
      voidedAt: null,
      kind: 'counted',
      pieces: 12,
      rejects: 1,
      molds: [
        { pieces: 8, rejects: 0 },
        { pieces: 4, rejects: 1 },
      ],
    },
  ],
};
const unit = (moldId?: string) => ({
  ...sampleUnit('Quince Lantern'),
  contents: [
    { formulaId: QL.formulaId, grade: 'good' as const, pieces: 2, ...(moldId && { moldId }) },
  ],
});
const stockAfter = (moves: readonly GoodsMove[]) =>
  withMolds(looseStock([BATCH], moves, []), moves);
const most = (moldId: string | undefined, moves: readonly GoodsMove[] = []) =>
  mostUnits(unit(moldId), stockAfter(moves), null);

describe('pieces of several molds', () => {
  it('are counted, and kept apart by the mold they come from', () => {
    expect(givenByMold(BATCH)).toEqual([
      { moldId: SPHERE, name: 'Large sphere', pieces: 8 },
      { moldId: CUBE, name: 'Small cube', pieces: 4 },
    ]);
    expect(moldIdsOf(QL.formulaId, [...stockAfter([]), ...stockAfter([])])).toEqual([SPHERE, CUBE]);
    expect(moldIdsOf('another', stockAfter([]))).toEqual([]);
    expect([most(SPHERE), most(CUBE), most(newId()), most(undefined)]).toEqual([4, 2, 0, 6]);
  });

  it('leave with their own product, and not with the other one', () => {
    const plan = wrapFrom(unit(CUBE), 2, stockAfter([]), null);
    if (!plan.ok) throw new Error('there are four cubes');
    expect(plan.from).toEqual([{ batchId: BATCH.id, grade: 'good', pieces: 4, moldId: CUBE }]);
    const wrapped: GoodsMove = {
      id: newId(),
      origin: 'own',
      at: '2026-10-02T08:00:00Z',
      voidedAt: null,
      kind: 'wrapped',
      unitId: unit(CUBE).id,
      code: 'C',
      count: 2,
      from: [...plan.from],
      packaging: [],
      bestBefore: null,
    };
    expect([most(SPHERE, [wrapped]), most(CUBE, [wrapped])]).toEqual([4, 0]);
  });

  it('bear the net weight of their own mold; without one, the lightest speaks', () => {
    const net = (moldId?: string) => pieceNet(BATCH, 'good', SAMPLE_CATALOG, moldId)?.netG ?? NaN;
    expect(net(SPHERE) / net(CUBE)).toBeCloseTo(150 / 60, 1);
    expect(net()).toBe(net(CUBE));
  });

  it('are all of one mold in a batch of one, and of none by measures alone', () => {
    const { pieces, pieceG, totalG, lines } = BATCH.plan;
    const plan = { pieces, pieceG, totalG, lines };
    const one = (moldId: string | null): Batch => ({
      ...BATCH,
      plan,
      request: { ...BATCH.request, moldId },
    });
    expect(givenByMold(one(SPHERE))).toEqual([{ moldId: SPHERE, name: '', pieces: 12 }]);
    expect(givenByMold(one(null))).toEqual([]);
  });
});
