import { findMaterial, type Catalog } from '@/core/matter/materials/catalog';
import { allLines } from './edit';
import type { Formula } from './schema';

/** Does a formula answer to these words? By its name, or by what is in it; every word must be found. */
export function matchesFormula(formula: Formula, query: string, catalog: Catalog): boolean {
  const words = query.toLowerCase().split(/\s+/).filter(Boolean);
  if (words.length === 0) return true;
  const text = [
    formula.name,
    ...allLines(formula.body).flatMap(({ materialId }) => {
      const material = findMaterial(catalog, materialId);
      return material ? [material.name, ...material.synonyms] : [];
    }),
  ]
    .join(' ')
    .toLowerCase();
  return words.every((word) => text.includes(word));
}
