import { flushPromises } from '@vue/test-utils';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { button, choose, field, page } from '../../../tests/fixtures/mountInPage';
import { drawnShop } from '../../../tests/fixtures/drawnShop';
import { sampleUnit } from '../../../tests/fixtures/sample';
import type { SaleUnit } from '@/core/goods/products/schema';
import { useGoodsStore } from '@/stores/goods';
import { usePackStore } from '@/stores/pack';
import type { GoodsAct } from './goodsAct';
import GoodsDialog from './GoodsDialog.vue';
import HandOverDialog from './HandOverDialog.vue';
import { leastTightFor } from '@/core/batches/shelf-life/barriers';
import KeepsHard from './KeepsHard.vue';
import NewUnitDialog from './NewUnitDialog.vue';
import StockSide from './StockSide.vue';
import UnitForm from './UnitForm.vue';
import WrapPanel from './WrapPanel.vue';

let shop: ReturnType<typeof drawnShop>;
let goods: ReturnType<typeof useGoodsStore>;
let pack: ReturnType<typeof usePackStore>;
beforeEach(() => {
  shop = drawnShop();
  goods = useGoodsStore();
  pack = usePackStore();
});

const says = () => page().text();
const unitNow = (id: string) => shop.workshop.units.find((one) => one.id === id);
const submit = () => page().find('form').trigger('submit');

describe('a sale unit', () => {
  const open = (name = 'Quince Lantern') => {
    const unit = sampleUnit(name);
    pack.choose(unit.id);
    return { unit, form: shop.show(UnitForm, { props: { unit } }) };
  };

  it('is named, and keeps its name where none is typed', async () => {
    const { unit, form } = open();
    await field(form, 'Name').setValue('  Lantern, late  ');
    await field(form, 'Name').trigger('change');
    expect(unitNow(unit.id)?.name).toBe('Lantern, late');
    await field(form, 'Name').setValue('   ');
    await field(form, 'Name').trigger('change');
    expect(unitNow(unit.id)?.name).toBe(unit.name);
  });

  it('of nothing cannot be', async () => {
    const { unit, form } = open();
    expect(unit.contents).toHaveLength(1);
    await form.find('[aria-label="Content 1"] button').trigger('click');
    expect(form.find('[role=alert].problem').text()).toBe(
      'A product holds at least one piece. Add another formula first.',
    );
    expect(unitNow(unit.id)?.contents).toEqual(unit.contents);
  });

  it('holds several formulas, each with its pieces and which of them', async () => {
    const { unit, form } = open();
    await button(form, 'Add a formula').trigger('click');
    expect(unitNow(unit.id)?.contents).toHaveLength(2);
    await form.setProps({ unit: unitNow(unit.id) } as never);
    const second = form.findAll('[role=group]')[1];
    await second?.find('input[inputmode=decimal]').setValue('3');
    expect(unitNow(unit.id)?.contents[1]).toMatchObject({ pieces: 3, grade: 'good' });
  });

  it('asks no price of nothing, and takes back what it asked', async () => {
    const { unit, form } = open();
    await field(form, 'Retail price').setValue('7.5');
    expect(unitNow(unit.id)?.retail).toBe(7.5);
    await field(form, 'Retail price').setValue('0');
    expect(unitNow(unit.id)?.retail).toBeNull();
  });

  it.each([
    ['0.2', null],
    ['0.25', 0.25],
    ['0.3', 0.3],
    ['120', 120],
    ['0', null],
  ])('sold for at most %s months has a rule of %s', async (text, months) => {
    const { unit, form } = open();
    await field(form, 'Best-before rule (0 for none)').setValue(text);
    const rule = unitNow(unit.id)?.ruleMonths ?? null;
    if (months === null) expect(rule).toBeNull();
    else expect(rule).toBeCloseTo(months, 6);
  });

  it('takes a wrap once, and how many of it', async () => {
    const { unit, form } = open();
    const free = shop.workshop.packaging.find(
      ({ id, isArchived }) =>
        !isArchived && !unit.packaging.some(({ packagingId }) => packagingId === id),
    );
    if (!free) throw new Error('the sample has a wrap that is not around it');
    await choose(form, 'Add packaging', free.id);
    await form.setProps({ unit: unitNow(unit.id) } as never);
    expect(unitNow(unit.id)?.packaging.at(-1)).toEqual({ packagingId: free.id, pieces: 1 });
    await expect(choose(form, 'Add packaging', free.id)).rejects.toThrow();
    await form.findAll('[role=group]').at(-1)?.find('button').trigger('click');
    expect(unitNow(unit.id)?.packaging).toEqual(unit.packaging);
  });
});

