import { listed } from '@/core/basics/format/names';
import type { LabelField, LaidLabel } from './types';

export const FIELD_WORDS: Readonly<Record<LabelField, string>> = {
  title: 'the name',
  identity: 'what it is',
  net: 'the net weight',
  story: 'your own words',
  ingredients: 'the ingredients',
  directions: 'the directions',
  cautions: 'the cautions',
  languages: 'the other languages',
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
      ? 'Print a back, leave the picture out, or cut it larger'
      : 'Cut it larger, or fold a leaflet';
  const size =
    isRound || needed <= heightMm
      ? ''
      : ` At the smallest letters that are allowed it would be ${needed} mm high.`;
  return `Does not fit: ${fields}.${size} ${cure}.`;
}
