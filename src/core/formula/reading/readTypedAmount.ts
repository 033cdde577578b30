import { MAX_LINE_G } from '../model/kinds';
import type { Material } from '@/core/matter/materials/material';
import { exactly, type Spread } from '@/core/basics/units/spread';
import { parseNumber } from '@/core/basics/units/parseNumber';
import { readAmount } from './amount';
import { massOfMeasuresG, type SmallMeasures } from './massOfMeasures';

export type TypedAmount =
  { readonly ok: true; readonly massG: Spread } | { readonly ok: false; readonly message: string };

/** Reads what was typed into a grams field: plain grams, or a measure such as `2 tbsp` with its spread. */
export function readTypedAmount(
  typed: string,
  material: Material,
  small: SmallMeasures,
): TypedAmount {
  const number = parseNumber(typed);
  const massG = number === null ? measured(typed, material, small) : exactly(number);
  if (massG === null) return refuse('Grams, or a measure such as 2 tbsp');
  if (massG.low < 0) return refuse('Not below zero');
  if (massG.high > MAX_LINE_G) return refuse('At most 1,000 kg');
  return { ok: true, massG };
}

function measured(typed: string, material: Material, small: SmallMeasures): Spread | null {
  const amount = readAmount(typed);
  if (amount.kind !== 'read' || amount.rest.trim() !== '') return null;
  return massOfMeasuresG(amount.measures, material, 'level', small);
}

function refuse(message: string): TypedAmount {
  return { ok: false, message };
}
