import { entryAt } from '@/core/basics/entryAt';
import type { Line } from '@/core/formula/model/schema';
import type { Phase } from '@/core/matter/materials/types';

/** Thinner than this a stratum cannot be told from a line, in px. */
const TRACE_BELOW_PX = 5;
const MAGNIFICATIONS = [2, 5, 10, 20, 50, 100, 200, 500, 1000];
/** The magnified strip takes at most this share of the column's height. */
const STRIP_SHARE = 0.32;

export interface Stratum {
  readonly lineId: string;
  readonly y: number;
  readonly height: number;
}

export interface ColumnLayout {
  readonly heightPx: number;
  readonly strata: readonly Stratum[];
  /** Center of each line's row, in px from the top, kept at least a row apart and as near its stratum as can be. */
  readonly rowCenters: readonly number[];
  /** Where a leader starts: the middle of the stratum, or of its magnified picture. */
  readonly leaderStarts: readonly { readonly y: number; readonly isTrace: boolean }[];
  readonly phases: readonly {
    readonly phase: Phase;
    readonly y: number;
    readonly height: number;
  }[];
  /** Traces drawn larger beside the column; null when every stratum can be seen. */
  readonly magnified: {
    readonly times: number;
    readonly y: number;
    readonly height: number;
    readonly strata: readonly Stratum[];
  } | null;
}

/**
 * Lays a part out as a standing core: thickness by mass, rows beside it.
 * @param lines in the order they stand; grams 0 or more
 * @param roomPx height that is there; the column grows beyond it when the rows need more
 * @param rowPx height of a row, over 0
 */
export function layoutColumn(lines: readonly Line[], roomPx: number, rowPx: number): ColumnLayout {
  const heightPx = Math.max(roomPx, lines.length * rowPx);
  const totalG = lines.reduce((sum, line) => sum + line.massG, 0);
  const strata = stacked(lines, 0, totalG > 0 ? heightPx / totalG : 0);
  const middles = strata.map(({ y, height }) => y + height / 2);
  const rowCenters = spreadOut(middles, rowPx, heightPx);
  const magnified = magnify(lines, strata, rowCenters, heightPx);
  const magnifiedById = new Map(magnified?.strata.map((stratum) => [stratum.lineId, stratum]));
  return {
    heightPx,
    strata,
    rowCenters,
    leaderStarts: strata.map((stratum) => {
      const shown = magnifiedById.get(stratum.lineId);
      const { y, height } = shown ?? stratum;
      return { y: y + height / 2, isTrace: shown !== undefined };
    }),
    phases: phaseSpans(lines, strata),
    magnified,
  };
}

/** Strata alone, as an offered column would have them at the same height. */
export function strataOf(lines: readonly Line[], heightPx: number): readonly Stratum[] {
  const totalG = lines.reduce((sum, line) => sum + line.massG, 0);
  return stacked(lines, 0, totalG > 0 ? heightPx / totalG : 0);
}

/** A sum of grams moves in its last digit with each pull: what stays must not seem to move. px */
const onGrid = (px: number) => Math.round(px * 1e9) / 1e9;

function stacked(lines: readonly Line[], top: number, pxPerG: number): readonly Stratum[] {
  let y = top;
  return lines.map((line) => {
    const height = line.massG * pxPerG;
    const stratum = { lineId: line.id, y: onGrid(y), height: onGrid(height) };
    y += height;
    return stratum;
  });
}

function phaseSpans(lines: readonly Line[], strata: readonly Stratum[]) {
  const spans: { phase: Phase; y: number; height: number }[] = [];
  lines.forEach((line, i) => {
    const { y, height } = entryAt(strata, i);
    const last = spans.at(-1);
    if (last?.phase === line.phase) last.height += height;
    else spans.push({ phase: line.phase, y, height });
  });
  return spans;
}

function magnify(
  lines: readonly Line[],
  strata: readonly Stratum[],
  rowCenters: readonly number[],
  heightPx: number,
): ColumnLayout['magnified'] {
  const indexes = strata.flatMap(({ height }, i) =>
    height > 0 && height < TRACE_BELOW_PX ? [i] : [],
  );
  if (indexes.length === 0) return null;
  const traces = indexes.map((i) => entryAt(lines, i));
  const plainPx = indexes.reduce((sum, i) => sum + entryAt(strata, i).height, 0);
  const times =
    MAGNIFICATIONS.findLast((factor) => plainPx * factor <= heightPx * STRIP_SHARE) ?? 2;
  const tracesG = traces.reduce((sum, line) => sum + line.massG, 0);
  const height = plainPx * times;
  const center = indexes.reduce((sum, i) => sum + entryAt(rowCenters, i), 0) / indexes.length;
  const y = Math.min(Math.max(0, center - height / 2), heightPx - height);
  return { times, y, height, strata: stacked(traces, y, height / tracesG) };
}

/**
 * Moves wanted positions apart by at least `gap` with the least squared displacement, in order,
 * by pooling neighbors that would overlap (isotonic regression).
 */
export function spreadOut(wanted: readonly number[], gap: number, room: number): readonly number[] {
  const pools: { sum: number; count: number }[] = [];
  wanted.forEach((position, i) => {
    let pool = { sum: position - i * gap, count: 1 };
    for (let last = pools.at(-1); last && mean(last) > mean(pool); last = pools.at(-1)) {
      pool = { sum: last.sum + pool.sum, count: last.count + pool.count };
      pools.pop();
    }
    pools.push(pool);
  });
  const highest = room - gap / 2 - (wanted.length - 1) * gap;
  return pools
    .flatMap((pool) => Array.from({ length: pool.count }, () => mean(pool)))
    .map((base, i) => Math.max(gap / 2, Math.min(highest, base)) + i * gap);
}

function mean({ sum, count }: { sum: number; count: number }): number {
  return sum / count;
}
