import { z } from 'zod';
import { USUAL_CONDITIONS } from '../../src/core/conditions';
import { contractAnswer, evaluate, pieceOf } from '../../src/core/evaluation';
import { FAMILIES, METHODS, totalMassG } from '../../src/core/formula';
import { USUAL_SETTINGS, waterFor } from '../../src/core/workshop';
import { bodyFrom } from './bodyFrom';
import { parseOptions, type Answer } from './command';

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

/** The contract's answer for the text of a recipe or of an exported file, with the command line's options as written. */
export function answerFor(text: string, rawOptions: Readonly<Record<string, unknown>>): Answer {
  const parsed = parseOptions(optionsSchema, rawOptions);
  if (!parsed.ok) return parsed;
  const options = parsed.options;
  const found = bodyFrom(text, options);
  if (!found.ok) return found;
  const { body } = found;
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
  return { ok: true, value: contractAnswer(body, evaluation, asked, found) };
}
