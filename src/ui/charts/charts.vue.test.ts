import { describe, expect, it, vi } from 'vitest';
import type { RoomPoint } from '@/core/matter/air/roomDays';
import { trayForecast, type TrayForecast } from '@/core/batches/trays/trayForecast';
import { trayStartMs } from '@/core/batches/trays/trayRoom';
import { button, drawn } from '../../../tests/fixtures/mountInPage';
import { SAMPLE, SAMPLE_CATALOG, sampleBatch } from '../../../tests/fixtures/sample';
import BandChart from './BandChart.vue';
import DryingCurve from './DryingCurve.vue';
import RoomCurve from './RoomCurve.vue';
import WindowInstrument from './WindowInstrument.vue';

const HOUR_MS = 3_600_000;

describe('one reading on its scale', () => {
  const PROPS = {
    title: 'Moisture',
    figure: '1.92',
    unit: 'g in 100 g',
    value: 5,
    from: 0,
    to: 10,
    low: 2,
    high: 6,
    decimals: 1,
    sentence: 'It holds together.',
    why: ['Oils wet it.', 'The room takes some.'],
  };
  const instrument = (
    change: Partial<Record<keyof typeof PROPS | 'spread' | 'mark' | 'tone', unknown>> = {},
  ) => drawn(WindowInstrument, { props: { ...PROPS, ...change } as never });
  const at = (shown: ReturnType<typeof instrument>, part: string) =>
    Number(shown.find(`.${part}`).attributes('x'));

  it('tells its figure and its window to those who do not see it', () => {
    expect(instrument().find('svg').attributes('aria-label')).toBe(
      'Moisture 1.92 g in 100 g, range 2.0–6.0',
    );
  });

  it('stands at its value, and at the end of the scale where the value lies beyond', () => {
    const middle = at(instrument(), 'stand');
    expect(at(instrument({ value: 2.5 }), 'stand')).toBeLessThan(middle);
    expect(at(instrument({ value: 99 }), 'stand')).toBe(at(instrument({ value: 10 }), 'stand'));
    expect(at(instrument({ value: -9 }), 'stand')).toBe(at(instrument({ value: 0 }), 'stand'));
    expect(instrument({ value: null }).find('.stand').exists()).toBe(false);
  });

  it('has no scale where there is no window, and says its sentence all the same', () => {
    const shown = instrument({ low: null });
    expect(shown.find('svg').exists()).toBe(false);
    expect(shown.text()).toContain('It holds together.');
  });

  it('writes the ends of a window only where they lie on the scale', () => {
    const ends = (change: object) =>
      instrument(change)
        .findAll('svg > text')
        .map((one) => one.text());
    expect(ends({})).toEqual(['2.0', '6.0']);
    expect(ends({ low: 0 })).toEqual(['6.0']);
    expect(ends({ high: 10 })).toEqual(['2.0']);
  });

  it('draws how sure it is, be it ever so sure, and names a point that lies on the scale', () => {
    const sure = instrument({ spread: { low: 5, high: 5 } }).find('.spread');
    expect(Number(sure.attributes('width'))).toBe(2);
    expect(instrument({ mark: { at: 10, label: 'best' } }).text()).toContain('best');
    expect(instrument({ mark: { at: 10.1, label: 'best' } }).text()).not.toContain('best');
  });

  it('says why only when it is asked, and can be asked again', async () => {
    const shown = instrument();
    expect(document.body.textContent).not.toContain('Oils wet it.');
    await button(shown, 'Why: Moisture').trigger('click');
    await vi.waitFor(() => expect(document.body.textContent).toContain('Oils wet it.'));
    expect(document.body.textContent).toContain('The room takes some.');
  });
});

