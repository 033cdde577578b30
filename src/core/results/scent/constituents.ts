/** A constituent of scents that is limited, declared or worth a word. */
interface ConstituentRow {
  readonly id: string;
  readonly name: string;
  /** Most of it in a rinse-off product, % by mass; null where only its declaration matters. */
  readonly limitPct: number | null;
  /** Must it be named on a cosmetic label in the EU above 0.01 % (Regulation 1223/2009, 2023/1545)? */
  readonly isDeclared: boolean;
  readonly source: string;
}

const cautious = 'Cautious Rovack estimate for rinse-off products. Check your supplier’s document';
const eu = 'EU Regulation 1223/2009 with its annexes; not checked against the current rule';

export const CONSTITUENTS = [
  { id: 'limonene', name: 'Limonene', limitPct: null, isDeclared: true, source: eu },
  { id: 'linalool', name: 'Linalool', limitPct: null, isDeclared: true, source: eu },
  { id: 'linalyl-acetate', name: 'Linalyl acetate', limitPct: null, isDeclared: true, source: eu },
  { id: 'citral', name: 'Citral', limitPct: 0.6, isDeclared: true, source: cautious },
  { id: 'geraniol', name: 'Geraniol', limitPct: 2, isDeclared: true, source: cautious },
  { id: 'citronellol', name: 'Citronellol', limitPct: 4, isDeclared: true, source: cautious },
  { id: 'eugenol', name: 'Eugenol', limitPct: 0.5, isDeclared: true, source: cautious },
  { id: 'isoeugenol', name: 'Isoeugenol', limitPct: 0.02, isDeclared: true, source: cautious },
  { id: 'cinnamal', name: 'Cinnamal', limitPct: 0.05, isDeclared: true, source: cautious },
  { id: 'coumarin', name: 'Coumarin', limitPct: 0.5, isDeclared: true, source: cautious },
  { id: 'farnesol', name: 'Farnesol', limitPct: 1, isDeclared: true, source: cautious },
  {
    id: 'benzyl-benzoate',
    name: 'Benzyl benzoate',
    limitPct: 2,
    isDeclared: true,
    source: cautious,
  },
  {
    id: 'benzyl-salicylate',
    name: 'Benzyl salicylate',
    limitPct: 2,
    isDeclared: true,
    source: cautious,
  },
  { id: 'pinene', name: 'Pinene', limitPct: null, isDeclared: true, source: eu },
  { id: 'camphor', name: 'Camphor', limitPct: 1, isDeclared: true, source: cautious },
  { id: 'carvone', name: 'Carvone', limitPct: 1.2, isDeclared: true, source: cautious },
  { id: 'menthol', name: 'Menthol', limitPct: 4, isDeclared: true, source: cautious },
  { id: 'cineole', name: '1,8-Cineole', limitPct: 5, isDeclared: false, source: cautious },
  {
    id: 'methyl-salicylate',
    name: 'Methyl salicylate',
    limitPct: 0.06,
    isDeclared: true,
    source: cautious,
  },
  {
    id: 'furocoumarins',
    name: 'Furocoumarins',
    // 15 ppm holds for what stays on the skin; all that is made here is rinsed off or never touches it.
    limitPct: null,
    isDeclared: false,
    source:
      'leave-on rule of the fragrance trade, shown but not applied; not checked against the current rule',
  },
  { id: 'pulegone', name: 'Pulegone', limitPct: 0.2, isDeclared: false, source: cautious },
  { id: 'estragole', name: 'Estragole', limitPct: 0.12, isDeclared: false, source: cautious },
  { id: 'methyl-eugenol', name: 'Methyl eugenol', limitPct: 0.001, isDeclared: false, source: eu },
  { id: 'safrole', name: 'Safrole', limitPct: 0.01, isDeclared: false, source: eu },
  { id: 'thymol', name: 'Thymol', limitPct: 1, isDeclared: false, source: cautious },
  { id: 'vanillin', name: 'Vanillin', limitPct: null, isDeclared: true, source: eu },
  { id: 'caryophyllene', name: 'Beta-Caryophyllene', limitPct: null, isDeclared: true, source: eu },
  { id: 'terpineol', name: 'Terpineol', limitPct: null, isDeclared: true, source: eu },
  { id: 'terpinolene', name: 'Terpinolene', limitPct: null, isDeclared: true, source: eu },
  { id: 'alpha-terpinene', name: 'Alpha-Terpinene', limitPct: null, isDeclared: true, source: eu },
  { id: 'geranyl-acetate', name: 'Geranyl acetate', limitPct: null, isDeclared: true, source: eu },
  { id: 'eugenyl-acetate', name: 'Eugenyl acetate', limitPct: null, isDeclared: true, source: eu },
  { id: 'santalol', name: 'Santalol', limitPct: null, isDeclared: true, source: eu },
  { id: 'benzyl-alcohol', name: 'Benzyl alcohol', limitPct: null, isDeclared: true, source: eu },
  { id: 'sclareol', name: 'Sclareol', limitPct: null, isDeclared: true, source: eu },
  { id: 'anethole', name: 'Anethole', limitPct: null, isDeclared: true, source: eu },
  { id: 'benzaldehyde', name: 'Benzaldehyde', limitPct: null, isDeclared: true, source: eu },
  {
    id: 'cinnamyl-alcohol',
    name: 'Cinnamyl alcohol',
    limitPct: null,
    isDeclared: true,
    source: eu,
  },
] as const satisfies readonly ConstituentRow[];

export type ConstituentId = (typeof CONSTITUENTS)[number]['id'];
export type Constituent = ConstituentRow & { readonly id: ConstituentId };

const byId = new Map<ConstituentId, Constituent>(CONSTITUENTS.map((row) => [row.id, row]));

/** @throws RangeError when the id is not in the table */
export function constituentById(id: ConstituentId): Constituent {
  const row = byId.get(id);
  if (!row) throw new RangeError(`constituent ${id} is not in the table`);
  return row;
}
