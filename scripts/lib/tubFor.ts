import { z } from 'zod';
import { USUAL_CONDITIONS } from '../../src/core/results/conditions/types';
import { evaluate } from '../../src/core/results/evaluation/evaluate';
import { FAMILIES, METHODS } from '../../src/core/formula/model/kinds';
import { sayNoFilm } from '../../src/core/tub/messages';
import { filmPlan, momentAt } from '../../src/core/tub/plan';
import { bodyFrom } from './bodyFrom';
import { parseOptions, type Answer } from './command';
import { pieceIn, tubIn, waterOptions } from './pieceIn';

const optionsSchema = z.object({
  ...waterOptions,
  family: z.enum(FAMILIES).optional(),
  method: z.enum(METHODS).optional(),
  /** From frame to frame. */
  seconds: z.coerce.number().min(0.1).max(600).default(1),
});

/** The film of one piece, frame by frame from touch to settled: the answer of `npm run tub`. */
export function tubFor(text: string, rawOptions: Readonly<Record<string, unknown>>): Answer {
  const parsed = parseOptions(optionsSchema, rawOptions);
  if (!parsed.ok) return parsed;
  const { options } = parsed;
  const found = bodyFrom(text, options);
  if (!found.ok) return found;
  const { body, catalog, scentDocuments } = found;
  const conditions = {
    ...USUAL_CONDITIONS,
    catalog,
    scentDocuments,
    tub: tubIn(body.family, options),
    pieceG: pieceIn(found, options)?.massG ?? null,
  };
  const film = filmPlan(body, conditions, evaluate(body, conditions));
  if (!film.ok) return { ok: false, message: sayNoFilm(film.problem) };
  const plan = film.value;
  const steps = Math.ceil(plan.settledS / options.seconds);
  return {
    ok: true,
    value: {
      frames: Array.from({ length: steps + 1 }, (_, i) => {
        const moment = momentAt(plan, i * options.seconds);
        return {
          t: moment.seconds,
          pieceMassG: moment.pieceG,
          gasMl: moment.gasMl,
          released: Object.fromEntries(
            moment.released.map(({ materialId, massG }) => [materialId, massG]),
          ),
          colorHex: moment.waterHex,
          foamMm: moment.foamMm,
          floats: moment.floats,
        };
      }),
      events: plan.events.map(({ seconds, what }) => ({ t: seconds, what })),
    },
  };
}
