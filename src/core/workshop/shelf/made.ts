import type { Lot } from './lot';

/** What a lot that was made here took off others; empty for one that was bought. */
export function madeFrom({
  premix,
  made,
}: Pick<Lot, 'premix' | 'made'>): readonly { readonly lotId: string; readonly massG: number }[] {
  return premix?.madeFrom ?? made?.from ?? [];
}

/** Does it still stand: an infusion, a soak? @param now ISO 8601 or the end of an ISO day */
export function isReady({ made }: Pick<Lot, 'made'>, now: string): boolean {
  return made === undefined || Date.parse(made.readyAt) <= Date.parse(now);
}
