import { flushPromises } from '@vue/test-utils';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { button, field, page } from '../../tests/fixtures/mountInPage';
import { drawnShop } from '../../tests/fixtures/drawnShop';
import { FILE_MAX_BYTES } from '@/core/results/scent/documents';
import FileButton from '@/ui/kit/FileButton.vue';
import { useSavingStore } from '@/stores/saving';
import { usualAhead } from '@/core/workshop/shelf/madeAhead';
import MakeAheadDialog from './MakeAheadDialog.vue';
import NewMaterialDialog from './NewMaterialDialog.vue';
import PremixDialog from './PremixDialog.vue';
import RoomDialog from './RoomDialog.vue';
import RoomReading from './RoomReading.vue';
import SaveMark from './SaveMark.vue';
import type { AskedDocument } from './askedDocument';
import SupplierDocumentDialog from './SupplierDocumentDialog.vue';

let shop: ReturnType<typeof drawnShop>;
beforeEach(() => {
  shop = drawnShop();
});

const press = (words: string) => button(page(), words).trigger('click');
const type = (label: string, text: string) => field(page(), label).setValue(text);
const submit = () => page().find('form').trigger('submit');
const says = () => document.body.textContent ?? '';

describe('the room', () => {
  it('is kept as it is read, and said with its hour', async () => {
    shop.workshop.changeSettings({ humidityPct: 45, tempC: 20 });
    const reading = shop.show(RoomReading);
    expect(reading.text()).toContain('45%');
    await reading.find('button').trigger('click');
    await vi.waitFor(() => expect(says()).toContain('Type what the hygrometer shows.'));
    await type('Humidity', '61.5');
    await type('Temperature', '24');
    await submit();
    expect(shop.workshop.settings).toMatchObject({ humidityPct: 61.5, tempC: 24 });
    expect(shop.workshop.settings.roomReadAt).toBeTruthy();
    expect(reading.text()).toContain('61.5%');
  });

  it.each([
    ['450', '20', 'Type a number from 5 to 100'],
    ['45', '51', 'Type a number from −10 to 50'],
    ['damp', '20', 'Type a percentage, such as 45%.'],
  ])('of %s %% and %s °C is not kept, and what is wrong is said', async (humidity, temp, said) => {
    const before = shop.workshop.settings.humidityPct;
    const dialog = shop.show(RoomDialog, { props: { modelValue: true } });
    await type('Humidity', humidity);
    await type('Temperature', temp);
    await submit();
    expect(says()).toContain(said);
    expect(dialog.emitted('kept')).toBeUndefined();
    expect(dialog.emitted('update:modelValue')).toBeUndefined();
    expect(shop.workshop.settings.humidityPct).toBe(before);
  });

  it('where pieces dry is another than where they are made', async () => {
    const before = shop.workshop.settings.humidityPct;
    const dialog = shop.show(RoomDialog, { props: { modelValue: true, place: 'drying-room' } });
    expect(says()).toContain('Type what the hygrometer shows. The drying forecast follows it.');
    await type('Humidity', '38');
    await submit();
    expect(dialog.emitted('kept')?.[0]).toEqual([expect.objectContaining({ humidityPct: 38 })]);
    expect(shop.workshop.settings.humidityPct).toBe(before);
  });
});

describe('a new material', () => {
  const open = (named?: string) =>
    shop.show(NewMaterialDialog, { props: { modelValue: true, ...(named && { named }) } });
  const status = () => page().find('[role=status]').text();

  it('needs a name, and what it behaves like', async () => {
    open();
    expect(status()).toBe('Type the name you use for it.');
    await type('Name', '   ');
    expect(status()).toBe('Type the name you use for it.');
    await type('Name', 'Moon dust');
    expect(status()).toContain('Choose what it behaves like');
    expect(button(page(), 'Add').attributes('disabled')).toBeDefined();
  });

  it('of a name that is on file is refused, however it is written', async () => {
    open('baking SODA ');
    expect(status()).toBe('There is a material with that name already.');
  });

  it('that must not be in a fizzing product is refused with the reason', () => {
    open('Bleach');
    expect(status()).toMatch(/must not be in a fizzing product: .+\.$/);
  });
});

