import type { ClassSheet } from '@/core/work/class-sheet/classSheet';
import { listed } from '@/core/basics/format/names';
import { counted } from '@/core/basics/format/numbers';
import { formatLengths, formatLiters, formatMass } from '@/core/basics/format/quantities';
import type { Paper } from './papers';

/** A sheet for a class: amounts, steps, what happens, and how it stays safe. @param stops why this is none for children */
export function classPaper(name: string, sheet: ClassSheet, stops: readonly string[]): Paper {
  const { children, eachG, lines, acids, hasSoda, hasScent, gasL, balloonCm } = sheet;
  const forLeader = (isLiquid: boolean) =>
    lines.filter((line) => line.isForLeader && line.isLiquid === isLiquid).map((line) => line.name);
  const [powders, drops] = [forLeader(false), forLeader(true)];
  return {
    title: `${name} for a class`,
    sub: `${counted(children, 'child', 'children')}, ${formatMass(eachG)} each`,
    parts: [
      ...stops.map((text) => ({
        kind: 'text' as const,
        text: `Not for a class: ${text}`,
        isStrong: true,
      })),
      { kind: 'heading', text: 'Weigh' },
      {
        kind: 'table',
        head: ['Material', 'Each child', 'For all'],
        numbers: [1, 2],
        rows: lines.map((line) => [
          line.name,
          line.isForLeader ? 'the leader adds it' : formatMass(line.eachG, 1),
          formatMass(line.allG, line.allG < 1 ? 2 : line.allG < 10 ? 1 : 0),
        ]),
      },
      ...said(
        powders,
        (names) => `The leader weighs for everyone, and mixes into the soda first: ${names}.`,
      ),
      ...said(
        drops,
        (names) =>
          `The leader weighs for everyone, and gives it out in drops at the end: ${names}.`,
      ),
      { kind: 'heading', text: 'Make' },
      {
        kind: 'list',
        items: [
          'Dry your hands and the table. Water starts the fizz.',
          'Mix the powders in a cup until no lump is left.',
          'Add the liquids drop by drop, and mix right after each.',
          'Squeeze a handful. When it holds, press it firmly into the mold.',
          'Turn it out on paper. It is hard tomorrow.',
        ],
      },
      { kind: 'heading', text: 'What happens in water' },
      { kind: 'text', text: reaction(acids, hasSoda) },
      {
        kind: 'text',
        text:
          gasL > 0
            ? `One piece gives about ${formatLiters(gasL, 1)} of gas. It would fill a round balloon ${formatLengths([10 * balloonCm])} across.`
            : 'This mix gives no gas.',
      },
      { kind: 'heading', text: 'Stay safe' },
      {
        kind: 'list',
        items: [
          'Wear goggles. Powder in an eye: rinse with water for ten minutes.',
          'Do not taste it. Do not breathe the dust.',
          'Never close a bottle or a jar with a wet mix in it. The gas can burst it.',
          ...(hasScent ? ['The leader adds the scent, or leaves it out.'] : []),
          'Wash your hands at the end.',
          'Ask parents about allergies before the class.',
        ],
      },
    ],
  };
}

function said(names: readonly string[], say: (names: string) => string) {
  return names.length > 0 ? [{ kind: 'text' as const, text: say(listed(names)) }] : [];
}

function reaction(acids: readonly string[], hasSoda: boolean): string {
  if (!hasSoda || acids.length === 0)
    return 'This mix has no soda with an acid, so it does not fizz by itself.';
  return `Dry, baking soda and ${listed(acids)} lie side by side and nothing happens. Water lets them meet. They make bubbles of carbon dioxide, the gas in soda water, and a salt that dissolves.`;
}
