import type { Material } from '@/core/matter/materials/material';
import { compositionOf } from './compositions';
import { constituentById, type ConstituentId } from './constituents';

/**
 * Single substances that a cosmetic in the EU names above the threshold, as the label writes them.
 * Source: Regulation (EC) 1223/2009, annex III, with the additions of (EU) 2023/1545, not looked up: new products since
 * 31 July 2026, all others from 31 July 2028. Two of the older list are forbidden by now and are not in it.
 */
export const DECLARABLE = [
  'Acetyl Cedrene',
  'Alpha-Isomethyl Ionone',
  'Alpha-Terpinene',
  'Amyl Cinnamal',
  'Amyl Salicylate',
  'Amylcinnamyl Alcohol',
  'Anethole',
  'Anise Alcohol',
  'Benzaldehyde',
  'Benzyl Alcohol',
  'Benzyl Benzoate',
  'Benzyl Cinnamate',
  'Benzyl Salicylate',
  'Beta-Caryophyllene',
  'Camphor',
  'Carvone',
  'Cinnamal',
  'Cinnamyl Alcohol',
  'Citral',
  'Citronellol',
  'Coumarin',
  'Dimethyl Phenethyl Acetate',
  'Eugenol',
  'Eugenyl Acetate',
  'Farnesol',
  'Geraniol',
  'Geranyl Acetate',
  'Hexadecanolactone',
  'Hexamethylindanopyran',
  'Hexyl Cinnamal',
  'Hydroxycitronellal',
  'Isoeugenol',
  'Isoeugenyl Acetate',
  'Limonene',
  'Linalool',
  'Linalyl Acetate',
  'Menthol',
  'Methyl 2-Octynoate',
  'Methyl Salicylate',
  'Pinene',
  'Propylidene Phthalide',
  'Rose Ketones',
  'Salicylaldehyde',
  'Santalol',
  'Sclareol',
  'Terpineol',
  'Terpinolene',
  'Tetramethyl Acetyloctahydronaphthalenes',
  'Trimethylbenzenepropanol',
  'Trimethylcyclopentenyl Methylisopentenol',
  'Vanillin',
  '6-Methyl Coumarin',
] as const;

/** Names of one substance that suppliers write. */
const ALSO: Readonly<Record<string, string>> = {
  'd-limonene': 'Limonene',
  'l-limonene': 'Limonene',
  'anisyl alcohol': 'Anise Alcohol',
  cinnamaldehyde: 'Cinnamal',
  'cinnamic aldehyde': 'Cinnamal',
  'amyl cinnamaldehyde': 'Amyl Cinnamal',
  'hexyl cinnamaldehyde': 'Hexyl Cinnamal',
  'alpha-pinene': 'Pinene',
  'beta-pinene': 'Pinene',
  'alpha-santalol': 'Santalol',
  'beta-santalol': 'Santalol',
  'alpha-terpineol': 'Terpineol',
  'alpha-damascone': 'Rose Ketones',
  'beta-damascone': 'Rose Ketones',
  'delta-damascone': 'Rose Ketones',
  damascenone: 'Rose Ketones',
  'trans-anethole': 'Anethole',
  caryophyllene: 'Beta-Caryophyllene',
  acetylcedrene: 'Acetyl Cedrene',
  'methyl heptine carbonate': 'Methyl 2-Octynoate',
};

const byName = new Map<string, string>([
  ...DECLARABLE.map((name) => [name.toLowerCase(), name] as const),
  ...Object.entries(ALSO),
]);

/** The label’s name of a substance as a supplier wrote it; null when it is none that must be named. */
export function declarableNamed(written: string): string | null {
  return byName.get(written.trim().toLowerCase()) ?? null;
}

/** What a document says of the allergens in a scent or in one lot of it. */
export interface AllergenDocument {
  readonly allergens: readonly { readonly name: string; readonly pct: number }[];
}

export interface DeclaredShares {
  readonly shares: readonly { readonly name: string; readonly fraction: number }[];
  /** A document, what is typical of the plant, or nothing at all. */
  readonly from: 'document' | 'typical' | 'nothing';
}

/** Shares of a scent, 0 to 1, that a label may have to name. */
export function declaredShares(
  material: Material,
  document: AllergenDocument | null,
): DeclaredShares {
  if (document && document.allergens.length > 0)
    return {
      shares: document.allergens.flatMap(({ name, pct }) => {
        const declared = declarableNamed(name);
        return declared === null ? [] : [{ name: declared, fraction: pct / 100 }];
      }),
      from: 'document',
    };
  const composition = compositionOf(material);
  if (composition === undefined || material.inci === 'Parfum') return NOTHING;
  return {
    shares: Object.entries(composition).flatMap(([id, fraction]) => {
      const { isDeclared, name } = constituentById(id as ConstituentId);
      const declared = isDeclared ? declarableNamed(name) : null;
      return declared === null ? [] : [{ name: declared, fraction }];
    }),
    from: PURE.has(material.likeId) ? 'document' : 'typical',
  };
}

const NOTHING: DeclaredShares = { shares: [], from: 'nothing' };
/** One substance and nothing else. */
const PURE = new Set(['menthol', 'camphor']);
