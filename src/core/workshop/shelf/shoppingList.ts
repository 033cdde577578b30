import type { Need } from '@/core/work/scaling/together';

/** Nobody buys it, and it costs nothing worth counting. */
export const FROM_THE_TAP = 'water';

export interface ToBuy {
  readonly materialId: string;
  readonly neededG: number;
  readonly hereG: number;
  /** Grams short of the need and of the least the maker wants to keep; 0 when there is enough. */
  readonly missingG: number;
  /** Packs to order, or null when the pack size is not known. */
  readonly packs: number | null;
  readonly packG: number | null;
  /** What comes when it is bought: whole packs, or the missing grams. */
  readonly buyG: number;
  /** Money for it; null when no price is known. */
  readonly cost: number | null;
}

export interface BuyingFacts {
  readonly packG: number | null;
  readonly lowG: number | null;
  readonly pricePerKg: number | null;
}

/**
 * What to buy for these needs: what usable lots do not hold, up to what should stay on the shelf, in whole packs.
 * @param factsOf what is known of a material's packs and price
 */
export function shoppingList(
  needs: readonly Pick<Need, 'materialId' | 'massG'>[],
  hereG: ReadonlyMap<string, number>,
  factsOf: (materialId: string) => BuyingFacts,
): readonly ToBuy[] {
  return needs
    .filter(({ materialId }) => materialId !== FROM_THE_TAP)
    .map(({ materialId, massG: neededG }) => {
      const { packG, lowG, pricePerKg } = factsOf(materialId);
      const here = hereG.get(materialId) ?? 0;
      const missingG = Math.max(0, neededG + (lowG ?? 0) - here);
      const packs = packG === null ? null : Math.ceil(missingG / packG - 1e-9);
      const buyG = packG === null || packs === null ? missingG : packs * packG;
      return {
        materialId,
        neededG,
        hereG: here,
        missingG,
        packs,
        packG,
        buyG,
        cost: pricePerKg === null ? null : (buyG / 1000) * pricePerKg,
      };
    });
}
