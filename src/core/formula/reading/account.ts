import type { Accounted } from './found';
import type { Words } from './words';

/**
 * Fourth pass: every character of the page in just one place, in order, without a gap. What stands between two phrases goes
 * with the one before it; a row that nothing speaks of is a remark.
 */
export function accountOf(
  { text, rows }: Words,
  spans: readonly Accounted[],
): readonly Accounted[] {
  const sorted = [...spans]
    .filter(({ from, to }) => to > from)
    .sort((a, b) => a.from - b.from || b.to - a.to);
  const account: Accounted[] = [];
  let at = 0;
  const push = (to: number, as: Accounted['as']) => {
    if (to <= at) return;
    const last = account.at(-1);
    if (last && last.as === as && !breaks(last.from, at))
      account[account.length - 1] = { ...last, to };
    else account.push({ from: at, to, as });
    at = to;
  };
  const starts = new Set(rows.map(({ from }) => from));
  const breaks = (from: number, to: number): boolean => {
    for (let i = from + 1; i <= to; i++) if (starts.has(i)) return true;
    return false;
  };
  for (const { from, to, as } of sorted) {
    if (to <= at) continue;
    if (from > at) {
      const last = account.at(-1);
      const isGap = /^[\s.,;:|()[\]"'*•-]*$/.test(text.slice(at, from));
      push(from, isGap && last ? last.as : 'remark');
    }
    push(to, as);
  }
  if (at < text.length) {
    const last = account.at(-1);
    const isGap = text.slice(at).trim() === '';
    push(text.length, isGap && last ? last.as : 'remark');
  }
  return account;
}
