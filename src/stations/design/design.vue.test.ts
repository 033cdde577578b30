import { flushPromises } from '@vue/test-utils';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { bodyFrom, shipped } from '../../../tests/fixtures/bodies';
import { button, choose, field, page } from '../../../tests/fixtures/mountInPage';
import { drawnShop } from '../../../tests/fixtures/drawnShop';
import { allLines, totalMassG } from '@/core/formula/model/edit';
import { keepVersion } from '@/core/formula/model/versions';
import { newFormula } from '@/core/formula/model/create';
import type { FormulaBody } from '@/core/formula/model/schema';
import { useDesignStore } from '@/stores/design';
import DesignStation from './DesignStation.vue';
import GramsInput from './column/GramsInput.vue';
import PartBar from './column/PartBar.vue';
import SwapDialog from './column/SwapDialog.vue';
import FormulaSettingsDialog from './formula/FormulaSettingsDialog.vue';
import FormulaShelf from './formula/FormulaShelf.vue';
import ShareMenu from './formula/ShareMenu.vue';
import MentholMaker from './views/MentholMaker.vue';
import RebalanceView from './views/RebalanceView.vue';
import ScentView from './views/ScentView.vue';
import UnreadRow from './written/UnreadRow.vue';
import PasteDialog from './written/PasteDialog.vue';

const PLAIN = '400 g baking soda\n200 g citric acid\n40 g cornstarch\n30 g sweet almond oil';
let shop: ReturnType<typeof drawnShop>;
beforeEach(() => {
  shop = drawnShop();
});

function inHand(body: FormulaBody = bodyFrom(PLAIN), name = 'Plain') {
  const formula = newFormula(name, body, new Date().toISOString());
  shop.workshop.putFormula(formula);
  shop.workshop.changeSettings({ formulaInHandId: formula.id });
  return formula;
}
const now = () => {
  const formula = shop.workshop.formulaInHand;
  if (!formula) throw new Error('a formula is in hand');
  return formula;
};
const massOf = (materialId: string) =>
  allLines(now().body).reduce((sum, l) => (l.materialId === materialId ? sum + l.massG : sum), 0);
const says = () => page().text();

/** The station with its bench, which is loaded when a formula is open. */
async function openStation() {
  const station = shop.show(DesignStation);
  await vi.waitUntil(() => station.find('.bench').exists());
  await flushPromises();
  return station;
}

describe('a formula in hand', () => {
  it('is named, and never by nothing', async () => {
    inHand();
    const station = shop.show(DesignStation);
    const name = field(station, 'Formula name');
    await name.setValue(' Late Tide ');
    await name.trigger('change');
    expect(now().name).toBe('Late Tide');
    await name.setValue('   ');
    await name.trigger('change');
    expect(now().name).toBe('Untitled formula');
  });

  it('takes grams, cups and shares as they are typed, and undoes each by keys', async () => {
    inHand();
    const station = await openStation();
    const grams = field(station, 'Weight of Cornstarch');
    await grams.trigger('focus');
    await grams.setValue('55');
    await grams.trigger('blur');
    expect(massOf('cornstarch')).toBe(55);
    await grams.setValue('2 tbsp');
    await grams.trigger('blur');
    const spooned = massOf('cornstarch');
    expect(spooned).toBeGreaterThan(10);
    expect(spooned).toBeLessThan(30);
    const press = (key: string, more: KeyboardEventInit) =>
      document.body.dispatchEvent(
        new KeyboardEvent('keydown', { key, ctrlKey: true, bubbles: true, ...more }),
      );
    press('z', {});
    expect(massOf('cornstarch')).toBe(55);
    press('z', {});
    expect(massOf('cornstarch')).toBe(40);
    press('Z', { shiftKey: true });
    expect(massOf('cornstarch')).toBe(55);
    press('y', {});
    expect(massOf('cornstarch')).toBeCloseTo(spooned, 9);
  });

  it('keeps its undo from a field that is being typed in', async () => {
    inHand();
    const station = await openStation();
    const grams = field(station, 'Weight of Cornstarch');
    await grams.setValue('55');
    await grams.trigger('blur');
    grams.element.dispatchEvent(
      new KeyboardEvent('keydown', { key: 'z', ctrlKey: true, bubbles: true }),
    );
    expect(massOf('cornstarch')).toBe(55);
  });

  it('mends what stands out with one press', async () => {
    inHand(bodyFrom('400 g baking soda\n200 g citric acid'));
    const station = await openStation();
    const cure = station.find('button.fix');
    const before = totalMassG(now().body);
    await cure.trigger('click');
    expect(totalMassG(now().body)).toBeGreaterThan(before);
    expect(useDesignStore().preview).toBeNull();
  });

  it('locks a line, and frees it again', async () => {
    inHand();
    const station = await openStation();
    const lock = button(station, 'Lock Cornstarch');
    expect(lock.attributes('aria-pressed')).toBe('false');
    await lock.trigger('click');
    expect(button(station, 'Lock Cornstarch').attributes('aria-pressed')).toBe('true');
    await button(station, 'Lock Cornstarch').trigger('click');
    expect(allLines(now().body).some(({ locked }) => locked)).toBe(false);
  });
});

