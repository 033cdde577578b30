import { flushPromises } from '@vue/test-utils';
import { beforeEach, describe, expect, it } from 'vitest';
import { button, choose, field, page } from '../../../tests/fixtures/mountInPage';
import { drawnShop } from '../../../tests/fixtures/drawnShop';
import { toolSchema, type ToolKind } from '@/core/workshop/shelf/tool';
import { toolsOf } from '@/core/workshop/shelf/workplace';
import { useGoodsStore } from '@/stores/goods';
import { useShelfStore } from '@/stores/shelf';
import DateField from '@/ui/kit/DateField.vue';
import JarLevel from './JarLevel.vue';
import LogSide from './LogSide.vue';
import LotDetail from './LotDetail.vue';
import MaterialDetail from './MaterialDetail.vue';
import NewLotDialog from './NewLotDialog.vue';
import OverrideField from './OverrideField.vue';
import ToolsSide from './ToolsSide.vue';
import PackagingSide from './PackagingSide.vue';
import { TOOL_FIELDS, TOOL_WORDS, newTool } from './toolFields';

let shop: ReturnType<typeof drawnShop>;
beforeEach(() => {
  shop = drawnShop();
});

const lotNow = (id: string) => shop.workshop.lots.find((lot) => lot.id === id);
/** A lot that batches took from, and one that nobody did. */
const usedLot = () => {
  const lot = shop.workshop.lots.find(({ id, receivedG, premix }) => {
    const left = useShelfStore().left.get(id) ?? 0;
    return premix === null && left > 0 && left < receivedG;
  });
  if (!lot) throw new Error('the sample has a lot that was weighed from');
  return lot;
};

describe('a lot', () => {
  it('is counted on the scale, and the difference stays with its hour', async () => {
    const lot = usedLot();
    const shown = shop.show(LotDetail, { props: { lot } });
    await field(shown, 'Counted').setValue('123.4');
    await button(shown, 'Save count').trigger('click');
    expect(useShelfStore().left.get(lot.id)).toBeCloseTo(123.4, 6);
    expect(lotNow(lot.id)?.counts).toHaveLength(lot.counts.length + 1);
    expect(lotNow(lot.id)?.counts.at(-1)?.why).toBe('counted on the scale');
  });

  it('is not counted by what is no number, and a count of what is there changes nothing', async () => {
    const lot = usedLot();
    const left = useShelfStore().left.get(lot.id) ?? 0;
    const shown = shop.show(LotDetail, { props: { lot } });
    await field(shown, 'Counted').setValue('half');
    await button(shown, 'Save count').trigger('click');
    await field(shown, 'Counted').setValue(String(left));
    await button(shown, 'Save count').trigger('click');
    expect(lotNow(lot.id)?.counts).toEqual(lot.counts);
  });

  it('that batches speak of stays; one that nobody used is removed after a question', async () => {
    const lot = usedLot();
    expect(shop.show(LotDetail, { props: { lot } }).text()).toContain(
      'Batches use it, so it stays on record.',
    );
    const fresh = { ...lot, id: 'fresh', code: 'FRESH-1', counts: [] };
    shop.workshop.put('lots', [fresh]);
    const shown = shop.show(LotDetail, { props: { lot: fresh } });
    await button(shown, 'Remove lot').trigger('click');
    expect(lotNow('fresh')).toBeDefined();
    await button(page(), 'Remove').trigger('click');
    expect(lotNow('fresh')).toBeUndefined();
  });

  it('from which more was weighed than there was says so', () => {
    const lot = { ...usedLot(), receivedG: 0.1 };
    shop.workshop.put('lots', [lot]);
    expect(shop.show(LotDetail, { props: { lot } }).text()).toContain(
      'You weighed more from it than there was.',
    );
  });
});

