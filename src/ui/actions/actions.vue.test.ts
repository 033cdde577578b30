import { mount } from '@vue/test-utils';
import { afterEach, describe, expect, it } from 'vitest';
import { defineComponent, ref } from 'vue';
import { keyOf, shownKey } from './keys';
import { useLetterKeys } from './letterKeys';
import { usePedals } from './pedal';
import { tipOf, useActions, useAllActions, type Action } from './useActions';

const shown: { unmount: () => void }[] = [];
afterEach(() => {
  for (const one of shown.splice(0)) one.unmount();
  usePedals().value = {};
  useLetterKeys().value = true;
});
function screen(list: () => readonly Action[], asked?: (text: string) => readonly Action[]) {
  const wrapper = mount(
    defineComponent({
      setup() {
        useActions(list, asked);
        return () => null;
      },
    }),
  );
  shown.push(wrapper);
  return wrapper;
}
const press = (key: string, more: KeyboardEventInit = {}) => {
  const event = new KeyboardEvent('keydown', { key, bubbles: true, cancelable: true, ...more });
  document.body.dispatchEvent(event);
  return event.defaultPrevented;
};

describe('keys', () => {
  it('have one name each, whatever the keyboard', () => {
    const plain = { ctrlKey: false, metaKey: false, shiftKey: false, altKey: false };
    expect(keyOf({ ...plain, key: ' ' })).toBe('space');
    expect(keyOf({ ...plain, key: 'N', shiftKey: true })).toBe('n');
    expect(keyOf({ ...plain, key: '?', shiftKey: true })).toBe('?');
    expect(keyOf({ ...plain, key: 'k', ctrlKey: true })).toBe('mod+k');
    expect(keyOf({ ...plain, key: 'k', metaKey: true })).toBe('mod+k');
    expect(keyOf({ ...plain, key: 'Z', ctrlKey: true, shiftKey: true })).toBe('mod+shift+z');
    expect(keyOf({ ...plain, key: 'n', altKey: true })).toBeNull();
    expect([
      shownKey('mod+shift+z', false),
      shownKey('mod+z', true),
      shownKey('space', true),
    ]).toEqual(['Ctrl+Shift+Z', '⌘Z', 'space']);
    expect(tipOf({ name: 'Undo', key: 'u' })).toBe('Undo (U)');
    expect(tipOf({ name: 'Undo' })).toBe('Undo');
  });
});

describe('actions of what is in view', () => {
  it('are done by their keys, by a second one too, and not while they are off', () => {
    const done: string[] = [];
    const isOff = ref(true);
    screen(() => [
      { name: 'Search', key: 'mod+k', also: '/', run: () => done.push('search') },
      { name: 'Add', key: 'a', run: () => done.push('add'), isOff: isOff.value },
    ]);
    press('k', { ctrlKey: true });
    press('/');
    expect(press('a')).toBe(false);
    isOff.value = false;
    expect(press('a')).toBe(true);
    expect(done).toEqual(['search', 'search', 'add']);
  });

  it('of what came last come first, and go with it', () => {
    const done: string[] = [];
    screen(() => [{ name: 'Of the page', key: 'n', run: () => done.push('page') }]);
    const over = screen(() => [
      { name: 'Of the dialog', key: 'n', run: () => done.push('dialog') },
    ]);
    expect(useAllActions().all.value.map(({ name }) => name)).toEqual([
      'Of the dialog',
      'Of the page',
    ]);
    press('n');
    over.unmount();
    press('n');
    expect(done).toEqual(['dialog', 'page']);
    for (const one of shown.splice(0)) one.unmount();
    expect(press('n')).toBe(false);
  });

  it('may be asked for in words', () => {
    screen(
      () => [],
      (text) => (text.startsWith('add') ? [{ name: `Do: ${text}`, run: () => undefined }] : []),
    );
    expect(
      useAllActions()
        .askedFor('add 5 g')
        .map(({ name }) => name),
    ).toEqual(['Do: add 5 g']);
    expect(useAllActions().askedFor('remove')).toEqual([]);
  });

  it('leave single letters to who works by voice, and keep space and Ctrl', () => {
    const done: string[] = [];
    screen(() =>
      ['n', '?', 'space', 'mod+k'].map((key) => ({ name: key, key, run: () => done.push(key) })),
    );
    useLetterKeys().value = false;
    expect([press('n'), press('?')]).toEqual([false, false]);
    press(' ');
    press('k', { ctrlKey: true });
    expect(done).toEqual(['space', 'mod+k']);
  });

  it('are done by the key of a pedal that stands for theirs', () => {
    const done: string[] = [];
    screen(() => [{ name: 'Next', key: 'space', run: () => done.push('next') }]);
    expect(press('PageDown')).toBe(false);
    usePedals().value = { pagedown: 'space' };
    expect(press('PageDown')).toBe(true);
    press(' ');
    expect(done).toEqual(['next', 'next']);
  });
});
