import { scaleLinear } from 'd3-scale';
import { area, line } from 'd3-shape';
import type { FindableBatch, OutcomeSeen } from '@/core/goods/archive/findBatches';
import type { WindowAt } from '@/core/workshop/taught/windowsByHumidity';

/** A batch that can be drawn: its room and its moisture are known. */
export interface Mark {
  readonly id: string;
  readonly code: string;
  readonly name: string;
  readonly formulaId: string;
  readonly startedAt: string;
  readonly humidityPct: number;
  readonly dampPct: number;
  readonly outcome: OutcomeSeen;
}

export function marksOf(batches: readonly FindableBatch[]): readonly Mark[] {
  return batches.flatMap(({ digest, outcome }) =>
    digest.humidityPct === null || digest.dampPct === null
      ? []
      : [
          {
            id: digest.id,
            code: digest.code,
            name: digest.formulaName,
            formulaId: digest.formulaId,
            startedAt: digest.startedAt,
            humidityPct: digest.humidityPct,
            dampPct: digest.dampPct,
            outcome,
          },
        ],
  );
}

const MARGIN = { left: 48, right: 14, top: 26, bottom: 40 } as const;
/** Humidity that is always in the picture, % and the most moisture, index. */
const USUAL = { low: 30, high: 65, damp: 20 } as const;
const AROUND = 3;

export type Geometry = ReturnType<typeof geometryOf>;

/** Scales and the shapes of the ranges, for a picture of this size, px. */
export function geometryOf(
  width: number,
  height: number,
  marks: ReadonlyArray<Pick<Mark, 'humidityPct' | 'dampPct'>>,
) {
  // A loop: ten thousand would be too many arguments.
  let { low, high, damp }: { low: number; high: number; damp: number } = USUAL;
  for (const mark of marks) {
    low = Math.min(low, mark.humidityPct - AROUND);
    high = Math.max(high, mark.humidityPct + AROUND);
    damp = Math.max(damp, mark.dampPct * 1.06);
  }
  const x = scaleLinear()
    .domain([Math.max(0, low), Math.min(100, high)])
    .range([MARGIN.left, Math.max(MARGIN.left + 50, width - MARGIN.right)]);
  const y = scaleLinear()
    .domain([0, damp])
    .range([height - MARGIN.bottom, MARGIN.top]);
  const ribbon = (
    windows: readonly WindowAt[],
    of: (at: WindowAt) => { readonly low: number; readonly high: number } | null,
  ) =>
    area<WindowAt>()
      .defined((at) => of(at) !== null)
      .x(({ humidityPct }) => x(humidityPct))
      .y0((at) => y(of(at)?.low ?? 0))
      .y1((at) => y(of(at)?.high ?? 0))([...windows]) ?? '';
  const aim = (windows: readonly WindowAt[]) =>
    line<WindowAt>()
      .defined(({ yours }) => yours !== null)
      .x(({ humidityPct }) => x(humidityPct))
      .y(({ yours }) => y(yours?.aimPct ?? 0))([...windows]) ?? '';
  return { width, height, x, y, ribbon, aim, margin: MARGIN };
}

/** Humidities at which the ranges are worked out, from edge to edge of the picture. */
export function humiditiesIn({ x }: Pick<Geometry, 'x'>): readonly number[] {
  const [low = 0, high = 100] = x.domain();
  const STEPS = 16;
  return Array.from({ length: STEPS + 1 }, (_, i) => low + ((high - low) * i) / STEPS);
}

export const MARK_R = 5;

/** Each outcome has a shape of its own: a disk, a triangle, a cross. Around 0, 0. */
export const MARK_PATHS: Readonly<Record<OutcomeSeen, string>> = {
  good: `M${MARK_R} 0A${MARK_R} ${MARK_R} 0 1 1 ${-MARK_R} 0A${MARK_R} ${MARK_R} 0 1 1 ${MARK_R} 0z`,
  faults: `M0 ${-MARK_R - 1}L${MARK_R + 1} ${MARK_R}H${-MARK_R - 1}z`,
  unfinished: `M${-MARK_R} ${-MARK_R}L${MARK_R} ${MARK_R}M${MARK_R} ${-MARK_R}L${-MARK_R} ${MARK_R}`,
};

/** The mark nearest to a point of the picture, px; null where none is near. */
export function nearestTo(
  marks: readonly Mark[],
  { x, y }: Pick<Geometry, 'x' | 'y'>,
  at: { readonly x: number; readonly y: number },
  withinPx: number,
): Mark | null {
  let best: Mark | null = null;
  let bestPx = withinPx;
  for (const mark of marks) {
    const px = Math.hypot(x(mark.humidityPct) - at.x, y(mark.dampPct) - at.y);
    if (px <= bestPx) [best, bestPx] = [mark, px];
  }
  return best;
}

/** The next mark along an axis, for the arrow keys: equal ones follow each other by their codes. */
export function nextAlong(
  marks: readonly Mark[],
  from: Mark | null,
  axis: 'humidityPct' | 'dampPct',
  by: 1 | -1,
): Mark | null {
  const sorted = [...marks].sort((a, b) => a[axis] - b[axis] || (a.code < b.code ? -1 : 1));
  const at = from === null ? -1 : sorted.findIndex(({ id }) => id === from.id);
  if (at < 0) return sorted[by === 1 ? 0 : sorted.length - 1] ?? null;
  return sorted[Math.min(sorted.length - 1, Math.max(0, at + by))] ?? null;
}
