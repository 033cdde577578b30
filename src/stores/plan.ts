import { listed } from '@/core/basics/format/names';
import { defineStore } from 'pinia';
import { computed, ref, shallowRef, watch } from 'vue';
import { sameData } from '@/core/basics/sameData';
import { moldFromShelf } from '@/core/workshop/shelf/moldFromShelf';
import { packedDensityGMl } from '@/core/results/fizz/packedDensity';
import { describeMold } from '@/core/work/scaling/molds';
import { planScale } from '@/core/work/scaling/plan';
import { useOfLeftover } from '@/core/work/scaling/leftover';
import { requestFor, USUAL_REQUEST } from '@/core/work/scaling/request';
import type { FormulaBody } from '@/core/formula/model/schema';
import type { Mold } from '@/core/work/scaling/moldSchema';
import type { ScaleRequest, Way } from '@/core/work/scaling/requestSchema';
import { useShelfStore } from './shelf';
import { useWorkshopStore } from './workshop';

/** Where the first mold comes from, when the recipe says something of its pieces. */
function sayMold({ yieldPieces, yieldPiece }: FormulaBody, mold: Mold): string {
  if (yieldPiece?.sizeMm !== undefined)
    return `The mold comes from the recipe (${describeMold(mold)}). Pick your own if it differs.`;
  return yieldPieces === undefined && yieldPiece === undefined
    ? ''
    : `The mold fits the recipe’s pieces (${describeMold(mold)}). Pick your own if it differs.`;
}

/** What is asked for of the formula in hand, and the plan that comes of it with this workshop's means. */
export const usePlanStore = defineStore('plan', () => {
  const workshop = useWorkshopStore();
  const shelf = useShelfStore();

  const formula = computed(() => workshop.formulaInHand);
  const moldNote = ref('');
  /** Shallow: it is stored as it stands, and a store takes no reactive proxies. */
  const request = shallowRef<ScaleRequest>(lastRequest());
  const means = computed(() => shelf.meansFor(formula.value?.body.method ?? 'press'));
  const result = computed(() =>
    formula.value ? planScale(formula.value.body, request.value, means.value) : null,
  );
  const plan = computed(() => (result.value?.ok ? result.value.plan : null));
  const assigned = computed(() =>
    plan.value
      ? shelf.assign(plan.value.lines, plan.value.bowlCount)
      : { bowls: [], short: [], barred: [] },
  );
  const leftoverUse = computed(() => {
    if (!plan.value || !formula.value) return null;
    const density = means.value.packedGMl ?? packedDensityGMl(formula.value.body.method);
    return useOfLeftover(plan.value.leftoverG, workshop.molds, density.best);
  });
  const packedRecords = computed(
    () => shelf.packedFor(formula.value?.body.method ?? 'press')?.records ?? 0,
  );

  watch(
    () => formula.value?.id,
    () => (request.value = lastRequest()),
  );

  function lastRequest(): ScaleRequest {
    const inHand = workshop.formulaInHand;
    const known = workshop.settings.requests[inHand?.id ?? ''];
    moldNote.value = '';
    if (known) return asOnShelf(known);
    const first = inHand ? requestFor(inHand.body) : USUAL_REQUEST;
    moldNote.value = inHand ? sayMold(inHand.body, first.mold) : '';
    return {
      ...first,
      scaleStepG: workshop.settings.scaleStepG,
    };
  }

  /** A mold that was changed on the shelf changes the plan that uses it, and says so. */
  function asOnShelf(known: ScaleRequest): ScaleRequest {
    const changed: string[] = [];
    const follow = <S extends { readonly moldId: string | null; readonly mold: Mold }>(
      set: S,
    ): S => {
      const shelved = workshop.molds.find(({ id }) => id === set.moldId);
      const mold = shelved && moldFromShelf(shelved);
      if (!shelved || !mold || sameData(mold, set.mold)) return set;
      changed.push(shelved.name);
      return { ...set, mold };
    };
    const next = follow(known);
    const more = next.more?.map(follow);
    if (changed.length > 0)
      moldNote.value = `The shelf changed (${listed(changed)}). This plan follows it.`;
    return more ? { ...next, more } : next;
  }

  /** Asks for something else, and remembers it for this formula. */
  function ask(next: ScaleRequest): void {
    if (!sameData(next.mold, request.value.mold)) moldNote.value = '';
    request.value = next;
    if (!formula.value) return;
    workshop.changeSettings({
      requests: { ...workshop.settings.requests, [formula.value.id]: next },
      scaleStepG: next.scaleStepG,
    });
  }

  function setWay(lineId: string, way: Way): void {
    const others = Object.entries(request.value.ways).filter(([id]) => id !== lineId);
    ask({
      ...request.value,
      ways: Object.fromEntries([...others, [lineId, way]]),
    });
  }

  return {
    request,
    moldNote,
    means,
    result,
    plan,
    assigned,
    leftoverUse,
    packedRecords,
    ask,
    setWay,
  };
});
