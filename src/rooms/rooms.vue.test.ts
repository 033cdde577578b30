import { flushPromises } from '@vue/test-utils';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { button, field, page } from '../../tests/fixtures/mountInPage';
import { drawnShop } from '../../tests/fixtures/drawnShop';
import { standing } from '@/core/batches/records/summary';
import RecordEntries from './almanac/RecordEntries.vue';
import HoursDialog from './calendar/HoursDialog.vue';
import OrderDialog from './calendar/OrderDialog.vue';
import OrdersSide from './calendar/OrdersSide.vue';
import OtherValues from './workshop/OtherValues.vue';
import PeoplePanel from './workshop/PeoplePanel.vue';
import ScalePanel from './workshop/ScalePanel.vue';

let shop: ReturnType<typeof drawnShop>;
beforeEach(() => {
  shop = drawnShop();
});
const says = () => page().text();
const submit = async () => {
  await page().find('form').trigger('submit');
  await flushPromises();
};

describe('an entry of a closed batch', () => {
  const open = (code: string) => {
    const batch = shop.workshop.batches.find((one) => one.code === code);
    if (!batch) throw new Error(`the sample has no ${code}`);
    const now = () => shop.workshop.batches.find(({ id }) => id === batch.id) ?? batch;
    return { now, shown: shop.show(RecordEntries, { props: { batch } }) };
  };

  it('is corrected by a figure that replaces it, and both stay in the record', async () => {
    const { now, shown } = open('QL-009');
    const before = standing(now(), 'counted').at(-1);
    await button(shown, /^Correct: .*counted/i).trigger('click');
    await field(shown, 'Correct value').setValue('11');
    await shown.find('form.correction').trigger('submit');
    const after = standing(now(), 'counted').at(-1);
    expect(after?.pieces).toBe(11);
    expect(now().entries.find(({ id }) => id === before?.id)?.voidedAt).not.toBeNull();
  });

  it.each(['less', '-1', ''])(
    'is not corrected by “%s”, and says what is wanted',
    async (typed) => {
      const { now, shown } = open('QL-009');
      const before = now().entries;
      await button(shown, /^Correct: .*counted/i).trigger('click');
      await field(shown, 'Correct value').setValue(typed);
      await shown.find('form.correction').trigger('submit');
      expect(says()).toContain('Type a number, 0 or more.');
      expect(now().entries).toEqual(before);
    },
  );

  it('may be followed by a note, and never by an empty one', async () => {
    const { now, shown } = open('QL-009');
    const notes = standing(now(), 'note').length;
    await field(shown, 'Note on this batch').setValue('   ');
    await shown.find('form.note').trigger('submit');
    expect(standing(now(), 'note')).toHaveLength(notes);
    await field(shown, 'Note on this batch').setValue(' smells of quince ');
    await shown.find('form.note').trigger('submit');
    expect(standing(now(), 'note').at(-1)?.text).toBe('smells of quince');
  });

  it('has no Correct button while its batch is at the bench', () => {
    const batch = shop.workshop.batches.find(({ code }) => code === 'QL-009');
    if (!batch) throw new Error('the sample has no QL-009');
    const shown = shop.show(RecordEntries, {
      props: { batch: { ...batch, outcome: 'at-the-bench' } },
    });
    expect(shown.findAll('.correct')).toHaveLength(0);
  });
});

describe('an order', () => {
  const open = async (order = null as (typeof shop.workshop.orders)[number] | null) => {
    const shown = shop.show(OrderDialog, { props: { order, modelValue: false } });
    await shown.setProps({ modelValue: true });
    await flushPromises();
    return shown;
  };
  const added = (before: number) => {
    expect(shop.workshop.orders).toHaveLength(before + 1);
    const one = shop.workshop.orders.at(-1);
    if (!one) throw new Error('no order was added');
    return one;
  };

  it('is wanted in a week unless another day is said, by somebody', async () => {
    const before = shop.workshop.orders.length;
    await open();
    await submit();
    expect(says()).toContain('Type a name.');
    await field(page(), 'Name').setValue('  Lighthouse tea room ');
    await field(page(), 'Count').setValue('24');
    await submit();
    const order = added(before);
    expect(order).toMatchObject({ who: 'Lighthouse tea room', kind: 'order', repeatDays: null });
    expect(order.lines).toMatchObject([{ count: 24 }]);
    expect(Date.parse(order.due) - Date.now()).toBeGreaterThan(6.9 * 86_400_000);
    expect(Date.parse(order.due) - Date.now()).toBeLessThanOrEqual(7 * 86_400_000);
  });

  it('needs a day, and something that is wanted', async () => {
    const before = shop.workshop.orders.length;
    await open();
    await field(page(), 'Name').setValue('Lighthouse tea room');
    await field(page(), 'Due').setValue('');
    await submit();
    expect(says()).toContain('Choose a due date.');
    await field(page(), 'Due').setValue('2026-12-24T09:00');
    await button(page(), /^Remove product/).trigger('click');
    await submit();
    expect(says()).toContain('Add a product');
    await button(page(), 'Add a product').trigger('click');
    await submit();
    expect(added(before).due).toBe(new Date('2026-12-24T09:00').toISOString());
  });

  it('comes again after so many days, and its next one is a copy that much later', async () => {
    const before = shop.workshop.orders.length;
    await open();
    await field(page(), 'Name').setValue('Tide market');
    await field(page(), 'Repeat every (0 for once)').setValue('7');
    await submit();
    const order = added(before);
    expect(order.repeatDays).toBe(7);
    const side = shop.show(OrdersSide);
    await button(side, /^Add next ?of Tide market|^Add next of Tide market/).trigger('click');
    const next = added(before + 1);
    expect(next.who).toBe('Tide market');
    expect(Date.parse(next.due) - Date.parse(order.due)).toBe(7 * 86_400_000);
  });

  it('that is called off leaves the list, and comes back among all of them', async () => {
    const side = shop.show(OrdersSide);
    const rows = () => side.findAll('li').map((row) => row.text());
    const all = rows().length;
    await button(side, /^Cancel order/).trigger('click');
    expect(rows()).toHaveLength(all - 1);
    await button(side, 'Show all orders').trigger('click');
    expect(rows().length).toBeGreaterThanOrEqual(all);
    expect(rows().some((row) => row.includes('Restore'))).toBe(true);
    await button(side, /^Restore/).trigger('click');
    await button(side, 'Show open orders only').trigger('click');
    expect(rows()).toHaveLength(all);
  });

  it('is listed by when it is wanted, the first one first', () => {
    const side = shop.show(OrdersSide);
    const dues = side.findAll('li').map((row) => {
      const who = row.find('b').text();
      return shop.workshop.orders
        .filter((one) => one.who === who && !one.isCalledOff)
        .map(({ due }) => Date.parse(due));
    });
    const last = dues.map((all) => Math.max(...all));
    const first = dues.map((all) => Math.min(...all));
    for (let i = 1; i < dues.length; i++) expect(last[i]).toBeGreaterThanOrEqual(first[i - 1] ?? 0);
  });
});

