import type { AcidSystemId } from './equilibrium/acidSystems';
import type { SpeciesId } from './species';

/** What a mole of a substance becomes in water: moles of acid systems, and of ions that only carry charge. */
export interface Dissolution {
  readonly speciesId: SpeciesId;
  readonly acids: readonly { readonly systemId: AcidSystemId; readonly mol: number }[];
  readonly ions: readonly { readonly charge: number; readonly mol: number }[];
}

/** Source: the formulas. */
export const DISSOLUTIONS = [
  acid('citric-acid', 'citric'),
  acid('citric-acid-monohydrate', 'citric'),
  acid('tartaric-acid', 'tartaric'),
  { ...acid('potassium-bitartrate', 'tartaric'), ions: [{ charge: 1, mol: 1 }] },
  acid('malic-acid', 'malic'),
  acid('lactic-acid', 'lactic'),
  acid('acetic-acid', 'acetic'),
  acid('ascorbic-acid', 'ascorbic'),
  acid('sulfamic-acid', 'sulfamic'),
  { ...acid('sodium-bisulfate', 'bisulfate'), ions: [{ charge: 1, mol: 1 }] },
  soda('sodium-bicarbonate', 1, 1),
  soda('sodium-carbonate', 1, 2),
  soda('sodium-carbonate-monohydrate', 1, 2),
  soda('sodium-carbonate-decahydrate', 1, 2),
  soda('sodium-sesquicarbonate', 2, 3),
  {
    ...soda('sodium-percarbonate', 2, 4),
    acids: [
      { systemId: 'carbonic', mol: 2 },
      { systemId: 'peroxide', mol: 3 },
    ],
  },
  soda('potassium-bicarbonate', 1, 1),
  {
    speciesId: 'magnesium-carbonate',
    acids: [{ systemId: 'carbonic', mol: 4 }],
    ions: [{ charge: 2, mol: 5 }],
  },
  carbonateOf('calcium-carbonate'),
  { speciesId: 'borax', acids: [{ systemId: 'boric', mol: 4 }], ions: [{ charge: 1, mol: 2 }] },
  {
    speciesId: 'sodium-citrate-dihydrate',
    acids: [{ systemId: 'citric', mol: 1 }],
    ions: [{ charge: 1, mol: 3 }],
  },
  salt('sodium-chloride', 1, 1),
  {
    speciesId: 'sodium-sulfate',
    acids: [{ systemId: 'bisulfate', mol: 1 }],
    ions: [{ charge: 1, mol: 2 }],
  },
  {
    speciesId: 'magnesium-sulfate-heptahydrate',
    acids: [{ systemId: 'bisulfate', mol: 1 }],
    ions: [{ charge: 2, mol: 1 }],
  },
  {
    speciesId: 'magnesium-chloride-hexahydrate',
    acids: [],
    ions: [
      { charge: 2, mol: 1 },
      { charge: -1, mol: 2 },
    ],
  },
] as const satisfies readonly Dissolution[];

const bySpecies = new Map<SpeciesId, Dissolution>(DISSOLUTIONS.map((row) => [row.speciesId, row]));

/** @throws RangeError when the species is not in the table */
export function dissolutionOf(speciesId: SpeciesId): Dissolution {
  const row = bySpecies.get(speciesId);
  if (!row) throw new RangeError(`species ${speciesId} has no dissolution`);
  return row;
}

function acid(speciesId: SpeciesId, systemId: AcidSystemId): Dissolution {
  return { speciesId, acids: [{ systemId, mol: 1 }], ions: [] };
}

function soda(speciesId: SpeciesId, carbonMol: number, sodiumMol: number): Dissolution {
  return {
    speciesId,
    acids: [{ systemId: 'carbonic', mol: carbonMol }],
    ions: [{ charge: 1, mol: sodiumMol }],
  };
}

/** Taken as dissolved by the acid: what is left of it as grains makes the true pH lower than this. */
function carbonateOf(speciesId: SpeciesId): Dissolution {
  return {
    speciesId,
    acids: [{ systemId: 'carbonic', mol: 1 }],
    ions: [{ charge: 2, mol: 1 }],
  };
}

/** A salt of one cation and one anion of the same charge. */
function salt(speciesId: SpeciesId, charge: number, mol: number): Dissolution {
  return {
    speciesId,
    acids: [],
    ions: [
      { charge, mol },
      { charge: -charge, mol },
    ],
  };
}
