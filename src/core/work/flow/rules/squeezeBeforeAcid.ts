import { heldIn } from '../walk';
import type { Rule } from './rule';

/** With the acid last, the mix is squeezed before the acid is in; powders that nothing has wetted yet tell a hand nothing. */
export const squeezeBeforeAcid: Rule<'squeeze-before-acid'> = {
  code: 'squeeze-before-acid',
  reason: 'Before the acid you can still fix a wet mix. After it, the mix reacts.',
  source: 'common practice',
  breaks: ({ body, moments }) => {
    if (body.school !== 'acid-last' || body.method === 'loose') return [];
    const main = body.parts[0];
    const acidAt = moments.findIndex(
      ({ operation, after }) =>
        operation.partId === main?.id &&
        heldIn(after, operation.vessel).some(
          ({ line }) => line.phase === 'acid' && main.lines.includes(line),
        ),
    );
    const squeezeAt = moments.findIndex(({ operation }) => operation.op === 'squeeze');
    const atAcid = moments[acidAt];
    const isWet =
      atAcid !== undefined &&
      heldIn(atAcid.before, atAcid.operation.vessel).some(({ material }) => material.isLiquid);
    if (!isWet || (squeezeAt >= 0 && squeezeAt < acidAt)) return [];
    return [{ opId: atAcid.operation.id, how: null, names: [] }];
  },
};