describe('a premix', () => {
  const wish = { materialId: 'mica', carrierId: 'sodium-bicarbonate', strengthPct: 5, makeG: 200 };
  const anyDye = () =>
    shop.workshop.catalog.offered.find(({ role }) => role === 'color')?.id ?? wish.materialId;
  const open = (change: Partial<typeof wish> = {}) =>
    shop.show(PremixDialog, { props: { wish: { ...wish, materialId: anyDye(), ...change } } });

  it('is a lot of its own, with a code that no lot has and what it is made of', async () => {
    const before = shop.workshop.lots.length;
    const dialog = open();
    expect(says()).toContain('10 g');
    expect(says()).toContain('190 g');
    await press('Create');
    const [lot] = (dialog.emitted('made')?.[0] ?? []) as { code: string; premix: object }[];
    expect(shop.workshop.lots).toHaveLength(before + 1);
    expect(shop.workshop.lots.filter(({ code }) => code === lot?.code)).toHaveLength(1);
    expect(lot?.premix).toMatchObject({ carrierId: 'sodium-bicarbonate', strengthPct: 5 });
  });

  it('asks for a code, one that is free, and a carrier that is another material', async () => {
    open();
    const missing = () => page().find('.v-dialog p[role=status]');
    await type('Code on the label', ' ');
    expect(missing().text()).toBe('Type the code for its label.');
    const taken = shop.workshop.lots[0]?.code ?? '';
    await type('Code on the label', ` ${taken.toLowerCase()} `);
    expect(missing().text()).toContain('Another lot has the code');
    await type('Code on the label', 'MY-1');
    expect(missing().exists()).toBe(false);
    expect(button(page(), 'Create').attributes('disabled')).toBeUndefined();
  });

  it('is not made by figures that are none', async () => {
    const before = shop.workshop.lots.length;
    open();
    await type('Amount', 'plenty');
    await submit();
    expect(shop.workshop.lots).toHaveLength(before);
    await type('Amount', '50');
    await type('Strength', '90.1');
    await submit();
    expect(shop.workshop.lots).toHaveLength(before);
    await type('Strength', '90');
    await submit();
    expect(shop.workshop.lots).toHaveLength(before + 1);
  });

  it('carries nothing in itself', () => {
    const id = anyDye();
    open({ carrierId: id });
    expect(page().find('.v-dialog p[role=status]').text()).toBe(
      'It can’t carry itself. Choose another carrier.',
    );
  });
});

describe('a supplier’s document', () => {
  const scentId = 'fragrance-oil';
  const LIMIT = 'Limit in category 9, %';
  async function open(over: Partial<AskedDocument> = {}) {
    const dialog = shop.show(SupplierDocumentDialog, { props: { asked: null } });
    await dialog.setProps({
      asked: { materialId: scentId, lotId: null, document: null, ...over },
    } as never);
    await flushPromises();
    return dialog;
  }
  const all = () => shop.workshop.documents.filter(({ materialId }) => materialId === scentId);
  const kept = () => all()[0];
  const clear = () =>
    shop.workshop.remove(
      'documents',
      all().map(({ id }) => id),
    );

  it('is kept with what it says, and leaves open what it leaves open', async () => {
    clear();
    const dialog = await open();
    await type(LIMIT, '4.5');
    await type('Edition of the standard', '51');
    await submit();
    expect(kept()).toMatchObject({
      kind: 'fragrance-certificate',
      edition: '51',
      limits: [{ category: '9', pct: 4.5 }],
      vanillinPct: null,
      flashPointC: null,
      attached: null,
    });
    expect(dialog.emitted('close')).toHaveLength(1);
  });

  it.each([
    [LIMIT, '100.1', 'Type a limit over 0, up to 100%.'],
    [LIMIT, '0', 'Type a limit over 0, up to 100%.'],
    ['Vanillin, %', '101', 'Type the vanillin, 0–100%.'],
    ['Flash point, °C', '401', 'Type a flash point from −50°C to 400°C.'],
    ['Flash point, °C', 'warm', 'Type a flash point from −50°C to 400°C.'],
  ])('with “%s” of %s is not kept: %s', async (label, text, said) => {
    clear();
    const dialog = await open();
    await type(label, text);
    await submit();
    expect(page().find('[role=alert].problem').text()).toBe(said);
    expect(kept()).toBeUndefined();
    expect(dialog.emitted('close')).toBeUndefined();
  });

  it('asks before it replaces what changed elsewhere while it stood open', async () => {
    clear();
    await open();
    await type(LIMIT, '4');
    await submit();
    const onFile = kept();
    if (!onFile) throw new Error('nothing was kept');
    document.body.innerHTML = '';
    await open({ document: onFile });
    await type(LIMIT, '3');
    shop.workshop.put('documents', [{ ...onFile, limits: [{ category: '9', pct: 2 }] }]);
    await submit();
    expect(page().find('[role=alert].problem').text()).toContain('changed elsewhere');
    expect(kept()?.limits[0]?.pct).toBe(2);
    await submit();
    expect(kept()?.limits[0]?.pct).toBe(3);
    expect(all()).toHaveLength(1);
  });

  it('takes the ends of its ranges', async () => {
    clear();
    await open();
    await type(LIMIT, '100');
    await type('Vanillin, %', '0');
    await type('Flash point, °C', '-50');
    await submit();
    expect(kept()).toMatchObject({ limits: [{ pct: 100 }], vanillinPct: 0, flashPointC: -50 });
  });

  it('of what is no scent has no limits; it is a safety data sheet, and is removed with its file', async () => {
    const dialog = await open({ materialId: 'citric-acid' });
    expect(says()).not.toContain('Limit in category');
    const file = new File(['%PDF-1.4'], 'sheet.pdf', { type: 'application/pdf' });
    dialog.getComponent(FileButton).vm.$emit('files', [file]);
    await vi.waitFor(() => expect(says()).toContain('sheet.pdf'));
    await submit();
    const own = shop.workshop.documents.find(({ attached }) => attached?.name === 'sheet.pdf');
    expect(own).toMatchObject({ kind: 'safety-data-sheet', materialId: 'citric-acid' });
    const [stored] = await shop.workshop.loadDocumentFiles([own?.id ?? '']);
    expect(stored?.dataUrl).toBe(`data:application/pdf;base64,${btoa('%PDF-1.4')}`);
    document.body.innerHTML = '';
    await open({ materialId: 'citric-acid', document: own ?? null });
    await press('Remove');
    expect(shop.workshop.documents).not.toContain(own);
    expect(await shop.workshop.loadDocumentFiles([own?.id ?? ''])).toEqual([]);
  });

  it.each([
    [new File(['x'], 'notes.txt', { type: 'text/plain' }), 'is no PDF, JPEG or PNG'],
    [new File([''], 'empty.pdf', { type: 'application/pdf' }), 'is empty'],
    [
      new File([new Uint8Array(FILE_MAX_BYTES + 1)], 'big.pdf', { type: 'application/pdf' }),
      'Choose one of up to 2 MB',
    ],
  ])('refuses a file: %o', async (file, said) => {
    const dialog = await open({ materialId: 'citric-acid' });
    dialog.getComponent(FileButton).vm.$emit('files', [file]);
    await vi.waitFor(() => expect(says()).toContain(said));
  });

  it('is taken off file, and only where there is one', async () => {
    clear();
    await open();
    expect(says()).not.toContain('Remove');
    await type(LIMIT, '4');
    await submit();
    document.body.innerHTML = '';
    await open({ document: kept() ?? null });
    await press('Remove');
    expect(kept()).toBeUndefined();
  });
});

