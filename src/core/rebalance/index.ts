export { rebalance, rebalanceExactly } from './rebalance';
export type { LineChange, RebalanceResult } from './rebalance';
export { sayClash } from './words';
export type { Clash } from './clash';
export { NO_WISHES, SPREADS, WISHES } from './wishes';
export type { Spreading, WishId, Wishes } from './wishes';
