import { dampReading } from './damp';
import { fizzBalance } from '@/core/matter/chemistry/stoichiometry';
import { allLines } from '@/core/formula/model/edit';
import type { FormulaBody } from '@/core/formula/model/schema';
import { gramsWhere, portionsG, type Portion } from '@/core/matter/materials/portion';
import { materialById, type Catalog } from '@/core/matter/materials/catalog';
import { reactantsOf } from '@/core/matter/materials/reactants';
import type { Material } from '@/core/matter/materials/material';

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

/** The materials of a body line by line, in the order of its parts; the main mix comes first. */
export interface Mix {
  readonly materials: readonly Material[];
  /** Lines of the main mix. */
  readonly mainLines: number;
}

export function mixOf(body: FormulaBody, catalog: Catalog): Mix {
  return {
    materials: allLines(body).map(({ materialId }) => materialById(catalog, materialId)),
    mainLines: body.parts[0]?.lines.length ?? 0,
  };
}

/**
 * Readings of a mix at these grams.
 * @param massesG one for each line of the mix
 */
export function mixReadings(
  { materials, mainLines }: Mix,
  massesG: readonly number[],
): MixReadings {
  const contents: Portion[] = materials.map((material, i) => ({
    material,
    massG: massesG[i] ?? 0,
  }));
  const totalG = portionsG(contents);
  const scentG = gramsWhere(contents, ({ role }) => role === 'scent');
  const { dampIndexPct, freeWaterPct } = dampReading(contents.slice(0, mainLines));
  return {
    sodaToAcidByMass: fizzBalance(reactantsOf(contents), ROOM_TEMP_C).sodaToAcidByMass,
    dampIndexPct,
    freeWaterPct,
    scentLoadPct: totalG > 0 ? (100 * scentG) / totalG : 0,
    totalG,
  };
}

/** Changes that count as much as one line at the edge of its tolerance. Rovack estimate. */
const ALLOWED_RATIO_FRACTION = 0.003;
const ALLOWED_DAMP = 0.05;
const ALLOWED_WATER_PCT = 0.02;
const ALLOWED_LOAD_FRACTION = 0.01;
const ALLOWED_TOTAL_FRACTION = 0.0005;
/** Share of a line that is moved to see what each reading does. */
const NUDGE_FRACTION = 1e-4;

/** For each line the change of every reading for a gram more, and for every reading what is allowed. */
export function readingSlopes(
  mix: Mix,
  massesG: readonly number[],
): { readonly slopes: readonly (readonly number[])[]; readonly allowed: readonly number[] } {
  const at = mixReadings(mix, massesG);
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
    const more = valuesOf(mixReadings(mix, massesG.with(i, massG + byG)));
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
