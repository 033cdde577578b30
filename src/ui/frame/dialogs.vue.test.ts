import { flushPromises } from '@vue/test-utils';
import { describe, expect, it, vi } from 'vitest';
import { button, drawn } from '../../../tests/fixtures/mountInPage';
import ActionMenu from './ActionMenu.vue';
import FormDialog from '@/ui/kit/FormDialog.vue';

const inPage = (words: string) =>
  [...document.querySelectorAll<HTMLElement>('button, [role=menuitem]')].find((one) =>
    one.textContent?.includes(words),
  );

describe('a menu of actions', () => {
  const ITEMS = [
    { value: 'copy', title: 'Copy it' },
    { value: 'drop', title: 'On hold', subtitle: 'It stays in old batches' },
  ];

  it('makes its list only when it is asked for, says that it is open, and gives what was chosen', async () => {
    const menu = drawn(ActionMenu, { props: { items: ITEMS }, slots: { default: 'More' } });
    expect(document.querySelector('[role=menu]')).toBeNull();
    const more = button(menu, 'More');
    expect(more.attributes()).toMatchObject({ 'aria-haspopup': 'menu', 'aria-expanded': 'false' });
    await more.trigger('click');
    await vi.waitFor(() => expect(inPage('On hold')).toBeDefined());
    expect(more.attributes('aria-expanded')).toBe('true');
    expect(inPage('On hold')?.textContent).toContain('It stays in old batches');
    inPage('On hold')?.click();
    expect(menu.emitted('choose')).toEqual([['drop']]);
  });
});

describe('a form over the page', () => {
  const open = (problem = '') =>
    drawn(FormDialog, {
      props: { modelValue: true, title: 'A lot', keep: 'Save', problem },
      slots: { default: '<input aria-label="Code">', below: '<p>Below</p>' },
    });

  it('gives the deed once, and keeps itself open until it is told to close', async () => {
    const form = open();
    await flushPromises();
    const deed = inPage('Save') as HTMLButtonElement;
    const submitted = document.querySelector('form');
    expect(deed.getAttribute('form')).toBe(submitted?.id);
    submitted?.dispatchEvent(new Event('submit', { cancelable: true }));
    expect(form.emitted('submit')).toHaveLength(1);
    expect(form.emitted('update:modelValue')).toBeUndefined();
  });

  it('says what is wrong to those who listen too', async () => {
    open('The code stands on another lot.');
    await flushPromises();
    expect(document.querySelector('[role=alert]')?.textContent).toBe(
      'The code stands on another lot.',
    );
  });

  it('goes back by Cancel without the deed', async () => {
    const form = open();
    await flushPromises();
    inPage('Cancel')?.click();
    expect(form.emitted('update:modelValue')).toEqual([[false]]);
    expect(form.emitted('submit')).toBeUndefined();
  });
});
