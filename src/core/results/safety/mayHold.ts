import { useOf } from '@/core/formula/model/messages';
import type { Family } from '@/core/formula/model/schema';
import { dangersIn, isStop } from '@/core/matter/materials/names/dangers/find';
import type { Material } from '@/core/matter/materials/material';
import type { Portion } from '@/core/matter/materials/portion';
import type { Role } from '@/core/matter/materials/types';

/** Why a material may not come into a mix. */
export const VETO_CODES = [
  'dangerous-substance',
  'not-for-skin',
  'barred-here',
  'oxidizer-with-fuel',
  'oxidizer-with-acid',
  'oxidizer-wet',
  'sulfide-with-acid',
] as const;
export type VetoCode = (typeof VETO_CODES)[number];

export interface Veto {
  readonly code: VetoCode;
  /** What of the mix it may not meet; empty where it is barred by itself. */
  readonly meets: readonly string[];
}

/** What burns with an oxidizer. Source: EU Regulation 1272/2008, oxidizing solids, not looked up. */
export const FUELS: ReadonlySet<Role> = new Set<Role>([
  'oil',
  'butter',
  'alcohol',
  'scent',
  'starch',
  'sugar',
  'milk',
  'gum',
  'humectant',
  'botanical',
]);
/** What wets an oxidizer: it then gives its oxygen off, and warms. */
const WETS: ReadonlySet<Role> = new Set<Role>(['watery', 'humectant']);
/** A trace of free water in a powder wets nothing. */
const WET_FROM_FRACTION = 0.05;

/** Gives oxygen off. */
export const isOxidizer = ({ traits }: Material) => traits.includes('oxidizer');
const isFuel = ({ role }: Material) => FUELS.has(role);
const isAcid = ({ role }: Material) => role === 'acid';
/** Brings water, or is a liquid that is mostly water. */
const isWet = ({ role, isLiquid, waterFraction }: Material) =>
  WETS.has(role) || (isLiquid && waterFraction.value > WET_FROM_FRACTION);
/** What an oxidizer may not be mixed up with: any liquid, and what burns. */
export const isWetting = (material: Material) => material.isLiquid || isWet(material);
const freesSulfide = ({ traits }: Material) => traits.includes('sulfide-with-acid');

/** Two kinds that may not meet, whichever was there first. */
const APART: readonly {
  readonly code: VetoCode;
  readonly one: (material: Material) => boolean;
  readonly other: (material: Material) => boolean;
}[] = [
  { code: 'oxidizer-with-fuel', one: isOxidizer, other: isFuel },
  { code: 'oxidizer-with-acid', one: isOxidizer, other: isAcid },
  { code: 'oxidizer-wet', one: isOxidizer, other: isWet },
  { code: 'sulfide-with-acid', one: freesSulfide, other: isAcid },
];

/**
 * The one veto over everything that Rovack proposes: a cure at the bench, a rebalance, a fix, a swap, a carrier of a premix.
 * What a maker writes by hand is judged by the findings; what Rovack offers may never make a mix dangerous.
 * Source: the rules behind the findings of these codes.
 * @param contents what is in the mix, each over 0 g or not counted
 * @returns null where nothing speaks against it
 */
export function vetoOf(
  contents: readonly Portion[],
  material: Material,
  family: Family,
): Veto | null {
  const own = material.id === material.likeId ? [] : [material.name, material.inci];
  if (own.some((name) => dangersIn(name).some(({ substance }) => isStop(substance))))
    return { code: 'dangerous-substance', meets: [] };
  const use = useOf(family);
  if (use !== 'household' && material.traits.includes('not-for-skin'))
    return { code: 'not-for-skin', meets: [] };
  const restriction = material.notFor?.value;
  if (restriction && !restriction.isDivided && restriction.uses.includes(use))
    return { code: 'barred-here', meets: [] };
  const there = contents.flatMap((one) => (one.massG > 0 ? [one.material] : []));
  for (const { code, one, other } of APART) {
    const met = there.filter(
      (present) =>
        present.id !== material.id &&
        ((one(material) && other(present)) || (other(material) && one(present))),
    );
    if (met.length > 0)
      return { code, meets: [...new Set(met.map(({ sentenceName }) => sentenceName))] };
  }
  return null;
}

/** May Rovack propose this material for this mix? */
export function mayHold(contents: readonly Portion[], material: Material, family: Family): boolean {
  return vetoOf(contents, material, family) === null;
}
