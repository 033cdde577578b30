import { isForSkin } from '@/core/formula/model/messages';
import { BATH_PH, SURFACE_PH } from '../../water/windows';
import type { TubReading } from '../../water/tub';
import type { Finding } from '../types';
import { OPEN, type Judge } from './judge';

const source = 'charge balance, checked against the NIST buffers; windows from common practice';

/**
 * pH of the water after one piece. A bather sits between fresh and half vented; a solution is left to stand, so that
 * its worst counts, fresh or settled. A steamer lies under running water: there is nothing to judge.
 */
export const judgeWater: Judge = ({ body, measured: { water } }) => {
  const judged = {
    value: water?.phHalfVented ?? null,
    spread: water && ends(water),
    window: body.family === 'shower-steamer' ? OPEN : windowOf(isForSkin(body.family)),
  };
  if (!water || body.family === 'shower-steamer') return { ...judged, findings: [] };
  return { ...judged, findings: isForSkin(body.family) ? bath(water) : solution(water) };
};

function windowOf(forSkin: boolean) {
  const { low, high } = forSkin ? BATH_PH : SURFACE_PH;
  return { low, high };
}

/** From the sourest to the most alkaline it will be. */
function ends({ phFresh, phHalfVented, phAir }: TubReading) {
  return {
    low: Math.min(phFresh, phAir),
    best: phHalfVented,
    high: Math.max(phFresh, phAir),
  };
}

function bath({ phFresh, phHalfVented }: TubReading): readonly Finding[] {
  if (phFresh < BATH_PH.low) return [finding('bath-acid', phFresh, BATH_PH.low)];
  return phHalfVented > BATH_PH.high ? [finding('bath-alkaline', phHalfVented, BATH_PH.high)] : [];
}

function solution(water: TubReading): readonly Finding[] {
  const { low, high } = ends(water);
  if (low < SURFACE_PH.low) return [finding('acid-on-surface', low, SURFACE_PH.low)];
  return high > SURFACE_PH.high ? [finding('alkaline-solution', high, SURFACE_PH.high)] : [];
}

function finding(
  code: 'bath-acid' | 'bath-alkaline' | 'acid-on-surface' | 'alkaline-solution',
  ph: number,
  edge: number,
): Finding {
  return { code, severity: 'advice', facts: { ph, edge }, source };
}
