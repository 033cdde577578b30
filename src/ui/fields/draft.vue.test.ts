import type { DOMWrapper } from '@vue/test-utils';
import { nextTick } from 'vue';
import { describe, expect, it } from 'vitest';
import { drawn } from '../../../tests/fixtures/mountInPage';
import DraftField from './DraftField.vue';
import NumberField from './NumberField.vue';

/** As a hand types: nothing is committed by it. */
async function type(input: DOMWrapper<HTMLInputElement>, text: string): Promise<void> {
  input.element.value = text;
  await input.trigger('input');
}

describe('a text that is being typed', () => {
  const field = () => drawn(DraftField, { props: { modelValue: 'Quince', label: 'Name' } });

  it('survives what another tab commits, says it, and is written when the hand is done', async () => {
    const shown = field();
    const input = shown.find('input');
    await type(input, 'Quince at ni');
    await shown.setProps({ modelValue: 'Quince by day' });
    expect(input.element.value).toBe('Quince at ni');
    expect(shown.text()).toContain('Changed elsewhere to “Quince by day”');
    await type(input, 'Quince at night');
    await input.trigger('change');
    expect(shown.emitted('update:modelValue')).toEqual([['Quince at night']]);
  });

  it('is given back by Esc, as it is elsewhere', async () => {
    const shown = field();
    const input = shown.find('input');
    await type(input, 'Quince at ni');
    await shown.setProps({ modelValue: 'Quince by day' });
    await input.trigger('keydown.esc');
    await nextTick();
    expect(input.element.value).toBe('Quince by day');
    expect(shown.emitted('update:modelValue')).toBeUndefined();
  });

  it('follows what is committed elsewhere while no hand is in it', async () => {
    const shown = field();
    await shown.setProps({ modelValue: 'Quince by day' });
    expect(shown.find('input').element.value).toBe('Quince by day');
  });
});

it('a figure that is being typed survives too, and Esc takes the other one', async () => {
  const shown = drawn(NumberField, {
    props: { modelValue: 12, label: 'Cavities', min: 1, max: 99 },
  });
  const input = shown.find('input');
  await type(input, 'abc');
  await shown.setProps({ modelValue: 8 });
  expect(input.element.value).toBe('abc');
  expect(shown.text()).toContain('Type a number.');
  await input.trigger('keydown.esc');
  expect(input.element.value).toBe('8');
});
