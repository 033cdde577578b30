import { ROOM_PCT, roomBand } from '../../binder/room';
import { isForSkin } from '@/core/formula/model/messages';
import type { Examined, Finding } from '../types';
import type { Judge } from './judge';

const source = 'common practice';

/** Humidity of the workroom: said where it changes how the mix is made. */
export const judgeRoom: Judge = (examined) => ({
  value: examined.conditions.humidityPct,
  spread: null,
  window: { low: ROOM_PCT.dryBelow, high: ROOM_PCT.dampOver },
  findings: examined.measured.totalG > 0 ? roomFindings(examined) : [],
});

function roomFindings({ body, conditions: { humidityPct } }: Examined): readonly Finding[] {
  const band = roomBand(humidityPct);
  if (band === 'dry')
    return [
      {
        code: 'humidity-low',
        severity: 'advice',
        facts: { humidityPct, isForSkin: isForSkin(body.family) },
        source,
      },
    ];
  if (band !== 'damp' && band !== 'very-damp') return [];
  const isVeryDamp = band === 'very-damp';
  return [
    {
      code: 'humidity-high',
      severity: isVeryDamp ? 'warning' : 'advice',
      facts: { humidityPct, isVeryDamp },
      source,
    },
  ];
}
