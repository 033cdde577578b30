import { heldIn } from '../walk';
import type { BrokenBy, Rule } from './rule';

/** From this long on it is the long mix of the machine. */
const LONG_MIX_MIN = 10;

/** No long mixing of a single powder, and no counting of pieces that are not there yet. */
export const nothingBeforeItExists: Rule<'nothing-before-it-exists'> = {
  code: 'nothing-before-it-exists',
  reason: 'One powder alone needs no mixing. You can’t count or wrap what is not formed yet.',
  source: 'common practice',
  breaks: ({ body, moments }) => {
    const isLoose = body.method === 'loose';
    let isFormed = false;
    let isPacked = false;
    return moments.flatMap(
      ({ operation, before }): readonly BrokenBy<'nothing-before-it-exists'>[] => {
        const { op, id } = operation;
        if (op === (isLoose ? 'tray' : 'fill')) isFormed = true;
        if (op === 'jar') isPacked = true;
        const isThere = isLoose && (op === 'count' || op === 'wrap') ? isPacked : isFormed;
        const isEarly =
          !isThere && (op === 'count' || op === 'wrap' || op === 'ice' || op === 'paint');
        if (isEarly) return [{ opId: id, how: 'early', names: [] }];
        const held = [...heldIn(before, operation.vessel), ...heldIn(before, operation.from)];
        const ids = new Set(held.map(({ material }) => material.id));
        const isPowder = held.length > 0 && held.every(({ material }) => !material.isLiquid);
        return op === 'mix' && operation.minutes >= LONG_MIX_MIN && ids.size < 2 && isPowder
          ? [{ opId: id, how: 'one', names: held.map(({ material }) => material.sentenceName) }]
          : [];
      },
    );
  },
};
