import { useEventListener, useMediaQuery } from '@vueuse/core';
import { onScopeDispose, ref, watch, type Ref } from 'vue';
import type { SortableEvent } from 'vue-draggable-plus';

interface Reordering {
  /** What a row is taken by. */
  readonly handle: string;
  readonly animationMs: number;
  /** A row was let go at another place. */
  readonly onDrop: (from: number, to: number) => void;
}

/**
 * Rows of a list that can be dragged to another place. What drags them is loaded when a pointer comes near the
 * list, with fingers when the list is there.
 * @param list whose children are the rows
 * @returns whether a row can be dragged now
 */
export function useReorder(
  list: Readonly<Ref<HTMLElement | null>>,
  { handle, animationMs, onDrop }: Reordering,
): { readonly isReady: Readonly<Ref<boolean>> } {
  const isReady = ref(false);
  const isTouch = useMediaQuery('(pointer: coarse)');
  const stop: (() => void)[] = [];
  let isAsked = false;

  async function begin(): Promise<void> {
    if (isAsked) return;
    isAsked = true;
    const { useDraggable } = await import('vue-draggable-plus');
    if (!list.value) return;
    const { destroy } = useDraggable(list.value, {
      handle,
      animation: animationMs,
      onUpdate: ({ from, item, oldIndex, newIndex }: SortableEvent) => {
        if (oldIndex === undefined || newIndex === undefined) return;
        // Put back where it was: the rows are drawn in their new order when that is known.
        item.remove();
        from.insertBefore(item, from.children[oldIndex] ?? null);
        onDrop(oldIndex, newIndex);
      },
    });
    stop.push(destroy);
    isReady.value = true;
  }

  useEventListener(list, ['pointerenter', 'pointerdown'], () => void begin());
  watch([list, isTouch], () => void (list.value && isTouch.value && begin()), { flush: 'post' });
  onScopeDispose(() => stop.forEach((one) => one()));
  return { isReady };
}
