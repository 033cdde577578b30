import { elementCounts, molarMassGMol } from './molarMass';
import { speciesById, type SpeciesId } from './species';
import type { ReactantG } from './stoichiometry';

/** One substance after the reaction. */
export interface Product {
  readonly formula: string;
  readonly name: string;
  readonly mol: number;
  readonly massG: number;
  /** `left` was there before; `formed` is new. */
  readonly origin: 'formed' | 'left';
}

interface AcidRow {
  readonly speciesId: SpeciesId;
  /** Whole acid without crystal water, and its salt with every proton replaced by sodium. */
  readonly acid: string;
  readonly salt: string;
  readonly saltName: string;
  readonly waters: number;
}

/** Source: the formulas. */
const ACIDS = [
  row('citric-acid', 'C6H8O7', 'Na3C6H5O7', 'sodium citrate'),
  { ...row('citric-acid-monohydrate', 'C6H8O7', 'Na3C6H5O7', 'sodium citrate'), waters: 1 },
  row('tartaric-acid', 'C4H6O6', 'Na2C4H4O6', 'sodium tartrate'),
  row('potassium-bitartrate', 'C4H5KO6', 'NaKC4H4O6', 'potassium sodium tartrate'),
  row('malic-acid', 'C4H6O5', 'Na2C4H4O5', 'sodium malate'),
  row('lactic-acid', 'C3H6O3', 'NaC3H5O3', 'sodium lactate'),
  row('acetic-acid', 'C2H4O2', 'NaC2H3O2', 'sodium acetate'),
  row('ascorbic-acid', 'C6H8O6', 'NaC6H7O6', 'sodium ascorbate'),
  row('sodium-bisulfate', 'NaHSO4', 'Na2SO4', 'sodium sulfate'),
] as const satisfies readonly AcidRow[];

interface BaseRow {
  readonly speciesId: SpeciesId;
  readonly carbonates: number;
  readonly bicarbonates: number;
  readonly borates: number;
  readonly waters: number;
  readonly peroxides: number;
}

const NONE = { carbonates: 0, bicarbonates: 0, borates: 0, waters: 0, peroxides: 0 };
/** What each base falls apart into: Na2CO3, NaHCO3, Na2B4O7, H2O, H2O2. Source: the formulas. */
const BASES = [
  { ...NONE, speciesId: 'sodium-bicarbonate', bicarbonates: 1 },
  { ...NONE, speciesId: 'sodium-carbonate', carbonates: 1 },
  { ...NONE, speciesId: 'sodium-carbonate-monohydrate', carbonates: 1, waters: 1 },
  { ...NONE, speciesId: 'sodium-carbonate-decahydrate', carbonates: 1, waters: 10 },
  { ...NONE, speciesId: 'sodium-sesquicarbonate', carbonates: 1, bicarbonates: 1, waters: 2 },
  { ...NONE, speciesId: 'sodium-percarbonate', carbonates: 2, peroxides: 3 },
  { ...NONE, speciesId: 'borax', borates: 1, waters: 10 },
] as const satisfies readonly BaseRow[];

const LEAST_MOL = 1e-15;

/**
 * What lies in the water once the reaction is done, by substance: salts, gas, water, and what is left.
 * The stronger bases take protons first, as in {@link fizzBalance}; each acid of a blend reacts to the same
 * share. Borax turns to boric acid: Na2B4O7 + 2 H + 5 H2O -> 4 H3BO3 + 2 Na. Mass and elements close.
 * @param reactants pure substances, grams 0 or more; salts that take no part come back as they were
 */
