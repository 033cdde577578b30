import { nextTick } from 'vue';

/**
 * A field whose text is about to be replaced while all of it is selected: what is typed next replaces the new text too, and
 * is not written behind it.
 */
export function reselect(field: HTMLInputElement | null): void {
  if (!field || document.activeElement !== field || field.value === '') return;
  if (field.selectionStart !== 0 || field.selectionEnd !== field.value.length) return;
  void nextTick(() => field.select());
}
