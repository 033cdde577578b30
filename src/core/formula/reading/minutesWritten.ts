import type { Catalog } from '@/core/matter/materials/catalog';
import type { OpKind } from '../model/kinds';
import { scan } from './phrases/scan';
import { wordsOf } from './words';

/** Times in a written line by what they are spent on: `rose petals 10 g, infused two days`, `soak this overnight`. */
export function minutesWritten(
  written: string,
  catalog: Catalog,
): ReadonlyArray<readonly [OpKind, number]> {
  if (!/\d|day|hour|night|week/i.test(written)) return [];
  const found: (readonly [OpKind, number])[] = [];
  let op: OpKind | null = null;
  for (const phrase of scan({ words: wordsOf(written), catalog }, 0, written.length).flatMap(
    (one) => (one.kind === 'bracket' ? one.inner : [one]),
  )) {
    if ((phrase.kind === 'verb' || phrase.kind === 'doing') && phrase.op) op = phrase.op;
    if (phrase.kind === 'time' && op) found.push([op, phrase.minutes]);
  }
  return found;
}
