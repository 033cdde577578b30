export { rebalance } from './rebalance';
export type { LineChange, RebalanceResult } from './rebalance';
export { sayClash } from './words';
export type { Clash } from './clash';
export { NO_WISHES, WISHES } from './wishes';
export type { WishId, Wishes } from './wishes';
