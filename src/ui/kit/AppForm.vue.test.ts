import { describe, expect, it } from 'vitest';
import { defineComponent, h, nextTick, ref } from 'vue';
import { button, drawn, field } from '../../../tests/fixtures/mountInPage';
import NumberField from '@/ui/fields/NumberField.vue';
import AppForm from './AppForm.vue';

/** A form of two figures, of which the second one may go away. */
function form() {
  const sent: string[] = [];
  const hasSecond = ref(true);
  const shown = drawn(
    defineComponent(() => {
      const [grams, cups] = [ref(12), ref(3)];
      const numberField = (label: string, value: typeof grams) =>
        h(NumberField, {
          modelValue: value.value,
          'onUpdate:modelValue': (next: number) => (value.value = next),
          label,
          min: 1,
          max: 100,
        });
      return () =>
        h(AppForm, { onSubmit: () => sent.push(`${grams.value} and ${cups.value}`) }, () => [
          numberField('Weight', grams),
          hasSecond.value ? numberField('Cups', cups) : null,
          h('button', { type: 'submit' }, 'Apply'),
        ]);
    }),
  );
  const type = async (label: string, text: string) => {
    await field(shown, label).setValue(text);
    await nextTick();
  };
  const apply = async () => {
    await shown.find('form').trigger('submit');
    await nextTick();
  };
  return { shown, sent, hasSecond, type, apply };
}

describe('a form', () => {
  it('does what it is for when each of its fields holds what it asks for', async () => {
    const { sent, type, apply, shown } = form();
    await type('Weight', '20');
    expect(button(shown, 'Apply').attributes('type')).toBe('submit');
    await apply();
    expect(sent).toEqual(['20 and 3']);
  });

  it('does nothing with the figure before, and goes to the field that is wrong', async () => {
    const { sent, type, apply, shown } = form();
    await type('Cups', 'plenty');
    await apply();
    expect(sent).toEqual([]);
    expect(document.activeElement).toBe(field(shown, 'Cups').element);
    await type('Cups', '4');
    await apply();
    expect(sent).toEqual(['12 and 4']);
  });

  it('forgets a field that was put away', async () => {
    const { sent, type, apply, hasSecond } = form();
    await type('Cups', '101');
    hasSecond.value = false;
    await nextTick();
    await nextTick();
    await apply();
    expect(sent).toEqual(['12 and 3']);
  });
});
