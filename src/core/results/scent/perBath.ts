import { useOf } from '@/core/formula/model/messages';
import type { Family } from '@/core/formula/model/schema';
import { portionsG, type Portion } from '@/core/matter/materials/portion';

/** Essential oil that one bath gets. */
export interface OilPerBath {
  readonly massG: number;
  readonly volumeMl: number;
  /** As a dropper of oil gives them. */
  readonly drops: number;
}

/** Drops of oil to the milliliter: 25 to 40 seen, by the dropper. Common practice. */
const DROPS_PER_ML = 30;
/** Neither a plain fragrance nor crystals are counted in drops. */
const isEssentialOil = ({ role, inci, id }: Portion['material']) =>
  role === 'scent' && inci !== 'Parfum' && id !== 'menthol' && id !== 'camphor';

/**
 * Essential oil in one bath: makers and books think of it in drops.
 * @param contents the whole mix, grams 0 or more
 * @param pieceG grams that go into one bath; null for the whole mix
 * @returns null where nobody bathes in it, or there is none
 */
export function oilPerBath(
  contents: readonly Portion[],
  family: Family,
  pieceG: number | null,
): OilPerBath | null {
  const totalG = portionsG(contents);
  const oils = contents.filter(({ material, massG }) => massG > 0 && isEssentialOil(material));
  if (useOf(family) !== 'tub' || oils.length === 0 || !(totalG > 0)) return null;
  const share = (pieceG ?? totalG) / totalG;
  const massG = portionsG(oils) * share;
  const volumeMl = oils.reduce(
    (sum, one) => sum + (one.massG * share) / one.material.trueDensityGMl.value,
    0,
  );
  return { massG, volumeMl, drops: volumeMl * DROPS_PER_ML };
}
