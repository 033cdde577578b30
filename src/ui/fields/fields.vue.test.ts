import { describe, expect, it, vi } from 'vitest';
import { nextTick, ref } from 'vue';
import { button, drawn, field } from '../../../tests/fixtures/mountInPage';
import AllergenField from './AllergenField.vue';
import ChoiceRow from '@/ui/kit/ChoiceRow.vue';
import MaterialPicker from './MaterialPicker.vue';
import MoldFields from './MoldFields.vue';
import NumberField from './NumberField.vue';
import { reselect } from './reselect';
import { useActions } from '@/ui/actions/useActions';
import { useConfirmTwice } from './useConfirmTwice';

describe('a field of a number', () => {
  function number(change: object = {}) {
    const shown = drawn(NumberField, {
      props: { modelValue: 12, label: 'Weight', min: 1, max: 2000, ...change },
    });
    const type = async (text: string) => {
      await field(shown, 'Weight').setValue(text);
      return {
        value: shown.emitted('update:modelValue')?.at(-1)?.[0],
        text: shown.text(),
      };
    };
    return { shown, type };
  }

  it.each([
    ['1', 1],
    ['2000', 2000],
    ['2,000', 2000],
    ['12.345', 12.345],
    ['1/2', undefined],
  ])('takes “%s” as %s', async (text, value) => {
    expect((await number().type(text)).value).toBe(value);
  });

  it.each([
    ['0.999', 'Type a number from 1 to 2,000.'],
    ['2000.1', 'Type a number from 1 to 2,000.'],
    ['plenty', 'Type a number.'],
    ['', 'Type a number.'],
  ])('keeps “%s” in sight, says “%s” and does not take it', async (typed, problem) => {
    const { shown, type } = number();
    const { value, text } = await type(typed);
    expect(value).toBeUndefined();
    expect(text).toContain(problem);
    expect((field(shown, 'Weight').element as HTMLInputElement).value).toBe(typed);
    expect((await type('5')).text).not.toContain(problem);
  });

  it('of whole ones takes no half', async () => {
    const { type } = number({ decimals: 0 });
    expect(await type('2.5')).toMatchObject({ value: undefined });
    expect((await type('2.5')).text).toContain('Type a whole number.');
    expect((await type('3')).value).toBe(3);
  });

  it('follows a value from elsewhere, and leaves what is being typed of the same value', async () => {
    const { shown, type } = number();
    const input = field(shown, 'Weight').element as HTMLInputElement;
    await type('12.50');
    await shown.setProps({ modelValue: 12.5 });
    expect(input.value).toBe('12.50');
    await shown.setProps({ modelValue: 8.12345 });
    // The hand is still in it: what it typed stays, and the other value is said.
    expect(input.value).toBe('12.50');
    expect(shown.text()).toContain('Changed elsewhere to 8.123');
    await field(shown, 'Weight').trigger('keydown.esc');
    expect(input.value).toBe('8.123');
    expect(
      (field(number({ decimals: 1, modelValue: 8.16 }).shown, 'Weight').element as HTMLInputElement)
        .value,
    ).toBe('8.2');
  });
});

it('a row of words says which of them is chosen', async () => {
  const shown = drawn(
    ChoiceRow as never,
    {
      props: {
        modelValue: 'press',
        items: [
          { value: 'press', word: 'Pressed' },
          { value: 'jar', word: 'In a jar' },
        ],
      },
    } as never,
  );
  expect(button(shown, 'Pressed').attributes('aria-pressed')).toBe('true');
  expect(button(shown, 'In a jar').attributes('aria-pressed')).toBe('false');
  await button(shown, 'In a jar').trigger('click');
  expect(shown.emitted('update:modelValue')).toEqual([['jar']]);
});

describe('a list of allergens as it stands on a paper', () => {
  const paper = () => drawn(AllergenField, { props: { modelValue: [] } });

  it('is taken whole when each line reads', async () => {
    const shown = paper();
    await shown.find('textarea').setValue('Linalool 3.2\nLimonene 0.5%');
    expect(shown.emitted('fits')?.at(-1)).toEqual([true]);
    const taken = shown.emitted('update:modelValue')?.at(-1)?.[0] as readonly {
      sharePct: number;
    }[];
    expect(taken).toHaveLength(2);
  });

  it('is not taken while a line does not read, and that line is said', async () => {
    const shown = paper();
    await shown.find('textarea').setValue('Linalool 3.2\nsmells nice');
    expect(shown.emitted('fits')?.at(-1)).toEqual([false]);
    expect(shown.emitted('update:modelValue')).toBeUndefined();
    expect(shown.text()).toContain('“smells nice”: type a name and its share of the scent in %');
  });
});

describe('a picker of materials', () => {
  async function searched(words: string, props: object = {}) {
    const shown = drawn(MaterialPicker, {
      props: { modelValue: null, label: 'Product', ...props },
    });
    const input = shown.find('input');
    await input.trigger('mousedown');
    await input.setValue(words);
    await nextTick();
    await nextTick();
    const menu = () => document.querySelector('.v-overlay-container')?.textContent ?? '';
    return { shown, menu };
  }

  it('finds a material by a name people write', async () => {
    const { menu } = await searched('bicarb');
    await vi.waitFor(() => expect(menu()).toContain('Baking soda'));
  });

  it('refuses what must not be in a fizzing product, with the reason, and does not offer to make it', async () => {
    const { menu } = await searched('bleach', { canMake: true });
    await vi.waitFor(() => expect(menu()).toContain('must not be in a fizzing product'));
    expect(menu()).not.toContain('a material');
  });

  it('offers to make what is not on file, where it may', async () => {
    const { shown, menu } = await searched('Moon dust ', { canMake: true });
    await vi.waitFor(() => expect(menu()).toContain('Add “Moon dust”'));
    [...document.querySelectorAll<HTMLElement>('.v-list-item')]
      .find((one) => one.textContent?.includes('Moon dust'))
      ?.click();
    expect(shown.emitted('make')).toEqual([['Moon dust']]);
    const { menu: plain } = await searched('Moon dust');
    await vi.waitFor(() => expect(plain()).toContain('No material by that name'));
  });
});

