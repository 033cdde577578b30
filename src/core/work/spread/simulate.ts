import type { FormulaBody } from '@/core/formula/model/schema';
import { materialById, type Catalog } from '@/core/matter/materials/catalog';
import type { Material } from '@/core/matter/materials/material';
import { mixOf, mixReadings } from '@/core/results/binder/mixReadings';
import type { PlannedLine } from '../scaling/planLines';
import type { SmallMeasures } from '@/core/formula/reading/massOfMeasures';
import type { Spread } from '@/core/basics/units/spread';
import { drawNormal, drawTriangular, seededRandom } from '@/core/basics/numeric/random';

/** How the same grams get into the bowl. */
export type Measuring = 'weighed' | 'by cup and spoon';

export interface SpreadQuestion {
  readonly body: FormulaBody;
  /** One for each line of the body, in the order of its parts. */
  readonly lines: readonly PlannedLine[];
  readonly small: SmallMeasures;
  /** Grams of a piece, from the loosest to the firmest packing. */
  readonly pieceG: Spread;
  readonly bowlCount: number;
  readonly lossPct: number;
  readonly draws: number;
  readonly seed: number;
}

export interface Distribution {
  /** 5%, 50% and 95% of the draws lie below these. */
  readonly low: number;
  readonly median: number;
  readonly high: number;
  /** Draws by equal steps from `from` to `to`. */
  readonly from: number;
  readonly to: number;
  readonly counts: readonly number[];
}

export interface SpreadResult {
  readonly draws: number;
  /** Null where the mix has none of it. */
  readonly ratio: Distribution | null;
  readonly dampIndexPct: Distribution | null;
  readonly scentLoadPct: Distribution | null;
  readonly pieces: Distribution | null;
}

/** A reading repeats to about half a step on a bench scale. Rovack estimate. */
const REPEATS_STEPS = 0.5;
const BINS = 40;
/** Draws between two words on how far it is. */
const CHUNK = 2000;

/**
 * What the readings really are when every line is measured this way: each draw takes every line again.
 * Weighed: the step's rounding (uniform) and the scale's repeat (normal). By cup and spoon: a level measure of each
 * powder between its loosest and its firmest filling, liquids to 3 % (triangular). Drops: each line's drops by the
 * dropper's own spread. Pieces: the mix less the loss, over a packing between loosest and firmest.
 * @param onProgress told the share that is done, 0 to 1; awaited, so that a message can go out
 */
export async function simulateSpread(
  question: SpreadQuestion,
  measuring: Measuring,
  catalog: Catalog,
  onProgress: (done: number) => void | Promise<void> = () => {},
): Promise<SpreadResult> {
  const { body, lines, draws, bowlCount, lossPct, pieceG } = question;
  if (!(Number.isInteger(draws) && draws > 0))
    throw new RangeError(`draws must be a whole number over 0, got ${draws}`);
  const random = seededRandom(question.seed);
  const mix = mixOf(body, catalog);
  const measures = lines.map((line) =>
    measureOf(line, materialById(catalog, line.materialId), measuring, question.small),
  );
  const ratio: number[] = [];
  const damp: number[] = [];
  const load: number[] = [];
  const pieces: number[] = [];
  for (let i = 0; i < draws; i++) {
    const masses = measures.map((draw) => draw(random));
    const readings = mixReadings(mix, masses);
    if (readings.sodaToAcidByMass !== null) ratio.push(readings.sodaToAcidByMass);
    if (readings.dampIndexPct !== null) damp.push(readings.dampIndexPct);
    load.push(readings.scentLoadPct);
    pieces.push(
      (readings.totalG * bowlCount * (1 - lossPct / 100)) / drawTriangular(pieceG, random),
    );
    if (i % CHUNK === CHUNK - 1) await onProgress((i + 1) / draws);
  }
  return {
    draws,
    ratio: distributionOf(ratio),
    dampIndexPct: distributionOf(damp),
    scentLoadPct: distributionOf(load),
    pieces: distributionOf(pieces),
  };
}

/** How one line's grams are drawn. */
function measureOf(
  line: PlannedLine,
  material: Material,
  measuring: Measuring,
  small: SmallMeasures,
): (random: () => number) => number {
  if (measuring === 'by cup and spoon') {
    return byLevelMeasure(line.exactG, material);
  }
  if (line.counted?.how === 'spoons') return byLevelMeasure(line.targetG, material);
  if (line.counted) {
    const { low, best, high } =
      material.role === 'oil' || material.role === 'scent' ? small.oilDropsPerMl : small.dropsPerMl;
    // More drops to the milliliter are smaller drops.
    const measure = {
      low: (line.targetG * best) / high,
      best: line.targetG,
      high: (line.targetG * best) / low,
    };
    return (random) => drawTriangular(measure, random);
  }
  const share = line.weighG > 0 ? line.targetG / line.weighG : 1;
  return (random) =>
    Math.max(
      0,
      share *
        (line.weighG +
          (random() - 0.5) * line.stepG +
          drawNormal(0, REPEATS_STEPS * line.stepG, random)),
    );
}

/** Spoons and cups of it between the loosest and the firmest filling. */
function byLevelMeasure(massG: number, material: Material): (random: () => number) => number {
  const { low, best, high } = material.densityGMl.level.value;
  const measure = { low: (massG * low) / best, best: massG, high: (massG * high) / best };
  return (random) => drawTriangular(measure, random);
}

function distributionOf(values: readonly number[]): Distribution | null {
  if (values.length === 0) return null;
  const sorted = Float64Array.from(values).sort();
  const at = (share: number) => sorted[Math.round(share * (sorted.length - 1))] as number;
  // The picture leaves out one draw in two hundred at each end, so that a stray one does not flatten it.
  const from = at(0.005);
  const to = at(0.995);
  const counts = new Array<number>(BINS).fill(0);
  for (const value of values) {
    const bin = to > from ? Math.floor(((value - from) / (to - from)) * BINS) : 0;
    if (bin >= 0 && bin < BINS) counts[bin] = (counts[bin] as number) + 1;
  }
  return { low: at(0.05), median: at(0.5), high: at(0.95), from, to, counts };
}
