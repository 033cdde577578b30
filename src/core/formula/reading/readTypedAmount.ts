import type { Result } from '@/core/basics/result';
import { MAX_LINE_G } from '../model/kinds';
import type { Material } from '@/core/matter/materials/material';
import { exactly, type Spread } from '@/core/basics/units/spread';
import { parseQuantity } from '@/core/basics/units/parseQuantity';
import { readAmount } from './amount';
import { massOfMeasuresG, type SmallMeasures } from './massOfMeasures';

export type TypedAmount = Result<Spread>;

/** Reads what was typed for an amount: a bare figure in the person's unit, any weight, or a measure such as `2 tbsp` with its spread. */
export function readTypedAmount(
  typed: string,
  material: Material,
  small: SmallMeasures,
): TypedAmount {
  const read = parseQuantity(typed, 'g');
  const massG = read.ok ? exactly(read.value) : measured(typed, material, small);
  if (massG === null)
    return refuse(read.ok ? '' : `${read.problem} Or type a measure, such as 2 tbsp.`);
  if (massG.low < 0) return refuse('Type 0 or more.');
  if (massG.high > MAX_LINE_G) return refuse('Type at most 1,000 kg.');
  return { ok: true, value: massG };
}

function measured(typed: string, material: Material, small: SmallMeasures): Spread | null {
  const amount = readAmount(typed);
  if (amount.kind !== 'read' || amount.rest.trim() !== '') return null;
  return massOfMeasuresG(amount.measures, material, 'level', small);
}

function refuse(problem: string): TypedAmount {
  return { ok: false, problem };
}
