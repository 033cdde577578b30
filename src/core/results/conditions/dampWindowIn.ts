import type { FormulaBody } from '@/core/formula/model/schema';
import { dampWindow, movedWindow, type DampWindow, type Setting } from '../binder/windows';
import type { Conditions } from './types';

/** The one damp window of a mix in these conditions, wherever it is shown. */
export function dampWindowIn(
  { humidityPct, learned }: Conditions,
  { method }: Pick<FormulaBody, 'method'>,
  setting: Setting,
): DampWindow {
  const shipped = dampWindow(method, humidityPct, setting);
  return learned.damp ? movedWindow(shipped, learned.damp.estimate, learned.damp) : shipped;
}
