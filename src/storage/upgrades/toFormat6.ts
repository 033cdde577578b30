import type { Plain } from './plain';

/** Nobody had said yet who makes the goods, and who works when. */
export function settingsTo6(settings: Plain): Plain {
  return {
    maker: { name: '', address: '', contact: '', dataSheet: '' },
    plan: { hours: [], locks: [], humidityPct: null },
    ...settings,
  };
}
