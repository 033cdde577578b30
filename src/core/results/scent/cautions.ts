import type { Material } from '@/core/matter/materials/material';
import { compositionOf } from './compositions';
import type { ConstituentId } from './constituents';
import type { ConstituentReading } from './limits';

/** From this share a declared allergen is named on a rinse-off cosmetic, %. Source: EU Regulation 1223/2009, 2023/1545. */
export const DECLARED_FROM_PCT = 0.01;

/** Share of camphor, cineole and menthol together from which an oil is kept from infants, 0 to 1. From memory. */
const INFANTS_FROM_FRACTION = 0.05;

/** Is this kept from infants and small children, by what is in it and not by its name? From memory. */
export function cautionedForInfants(material: Material): boolean {
  const { cineole = 0, camphor = 0, menthol = 0 } = compositionOf(material) ?? {};
  return cineole + camphor + menthol >= INFANTS_FROM_FRACTION;
}

/** Constituents an EU label names, by falling share. */
export function declaredAllergens(
  constituents: readonly ConstituentReading[],
): readonly ConstituentReading[] {
  return constituents.filter(
    ({ constituent, pctOfMix }) => constituent.isDeclared && pctOfMix > DECLARED_FROM_PCT,
  );
}

/** Shares from which an oil is commonly advised against in pregnancy, 0 to 1. From memory. */
const PREGNANCY: ReadonlyArray<readonly [ConstituentId, number]> = [
  ['methyl-salicylate', 0.1],
  ['estragole', 0.01],
  ['camphor', 0.05],
  ['pulegone', 0.01],
  ['thymol', 0.2],
  ['safrole', 0.001],
];
/** Advised against for other reasons than a constituent on file. From memory. */
const PREGNANCY_IDS = new Set(['clary-sage-essential-oil', 'juniper-berry-essential-oil']);

/** Is this scent commonly advised against in pregnancy? From memory; a qualified person decides. */
export function cautionedInPregnancy(material: Material): boolean {
  const shares = compositionOf(material) ?? {};
  return (
    PREGNANCY_IDS.has(material.likeId) || PREGNANCY.some(([id, from]) => (shares[id] ?? 0) >= from)
  );
}
