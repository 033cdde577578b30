/** Where a thing is sold: whose rules its label follows. */
export const MARKETS = ['eu', 'us'] as const;
export type Market = (typeof MARKETS)[number];
