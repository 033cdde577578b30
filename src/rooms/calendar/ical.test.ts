import ICAL from 'ical.js';
import { expect, it } from 'vitest';
import { calendarText } from './ical';

it('a plan as an iCalendar opens in a parser of another make, hour by hour', () => {
  const text = calendarText(
    [
      {
        job: 'b1',
        step: 'press',
        person: 'Maud',
        name: 'Quince; Lantern, "two"',
        formulaId: null,
        startMs: Date.parse('2026-10-15T09:00:20Z'),
        endMs: Date.parse('2026-10-15T09:23:10Z'),
        machine: 'press',
        places: 0,
        dryMs: null,
        isLocked: false,
        isLate: false,
      },
    ],
    [
      {
        id: '4f1d2c0e-6f0a-4a51-9a93-000000000001',
        origin: 'own',
        kind: 'order',
        who: 'Night ferry',
        where: 'Berth 2',
        due: '2026-10-16T16:00:00Z',
        lines: [],
        repeatDays: null,
        isCalledOff: false,
        note: '',
      },
    ],
    [{ id: 'scale/1', day: '2026-10-17', about: 'Bench scale', said: 'Check the scale' }],
  );
  const events = new ICAL.Component(ICAL.parse(text))
    .getAllSubcomponents('vevent')
    .map((event) => new ICAL.Event(event));
  expect(events.map(({ summary }) => summary)).toEqual([
    'Quince; Lantern, "two": press',
    'Due: Night ferry',
    'Bench scale: Check the scale',
  ]);
  expect(events[0]?.startDate.toJSDate().toISOString()).toBe('2026-10-15T09:00:00.000Z');
  expect(events[0]?.duration.toSeconds()).toBe(24 * 60);
  expect(events[1]?.location).toBe('Berth 2');
  // A whole day, whatever the clock.
  expect(events[2]?.startDate.isDate).toBe(true);
  expect(events[2]?.startDate.toString()).toBe('2026-10-17');
});