describe('a new sale unit', () => {
  const open = async () => {
    const dialog = shop.show(NewUnitDialog, { props: { modelValue: false } });
    await dialog.setProps({ modelValue: true } as never);
    await flushPromises();
    return dialog;
  };

  it('is called by what is in it until it is named', async () => {
    const [first] = shop.workshop.formulas;
    shop.workshop.changeSettings({ formulaInHandId: first?.id ?? null });
    const before = shop.workshop.units.length;
    const dialog = await open();
    await choose(dialog, 'Sold as', 'pair');
    await submit();
    expect(shop.workshop.units).toHaveLength(before + 1);
    expect(pack.unit?.name).toBe(`${first?.name}, pair`);
    expect(dialog.emitted('update:modelValue')).toEqual([[false]]);
  });

  it('holds as many pieces as are said, and loose salts by weight', async () => {
    const byMethod = (isLoose: boolean) =>
      shop.workshop.formulas.find(({ body }) => (body.method === 'loose') === isLoose)?.id ?? null;
    shop.workshop.changeSettings({ formulaInHandId: byMethod(false) });
    const dialog = await open();
    await choose(dialog, 'Sold as', 'jar');
    await field(page(), 'Pieces in one').setValue('15');
    await submit();
    expect(pack.unit?.contents).toMatchObject([{ pieces: 15 }]);
    document.body.innerHTML = '';
    const salts = byMethod(true);
    shop.workshop.changeSettings({ formulaInHandId: salts });
    await open();
    await field(page(), 'Weight in one (0 for as on Scale)').setValue('200');
    await submit();
    expect(pack.unit?.contents).toMatchObject([{ formulaId: salts, pieces: 1 }]);
    expect(shop.workshop.settings.requests[salts ?? '']?.fillG).toBe(200);
  });

  it('of loose salts without a weight leaves the weight to Scale', async () => {
    const salts = shop.workshop.formulas.find(({ body }) => body.method === 'loose')?.id ?? null;
    shop.workshop.changeSettings({ formulaInHandId: salts });
    const { requests } = shop.workshop.settings;
    await open();
    await submit();
    expect(pack.unit?.contents).toMatchObject([{ formulaId: salts }]);
    expect(shop.workshop.settings.requests).toEqual(requests);
  });

  it('of no formula is refused', async () => {
    shop.workshop.changeSettings({ formulaInHandId: null });
    const before = shop.workshop.units.length;
    const dialog = await open();
    await submit();
    expect(says()).toContain('Choose at least one formula.');
    expect(shop.workshop.units).toHaveLength(before);
    expect(dialog.emitted('update:modelValue')).toBeUndefined();
  });
});

describe('goods handed over', () => {
  /** A sample unit of which some are wrapped and here. */
  function wrapped(): SaleUnit {
    const unit = shop.workshop.units.find(({ id }) => (goods.onHand.get(id) ?? 0) > 1);
    if (!unit) throw new Error('the sample has wrapped goods');
    return unit;
  }
  async function open(unit = wrapped()) {
    const dialog = shop.show(HandOverDialog, { props: { unit, modelValue: false } });
    await dialog.setProps({ modelValue: true } as never);
    await flushPromises();
    return { unit, dialog, here: goods.onHand.get(unit.id) ?? 0 };
  }
  const amount = (text: string, here: number) => field(page(), `Count (of ${here})`).setValue(text);

  it('to somebody new leave a name that a recall finds again', async () => {
    const { unit, dialog, here } = await open();
    await choose(dialog, 'To', 'new');
    await amount('1', here);
    await submit();
    expect(says()).toContain('Type who takes them, so that a recall can find them.');
    expect(goods.onHand.get(unit.id)).toBe(here);
    await field(page(), 'Name').setValue('  The shop at the pier ');
    await submit();
    expect(goods.onHand.get(unit.id)).toBe(here - 1);
    expect(shop.workshop.orders.at(-1)).toMatchObject({
      who: 'The shop at the pier',
      lines: [{ unitId: unit.id, count: 1 }],
    });
    expect(dialog.emitted('update:modelValue')?.at(-1)).toEqual([false]);
  });

  it('are sold to a shop at its price, and at the stall at the price of the stall', async () => {
    const unit = { ...wrapped(), wholesale: 4, retail: 7 };
    shop.workshop.put('units', [unit]);
    for (const [kind, each] of [
      ['order', 4],
      ['stall', 7],
    ] as const) {
      const order = shop.workshop.orders.find((one) => one.kind === kind && !one.isCalledOff);
      if (!order) throw new Error(`the sample has no ${kind}`);
      const wanted = {
        ...order,
        id: crypto.randomUUID(),
        who: kind,
        lines: [{ unitId: unit.id, count: 2 }],
      };
      shop.workshop.put('orders', [wanted]);
      const { dialog, here } = await open(unit);
      await choose(dialog, 'To', wanted.id);
      await amount('1', here);
      await submit();
      expect(shop.workshop.goods.at(-1)).toMatchObject({ kind: 'gone', orderId: wanted.id, each });
      dialog.unmount();
    }
  });

  it('are never more than are here', async () => {
    const { unit, dialog, here } = await open();
    await choose(dialog, 'To', 'given');
    await amount(String(here + 1), here);
    await submit();
    expect(says()).toContain(`There are only ${here} of ${unit.name}. Hand over fewer.`);
    expect(goods.onHand.get(unit.id)).toBe(here);
    await amount(String(here), here);
    await submit();
    expect(goods.onHand.get(unit.id) ?? 0).toBe(0);
  });

  it('that are given away bring nothing and make no order', async () => {
    const { dialog, here } = await open();
    const orders = shop.workshop.orders.length;
    await choose(dialog, 'To', 'given');
    await amount('1', here);
    await submit();
    expect(shop.workshop.orders).toHaveLength(orders);
    expect(shop.workshop.goods.at(-1)).toMatchObject({ kind: 'gone', how: 'given', each: null });
  });

  it.each(['0', 'many', '1e9'])('are not counted as “%s”', async (text) => {
    const { unit, dialog, here } = await open();
    await choose(dialog, 'To', 'given');
    await amount(text, here);
    await submit();
    expect(goods.onHand.get(unit.id)).toBe(here);
  });
});

