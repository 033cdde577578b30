import { rebalance } from '@/core/rebalance';

/** What the worker answers: the core's function, nothing of its own. */
export const rebalanceApi = { rebalance };
export type RebalanceApi = typeof rebalanceApi;
