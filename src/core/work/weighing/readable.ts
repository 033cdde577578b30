/** What a scale says of itself; busy when another program holds its port. */
export type ScaleState = 'ready' | 'overload' | 'unplugged' | 'busy';

export type Readable =
  | { readonly ok: true; readonly massG: number }
  | { readonly ok: false; readonly code: Exclude<ScaleState, 'ready'> | 'empty' | 'not-typed' };

/**
 * What may be written from a scale, or from what was typed: a weight over 0 of a scale that reads.
 * @param massG grams shown or typed; null for text that is no number
 * @param state of a live scale; null for typed grams
 */
export function readable(massG: number | null, state: ScaleState | null): Readable {
  if (state !== null && state !== 'ready') return { ok: false, code: state };
  if (massG === null || !(massG > 0))
    return { ok: false, code: state === null ? 'not-typed' : 'empty' };
  return { ok: true, massG };
}
