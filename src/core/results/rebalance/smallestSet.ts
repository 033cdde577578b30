import type { Clash } from './clash';
import { smallestClash, type LinearWish } from './program';

/** A clash of more things than this says nothing: the many of a kind are said as one. */
const MOST_NAMED = 5;
/** Orders of leaving out that are tried: what is smallest depends on where one begins. */
const ORDERS = 8;

/** Rows of a clash with what they are. */
export interface NamedRow extends LinearWish {
  readonly clash: Clash;
}

/** The smallest set of wishes, windows and locks found that cannot hold together, at most five things. */
export function smallestSet(
  start: readonly number[],
  scale: readonly number[],
  rows: readonly NamedRow[],
): readonly Clash[] {
  let smallest: readonly string[] | null = null;
  for (let order = 0; order < ORDERS; order++) {
    const groups = smallestClash(start, scale, turned(rows, order));
    if (groups.length > 0 && groups.length < (smallest?.length ?? Infinity)) smallest = groups;
    if (smallest && smallest.length <= 2) break;
  }
  const clashes = (smallest ?? []).flatMap(
    (group) => rows.find((row) => row.group === group)?.clash ?? [],
  );
  return clashes.length > MOST_NAMED ? merged(clashes) : clashes;
}

/** The rows beginning at another place, every second time backward. */
function turned(rows: readonly NamedRow[], order: number): readonly NamedRow[] {
  const at = Math.floor((order * rows.length) / ORDERS);
  const round = [...rows.slice(at), ...rows.slice(0, at)];
  return order % 2 === 0 ? round : round.reverse();
}

const MERGED = {
  lock: 'locks',
  rate: 'all-rates',
  limit: 'all-limits',
  stays: 'all-stay',
} as const;

function isMany(code: Clash['code']): code is keyof typeof MERGED {
  return code in MERGED;
}

function merged(clashes: readonly Clash[]): readonly Clash[] {
  const counts = new Map<keyof typeof MERGED, number>();
  for (const { code } of clashes) if (isMany(code)) counts.set(code, (counts.get(code) ?? 0) + 1);
  return clashes
    .filter(({ code }, i) => !isMany(code) || clashes.findIndex((c) => c.code === code) === i)
    .map((clash) => {
      const count = isMany(clash.code) ? (counts.get(clash.code) ?? 0) : 1;
      return isMany(clash.code) && count > 1 ? { code: MERGED[clash.code], count } : clash;
    })
    .slice(0, MOST_NAMED);
}