describe('a field of grams in the column', () => {
  const open = () =>
    shop.show(GramsInput, {
      props: {
        massG: 123.456_789,
        material: shipped('cornstarch'),
        isUncertain: false,
        othersG: 900,
      },
    });
  const input = (shown: ReturnType<typeof open>) => shown.find('input');
  const value = (shown: ReturnType<typeof open>) => input(shown).element.value;

  it('shows the whole figure when it is looked at, and changes nothing by that', async () => {
    const shown = open();
    expect(value(shown)).not.toContain('456789');
    await input(shown).trigger('focus');
    expect(value(shown)).toBe('123.456789');
    await input(shown).trigger('blur');
    expect(shown.emitted('amount')).toBeUndefined();
  });

  it('takes a share of its part', async () => {
    const shown = open();
    await input(shown).setValue('10%');
    await input(shown).trigger('keydown', { key: 'Enter' });
    const [amount] = (shown.emitted('amount')?.[0] ?? []) as { best: number }[];
    expect(amount?.best).toBeCloseTo(100, 6);
  });

  it.each(['', 'plenty', '-4', '100%'])('keeps “%s” in sight and says why not', async (text) => {
    const shown = open();
    await input(shown).setValue(text);
    await input(shown).trigger('keydown', { key: 'Enter' });
    expect(shown.emitted('amount')).toBeUndefined();
    expect(input(shown).attributes('aria-invalid')).toBe('true');
    expect(shown.find('[role=alert]').text().length).toBeGreaterThan(5);
    expect(value(shown)).toBe(text);
    await input(shown).trigger('keydown', { key: 'Escape' });
    expect(shown.find('[role=alert]').exists()).toBe(false);
    expect(input(shown).attributes('aria-invalid')).toBe('false');
  });
});

describe('a material in place of another', () => {
  const body = bodyFrom('100 g baking soda\n50 g citric acid');
  const [soda] = allLines(body);
  const open = async (materialId: string) => {
    const dialog = shop.show(SwapDialog, { props: { line: soda ?? null, body } });
    dialog.findComponent({ name: 'MaterialPicker' }).vm.$emit('update:modelValue', materialId);
    await flushPromises();
    await button(page(), 'Swap').trigger('click');
    return dialog.emitted('swap')?.[0] as [string, number] | undefined;
  };

  it('that reacts alike keeps the chemistry: as many moles of base', async () => {
    const swapped = await open('potassium-bicarbonate');
    // 100.115 against 84.007 g/mol, CIAAW 2021 atomic weights.
    expect(swapped?.[1]).toBeCloseTo((100 * 100.115) / 84.007, 1);
  });

  it('that may not meet what stays is not put in, and it is said why', async () => {
    expect(await open('sodium-percarbonate')).toBeUndefined();
    expect(page().find('.veto').text()).toMatch(/does not belong on skin/);
  });

  it('that does not react keeps the mass', async () => {
    expect(await open('cornstarch')).toEqual(['cornstarch', 100]);
  });
});

