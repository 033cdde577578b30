import { listed } from '@/core/basics/format/names';
import { formatLengths } from '@/core/basics/format/quantities';
import type { LabelField, LaidLabel } from './types';

export const FIELD_WORDS: Readonly<Record<LabelField, string>> = {
  title: 'name',
  identity: 'kind of product',
  net: 'net weight',
  story: 'your text',
  ingredients: 'ingredients',
  directions: 'directions',
  cautions: 'cautions',
  languages: 'other languages',
  foot: 'maker, batch and date',
};

/** What does not fit, in words; null when all does. */
export function sayCut({ sides, heightMm, isRound }: LaidLabel): string | null {
  const cut = sides.filter(({ cut: of }) => of.length > 0);
  if (cut.length === 0) return null;
  const fields = listed(cut.flatMap((side) => side.cut.map((field) => FIELD_WORDS[field])));
  const needed = Math.ceil(Math.max(...cut.map(({ neededMm }) => neededMm)));
  const cure =
    sides.length === 1
      ? 'Print a back, leave the picture out, or make it larger.'
      : 'Make it larger, or fold a leaflet.';
  const size =
    isRound || needed <= heightMm
      ? ''
      : ` With the smallest letters allowed it needs to be ${formatLengths([needed])} high.`;
  return `Some fields don’t fit: ${fields}.${size} ${cure}`;
}
