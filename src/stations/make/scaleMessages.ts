import { readoutOf } from '@/core/work/weighing/readout';
import { VESSEL_WORDS, type Vessel } from '@/core/work/bench-steps/steps';
import type { ScaleState } from '@/devices/scale';

/** What the scale is doing, as a line under the bar. */
export function sayScale(
  state: ScaleState,
  reading: { readonly massG: number; readonly isSteady: boolean },
  vessel: Vessel | 'mold',
  stepG: number,
): string {
  if (state === 'unplugged')
    return 'The scale is unplugged. Plug it in. What is on it still counts.';
  if (state === 'busy') return 'Another program uses the scale’s port. Close it there.';
  if (state === 'overload') return 'Overload. Take something off the scale.';
  if (reading.massG < 0) return 'The scale is below zero. Tare it.';
  return [
    reading.isSteady ? 'Scale steady' : 'Scale moving',
    `tared with the ${vessel === 'mold' ? MOLD : VESSEL_WORDS[vessel]}`,
    `${readoutOf(stepG).say(stepG)} steps`,
  ].join(' · ');
}
const MOLD = 'mold';