export function reactionProducts(reactants: readonly ReactantG[]): readonly Product[] {
  const acids: Array<readonly [AcidRow, number]> = [];
  const base = { ...NONE };
  const bystanders: Product[] = [];
  let acidMol = 0;
  for (const { speciesId, massG } of reactants) {
    const species = speciesById(speciesId);
    const mol = massG / species.molarMassGMol;
    const acid = ACIDS.find((candidate) => candidate.speciesId === speciesId);
    const parts = BASES.find((candidate) => candidate.speciesId === speciesId);
    if (acid) {
      acids.push([acid, mol]);
      acidMol += mol * species.equivalentsPerMol;
    } else if (parts) {
      base.carbonates += parts.carbonates * mol;
      base.bicarbonates += parts.bicarbonates * mol;
      base.borates += parts.borates * mol;
      base.waters += parts.waters * mol;
      base.peroxides += parts.peroxides * mol;
    } else bystanders.push(product(species.formula, species.name, mol, 'left'));
  }
  const extents = extentsOf(acidMol, base);
  const acidShare = acidMol > 0 ? extents.usedMol / acidMol : 0;
  const left = (formula: string, name: string, mol: number) => product(formula, name, mol, 'left');
  const formed = (formula: string, name: string, mol: number) =>
    product(formula, name, mol, 'formed');
  const crystalWaterMol =
    base.waters + acids.reduce((sum, [{ waters }, mol]) => sum + waters * mol, 0);
  return merged([
    ...acids.map(([acid, mol]) => formed(acid.salt, acid.saltName, mol * acidShare)),
    formed('CO2', 'carbon dioxide', extents.gasMol),
    formed('H2O', 'water', extents.gasMol + crystalWaterMol - 5 * extents.boratesMol),
    formed('H3BO3', 'boric acid', 4 * extents.boratesMol),
    formed('H2O2', 'hydrogen peroxide', base.peroxides),
    ...acids.map(([acid, mol]) =>
      left(acid.acid, speciesById(acid.speciesId).name, mol * (1 - acidShare)),
    ),
    left('Na2CO3', 'sodium carbonate', base.carbonates - extents.carbonatesMol),
    left(
      'NaHCO3',
      'sodium bicarbonate',
      base.bicarbonates + extents.carbonatesMol - extents.gasMol,
    ),
    left('Na2B4O7', 'sodium borate', base.borates - extents.boratesMol),
    ...bystanders,
  ]);
}

/** How far each step goes: carbonate and borax share the first protons, bicarbonate takes the rest. */
function extentsOf(acidMol: number, { carbonates, bicarbonates, borates }: typeof NONE) {
  const firstMol = carbonates + 2 * borates;
  const share = firstMol > 0 ? Math.min(1, acidMol / firstMol) : 0;
  const carbonatesMol = carbonates * share;
  const boratesMol = borates * share;
  const gasMol = Math.min(bicarbonates + carbonatesMol, Math.max(0, acidMol - firstMol));
  return {
    carbonatesMol,
    boratesMol,
    gasMol,
    usedMol: carbonatesMol + 2 * boratesMol + gasMol,
  };
}

/** Grams of each element in a list of products or reactants. */
export function elementMassesG(
  entries: ReadonlyArray<{ readonly formula: string; readonly mol: number }>,
): ReadonlyMap<string, number> {
  const masses = new Map<string, number>();
  for (const { formula, mol } of entries)
    for (const [element, count] of elementCounts(formula))
      masses.set(element, (masses.get(element) ?? 0) + count * mol * molarMassGMol(element));
  return masses;
}

function merged(products: readonly Product[]): readonly Product[] {
  const byKey = new Map<string, Product>();
  for (const entry of products) {
    const key = `${entry.formula} ${entry.origin}`;
    const known = byKey.get(key);
    byKey.set(
      key,
      known ? { ...known, mol: known.mol + entry.mol, massG: known.massG + entry.massG } : entry,
    );
  }
  return [...byKey.values()].filter(({ mol }) => Math.abs(mol) > LEAST_MOL);
}

function product(formula: string, name: string, mol: number, origin: Product['origin']): Product {
  return { formula, name, mol, massG: mol * molarMassGMol(formula), origin };
}

function row(speciesId: SpeciesId, acid: string, salt: string, saltName: string): AcidRow {
  return { speciesId, acid, salt, saltName, waters: 0 };
}
