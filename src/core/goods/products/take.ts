import type { WrappedStock } from './stock';

export type Taken =
  | {
      readonly ok: true;
      readonly taken: readonly { readonly wrappedId: string; readonly count: number }[];
    }
  | { readonly ok: false; readonly here: number };

/** So many units off the shelf, what was wrapped first first; or how many there are. @param count over 0 */
export function takeUnits(unitId: string, count: number, stock: readonly WrappedStock[]): Taken {
  const runs = stock.filter(({ run, left }) => run.unitId === unitId && left > 0);
  const here = runs.reduce((sum, { left }) => sum + left, 0);
  if (here < count) return { ok: false, here };
  let open = count;
  return {
    ok: true,
    taken: runs.flatMap(({ run, left }) => {
      const takes = Math.min(left, open);
      open -= takes;
      return takes > 0 ? [{ wrappedId: run.id, count: takes }] : [];
    }),
  };
}
