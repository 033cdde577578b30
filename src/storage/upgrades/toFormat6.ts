import type { Plain } from './plain';

/** Nobody had said yet who makes the goods. */
export function settingsTo6(settings: Plain): Plain {
  return {
    maker: { name: '', address: '', contact: '', dataSheet: '' },
    ...settings,
  };
}
