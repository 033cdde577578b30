import type { CollectionName } from '../records/names';

/** A record that is not taken, and why, in words. */
export interface Refused {
  readonly of: CollectionName | 'settings';
  readonly name: string;
  readonly why: string;
}

/** `QL-012 (its material moon-dust is on no shelf)` */
export function sayRefused({ name, why }: Refused): string {
  return `${name} (${why})`;
}
