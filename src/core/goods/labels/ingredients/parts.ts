import { MATERIALS } from '@/core/matter/materials/catalog';
import type { Material } from '@/core/matter/materials/material';
import { SPLITS } from './splits';

/** One ingredient of a material, by the name of the EU list. */
export interface IngredientPart {
  /** Empty where a material has no name for a label. */
  readonly name: string;
  /** Share of the material's mass, 0 to 1. */
  readonly fraction: number;
  readonly isColor: boolean;
}

const COLOR = /^CI(?: \d{5})?$/;
/** Colors that have a name and no number. */
const NAMED_COLORS = new Set(['Mica', 'Charcoal Powder']);
/** A drop of liquid color is water; so much of it is dye. Source: supplier compositions, not looked up. */
const DYE_IN_LIQUID = 0.05;

/**
 * What a label names of one material. Compound materials are split; a maker’s own name of several parts, whose shares
 * nobody has said, falls evenly from the first to the last.
 */
export function partsOf({ inci, likeId, role }: Material): readonly IngredientPart[] {
  const names = namesIn(inci);
  const shares = SPLITS[likeId];
  const isShipped = SHIPPED_INCI.get(likeId) === inci;
  const parts =
    shares && isShipped
      ? shares
      : names.length === 2 && names[0] === 'Aqua' && COLOR.test(names[1] ?? '')
        ? [
            { name: 'Aqua', fraction: 1 - DYE_IN_LIQUID },
            { name: names[1] ?? '', fraction: DYE_IN_LIQUID },
          ]
        : falling(names);
  return parts.map(({ name, fraction }) => ({
    name,
    fraction,
    isColor: COLOR.test(name) || (role === 'color' && NAMED_COLORS.has(name)),
  }));
}

/** Are the shares of this material’s ingredients a guess? */
export function sharesAreGuessed(material: Material): boolean {
  const names = namesIn(material.inci);
  return (
    names.length > 1 &&
    SHIPPED_INCI.get(material.likeId) !== material.inci &&
    !(names.length === 2 && names[0] === 'Aqua')
  );
}

export function namesIn(inci: string): readonly string[] {
  return inci
    .split(/[,;]/)
    .map((name) => name.trim())
    .filter((name) => name !== '');
}

function falling(names: readonly string[]) {
  if (names.length === 0) return [{ name: '', fraction: 1 }];
  const all = (names.length * (names.length + 1)) / 2;
  return names.map((name, i) => ({ name, fraction: (names.length - i) / all }));
}

const SHIPPED_INCI = new Map(MATERIALS.map(({ id, inci }) => [id, inci]));

const KNOWN = new Set(
  [
    ...MATERIALS.flatMap(({ inci }) => namesIn(inci)),
    ...Object.values(SPLITS).flatMap((parts) => parts.map(({ name }) => name)),
  ].map((name) => name.toLowerCase()),
);

/** Is this a name that the list which ships has? Others may be right and are to be looked up. */
export function isKnownIngredient(name: string): boolean {
  return KNOWN.has(name.trim().toLowerCase());
}