describe('what is made ahead', () => {
  const draft = {
    name: 'Calendula oil',
    ahead: usualAhead('infusion', [
      { materialId: 'olive-oil', massG: 100, isStrained: false },
      { materialId: 'calendula-petals', massG: 10, isStrained: true },
    ]),
  };
  const open = async (props: Record<string, unknown> = { draft }) => {
    const dialog = shop.show(MakeAheadDialog, { props: { modelValue: true, ...props } });
    await flushPromises();
    return dialog;
  };
  const made = () => shop.workshop.materials.find(({ name }) => name === 'Calendula oil');
  const lots = () => shop.workshop.lots.filter(({ materialId }) => materialId === made()?.id);

  it('becomes a material and a lot that is ready in two days, with its herb strained off', async () => {
    const dialog = await open();
    expect(says()).toContain('It takes 100 g of Olive oil, 10 g of Calendula petals, dried.');
    await type('Amount made', '200');
    expect(says()).toContain('It takes 200 g of Olive oil, 20 g of Calendula petals, dried.');
    await submit();
    expect(made()?.madeOf).toEqual([{ materialId: 'olive-oil', pct: 100 }]);
    const [lot] = lots();
    expect(lot).toMatchObject({ code: 'MA-001', receivedG: 200 });
    expect(Date.parse(lot?.made?.readyAt ?? '') - Date.now()).toBe(48 * 3_600_000);
    expect(dialog.emitted('made')?.[0]).toEqual([made()]);
  });

  it('may only be planned: a material without a lot, that the calendar has made', async () => {
    await open();
    const boxes = page().findAll('input[type=checkbox]');
    await boxes.at(-1)?.setValue(false);
    expect(says()).toContain('The calendar plans it before the batch that needs it.');
    await submit();
    expect(made()).toBeDefined();
    expect(lots()).toEqual([]);
  });

  it('waits for a name of its own, an ingredient that stays, and a code', async () => {
    await open();
    await type('Name', 'Baking soda');
    expect(says()).toContain('There is a material with that name already.');
    await type('Name', '');
    expect(says()).toContain('Type the name you use for it.');
    await type('Name', 'Calendula oil');
    await type('Code on the label', '');
    expect(says()).toContain('Type the code for its label.');
    await type('Code on the label', 'MA-001');
    await type('Weight 1', '0');
    expect(says()).toContain('Add at least one ingredient that stays in it.');
    await submit();
    expect(made()).toBeUndefined();
  });

  it('is made again under the same name, as another lot', async () => {
    await open();
    await submit();
    document.body.innerHTML = '';
    await open({ again: made() });
    await submit();
    expect(lots().map(({ code }) => code)).toEqual(['MA-001', 'MA-002']);
  });
});

it('what could not be saved is said aloud, with a way out', async () => {
  const saving = useSavingStore();
  const mark = shop.show(SaveMark);
  expect(mark.text()).toBe('· saved');
  expect(mark.find('span').attributes('role')).toBeUndefined();
  saving.status = { kind: 'failed', reason: 'the drive is full' };
  await flushPromises();
  expect(mark.text()).toContain('Not saved: the drive is full. All you see is still here.');
  expect(mark.find('span').attributes('role')).toBe('alert');
  expect(mark.find('button').text()).toBe('Export now');
});
