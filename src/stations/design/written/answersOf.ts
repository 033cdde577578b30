import type { UnreadLine } from '@/core/formula/model/schema';

export const MOST_CHOICES = 4;

export interface Answers {
  /** Materials it may be. */
  readonly materialIds: readonly string[];
  /** Can a material be made of its name? */
  readonly canMake: boolean;
}

/** What a question can be answered with: where the amount is what is asked for, a name is no answer. */
export function answersOf({ reason, choices }: UnreadLine): Answers {
  const asksAmount = reason.code === 'vague' || reason.code === 'no-amount';
  return {
    materialIds: asksAmount ? [] : choices.slice(0, MOST_CHOICES),
    canMake: reason.code === 'unknown' || reason.code === 'guess' || reason.code === 'ambiguous',
  };
}
