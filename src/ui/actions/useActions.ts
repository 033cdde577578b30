import { computed, onScopeDispose, shallowReactive, type ComputedRef } from 'vue';
import { isLetLie } from './letterKeys';
import { meantBy } from './pedal';
import { isMac, keyOf, shownKey, type Key } from './keys';

/** Something that can be done on the screen in view: its button, its key, its line in the search and in the list of keys. */
export interface Action {
  /** A verb and its thing, as on the button. */
  readonly name: string;
  readonly key?: Key;
  /** A second key for the same. */
  readonly also?: Key;
  readonly run: () => void;
  /** What it does while its key is held ends with this. */
  readonly release?: () => void;
  /** Cannot be done now. */
  readonly isOff?: boolean;
}

/** Actions of a text that was typed into the search: “add 5 g of kaolin”. */
export type Asked = (text: string) => readonly Action[];

interface Shown {
  readonly list: () => readonly Action[];
  readonly asked?: Asked;
}

const shown = shallowReactive(new Set<Shown>());

/**
 * Says what can be done while the calling screen is in view. What was said last comes first: a dialog before the screen under it.
 * @param asked what a typed text asks for
 */
export function useActions(list: () => readonly Action[], asked?: Asked): void {
  const one: Shown = { list, ...(asked && { asked }) };
  if (shown.size === 0) listen();
  shown.add(one);
  onScopeDispose(() => {
    shown.delete(one);
    if (shown.size === 0) stop();
  });
}

/** Everything that can be done now, what was said last first. */
export function useAllActions(): {
  readonly all: ComputedRef<readonly Action[]>;
  readonly askedFor: (text: string) => readonly Action[];
} {
  return {
    all: computed(() => [...shown].reverse().flatMap(({ list }) => list())),
    askedFor: (text) => [...shown].reverse().flatMap(({ asked }) => asked?.(text) ?? []),
  };
}

/** What a pointer that rests on a button is told. @example tipOf({ name: 'Undo', key: 'mod+z' }) // 'Undo (Ctrl+Z)' */
export function tipOf({ name, key }: Pick<Action, 'name' | 'key'>): string {
  return key === undefined ? name : `${name} (${shownKey(key, isMac())})`;
}

function listen(): void {
  window.addEventListener('keydown', onDown);
  window.addEventListener('keyup', onUp);
}
function stop(): void {
  window.removeEventListener('keydown', onDown);
  window.removeEventListener('keyup', onUp);
}

function actionsOf(event: KeyboardEvent): readonly Action[] {
  const sent = keyOf(event);
  const key = sent === null ? null : meantBy(sent);
  if (key === null || isLetLie(key) || isTyping(event.target as HTMLElement, key)) return [];
  return [...shown]
    .reverse()
    .flatMap(({ list }) => list())
    .filter((action) => action.key === key || action.also === key);
}

function onDown(event: KeyboardEvent): void {
  if (event.repeat || event.defaultPrevented) return;
  const action = actionsOf(event).find(({ isOff }) => isOff !== true);
  if (!action) return;
  event.preventDefault();
  action.run();
}

function onUp(event: KeyboardEvent): void {
  // What was begun ends, even where it could not be begun again.
  for (const { release } of actionsOf(event)) release?.();
}

/** Keys that are for the field or the button that has the focus. */
function isTyping(target: HTMLElement, key: Key): boolean {
  // The search is reached from everywhere.
  if (key === 'mod+k') return false;
  if (target.closest('textarea, select, [role="dialog"].v-overlay--active')) return true;
  // A field of grams takes digits; the letters on the buttons stay keys and never land in it.
  // A dialog on its way out still holds the focus: its fields take nothing more.
  const field = target.closest('[role="dialog"]') ? null : target.closest('input');
  if (field && !(field.inputMode === 'decimal' && /^[a-z]$/.test(key))) return true;
  // On a focused button the space bar already presses that button.
  return key === 'space' && target.closest('button, a, [role="tab"]') !== null;
}
