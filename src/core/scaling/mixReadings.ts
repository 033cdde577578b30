import { dampReading, type MaterialMass } from '../binder';
import { fizzBalance } from '../chemistry';
import type { FormulaBody } from '../formula';
import { materialById, reactantsOf } from '../materials';

/** What weights must hold: each null where the mix has none of it. */
export interface MixReadings {
  readonly sodaToAcidByMass: number | null;
  /** Of the main mix. */
  readonly dampIndexPct: number | null;
  /** Of the main mix. */
  readonly freeWaterPct: number;
  readonly scentLoadPct: number;
  readonly totalG: number;
}

const ROOM_TEMP_C = 20;

/**
 * Readings of a body at these grams, line by line in the order of its parts.
 * @param massesG one for each line of the body
 */
export function mixReadings(body: FormulaBody, massesG: readonly number[]): MixReadings {
  const lines = body.parts.flatMap((part) => part.lines);
  const contents: MaterialMass[] = lines.map(({ materialId }, i) => ({
    materialId,
    massG: massesG[i] ?? 0,
  }));
  const totalG = contents.reduce((sum, { massG }) => sum + massG, 0);
  const scentG = contents.reduce(
    (sum, { materialId, massG }) => (materialById(materialId).role === 'scent' ? sum + massG : sum),
    0,
  );
  const { dampIndexPct, freeWaterPct } = dampReading(
    contents.slice(0, body.parts[0]?.lines.length ?? 0),
  );
  return {
    sodaToAcidByMass: fizzBalance(reactantsOf(contents), ROOM_TEMP_C).sodaToAcidByMass,
    dampIndexPct,
    freeWaterPct,
    scentLoadPct: totalG > 0 ? (100 * scentG) / totalG : 0,
    totalG,
  };
}

/** Changes that count as much as one line at the edge of its tolerance. Model of ours. */
const ALLOWED_RATIO_FRACTION = 0.003;
const ALLOWED_DAMP = 0.05;
const ALLOWED_WATER_PCT = 0.02;
const ALLOWED_LOAD_FRACTION = 0.01;
const ALLOWED_TOTAL_FRACTION = 0.0005;
/** Share of a line that is moved to see what each reading does. */
const NUDGE_FRACTION = 1e-4;

/** For each line the change of every reading for a gram more, and for every reading what is allowed. */
export function readingSlopes(
  body: FormulaBody,
  massesG: readonly number[],
): { readonly slopes: readonly (readonly number[])[]; readonly allowed: readonly number[] } {
  const at = mixReadings(body, massesG);
  const scales = [
    { value: at.sodaToAcidByMass, allowed: (at.sodaToAcidByMass ?? 1) * ALLOWED_RATIO_FRACTION },
    { value: at.dampIndexPct, allowed: ALLOWED_DAMP },
    { value: at.freeWaterPct, allowed: ALLOWED_WATER_PCT },
    { value: at.scentLoadPct, allowed: Math.max(0.001, at.scentLoadPct * ALLOWED_LOAD_FRACTION) },
    { value: at.totalG, allowed: Math.max(0.01, at.totalG * ALLOWED_TOTAL_FRACTION) },
  ];
  const valuesOf = (readings: MixReadings) => [
    readings.sodaToAcidByMass,
    readings.dampIndexPct,
    readings.freeWaterPct,
    readings.scentLoadPct,
    readings.totalG,
  ];
  const slopes = massesG.map((massG, i) => {
    const byG = Math.max(massG * NUDGE_FRACTION, 1e-6);
    const more = valuesOf(mixReadings(body, massesG.with(i, massG + byG)));
    return scales.map(({ value }, k) => {
      const moved = more[k];
      return value === null || moved === null || moved === undefined ? 0 : (moved - value) / byG;
    });
  });
  return {
    slopes,
    // A ratio of nothing but soda, at 0, still allows something.
    allowed: scales.map(({ allowed }) => Math.max(allowed, 1e-6)),
  };
}
