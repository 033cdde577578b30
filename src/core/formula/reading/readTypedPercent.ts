import type { Result } from '@/core/basics/result';
import { parseNumber } from '@/core/basics/units/parseNumber';

/**
 * `5%` typed into a grams field: grams that make the line so much of its part while the other lines stay,
 * m = p / (1 - p) x others. Null where nothing in the text is a percentage.
 * @param othersG grams of the part's other lines, 0 or more
 */
export function readTypedPercent(typed: string, othersG: number): Result<number> | null {
  const match = /^\s*(.+?)\s*%\s*$/.exec(typed);
  if (!match) return null;
  const percent = parseNumber(match[1] ?? '');
  if (percent === null) return { ok: false, problem: 'Type a percentage, such as 5%.' };
  if (!(percent >= 0 && percent <= 95)) return { ok: false, problem: 'Type 0–95%.' };
  if (!(othersG > 0))
    return { ok: false, problem: 'Nothing else has a weight yet. Type a weight.' };
  const share = percent / 100;
  return { ok: true, value: (share / (1 - share)) * othersG };
}
