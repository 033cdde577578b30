import { gramsWhere, portionsG, type Portion } from '@/core/matter/materials/portion';
import type { Material } from '@/core/matter/materials/material';
import type { Role } from '@/core/matter/materials/types';

const FILLERS: ReadonlySet<Role> = new Set<Role>([
  'starch',
  'clay',
  'salt',
  'milk',
  'builder',
  'drying-powder',
  'gum',
  'sugar',
]);
const OILY: ReadonlySet<Role> = new Set(['oil', 'butter', 'scent']);

/** Does it lie between the grains and neither fizz nor oil them? */
export function isFiller({ role }: Pick<Material, 'role'>): boolean {
  return FILLERS.has(role);
}

/** Is it oil to the water: it slows the wear, and wants an emulsifier? */
export function isOily({ role }: Pick<Material, 'role'>): boolean {
  return OILY.has(role);
}

interface CompositionG {
  readonly totalG: number;
  readonly fillerG: number;
  readonly oilG: number;
}

/** Grams that the model of wear tells apart. */
export function compositionG(portions: readonly Portion[]): CompositionG {
  return {
    totalG: portionsG(portions),
    fillerG: gramsWhere(portions, isFiller),
    oilG: gramsWhere(portions, isOily),
  };
}

/** What the model of wear asks of a composition: shares of its mass, 0 to 1; nothing weighs nothing. */
export function compositionOf(portions: readonly Portion[]) {
  return sharesOf(compositionG(portions));
}

/** The same from its grams. */
export function sharesOf({ totalG, fillerG, oilG }: CompositionG): {
  readonly fillerFraction: number;
  readonly oilFraction: number;
} {
  return totalG > 0
    ? { fillerFraction: fillerG / totalG, oilFraction: oilG / totalG }
    : { fillerFraction: 0, oilFraction: 0 };
}
