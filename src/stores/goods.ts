import { counted, formatCount } from '@/core/basics/format/numbers';
import { defineStore } from 'pinia';
import { computed } from 'vue';
import { newId } from '@/core/basics/newId';
import { changedAfter } from '@/core/goods/products/contents';
import { crumbledMaterial, crumbsBefore } from '@/core/goods/products/crumble';
import { withMolds } from '@/core/goods/products/byMold';
import { looseStock, overdrawn, unitsOnHand, wrappedStock } from '@/core/goods/products/stock';
import { lowPackaging, packagingLeft } from '@/core/goods/products/packaging';
import { standsOn } from '@/core/goods/products/moves';
import { takeUnits } from '@/core/goods/products/take';
import {
  concernsOfBatches,
  concernsOfRun,
  heldBatches,
  promisable,
  promisableLoose,
  type Concern,
} from '@/core/goods/products/concerns';
import type { Books } from '@/core/goods/products/recall';
import type { MoveOf, GoodsMove, NewMove } from '@/core/goods/products/schema';
import type { GoneWay, Grade } from '@/core/goods/products/kinds';
import { freeCode } from '@/core/batches/records/batchCode';
import type { Batch } from '@/core/batches/records/schema';
import { nowIso, today } from './now';
import { useShelfStore } from './shelf';
import { useWorkshopStore } from './workshop';

/** What came of an act: done, a sentence why not, or what has to be asked first; the same act with `isSure` then does it. */
export type Done =
  | { readonly ok: true }
  | { readonly ok: false; readonly problem: string }
  | { readonly ok: false; readonly problem: null; readonly asks: readonly Concern[] };
export const DONE: Done = { ok: true };
export const not = (problem: string): Done => ({ ok: false, problem });
export const ask = (asks: readonly Concern[]): Done => ({ ok: false, problem: null, asks });

/** Where goods go, and for what. */
export interface Away {
  readonly how: GoneWay;
  readonly to: string;
  readonly orderId: string | null;
  readonly each: number | null;
  readonly discountPct?: number;
}

/** What a day at the stall sold. */
export interface StallDay {
  readonly who: string;
  readonly note: string;
  readonly lines: readonly {
    readonly unitId: string;
    readonly count: number;
    /** Money for each; null without a price. */
    readonly each: number | null;
  }[];
}

