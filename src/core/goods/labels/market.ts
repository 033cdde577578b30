/** Where a thing is sold: whose rules its label follows. */
export const MARKETS = ['eu', 'uk', 'us'] as const;
export type Market = (typeof MARKETS)[number];

export const MARKET_WORDS: Readonly<Record<Market, string>> = { eu: 'EU', uk: 'UK', us: 'US' };

/** The UK keeps the form of the EU’s rules: grams alone, Latin names, hazard codes. */
export function isEuropean(market: Market): market is Exclude<Market, 'us'> {
  return market !== 'us';
}
