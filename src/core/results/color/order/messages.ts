import { keysOf } from '@/core/basics/records';
import { listed } from '@/core/basics/format/names';
import { counted, formatFixed } from '@/core/basics/format/numbers';
import { SAME_COLOR, type ColorFound, type Colored } from './colorToOrder';
import type { LeftOut, OrderFor } from './orderFor';

/** Difference of colors in words, by ΔE2000. Common practice. */
const CLEAR = 3;
const FAR = 10;

/** How near a color came: `the same to the eye`. @param deltaE 0 or more */
export function nearnessWords(deltaE: number): string {
  if (deltaE <= SAME_COLOR) return 'the same to the eye';
  if (deltaE <= CLEAR) return 'close, but seen side by side';
  return deltaE <= FAR ? 'clearly different' : 'another color';
}

const WHY: Readonly<Record<LeftOut, (names: string, count: number) => string>> = {
  'unknown-hue': (names) =>
    `Rovack doesn’t know the hue of ${names}. Name a color like it on the Shelf.`,
  'does-not-tint': (names, count) =>
    count === 1 ? `${names} does not tint the water.` : `${names} do not tint the water.`,
  unsafe: (names, count) =>
    count === 1
      ? `${names} may not meet what is in this formula.`
      : `${names} may not meet what is in this formula.`,
  'not-listed': (names, count) =>
    count === 1
      ? `${names} is not listed for this use in the markets you chose.`
      : `${names} are not listed for this use in the markets you chose.`,
  'no-room': (names, count) =>
    count === 1
      ? `${names} has no room left under its rate or the loose water.`
      : `${names} have no room left under their rates or the loose water.`,
};

/** Why each color that was there may not be used, a sentence for each reason. */
export function leftOutSentences(leftOut: OrderFor['leftOut']): readonly string[] {
  return keysOf(WHY).flatMap((why) => {
    const names = [
      ...new Set(leftOut.flatMap((one) => (one.why === why ? [one.material.sentenceName] : []))),
    ];
    if (names.length === 0) return [];
    const said = names.length > 4 ? `${names.length} other colors` : listed(names);
    return [capitalized(WHY[why](said, names.length))];
  });
}

const capitalized = (text: string) => text.charAt(0).toUpperCase() + text.slice(1);

const THING: Readonly<Record<Colored['kind'], string>> = { dry: 'piece', tub: 'water' };

/** What was reached and what keeps it from more. @param offered how many colorants might be used */
export function foundSentence(
  kind: Colored['kind'],
  { lines, deltaE, atRate }: ColorFound,
  offered: number,
): string {
  const thing = THING[kind];
  const difference = `ΔE ${formatFixed(deltaE, 1)}`;
  if (offered === 0)
    return kind === 'dry'
      ? `None of these colors can color the ${thing}. Add a color to the shelf, or choose from all colors.`
      : `None of these colors can tint the ${thing}. Add a dye to the shelf, or choose from all colors.`;
  if (lines.length === 0)
    return deltaE <= SAME_COLOR
      ? `The ${thing} already has this color (${difference}).`
      : `No color brings the ${thing} nearer. It stays as it is (${difference}).`;
  if (deltaE <= SAME_COLOR)
    return `Reached with ${counted(lines.length, 'colorant')}: ${difference}, ${nearnessWords(deltaE)}.`;
  const nearest = `Can’t be reached. The nearest is ${difference}, ${nearnessWords(deltaE)}.`;
  if (atRate.length > 0)
    return `${nearest} More ${listed(atRate.map(({ sentenceName }) => sentenceName))} would go over the rate and may stain.`;
  return kind === 'tub'
    ? `${nearest} No mixture of these colors makes this hue and depth in the water.`
    : `${nearest} No mixture of these colors makes this hue and depth.`;
}
