import { flushPromises } from '@vue/test-utils';
import { beforeEach, describe, expect, it } from 'vitest';
import { button, field, page } from '../../../tests/fixtures/mountInPage';
import { drawnShop } from '../../../tests/fixtures/drawnShop';
import { keptPieces } from '@/core/batches/records/keptBack';
import { standing } from '@/core/batches/records/summary';
import { useTraysStore } from '@/stores/trays';
import DressDialog from './DressDialog.vue';
import DryDetail from './DryDetail.vue';
import DryStation from './DryStation.vue';
import InspectDialog from './InspectDialog.vue';
import TrayPicture from './TrayPicture.vue';
import { sayDry, sayTending } from './trayMessages';
import { timeFrom } from '@/core/basics/format/dates';

const HOUR_MS = 3_600_000;
let shop: ReturnType<typeof drawnShop>;
beforeEach(() => {
  shop = drawnShop();
});

const batchOf = (code: string) => {
  const found = shop.workshop.batches.find((one) => one.code === code);
  if (!found) throw new Error(`the sample has no ${code}`);
  return found;
};
function forecastOf(code: string) {
  const forecast = useTraysStore().forecastOf(batchOf(code), Date.now());
  if (!forecast) throw new Error(`${code} is on no tray`);
  return forecast;
}
const says = () => page().text();

describe('the trays', () => {
  it('show what lies there, newest first, and open the newest', () => {
    const station = shop.show(DryStation);
    const onTrays = useTraysStore().onTrays;
    expect(station.find('.page-header').text()).toContain(`${onTrays.length} batches`);
    expect(station.findAll('.card')).toHaveLength(onTrays.length);
    expect(station.find('.detail').attributes('aria-label')).toBe(`Drying of ${onTrays[0]?.code}`);
    expect(station.findAll('.card')[0]?.attributes('aria-pressed')).toBe('true');
  });

  it('open the one that is pressed, or that asks for hands', async () => {
    const station = shop.show(DryStation);
    await button(station, /QL-011/).trigger('click');
    expect(station.find('.detail').attributes('aria-label')).toBe('Drying of QL-011');
    const asked = station.find('.asked button');
    await asked.trigger('click');
    const code = asked.find('.tabular').text();
    expect(station.find('.detail').attributes('aria-label')).toBe(`Drying of ${code}`);
  });

  it('that are empty say how a batch comes here', () => {
    shop.workshop.remove(
      'batches',
      shop.workshop.batches.map(({ id }) => id),
    );
    expect(shop.show(DryStation).text()).toContain('nothing on the trays');
  });
});

describe('a batch that dries', () => {
  const detail = (code = 'QL-011') =>
    shop.show(DryDetail, {
      props: { batch: batchOf(code), forecast: forecastOf(code), nowMs: Date.now() },
    });

  it('takes what its marked piece weighs', async () => {
    const before = standing(batchOf('QL-011'), 'dried');
    const shown = detail();
    await field(shown, 'Marked piece').setValue(String((before.at(-1)?.massG ?? 0) - 0.2));

    await shown.findAll('form')[0]?.trigger('submit');
    const after = standing(batchOf('QL-011'), 'dried');
    expect(after).toHaveLength(before.length + 1);
    expect((field(shown, 'Marked piece').element as HTMLInputElement).value).toBe('');
  });

  it.each([
    ['Marked piece', 0, 'a lot', 'dried'],
    ['Marked piece', 0, '5000', 'dried'],
    ['Moisture meter', 1, '-1', 'moisture'],
    ['Moisture meter', 1, '101', 'moisture'],
    ['Retained samples', 2, '0', 'kept'],
    ['Retained samples', 2, '1.5', 'kept'],
    ['Retained samples', 2, '100000', 'kept'],
  ] as const)('refuses “%s” %#: %s, and says why', async (label, form, text, kind) => {
    const before = standing(batchOf('QL-011'), kind).length;
    const shown = detail();
    await field(shown, label).setValue(text);
    await shown.findAll('form')[form]?.trigger('submit');
    expect(shown.find('.problem[role=alert]').text().length).toBeGreaterThan(10);
    expect(standing(batchOf('QL-011'), kind)).toHaveLength(before);
  });

  it('keeps back no more pieces than there are, those kept before counted', async () => {
    const shown = detail();
    const pieces = standing(batchOf('QL-011'), 'counted').at(-1)?.pieces ?? 0;
    const keep = async (count: number) => {
      await field(shown, 'Retained samples').setValue(String(count));
      await shown.findAll('form')[2]?.trigger('submit');
      await shown.setProps({ batch: batchOf('QL-011') } as never);
    };
    await keep(2);
    await keep(pieces - 1);
    expect(keptPieces(batchOf('QL-011'))).toBe(2);
    await keep(pieces - 2);
    expect(keptPieces(batchOf('QL-011'))).toBe(pieces);
    expect(shown.text()).toContain(`${pieces} `);
  });

  it('asks again before something early is written as done', async () => {
    const code = 'BW-004';
    const steps = useTraysStore().tendingsOf(batchOf(code), forecastOf(code), Date.now());
    const early = steps.findIndex(({ state }) => state !== 'now' && state !== 'done');
    expect(early).toBeGreaterThanOrEqual(0);
    const shown = detail(code);
    const before = standing(batchOf(code), 'tended').length;
    const done = shown.findAll('.tend li')[early]?.find('button');
    await done?.trigger('click');
    expect(shown.find('.problem[role=alert]').text()).toMatch(
      /^BW-004 is still drying\. Wrap it from .+ [Pp]ress again if it is\.$/,
    );
    expect(standing(batchOf(code), 'tended')).toHaveLength(before);
    await done?.trigger('click');
    expect(standing(batchOf(code), 'tended')).toHaveLength(before + 1);
  });
});

