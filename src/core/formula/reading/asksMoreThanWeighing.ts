import type { Catalog } from '@/core/matter/materials/catalog';
import { littleAt } from './phrases/lexicon';
import { scan } from './phrases/scan';
import { wordsOf } from './words';

/** Does a written line ask for more than its weight: until something is seen, for some time, a spoon at a time, sieved? */
export function asksMoreThanWeighing(written: string, catalog: Catalog): boolean {
  const words = wordsOf(written);
  return scan({ words, catalog }, 0, written.length).some((phrase) => {
    const inner = phrase.kind === 'bracket' ? phrase.inner : [phrase];
    return inner.some(
      ({ kind, from, ...rest }) =>
        kind === 'until' ||
        kind === 'time' ||
        (kind === 'doing' && 'op' in rest && (rest.op === 'sieve' || rest.op === 'soak')) ||
        (kind === 'remark' && littleAt(words.low, from) !== null && /at a time/.test(words.low)),
    );
  });
}
