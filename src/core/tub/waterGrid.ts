import { entryAt } from '@/core/basics/entryAt';
import { seededRandom } from '@/core/basics/numeric/random';
import { bathCurve, waterLinear } from '@/core/results/color/water';
import { bytesOfLinear } from '@/core/results/color/srgb';
import { placeAt, radiusMmAt } from './motion';
import { strewnCm } from './vessel';
import { dissolved, MIXED_AFTER_S, momentAt, type FilmPlan } from './plan';

export interface GridSize {
  readonly columns: number;
  readonly rows: number;
}

/** Stirring by the gas and by warmth, cm²/s and cm/s. Rovack estimates. */
const STILL_CM2_S = 0.6;
const STIRRED_CM2_S = 0.9;
const STIRRED_WITHIN_CM = 16;
const EDDY_CM_S = 0.24;
/** The slowest unevenness shrinks by e so many times while somebody moves the water. */
const MIXED_TIMES = 7.5;
/** What leaves the piece is caught in its plume so far out, cm. Rovack estimate. */
const PLUME_CM = 2.2;
const SWIRLS = 12;
/** Water crosses at most this share of a cell in a step. */
const CROSSES = 0.45;

interface Dye {
  readonly materialId: string;
  readonly curve: Float64Array;
  /** Grams in each cell. */
  grams: Float64Array;
}

interface Swirl {
  /** At each corner of the cells. */
  readonly shape: Float64Array;
  readonly periodS: number;
  readonly phase: number;
}

/**
 * Dyes in the water as it is seen from above, through its depth: each leaves its layer as that wears, is carried by eddies
 * and spreads. Transport is by finite volumes (upwind for what is carried, implicit along each axis for what spreads), so
 * that the mass of each dye stays as it is and none falls below zero.
 */
export class WaterGrid {
  readonly dyes: readonly Dye[];
  private seconds = 0;
  private readonly cellCm: readonly [number, number];
  private readonly swirls: readonly Swirl[];
  /** Flow through the faces between cells, cm/s: to the right, and down. */
  private readonly right: Float64Array;
  private readonly down: Float64Array;

  constructor(
    private readonly plan: FilmPlan,
    readonly size: GridSize,
  ) {
    const { columns, rows } = size;
    const seen = new Map<string, Dye>();
    for (const { material } of plan.layers.flatMap(({ portions }) => portions)) {
      const curve = bathCurve(material);
      if (curve)
        seen.set(material.id, {
          materialId: material.id,
          curve,
          grams: new Float64Array(columns * rows),
        });
    }
    this.dyes = [...seen.values()];
    this.cellCm = [plan.vessel.lengthCm / columns, plan.vessel.widthCm / rows];
    this.swirls = swirlsOf(plan.seed, size);
    this.right = new Float64Array((columns + 1) * rows);
    this.down = new Float64Array(columns * (rows + 1));
  }

  /** Goes on to a later moment. @param stepS 0 or more */
  step(stepS: number): void {
    const from = this.seconds;
    const to = Math.min(this.plan.settledS, from + stepS);
    if (!(to > from)) return;
    this.release(from, to);
    this.carry(to - from);
    this.spread(to - from);
    this.seconds = to;
  }

  /** Red, green and blue of each cell, row by row, 0 to 255. */
  tint(): Uint8ClampedArray {
    const { columns, rows } = this.size;
    const cellL = this.plan.volumeL / (columns * rows);
    const bytes = new Uint8ClampedArray(3 * columns * rows);
    bytes.fill(255);
    if (this.dyes.length === 0) return bytes;
    const [first] = this.dyes;
    const absorbance = new Float64Array(first?.curve.length ?? 0);
    for (let cell = 0; cell < columns * rows; cell++) {
      absorbance.fill(0);
      for (const { curve, grams } of this.dyes) {
        const gL = (grams[cell] ?? 0) / cellL;
        if (gL > 0)
          for (let i = 0; i < curve.length; i++)
            absorbance[i] = (absorbance[i] ?? 0) + (curve[i] ?? 0) * gL;
      }
      bytes.set(bytesOfLinear(waterLinear(absorbance)), 3 * cell);
    }
    return bytes;
  }

  /** What has left the layers since, each dye where its layer wears. */
  private release(from: number, to: number): void {
    const { layers } = this.plan;
    const [before, after] = [momentAt(this.plan, from), momentAt(this.plan, to)];
    const shells = layers.filter(({ place }) => place === 'shell');
    layers.forEach((layer, i) => {
      const share = entryAt(after.worn, i) - entryAt(before.worn, i);
      if (!(share > 0)) return;
      const side = shells.length > 1 ? shells.indexOf(layer) / shells.length : -1;
      for (const { material, massG } of dissolved([layer], [share])) {
        const dye = this.dyes.find(({ materialId }) => materialId === material.id);
        if (dye && massG > 0) this.pour(dye, massG, to, side);
      }
    });
  }

