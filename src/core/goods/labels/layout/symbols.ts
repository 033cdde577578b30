import type { Pictogram } from '../classification/statements';
import type { LabelSymbol } from './types';

/**
 * Sides of a symbol’s square that are tried, mm: 16 where there is room for it, never under 10.
 * Source: Regulation (EC) 1272/2008, annex I, table 1.3. Not checked against the current rule.
 */
export const SYMBOL_SIDES_MM = [16, 13, 10] as const;
const GAP_MM = 0.6;
/** Text stands beside the symbols where so much of the width is left for it. */
const LEAST_BESIDE = 0.45;

export interface SymbolRow {
  readonly items: readonly LabelSymbol[];
  readonly heightMm: number;
  readonly widthMm: number;
  /** Text goes on beside it, not below. */
  readonly isBeside: boolean;
}

/** Symbols in a row between two ends, or null where they are wider than that. */
export function symbolRow(
  codes: readonly Pictogram[],
  sideMm: number,
  span: { readonly from: number; readonly to: number },
  yMm: number,
  isCentered: boolean,
): SymbolRow | null {
  const sizeMm = sideMm * Math.SQRT2;
  const widthMm = codes.length * (sizeMm + GAP_MM) - GAP_MM;
  const room = span.to - span.from;
  if (widthMm > room) return null;
  const left = isCentered ? span.from + (room - widthMm) / 2 : span.from;
  return {
    items: codes.map((code, i) => ({
      kind: 'symbol',
      code,
      xMm: left + i * (sizeMm + GAP_MM),
      yMm,
      sizeMm,
    })),
    heightMm: sizeMm,
    widthMm,
    isBeside: !isCentered && room - widthMm > LEAST_BESIDE * room,
  };
}
