import type { Conditions } from '../conditions/types';
import type { FormulaBody } from '@/core/formula/model/schema';
import { findingsOf } from './findings';
import { measure, pouredOf } from './measure';
import { judge } from './readings';
import type { Evaluation } from './types';

/**
 * One call for every reading and finding of a formula in these conditions.
 * Fizz and scent count every part (all of it meets the water); damp and free water are of the main mix, which is pressed.
 * @throws RangeError for conditions out of range
 */
export function evaluate(body: FormulaBody, conditions: Conditions): Evaluation {
  const materials = pouredOf(body, conditions);
  const measured = measure(body, materials, conditions);
  const examined = { body, conditions, materials, measured };
  const judged = judge(examined);
  return { ...measured, judged, findings: findingsOf(examined, judged) };
}
