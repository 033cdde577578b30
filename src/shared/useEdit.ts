import type { Ref } from 'vue';
import type { CollectionName } from '@/storage/records/names';
import { mergeEdit, type Held } from '@/storage/merge/mergeEdit';
import { sameData } from '@/core/basics/sameData';
import { useConfirmTwice } from '@/ui/fields/useConfirmTwice';

/**
 * A form that stands open while another tab writes: what it did not touch stays as it is by now, and it asks where both
 * changed the same.
 * @param of the collection it writes to
 * @param problem where what is wrong stands in the form
 */
export function useEdit<K extends CollectionName | 'settings'>(of: K, problem: Ref<string>) {
  const { isSure } = useConfirmTwice(problem);
  let opened: Held<K> | null = null;

  /** @param record what the form shows; null for something new */
  function open(record: Held<K> | null): void {
    opened = record;
  }

  /**
   * @param edited makes what the form wrote out of what it was opened with
   * @param now what stands by now
   * @returns what is to be written, or null where it is asked first
   */
  function laidOver(edited: (opened: Held<K>) => Held<K>, now: Held<K>): Held<K> | null {
    const base = opened ?? now;
    const mine = edited(base);
    const { record, clashes } = mergeEdit(of, { opened: base, edited: mine, now });
    // There was none when the form was opened, and there is another one by now.
    const isAnother = opened === null && !sameData(mine, now);
    const doubt = clashes || isAnother ? 'This was changed elsewhere while you had it open.' : null;
    return isSure(doubt, 'Save again to keep yours.') ? record : null;
  }

  return { open, laidOver };
}
