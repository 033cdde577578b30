import type { Conditions } from '../../src/core/results/conditions/types';
import type { FormulaBody } from '../../src/core/formula/model/schema';
import { SHIPPED, catalogWith, type Catalog } from '../../src/core/matter/materials/catalog';
import type { SupplierDocument } from '../../src/core/results/scent/documents';
import { scentDocumentsFor } from '../../src/core/results/scent/scentDocuments';
import { bodyOfRecipe } from '../../src/core/formula/reading/bodyOfRecipe';
import { readRecipe, type RecipeReading } from '../../src/core/formula/reading/readRecipe';
import { readWorkshopFile } from '../../src/storage/file/read';

export type Found =
  | {
      readonly ok: true;
      readonly body: FormulaBody;
      readonly pieces: number | null;
      /** Was the family read from the text? */
      readonly familyGuessed: boolean;
      readonly askedParts: RecipeReading['askedParts'];
      /** The page as it was read; null for a formula out of a file. */
      readonly page: RecipeReading | null;
      readonly catalog: Catalog;
      readonly scentDocuments: Conditions['scentDocuments'];
    }
  | { readonly ok: false; readonly message: string };

/** What was found, with the documents as they stand. */
type Read =
  | (Omit<Extract<Found, { ok: true }>, 'scentDocuments'> & {
      readonly documents: readonly SupplierDocument[];
    })
  | Extract<Found, { ok: false }>;

function bodyFromRecipe(text: string, family?: FormulaBody['family']): Read {
  const read = readRecipe(text, SHIPPED);
  if (!read.ok) return { ok: false, message: read.problem.message };
  const { pieces, askedParts } = read.recipe;
  return {
    ok: true,
    body: bodyOfRecipe(read.recipe, family ? { family } : {}),
    pieces,
    familyGuessed: family === undefined,
    askedParts,
    page: read.recipe,
    catalog: SHIPPED,
    documents: [],
  };
}

/** The first formula of an exported file, with what its workshop knows. */
function bodyFromFile(text: string): Read {
  const read = readWorkshopFile(text);
  if (!read.ok) return { ok: false, message: read.problem.message };
  const { formulas, materials, documents } = read.workshop;
  const [formula] = formulas;
  return formula
    ? {
        ok: true,
        body: formula.body,
        pieces: formula.body.yieldPieces ?? null,
        familyGuessed: false,
        askedParts: [],
        page: null,
        catalog: catalogWith(materials),
        documents,
      }
    : { ok: false, message: 'The file has no formula.' };
}

/** The formula of a recipe's text or of an exported file, with what the command line says of it. */
export function bodyFrom(
  text: string,
  { family, method }: Partial<Pick<FormulaBody, 'family' | 'method'>>,
): Found {
  const found = text.trimStart().startsWith('{')
    ? bodyFromFile(text)
    : bodyFromRecipe(text, family);
  if (!found.ok) return found;
  const { documents, ...others } = found;
  const body = { ...found.body, ...(family && { family }), ...(method && { method }) };
  return { ...others, body, scentDocuments: scentDocumentsFor(body.family, documents) };
}
