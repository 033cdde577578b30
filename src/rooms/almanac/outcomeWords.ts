import type { OutcomeSeen } from '@/core/goods/archive/findBatches';

export const OUTCOME_SEEN_WORDS: Readonly<Record<OutcomeSeen, string>> = {
  good: 'Good',
  faults: 'With faults',
  unfinished: 'Not finished',
};
