import { inject, type InjectionKey, type Ref } from 'vue';
import { findMaterial, materialById, type Catalog } from '@/core/matter/materials/catalog';
import { portionsOf, type MaterialMass, type Portion } from '@/core/matter/materials/portion';
import type { Material } from '@/core/matter/materials/material';

/** The catalog of the workshop that is open: the application hands it down. */
export const CATALOG: InjectionKey<Readonly<Ref<Catalog>>> = Symbol('catalog');

/** The materials of the workshop that is open; what reads them follows when they change. */
export function useMaterials() {
  const catalog = inject(CATALOG);
  if (!catalog) throw new Error('no catalog is handed down to this component');
  return {
    catalog,
    /** @throws RangeError for an id that is on no shelf */
    materialOf: (id: string): Material => materialById(catalog.value, id),
    nameOf: (id: string): string => materialById(catalog.value, id).name,
    /** As a sentence says it: “anhydrous citric acid”. */
    sentenceNameOf: (id: string): string => materialById(catalog.value, id).sentenceName,
    findById: (id: string): Material | undefined => findMaterial(catalog.value, id),
    portionsOf: (lines: readonly MaterialMass[]): readonly Portion[] =>
      portionsOf(catalog.value, lines),
  };
}
