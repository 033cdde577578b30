import { ref, type Ref } from 'vue';

/**
 * Asks once before something unlikely is written: the sentence stands as the problem, and the same press again means it.
 * @param problem where what is wrong stands on the screen
 */
export function useConfirmTwice(problem: Ref<string>) {
  const asked = ref('');

  /**
   * @returns true where it may be written
   * @param doubt what to ask, or null
   * @param meaning what the same press says
   */
  function isSure(doubt: string | null, meaning = 'Press again if it is.'): boolean {
    if (doubt === null || doubt === asked.value) {
      asked.value = '';
      return true;
    }
    asked.value = doubt;
    problem.value = `${doubt} ${meaning}`;
    return false;
  }

  return { isSure };
}