describe('a lot that is received', () => {
  async function open() {
    const dialog = shop.show(NewLotDialog, { props: { modelValue: false } });
    await dialog.setProps({ modelValue: true } as never);
    await flushPromises();
    const status = () => page().find('.v-dialog [role=status]');
    const material = (id: string) =>
      dialog.findComponent({ name: 'MaterialPicker' }).vm.$emit('update:modelValue', id);
    return { dialog, status, material };
  }
  const add = () => button(page(), 'Add');

  it('says what is still missing, one thing after the other', async () => {
    const { dialog, status, material } = await open();
    expect(status().text()).toBe('Choose a material.');
    material('citric-acid');
    await flushPromises();
    expect(status().text()).toBe('Type the code on it. Make one up if there is none.');
    const taken = shop.workshop.lots.find(({ materialId }) => materialId === 'citric-acid');
    await field(page(), 'Lot code').setValue(` ${taken?.code.toLowerCase()} `);
    expect(status().text()).toMatch(/^Lot \S+ of anhydrous citric acid /);
    await field(page(), 'Lot code').setValue('C-9');
    const before = shop.workshop.lots.length;
    await field(page(), 'Amount').setValue('a sack');
    await page().find('form').trigger('submit');
    await flushPromises();
    expect(shop.workshop.lots).toHaveLength(before);
    await field(page(), 'Amount').setValue('2500');
    await field(page(), 'Total cost').setValue('-1');
    expect(status().text()).toBe('Type the cost as a number, or leave it empty.');
    expect(add().attributes('disabled')).toBeDefined();
    await field(page(), 'Total cost').setValue('18.40');
    await add().trigger('click');
    await flushPromises();
    expect(shop.workshop.lots.at(-1)).toMatchObject({
      code: 'C-9',
      materialId: 'citric-acid',
      receivedG: 2500,
      cost: 18.4,
    });
    expect(dialog.emitted('added')?.[0]).toEqual([shop.workshop.lots.at(-1)?.id]);
  });

  it('may have no price and the code of a lot of another material', async () => {
    const { material } = await open();
    const other = shop.workshop.lots.find(({ materialId }) => materialId !== 'citric-acid');
    material('citric-acid');
    await field(page(), 'Lot code').setValue(other?.code ?? '');
    await add().trigger('click');
    expect(shop.workshop.lots.at(-1)).toMatchObject({ code: other?.code, cost: null });
  });
});

describe('what a maker knows better', () => {
  const open = (modelValue: { value: number; by: string; on: string } | null = null) =>
    shop.show(OverrideField, {
      props: {
        label: 'True density, g/mL',
        min: 0.2,
        max: 5,
        catalog: '2.2',
        source: 'handbook',
        by: 'own measure',
        modelValue,
      },
    });
  const say = async (shown: ReturnType<typeof open>, text: string) => {
    await field(shown, 'True density, g/mL').setValue(text);
    await field(shown, 'True density, g/mL').trigger('change');
    return shown.emitted('update:modelValue')?.at(-1)?.[0];
  };

  it('is kept with who says so and since when', async () => {
    expect(await say(open(), '1.5')).toEqual({ value: 1.5, by: 'own measure', on: '2026-10-14' });
  });

  it.each(['0.19', '5.01', 'heavy'])('of “%s” is refused', async (text) => {
    const shown = open();
    expect(await say(shown, text)).toBeUndefined();
    expect(shown.text()).toContain('Type a number from 0.2 to 5, or leave it empty.');
  });

  it.each(['0.2', '5'])('takes its end %s', async (text) => {
    expect(await say(open(), text)).toMatchObject({ value: Number(text) });
  });

  it('goes, when the field is emptied: the catalog speaks again', async () => {
    expect(await say(open({ value: 1.5, by: 'me', on: '2026-01-01' }), ' ')).toBeNull();
    expect(await say(open(), '')).toBeUndefined();
  });
});

describe('a material', () => {
  it('keeps its own name beside the others a maker gives it, parted by ;', async () => {
    const shown = shop.show(MaterialDetail, { props: { materialId: 'citric-acid' } });
    const names = field(shown, 'Other names, separated by ;');
    await names.setValue(' lemon sand ;; E 330;  ');
    await names.trigger('change');
    expect(shop.workshop.materials.find(({ id }) => id === 'citric-acid')?.synonyms).toEqual([
      'lemon sand',
      'E 330',
    ]);
    expect(shop.workshop.catalog.byId.get('citric-acid')?.name).toBe('Citric acid, anhydrous');
  });
});