describe('jars that are filled only when their salts are dry', () => {
  async function filling() {
    const batch = batchOf('SW-003');
    const open = { ...batch, entries: batch.entries.filter(({ kind }) => kind !== 'counted') };
    shop.workshop.putBatch(open);
    const dialog = shop.show(DressDialog, {
      props: {
        batch: open,
        what: 'wrap',
        stepId: 'jar',
        title: 'Fill the jars',
        note: '',
        modelValue: true,
      },
    });
    await flushPromises();
    const count = async (text: string) => {
      await page().find('input[inputmode=numeric]').setValue(text);
      await button(page(), 'Done').trigger('click');
      return standing(batchOf('SW-003'), 'counted').at(-1)?.pieces;
    };
    return { dialog, count };
  }

  it.each(['', 'many', '-1', '2.5'])('are not counted as “%s”', async (text) => {
    const { dialog, count } = await filling();
    expect(await count(text)).toBeUndefined();
    expect(says()).toContain('Count the full jars, and type a whole number.');
    expect(dialog.emitted('update:modelValue')).toBeUndefined();
  });

  it('are counted once, and are done with it', async () => {
    const { dialog, count } = await filling();
    expect(await count('5')).toBe(5);
    expect(dialog.emitted('update:modelValue')).toEqual([[false]]);
    expect(standing(batchOf('SW-003'), 'tended').at(-1)?.what).toBe('wrap');
  });
});

describe('pieces looked over', () => {
  const open = (code = 'QL-011') =>
    shop.show(InspectDialog, {
      props: { batch: batchOf(code), nowMs: Date.now(), modelValue: true },
    });
  const more = (fault: string) => button(page(), `One piece more: ${fault}`);

  it('all sound, are written as that', async () => {
    open();
    await button(page(), 'Save, no fault').trigger('click');
    expect(says()).toMatch(/Saved\. \d+ pieces, no fault\./);
    const seen = standing(batchOf('QL-011'), 'inspected').at(-1);
    expect(seen).toMatchObject({ faults: [], rejects: 0, fate: null });
  });

  it('with a fault name its likely causes, of this batch', async () => {
    const dialog = open();
    await more('Warts').trigger('click');
    await more('Warts').trigger('click');
    await button(page(), 'One piece fewer: Warts').trigger('click');
    await button(page(), 'Save').trigger('click');
    await dialog.setProps({ batch: batchOf('QL-011') } as never);
    expect(standing(batchOf('QL-011'), 'inspected').at(-1)?.faults).toEqual([
      { fault: 'warts', count: 1 },
    ]);
    expect(says()).toContain('Likely causes');
    expect(page().findAll('.causes li').length).toBeGreaterThan(0);
  });

  it('are never more of a fault than were looked at, and never fewer than none', async () => {
    open();
    await field(page(), 'Inspected').setValue('2');
    for (let i = 0; i < 4; i++) await more('Warts').trigger('click');
    const count = () => page().find('output[aria-label="Pieces: Warts"]').text();
    expect(count()).toBe('2');
    const fewer = button(page(), 'One piece fewer: Warts');
    for (let i = 0; i < 3; i++) await fewer.trigger('click');
    expect(count()).toBe('0');
    expect(fewer.attributes('disabled')).toBeDefined();
  });

  it('are not written down while a count is none', async () => {
    open();
    const before = standing(batchOf('QL-011'), 'inspected').length;
    for (const text of ['many', '2.5', '-1']) {
      await field(page(), 'Inspected').setValue(text);
      await button(page(), /^Save/).trigger('click');
    }
    expect(standing(batchOf('QL-011'), 'inspected')).toHaveLength(before);
  });

  it('are not rejected more often than they were looked at', async () => {
    open();
    const before = standing(batchOf('QL-011'), 'inspected').length;
    await field(page(), 'Inspected').setValue('3');
    await field(page(), 'Rejects').setValue('4');
    await button(page(), /^Save/).trigger('click');
    expect(page().find('[role=alert].problem').text()).toBe(
      'There can’t be more rejects than pieces. Type up to 3 rejects.',
    );
    expect(standing(batchOf('QL-011'), 'inspected')).toHaveLength(before);
    await field(page(), 'Rejects').setValue('3');
    await button(page(), /^Save/).trigger('click');
    expect(standing(batchOf('QL-011'), 'inspected')).toHaveLength(before + 1);
  });
});

