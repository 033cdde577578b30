import { defineStore } from 'pinia';
import type { Formula } from '@/core/formula/model/schema';
import { bowlOf, type BowlResult } from '@/core/goods/planning/bowl';
import { requestFor } from '@/core/work/scaling/request';
import type { ScaleRequest } from '@/core/work/scaling/requestSchema';
import { useShelfStore } from './shelf';
import { useWorkshopStore } from './workshop';

/** What one bowl of a formula is, wherever bowls are counted: its own request in its own mold. */
export const useBowlsStore = defineStore('bowls', () => {
  const workshop = useWorkshopStore();
  const shelf = useShelfStore();

  const requestOf = ({ id, body }: Pick<Formula, 'id' | 'body'>): ScaleRequest =>
    workshop.settings.requests[id] ?? requestFor(body);
  const moldOf = ({ moldId }: ScaleRequest) =>
    workshop.molds.find(({ id }) => id === moldId) ?? null;

  function bowlFor(formula: Formula): BowlResult {
    const request = requestOf(formula);
    const means = shelf.meansFor(formula.body.method);
    return bowlOf(formula.body, request, means, moldOf(request)?.cavities ?? null);
  }

  return { requestOf, moldOf, bowlFor };
});
