/**
 * Keys as they are written in a list of actions: `space`, `?`, a letter or a digit, `mod+z`, `mod+shift+z`. `mod` is ⌘ on a Mac and
 * Ctrl elsewhere.
 */
export type Key = string;

interface Pressed {
  readonly key: string;
  readonly ctrlKey: boolean;
  readonly metaKey: boolean;
  readonly shiftKey: boolean;
  readonly altKey: boolean;
}

/** The key of an event in these words; null for a key of a combination that nothing here uses. */
export function keyOf({ key, ctrlKey, metaKey, shiftKey, altKey }: Pressed): Key | null {
  if (altKey) return null;
  const plain = key === ' ' ? 'space' : key.toLowerCase();
  if (!ctrlKey && !metaKey) return plain;
  return ['mod', ...(shiftKey ? ['shift'] : []), plain].join('+');
}

const NAMES: Readonly<Record<string, string>> = { space: 'space', shift: 'Shift' };

/** A key as the keyboard before the reader has it. @example shownKey('mod+z', false) // 'Ctrl+Z' */
export function shownKey(key: Key, isMac: boolean): string {
  const parts = key.split('+').map((part) => {
    if (part === 'mod') return isMac ? '⌘' : 'Ctrl';
    return NAMES[part] ?? part.toUpperCase();
  });
  return parts.join(isMac && key.startsWith('mod') ? '' : '+');
}

/** Does this device call its command key ⌘? */
export const isMac = (): boolean =>
  typeof navigator !== 'undefined' && /mac|iphone|ipad/i.test(navigator.userAgent);
