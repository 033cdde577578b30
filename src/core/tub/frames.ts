import type { FilmPlan } from './plan';
import type { Vessel } from './vessel';
import { WaterGrid, type GridSize } from './waterGrid';

export type { GridSize };

/** The water of the film at evenly spaced moments, from touch to settled. */
export const KEY_FRAMES = 160;
/** Steps of the water in a second of film at the least, and in the whole at the least and at the most. */
const STEP_S = 0.25;
const LEAST_STEPS = 640;
const MOST_STEPS = 1600;
/** Cells along the vessel: for a quick device, and for a slow one. */
export const CELLS = { fine: 64, coarse: 32 } as const;
export type Fineness = keyof typeof CELLS;

/** Cells of about one shape, so many along the vessel. */
export function gridSizeOf({ lengthCm, widthCm }: Vessel, fineness: Fineness): GridSize {
  const columns = CELLS[fineness];
  return { columns, rows: Math.max(8, Math.round((columns * widthCm) / lengthCm)) };
}

/** Red, green and blue of each cell, row by row, one key frame after the other. */
export function* waterFrames(plan: FilmPlan, size: GridSize): Generator<Uint8ClampedArray> {
  const grid = new WaterGrid(plan, size);
  const between = plan.settledS / (KEY_FRAMES - 1);
  const steps = Math.min(MOST_STEPS, Math.max(LEAST_STEPS, plan.settledS / STEP_S));
  const each = Math.ceil(steps / (KEY_FRAMES - 1));
  yield grid.tint();
  for (let i = 1; i < KEY_FRAMES; i++) {
    for (let k = 0; k < each; k++) grid.step(between / each);
    yield grid.tint();
  }
}
