import { z } from 'zod';
import { USUAL_CONDITIONS, type Conditions } from '../../src/core/conditions';
import { contractAnswer, evaluate, pieceOf } from '../../src/core/evaluation';
import { FAMILIES, METHODS, emptyBody, totalMassG, type FormulaBody } from '../../src/core/formula';
import { readRecipe } from '../../src/core/recipe-text';
import { SHIPPED, catalogWith, type Catalog } from '../../src/core/materials';
import { USUAL_SETTINGS, waterFor } from '../../src/core/workshop';
import { readWorkshopFile } from '../../src/storage/file';

const optionsSchema = z.object({
  family: z.enum(FAMILIES).optional(),
  method: z.enum(METHODS).optional(),
  'water-l': z.coerce.number().min(0.1).max(2000).optional(),
  'alkalinity-mg-l': z.coerce.number().min(0).max(2000).optional(),
  'temp-c': z.coerce.number().min(0).max(100).optional(),
  'humidity-pct': z.coerce.number().min(0).max(100).default(45),
  pieces: z.coerce.number().int().min(1).max(1_000_000).optional(),
  'piece-g': z.coerce.number().min(0.1).max(1_000_000).optional(),
});

export type Answer =
  { readonly ok: true; readonly value: object } | { readonly ok: false; readonly message: string };

/** The contract's answer for the text of a recipe or of an exported file, with the command line's options as written. */
export function answerFor(text: string, rawOptions: Readonly<Record<string, unknown>>): Answer {
  const parsed = optionsSchema.safeParse(rawOptions);
  if (!parsed.success) {
    const issue = parsed.error.issues[0];
    return { ok: false, message: `--${String(issue?.path[0])}: ${issue?.message}` };
  }
  const options = parsed.data;
  const found = text.trimStart().startsWith('{')
    ? bodyFromFile(text)
    : bodyFromRecipe(text, options.family);
  if (!found.ok) return found;
  const body: FormulaBody = {
    ...found.body,
    ...(options.family && { family: options.family }),
    ...(options.method && { method: options.method }),
  };
  const count = options.pieces ?? found.pieces ?? undefined;
  const pieceG = options['piece-g'];
  const asked = {
    ...(pieceG === undefined && count !== undefined && { count }),
    ...(pieceG !== undefined && { pieceG }),
  };
  const totalG = totalMassG(body);
  const usual = waterFor(body.family, USUAL_SETTINGS);
  const evaluation = evaluate(body, {
    ...USUAL_CONDITIONS,
    catalog: found.catalog,
    scentDocuments: found.scentDocuments,
    humidityPct: options['humidity-pct'],
    tub: {
      volumeL: options['water-l'] ?? usual.volumeL,
      alkalinityMgL: options['alkalinity-mg-l'] ?? usual.alkalinityMgL,
      tempC: options['temp-c'] ?? usual.tempC,
    },
    pieceG: totalG > 0 ? pieceOf(totalG, asked).massG : null,
  });
  return { ok: true, value: contractAnswer(body, evaluation, asked, found.catalog) };
}

type Found =
  | {
      readonly ok: true;
      readonly body: FormulaBody;
      readonly pieces: number | null;
      readonly catalog: Catalog;
      readonly scentDocuments: Conditions['scentDocuments'];
    }
  | { readonly ok: false; readonly message: string };

function bodyFromRecipe(text: string, family: FormulaBody['family'] = 'bath-bomb'): Found {
  const read = readRecipe(text, SHIPPED);
  if (!read.ok) return { ok: false, message: read.problem.message };
  const { parts, unread, pieces } = read.recipe;
  return { ok: true, body: { ...emptyBody(family), parts, unread }, pieces, ...NOTHING_OWN };
}

const NOTHING_OWN = { catalog: SHIPPED, scentDocuments: [] } as const;

/** The first formula of an exported file, with what its workshop knows. */
function bodyFromFile(text: string): Found {
  const read = readWorkshopFile(text);
  if (!read.ok) return { ok: false, message: read.problem.message };
  const { formulas, materials, settings } = read.workshop;
  const [formula] = formulas;
  return formula
    ? {
        ok: true,
        body: formula.body,
        pieces: null,
        catalog: catalogWith(materials),
        scentDocuments: settings?.scentDocuments ?? [],
      }
    : { ok: false, message: 'The file holds no formula.' };
}