  private pour(dye: Dye, massG: number, seconds: number, side: number): void {
    const { columns, rows } = this.size;
    const [cellX, cellY] = this.cellCm;
    const { lengthCm, widthCm } = this.plan.vessel;
    const place = placeAt(this.plan, seconds);
    const radiusCm = radiusMmAt(this.plan, seconds) / 10;
    const isStrewn = this.plan.wear.kind === 'scattered';
    const [sigmaX, sigmaY] = isStrewn
      ? strewnCm(this.plan.vessel)
      : [radiusCm / 2 + PLUME_CM, radiusCm / 2 + PLUME_CM];
    const angle = place.turn + 2 * Math.PI * side;
    const out = side < 0 ? 0 : radiusCm + PLUME_CM / 2;
    const x = lengthCm / 2 + place.xCm + out * Math.cos(angle);
    const y = widthCm / 2 + place.yCm + out * Math.sin(angle);
    const along = (cells: number, cellCm: number, middle: number, sigma: number) =>
      Float64Array.from({ length: cells }, (_, i) =>
        Math.exp(-0.5 * (((i + 0.5) * cellCm - middle) / Math.max(sigma, cellCm)) ** 2),
      );
    const inX = along(columns, cellX, x, sigmaX);
    const inY = along(rows, cellY, y, sigmaY);
    const all = sumOf(inX) * sumOf(inY);
    for (let row = 0; row < rows; row++)
      for (let column = 0; column < columns; column++) {
        const cell = row * columns + column;
        const share = ((inX[column] ?? 0) * (inY[row] ?? 0)) / all;
        dye.grams[cell] = (dye.grams[cell] ?? 0) + massG * share;
      }
  }

  /** Eddies carry the dyes: what leaves a cell comes into its neighbor. */
  private carry(stepS: number): void {
    const { gasMlPerS } = momentAt(this.plan, this.seconds);
    const speed = EDDY_CM_S * Math.sqrt(gasMlPerS);
    if (!(speed > 0)) return;
    const [cellX, cellY] = this.cellCm;
    const fastest = this.flow(speed);
    const crosses = fastest * stepS * (1 / cellX + 1 / cellY);
    const times = Math.max(1, Math.ceil(crosses / CROSSES));
    for (let i = 0; i < times; i++)
      for (const dye of this.dyes) dye.grams = this.carried(dye.grams, stepS / times);
  }

  /** Flow through each face out of a stream function, so that as much comes into each cell as leaves it. @returns the fastest, cm/s */
  private flow(speed: number): number {
    const { columns, rows } = this.size;
    const [cellX, cellY] = this.cellCm;
    const stream = new Float64Array((columns + 1) * (rows + 1));
    for (const { shape, periodS, phase } of this.swirls) {
      const now = Math.sin((2 * Math.PI * this.seconds) / periodS + phase);
      for (let i = 0; i < stream.length; i++) stream[i] = (stream[i] ?? 0) + now * (shape[i] ?? 0);
    }
    const at = (column: number, row: number) => stream[row * (columns + 1) + column] ?? 0;
    let fastest = 0;
    for (let row = 0; row < rows; row++)
      for (let column = 0; column <= columns; column++) {
        const through = (at(column, row + 1) - at(column, row)) / cellY;
        this.right[row * (columns + 1) + column] = through;
        fastest = Math.max(fastest, Math.abs(through));
      }
    for (let row = 0; row <= rows; row++)
      for (let column = 0; column < columns; column++) {
        const through = -(at(column + 1, row) - at(column, row)) / cellX;
        this.down[row * columns + column] = through;
        fastest = Math.max(fastest, Math.abs(through));
      }
    const scale = fastest > 0 ? speed / fastest : 0;
    for (let i = 0; i < this.right.length; i++) this.right[i] = (this.right[i] ?? 0) * scale;
    for (let i = 0; i < this.down.length; i++) this.down[i] = (this.down[i] ?? 0) * scale;
    return speed;
  }

  private carried(grams: Float64Array, stepS: number): Float64Array {
    const { columns, rows } = this.size;
    const [cellX, cellY] = this.cellCm;
    const next = grams.slice();
    const move = (from: number, to: number, share: number) => {
      const moved = (grams[from] ?? 0) * share;
      next[from] = (next[from] ?? 0) - moved;
      next[to] = (next[to] ?? 0) + moved;
    };
    for (let row = 0; row < rows; row++)
      for (let column = 1; column < columns; column++) {
        const share = ((this.right[row * (columns + 1) + column] ?? 0) * stepS) / cellX;
        const here = row * columns + column;
        if (share > 0) move(here - 1, here, share);
        else move(here, here - 1, -share);
      }
    for (let row = 1; row < rows; row++)
      for (let column = 0; column < columns; column++) {
        const share = ((this.down[row * columns + column] ?? 0) * stepS) / cellY;
        const here = row * columns + column;
        if (share > 0) move(here - columns, here, share);
        else move(here, here - columns, -share);
      }
    return next;
  }

