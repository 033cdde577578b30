import type { Catalog } from '@/core/matter/materials/catalog';
import type { FormulaBody } from '../model/schema';
import { nothingFound, type Action } from './found';
import { USUAL_SMALL_MEASURES } from './massOfMeasures';
import { takeSentence } from './sentences';
import { sentencesOf, wordsOf } from './words';

/** What the maker's own notes ask to be done, sentence by sentence, with the materials they name. */
export function actionsOfNotes(
  { notes = [], parts }: FormulaBody,
  catalog: Catalog,
): readonly Action[] {
  return notes.flatMap((note) => {
    const words = wordsOf(note);
    const found = nothingFound(words, { catalog, small: USUAL_SMALL_MEASURES });
    found.parts[0].lines.push(...parts.flatMap(({ lines }) => lines));
    found.isTold = true;
    for (const sentence of sentencesOf(words, 0, note.length))
      takeSentence(found, { ...sentence, number: 1, raw: note });
    return found.actions;
  });
}
