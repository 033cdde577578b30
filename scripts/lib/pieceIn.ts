import { z } from 'zod';
import { pieceOf } from '../../src/core/results/evaluation/contract';
import { totalMassG } from '../../src/core/formula/model/edit';
import type { FormulaBody } from '../../src/core/formula/model/schema';
import { USUAL_SETTINGS } from '../../src/core/workshop/settings/settings';
import { waterFor } from '../../src/core/workshop/settings/waterFor';
import type { Tub } from '../../src/core/results/water/tub';
import type { Found } from './bodyFrom';

/** What the command line may say of the piece and of its water. */
export const waterOptions = {
  'water-l': z.coerce.number().min(0.1).max(2000).optional(),
  'alkalinity-mg-l': z.coerce.number().min(0).max(2000).optional(),
  'temp-c': z.coerce.number().min(0).max(100).optional(),
  pieces: z.coerce.number().int().min(1).max(1_000_000).optional(),
  'piece-g': z.coerce.number().min(0.1).max(1_000_000).optional(),
};
type WaterOptions = z.infer<z.ZodObject<typeof waterOptions>>;

/** The water that is asked for, else the usual one of the family. */
export function tubIn(family: FormulaBody['family'], options: WaterOptions): Tub {
  const usual = waterFor(family, USUAL_SETTINGS);
  return {
    volumeL: options['water-l'] ?? usual.volumeL,
    alkalinityMgL: options['alkalinity-mg-l'] ?? usual.alkalinityMgL,
    tempC: options['temp-c'] ?? usual.tempC,
  };
}

/** How a piece was asked for: grams, or a count of them; the recipe's own yield where the command line is silent. */
export function askedIn(found: Extract<Found, { ok: true }>, options: WaterOptions) {
  const count = options.pieces ?? found.pieces ?? undefined;
  const saidG = count === undefined ? found.page?.yields.pieceG : undefined;
  const pieceG = options['piece-g'] ?? saidG;
  return {
    ...(pieceG === undefined && count !== undefined && { count }),
    ...(pieceG !== undefined && { pieceG }),
  };
}

/** What one piece weighs, and how many there are where they were counted; null where the recipe weighs nothing. */
export function pieceIn(found: Extract<Found, { ok: true }>, options: WaterOptions) {
  const totalG = totalMassG(found.body);
  const asked = askedIn(found, options);
  return totalG > 0 ? { massG: pieceOf(totalG, asked).massG, count: asked.count } : null;
}