describe('a tray from above', () => {
  const picture = (code: string, hasMarked = false) =>
    shop.show(TrayPicture, {
      props: { batch: batchOf(code), forecast: forecastOf(code), places: 24, hasMarked },
    });

  it('has a ring for each piece, the marked one named', () => {
    const pieces = standing(batchOf('QL-011'), 'counted').at(-1)?.pieces ?? 0;
    expect(picture('QL-011').findAll('path.dry')).toHaveLength(pieces);
    expect(picture('QL-011').text()).not.toContain('marked');
    expect(picture('QL-011', true).text()).toContain('marked');
    expect(picture('QL-011').find('svg').attributes('aria-label')).toMatch(
      new RegExp(`^QL-011: ${pieces} pieces, \\d+% dry$`),
    );
  });

  it('strews salts, as many grains dry as are dry', () => {
    const shown = picture('SW-003');
    const share = shown.findAll('.grain.done').length / shown.findAll('.grain').length;
    expect(share).toBeCloseTo(forecastOf('SW-003').dry.best, 2);
    expect(shown.find('svg').attributes('aria-label')).toContain('spread thin');
  });
});

describe('when', () => {
  const now = new Date(2026, 9, 14, 15, 30).getTime();
  it.each([
    [0, '15:30'],
    [8 * HOUR_MS, '23:30'],
    [9 * HOUR_MS, 'tomorrow 00:30'],
    [33 * HOUR_MS, 'Fri 00:30'],
    [143.9 * HOUR_MS, 'Tue 15:24'],
    [144 * HOUR_MS, 'Oct 20'],
    [-143.9 * HOUR_MS, 'Thu 15:36'],
    [-144 * HOUR_MS, 'Oct 8'],
  ])('%d ms from now is %s', (ms, said) => {
    expect(timeFrom(now + ms, now)).toBe(said);
  });

  it('it is dry, will be, or never', () => {
    const forecast = forecastOf('QL-011');
    const at = (change: object) =>
      sayDry({ ...forecast, dry: { low: 0, best: 0.456, high: 1 }, ...change }, now);
    const dryAt = (low: number, best: number, high: number) => ({
      willNotDry: false,
      dryAtMs: { low: now + low, best: now + best, high: now + high },
    });
    expect(at({ willNotDry: true, humidityPct: 77.6 })).toBe(
      '46% dry, won’t dry here at 78% humidity',
    );
    expect(at({ willNotDry: false, dryAtMs: null })).toBe('46% dry, not ready within two months');
    expect(at(dryAt(-HOUR_MS, 0, HOUR_MS))).toBe('46% dry, ready since 15:30');
    expect(at(dryAt(HOUR_MS, 2 * HOUR_MS, 3 * HOUR_MS))).toBe('46% dry, ready 16:30–18:30');
    expect(at(dryAt(60, 90, 120))).toBe('46% dry, ready 15:30');
  });

  it('something is to be done now, later, after something else, or not here', () => {
    const one = {
      what: 'wrap',
      title: 'Product',
      note: '',
      state: 'later',
      fromMs: now + HOUR_MS,
      waitsFor: null,
      doneAtMs: null,
    } as never as Parameters<typeof sayTending>[0];
    expect(sayTending({ ...one, state: 'now' }, now)).toBe('Wrap now');
    expect(sayTending(one, now)).toBe('Wrap 16:30');
    expect(sayTending({ ...one, waitsFor: 'icing' } as never, now)).toBe('Wrap 16:30, after icing');
    expect(sayTending({ ...one, state: 'never' }, now)).toBe('Wrap: not in this room');
    expect(sayTending({ ...one, fromMs: null }, now)).toBe('Wrap');
    expect(sayTending({ ...one, title: 'Fill the jars', state: 'now' }, now)).toBe(
      'Fill the jars now',
    );
  });
});
