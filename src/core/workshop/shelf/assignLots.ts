import type { LotsByLine } from '@/core/work/flow/weighStep';
import type { PlannedLine } from '@/core/work/scaling/planLines';
import type { Lot } from './lot';
import { isReady } from './made';

export interface AssignedLots {
  /** For each bowl. */
  readonly bowls: readonly LotsByLine[];
  /** Materials the shelf has lots of, but not enough of, with what is missing. */
  readonly short: ReadonlyArray<{ readonly materialId: string; readonly missingG: number }>;
  /** Materials of which every lot that holds something is on hold or past its day, with their codes. */
  readonly barred: readonly BarredMaterial[];
}
export interface BarredMaterial {
  readonly materialId: string;
  readonly onHold: readonly string[];
  readonly past: readonly string[];
  /** Made ahead, and still standing. */
  readonly notReady: readonly string[];
}

/**
 * Lots for each line: what expires first goes first, then what is open, then what came first; nothing from
 * quarantine, nothing past its expiry (past a retest day is offered). Premix lines take the premix they name.
 * @param lines of one bowl
 * @param left grams left by lot id
 * @param today ISO day
 */
export function assignLots(
  lines: readonly PlannedLine[],
  shelf: readonly Lot[],
  left: ReadonlyMap<string, number>,
  today: string,
  bowlCount = 1,
): AssignedLots {
  const remaining = new Map(left);
  const short = new Map<string, number>();
  const bowls = Array.from({ length: bowlCount }, () => {
    const lots: Record<string, { lotId: string; massG: number; code: string }[]> = {};
    for (const line of lines) {
      const usable = line.premix
        ? shelf.filter(({ id }) => id === line.premix?.lotId)
        : usableLots(line.materialId, shelf, today);
      if (usable.length === 0) continue;
      let wantedG = line.weighG;
      for (const lot of usable) {
        const takenG = Math.min(wantedG, Math.max(0, remaining.get(lot.id) ?? 0));
        if (!(takenG > 0)) continue;
        (lots[line.lineId] ??= []).push({ lotId: lot.id, massG: takenG, code: lot.code });
        remaining.set(lot.id, (remaining.get(lot.id) ?? 0) - takenG);
        wantedG -= takenG;
        if (!(wantedG > 1e-9)) break;
      }
      if (wantedG > 1e-9) short.set(line.materialId, (short.get(line.materialId) ?? 0) + wantedG);
    }
    return lots;
  });
  return {
    bowls,
    short: [...short].map(([materialId, missingG]) => ({ materialId, missingG })),
    barred: barredOf(lines, shelf, left, today),
  };
}

function barredOf(
  lines: readonly PlannedLine[],
  shelf: readonly Lot[],
  left: ReadonlyMap<string, number>,
  today: string,
): readonly BarredMaterial[] {
  const ids = new Set(lines.flatMap(({ premix, materialId }) => (premix ? [] : [materialId])));
  return [...ids].flatMap((materialId) => {
    const holding = (lot: Lot) => (left.get(lot.id) ?? 0) > 0;
    if (usableLots(materialId, shelf, today).some(holding)) return [];
    const there = shelf.filter(
      (lot) => lot.materialId === materialId && lot.premix === null && holding(lot),
    );
    if (there.length === 0) return [];
    const codes = (isSuch: (lot: Lot) => boolean) => there.filter(isSuch).map(({ code }) => code);
    return [
      {
        materialId,
        onHold: codes(({ isQuarantined }) => isQuarantined),
        past: codes((lot) => !lot.isQuarantined && isReadyOn(lot, today)),
        notReady: codes((lot) => !lot.isQuarantined && !isReadyOn(lot, today)),
      },
    ];
  });
}

/** What is ready in the course of a day counts for that day. */
const isReadyOn = (lot: Lot, today: string): boolean => isReady(lot, `${today}T23:59:59Z`);

/** Lots of a material that may be weighed from today, the first to be used first. @param today ISO day */
export function usableLots(
  materialId: string,
  shelf: readonly Lot[],
  today: string,
): readonly Lot[] {
  const never = '9999-12-31';
  return shelf
    .filter(
      (lot) =>
        lot.materialId === materialId &&
        lot.premix === null &&
        !lot.isQuarantined &&
        isReadyOn(lot, today) &&
        (lot.isRetest || lot.expiresOn === null || lot.expiresOn >= today),
    )
    .sort(
      (a, b) =>
        compare(a.expiresOn ?? never, b.expiresOn ?? never) ||
        compare(a.openedOn ?? never, b.openedOn ?? never) ||
        compare(a.receivedOn ?? never, b.receivedOn ?? never) ||
        compare(a.code, b.code),
    );
}

function compare(a: string, b: string): number {
  return a < b ? -1 : a > b ? 1 : 0;
}
