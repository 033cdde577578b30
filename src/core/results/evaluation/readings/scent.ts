import { gramsWhere } from '@/core/matter/materials/portion';
import { EMULSIFIER_TO_OIL, OIL_WORTH_CARRYING_PCT } from '../../scent/carrier';
import { mostLoadPct } from '../../scent/fillUp';
import { emulsifierTo } from '../fixes';
import type { Finding } from '../types';
import { OPEN, certain, type Judge } from './judge';

const practice = 'common practice';
/** So many times a limit is a stop, not a warning. Rovack estimate. */
const FAR_OVER = 2;

/** Scent by mass: at most what the family is usually given and what its constituents allow. */
export const judgeScent: Judge = ({ measured: { scent } }) => {
  const { loadPct, limit, usualHighPct } = scent;
  const findings: Finding[] = [];
  if (limit && loadPct > limit.loadPct)
    findings.push({
      code: 'scent-over-limit',
      severity: loadPct >= FAR_OVER * limit.loadPct ? 'stop' : 'warning',
      facts: {
        loadPct,
        limitPct: limit.loadPct,
        binds: limit.binds,
        timesOver: loadPct / limit.loadPct,
      },
      source: limit.source,
    });
  else if (loadPct > usualHighPct)
    findings.push({
      code: 'scent-load-high',
      severity: 'warning',
      facts: { loadPct, usualHighPct },
      source: practice,
    });
  return {
    value: loadPct,
    spread: certain(scent.loadSpread),
    window: { low: null, high: mostLoadPct(scent) },
    findings,
  };
};

/** Emulsifier over oils and scent: bath bombs with oil worth carrying want some. */
export const judgeEmulsifier: Judge = (examined) => {
  const { body, measured, materials } = examined;
  const { emulsifierToOil } = measured.scent;
  const oilsG = gramsWhere(materials, ({ role }) => role === 'oil' || role === 'butter');
  const oilsPct = measured.totalG > 0 ? (100 * oilsG) / measured.totalG : 0;
  const isWanted = body.family === 'bath-bomb' && oilsPct >= OIL_WORTH_CARRYING_PCT;
  const judged = {
    value: emulsifierToOil,
    spread: null,
    window: isWanted ? { low: EMULSIFIER_TO_OIL.least, high: null } : OPEN,
  };
  if (!isWanted || emulsifierToOil === null || emulsifierToOil >= EMULSIFIER_TO_OIL.least)
    return { ...judged, findings: [] };
  const fix = emulsifierTo(examined, EMULSIFIER_TO_OIL.least, 'polysorbate-80');
  return {
    ...judged,
    findings: [
      {
        code: 'oil-without-emulsifier',
        severity: 'advice',
        facts: { emulsifierToOil, oilsPct },
        source: practice,
        ...(fix && { fix }),
      },
    ],
  };
};
