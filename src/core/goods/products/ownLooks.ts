import { DAY_MS } from '@/core/basics/time';
import {
  correctedBy,
  shelfLifeFactor,
  type ShelfLifeFactor,
} from '@/core/batches/shelf-life/corrected';
import type { StaysHard } from '@/core/batches/shelf-life/staysHard';
import { countOf, standing } from '@/core/batches/records/summary';
import { unitStaysHard, type LabelBooks, type LabeledLine } from './labelOf';
import type { SaleUnit } from './schema';

/** By the nail: from here on a kept-back piece is still hard, 0 to 5. Rovack estimate. */
const HARD_FROM = 3;

/** How this maker’s kept-back pieces of a unit’s formulas keep against the model; null while none tells. */
export function ownShelfLifeOf(
  unit: SaleUnit,
  books: Pick<LabelBooks, 'batches' | 'catalog' | 'packagings'>,
): ShelfLifeFactor | null {
  const formulaIds = new Set(unit.contents.map(({ formulaId }) => formulaId));
  return shelfLifeFactor(
    books.batches
      .filter(({ formulaId }) => formulaIds.has(formulaId))
      .flatMap((batch) => {
        const looks = standing(batch, 'looked');
        if (looks.length === 0) return [];
        const line: LabeledLine = { formula: null, grade: 'good', pieces: 1, batches: [batch] };
        const forecastDays = unitStaysHard(unit, [line], books)?.days ?? null;
        const madeMs = Date.parse(countOf(batch)?.at ?? batch.startedAt);
        return looks.map(({ at, hard }) => ({
          ageDays: (Date.parse(at) - madeMs) / DAY_MS,
          isHard: hard >= HARD_FROM,
          forecastDays,
        }));
      }),
  );
}

/** How long a unit stays hard, as its own looks correct it. */
export function unitKeeps(
  unit: SaleUnit,
  lines: readonly LabeledLine[],
  books: Pick<LabelBooks, 'batches' | 'catalog' | 'packagings'>,
): { readonly hard: StaysHard | null; readonly own: ShelfLifeFactor | null } {
  const model = unitStaysHard(unit, lines, books);
  const own = ownShelfLifeOf(unit, books);
  return { hard: model && correctedBy(model, own), own };
}
