import { inSentence } from '@/core/basics/format/names';
import type { Clash } from './clash';
import { WISHES } from './wishes';

type Words = {
  readonly [C in Clash['code']]: (clash: Extract<Clash, { code: C }>) => string;
};

const WORDS: Words = {
  lock: ({ name, massG }) => `${inSentence(name)} locked at ${shown(massG)} g`,
  limit: ({ name }) => `${inSentence(name)} within its limit`,
  rate: ({ name }) => `${inSentence(name)} within its usual rate`,
  stays: ({ name }) => `${inSentence(name)} kept in the mix`,
  locks: ({ count }) => `the ${count} locked lines`,
  'all-rates': ({ count }) => `${count} materials within their usual rates`,
  'all-limits': ({ count }) => `${count} constituents of the scent within their limits`,
  'all-stay': ({ count }) => `the other ${count} lines kept in the mix`,
  sum: () => 'the sum of the lines',
  total: ({ totalG }) => `a total of ${shown(totalG)} g`,
  'wished-ratio': ({ ratio }) => `soda to acid at ${ratio}`,
  ratio: () => 'soda to acid in its window',
  damp: ({ isDrier, lowPct, highPct }) =>
    isDrier
      ? 'damp in the lower half of its window'
      : `damp from ${lowPct.toFixed(0)} to ${highPct.toFixed(0)}`,
  'free-water': () => 'free water low enough for this room',
  'scent-usual': ({ usualHighPct }) => `scent up to the family’s ${usualHighPct} %`,
  emulsifier: () => 'enough emulsifier for the oils',
  wish: ({ id }) => WISHES.find((wish) => wish.id === id)?.word ?? id,
};

/** What has to hold, as part of a sentence. */
export function sayClash(clash: Clash): string {
  return say(clash.code, clash);
}

function say<C extends Clash['code']>(code: C, clash: Clash): string {
  return WORDS[code](clash as Extract<Clash, { code: C }>);
}

function shown(massG: number): string {
  return Number(massG.toFixed(massG >= 100 ? 0 : 1)).toString();
}
