import type { Trait } from './types';

/** What a row says of its material, in place of what its kind says. */
export function traits(...list: readonly Trait[]): readonly Trait[] {
  return list;
}