  /** Spreads along one axis, then along the other: unconditionally stable (Lie splitting, backward Euler). */
  private spread(stepS: number): void {
    const { columns, rows } = this.size;
    const [cellX, cellY] = this.cellCm;
    const cm2S = this.spreading();
    const cells = Math.max(columns, rows);
    const line = {
      face: new Float64Array(cells + 1),
      c: new Float64Array(cells),
      d: new Float64Array(cells),
    };
    for (const { grams } of this.dyes) {
      for (let row = 0; row < rows; row++)
        spreadLine(grams, cm2S, row * columns, 1, columns, stepS / cellX ** 2, line);
      for (let column = 0; column < columns; column++)
        spreadLine(grams, cm2S, column, columns, rows, stepS / cellY ** 2, line);
    }
  }

  /** How fast each cell spreads what it holds, cm²/s. */
  private spreading(): Float64Array {
    const { columns, rows } = this.size;
    const [cellX, cellY] = this.cellCm;
    const { lengthCm, widthCm } = this.plan.vessel;
    const { gasMlPerS } = momentAt(this.plan, this.seconds);
    const place = placeAt(this.plan, this.seconds);
    const stirred = STIRRED_CM2_S * Math.sqrt(gasMlPerS);
    const isGone = this.seconds >= this.plan.goneS;
    const longestCm = Math.max(lengthCm, widthCm);
    const mixed = isGone ? (MIXED_TIMES * longestCm ** 2) / (Math.PI ** 2 * MIXED_AFTER_S) : 0;
    const cm2S = new Float64Array(columns * rows);
    for (let row = 0; row < rows; row++)
      for (let column = 0; column < columns; column++) {
        const x = (column + 0.5) * cellX - lengthCm / 2 - place.xCm;
        const y = (row + 0.5) * cellY - widthCm / 2 - place.yCm;
        const near = Math.exp(-(x * x + y * y) / STIRRED_WITHIN_CM ** 2);
        cm2S[row * columns + column] = STILL_CM2_S + mixed + stirred * near;
      }
    return cm2S;
  }
}

interface Line {
  readonly face: Float64Array;
  readonly c: Float64Array;
  readonly d: Float64Array;
}

/** One line of cells, spread implicitly by elimination (Thomas). What lies between two cells spreads by their mean. */
function spreadLine(
  grams: Float64Array,
  cm2S: Float64Array,
  from: number,
  stride: number,
  cells: number,
  perCm2: number,
  { face, c, d }: Line,
): void {
  const at = (i: number) => from + i * stride;
  face[0] = 0;
  face[cells] = 0;
  for (let i = 1; i < cells; i++)
    face[i] = (perCm2 * ((cm2S[at(i - 1)] ?? 0) + (cm2S[at(i)] ?? 0))) / 2;
  let [cBefore, dBefore] = [0, 0];
  for (let i = 0; i < cells; i++) {
    const [low, high] = [face[i] ?? 0, face[i + 1] ?? 0];
    const pivot = 1 + low + high - low * cBefore;
    cBefore = high / pivot;
    dBefore = ((grams[at(i)] ?? 0) + low * dBefore) / pivot;
    c[i] = cBefore;
    d[i] = dBefore;
  }
  let after = 0;
  for (let i = cells - 1; i >= 0; i--) {
    after = (d[i] ?? 0) + (c[i] ?? 0) * after;
    grams[at(i)] = after;
  }
}

/** Standing swirls of the vessel, a few of the long ones, that come and go; none crosses a wall. */
function swirlsOf(seed: number, { columns, rows }: GridSize): readonly Swirl[] {
  const random = seededRandom(seed ^ 0x5eed);
  return Array.from({ length: SWIRLS }, () => {
    const [alongX, alongY] = [1 + Math.floor(6 * random()), 1 + Math.floor(4 * random())];
    const shape = new Float64Array((columns + 1) * (rows + 1));
    for (let row = 0; row <= rows; row++)
      for (let column = 0; column <= columns; column++)
        shape[row * (columns + 1) + column] =
          Math.sin((alongX * Math.PI * column) / columns) *
          Math.sin((alongY * Math.PI * row) / rows);
    return { shape, periodS: 20 + 40 * random(), phase: 2 * Math.PI * random() };
  });
}

function sumOf(values: Float64Array): number {
  return values.reduce((sum, value) => sum + value, 0);
}
