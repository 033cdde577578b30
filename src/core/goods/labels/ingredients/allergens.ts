import { portionsG, type Portion } from '@/core/matter/materials/portion';
import { DECLARED_FROM_PCT } from '@/core/results/scent/cautions';
import { declaredShares, type AllergenDocument } from '@/core/results/scent/declarable';
import { complexNameOf } from './complexes';
import { IN_THE_UK } from './ukAllergens';
import { partsOf } from './parts';

/** An allergen that a label in the EU names. */
export interface DeclaredAllergen {
  readonly name: string;
  /** Share of the whole product, %. */
  readonly pct: number;
}

export interface AllergenReading {
  /** Over the threshold, by falling share. */
  readonly declared: readonly DeclaredAllergen[];
  /** Scents whose allergens nobody has said. */
  readonly unknown: readonly string[];
  /** Scents taken by what is typical of their plant: the supplier’s list decides. */
  readonly typical: readonly string[];
}

/** Shares of single substances and plant oils in a product, before any threshold. */
export interface AllergenShares {
  /** % of the product, by the name a label gives it. */
  readonly shares: ReadonlyMap<string, number>;
  readonly unknown: readonly string[];
  readonly typical: readonly string[];
}

/** @param contents grams 0 or more */
export function allergenShares(
  contents: readonly Portion[],
  documentFor: (materialId: string) => AllergenDocument | null,
): AllergenShares {
  const totalG = portionsG(contents);
  const shares = new Map<string, number>();
  const unknown = new Set<string>();
  const typical = new Set<string>();
  if (!(totalG > 0)) return { shares, unknown: [], typical: [] };
  for (const { material, massG } of contents) {
    if (!(massG > 0) || material.role !== 'scent') continue;
    const { shares: own, from } = declaredShares(material, documentFor(material.id));
    if (from === 'nothing') unknown.add(material.name);
    if (from === 'typical') typical.add(material.name);
    for (const { name, fraction } of own)
      shares.set(name, (shares.get(name) ?? 0) + (100 * massG * fraction) / totalG);
  }
  return { shares, unknown: [...unknown], typical: [...typical] };
}

/**
 * Allergens over 0.01% of a product that is rinsed off, single substances summed over all scents and whole plant oils
 * by their collective name; in the UK the shorter list that stood before. What a lot’s own document says goes before the supplier’s, and that before what is typical.
 * Source: Regulation (EC) 1223/2009, annex III, as amended by (EU) 2023/1545.
 * @param contents grams 0 or more
 * @param documentFor what is on file for a material: of the lot that was used, else of the material
 */
export function declaredAllergensOf(
  contents: readonly Portion[],
  documentFor: (materialId: string) => AllergenDocument | null,
  list: 'eu' | 'uk' = 'eu',
): AllergenReading {
  const totalG = portionsG(contents);
  if (!(totalG > 0)) return { declared: [], unknown: [], typical: [] };
  const { shares, unknown, typical } = allergenShares(contents, documentFor);
  const pctOf = new Map(shares);
  for (const { material, massG } of contents)
    for (const { name, fraction } of massG > 0 ? partsOf(material) : []) {
      const complex = complexNameOf(name);
      if (complex !== null)
        pctOf.set(complex, (pctOf.get(complex) ?? 0) + (100 * massG * fraction) / totalG);
    }
  return {
    declared: [...pctOf]
      .map(([name, pct]) => ({ name, pct }))
      .filter(({ name, pct }) => pct > DECLARED_FROM_PCT && (list === 'eu' || IN_THE_UK.has(name)))
      .sort((a, b) => b.pct - a.pct),
    unknown,
    typical,
  };
}
