import { molarMassGMol } from './molarMass';

/** A substance that takes part in the fizz. */
interface SpeciesRow {
  readonly id: string;
  readonly name: string;
  readonly formula: string;
  /** A `salt` takes no part in the fizz, but is felt in the water. */
  readonly side: 'acid' | 'base' | 'salt';
  /** Protons given up (acid) or taken (base) per mole by the time the bath has settled. */
  readonly equivalentsPerMol: number;
  /** Protons a base takes before it gives any gas, per mole: carbonate turns to bicarbonate first, borax gives none. */
  readonly gaslessEquivalentsPerMol: number;
  /** Moles of carbon dioxide it can give per mole. */
  readonly carbonDioxidePerMol: number;
  readonly source: string;
}

const acidBase = 'formula; equivalents from the pKa values in the CRC Handbook; not looked up';

const ROWS = [
  acid('citric-acid', 'citric acid, anhydrous', 'C6H8O7', 3),
  acid('citric-acid-monohydrate', 'citric acid monohydrate', 'C6H10O8', 3),
  acid('tartaric-acid', 'tartaric acid', 'C4H6O6', 2),
  acid('potassium-bitartrate', 'potassium bitartrate', 'C4H5KO6', 1),
  acid('malic-acid', 'malic acid', 'C4H6O5', 2),
  acid('lactic-acid', 'lactic acid', 'C3H6O3', 1),
  acid('acetic-acid', 'acetic acid', 'C2H4O2', 1),
  acid('ascorbic-acid', 'ascorbic acid', 'C6H8O6', 1),
  acid('sulfamic-acid', 'sulfamic acid', 'H3NSO3', 1),
  acid('sodium-bisulfate', 'sodium bisulfate', 'NaHSO4', 1),
  base('sodium-bicarbonate', 'sodium bicarbonate', 'NaHCO3', 1, 0, 1),
  base('sodium-carbonate', 'sodium carbonate', 'Na2CO3', 2, 1, 1),
  base('sodium-carbonate-monohydrate', 'sodium carbonate monohydrate', 'Na2CH2O4', 2, 1, 1),
  base('sodium-carbonate-decahydrate', 'sodium carbonate decahydrate', 'Na2CH20O13', 2, 1, 1),
  base('sodium-sesquicarbonate', 'sodium sesquicarbonate dihydrate', 'Na3C2H5O8', 3, 1, 2),
  base('sodium-percarbonate', 'sodium percarbonate', 'Na4C2H6O12', 4, 2, 2),
  base('potassium-bicarbonate', 'potassium bicarbonate', 'KHCO3', 1, 0, 1),
  // Light magnesium carbonate is the basic salt, 4 MgCO3 · Mg(OH)2 · 5 H2O.
  base('magnesium-carbonate', 'basic magnesium carbonate', 'Mg5C4H12O19', 10, 6, 4),
  base('calcium-carbonate', 'calcium carbonate', 'CaCO3', 2, 1, 1),
  base('borax', 'borax', 'Na2B4H20O17', 2, 2, 0),
  salt('sodium-citrate-dihydrate', 'sodium citrate dihydrate', 'Na3C6H9O9'),
  salt('sodium-chloride', 'sodium chloride', 'NaCl'),
  salt('sodium-sulfate', 'sodium sulfate', 'Na2SO4'),
  salt('magnesium-sulfate-heptahydrate', 'Epsom salt', 'MgSH14O11'),
  salt('magnesium-chloride-hexahydrate', 'magnesium chloride hexahydrate', 'MgCl2H12O6'),
] as const satisfies readonly SpeciesRow[];

export type SpeciesId = (typeof ROWS)[number]['id'];

export interface Species extends SpeciesRow {
  readonly id: SpeciesId;
  readonly molarMassGMol: number;
}

export const SPECIES: readonly Species[] = ROWS.map((row) =>
  Object.freeze({ ...row, molarMassGMol: molarMassGMol(row.formula) }),
);

const byId = new Map<SpeciesId, Species>(SPECIES.map((species) => [species.id, species]));

/** @throws RangeError when the id is not in the table */
export function speciesById(id: SpeciesId): Species {
  const species = byId.get(id);
  if (!species) throw new RangeError(`species id ${id} is not in the table`);
  return species;
}

function acid<const Id extends string>(
  id: Id,
  name: string,
  formula: string,
  equivalentsPerMol: number,
) {
  return {
    id,
    name,
    formula,
    side: 'acid' as const,
    equivalentsPerMol,
    gaslessEquivalentsPerMol: 0,
    carbonDioxidePerMol: 0,
    source: acidBase,
  };
}

function base<const Id extends string>(
  id: Id,
  name: string,
  formula: string,
  equivalentsPerMol: number,
  gaslessEquivalentsPerMol: number,
  carbonDioxidePerMol: number,
) {
  return {
    id,
    name,
    formula,
    side: 'base' as const,
    equivalentsPerMol,
    gaslessEquivalentsPerMol,
    carbonDioxidePerMol,
    source: acidBase,
  };
}

function salt<const Id extends string>(id: Id, name: string, formula: string) {
  return {
    id,
    name,
    formula,
    side: 'salt' as const,
    equivalentsPerMol: 0,
    gaslessEquivalentsPerMol: 0,
    carbonDioxidePerMol: 0,
    source: 'formula',
  };
}
