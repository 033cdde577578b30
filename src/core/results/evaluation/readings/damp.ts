import { isOxidizer } from '../../safety/mayHold';
import { dampToWindow, usualOilId } from '../fixes';
import type { Examined } from '../types';
import { isOverEasy } from './freeWater';
import { certain, type Judge } from './judge';

const model = 'Rovack estimate after Iveson et al. 2001';

/** Damp index of the main mix against the window of its method, its room and its maker. */
export const judgeDamp: Judge = (examined) => {
  const { body, measured } = examined;
  const { dampIndexPct, verdict, window, dampSpread, freeWaterPct } = measured.binder;
  const judged = {
    value: dampIndexPct,
    spread: certain(dampSpread),
    window: { low: window.lowPct, high: window.highPct },
  };
  if (dampIndexPct === null || verdict === null || verdict === 'in-window')
    return { ...judged, findings: [] };
  const fix = dampToWindow(examined, verdict === 'too-dry' ? liquidFor(examined) : 'cornstarch');
  return {
    ...judged,
    findings: [
      {
        code: verdict,
        severity: 'warning',
        facts: {
          dampIndexPct,
          windowLowPct: window.lowPct,
          windowHighPct: window.highPct,
          isLoose: body.method === 'loose',
          staysDry: examined.materials.some(
            ({ material, massG }) => massG > 0 && isOxidizer(material),
          ),
          looseWaterPct: isOverEasy(measured.binder) ? freeWaterPct : null,
        },
        source: model,
        ...(fix && { fix }),
      },
    ],
  };
};

function liquidFor({ body, materials }: Examined): string {
  return body.family === 'bath-bomb' && body.method !== 'loose'
    ? usualOilId(materials)
    : 'isopropyl-alcohol-99';
}
