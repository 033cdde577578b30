import { isWatery } from '../routes';
import type { Held, Moment } from '../walk';
import type { Rule } from './rule';

/** So long a mix with acid and water in it may stand before it is used. Rovack estimate: test again every few minutes. */
const MOST_MIN = 30;

/** Nothing that holds acid and water together stands and waits. */
export const acidAndWaterDoNotWait: Rule<'acid-and-water-do-not-wait'> = {
  code: 'acid-and-water-do-not-wait',
  reason:
    'Acid and soda react as soon as water brings them together. The fizz is gone before you sell it.',
  source: 'common practice',
  breaks: ({ moments }) => {
    const keys = new Set(moments.flatMap(({ after }) => [...after.keys()]));
    return [...keys].flatMap((key) => (isFinal(key) ? [] : standing(key, moments)));
  },
};

/** What is in the mold and on the tray dries. */
function isFinal(key: string): boolean {
  return key === 'mold' || key === 'tray' || key.startsWith('jar:');
}

function standing(key: string, moments: readonly Moment[]) {
  const first = moments.find(({ after }) => isMet(after.get(key) ?? []));
  if (!first) return [];
  const from = moments.indexOf(first);
  const used = moments.slice(from).find(({ after }) => !isMet(after.get(key) ?? []));
  const untilMin = (used ?? moments.at(-1))?.startMin ?? first.endMin;
  if (untilMin - first.endMin <= MOST_MIN) return [];
  return [
    {
      opId: first.operation.id,
      how: { minutes: Math.round(untilMin - first.endMin) },
      names: (first.after.get(key) ?? [])
        .filter(({ material }) => isWatery(material))
        .map(({ material }) => material.sentenceName),
    },
  ];
}

function isMet(held: readonly Held[]): boolean {
  return (
    held.some(({ material }) => material.role === 'acid' && !material.isLiquid) &&
    held.some(({ material }) => material.role === 'base') &&
    held.some(({ material }) => isWatery(material))
  );
}