/** Finished goods as they stand: computed from the batches and every move. A move is only added or taken back. */
export const useGoodsStore = defineStore('goods', () => {
  const workshop = useWorkshopStore();
  const shelf = useShelfStore();

  const loose = computed(() =>
    withMolds(looseStock(workshop.batches, workshop.goods, workshop.trials), workshop.goods),
  );
  const wrapped = computed(() => wrappedStock(workshop.goods));
  const onHand = computed(() => unitsOnHand(wrapped.value));
  /** Batches made from lots that are on hold, or rejected. */
  const held = computed(() => heldBatches(books.value, workshop.logbook));
  /** What may be promised: nothing from a lot on hold, nothing past its day. */
  const toPromise = computed(() => promisable(wrapped.value, held.value, today()));
  const looseToPromise = computed(() => promisableLoose(loose.value, held.value));
  /** Codes of what is here and is not promised: on hold, rejected, past its day. */
  const notPromised = computed(() => [
    ...new Set([
      ...wrapped.value
        .filter((one) => one.left > 0 && !toPromise.value.includes(one))
        .map(({ run }) => run.code),
      ...loose.value
        .filter((one) => one.left.good > 0 && !looseToPromise.value.includes(one))
        .map(({ batch }) => batch.code),
    ]),
  ]);
  const codeOf = (batchId: string) => workshop.codeOfBatch(batchId) ?? 'a removed batch';
  const concernsOf = (batchIds: readonly string[]) =>
    concernsOfBatches(batchIds, held.value, codeOf);
  const concernsOfWrapped = (run: MoveOf<'wrapped'>) => concernsOfRun(run, held.value, today());
  const overdrafts = computed(() => overdrawn(loose.value, wrapped.value));
  const left = computed(() => packagingLeft(workshop.packaging, workshop.goods));
  const low = computed(() => lowPackaging(workshop.packaging, left.value));
  const books = computed<Books>(() => ({
    lots: workshop.lots,
    lotMoves: shelf.moves,
    batches: workshop.batches,
    past: workshop.past,
    goods: workshop.goods,
    orders: workshop.orders,
    trials: workshop.trials,
  }));
  /** Codes that labels bear already. */
  function codes(): readonly string[] {
    return workshop.goods.flatMap((move) => (move.kind === 'wrapped' ? [move.code] : []));
  }

  function write(move: NewMove): GoodsMove {
    const who = workshop.settings.makerInHand;
    const full: GoodsMove = {
      ...move,
      id: newId(),
      origin: 'own',
      at: nowIso(),
      voidedAt: null,
      ...(who && { who }),
    };
    workshop.put('goods', [full]);
    return full;
  }

  /** Wrapped units away, what was wrapped first first. */
  function giveOut(unitId: string, count: number, away: Away, isSure = false): Done {
    const name = workshop.units.find(({ id }) => id === unitId)?.name ?? 'it';
    if (!(Number.isInteger(count) && count >= 1)) return not('Type at least 1.');
    const taken = takeUnits(unitId, count, wrapped.value);
    if (!taken.ok) return not(`There are only ${formatCount(taken.here)} of ${name}. Use fewer.`);
    const concerns = taken.taken.flatMap(({ wrappedId }) => {
      const of = wrapped.value.find(({ run }) => run.id === wrappedId);
      return of ? concernsOfWrapped(of.run) : [];
    });
    if (concerns.length > 0 && !isSure) return ask(concerns);
    write({ kind: 'gone', ...away, taken: [...taken.taken], loose: [], lotId: null });
    return DONE;
  }

  /** A day at the stall: all that was sold of it at once, or nothing. */
  function sellAtStall(day: StallDay, isSure = false): Done {
    const sold = day.lines.filter(({ count }) => count > 0);
    if (sold.length === 0) return not('Nothing was sold. Type what went out and what came back.');
    const orderId = newId();
    const takes = sold.map((line) => ({
      line,
      taken: takeUnits(line.unitId, line.count, wrapped.value),
    }));
    for (const { line, taken } of takes)
      if (!taken.ok) {
        const name = workshop.units.find(({ id }) => id === line.unitId)?.name ?? 'it';
        return not(`There are only ${formatCount(taken.here)} of ${name}. Use fewer.`);
      }
    const concerns = takes.flatMap(({ taken }) =>
      taken.ok
        ? taken.taken.flatMap(({ wrappedId }) => {
            const of = wrapped.value.find(({ run }) => run.id === wrappedId);
            return of ? concernsOfWrapped(of.run) : [];
          })
        : [],
    );
    if (concerns.length > 0 && !isSure) return ask(concerns);
    workshop.put('orders', [
      {
        id: orderId,
        origin: 'own',
        kind: 'stall',
        who: day.who,
        where: '',
        due: nowIso(),
        lines: sold.map(({ unitId, count }) => ({ unitId, count })),
        repeatDays: null,
        isCalledOff: false,
        note: day.note,
      },
    ]);
    for (const { line, taken } of takes)
      if (taken.ok)
        write({
          kind: 'gone',
          how: 'sold',
          to: day.who,
          orderId,
          each: line.each,
          taken: [...taken.taken],
          loose: [],
          lotId: null,
        });
    return DONE;
  }

  /** Unwrapped pieces away; crumbled ones become a lot of embed powder. */
  function useLoose(batch: Batch, grade: Grade, pieces: number, away: Away, isSure = false): Done {
    const here = loose.value.find((one) => one.batch.id === batch.id)?.left[grade] ?? 0;
    if (!(Number.isInteger(pieces) && pieces >= 1)) return not('Type at least 1.');
    if (pieces > here)
      return not(`There are only ${formatCount(here)} of ${batch.code}. Use fewer.`);
    // What is thrown away or tested leaves nobody’s hands.
    const concerns = away.how === 'thrown-away' ? [] : concernsOf([batch.id]);
    if (concerns.length > 0 && !isSure) return ask(concerns);
    const lotId = away.how === 'crumbled' ? crumble(batch, pieces) : null;
    write({
      kind: 'gone',
      ...away,
      taken: [],
      loose: [{ batchId: batch.id, grade, pieces }],
      lotId,
    });
    return DONE;
  }

  function crumble(batch: Batch, pieces: number): string {
    const made = crumbledMaterial(batch, workshop.catalog, newId());
    const known = crumbsBefore(batch, made, workshop);
    const material = known ?? made;
    if (!known) workshop.put('materials', [material]);
    const taken = new Set(workshop.lots.map((lot) => lot.code));
    const code = `${batch.code}-crumbs`;
    const isFree = (one: string) => !taken.has(one);
    const id = newId();
    workshop.put('lots', [
      {
        id,
        origin: 'own',
        code: isFree(code) ? code : freeCode(code, isFree),
        materialId: material.id,
        supplier: '',
        receivedOn: nowIso().slice(0, 10),
        openedOn: null,
        expiresOn: null,
        isRetest: false,
        receivedG: pieces * batch.plan.pieceG,
        cost: null,
        isQuarantined: false,
        counts: [],
        premix: null,
        note: `Crumbled from ${counted(pieces, 'piece')} of ${batch.code}.`,
      },
    ]);
    return id;
  }

  function grade(
    batch: Batch,
    from: Grade,
    to: 'second' | 'rejected',
    pieces: number,
    why: string,
  ) {
    const here = loose.value.find((one) => one.batch.id === batch.id)?.left[from] ?? 0;
    if (!(Number.isInteger(pieces) && pieces >= 1)) return not('Type at least 1.');
    if (pieces > here)
      return not(`There are only ${formatCount(here)} of ${batch.code}. Use fewer.`);
    write({ kind: 'graded', batchId: batch.id, from, to, pieces, why });
    return DONE;
  }

  /** Counted by hand: what is really there. */
  function count(
    of: Extract<NewMove, { kind: 'counted' }>['of'],
    there: number,
    why: string,
  ): Done {
    const computed =
      of.kind === 'wrapped'
        ? wrapped.value.find(({ run }) => run.id === of.wrappedId)?.left
        : loose.value.find(({ batch }) => batch.id === of.batchId)?.left[of.grade];
    if (!(Number.isInteger(there) && there >= 0)) return not('Type a whole number.');
    if (computed === undefined) return not('That is no longer in stock.');
    if (there !== computed) write({ kind: 'counted', of, change: there - computed, why });
    return DONE;
  }

  /** Takes a move back; one that others stand on stays. */
  function strike(moveId: string): Done {
    const move = workshop.goods.find(({ id }) => id === moveId);
    if (!move || move.voidedAt !== null) return DONE;
    const upon = standsOn(move, workshop.goods);
    if (upon.length > 0)
      return not('Some of these were handed out already. Undo that first, then the wrapping.');
    workshop.put('goods', [{ ...move, voidedAt: nowIso() }]);
    return DONE;
  }

  /** Batches of a wrapping that were corrected after it: their labels may say something else now. */
  function correctedSince(run: Extract<GoodsMove, { kind: 'wrapped' }>): readonly string[] {
    return run.from.flatMap(({ batchId }) => {
      const batch = workshop.batches.find(({ id }) => id === batchId);
      return batch && changedAfter(batch, run.at) ? [batch.code] : [];
    });
  }

  return {
    loose,
    wrapped,
    onHand,
    held,
    toPromise,
    looseToPromise,
    concernsOf,
    concernsOfWrapped,
    notPromised,
    overdrafts,
    left,
    low,
    books,
    codes,
    write,
    giveOut,
    sellAtStall,
    useLoose,
    grade,
    count,
    strike,
    correctedSince,
  };
});