describe('who works when', () => {
  const open = async () => {
    const shown = shop.show(HoursDialog, { props: { modelValue: false } });
    await shown.setProps({ modelValue: true });
    await flushPromises();
  };
  const hours = () => shop.workshop.settings.plan.hours;

  it('takes a day off by a press, and gives it back by the next', async () => {
    await open();
    const [was] = hours();
    const monday = page().findAll('button[aria-pressed]')[0];
    const isOn = monday?.attributes('aria-pressed') === 'true';
    await monday?.trigger('click');
    expect(monday?.attributes('aria-pressed')).toBe(String(!isOn));
    await submit();
    expect(hours()[0]?.days.includes(1)).toBe(!isOn);
    expect(hours()[0]?.name).toBe(was?.name);
  });

  it.each([
    ['From', '8 o’clock'],
    ['Name', '  '],
  ])('refuses %s “%s” in a sentence, and keeps what was', async (label, typed) => {
    await open();
    const before = hours();
    await field(page(), label).setValue(typed);
    await submit();
    expect(says()).toContain('Type a name, a start and an end for everyone.');
    expect(hours()).toEqual(before);
  });

  it('does not have two of one name', async () => {
    await open();
    const before = hours();
    await button(page(), 'Add a person').trigger('click');
    const names = page()
      .findAll('input')
      .filter(
        (one) =>
          document.querySelector(`label[for="${one.attributes('id')}"]`)?.textContent === 'Name',
      );
    await names.at(-1)?.setValue(before[0]?.name ?? '');
    await submit();
    expect(says()).toContain('Two people have the same name. Change one.');
    expect(hours()).toEqual(before);
  });
});

describe('settings that two sides changed', () => {
  const other = { id: 'one', path: ['humidityPct'], value: '61', from: 'another tab' };

  it('show the other value, and take it over when it is chosen', async () => {
    shop.workshop.changeSettings({ humidityPct: 45, otherValues: [other] });
    const shown = shop.show(OtherValues);
    await vi.waitFor(() => expect(shown.text()).toContain('61 in another tab'));
    await button(shown, 'Use this value').trigger('click');
    expect(shop.workshop.settings.humidityPct).toBe(61);
    expect(shop.workshop.settings.otherValues).toEqual([]);
    expect(shown.text()).toBe('');
  });

  it('let go of it when it is discarded', async () => {
    shop.workshop.changeSettings({ humidityPct: 45, otherValues: [other] });
    const shown = shop.show(OtherValues);
    await vi.waitFor(() => expect(shown.text()).toContain('61 in another tab'));
    await button(shown, 'Discard').trigger('click');
    expect(shop.workshop.settings.humidityPct).toBe(45);
    expect(shop.workshop.settings.otherValues).toEqual([]);
  });
});

describe('the tools of the workshop', () => {
  it('keep who makes: each name once, none empty, and nobody in hand who is gone', async () => {
    shop.workshop.changeSettings({ makers: ['Maud', 'Teo'], makerInHand: 'Teo' });
    const shown = shop.show(PeoplePanel);
    const names = shown.findAllComponents({ name: 'VCombobox' })[0];
    names?.vm.$emit('update:modelValue', ['Maud', ' Maud ', '  ', 'Ines']);
    await flushPromises();
    expect(shop.workshop.settings.makers).toEqual(['Maud', 'Ines']);
    expect(shop.workshop.settings.makerInHand).toBeNull();
  });

  it('offer the practice scale while the sample is here, and never without it', async () => {
    expect(shop.show(ScalePanel).text()).toContain('Practice scale');
    await shop.workshop.removeSample();
    await flushPromises();
    expect(shop.show(ScalePanel).text()).not.toContain('Practice scale');
  });
});
