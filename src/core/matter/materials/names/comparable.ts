import type { Catalog } from '../catalog';
import type { Material } from '../material';

/**
 * A name as it is compared: lower case, no brackets or marks, single spaces, plural `s` dropped word by word, British
 * spellings as American ones. Figures and percentages stay: they say what it is.
 */
export function comparableName(written: string): string {
  return written
    .toLowerCase()
    .normalize('NFKD')
    .replace(/[\u0300-\u036f]/g, '')
    .replace(/\([^)]*\)/g, ' ')
    .replace(/['’`]/g, '')
    .replace(/[^a-z0-9%.]+|\.(?!\d)/g, ' ')
    .replace(/(\d)\s*(?:%|percent\b|pct\b|per cent\b)/g, '$1%')
    .replace(/(\d+) proof\b/g, (_, proof: string) => `${Number(proof) / 2}%`)
    .replace(/sulph/g, 'sulf')
    .replace(/colour/g, 'color')
    .replace(/aluminium/g, 'aluminum')
    .trim()
    .split(' ')
    .map(singular)
    .join(' ');
}

/** Every comparable name of every material, the material it leads to, first one in the catalog wins. */
export function nameIndex(catalog: Catalog): ReadonlyMap<string, Material> {
  const known = indices.get(catalog) ?? indexOf(catalog.offered);
  indices.set(catalog, known);
  return known;
}

/** Built once for each catalog, and gone with it. */
const indices = new WeakMap<Catalog, ReadonlyMap<string, Material>>();

function indexOf(materials: readonly Material[]): Map<string, Material> {
  const index = new Map<string, Material>();
  const add = (written: string, material: Material) => {
    const key = comparableName(written);
    if (key && !index.has(key)) index.set(key, material);
  };
  for (const material of materials) add(material.name, material);
  for (const material of materials)
    for (const synonym of [material.id, ...material.synonyms]) add(synonym, material);
  for (const material of materials) add(material.inci, material);
  return index;
}

function singular(word: string): string {
  return word.length > 3 && word.endsWith('s') && !word.endsWith('ss') ? word.slice(0, -1) : word;
}
