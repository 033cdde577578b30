import { describe, expect, it } from 'vitest';
import type { Order } from '@/core/goods/orders/schema';
import { USUAL_SETTINGS } from '@/core/workshop/settings/settings';
import type { Settings } from '@/core/workshop/settings/settingsSchema';
import { mergeEdit } from './mergeEdit';

const shift = (name: string, from = '08:00') => ({
  name,
  from,
  to: '17:00',
  days: [1, 2],
  away: [],
});
const withHours = (...hours: ReturnType<typeof shift>[]): Settings => ({
  ...USUAL_SETTINGS,
  plan: { ...USUAL_SETTINGS.plan, hours },
});
const hoursOf = ({ plan }: Settings) => plan.hours.map(({ name, from }) => `${name} ${from}`);

describe('what a form wrote over what it was opened with', () => {
  it('keeps a person whom another tab added while the form was open, and one who was added here', () => {
    const { record, clashes } = mergeEdit('settings', {
      opened: withHours(shift('Maud')),
      edited: withHours(shift('Maud'), shift('Ned')),
      now: withHours(shift('Maud'), shift('Ida')),
    });
    expect(hoursOf(record).sort()).toEqual(['Ida 08:00', 'Maud 08:00', 'Ned 08:00']);
    expect(clashes).toBe(false);
  });

  it('takes out whom the form took out, and leaves other settings as they are by now', () => {
    const { record } = mergeEdit('settings', {
      opened: withHours(shift('Maud'), shift('Ned')),
      edited: withHours(shift('Maud')),
      now: { ...withHours(shift('Maud'), shift('Ned')), look: 'dark' },
    });
    expect(hoursOf(record)).toEqual(['Maud 08:00']);
    expect(record.look).toBe('dark');
  });

  it('says that both changed the same hours, and has the form’s', () => {
    const { record, clashes } = mergeEdit('settings', {
      opened: withHours(shift('Maud')),
      edited: withHours(shift('Maud', '09:00')),
      now: withHours(shift('Maud', '10:00')),
    });
    expect(hoursOf(record)).toEqual(['Maud 09:00']);
    expect(clashes).toBe(true);
  });

  it('keeps a line that was added to an order elsewhere, and that it was called off', () => {
    const order: Order = {
      id: 'o',
      origin: 'own',
      kind: 'order',
      who: 'Ferry shop',
      where: '',
      due: '2026-03-02T10:00:00.000Z',
      lines: [{ unitId: 'a', count: 2 }],
      repeatDays: null,
      isCalledOff: false,
      note: '',
    };
    const { record } = mergeEdit('orders', {
      opened: order,
      edited: { ...order, note: 'By boat' },
      now: { ...order, isCalledOff: true, lines: [...order.lines, { unitId: 'b', count: 3 }] },
    });
    expect(record).toMatchObject({ note: 'By boat', isCalledOff: true });
    expect(record.lines.map(({ unitId }) => unitId)).toEqual(['a', 'b']);
  });
});
