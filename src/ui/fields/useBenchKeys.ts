import { useEventListener } from '@vueuse/core';

/** Keys of a bench step: `space` and the letters on the buttons. A pedal sends the same keys. Typing words in a field is left alone. */
export function useBenchKeys(
  keys: Readonly<Record<string, () => void>>,
  released: Readonly<Record<string, () => void>> = {},
): void {
  useEventListener('keydown', (event: KeyboardEvent) => handle(event, keys));
  useEventListener('keyup', (event: KeyboardEvent) => handle(event, released));
}

function handle(event: KeyboardEvent, keys: Readonly<Record<string, () => void>>): void {
  if (event.ctrlKey || event.metaKey || event.altKey || event.repeat) return;
  const target = event.target as HTMLElement;
  if (target.closest('textarea, select, [role="dialog"].v-overlay--active')) return;
  const name = event.key === ' ' ? 'space' : event.key.toLowerCase();
  // A field of grams takes digits; the letters on the buttons stay keys and never land in it.
  // A dialog on its way out still holds the focus: its fields take nothing more.
  const field = target.closest('[role="dialog"]') ? null : target.closest('input');
  if (field && !(field.inputMode === 'decimal' && /^[a-z]$/.test(name))) return;
  // On a focused button the space bar already presses that button.
  if (name === 'space' && target.closest('button, a')) return;
  const act = keys[name];
  if (!act) return;
  event.preventDefault();
  act();
}
