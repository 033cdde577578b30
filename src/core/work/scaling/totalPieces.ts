import { isInside, partMassG } from '@/core/formula/model/parts';
import type { FormulaBody } from '@/core/formula/model/schema';

/** Pieces a formula makes as it is written: its own yield, else whole pieces of so many grams; at least one. @param pieceG over 0; null when nobody knows */
export function totalPieces(body: FormulaBody, pieceG: number | null): number {
  if (body.yieldPieces !== undefined) return body.yieldPieces;
  const insideG = body.parts.filter(isInside).reduce((sum, part) => sum + partMassG(part), 0);
  return Math.max(1, Math.floor(pieceG !== null && pieceG > 0 ? insideG / pieceG : 1));
}
