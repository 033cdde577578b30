import { afterEach, expect, it } from 'vitest';
import { nextOf } from './nextOf';

const own = process.env.TZ;
afterEach(() => {
  if (own === undefined) delete process.env.TZ;
  else process.env.TZ = own;
});

it('an order that comes again is due at the same hour after clocks are put back', () => {
  process.env.TZ = 'America/New_York';
  const order = {
    id: 'a',
    origin: 'own' as const,
    kind: 'order' as const,
    who: 'Pilot station',
    where: '',
    due: '2026-10-30T13:00:00.000Z',
    lines: [],
    repeatDays: 7,
    isCalledOff: false,
    note: '',
  };
  // Nine in the morning, before and after November 1.
  expect(nextOf(order, 'b')?.due).toBe('2026-11-06T14:00:00.000Z');
  expect(nextOf({ ...order, repeatDays: null }, 'b')).toBeNull();
});
