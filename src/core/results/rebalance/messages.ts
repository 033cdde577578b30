import { counted, formatPercent, formatRange } from '@/core/basics/format/numbers';
import { formatMass } from '@/core/basics/format/quantities';
import type { Clash } from './clash';
import { WISHES } from './wishes';

type Words = {
  readonly [C in Clash['code']]: (clash: Extract<Clash, { code: C }>) => string;
};

const WORDS: Words = {
  lock: ({ name, massG }) => `The lock of ${name} at ${formatMass(massG)}`,
  limit: ({ name }) => `The limit of ${name}`,
  rate: ({ name }) => `The usual rate of ${name}`,
  stays: ({ name }) => `Keeping ${name} in the mix`,
  locks: ({ count }) => `The ${counted(count, 'locked line')}`,
  'all-rates': ({ count }) => `The usual rates of ${counted(count, 'material')}`,
  'all-limits': ({ count }) => `The limits of ${counted(count, 'scent constituent')}`,
  'all-stay': ({ count }) => `Keeping the other ${counted(count, 'line')} in the mix`,
  sum: () => 'The sum of the lines',
  total: ({ totalG }) => `A total of ${formatMass(totalG)}`,
  'wished-ratio': ({ ratio }) => `Soda to acid at ${ratio}`,
  ratio: () => 'Soda to acid in its range',
  damp: ({ isDrier, lowPct, highPct }) =>
    isDrier
      ? 'Moisture in the lower half of its range'
      : `Moisture in its range, ${formatRange(lowPct, highPct, 0)}`,
  'free-water': () => 'Loose water that this room allows',
  'scent-usual': ({ usualHighPct }) => `Scent up to ${formatPercent(usualHighPct)}`,
  emulsifier: () => 'Enough emulsifier for the oils',
  wish: ({ id }) => `The wish “${WISHES.find((wish) => wish.id === id)?.word ?? id}”`,
};

/** What has to hold. */
export function sayClash(clash: Clash): string {
  return say(clash.code, clash);
}

function say<C extends Clash['code']>(code: C, clash: Clash): string {
  return WORDS[code](clash as Extract<Clash, { code: C }>);
}