describe('loose pieces', () => {
  async function lay(handOn: (batch: GoodsAct) => GoodsAct = (act) => act) {
    const loose = goods.loose.find(({ left }) => left.good > 3);
    if (!loose) throw new Error('the sample has loose pieces');
    const act: GoodsAct = {
      kind: 'loose',
      batch: loose.batch,
      grade: 'good',
      left: loose.left.good,
    };
    const dialog = shop.show(GoodsDialog, { props: { modelValue: null } });
    await dialog.setProps({ modelValue: handOn(act) } as never);
    await flushPromises();
    const left = (grade: 'good' | 'second' = 'good') =>
      goods.loose.find(({ batch }) => batch.id === loose.batch.id)?.left[grade] ?? 0;
    return { dialog, left, before: loose.left.good, batch: loose.batch };
  }

  it('crumble into a lot of embed powder', async () => {
    const { left, before } = await lay();
    expect(says()).toContain('This creates a lot of embed powder');
    const lots = shop.workshop.lots.length;
    await field(page(), 'Count').setValue('2');
    await submit();
    expect(left()).toBe(before - 2);
    expect(shop.workshop.lots).toHaveLength(lots + 1);
  });

  it('are seconds, and are not lost by it', async () => {
    const { dialog, left, before } = await lay();
    const seconds = left('second');
    await choose(dialog, 'Action', 'second');
    await field(page(), 'Count').setValue('3');
    await submit();
    expect(left()).toBe(before - 3);
    expect(left('second')).toBe(seconds + 3);
  });

  it('are counted by hand, more or fewer than were thought', async () => {
    const { dialog, left, before } = await lay();
    await choose(dialog, 'Action', 'count');
    await field(page(), 'Count').setValue(String(before + 4));
    await submit();
    expect(left()).toBe(before + 4);
  });

  it('are not more than there are, and what is wrong is said', async () => {
    const { dialog, left, before } = await lay();
    await choose(dialog, 'Action', 'rejected');
    await field(page(), 'Count').setValue(String(before + 1));
    await submit();
    expect(page().find('[role=alert].problem').text().length).toBeGreaterThan(10);
    expect(left()).toBe(before);
    expect(dialog.emitted('update:modelValue')).toBeUndefined();
  });

  it('of a wrapping are only counted', async () => {
    const run = goods.wrapped.find(({ left }) => left > 0);
    if (!run) throw new Error('the sample has wrapped goods');
    const dialog = shop.show(GoodsDialog, { props: { modelValue: null } });
    await dialog.setProps({
      modelValue: { kind: 'wrapped', run: run.run, left: run.left },
    } as never);
    await flushPromises();
    await expect(choose(dialog, 'Action', 'crumbled')).rejects.toThrow(/offers count/);
  });
});

