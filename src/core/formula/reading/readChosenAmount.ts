import type { Result } from '@/core/basics/result';
import type { Material } from '@/core/matter/materials/material';
import type { Spread } from '@/core/basics/units/spread';
import type { SmallMeasures } from './massOfMeasures';
import { readTypedAmount } from './readTypedAmount';

export type ChosenAmount = Result<{
  readonly material: Material;
  readonly massG: Spread;
}>;

/** A material chosen from a list and an amount typed beside it, or the sentence that says what is missing. */
export function readChosenAmount(
  material: Material | null,
  typed: string,
  small: SmallMeasures,
): ChosenAmount {
  if (material === null) return { ok: false, problem: 'Choose a material.' };
  const amount = readTypedAmount(typed, material, small);
  return amount.ok ? { ok: true, value: { material, massG: amount.value } } : amount;
}