describe('the parts of a piece', () => {
  it('are added with what they begin with, chosen, and taken away', async () => {
    const body = bodyFrom(PLAIN);
    const bar = shop.show(PartBar, { props: { body, chosenId: body.parts[0]?.id ?? '' } });
    const act = (value: string) =>
      bar.findComponent({ name: 'ActionMenu' }).vm.$emit('choose', value);
    act('embed');
    const [next] = bar.emitted('change')?.at(-1) as [FormulaBody];
    expect(next.parts.map(({ kind }) => kind)).toEqual(['main', 'embed']);
    expect(bar.emitted('choose')).toEqual([[next.parts[1]?.id]]);
    await bar.setProps({ body: next } as never);
    act(next.parts[1]?.id ?? '');
    const [after] = bar.emitted('change')?.at(-1) as [FormulaBody];
    expect(after.parts).toHaveLength(1);
  });
});

describe('what it is and how it is made', () => {
  const open = (body = bodyFrom(PLAIN)) => {
    const dialog = shop.show(FormulaSettingsDialog, { props: { body, modelValue: true } });
    const changed = () => dialog.emitted('change')?.at(-1)?.[0] as FormulaBody;
    return { dialog, changed };
  };

  it('is chosen from lists', async () => {
    const { dialog, changed } = open();
    await choose(dialog, 'Family', 'shower-steamer');
    expect(changed().family).toBe('shower-steamer');
    await choose(dialog, 'Forming', 'silicone');
    expect(changed().method).toBe('silicone');
  });

  it('keeps soda and acid together while their ratio is set', async () => {
    const { changed } = open();
    await page().findAll('.ratios button')[0]?.trigger('click');
    const grams = (id: string) =>
      allLines(changed()).find(({ materialId }) => materialId === id)?.massG ?? 0;
    expect(grams('sodium-bicarbonate') + grams('citric-acid')).toBeCloseTo(600, 6);
  });
});

describe('the shelf of formulas', () => {
  const shelf = () => shop.show(FormulaShelf);
  const card = (shown: ReturnType<typeof shelf>) =>
    shown.findAll('li').find((one) => one.text().includes('Estuary'));
  const press = (shown: ReturnType<typeof shelf>, words: string) =>
    card(shown)
      ?.findAll('button')
      .find((one) => one.text() === words)
      ?.trigger('click');

  it('finds by name and by material, and says when nothing is found', async () => {
    inHand(bodyFrom(`${PLAIN}\n5 g kaolin clay`), 'Estuary');
    const shown = shelf();
    await vi.waitFor(() => expect(shown.find('input').exists()).toBe(true));
    const search = (text: string) => field(shown, 'Search by name or material').setValue(text);
    const names = () => shown.findAll('.name').map((one) => one.text());
    await search('estu');
    expect(names()).toEqual(['Estuary']);
    await search('kaolin');
    expect(names()).toContain('Estuary');
    await search('nothing of that name');
    expect(shown.text()).toContain('No formula matches.');
  });

  it('lays away and takes back', async () => {
    inHand(bodyFrom(PLAIN), 'Estuary');
    const shown = shelf();
    await press(shown, 'Archive');
    expect(card(shown)).toBeUndefined();
    await button(shown, /^Archived \(\d+\)$/).trigger('click');
    await press(shown, 'Restore');
    expect(shop.workshop.formulas.find(({ name }) => name === 'Estuary')?.archivedAt).toBeNull();
  });

  it('draws twenty-four of many, and more when they are asked for', async () => {
    for (let i = shop.workshop.formulas.length; i < 60; i++) inHand(bodyFrom(PLAIN), `Nr ${i}`);
    const shown = shelf();
    expect(shown.findAll('li.formula')).toHaveLength(24);
    await button(shown, '36 more').trigger('click');
    expect(shown.findAll('li.formula')).toHaveLength(48);
  });

  it('removes only after a question, and never a batch with it', async () => {
    inHand(bodyFrom(PLAIN), 'Estuary');
    const batches = shop.workshop.batches.length;
    const shown = shelf();
    await press(shown, 'Remove');
    await vi.waitFor(() => expect(says()).toContain('Remove Estuary?'));
    expect(shop.workshop.formulas.some(({ name }) => name === 'Estuary')).toBe(true);
    await button(page().find('.v-dialog'), 'Remove').trigger('click');
    expect(shop.workshop.formulas.some(({ name }) => name === 'Estuary')).toBe(false);
    expect(shop.workshop.batches).toHaveLength(batches);
  });

  it('copies a formula under a name of its own', async () => {
    const formula = inHand(bodyFrom(PLAIN), 'Estuary');
    const shown = shelf();
    await press(shown, 'Duplicate');
    const copy = shop.workshop.formulas.find(({ name }) => name === 'Estuary (copy)');
    expect(copy?.id).not.toBe(formula.id);
    expect(copy?.versions).toEqual([]);
  });
});

