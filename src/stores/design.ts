import { defineStore } from 'pinia';
import { computed, ref, shallowRef, watch, watchEffect } from 'vue';
import { conditionsFor } from '@/core/workshop/settings/conditionsFor';
import type { Conditions } from '@/core/results/conditions/types';
import { evaluate } from '@/core/results/evaluation/evaluate';
import type { Evaluation, Finding } from '@/core/results/evaluation/types';
import { keepVersion } from '@/core/formula/model/versions';
import type { FormulaBody } from '@/core/formula/model/schema';
import { requestFor, USUAL_REQUEST } from '@/core/work/scaling/request';
import { usualPieceG } from '@/core/work/scaling/usualPiece';
import type { Mold } from '@/core/work/scaling/moldSchema';
import type { ScaleRequest } from '@/core/work/scaling/requestSchema';
import { nowIso } from './now';
import { useWorkshopStore } from './workshop';

/** A piece of the formula in hand, and where its size comes from. */
interface Piece {
  readonly id: string;
  readonly asked: ScaleRequest | undefined;
  readonly mold: Mold;
  readonly pieceG: number;
}
/** Two pieces this near are one. */
const SAME_PIECE_G = 0.05;

interface History {
  readonly past: readonly FormulaBody[];
  readonly future: readonly FormulaBody[];
}

const NO_HISTORY: History = { past: [], future: [] };

/** The formula in hand with its undo, redo and live readings. Undo lasts the visit, by formula. */
export const useDesignStore = defineStore('design', () => {
  const workshop = useWorkshopStore();
  /** By formula id, for as long as the visit lasts. */
  const histories = shallowRef<ReadonlyMap<string, History>>(new Map());
  let pullStart: FormulaBody | null = null;
  /** A hand is on a boundary: what is told in sentences waits until it lets go. */
  const isPulling = ref(false);
  /** What stood out when nothing was being pulled. */
  const findings = shallowRef<readonly Finding[]>([]);
  /** What is offered but not taken: drawn over the column as a ghost. */
  const preview = shallowRef<FormulaBody | null>(null);

  const formula = computed(() => workshop.formulaInHand);
  const body = computed(() => formula.value?.body ?? null);
  /** Mold and grams a piece as last asked for, else as the recipe has its pieces; the same while a pull only trades grams. */
  const piece = computed<Piece>((before) => {
    const of = body.value;
    const id = formula.value?.id ?? '';
    const asked = workshop.settings.requests[id];
    const { mold, fillG } = asked ?? (of ? requestFor(of) : USUAL_REQUEST);
    const pieceG = fillG ?? usualPieceG(mold, of?.method ?? 'press');
    const isSame =
      before?.id === id &&
      before.asked === asked &&
      before.mold.shape === mold.shape &&
      Math.abs(before.pieceG - pieceG) < SAME_PIECE_G;
    return isSame ? before : { id, asked, mold, pieceG };
  });
  const mold = computed(() => piece.value.mold);
  const pieceG = computed(() => (body.value ? piece.value.pieceG : null));
  const method = computed(() => body.value?.method);
  const family = computed(() => body.value?.family);
  /** Made again for another place, room or record; a pull moves none of these. */
  const conditions = computed<Conditions>(() =>
    conditionsFor(
      workshop.facts,
      { family: family.value ?? 'bath-bomb', method: method.value ?? 'press' },
      pieceG.value,
    ),
  );
  const evaluation = computed<Evaluation | null>(() =>
    body.value ? evaluate(body.value, conditions.value) : null,
  );
  watchEffect(() => {
    if (!isPulling.value) findings.value = evaluation.value?.findings ?? [];
  });
  const history = computed(() => histories.value.get(formula.value?.id ?? '') ?? NO_HISTORY);
  const canUndo = computed(() => history.value.past.length > 0);
  const canRedo = computed(() => history.value.future.length > 0);

  watch(
    () => formula.value?.id,
    () => {
      pullStart = null;
      isPulling.value = false;
      preview.value = null;
    },
  );

  function remember(next: History): void {
    if (formula.value) histories.value = new Map(histories.value).set(formula.value.id, next);
  }

  /** Takes a new body as one step of undo. */
  function change(next: FormulaBody): void {
    const current = body.value;
    if (!current || next === current) return;
    const { past } = history.value;
    setBody(next);
    remember({ past: [...past, current], future: [] });
  }

  /** While a boundary is pulled every move repaints, and the whole pull is one step of undo. */
  function pull(next: FormulaBody): void {
    pullStart ??= body.value;
    isPulling.value = true;
    setBody(next, workshop.pullFormula);
  }

  function endPull(): void {
    if (pullStart && pullStart !== body.value)
      remember({ past: [...history.value.past, pullStart], future: [] });
    if (pullStart && formula.value) workshop.putFormula(formula.value);
    pullStart = null;
    isPulling.value = false;
  }

  function undo(): void {
    const { past, future } = history.value;
    const previous = past.at(-1);
    if (!previous || !body.value) return;
    remember({ past: past.slice(0, -1), future: [body.value, ...future] });
    setBody(previous);
  }

  function redo(): void {
    const { past, future } = history.value;
    const [next, ...rest] = future;
    if (!next || !body.value) return;
    remember({ past: [...past, body.value], future: rest });
    setBody(next);
  }

  function rename(name: string): void {
    if (formula.value) workshop.putFormula({ ...formula.value, name, changedAt: nowIso() });
  }

  function keep(name = ''): void {
    if (formula.value) workshop.putFormula(keepVersion(formula.value, nowIso(), name));
  }

  function setPreview(offered: FormulaBody | null): void {
    preview.value = offered;
  }

  function setBody(next: FormulaBody, put = workshop.putFormula): void {
    if (formula.value) put({ ...formula.value, body: next, changedAt: nowIso() });
    preview.value = null;
  }

  return {
    formula,
    body,
    mold,
    pieceG,
    conditions,
    evaluation,
    findings,
    isPulling,
    canUndo,
    canRedo,
    change,
    pull,
    endPull,
    undo,
    redo,
    rename,
    keep,
    preview,
    setPreview,
  };
});
