import type { Spread } from '@/core/basics/units/spread';

/** A usual shower, seconds. Common practice. */
export const SHOWER_S = 480;
/**
 * Only the wetted part of a steamer wears, and only where water runs: so much slower than under water.
 * Set so that a 40 g tablet of an inradius of 15 mm lasts two showers, 1 to 3 seen (common practice).
 */
const WETTED: Spread = { low: 0.053, best: 0.08, high: 0.16 };
/** Flow of a shower that {@link WETTED} belongs to, L/min. */
const REFERENCE_FLOW_L_MIN = 8;
const FLOW_POWER = 0.5;

/**
 * Showers that a steamer lasts at the edge of the spray. Rovack estimate on common practice.
 * @param inradiusMm half the least thickness of the piece, over 0
 * @param speedMmS as under water, {@link recessionMmS}
 * @param flowLMin 1 to 30
 */
export function showersOf(inradiusMm: number, speedMmS: Spread, flowLMin = 8): Spread {
  if (!(inradiusMm > 0)) throw new RangeError(`inradiusMm must be over 0, got ${inradiusMm}`);
  if (!(flowLMin >= 1 && flowLMin <= 30))
    throw new RangeError(`flowLMin must be 1 to 30, got ${flowLMin}`);
  const flow = (flowLMin / REFERENCE_FLOW_L_MIN) ** FLOW_POWER;
  const showers = (wetted: number) => inradiusMm / (speedMmS.best * wetted * flow) / SHOWER_S;
  return { low: showers(WETTED.high), best: showers(WETTED.best), high: showers(WETTED.low) };
}