describe('a line with its band', () => {
  const chart = (change: object = {}) =>
    drawn(BandChart, {
      props: {
        points: [
          { at: 0, low: 0, best: 1, high: 2 },
          { at: 120, low: 1, best: 2, high: 4 },
        ],
        label: 'Gas over time',
        from: 0,
        to: 120,
        most: 4,
        xTitle: 'min',
        ...change,
      },
    });

  it('tells seconds in minutes where it is asked to, at the same places', () => {
    const words = (change: object) =>
      chart(change)
        .findAll('g')
        .map((one) => one.text());
    expect(words({})).toContain('120');
    expect(words({ per: 60 })).toEqual(expect.arrayContaining(['0.5', '1', '1.5', '2']));
    expect(words({ per: 60 })).not.toContain('120');
  });

  it('draws a forecast with dashes, and nothing of no points', () => {
    expect(chart().find('.best').classes()).not.toContain('dashed');
    expect(chart({ dashed: true }).find('.best').classes()).toContain('dashed');
    expect(chart({ points: [] }).find('.best').attributes('d')).toBe('');
  });

  it('rises on the screen as its values do', () => {
    const [, first, , last] = (chart().find('.best').attributes('d') ?? '')
      .split(/[MLC,]/)
      .filter(Boolean)
      .map(Number);
    expect(last).toBeLessThan(first ?? 0);
  });
});

describe('humidity over three days', () => {
  const NOW = Date.UTC(2026, 4, 4);
  const room = (...humidities: readonly (readonly [hoursAgo: number, pct: number])[]) =>
    drawn(RoomCurve, {
      props: {
        nowMs: NOW,
        points: humidities.map(
          ([ago, humidityPct]) => ({ atMs: NOW - ago * HOUR_MS, humidityPct }) as RoomPoint,
        ),
      },
    });

  it('is drawn of two readings and said to be missing with one', () => {
    expect(room([3, 45], [1, 47]).find('svg').exists()).toBe(true);
    expect(room([3, 45]).text()).toBe(
      'There are fewer than two readings in three days. Read the room again.',
    );
  });

  it('takes what is just 72 hours old and nothing older or yet to come', () => {
    expect(room([72, 45], [1, 47]).find('svg').exists()).toBe(true);
    expect(room([72.1, 45], [1, 47]).find('svg').exists()).toBe(false);
    expect(room([-0.1, 45], [1, 47]).find('svg').exists()).toBe(false);
  });

  it('makes room for a damp day, and keeps the working range in sight', () => {
    const top = (pct: number) => Number(room([2, 45], [1, pct]).find('.range').attributes('y'));
    expect(top(90)).toBeGreaterThan(top(60));
    expect(top(60)).toBe(top(55));
  });
});

describe('how far pieces have dried', () => {
  const batch = sampleBatch('QL-011');
  const startMs = trayStartMs(batch) ?? NaN;
  function curve(change: Partial<TrayForecast> = {}, hoursLater = 10) {
    const forecast = trayForecast(batch, {
      catalog: SAMPLE_CATALOG,
      days: SAMPLE.rooms,
      taught: [],
      humidityPct: 45,
      nowMs: startMs + hoursLater * HOUR_MS,
    });
    if (!forecast) throw new Error('a counted batch is on its tray');
    return drawn(DryingCurve, { props: { forecast: { ...forecast, ...change } } });
  }

  it('names its figures to those who do not see them', () => {
    const dry = { low: 0.404, best: 0.5, high: 0.596 };
    expect(curve({ dry }).find('svg').attributes('aria-label')).toBe(
      'Drying: 40–60% dry after 10 h',
    );
  });

  it('marks a weighing only where it tells how dry the piece was', () => {
    const weighings = [
      { hours: 4, massG: 150, dry: 0.2 },
      { hours: 6, massG: 149, dry: null },
    ];
    expect(curve({ weighings }).findAll('.weighed')).toHaveLength(1);
  });

  it('reaches to its last weighing, and over two days where it will not dry', () => {
    const lastTick = (change: Partial<TrayForecast>) =>
      Math.max(
        ...curve({ weighings: [], ...change })
          .findAll('text')
          .map((one) => /^(\d+) h$/.exec(one.text())?.[1])
          .map(Number)
          .filter(Number.isFinite),
      );
    expect(lastTick({ dryAtMs: null })).toBeGreaterThanOrEqual(40);
    expect(lastTick({ dryAtMs: null })).toBeLessThanOrEqual(60);
    expect(lastTick({ weighings: [{ hours: 100, massG: 150, dry: 0.9 }] })).toBeGreaterThanOrEqual(
      80,
    );
  });

  it('no longer marks now where now lies far beyond', () => {
    expect(curve().find('.now').exists()).toBe(true);
    expect(curve({ hours: 9999 }).find('.now').exists()).toBe(false);
  });
});
