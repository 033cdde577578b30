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
  /** Whole acid without crystal water. */
  readonly acid: string;
  /** What is left of it without the protons it gives up, with a cation of its own where it brings one. */
  readonly anion: string;
  readonly charge: number;
  /** The salt's name after its cation's. */
  readonly saltName: string;
  readonly waters: number;
}

/** Source: the formulas. */
const ACIDS = [
  row('citric-acid', 'C6H8O7', 'C6H5O7', 3, 'citrate'),
  { ...row('citric-acid-monohydrate', 'C6H8O7', 'C6H5O7', 3, 'citrate'), waters: 1 },
  row('tartaric-acid', 'C4H6O6', 'C4H4O6', 2, 'tartrate'),
  row('potassium-bitartrate', 'C4H5KO6', 'KC4H4O6', 1, 'potassium tartrate'),
  row('malic-acid', 'C4H6O5', 'C4H4O5', 2, 'malate'),
  row('lactic-acid', 'C3H6O3', 'C3H5O3', 1, 'lactate'),
  row('acetic-acid', 'C2H4O2', 'C2H3O2', 1, 'acetate'),
  row('ascorbic-acid', 'C6H8O6', 'C6H7O6', 1, 'ascorbate'),
  row('sodium-bisulfate', 'NaHSO4', 'NaSO4', 1, 'sulfate'),
] as const satisfies readonly AcidRow[];

interface BaseRow {
  readonly speciesId: SpeciesId;
  readonly carbonates: number;
  readonly bicarbonates: number;
  readonly borates: number;
  readonly waters: number;
  readonly peroxides: number;
  /** Whose charge it brings; sodium's where none is named. */
  readonly cation?: CationId;
}

const CATIONS = {
  Na: { charge: 1, name: 'sodium' },
  K: { charge: 1, name: 'potassium' },
  Mg: { charge: 2, name: 'magnesium' },
  Ca: { charge: 2, name: 'calcium' },
} as const;
type CationId = keyof typeof CATIONS;
const CATION_IDS = Object.keys(CATIONS) as readonly CationId[];

const NONE = { carbonates: 0, bicarbonates: 0, borates: 0, waters: 0, peroxides: 0 };
/** What each base falls apart into: carbonate, bicarbonate, borate, water, peroxide, and its cation. Source: the formulas. */
const BASES = [
  { ...NONE, speciesId: 'sodium-bicarbonate', bicarbonates: 1 },
  { ...NONE, speciesId: 'sodium-carbonate', carbonates: 1 },
  { ...NONE, speciesId: 'sodium-carbonate-monohydrate', carbonates: 1, waters: 1 },
  { ...NONE, speciesId: 'sodium-carbonate-decahydrate', carbonates: 1, waters: 10 },
  { ...NONE, speciesId: 'sodium-sesquicarbonate', carbonates: 1, bicarbonates: 1, waters: 2 },
  { ...NONE, speciesId: 'sodium-percarbonate', carbonates: 2, peroxides: 3 },
  { ...NONE, speciesId: 'potassium-bicarbonate', bicarbonates: 1, cation: 'K' },
  { ...NONE, speciesId: 'magnesium-carbonate', carbonates: 1, cation: 'Mg' },
  { ...NONE, speciesId: 'calcium-carbonate', carbonates: 1, cation: 'Ca' },
  { ...NONE, speciesId: 'borax', borates: 1, waters: 10 },
] as const satisfies readonly BaseRow[];

const LEAST_MOL = 1e-15;

/**
 * What lies in the water once the reaction is done, by substance: salts, gas, water, and what is left.
 * The stronger bases take protons first, as in {@link fizzBalance}; each acid of a blend reacts to the same
 * share. Borax turns to boric acid: Na2B4O7 + 2 H + 5 H2O -> 4 H3BO3 + 2 Na. The bases' cations stay in solution,
 * so that each salt is written with all of them, by their share of the charge. Mass and elements close.
 * @param reactants pure substances, grams 0 or more; salts that take no part come back as they were
 */