describe('the measures of a mold', () => {
  const labels = (mold: object) =>
    drawn(MoldFields, { props: { modelValue: mold } as never })
      .findAll('label')
      .map((one) => one.text())
      .filter((text) => text !== 'Shape');

  it('are those of its shape, each once', () => {
    const once = (mold: object) => [...new Set(labels(mold))];
    expect(once({ shape: 'sphere', diameterMm: 60 })).toEqual(['Diameter, mm']);
    expect(once({ shape: 'cylinder', diameterMm: 60, heightMm: 20 })).toEqual([
      'Diameter, mm',
      'Height, mm',
    ]);
    expect(once({ shape: 'own-volume', volumeMl: 90, figure: 'heart' })).toEqual([
      'Water it holds, mL',
    ]);
  });

  it('change one at a time, and keep the others', async () => {
    const shown = drawn(MoldFields, {
      props: { modelValue: { shape: 'cylinder', diameterMm: 60, heightMm: 20 } } as never,
    });
    await field(shown, 'Height').setValue('25');
    expect(shown.emitted('update:modelValue')).toEqual([
      [{ shape: 'cylinder', diameterMm: 60, heightMm: 25 }],
    ]);
    await field(shown, 'Height').setValue('301');
    expect(shown.emitted('update:modelValue')).toHaveLength(1);
  });
});

describe('keys at the bench', () => {
  function bench(html: string) {
    const pressed: string[] = [];
    drawn({
      setup: () =>
        useActions(() =>
          ['space', 'n', '5'].map((key) => ({
            name: key,
            key,
            run: () => void pressed.push(key),
            ...(key === 'space' && { release: () => void pressed.push('up') }),
          })),
        ),
      template: '<i />',
    });
    const page = document.createElement('div');
    page.innerHTML = html;
    document.body.append(page);
    const press = (key: string, on = 'body', more: KeyboardEventInit = {}) => {
      const event = new KeyboardEvent('keydown', { key, bubbles: true, cancelable: true, ...more });
      document.querySelector(on)?.dispatchEvent(event);
      return event.defaultPrevented;
    };
    return { pressed, press };
  }

  it('act, upper case as lower, and nothing else of the page hears them', () => {
    const { pressed, press } = bench('');
    expect(press(' ')).toBe(true);
    expect(press('N')).toBe(true);
    expect(press('q')).toBe(false);
    document.body.dispatchEvent(new KeyboardEvent('keyup', { key: ' ', bubbles: true }));
    expect(pressed).toEqual(['space', 'n', 'up']);
  });

  it.each([
    ['held down', { repeat: true }],
    ['with Ctrl', { ctrlKey: true }],
    ['with Meta', { metaKey: true }],
    ['with Alt', { altKey: true }],
  ])('do nothing %s', (_, more) => {
    const { pressed, press } = bench('');
    expect(press('n', 'body', more)).toBe(false);
    expect(pressed).toEqual([]);
  });

  it('leave words to the fields they are typed in, and digits to a field of grams', () => {
    const { pressed, press } = bench(
      '<textarea></textarea><input class="name"><input class="grams" inputmode="decimal"><button>Go</button>',
    );
    for (const on of ['textarea', '.name']) expect(press('n', on)).toBe(false);
    expect(press('5', '.grams')).toBe(false);
    expect(press(' ', '.grams')).toBe(false);
    expect(press('n', '.grams')).toBe(true);
    expect(press(' ', 'button')).toBe(false);
    expect(press('n', 'button')).toBe(true);
    expect(pressed).toEqual(['n', 'n']);
  });

  it('are asleep under an open dialog', () => {
    const { pressed, press } = bench(
      '<div role="dialog" class="v-overlay--active"><b>Really?</b></div>',
    );
    press('n', 'b');
    expect(pressed).toEqual([]);
  });
});

it('a doubt is asked once, and again when it is another or was answered', () => {
  const problem = ref('');
  const { isSure } = useConfirmTwice(problem);
  expect(isSure(null)).toBe(true);
  expect(isSure('Ten times as much?')).toBe(false);
  expect(problem.value).toBe('Ten times as much? Press again if it is.');
  expect(isSure('So little?')).toBe(false);
  expect(isSure('So little?')).toBe(true);
  expect(isSure('So little?')).toBe(false);
});

it('a field whose text is replaced while all of it is selected has the new text selected', async () => {
  const input = document.createElement('input');
  document.body.append(input);
  input.value = '220';
  input.focus();
  input.select();
  reselect(input);
  input.value = '1,234';
  await nextTick();
  expect([input.selectionStart, input.selectionEnd]).toEqual([0, 5]);
  input.setSelectionRange(2, 2);
  reselect(input);
  input.value = '5';
  await nextTick();
  expect(input.selectionEnd === 1 && input.selectionStart === 0).toBe(false);
});
