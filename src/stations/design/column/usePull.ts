import { tradeMass } from '@/core/formula/model/edit';
import type { FormulaBody } from '@/core/formula/model/schema';

interface PullOptions {
  readonly body: () => FormulaBody;
  /** Grams one px of the column stands for. */
  readonly gramsPerPx: () => number;
  readonly onMove: (body: FormulaBody) => void;
  readonly onEnd: () => void;
}

/** Pulls a boundary with a pointer: every move starts again from the body as it was when the pull began. */
export function usePull({ body, gramsPerPx, onMove, onEnd }: PullOptions) {
  let pull: {
    readonly upperId: string;
    readonly lowerId: string;
    readonly startY: number;
    readonly start: FormulaBody;
    readonly gramsPerPx: number;
  } | null = null;

  function startPull(upperId: string, lowerId: string, clientY: number): void {
    pull = { upperId, lowerId, startY: clientY, start: body(), gramsPerPx: gramsPerPx() };
  }

  function movePull(event: PointerEvent): void {
    if (!pull) return;
    const gainG = (event.clientY - pull.startY) * pull.gramsPerPx;
    onMove(tradeMass(pull.start, pull.upperId, pull.lowerId, onGrid(gainG, pull.gramsPerPx)));
  }

  function stopPull(): void {
    if (!pull) return;
    pull = null;
    onEnd();
  }

  return { startPull, movePull, stopPull };
}

/** A pull moves in whole grams where a px is a gram or more, else in tenths. */
function onGrid(gainG: number, gramsPerPx: number): number {
  return gramsPerPx >= 1 ? Math.round(gainG) : Math.round(gainG * 10) / 10;
}
