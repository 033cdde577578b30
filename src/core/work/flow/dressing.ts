import { linesOf, type Cook } from './cook';
import { isSetFat } from './routes';
import type { Operation } from './types';
import { wetting } from './wetting';

/** Icing sets in its dish, and a melted drizzle in its pan. Common practice. */
const STANDS_MAX_MIN = 30;

/** What is on a piece dries or sets before anything else is done to it, minutes: icing two to three days, paint an hour or two, a drizzle as it cools. Common practice. */
export const DRESSING_WAIT_MIN = { ice: 48 * 60, paint: 2 * 60, drizzle: 30 } as const;

/** Melted over the piece rather than brushed on. */
export function isDrizzle(cook: Cook): boolean {
  return /drizzle/i.test(cook.part.name) || cook.routed.some(({ material }) => isSetFat(material));
}

/** Icing, drizzle and paint: made when the pieces are ready for them, and used at once. */
export function dressing(cook: Cook): readonly Operation[] {
  const dish = cook.in('dish');
  const later = (operation: Operation): Operation => ({ ...operation, isLater: true });
  const wet = wetting(cook, dish);
  const dry = linesOf(
    cook.by('powder', 'coarse', 'foam', 'acid', 'rub', 'bloom', 'bloom-water', 'top', 'floor'),
  );
  const made = [
    ...wet.infusing,
    ...wet.heating,
    ...cook.weigh(dry, dish),
    ...wet.beaker,
    ...cook.weigh(linesOf(cook.by('spray')), dish),
    ...(cook.routed.length > 1
      ? [cook.op('mix', 'mix-part', dish, { waitMaxMin: STANDS_MAX_MIN })]
      : []),
  ].map(later);
  const onPieces = (op: 'ice' | 'paint', saying: keyof typeof DRESSING_WAIT_MIN) =>
    cook.op(op, saying, cook.in('tray'), {
      from: dish,
      isLater: true,
      waitMinMin: DRESSING_WAIT_MIN[saying],
    });
  if (cook.part.kind === 'icing') return [...made, onPieces('ice', 'ice')];
  return [...made, onPieces('paint', isDrizzle(cook) ? 'drizzle' : 'paint')];
}
