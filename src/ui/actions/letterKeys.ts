import { useLocalStorage } from '@vueuse/core';
import type { Key } from './keys';

/** Single letters, digits and signs as keys: who works by voice turns them off, for a spoken word would press them all. */
const isOn = useLocalStorage('rovack-letter-keys', true);

export const useLetterKeys = () => isOn;

/** Is this key left to the page? Source: WCAG 2.2, criterion 2.1.4. */
export const isLetLie = (key: Key): boolean => !isOn.value && /^.$/u.test(key);