describe('a recipe as it was written down', () => {
  async function paste(text: string) {
    const dialog = shop.show(PasteDialog, { props: { modelValue: true } });
    await flushPromises();
    await field(page(), 'Recipe as written').setValue(text);
    await flushPromises();
    const take = async () => {
      await page().find('form').trigger('submit');
      return dialog.emitted('take')?.at(-1) as [string, FormulaBody] | undefined;
    };
    return { dialog, take };
  }
  const text = () => (field(page(), 'Recipe as written').element as HTMLTextAreaElement).value;

  it('becomes a formula under its title', async () => {
    const { take } = await paste(`# Harbor light\n${PLAIN}`);
    const [name, body] = (await take()) ?? [];
    expect(name).toBe('Harbor light');
    expect(allLines(body as FormulaBody)).toHaveLength(4);
  });

  it.each(['# 30 g cornstarch', '# a splash of moonlight', '# borax', '# stir well and wait'])(
    'is not called “%s”, which was left out of it',
    async (line) => {
      const { take } = await paste(`${line}\n${PLAIN}`);
      expect((await take())?.[0]).toBe('Untitled formula');
    },
  );

  it('is asked how it is formed where neither the page nor the shelf says so', async () => {
    shop.workshop.remove(
      'tools',
      shop.workshop.tools.flatMap(({ id, kind }) => (kind === 'press' ? [id] : [])),
    );
    shop.workshop.remove(
      'molds',
      shop.workshop.molds.map(({ id }) => id),
    );
    const { dialog, take } = await paste(PLAIN);
    expect(await take()).toBeUndefined();
    expect(page().text()).toContain('Choose how you form the pieces.');
    dialog
      .findComponent(PasteDialog)
      .findAllComponents({ name: 'VSelect' })[1]
      ?.vm.$emit('update:modelValue', 'in-pack');
    await flushPromises();
    expect((await take())?.[1]).toMatchObject({ method: 'in-pack' });
  });

  it('takes the press on the shelf, what the page says before it, and salts as loose', async () => {
    expect((await (await paste(PLAIN)).take())?.[1]).toMatchObject({ method: 'press' });
    document.body.innerHTML = '';
    const tray = `${PLAIN}\nPack into silicone molds.`;
    expect((await (await paste(tray)).take())?.[1]).toMatchObject({ method: 'silicone' });
  });

  it('says what a second color takes along', async () => {
    const { take } = await paste(`${PLAIN}\nSecond color: half of the mix\n0.4 g blue dye`);
    expect(page().text()).toContain('It takes 50% of the main mix along.');
    const [, body] = (await take()) ?? [];
    expect(body?.parts.map(({ lines }) => lines[0]?.massG)).toEqual([
      body?.parts[1]?.lines[0]?.massG,
      body?.parts[0]?.lines[0]?.massG,
    ]);
  });

  it('asks once for the unit of bare numbers', async () => {
    const { take } = await paste('400 baking soda\n200 citric acid\n30 g sweet almond oil');
    await button(page(), 'Read all as grams').trigger('click');
    const [, body] = (await take()) ?? [];
    expect(totalMassG(body as FormulaBody)).toBe(630);
  });

  it('leaves a line out where it is read, and can be taken back in the text', async () => {
    await paste(`${PLAIN}\na splash of moonlight`);
    await button(page(), 'Remove').trigger('click');
    expect(text()).toContain('# a splash of moonlight');
  });

  it('underlines each phrase by what it became, and answers the question beside the caret by key', async () => {
    await paste(`${PLAIN}\n10 g citirc acid`);
    const underlined = (as: string) =>
      page()
        .findAll(`.backdrop .${as}`)
        .map((span) => span.text());
    expect(underlined('amount')).toContain('10 g');
    expect(underlined('unknown')).toEqual(['citirc acid']);
    await page().find('form').trigger('keydown', { altKey: true, code: 'KeyN' });
    expect(says()).toContain('“citirc acid” is not on file in this spelling.');
    await page().find('form').trigger('keydown', { altKey: true, code: 'Digit1' });
    expect(text()).toContain('10 g Citric acid, anhydrous');
    await flushPromises();
    expect(underlined('unknown')).toEqual([]);
  });

  it('is what the page says it is, until the maker says another', async () => {
    const { take } = await paste(
      `Kettle tablets, makes 6\n${PLAIN}\nPress them in a silicone tray.`,
    );
    expect(says()).toContain('The page says “kettle”.');
    const [name, body] = (await take()) ?? [];
    expect(name).toBe('Kettle tablets');
    expect(body).toMatchObject({ family: 'cleaning-fizzy', method: 'silicone', yieldPieces: 6 });
  });

  it('in percent asks how heavy it is, and is that heavy', async () => {
    const { take } = await paste('60% baking soda\n30% citric acid\n10% cornstarch');
    const weight = field(page(), 'Weight of the whole mix, g');
    await weight.setValue('500');
    await weight.trigger('change');
    const [, body] = (await take()) ?? [];
    expect(totalMassG(body as FormulaBody)).toBeCloseTo(500, 9);
  });

  it('of nothing is no formula, and says so', async () => {
    const { take } = await paste('   ');
    expect(await take()).toBeUndefined();
    expect(page().find('[role=alert].problem').text().length).toBeGreaterThan(5);
  });

  it('takes along what it cannot read', async () => {
    const { take } = await paste(`${PLAIN}\n30 g stardust`);
    expect(says()).toContain('1 line not read yet.');
    const [, body] = (await take()) ?? [];
    expect((body as FormulaBody).unread.map((one) => one.text)).toEqual(['30 g stardust']);
  });
});

