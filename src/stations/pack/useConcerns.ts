import type { Ref } from 'vue';
import { sayConcern } from '@/core/goods/products/concerns';
import type { Done } from '@/stores/goods';
import { useConfirmTwice } from '@/ui/fields/useConfirmTwice';

/**
 * An act on goods that may have to be asked first: from a lot on hold, past its day. The question stands as the problem, and
 * the same press again means it.
 */
export function useConcerns(problem: Ref<string>) {
  const { isSure } = useConfirmTwice(problem);

  function sureDone(act: (isSure: boolean) => Done): Done {
    const first = act(false);
    problem.value = first.ok ? '' : (first.problem ?? '');
    if (first.ok || first.problem !== null) return first;
    const doubt = first.asks.map(sayConcern).join(' ');
    if (!isSure(doubt, 'Press again to do it anyway.')) return first;
    const second = act(true);
    problem.value = second.ok ? '' : (second.problem ?? '');
    return second;
  }

  return { sureDone };
}
