import type { Portion } from '@/core/matter/materials/portion';
import type { Variable } from './variables';

/** Named sums, each of which a gram of a material always adds the same to. */
type Sums<T> = { readonly [K in keyof T]: number };

/**
 * Sums over a mix as a function of its grams: what one gram of each variable adds is measured once, so that the thousand
 * mixes of a search cost a few additions each.
 * @param measure must be additive: the sums of two mixes together are the sums of both
 * @param counts which variables are in the mix at all
 */
export function additive<T extends Sums<T>>(
  variables: readonly Variable[],
  measure: (portions: readonly Portion[]) => T,
  counts: (variable: Variable) => boolean = () => true,
): (x: readonly number[]) => T {
  const nothing = measure([]);
  const names = Object.keys(nothing) as (keyof T)[];
  const count = names.length;
  const perGram = new Float64Array(variables.length * count);
  variables.forEach((variable, i) => {
    if (!counts(variable)) return;
    const one = measure([{ material: variable.material, massG: 1 }]);
    names.forEach((name, k) => (perGram[i * count + k] = one[name]));
  });
  const totals = new Float64Array(count);
  return (x) => {
    totals.fill(0);
    for (let i = 0; i < variables.length; i++) {
      const massG = x[i] ?? 0;
      if (massG <= 0) continue;
      for (let k = 0; k < count; k++)
        totals[k] = (totals[k] as number) + massG * (perGram[i * count + k] as number);
    }
    const sums = { ...nothing };
    for (let k = 0; k < count; k++) sums[names[k] as keyof T] = totals[k] as T[keyof T];
    return sums;
  };
}
