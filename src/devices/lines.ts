const OUNCE_G = 28.349523125;
const GRAMS = { g: 1, kg: 1000, oz: OUNCE_G, lb: 16 * OUNCE_G } as const;

/** One line of a device, read. */
export type DeviceLine =
  | { readonly kind: 'weight'; readonly massG: number; readonly isSteady: boolean }
  | { readonly kind: 'overload' }
  | { readonly kind: 'air'; readonly humidityPct: number; readonly tempC: number }
  | { readonly kind: 'unread' };

/** No line is longer; what is, is noise. */
const LONGEST_LINE = 120;
const WEIGHT = /^W\s+([+-]?\s*\d{1,7}(?:\.\d{1,5})?)\s*(g|kg|oz|lb)(?:\s+(steady|moving))?$/i;
const AIR = /^H\s+(\d{1,3}(?:\.\d+)?)\s*%?\s+([+-]?\d{1,2}(?:\.\d+)?)\s*C?$/i;
const OVER = /^OVER(?:LOAD)?$/i;

/**
 * Reads one line of the protocol in docs/devices.md: `W 142.6 g steady`, `W -0.3 g moving`, `OVER`, `H 46.2 % 19.5 C`.
 * A weight without a word for it counts as steady. Anything else is unread; a number out of range is too.
 * @returns grams; % relative humidity 0 to 100; °C -20 to 60
 */
export function readDeviceLine(line: string): DeviceLine {
  const text = line.trim();
  if (OVER.test(text)) return { kind: 'overload' };
  const weight = WEIGHT.exec(text);
  if (weight) {
    const [, figure = '', unit = 'g', word] = weight;
    const massG =
      Number(figure.replace(/\s/g, '')) * GRAMS[unit.toLowerCase() as keyof typeof GRAMS];
    return Number.isFinite(massG)
      ? { kind: 'weight', massG, isSteady: word?.toLowerCase() !== 'moving' }
      : { kind: 'unread' };
  }
  const air = AIR.exec(text);
  if (air) {
    const humidityPct = Number(air[1]);
    const tempC = Number(air[2]);
    return humidityPct <= 100 && tempC >= -20 && tempC <= 60
      ? { kind: 'air', humidityPct, tempC }
      : { kind: 'unread' };
  }
  return { kind: 'unread' };
}

/** Puts the pieces of a stream together and gives every whole line once; noise without an end is let go. */
export function lineReader(): (chunk: string) => readonly string[] {
  let rest = '';
  return (chunk) => {
    const parts = (rest + chunk).split(/\r\n|\r|\n/);
    rest = (parts.pop() ?? '').slice(-LONGEST_LINE);
    return parts.filter((line) => line.trim() !== '');
  };
}
