import { dampOf, dampSums } from '../binder/damp';
import { dampWindowIn } from '../conditions/dampWindowIn';
import { speciesById } from '@/core/matter/chemistry/species';
import { isOily } from '../fizz/composition';
import { gramsWhere, portionsOf, type Portion } from '@/core/matter/materials/portion';
import { materialById } from '@/core/matter/materials/catalog';
import type { Material } from '@/core/matter/materials/material';
import { firstWhere } from '@/core/basics/numeric/firstWhere';
import { USUAL_OF_BALANCE } from './measure';
import type { Examined, Fix } from './types';

/** Soda that brings an acid-heavy mix to its balance. */
export function sodaToBalance({ measured }: Examined): Fix | undefined {
  const { acidEquivalentsMol, baseEquivalentsMol } = measured.fizz;
  const massG =
    (acidEquivalentsMol - baseEquivalentsMol) * speciesById('sodium-bicarbonate').molarMassGMol;
  return massG > 0 ? { materialId: 'sodium-bicarbonate', massG } : undefined;
}

/** So far inside the window that a cure does not lie on its edge. */
const INSIDE = 0.002;

/** Acid, of the kind the mix has most of, that brings soda to acid down into the usual window. */
export function acidToWindow({ materials, measured }: Examined): Fix | undefined {
  const { acidEquivalentsMol, baseEquivalentsMol } = measured.fizz;
  const acid = heaviest(materials, (material) => material.role === 'acid');
  if (!acid) return undefined;
  // By equivalents, as another acid in the mix moves the window by mass with every gram.
  const molPerG = (acid.chemistry?.value ?? []).reduce((sum, { speciesId, fraction }) => {
    const { equivalentsPerMol, molarMassGMol } = speciesById(speciesId);
    return sum + (fraction * equivalentsPerMol) / molarMassGMol;
  }, 0);
  const wantedMol = baseEquivalentsMol / (USUAL_OF_BALANCE.high * (1 - INSIDE));
  const massG = (wantedMol - acidEquivalentsMol) / molPerG;
  return massG > 0 ? { materialId: acid.id, massG } : undefined;
}

/** A liquid or a powder that brings the damp index just to the near edge of its window. */
export function dampToWindow(
  { body, conditions, measured }: Examined,
  materialId: string,
): Fix | undefined {
  const { verdict } = measured.binder;
  const mix = dampSums(portionsOf(conditions.catalog, body.parts[0]?.lines ?? []));
  const material = materialById(conditions.catalog, materialId);
  const isReached = (massG: number): boolean => {
    const reading = dampOf(dampSums([{ material, massG }], mix));
    // What is added moves the window too: a spray binds by less.
    const { lowPct, highPct } = dampWindowIn(conditions, body, reading);
    const index = reading.dampIndexPct ?? 0;
    return verdict === 'too-dry' ? index >= lowPct : index <= highPct;
  };
  return leastGrams(materialId, measured.totalG, isReached);
}

/** Emulsifier that brings it to a given share of oils and scent. */
export function emulsifierTo(
  examined: Examined,
  share: number,
  materialId: string,
): Fix | undefined {
  const carriedG = gramsWhere(examined.materials, isOily);
  const massG =
    carriedG * share - gramsWhere(examined.materials, ({ role }) => role === 'emulsifier');
  return massG > 0 ? { materialId, massG } : undefined;
}

/** The oil the mix has most of, for a cure that changes it least. */
export function usualOilId(materials: readonly Portion[]): string {
  return heaviest(materials, ({ role }) => role === 'oil')?.id ?? 'sweet-almond-oil';
}

function heaviest(
  materials: readonly Portion[],
  matches: (material: Material) => boolean,
): Material | undefined {
  return materials
    .filter(({ material }) => matches(material))
    .reduce<Portion | undefined>(
      (most, entry) => (!most || entry.massG > most.massG ? entry : most),
      undefined,
    )?.material;
}

/** Least grams, up to as much again as the whole mix, at which the wish holds; undefined when it never does. */
function leastGrams(
  materialId: string,
  mostG: number,
  holds: (massG: number) => boolean,
): Fix | undefined {
  const massG = firstWhere(holds, 0, mostG);
  return massG === undefined ? undefined : { materialId, massG };
}