describe('a line that was not read', () => {
  const [entry] = bodyFrom(`${PLAIN}\n30 g stardust`).unread;

  it('reads when it is said what it is: no grams are asked for', async () => {
    if (!entry) throw new Error('stardust is on no shelf');
    const row = shop.show(UnreadRow, { props: { entry } });
    row.findComponent({ name: 'MaterialPicker' }).vm.$emit('update:modelValue', 'mica');
    await flushPromises();
    await row.find('form').trigger('submit');
    const [line] = row.emitted('settle')?.[0] as [{ materialId: string; massG: number }];
    expect(line).toMatchObject({ materialId: 'mica', massG: 30 });
  });
});

describe('scent', () => {
  function blend() {
    inHand(bodyFrom(`${PLAIN}\n6 g lavender essential oil\n2 g peppermint essential oil`));
    const { evaluation } = useDesignStore();
    if (!evaluation) throw new Error('a formula is in hand');
    return shop.show(ScentView, { props: { body: now().body, evaluation } });
  }

  it('is blended in grams, drops or parts', async () => {
    const view = blend();
    const grams = field(view, 'Lavender essential oil, g');
    await grams.setValue('7.5');
    await grams.trigger('change');
    expect(massOf('lavender-essential-oil')).toBe(7.5);
    await button(view, 'drops').trigger('click');
    expect(field(view, 'Lavender essential oil, drops').exists()).toBe(true);
  });

  it.each([
    ['-1', 'Type a number, 0 or more.'],
    ['a whiff', 'Type a weight, such as 85 g or 3 oz.'],
  ])('of “%s” is no amount', async (text, said) => {
    const view = blend();
    const grams = field(view, 'Lavender essential oil, g');
    await grams.setValue(text);
    await grams.trigger('change');
    expect(view.find('.problem[role=alert]').text()).toBe(said);
    expect((grams.element as HTMLInputElement).value).toBe(text);
    expect(massOf('lavender-essential-oil')).toBe(6);
  });

  it('is filled up or taken down to what may be, and not over', async () => {
    const view = blend();
    const fill = view.findAll('button').find((one) => /^(Raise|Lower) to/.test(one.text()));
    await fill?.trigger('click');
    const most = Number(/to ([\d.]+)%/.exec(fill?.text() ?? '')?.[1]);
    const load =
      (100 * (massOf('lavender-essential-oil') + massOf('peppermint-essential-oil'))) /
      totalMassG(now().body);
    expect(load).toBeLessThanOrEqual(most + 0.005);
    expect(load).toBeGreaterThan(most - 0.02);
  });

  it('of menthol is dissolved by a strength that can be', async () => {
    const maker = shop.show(MentholMaker);
    expect(maker.text()).toContain('25 g of crystals in 75 g of 99% alcohol');
    expect(maker.find('[role=status]').exists()).toBe(false);
    await field(maker, 'Strength').setValue('0.5');
    await button(maker, 'Create a premix').trigger('click');
    await flushPromises();
    expect(maker.findComponent({ name: 'PremixDialog' }).exists()).toBe(false);
  });
});

