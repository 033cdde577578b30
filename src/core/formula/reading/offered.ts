import { findMaterial, type Catalog } from '@/core/matter/materials/catalog';
import { isForSkin } from '../model/messages';
import type { Family } from '../model/schema';

/** What may be offered for a name that nobody knows: never what the family forbids. */
export function offeredFor(
  family: Family,
  choices: readonly string[],
  catalog: Catalog,
): readonly string[] {
  return choices.filter((id) => {
    const traits = findMaterial(catalog, id)?.traits ?? [];
    const isHarsh = traits.some((trait) => HARSH.has(trait));
    return !(isForSkin(family) && isHarsh);
  });
}

/** Not for what touches skin. */
const HARSH: ReadonlySet<string> = new Set(['not-for-skin', 'strong-alkali', 'oxidizer']);
