import type { Examined, Finding } from '../types';
import { certain, type Judge } from './judge';

const practice = 'common practice';
/** A share of the gas that a damp closed pack makes by itself. Rovack estimate. */
const EARLY_SHARE = 0.02;
/** Under this free water a pack may be closed. Rovack estimate. */
const CLOSED_FROM_PCT = 0.3;

/** Free water of the main mix: easy in this room is the window, what lies above it is said by its band. */
export const judgeFreeWater: Judge = (examined) => {
  const { freeWaterPct, freeWaterSpread, easyToPct } = examined.measured.binder;
  return {
    value: freeWaterPct,
    spread: certain(freeWaterSpread),
    window: { low: null, high: easyToPct },
    findings: examined.measured.totalG > 0 ? overEasy(examined) : [],
  };
};

/** Is there more loose water than is easy in this room? */
export function isOverEasy({ freeWaterBand, easyToPct }: Examined['measured']['binder']): boolean {
  return freeWaterBand !== 'easy' && easyToPct !== null;
}

function overEasy({ measured, conditions: { humidityPct } }: Examined): readonly Finding[] {
  const { freeWaterPct, freeWaterBand: band, easyToPct, verdict } = measured.binder;
  if (band === 'easy' || easyToPct === null) return [];
  return [
    {
      code: 'free-water-high',
      severity: band === 'brisk' ? 'advice' : 'warning',
      facts: { freeWaterPct, easyToPct, humidityPct, band, isDry: verdict === 'too-dry' },
      source: practice,
    },
  ];
}

/** Pressed pieces dry before they are packed: from this free water that takes a word. Common practice: over brisk. */
const PRESSED_FROM_PCT = 2;
/** More than this is no damp, it is wet: closed, it bursts whatever it is. Rovack estimate. */
const WET_FROM_PCT = 3.5;

/**
 * Damp mix in a pack that is closed makes gas: how much, if a little of it reacts. It holds for every family: what is packed
 * as it is, from a trace of water on; what is pressed and dried first, where there is more than dries by itself.
 */
export function closedPack({ measured, body }: Examined): readonly Finding[] {
  const { freeWaterPct } = measured.binder;
  const isPacked = body.method === 'in-pack' || body.method === 'loose';
  const gasL = measured.fizz.co2L * EARLY_SHARE;
  if (freeWaterPct < (isPacked ? CLOSED_FROM_PCT : PRESSED_FROM_PCT) || !(gasL > 0)) return [];
  return [
    {
      code: 'closed-pack-gas',
      severity: isPacked || freeWaterPct >= WET_FROM_PCT ? 'warning' : 'advice',
      facts: { freeWaterPct, gasL, reactedPct: 100 * EARLY_SHARE },
      source: 'stoichiometry; the share is a Rovack estimate',
    },
  ];
}
