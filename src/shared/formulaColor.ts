import { powderHex } from '@/core/results/color/powder';
import type { FormulaBody } from '@/core/formula/model/schema';
import { portionsOf } from '@/core/matter/materials/portion';
import type { Catalog } from '@/core/matter/materials/catalog';

const known = new WeakMap<FormulaBody, string>();

/** Color of a formula’s main mix, computed once for each body. */
export function powderHexOf(body: FormulaBody, catalog: Catalog): string {
  const found = known.get(body) ?? powderHex(portionsOf(catalog, body.parts[0]?.lines ?? []));
  known.set(body, found);
  return found;
}
