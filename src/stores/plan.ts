import { defineStore } from 'pinia';
import { computed, shallowRef, watch } from 'vue';
import {
  packedDensityGMl,
  planScale,
  useOfLeftover,
  usualRequest,
  type ScaleRequest,
  type Way,
} from '@/core/scaling';
import { useShelfStore } from './shelf';
import { useWorkshopStore } from './workshop';

/** What is asked for of the formula in hand, and the plan that comes of it with this workshop's means. */
export const usePlanStore = defineStore('plan', () => {
  const workshop = useWorkshopStore();
  const shelf = useShelfStore();

  const formula = computed(() => workshop.formulaInHand);
  /** Shallow: it is stored as it stands, and a store takes no reactive proxies. */
  const request = shallowRef<ScaleRequest>(lastRequest());
  const means = computed(() => shelf.meansFor(formula.value?.body.method ?? 'press'));
  const result = computed(() =>
    formula.value ? planScale(formula.value.body, request.value, means.value) : null,
  );
  const plan = computed(() => (result.value?.ok ? result.value.plan : null));
  const assigned = computed(() =>
    plan.value ? shelf.assign(plan.value.lines, plan.value.bowlCount) : { bowls: [], short: [] },
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
    return (
      workshop.settings.requests[inHand?.id ?? ''] ?? {
        ...usualRequest(inHand?.body.family ?? 'bath-bomb'),
        scaleStepG: workshop.settings.scaleStepG,
      }
    );
  }

  /** Asks for something else, and remembers it for this formula. */
  function ask(next: ScaleRequest): void {
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
      ways: Object.fromEntries(way.kind === 'scale' ? others : [...others, [lineId, way]]),
    });
  }

  return {
    request,
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