export function reactionProducts(reactants: readonly ReactantG[]): readonly Product[] {
  const acids: Array<readonly [AcidRow, number]> = [];
  const base = { ...NONE };
  const chargeMol: Record<CationId, number> = { Na: 0, K: 0, Mg: 0, Ca: 0 };
  const bystanders: Product[] = [];
  let acidMol = 0;
  for (const { speciesId, massG } of reactants) {
    const species = speciesById(speciesId);
    const mol = massG / species.molarMassGMol;
    const acid = ACIDS.find((candidate) => candidate.speciesId === speciesId);
    const parts: BaseRow | undefined = BASES.find((candidate) => candidate.speciesId === speciesId);
    if (acid) {
      acids.push([acid, mol]);
      acidMol += mol * species.equivalentsPerMol;
    } else if (parts) {
      base.carbonates += parts.carbonates * mol;
      base.bicarbonates += parts.bicarbonates * mol;
      base.borates += parts.borates * mol;
      base.waters += parts.waters * mol;
      base.peroxides += parts.peroxides * mol;
      chargeMol[parts.cation ?? 'Na'] +=
        mol * (2 * parts.carbonates + parts.bicarbonates + 2 * parts.borates);
    } else bystanders.push(product(species.formula, species.name, mol, 'left'));
  }
  const extents = extentsOf(acidMol, base);
  const acidShare = acidMol > 0 ? extents.usedMol / acidMol : 0;
  const left = (formula: string, name: string, mol: number) => product(formula, name, mol, 'left');
  const formed = (formula: string, name: string, mol: number) =>
    product(formula, name, mol, 'formed');
  const shares = sharesOfCharge(chargeMol);
  /** An anion with every cation of the bases, each by its share of the charge. */
  const salts = (
    anion: string,
    charge: number,
    name: string,
    mol: number,
    origin: Product['origin'],
  ) =>
    shares.map(([cation, share]) => {
      const each = CATIONS[cation].charge;
      // Two anions for each charge that one cannot pair: Mg3(C6H5O7)2.
      const anions = charge % each === 0 ? 1 : each;
      const count = (charge * anions) / each;
      const formula = `${cation}${count > 1 ? count : ''}${anion.repeat(anions)}`;
      return product(formula, `${CATIONS[cation].name} ${name}`, (mol * share) / anions, origin);
    });
  const crystalWaterMol =
    base.waters + acids.reduce((sum, [{ waters }, mol]) => sum + waters * mol, 0);
  return merged([
    ...acids.flatMap(([acid, mol]) =>
      salts(acid.anion, acid.charge, acid.saltName, mol * acidShare, 'formed'),
    ),
    formed('CO2', 'carbon dioxide', extents.gasMol),
    formed('H2O', 'water', extents.gasMol + crystalWaterMol - 5 * extents.boratesMol),
    formed('H3BO3', 'boric acid', 4 * extents.boratesMol),
    formed('H2O2', 'hydrogen peroxide', base.peroxides),
    ...acids.map(([acid, mol]) =>
      left(acid.acid, speciesById(acid.speciesId).name, mol * (1 - acidShare)),
    ),
    ...salts('CO3', 2, 'carbonate', base.carbonates - extents.carbonatesMol, 'left'),
    ...salts(
      'HCO3',
      1,
      'bicarbonate',
      base.bicarbonates + extents.carbonatesMol - extents.gasMol,
      'left',
    ),
    ...salts('B4O7', 2, 'borate', base.borates - extents.boratesMol, 'left'),
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

/** Cations of the bases and their share of the charge. */
function sharesOfCharge(
  chargeMol: Readonly<Record<CationId, number>>,
): ReadonlyArray<readonly [CationId, number]> {
  const all = CATION_IDS.reduce((sum, id) => sum + chargeMol[id], 0);
  return all > 0
    ? CATION_IDS.flatMap((id) => (chargeMol[id] > 0 ? [[id, chargeMol[id] / all] as const] : []))
    : [];
}

function row(
  speciesId: SpeciesId,
  acid: string,
  anion: string,
  charge: number,
  saltName: string,
): AcidRow {
  return { speciesId, acid, anion, charge, saltName, waters: 0 };
}
