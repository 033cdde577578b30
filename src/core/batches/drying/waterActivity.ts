import { portionsG, type Portion } from '@/core/matter/materials/portion';

/** Water activity of a mix whose salts are citrate, soda and table salt. Rovack estimate. */
export const USUAL_WATER_ACTIVITY_PCT = 75;
/** Of Epsom salt by itself. Source: CRC Handbook, not looked up. */
const EPSOM_PCT = 90;
/** A salt that draws water sooner rules the mix from this share on; a trace rules in part. Rovack estimate. */
const RULES_FROM_FRACTION = 0.05;

/**
 * Humidity at which a mix neither dries nor draws water, %: that of the salt that draws first, by how much of it there
 * is. Magnesium chloride pulls it down to 33, Epsom salt alone holds it up at 90.
 * Rovack estimate on deliquescence points (CRC Handbook, not looked up).
 * @param contents grams 0 or more
 */
export function waterActivityPct(contents: readonly Portion[]): number {
  const totalG = portionsG(contents);
  if (!(totalG > 0)) return USUAL_WATER_ACTIVITY_PCT;
  const weightOf = (massG: number) => Math.min(1, massG / totalG / RULES_FROM_FRACTION);
  const drawing = contents.flatMap(({ material, massG }) =>
    material.drawsWater && massG > 0 ? [{ pct: material.drawsWater.value.fromPct, massG }] : [],
  );
  const epsomG = sumOf(drawing.filter(({ pct }) => pct === EPSOM_PCT));
  const usualG =
    sumOf(contents.filter(({ material }) => material.chemistry !== undefined)) - epsomG;
  const base =
    EPSOM_PCT - (EPSOM_PCT - USUAL_WATER_ACTIVITY_PCT) * (epsomG > 0 ? weightOf(usualG) : 1);
  return drawing
    .filter(({ pct }) => pct < base)
    .sort((a, b) => b.pct - a.pct)
    .reduce((pct, one) => pct - (pct - one.pct) * weightOf(one.massG), base);
}

function sumOf(entries: readonly { readonly massG: number }[]): number {
  return entries.reduce((sum, { massG }) => sum + massG, 0);
}
