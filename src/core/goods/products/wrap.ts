import type { Batch } from '@/core/batches/records/schema';
import type { LooseStock } from './given';
import type { Grade } from './kinds';
import type { SaleUnit } from './schema';

/** Pieces of a batch for a wrapping. */
export interface FromBatch {
  readonly batchId: string;
  readonly grade: Grade;
  readonly pieces: number;
  readonly moldId?: string;
}

export type WrapPlan =
  | { readonly ok: true; readonly from: readonly FromBatch[] }
  | {
      readonly ok: false;
      readonly formulaId: string;
      readonly grade: Grade;
      readonly wanted: number;
      readonly here: number;
    };

/**
 * Pieces for so many units, of the batch in hand first, else of the oldest. What is not there is said.
 * @param firstId batch that goes first; null for the oldest
 */
export function wrapFrom(
  { contents }: Pick<SaleUnit, 'contents'>,
  count: number,
  stock: readonly LooseStock[],
  firstId: string | null,
): WrapPlan {
  const from: FromBatch[] = [];
  const taken = new Map<string, number>();
  for (const { formulaId, grade, pieces, moldId } of contents) {
    const wanted = pieces * count;
    let open = wanted;
    const own = stock.filter(({ batch }) => batch.formulaId === formulaId);
    const inOrder = [
      ...own.filter(({ batch }) => batch.id === firstId),
      ...own.filter(({ batch }) => batch.id !== firstId),
    ];
    for (const { batch, left, molds = [] } of inOrder) {
      const key = `${batch.id} ${grade}`;
      const moldKey = `${key} ${moldId ?? ''}`;
      const ofMold =
        moldId === undefined
          ? Infinity
          : (molds.find((one) => one.moldId === moldId)?.pieces ?? 0) - (taken.get(moldKey) ?? 0);
      const free = Math.max(0, Math.min(ofMold, left[grade] - (taken.get(key) ?? 0)));
      const takes = Math.min(free, open);
      if (takes === 0) continue;
      open -= takes;
      taken.set(key, (taken.get(key) ?? 0) + takes);
      if (moldId !== undefined) taken.set(moldKey, (taken.get(moldKey) ?? 0) + takes);
      from.push({ batchId: batch.id, grade, pieces: takes, ...(moldId && { moldId }) });
    }
    if (open > 0) return { ok: false, formulaId, grade, wanted, here: wanted - open };
  }
  return { ok: true, from: merged(from) };
}

/** How many units these loose pieces make. */
export function mostUnits(
  unit: Pick<SaleUnit, 'contents'>,
  stock: readonly LooseStock[],
  firstId: string | null,
): number {
  let most = 0;
  let step = 1024;
  // Whole numbers, one more is never easier: halve the steps.
  while (step >= 1) {
    if (wrapFrom(unit, most + step, stock, firstId).ok) most += step;
    else step /= 2;
  }
  return most;
}

/** The code on the label: the batch’s own where one batch is in it, else the unit’s initials with a number. */
export function wrapCode(
  unitName: string,
  from: readonly FromBatch[],
  batches: readonly Batch[],
  existing: readonly string[],
): string {
  const codes = [
    ...new Set(from.flatMap(({ batchId }) => batches.find(({ id }) => id === batchId)?.code ?? [])),
  ];
  if (codes.length === 1 && codes[0] !== undefined) return codes[0];
  const initials =
    (unitName.toUpperCase().match(/[A-Z0-9]+/g) ?? ['P'])
      .map((word) => word.charAt(0))
      .join('')
      .slice(0, 3) || 'P';
  const numbers = existing
    .filter((code) => code.startsWith(`${initials}-P`))
    .map((code) => Number(code.slice(initials.length + 2)))
    .filter(Number.isInteger);
  return `${initials}-P${String(Math.max(0, ...numbers) + 1).padStart(3, '0')}`;
}

function merged(from: readonly FromBatch[]): readonly FromBatch[] {
  const sums = new Map<string, FromBatch>();
  for (const one of from) {
    const key = `${one.batchId} ${one.grade} ${one.moldId ?? ''}`;
    sums.set(key, { ...one, pieces: (sums.get(key)?.pieces ?? 0) + one.pieces });
  }
  return [...sums.values()];
}