describe('tools', () => {
  it.each(Object.keys(TOOL_WORDS) as ToolKind[])(
    'a new %s is whole, and has words and fields',
    (kind) => {
      expect(toolSchema.safeParse(newTool(kind, 0)).success).toBe(true);
      expect(TOOL_WORDS[kind].many).not.toBe('');
      for (const { key, min, max } of TOOL_FIELDS[kind]) {
        const at = (value: number) =>
          toolSchema.safeParse({ ...newTool(kind, 0), [key]: value }).success;
        expect(max).toBeGreaterThan(min);
        if (key !== 'minimumG') expect([at(min), at(max)]).toEqual([true, true]);
      }
    },
  );

  it('are added, put first, and removed', async () => {
    const side = shop.show(ToolsSide);
    const scales = () => toolsOf(shop.workshop.tools, 'scale');
    const before = scales().length;
    const group = () => side.find('section[aria-label="Droppers"]');
    const droppers = () => toolsOf(shop.workshop.tools, 'dropper');
    const had = droppers().length;
    await button(group(), /^Add: Droppers/).trigger('click');
    await flushPromises();
    expect(droppers()).toHaveLength(had + 1);
    const newest = droppers().at(-1);
    expect(had).toBeGreaterThan(0);
    const menus = () => group().findAllComponents({ name: 'ActionMenu' });
    const offered = (menu: number) =>
      (menus()[menu]?.props('items') as readonly { readonly value: string }[]).map(
        ({ value }) => value,
      );
    expect(offered(0)).toEqual(['remove']);
    expect(offered(had)).toEqual(['use', 'remove']);
    menus().at(-1)?.vm.$emit('choose', 'use');
    await flushPromises();
    expect(droppers()[0]?.id).toBe(newest?.id);
    menus()[0]?.vm.$emit('choose', 'remove');
    await flushPromises();
    expect(droppers()).toHaveLength(had);
    expect(droppers().some(({ id }) => id === newest?.id)).toBe(false);
    expect(scales()).toHaveLength(before);
  });

  it('keep what fits, and a scale honest from 0 is honest from ten steps', async () => {
    const side = shop.show(ToolsSide);
    const [scale] = toolsOf(shop.workshop.tools, 'scale');
    if (!scale) throw new Error('the sample has a scale');
    const group = side.find(`[role=group][aria-label="${scale.name}"]`);
    const now = () => toolsOf(shop.workshop.tools, 'scale').find(({ id }) => id === scale.id);
    await field(group, 'Smallest weight (0 for ten steps)').setValue('2');
    expect(now()?.minimumG).toBe(2);
    await field(group, 'Smallest weight (0 for ten steps)').setValue('0');
    expect(now()?.minimumG).toBeNull();
    await field(group, 'Step').setValue('0');
    expect(now()?.stepG).toBe(scale.stepG);
  });

  it('of a tray is asked for its seats, a sprayer for what it holds, and no other for either', () => {
    const side = shop.show(ToolsSide);
    const heads = (title: string) =>
      side
        .find(`table[aria-label="${title}"]`)
        .findAll('th')
        .map((one) => one.text());
    const asking = (column: string) =>
      side
        .findAll('table')
        .filter((table) => table.findAll('th').some((one) => one.text() === column))
        .map((table) => table.attributes('aria-label'));
    expect(heads('Scales')).toEqual([
      'Name',
      'Step',
      'Capacity',
      'Smallest weight (0 for ten steps)',
    ]);
    expect(asking('Filled with')).toEqual(['Sprayers']);
    expect(asking('Seats')).toEqual(['Trays']);
  });
});

describe('wraps', () => {
  async function opened() {
    const side = shop.show(PackagingSide);
    const [row] = side.findAll('button.row');
    await row?.trigger('click');
    const name = side.find('.detail').attributes('aria-label');
    const wrap = () => {
      const found = shop.workshop.packaging.find((one) => one.name === name);
      if (!found) throw new Error(`no wrap is called ${name}`);
      return found;
    };
    return { side, wrap, detail: side.find('.detail') };
  }

  it('come in whole pieces, at least one, under a code that is made where none is said', async () => {
    const { detail, wrap } = await opened();
    const before = wrap().lots.length;
    const come = detail.findAll('form')[0];
    await field(detail, 'Pieces').setValue('0');
    await come?.trigger('submit');
    await field(detail, 'Pieces').setValue('2.5');
    await come?.trigger('submit');
    expect(wrap().lots).toHaveLength(before);
    await field(detail, 'Pieces').setValue('250');
    await come?.trigger('submit');
    expect(wrap().lots.at(-1)).toMatchObject({ pieces: 250, cost: null });
    expect(wrap().lots.at(-1)?.code).toContain(String(before + 1));
  });

  it('are counted by hand, and the difference keeps its reason', async () => {
    const { detail, wrap } = await opened();
    await field(detail, 'Counted').setValue('7');
    await field(detail, 'Reason for the difference').setValue(' a mouse ');
    await detail.findAll('form')[1]?.trigger('submit');
    expect(wrap().counts.at(-1)?.why).toBe('a mouse');
    const here = wrap().lots.reduce((sum, { id }) => sum + (useGoodsStore().left.get(id) ?? 0), 0);
    expect(here).toBe(7);
  });

  it('that went around something are laid away; others go', async () => {
    const { side, detail, wrap } = await opened();
    const { id } = wrap();
    await button(detail, /^Archive/).trigger('click');
    expect(shop.workshop.packaging.find((one) => one.id === id)?.isArchived).toBe(true);
    await button(side, 'Add packaging').trigger('click');
    const made = shop.workshop.packaging.at(-1);
    await button(side.find('.detail'), /^Archive/).trigger('click');
    expect(shop.workshop.packaging.find((one) => one.id === made?.id)).toBeUndefined();
  });

  it('are low under their mark, or never', async () => {
    const { detail, wrap, side } = await opened();
    await field(detail, 'Reorder below (0 for never)').setValue('900000');
    expect(wrap().lowPieces).toBe(900_000);
    await flushPromises();
    expect(side.find('button.row').text()).toContain('piece');
    await field(detail, 'Reorder below (0 for never)').setValue('0');
    expect(wrap().lowPieces).toBeNull();
  });

  it('of a kind keep damp out by what holds it', async () => {
    const { side, wrap } = await opened();
    await choose(side, 'Moisture barrier', 'tight-jar');
    expect(wrap().barrier).toBe('tight-jar');
    await choose(side, 'Moisture barrier', 'nothing');
    expect(wrap().barrier).toBeNull();
  });
});

