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

/** What the model of wear asks of a composition: shares of its mass, 0 to 1; nothing weighs nothing. */
export function compositionOf(portions: readonly Portion[]): {
  readonly fillerFraction: number;
  readonly oilFraction: number;
} {
  const totalG = portionsG(portions);
  return totalG > 0
    ? {
        fillerFraction: gramsWhere(portions, isFiller) / totalG,
        oilFraction: gramsWhere(portions, isOily) / totalG,
      }
    : { fillerFraction: 0, oilFraction: 0 };
}
