import type { Material } from '@/core/matter/materials/material';
import { exactly } from '@/core/basics/units/spread';
import type { SmallMeasures } from './massOfMeasures';
import { readTypedAmount, type TypedAmount } from './readTypedAmount';
import { readTypedPercent } from './readTypedPercent';

/**
 * What was typed into a line's field: a share of its part, such as `5%`, else grams or a measure.
 * @param othersG grams of the other lines of its part, 0 or more
 */
export function readTypedGramsOrShare(
  typed: string,
  material: Material,
  othersG: number,
  small: SmallMeasures,
): TypedAmount {
  const percent = readTypedPercent(typed, othersG);
  if (percent === null) return readTypedAmount(typed, material, small);
  return percent.ok ? { ok: true, value: exactly(percent.value) } : percent;
}