it('a day is a day or none', async () => {
  const shown = shop.show(DateField, { props: { modelValue: null, label: 'Opened' } });
  const input = shown.findComponent({ name: 'VTextField' });
  for (const [text, day] of [
    ['2026-03-02', '2026-03-02'],
    ['', null],
    ['2026-3-2', null],
  ] as const) {
    input.vm.$emit('update:modelValue', text);
    expect(shown.emitted('update:modelValue')?.at(-1)).toEqual([day]);
  }
});

it.each([
  [0, 0],
  [0.5, 11.5],
  [1, 23],
  [1.4, 23],
  [-0.2, 0],
])('a jar that is %f full is filled %f high', (share, high) => {
  const jar = shop.show(JarLevel, { props: { share, isSetAside: false, isPast: false } });
  expect(Number(jar.find('.level').attributes('height'))).toBeCloseTo(high, 6);
});

describe('checks and cleaning', () => {
  const ofKind = (kind: string) => shop.workshop.logbook.filter((one) => one.kind === kind);

  it('save what a scale shows, and refuse a weight it cannot carry', async () => {
    const before = ofKind('scale-check').length;
    const shown = shop.show(LogSide);
    await field(shown, 'Known weight').setValue('10001');
    await field(shown, 'Scale shows').setValue('10001');
    await shown.find('form[aria-label="Scale check"]').trigger('submit');
    expect(page().find('[role=alert].problem').text()).toContain('carries up to 10,000 g');
    expect(ofKind('scale-check')).toHaveLength(before);
    await field(shown, 'Known weight').setValue('200');
    await field(shown, 'Scale shows').setValue('203');
    await shown.find('form[aria-label="Scale check"]').trigger('submit');
    expect(ofKind('scale-check')).toHaveLength(before + 1);
    expect(shown.text()).toContain('203 g shown for 200 g. Failed, 1 g allowed.');
    await button(shown, /^Undo: Bench scale/).trigger('click');
    expect(shown.text()).not.toContain('203 g shown');
    // It stays on record as taken back.
    expect(ofKind('scale-check').at(-1)?.voidedAt).toBeTruthy();
  });

  it('save a cleaning only with what was cleaned, and remind only after the days that were set', async () => {
    const before = ofKind('cleaning').length;
    const shown = shop.show(LogSide);
    const form = shown.find('form[aria-label="Cleaning"]');
    await form.trigger('submit');
    expect(page().find('[role=alert].problem').text()).toBe('Write what you cleaned.');
    await field(shown, 'What').setValue('Press');
    await form.trigger('submit');
    expect(ofKind('cleaning')).toHaveLength(before + 1);
    const days = shown.findAll('input').filter((one) => one.element.value === '0');
    await days.at(-1)?.setValue('14');
    expect(shop.workshop.settings.upkeep).toEqual({ scaleCheckDays: 0, cleaningDays: 14 });
    for (let i = 0; i < 12; i++) {
      await field(shown, 'What').setValue(`Tray ${i}`);
      await form.trigger('submit');
    }
    const undo = (name: string) => shown.findAll(`button[aria-label^="Undo: ${name}"]`);
    expect(undo('Tray')).toHaveLength(12);
    expect(undo('Press')).toHaveLength(0);
  });
});