describe('the stock', () => {
  it('takes a move back once, and shows it struck', async () => {
    const side = shop.show(StockSide);
    const loose = goods.loose.find(({ left }) => left.good > 3);
    if (!loose) throw new Error('the sample has loose pieces');
    vi.setSystemTime(Date.now() + 60_000);
    goods.grade(loose.batch, 'good', 'second', 2, 'chipped');
    await flushPromises();
    const left = () => goods.loose.find(({ batch }) => batch.id === loose.batch.id)?.left.good;
    expect(left()).toBe(loose.left.good - 2);
    const [newest] = side.findAll('.moves li');
    expect(newest?.text()).toContain(loose.batch.code);
    await newest?.find('button').trigger('click');
    expect(left()).toBe(loose.left.good);
    expect(side.findAll('.moves li')[0]?.classes()).toContain('struck');
    expect(side.findAll('.moves li')[0]?.find('button').exists()).toBe(false);
  });

  it('shows twelve moves, and forty more when they are asked for', async () => {
    const side = shop.show(StockSide);
    const all = shop.workshop.goods.length;
    expect(side.findAll('.moves li')).toHaveLength(12);
    await button(side, `Show ${all - 12} earlier entries`).trigger('click');
    expect(side.findAll('.moves li')).toHaveLength(52);
  });

  it('hides what is all gone until it is asked for', async () => {
    const side = shop.show(StockSide);
    const rows = () => side.findAll('table')[0]?.findAll('tbody tr').length;
    expect(rows()).toBe(goods.wrapped.filter(({ left }) => left !== 0).length);
    await button(side, 'Show everything').trigger('click');
    expect(rows()).toBe(goods.wrapped.length);
  });
});

describe('the next wrapping', () => {
  const panel = (unit: SaleUnit) => {
    pack.choose(unit.id);
    return shop.show(WrapPanel, { props: { unit } });
  };
  const wrappable = () => {
    for (const unit of pack.units) {
      pack.choose(unit.id);
      if (unit.contents.length === 1 && pack.most > 1) return unit;
    }
    throw new Error('the sample has pieces to wrap');
  };

  it('asks while its pieces dry; once they are dry, says what it took, and what it could not', async () => {
    const unit = wrappable();
    const shown = panel(unit);
    await field(shown, 'Count').setValue('1');
    expect(shown.find('.advice').text()).toMatch(/is still drying\. Wrap it from/);
    await button(shown, 'Wrap 1').trigger('click');
    expect(shown.findAll('[role=alert]').at(-1)?.text()).toMatch(
      /still drying.+Press again to do it anyway\.$/,
    );
    vi.setSystemTime(Date.now() + 30 * 86_400_000);
    const here = goods.onHand.get(unit.id) ?? 0;
    await button(shown, 'Wrap 1').trigger('click');
    expect(goods.onHand.get(unit.id)).toBe(here + 1);
    expect(shown.find('[role=status].quiet').text()).toBe(
      'Wrapped. The packaging came off the shelf.',
    );
    await field(shown, 'Count').setValue('9999');
    await button(shown, /^Wrap 9,?999$/).trigger('click');
    expect(shown.findAll('[role=alert].problem').at(-1)?.text().length).toBeGreaterThan(10);
    expect(goods.onHand.get(unit.id)).toBe(here + 1);
  });

  it('warns of a lot that was set aside after it went in', async () => {
    const unit = wrappable();
    const shown = panel(unit);
    expect(shown.text()).not.toContain('on hold');
    shop.workshop.put(
      'lots',
      shop.workshop.lots.map((lot) => ({ ...lot, isQuarantined: true })),
    );
    await flushPromises();
    expect(shown.text()).toMatch(/on hold.* [Ff]ind out why/);
  });

  it('says which wraps are too few', async () => {
    const unit = wrappable();
    const shown = panel(unit);
    await field(shown, 'Count').setValue('99999');
    if (unit.packaging.length > 0) expect(shown.text()).toMatch(/Not enough packaging: .+ \d+/);
    expect(unit.packaging.length).toBeGreaterThan(0);
  });
});

it('how long it stays hard names its own wrap first, and nothing of an empty unit', () => {
  const unit = sampleUnit('Quince Lantern');
  pack.choose(unit.id);
  const shown = shop.show(KeepsHard, { props: { unit } });
  const rows = shown.findAll('li');
  expect(rows[0]?.classes()).toContain('own');
  expect(rows.length).toBeGreaterThan(3);
  expect(new Set(rows.map((row) => row.find('span').text())).size).toBe(rows.length);
});

it('the least tight barrier is the first that keeps a piece for a year', () => {
  const keeps = (days: Readonly<Record<string, number | null>>) =>
    leastTightFor(365, (id) => (id in days ? (days[id] ?? null) : 0));
  expect(keeps({ carton: 365, 'metallized-film': 900 })?.id).toBe('carton');
  expect(keeps({ carton: 364.9, 'metallized-film': 900 })?.id).toBe('metallized-film');
  // For as long as anybody looks.
  expect(keeps({ 'tight-jar': null })?.id).toBe('tight-jar');
  expect(keeps({})).toBeNull();
});
