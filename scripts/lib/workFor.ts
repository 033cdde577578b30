import { z } from 'zod';
import { FAMILIES, METHODS, SCHOOLS } from '../../src/core/formula/model/kinds';
import { allLines, totalMassG } from '../../src/core/formula/model/edit';
import { usualPieceG } from '../../src/core/work/scaling/usualPiece';
import { usualRequest } from '../../src/core/work/scaling/request';
import { brokenRules, sayBroken } from '../../src/core/work/flow/rules';
import { workOf } from '../../src/core/work/flow/workOf';
import { bodyFrom } from './bodyFrom';
import { parseOptions, type Answer } from './command';

const optionsSchema = z.object({
  family: z.enum(FAMILIES).optional(),
  method: z.enum(METHODS).optional(),
  school: z.enum(SCHOOLS).optional(),
  pieces: z.coerce.number().int().min(1).max(10_000).optional(),
});

/** The contract's answer for the text of a recipe or of an exported file, with the command line's options as written. */
export function workFor(text: string, rawOptions: Readonly<Record<string, unknown>>): Answer {
  const parsed = parseOptions(optionsSchema, rawOptions);
  if (!parsed.ok) return parsed;
  const { options } = parsed;
  const found = bodyFrom(text, options);
  if (!found.ok) return found;
  const { catalog } = found;
  const body = { ...found.body, ...(options.school && { school: options.school }) };
  const usualG = usualPieceG(usualRequest(body).mold, body.method);
  const { operations } = workOf(body, {
    catalog,
    pieces: options.pieces ?? found.pieces ?? Math.max(1, Math.floor(totalMassG(body) / usualG)),
    weighG: new Map(),
    counted: new Set(),
  });
  const lines = new Map(allLines(body).map((line) => [line.id, line]));
  const kinds = new Map(body.parts.map(({ id, kind }) => [id, kind]));
  return {
    ok: true,
    value: {
      steps: operations.map((operation) => {
        const own = operation.lineIds.flatMap((id) => lines.get(id) ?? []);
        return {
          op: operation.op,
          part: kinds.get(operation.partId) ?? 'main',
          vessel: operation.vessel.kind,
          from: operation.from?.kind ?? '',
          materials: [...new Set(own.map(({ materialId }) => materialId))],
          massG: own.reduce((sum, { massG }) => sum + massG, 0),
          minutes: operation.minutes,
          waitMinMin: operation.waitMinMin,
          waitMaxMin: operation.waitMaxMin,
        };
      }),
      broken: brokenRules(operations, body, catalog).map((broken) => ({
        rule: broken.rule,
        step: operations.findIndex(({ id }) => id === broken.opId),
        message: sayBroken(broken, catalog),
      })),
    },
  };
}
