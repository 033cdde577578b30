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
    return 'the scale is unplugged: plug it in, what lies on it still counts';
  if (state === 'busy') return 'another program holds the scale’s port: close it there';
  if (state === 'overload') return 'overload: take something off the scale';
  return `${reading.isSteady ? 'scale steady' : 'scale moving'} · tared with the ${vessel === 'mold' ? 'mold' : VESSEL_WORDS[vessel]} · ${stepG} g steps${reading.massG < 0 ? ' · below zero: tare' : ''}`;
}
