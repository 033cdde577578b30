import { expect, it } from 'vitest';
import { SAMPLE } from '../../../../tests/fixtures/sample';
import { begun } from '../../../../tests/fixtures/bench';
import { lotDoubtsAhead } from '@/core/batches/records/asPlanned';
import { assignLots } from './assignLots';
import type { Lot } from './lot';

const one = SAMPLE.lots.find(({ premix }) => premix === null);
if (!one) throw new Error('the sample has lots');
const lot = (more: Partial<Lot>): Lot => ({
  ...one,
  id: crypto.randomUUID(),
  materialId: 'citric-acid',
  expiresOn: null,
  isRetest: false,
  isQuarantined: false,
  ...more,
});
const line = { lineId: 'l', materialId: 'citric-acid', weighG: 100, premix: null } as never;
const barred = (...lots: readonly Lot[]) =>
  assignLots([line], lots, new Map(lots.map(({ id }) => [id, 500])), '2026-04-18').barred;

it('a material whose every lot is on hold or past its day has no usable lot, and says which', () => {
  const held = lot({ code: 'A', isQuarantined: true });
  const past = lot({ code: 'B', expiresOn: '2026-04-17' });
  expect(barred(held, past)).toEqual([
    { materialId: 'citric-acid', onHold: ['A'], past: ['B'], notReady: [] },
  ]);
  // One that may be used is enough; none at all is no lot that is barred.
  expect(barred(held, lot({ code: 'C', expiresOn: '2026-04-18' }))).toEqual([]);
  expect(barred()).toEqual([]);
});

it('what is entered as planned is asked first where a lot holds less, or is on hold', () => {
  const [step, ...steps] = begun().steps.filter(({ kind }) => kind === 'weigh');
  if (step?.kind !== 'weigh') throw new Error('a batch weighs');
  const use = { lotId: one.id, code: one.code, massG: 40 };
  const batch = {
    ...begun(),
    currentStep: 0,
    steps: [
      { ...step, lots: [use] },
      { ...step, id: 'again', lots: [use] },
      ...steps.map((other) => ({ ...other, lots: [] })),
    ],
  };
  const doubts = (leftG: number, isOnHold = false) =>
    lotDoubtsAhead(batch, new Map([[one.id, leftG]]), () => isOnHold);
  expect(doubts(80)).toEqual([]);
  expect(doubts(79.9)).toMatchObject([{ code: one.code, takesG: 80, hasG: 79.9, isOnHold: false }]);
  expect(doubts(80, true)).toMatchObject([{ isOnHold: true }]);
});
