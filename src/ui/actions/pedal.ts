import { useLocalStorage } from '@vueuse/core';
import type { Key } from './keys';

/** Keys that a pedal or a remote sends, and the keys of the bench they stand for; of this browser. */
const pedals = useLocalStorage<Readonly<Record<string, Key>>>('rovack-pedal-keys', {});

export const usePedals = () => pedals;

/** The key that is meant by the one that was sent. */
export const meantBy = (key: Key): Key => pedals.value[key] ?? key;