describe('a rebalance', () => {
  it('does not begin by a ratio that is none', async () => {
    const asked = vi.spyOn(Worker.prototype, 'postMessage');
    const view = shop.show(RebalanceView, { props: { body: inHand().body } });
    await view.findAll('input[type=checkbox]').at(-2)?.setValue(true);
    await field(view, 'Soda to acid').setValue('6.1');
    await view.find('form').trigger('submit');
    expect(asked).not.toHaveBeenCalled();
    await field(view, 'Soda to acid').setValue('6');
    await view.find('form').trigger('submit');
    await flushPromises();
    expect(asked).toHaveBeenCalled();
  });
});

describe('a formula taken out', () => {
  it('is saved as a file where the clipboard is closed, under a plain name', async () => {
    inHand(bodyFrom(PLAIN), 'Été & Co. №1');
    const menu = shop.show(ShareMenu);
    const names: string[] = [];
    vi.spyOn(HTMLAnchorElement.prototype, 'click').mockImplementation(function (
      this: HTMLAnchorElement,
    ) {
      names.push(this.download);
    });
    Object.defineProperty(navigator, 'clipboard', {
      configurable: true,
      value: { writeText: () => Promise.reject(new Error('closed')) },
    });
    menu.findComponent({ name: 'ActionMenu' }).vm.$emit('choose', 'copy');
    await vi.waitFor(() => expect(names).toEqual(['t-co-1.txt']));
    expect(menu.find('[role=status]').text()).toBe(
      'Couldn’t use the clipboard, so it is saved as a file.',
    );
  });
});

it('a version that is kept says so in the header', async () => {
  const formula = inHand();
  const station = shop.show(DesignStation);
  await button(station, 'Save a version').trigger('click');
  expect(now().versions).toHaveLength(1);
  expect(keepVersion(formula, new Date().toISOString()).versions[0]?.body).toEqual(
    now().versions[0]?.body,
  );
  expect(station.find('.page-header').text()).toContain('version 1');
});
